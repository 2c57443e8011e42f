using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(Share), "share")]
[JsonDerivedType(typeof(Ladder), "ladder")]
[JsonDerivedType(typeof(Ratio), "ratio")]
[JsonDerivedType(typeof(AllDifferent), "allDifferent")]
public abstract partial record RuleCheck
{
    /// <summary>A group's part of the whole, against a target.</summary>
    public sealed record Share : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label by which they are grouped.</summary>
        public PieceSide Label { get; init; }

        /// <summary>The group: a value of that label.</summary>
        public required string Group { get; init; }

        /// <summary>Of the number of pieces, or of their points.</summary>
        public ShareOf Of { get; init; }

        /// <summary>The target, in percent.</summary>
        public required decimal Percent { get; init; }

        /// <summary>How far off it may be, in percentage points, included.</summary>
        public decimal Tolerance { get; init; }
    }

    /// <summary>The smallest piece of each size against the largest of the size before.</summary>
    public sealed record Ladder : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label whose values go from small to large.</summary>
        public PieceSide Label { get; init; }

        /// <summary>What is compared.</summary>
        public PieceDimension Dimension { get; init; }

        /// <summary>How many times as large each must be at least; with 1 it must be larger.</summary>
        public decimal Times { get; init; } = 1;
    }

    /// <summary>The length of every piece in proportion to its width.</summary>
    public sealed record Ratio : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The smallest ratio; none where absent.</summary>
        public decimal? AtLeast { get; init; }

        /// <summary>The largest ratio; none where absent.</summary>
        public decimal? AtMost { get; init; }

        /// <summary>Decimals at which ratios are compared, 0 to 6.</summary>
        public int Decimals { get; init; } = 2;
    }

    /// <summary>No two groups may have pieces of the same proportion.</summary>
    public sealed record AllDifferent : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label whose groups must differ.</summary>
        public PieceSide Label { get; init; }

        /// <summary>Decimals at which ratios are compared, 0 to 6.</summary>
        public int Decimals { get; init; } = 2;
    }
}

/// <summary>Checks rules about pieces. Shares and ladders compare exactly, ratios at the declared decimals.</summary>
internal static class PiecesRules
{
    /// <summary>How a rule about pieces came out, with what was found in words; null where nothing has been counted.</summary>
    public static (bool Met, string Value, string Limit)? Check(RuleCheck check, PartPlan.Pieces plan, DesignRecord design)
    {
        if (PiecesScore.Counted(plan.Is, design) is not { } counted) return null;
        var pieces = counted.Pieces.Where(p => p.Count > 0).ToList();
        return check switch
        {
            RuleCheck.Share share => Check(share, plan, pieces),
            RuleCheck.Ladder ladder => Check(ladder, plan, pieces),
            RuleCheck.Ratio ratio => Check(ratio, pieces),
            RuleCheck.AllDifferent different => Check(different, pieces),
            _ => throw new System.Diagnostics.UnreachableException(),
        };
    }

    private static (bool, string, string)? Check(RuleCheck.Share share, PartPlan.Pieces plan, List<PieceGroup> pieces)
    {
        decimal Size(PieceGroup group) => group.Count * (share.Of == ShareOf.Count ? 1 : PiecesScore.Points(plan, group) is { HasValue: true } each ? each.Number : 0);
        var whole = pieces.Sum(Size);
        if (whole == 0) return null;
        var percent = 100 * pieces.Where(p => p.Label(share.Label) == share.Group).Sum(Size) / whole;
        var tolerance = share.Tolerance > 0 ? $" ± {ReadingFormat.Number(share.Tolerance)}" : "";
        return (Math.Abs(percent - share.Percent) <= share.Tolerance, $"{ReadingFormat.Number(Rounding.ToDecimals(percent, 1))}%", $"{ReadingFormat.Number(share.Percent)}%{tolerance}");
    }

    private static (bool, string, string)? Check(RuleCheck.Ladder ladder, PartPlan.Pieces plan, List<PieceGroup> pieces)
    {
        var order = (ladder.Label == PieceSide.First ? plan.Is.First : plan.Is.Second).Values.Select(v => v.Name).ToList();
        var steps = order
            .Select(name => (Name: name, Sizes: pieces.Where(p => p.Label(ladder.Label) == name).Select(p => Dimension(p, ladder.Dimension)).ToList()))
            .Where(s => s.Sizes.Count > 0)
            .ToList();
        if (steps.Any(s => s.Sizes.Any(v => v is null))) return null;
        var limit = ladder.Times == 1 ? "each larger than the one before" : $"each at least {ReadingFormat.Number(ladder.Times)} times the one before";
        for (var i = 1; i < steps.Count; i++)
        {
            var (least, most) = (steps[i].Sizes.Min()!.Value, steps[i - 1].Sizes.Max()!.Value);
            if (ladder.Times == 1 ? least > most : least >= most * ladder.Times) continue;
            return (false, $"the smallest {steps[i].Name} is {ReadingFormat.Number(least)}, the largest {steps[i - 1].Name} {ReadingFormat.Number(most)}", limit);
        }

        return (true, $"{steps.Count} sizes in order", limit);
    }

    private static (bool, string, string)? Check(RuleCheck.Ratio ratio, List<PieceGroup> pieces)
    {
        var ratios = pieces.Select(p => Proportion(p, ratio.Decimals)).ToList();
        if (ratios.Count == 0 || ratios.Any(r => r is null)) return null;
        var off = ratios.FirstOrDefault(r => r < ratio.AtLeast || r > ratio.AtMost);
        var limit = (ratio.AtLeast, ratio.AtMost) switch
        {
            ({ } low, { } high) => $"{ReadingFormat.Number(low)} to {ReadingFormat.Number(high)}",
            ({ } low, null) => $"at least {ReadingFormat.Number(low)}",
            (null, { } high) => $"at most {ReadingFormat.Number(high)}",
            _ => "any",
        };
        return (off is null, ReadingFormat.Fixed(off ?? ratios[0]!.Value, ratio.Decimals), limit);
    }

    private static (bool, string, string)? Check(RuleCheck.AllDifferent different, List<PieceGroup> pieces)
    {
        if (pieces.Count == 0 || pieces.Any(p => Proportion(p, different.Decimals) is null)) return null;
        var shared = pieces
            .GroupBy(p => Proportion(p, different.Decimals)!.Value)
            .FirstOrDefault(g => g.Select(p => p.Label(different.Label)).Distinct().Count() > 1);
        return shared is null
            ? (true, "all different", "all different")
            : (false, $"{string.Join(" and ", shared.Select(p => p.Label(different.Label)).Distinct())} are both {ReadingFormat.Fixed(shared.Key, different.Decimals)}", "all different");
    }

    private static decimal? Proportion(PieceGroup group, int decimals) =>
        group is { Length: { } length, Width: { } width } && width > 0 ? Rounding.ToDecimals(length / width, decimals) : null;

    private static decimal? Dimension(PieceGroup group, PieceDimension dimension) => dimension switch
    {
        PieceDimension.Length => group.Length,
        PieceDimension.Width => group.Width,
        PieceDimension.Area => group.Length * group.Width,
    };
}
