using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Time;

/// <summary>What a phase of a lesson is for.</summary>
public enum PhaseKind
{
    /// <summary>The story and the task.</summary>
    Introduce,

    /// <summary>Handling the material.</summary>
    Explore,

    /// <summary>Finding out.</summary>
    Research,

    /// <summary>Saying what will happen, and why.</summary>
    Predict,

    /// <summary>Everyone draws an idea alone.</summary>
    Sketch,

    /// <summary>The team agrees on a plan, and the teacher clears it.</summary>
    Plan,

    /// <summary>Materials are handed out.</summary>
    Collect,

    /// <summary>Building.</summary>
    Build,

    /// <summary>Everybody lets go.</summary>
    LetGo,

    /// <summary>Testing.</summary>
    Test,

    /// <summary>Looking what broke.</summary>
    Inspect,

    /// <summary>Teams show what they did.</summary>
    Present,

    /// <summary>The talk afterwards.</summary>
    Talk,

    /// <summary>Changing the design.</summary>
    Rebuild,

    /// <summary>Clean-up time.</summary>
    ClearUp,

    /// <summary>Between two lessons.</summary>
    Homework,
}

/// <summary>A phase of the lesson.</summary>
public sealed record Phase
{
    /// <summary>Names the phase.</summary>
    public required string Id { get; init; }

    /// <summary>What it is for.</summary>
    public required PhaseKind Kind { get; init; }

    /// <summary>Minutes; for a phase that goes team by team, of one attempt. 0 or more.</summary>
    public decimal Minutes { get; init; }

    /// <summary>Whether teams come one after the other.</summary>
    public bool TeamByTeam { get; init; }

    /// <summary>Minutes between two teams, 0 or more.</summary>
    public decimal Changeover { get; init; }

    /// <summary>Teams that can be served at once, from 1.</summary>
    [JsonPropertyName("stations")]
    public int TestBays { get; init; } = 1;

    /// <summary>Minutes before its end at which a warning is given, 0 for none.</summary>
    public decimal Warning { get; init; }

    /// <summary>More warnings, each so many minutes before the end.</summary>
    public IReadOnlyList<decimal> Warnings { get; init; } = [];

    /// <summary>All warnings, the first to be given first.</summary>
    internal IReadOnlyList<decimal> AllWarnings =>
        [.. Warnings.Append(Warning).Where(w => w > 0).Distinct().OrderDescending()];

    /// <summary>What is to be done, for students; the phase's own words where empty.</summary>
    public string Note { get; init; } = "";

    /// <summary>The phase with numbers that can be laid out; that others stand there is said by the snags.</summary>
    internal Phase InRange =>
        this with
        {
            Minutes = Math.Clamp(Minutes, 0, Limits.Minutes),
            Changeover = Math.Clamp(Changeover, 0, Limits.Minutes),
            TestBays = Math.Clamp(TestBays, 1, Limits.Teams),
            Warning = Math.Clamp(Warning, 0, Limits.Minutes),
            Warnings = [.. Warnings.Select(w => Math.Clamp(w, 0, Limits.Minutes))],
        };
}

/// <summary>How long it takes.</summary>
public sealed record Timing
{
    /// <summary>The phases, in order.</summary>
    public IReadOnlyList<Phase> Phases { get; init; } = [];

    /// <summary>Minutes of one lesson; absent where it is not said.</summary>
    public decimal? Lesson { get; init; }

    /// <summary>How many lessons there are, from 1.</summary>
    public int Lessons { get; init; } = 1;

    /// <summary>Minutes that setting up takes off each lesson, 0 or more.</summary>
    public decimal SetUp { get; init; }

    /// <summary>Minutes that clearing up takes off each lesson, 0 or more.</summary>
    public decimal CleanUp { get; init; }

    /// <summary>Teams that are expected, from 1; the queue at the test depends on them.</summary>
    public int Teams { get; init; } = 7;

    /// <summary>
    /// Students in a team that are expected, 1 to 40; what is for each member is counted by it until teams are made.
    /// </summary>
    public int TeamSize { get; init; } = 4;

    /// <summary>What being late costs, in the students' words.</summary>
    public string IfLate { get; init; } = "";

    /// <summary>The timing with numbers that can be laid out; that others stand there is said by the snags.</summary>
    internal Timing InRange =>
        this with
        {
            Phases = [.. Phases.Select(p => p.InRange)],
            Lesson = Lesson is { } lesson ? Math.Clamp(lesson, 0, Limits.Minutes) : null,
            Lessons = Math.Clamp(Lessons, 1, Limits.Lessons),
            SetUp = Math.Clamp(SetUp, 0, Limits.Minutes),
            CleanUp = Math.Clamp(CleanUp, 0, Limits.Minutes),
            Teams = Math.Clamp(Teams, 0, Limits.Teams),
            TeamSize = Math.Clamp(TeamSize, 1, TeamSizes.Largest),
        };
}

/// <summary>Adds up minutes.</summary>
public static class Minutes
{
    /// <summary>
    /// Minutes of a phase. One that goes team by team takes ceil(teams / stations) × (attempts × minutes + changeover),
    /// with the attempts of the test and one of everything else.
    /// </summary>
    public static decimal Of(Phase phase, int teams, int attempts)
    {
        if (phase.Kind == PhaseKind.Homework)
            return 0;
        var sane = phase.InRange;
        return sane.TeamByTeam ? Turns(sane, teams) * OfTurn(sane, attempts) : sane.Minutes;
    }

    /// <summary>
    /// How many turns a phase that goes team by team takes: teams at different tables have theirs at once.
    /// </summary>
    internal static int Turns(Phase phase, int teams) =>
        (Math.Clamp(teams, 0, Limits.Teams) + Math.Max(1, phase.TestBays) - 1) / Math.Max(1, phase.TestBays);

    /// <summary>Minutes of one turn, the changeover included.</summary>
    internal static decimal OfTurn(Phase phase, int attempts) =>
        ((phase.Kind == PhaseKind.Test ? Math.Clamp(attempts, 0, Limits.Attempts) : 1) * phase.Minutes)
        + phase.Changeover;

    /// <summary>Minutes of all phases.</summary>
    public static decimal OfAll(Brief brief) =>
        brief.Timing.Phases.Sum(p => Of(p, brief.Timing.Teams, brief.Trials.Attempts));

    /// <summary>Minutes that all lessons leave for the phases; null where the lesson's length is not said.</summary>
    public static decimal? Room(Timing timing) =>
        timing.InRange is { Lesson: { } lesson } sane ? sane.Lessons * (lesson - sane.SetUp - sane.CleanUp) : null;

    /// <summary>What a phase is called.</summary>
    public static string Name(PhaseKind kind) =>
        kind switch
        {
            PhaseKind.Introduce => "Introduce",
            PhaseKind.Explore => "Explore the material",
            PhaseKind.Research => "Research",
            PhaseKind.Predict => "Predict",
            PhaseKind.Sketch => "Sketch alone",
            PhaseKind.Plan => "Agree on a plan",
            PhaseKind.Collect => "Collect materials",
            PhaseKind.Build => "Build",
            PhaseKind.LetGo => "Let go",
            PhaseKind.Test => "Test",
            PhaseKind.Inspect => "Inspect",
            PhaseKind.Present => "Present",
            PhaseKind.Talk => "Talk it over",
            PhaseKind.Rebuild => "Change and rebuild",
            PhaseKind.ClearUp => "Clean up",
            PhaseKind.Homework => "At home",
        };
}
