namespace PluckyRally.Core;

/// <summary>Says how a team's value of a part compares with its own in the round before.</summary>
internal static class SinceWords
{
    private const string Verdict = ": better";

    /// <summary>Whether a team gained, by what was said of it.</summary>
    public static bool IsBetter(string said) => said.EndsWith(Verdict, StringComparison.Ordinal);

    /// <summary>The same without the verdict at its end.</summary>
    public static string WithoutVerdict(string said) => IsBetter(said) ? said[..^Verdict.Length] : said;

    /// <summary>
    /// By how much it is more or less, and whether that is better; empty where one of the two is missing.
    /// </summary>
    /// <param name="part">The part now.</param>
    /// <param name="before">Its value in the round before, worked out the same way.</param>
    /// <param name="round">The round before.</param>
    /// <param name="wins">Which total wins.</param>
    public static string Say(PartResult part, PartValue before, int round, Wins wins)
    {
        if (part.State != PartState.Scored || before.State != PartState.Scored)
            return "";
        var change =
            Rounding.ToDecimals(part.Value.Value.Number, part.Plan.Decimals)
            - Rounding.ToDecimals(before.Value.Number, part.Plan.Decimals);
        if (change == 0)
            return $"the same as in round {round}";
        var verdict = (change > 0) == (part.Plan.BetterWhere(wins) == Better.More) ? Verdict : ": worse";
        // Between two words lies no amount.
        if (part.Plan.ShownValue.Kind is MeasureKind.Level or MeasureKind.YesNo)
            return $"{part.Plan.Show(part.Value.Value)}, was {part.Plan.Show(before.Value)} in round {round}{verdict}";
        return $"{part.Plan.Show(new BoundedValue(Math.Abs(change)))} {(change > 0 ? "more" : "less")} than in "
            + $"round {round}{verdict}";
    }
}
