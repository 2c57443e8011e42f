using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Says how a team's value of a part compares with its own in the round before.</summary>
internal static class SinceWords
{
    private const string Gained = ": better";

    /// <summary>Whether a team gained, by what was said of it.</summary>
    public static bool IsBetter(string said) => said.EndsWith(Gained, StringComparison.Ordinal);

    /// <summary>The same without the verdict at its end.</summary>
    public static string WithoutVerdict(string said) => IsBetter(said) ? said[..^Gained.Length] : said;

    /// <summary>
    /// By how much it is more or less, and whether that is better; empty where one of the two is missing, or where
    /// a bound leaves that open.
    /// </summary>
    /// <param name="part">The part now.</param>
    /// <param name="before">Its value in the round before, worked out the same way.</param>
    /// <param name="round">The round before.</param>
    /// <param name="method">How points are scored.</param>
    public static string Say(PartResult part, PartValue before, int round, Method method)
    {
        if (part.State != PartState.Scored || before.State != PartState.Scored)
            return "";
        var (now, was) = (part.Value.Value.At(part.Plan.Decimals), before.Value.At(part.Plan.Decimals));
        var change = now.Number - was.Number;
        // Between two words lies no amount.
        if (part.Plan.ShownValue.Kind is MeasureKind.Level or MeasureKind.YesNo)
            return change == 0
                ? $"the same as in round {round}"
                : $"{part.Plan.Show(now)}, was {part.Plan.Show(was)} in round {round}{Verdict(change)}";
        return Arithmetic.Plus(now, Arithmetic.Negate(was)).Bound switch
        {
            Bound.Exact when change == 0 => $"the same as in round {round}",
            Bound.Exact => Amount(""),
            Bound.AtLeast when change > 0 => Amount("at least "),
            Bound.AtMost when change < 0 => Amount("at least "),
            Bound.AtLeast or Bound.AtMost or Bound.Unclear => "",
        };

        string Amount(string least) =>
            $"{least}{part.Plan.Show(new BoundedValue(Math.Abs(change)))} {(change > 0 ? "more" : "less")} than in "
            + $"round {round}{Verdict(change)}";

        string Verdict(decimal change) =>
            (change > 0) == (part.Plan.BetterIn(method) == Better.More) ? Gained : ": worse";
    }
}
