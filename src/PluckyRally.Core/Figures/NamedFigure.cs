using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Figures;

/// <summary>
/// A figure with a name of its own: an expression that is calculated in each attempt and then combined, or over other
/// figures. Whatever compares, limits, awards or sums up can name it, and a measured part can be about it.
/// </summary>
public sealed record NamedFigure
{
    /// <summary>Names the figure in expressions; measures and figures share one list of ids.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>An expression over measures, or over any figures where it is worked out once.</summary>
    public required string Value { get; init; }

    /// <summary>Whether it is calculated in each attempt and then combined, or once over other figures.</summary>
    public Work Work { get; init; }

    /// <summary>How attempts are combined.</summary>
    public Combine Combine { get; init; }

    /// <summary>For <see cref="Readings.Combine.BestMean"/>: the mean of so many.</summary>
    public int? BestOf { get; init; }

    /// <summary>Which direction is better; needed for the best, the worst and the mean of the best.</summary>
    public Better? Better { get; init; }

    /// <summary>What a failed attempt counts as, in the unit of the value; 0 where absent and more is better.</summary>
    public decimal? FailureValue { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>Adds what is wrong with it, apart from its expression.</summary>
    internal void Check(Trials trials, ProblemCollector found)
    {
        found.NotEmpty(Name, "/name", "The figure has no name.", "Say what it is, for example “load for its mass”.");
        found.Length(Name, Limits.Name, "/name", "The name");
        if (Work == Work.Combined)
            return;
        found.Unless(
            Better is not null || Combine is not (Combine.Best or Combine.Worst or Combine.BestMean),
            "/better",
            "The direction is missing.",
            "Say whether more or less is better."
        );
        found.Unless(
            Combine != Combine.BestMean || (BestOf >= 1 && BestOf <= trials.Attempts),
            "/bestOf",
            "The mean of the best needs a number of attempts.",
            $"Use 1 to {trials.Attempts}."
        );
        found.Unless(
            this is not { Better: Readings.Better.Less, FailureValue: null } || !Way.TakesFailed,
            "/failureValue",
            "Where less is better, a failed attempt must count as something.",
            "Write the value of a failed attempt, worse than any success."
        );
    }

    /// <summary>How attempts become one.</summary>
    internal Way Way => new(Combine, Better ?? Readings.Better.More, BestOf ?? 1, FailureValue ?? 0);
}
