using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

public sealed partial record RoundsStanding
{
    /// <summary>The name of the standing.</summary>
    internal const string Name = "All rounds";

    /// <summary>How the rounds become one, as a sentence for the class.</summary>
    internal static string SayWay(OverRounds? over) =>
        over is null
            ? "Each round stands by itself."
            : over.Way switch
            {
                RoundsWay.Last => "The last round counts.",
                RoundsWay.Best => "Each team’s best round counts.",
                RoundsWay.Sum => "The rounds are added up.",
                RoundsWay.Mean => "The mean of a team’s rounds counts.",
                RoundsWay.Weights => over.Weights.Count == 0
                    ? "The rounds are added up."
                    : "The rounds are added up: "
                        + English.List([
                            .. over.Weights.Select(
                                (w, i) => w == 0 ? $"round {i + 1} does not count" : $"round {i + 1} counts {Times(w)}"
                            ),
                        ])
                        + ".",
            };

    /// <summary>What a wall is told that wants to show the standing before every round in it was revealed.</summary>
    internal static (string What, string Remedy) NotRevealed(IReadOnlyList<int> rounds) =>
        (
            $"{SentenceCase.Beginning(English.List([.. rounds.Select(r => $"round {r}")]))} "
                + $"{(rounds.Count == 1 ? "has" : "have")} not been revealed yet.",
            "Show the board of each round first and reveal all its teams."
        );

    private static string Times(decimal weight) =>
        weight == 1 ? "once"
        : weight == 2 ? "twice"
        : $"{Numerals.Write(weight)} times";

    private static string Why(OverRounds over, Method method, IReadOnlyList<RoundTotal> rounds, BoundedValue value)
    {
        if (!value.HasValue)
            return SentenceCase.Beginning(value.Absent!.Say()) + ".";
        var counting = rounds.Where(r => over.Weight(r.Round) != 0).ToList();
        var played = counting.Where(r => r.Value.HasValue).ToList();
        var missed = counting.Where(r => !r.Value.HasValue).Select(r => r.Value.Absent!.Say()).ToList();
        var total = Show(value, Decimals(over, method));
        var left = missed.Count == 0 ? "" : $" {SentenceCase.Beginning(English.List(missed))}.";
        return over.Way switch
        {
            RoundsWay.Last => $"Round {counting[^1].Round}: {total}.",
            RoundsWay.Best when played.Count == 1 => $"Round {played[0].Round}: {total}.{left}",
            RoundsWay.Best => $"The best of {English.List([.. played.Select(r => r.Say(method))])}: {total}.{left}",
            RoundsWay.Mean when played.Count == 1 => $"Round {played[0].Round} alone: {total}.{left}",
            RoundsWay.Mean =>
                $"({string.Join(" + ", played.Select(r => r.Say(method)))}) ÷ {played.Count} = {total}.{left}",
            RoundsWay.Sum or RoundsWay.Weights =>
                $"{string.Join(" + ", counting.Select(r => Term(over, method, r)))} = {total}.{left}",
        };
    }

    private static string Term(OverRounds over, Method method, RoundTotal round)
    {
        var amount = round.Value.HasValue ? round.Say(method) : "0";
        return over.Weight(round.Round) is var weight and not 1 ? $"{Numerals.Write(weight)} × {amount}" : amount;
    }

    private static string Show(BoundedValue value, int decimals) =>
        ReadingFormat.WithBound(ReadingFormat.Fixed(value.Number, decimals), value.Bound);
}

internal sealed partial record RoundTotal
{
    private static string SayMissed(string rule) => $"missed “{rule}”";

    /// <summary>The total as it was shown, or a dash.</summary>
    public string Say(Method method) =>
        Value.HasValue
            ? ReadingFormat.WithBound(ReadingFormat.Points(Value.Number, method.Precision), Value.Bound)
            : "–";
}
