using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Checks;

internal abstract partial record RuleFound
{
    /// <summary>A group's part of the whole, in percent.</summary>
    public sealed record OfShare(RuleCheck.Share Definition, decimal Percent) : RuleFound
    {
        public override string SayValue() => $"{Numerals.Write(Rounding.ToDecimals(Percent, 1))}%";

        public override string SayLimit() =>
            Definition.Tolerance > 0
                ? $"{Numerals.Write(Math.Max(0, Definition.Percent - Definition.Tolerance))}% to "
                    + $"{Numerals.Write(Math.Min(100, Definition.Percent + Definition.Tolerance))}%"
                : $"{Numerals.Write(Definition.Percent)}%";
    }

    /// <summary>Sizes in order, or the first step that is too small.</summary>
    public sealed record OfLadder(RuleCheck.Ladder Definition, int Sizes, SmallStep? TooSmall = null) : RuleFound
    {
        public override string SayValue() =>
            TooSmall is { } step
                ? $"the smallest {step.Size} is {Numerals.Write(step.Least)}, the largest {step.Before} "
                    + $"{Numerals.Write(step.Most)}"
                : $"{English.Count(Sizes, "size")} in order";

        public override string SayLimit() =>
            Definition.Times == 1
                ? "each larger than the one before"
                : $"each at least {Numerals.Write(Definition.Times)} times the one before";
    }

    /// <summary>A step of a ladder that is too small.</summary>
    /// <param name="Size">What the larger size is called.</param>
    /// <param name="Least">Its smallest piece.</param>
    /// <param name="Before">What the size before is called.</param>
    /// <param name="Most">Its largest piece.</param>
    public sealed record SmallStep(string Size, decimal Least, string Before, decimal Most);

    /// <summary>A length in proportion to its width.</summary>
    public sealed record OfRatio(RuleCheck.Ratio Definition, decimal Ratio) : RuleFound
    {
        public override string SayValue() => ReadingFormat.Fixed(Ratio, Definition.Decimals);

        public override string SayLimit() =>
            (Definition.AtLeast, Definition.AtMost) switch
            {
                ({ } low, { } high) => $"{Numerals.Write(low)} to {Numerals.Write(high)}",
                ({ } low, null) => $"at least {Numerals.Write(low)}",
                (null, { } high) => $"at most {Numerals.Write(high)}",
                (null, null) => "any",
            };
    }

    /// <summary>Proportions, and the one that several groups share.</summary>
    public sealed record OfProportions(RuleCheck.AllDifferent Definition, decimal? Shared, IReadOnlyList<string> Groups)
        : RuleFound
    {
        public override string SayValue() =>
            Shared is { } ratio
                ? $"{English.List(Groups)} are {(Groups.Count == 2 ? "both" : "all")} "
                    + $"{ReadingFormat.Fixed(ratio, Definition.Decimals)}"
                : "all different";

        public override string SayLimit() => "all different";
    }
}
