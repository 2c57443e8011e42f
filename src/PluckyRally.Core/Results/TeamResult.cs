namespace PluckyRally.Core;

/// <summary>Whether a team stands in the order of places.</summary>
public enum StandingStatus
{
    /// <summary>It has a place.</summary>
    Placed,

    /// <summary>Something has still to be recorded.</summary>
    Unfinished,

    /// <summary>It missed a rule that it had to keep.</summary>
    DidNotPlace,
}

/// <summary>Points lost to a missed rule.</summary>
/// <param name="Outcome">The rule and how it was missed.</param>
/// <param name="Exact">The points before rounding.</param>
/// <param name="Points">The points as taken off or added, at the shown precision.</param>
internal sealed record Deduction(RuleOutcome Outcome, decimal Exact, decimal Points);

/// <summary>One design looked at by itself, before points that depend on other teams.</summary>
internal sealed record Assessment(
    DesignRecord Design,
    IReadOnlyList<RuleOutcome> Rules,
    IReadOnlyList<PartValue> Values,
    NoPlace? Why)
{
    /// <summary>Whether it stands in the order of places.</summary>
    public StandingStatus Status => Why?.Status ?? StandingStatus.Placed;

    /// <summary>What figures read of it.</summary>
    public DesignFacts Facts => new(Design, Values);
}

/// <summary>A team's result in a round, and all that led to it.</summary>
internal sealed class TeamResult(TeamRecord record, Assessment assessment)
{
    public TeamRecord Record { get; } = record;

    public Assessment Assessment { get; } = assessment;

    public Team Team => Record.Team;

    /// <summary>Why it is unfinished or does not place; null where it is placed.</summary>
    public NoPlace? Why { get; set; } = assessment.Why;

    public StandingStatus Status => Why?.Status ?? StandingStatus.Placed;

    /// <summary>The same in words; empty where it is placed.</summary>
    public string Reason => Why?.Say() ?? "";

    /// <summary>What figures read, points and total included.</summary>
    public DesignFacts Facts => new(Assessment.Design, Assessment.Values, Parts, Total is { } total ? new Worth(total, Bound) : null);

    public PartResult[] Parts { get; set; } = [];

    public IReadOnlyList<Deduction> Deductions { get; set; } = [];

    /// <summary>Rules that were kept and give points, with the points at the shown precision.</summary>
    public IReadOnlyList<(Rule Rule, decimal Points)> Bonuses { get; set; } = [];

    /// <summary>The sum before the method's floor.</summary>
    public decimal? Sum { get; set; }

    public decimal? Total { get; set; }

    public Bound Bound { get; set; }

    public int? Place { get; set; }

    public int Sharing { get; set; } = 1;

    /// <summary>The tie-breaks' values at their shown precision.</summary>
    public Worth[] TieBreaks { get; set; } = [];

    /// <summary>What parted it from a team with the same total: a tie-break by its number, or the bound (−1).</summary>
    public int? PartedBy { get; set; }
}
