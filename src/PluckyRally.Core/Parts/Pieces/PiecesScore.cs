namespace PluckyRally.Core;

/// <summary>Works out pieces.</summary>
internal static class PiecesScore
{
    public static PartValue Value(PartPlan.Pieces plan, DesignRecord design)
    {
        if (Counted(plan.Is, design) is not { } counted) return PartValue.Without(new Absence.NoPieces());
        var lines = new List<PartLine>();
        decimal sum = 0;
        foreach (var group in counted.Pieces.Where(g => g.Count > 0))
        {
            var each = Points(plan, group);
            if (!each.HasValue) return PartValue.Without(each.Absent!) with { Lines = lines };
            sum += each.Number * group.Count;
            lines.Add(new($"{group.Count} {Name(group, plan.Is)}: {group.Count} × {Numerals.Write(each.Number)} = {Numerals.Write(each.Number * group.Count)}.", counted.Id));
        }

        if (lines.Count == 0) lines.Add(new("No pieces.", counted.Id));
        return PartValue.Scored(sum, lines) with { Facts = Facts(plan, counted.Pieces) };
    }

    private static IReadOnlyList<Worth> Facts(PartPlan.Pieces plan, IReadOnlyList<PieceGroup> pieces)
    {
        var all = pieces.Sum(p => p.Count);
        return [new(all), .. OfLabel(plan.Is.First, PieceSide.First), .. OfLabel(plan.Is.Second, PieceSide.Second)];

        IEnumerable<Worth> OfLabel(PieceLabel label, PieceSide side) => label.Values.SelectMany(v =>
        {
            var these = pieces.Where(p => p.Label(side) == v.Name).ToList();
            var count = these.Sum(p => p.Count);
            return new Worth[] { new(count), new(these.Sum(p => p.Count * Points(plan, p).Number)), all == 0 ? Worth.None(new Absence.DividedByZero()) : new(100m * count / all) };
        });
    }

    /// <summary>The last count of a team's pieces.</summary>
    public static Entry.PiecesCounted? Counted(Part.Pieces part, DesignRecord design) =>
        PartEntries.Of<Entry.PiecesCounted>(design, part.Id) is [.., var last] ? last : null;

    /// <summary>The points of one piece of a group.</summary>
    public static Worth Points(PartPlan.Pieces plan, PieceGroup group) => plan.Each.Run([.. plan.Each.Measures.Select(name => name.Id switch
    {
        "first" => new Worth(plan.Is.First.Values.FirstOrDefault(v => v.Name == group.First)?.Points ?? 0),
        "second" => new Worth(plan.Is.Second.Values.FirstOrDefault(v => v.Name == group.Second)?.Points ?? 0),
        "length" => group.Length is { } length ? new Worth(length) : Worth.None(new Absence.PieceNotMeasured("length")),
        _ => group.Width is { } width ? new Worth(width) : Worth.None(new Absence.PieceNotMeasured("width")),
    })]);

    private static string Name(PieceGroup group, Part.Pieces part)
    {
        var labels = string.Join(" ", new[] { group.First, group.Second }.Where(l => l.Length > 0));
        var size = group is { Length: { } length, Width: { } width } ? $"{Numerals.Write(length)} × {Numerals.Write(width)} {part.Unit}" : "";
        return string.Join(", ", new[] { labels, size }.Where(t => t.Length > 0)) is { Length: > 0 } name ? name : "pieces";
    }
}
