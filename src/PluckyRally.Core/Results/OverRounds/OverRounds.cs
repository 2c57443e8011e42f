using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Results;

/// <summary>How the totals of several rounds become one.</summary>
public enum RoundsWay
{
    /// <summary>The last round counts.</summary>
    Last,

    /// <summary>Each team's best round counts.</summary>
    Best,

    /// <summary>The rounds are added up.</summary>
    Sum,

    /// <summary>The mean of the rounds that a team played.</summary>
    Mean,

    /// <summary>The rounds are added up, each times a weight of its own.</summary>
    Weights,
}

/// <summary>How the rounds of a rally become one standing.</summary>
public sealed record OverRounds
{
    /// <summary>The way.</summary>
    public required RoundsWay Way { get; init; }

    /// <summary>
    /// For weights: how many times each round counts, the first round first. 0 to 100; a round without one counts once.
    /// </summary>
    public IReadOnlyList<decimal> Weights { get; init; } = [];

    /// <summary>
    /// Where rounds are added up: whether a round that a team missed counts as 0. Without, the team has no place.
    /// </summary>
    public bool MissedIsZero { get; init; }

    /// <summary>How many times a round counts, from 1.</summary>
    internal decimal Weight(int round) => Way == RoundsWay.Weights && round <= Weights.Count ? Weights[round - 1] : 1;

    /// <summary>Adds what is wrong with it.</summary>
    internal void Check(string at, ProblemCollector found)
    {
        found.Count(Weights, Limits.Rounds, $"{at}/weights", "weights");
        for (var i = 0; i < Weights.Count; i++)
            found.Unless(
                Weights[i] is >= 0 and <= 100,
                $"{at}/weights/{i}",
                $"The weight of round {i + 1} is out of range.",
                "Enter 0 to 100. With 0 the round does not count."
            );
        found.Unless(
            Way != RoundsWay.Weights || Weights.Count == 0 || Weights.Any(w => w != 0),
            $"{at}/weights",
            "No round counts.",
            "Give at least one round a weight above 0."
        );
    }
}
