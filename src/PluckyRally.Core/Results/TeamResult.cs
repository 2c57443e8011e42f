using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Whether a team stands in the order of places.</summary>
public enum StandingStatus
{
    /// <summary>It has a place.</summary>
    Placed,

    /// <summary>Something has still to be recorded.</summary>
    Unfinished,

    /// <summary>It missed a rule that it had to meet.</summary>
    DidNotPlace,

    /// <summary>It is absent, or has left: it takes no place, and nobody waits for it.</summary>
    Away,
}

/// <summary>Points lost to a missed rule.</summary>
/// <param name="Outcome">The rule and how it was missed.</param>
/// <param name="Exact">The points before rounding.</param>
/// <param name="Points">The points as taken off or added, at the shown precision.</param>
/// <param name="Bound">Whether they are a bound, because the rule was missed by one.</param>
internal sealed record Deduction(RuleOutcome Outcome, decimal Exact, decimal Points, Bound Bound);

/// <summary>One design looked at by itself, before points that depend on other teams.</summary>
internal sealed record Assessment(
    DesignRecord Design,
    IReadOnlyList<RuleOutcome> Rules,
    IReadOnlyList<PartValue> Values,
    NoPlace? Why
)
{
    /// <summary>How the rules came out attempt by attempt, and those that are checked outside of attempts.</summary>
    public IReadOnlyList<RuleOutcome> ByAttempt { get; init; } = [];

    /// <summary>What became of each attempt, by number.</summary>
    public IEnumerable<AttemptFate> Attempts => Design.Attempts.Select(a => AttemptFate.Of(a, ByAttempt));

    /// <summary>Whether it stands in the order of places.</summary>
    public StandingStatus Status => Why?.Status ?? StandingStatus.Placed;

    /// <summary>What figures read of it.</summary>
    public DesignFacts Facts => new(Design, Values);
}

/// <summary>A team's result in a round, and all that led to it.</summary>
/// <param name="Record">What was recorded.</param>
/// <param name="Design">The design that stands for it, with its points.</param>
/// <param name="By">Why that one does.</param>
/// <param name="Better">Another design that would have given more, among the same others; null where there is
/// none.</param>
internal sealed record TeamResult(TeamRecord Record, DesignResult Design, ChosenBy By, DesignResult? Better)
{
    public Assessment Assessment => Design.Assessment;

    public Team Team => Record.Team;

    public StandingStatus Status => Design.Status;

    /// <summary>Why it is unfinished or does not place, in words; empty where it is placed.</summary>
    public string Reason => Design.Why?.Say() ?? "";

    public IReadOnlyList<PartResult> Parts => Design.Parts;

    public decimal? Total => Design.Total?.Number;

    public Bound Bound => Design.Total?.Bound ?? Bound.Exact;

    /// <summary>
    /// A figure of it where teams are put in order by it: none where it missed a rule that it had to meet, unless the
    /// figure says just that.
    /// </summary>
    public BoundedValue InOrder(Figure figure) =>
        Design.Why is NoPlace.RuleMissed missed && !figure.SaysWhoDidIt
            ? BoundedValue.None(new Absence.MissedRule(missed.Rule))
            : figure.Compared(Design.Facts);

    /// <summary>All its designs, before points.</summary>
    public IReadOnlyList<Assessment> Designs { get; init; } = [];

    /// <summary>
    /// Whether the points of a part are its own: those that are made by comparing teams are none of a
    /// comparison.
    /// </summary>
    public bool Owns(PartPlan plan) => Team.Reference is null || !plan.Curve.ComparesTeams;

    /// <summary>Whether the total is its own: all of its points are.</summary>
    public bool OwnsTotal => Parts.All(p => Owns(p.Plan));

    /// <summary>The tie-breaks' values at their shown precision.</summary>
    public IReadOnlyList<BoundedValue> TieBreaks { get; init; } = [];

    /// <summary>Its place in the order of standing, from 1; null where it has none.</summary>
    public int? Rank { get; init; }

    /// <summary>How many share the place.</summary>
    public int Sharing { get; init; } = 1;

    /// <summary>
    /// What decided between it and a team with the same total: a tie-break by its number, or the bound (−1).
    /// </summary>
    public int? PartedBy { get; init; }
}
