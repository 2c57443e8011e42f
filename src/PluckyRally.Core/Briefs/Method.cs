using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Briefs;

/// <summary>Which total wins.</summary>
public enum WinningDirection
{
    /// <summary>The highest.</summary>
    Highest,

    /// <summary>The lowest.</summary>
    Lowest,
}

/// <summary>How places are counted after a tie.</summary>
public enum PlaceNumbers
{
    /// <summary>1, 2, 2, 4.</summary>
    Standard,

    /// <summary>1, 2, 2, 3.</summary>
    Dense,
}

/// <summary>How points are scored and compared.</summary>
public sealed record Method
{
    /// <summary>What gives points.</summary>
    public IReadOnlyList<Part> Parts { get; init; } = [];

    /// <summary>Which total wins.</summary>
    public WinningDirection Wins { get; init; }

    /// <summary>Which way a total is better, and with it points that stand for themselves.</summary>
    internal Better Better => Wins == WinningDirection.Highest ? Better.More : Better.Less;

    /// <summary>
    /// The shown precision of points: each part and deduction is rounded to it before it is added. Above 0.
    /// </summary>
    public decimal Precision { get; init; } = 0.1m;

    /// <summary>The lowest total there is; none where absent.</summary>
    public decimal? Floor { get; init; }

    /// <summary>What decides between equal totals, in order.</summary>
    public IReadOnlyList<TieBreak> TieBreaks { get; init; } = [];

    /// <summary>Named awards beside the places.</summary>
    public IReadOnlyList<Award> Awards { get; init; } = [];

    /// <summary>What teams set out to reach, each for itself; with places or without.</summary>
    public IReadOnlyList<Target> Targets { get; init; } = [];

    /// <summary>How places are counted after a tie.</summary>
    public PlaceNumbers Places { get; init; }

    /// <summary>How the rounds become one standing; absent where each stands by itself.</summary>
    public OverRounds? OverRounds { get; init; }

    /// <summary>Whether teams are put in order at all; without, each stands by itself.</summary>
    public bool Ranking { get; init; } = true;
}

/// <summary>Something that decides between equal totals.</summary>
public sealed record TieBreak
{
    /// <summary>What it is called, e.g. "fewest sheets".</summary>
    public required string Name { get; init; }

    /// <summary>
    /// A figure's id, or an expression over figures: measures, what is known of parts and of the team.
    /// </summary>
    public required string Value { get; init; }

    /// <summary>Which direction is better.</summary>
    public required Better Better { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }
}

/// <summary>A named award.</summary>
public sealed record Award
{
    /// <summary>Names the award.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "Steadiest".</summary>
    public string Name { get; init; } = "";

    /// <summary>Who gives it; absent where it is worked out. What people give looks at no figure.</summary>
    public GivenBy? GivenBy { get; init; }

    /// <summary>
    /// A figure's id, or an expression over figures; empty where the award goes to the first to manage something, or
    /// people give it.
    /// </summary>
    public string Value { get; init; } = "";

    /// <summary>Which direction is better.</summary>
    public Better Better { get; init; }

    /// <summary>Goes to the first team that did all of this task; names a part and a task of it.</summary>
    public FirstTo? FirstTo { get; init; }

    /// <summary>Whether every team with a value can win it; otherwise only teams that place.</summary>
    public bool Everyone { get; init; }

    /// <summary>The id of a card that is dealt: only teams that have it can win. Empty where all can.</summary>
    public string OnlyFor { get; init; } = "";

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }
}

/// <summary>Who gives an award that is not worked out.</summary>
public enum GivenBy
{
    /// <summary>The teacher.</summary>
    Teacher,

    /// <summary>A jury: each of them names a team; the team that most of them name has it.</summary>
    Jury,

    /// <summary>The class: each team names another team.</summary>
    Vote,
}

/// <summary>Being the first to do all of a task.</summary>
/// <param name="Part">The part with the tasks.</param>
/// <param name="Task">The task's id.</param>
public sealed record FirstTo(string Part, string Task);
