using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Run;

/// <summary>
/// The clock of a lesson, read from a rally's log: which phase runs, when it ends, how that compares with the plan.
/// What is shown follows from it and the time of day alone, so every screen shows the same.
/// </summary>
public sealed record LessonClock
{
    /// <summary>The phase that runs; absent before the lesson and after it.</summary>
    public ClockPhase? Phase { get; init; }

    /// <summary>Whether the lesson has been begun and ended.</summary>
    public bool Over { get; init; }

    /// <summary>When the phase ends if nothing is changed; absent while the clock is stopped.</summary>
    public DateTimeOffset? Ends { get; init; }

    /// <summary>Seconds that are left where the clock is stopped; absent while it runs.</summary>
    public decimal? Left { get; init; }

    /// <summary>
    /// When the phase would have ended by the plan, counted from the lesson's beginning; absent before it.
    /// </summary>
    public DateTimeOffset? PlannedEnd { get; init; }

    /// <summary>Minutes that the phases after this one take by the plan.</summary>
    public decimal MinutesAfter { get; init; }

    /// <summary>The hold that is being counted; absent until everybody has let go in the running phase.</summary>
    public HoldCount? Hold { get; init; }

    /// <summary>Which team is testing, where the phase goes team by team; absent otherwise.</summary>
    public TurnNow? Turn { get; init; }

    /// <summary>What the wall shows.</summary>
    public WallShown Wall { get; init; } = new(WallShows.Clock, 0);

    /// <summary>All phases, in order, for the remote.</summary>
    public IReadOnlyList<ClockPhase> Phases { get; init; } = [];

    /// <summary>The clock of a rally by itself, with the phases as a round has them.</summary>
    public static LessonClock Of(OpenedRally opened, int round) => Of(Lesson.Of(opened), round);

    /// <summary>The clock of a lesson, with the phases as a round has them.</summary>
    public static LessonClock Of(Lesson lesson, int round) =>
        Of(
            lesson.Time(round),
            [.. ClassState.Of(lesson.Present(round), lesson.Stands, round).Select(t => t.Team)],
            lesson.Stands,
            () => lesson.Rallies.SelectMany(r => Tested(r, round)).ToHashSet()
        );

    /// <summary>The teams that have made their attempts, whether or not the remote was touched for them.</summary>
    private static IReadOnlySet<TeamId> Tested(OpenedRally opened, int round)
    {
        var run = opened.In(round);
        var trials = run.Compiled.Brief.Trials;
        return run.Compiled.TakesAttempts
            ? TeamRecord
                .Of(run.Present, opened.Stands, round)
                .Where(r => r.Designs.Any(d => d.Within(trials).Waits(trials) is null))
                .Select(r => r.Team.Id)
                .ToHashSet()
            : new HashSet<TeamId>();
    }

    /// <summary>The clock as a log leaves it.</summary>
    /// <param name="brief">The brief as it is run.</param>
    /// <param name="order">The teams, by id, in the order in which they come.</param>
    /// <param name="log">The rally's entries.</param>
    /// <param name="tested">The teams that have made their attempts; asked only where teams take turns.</param>
    public static LessonClock Of(
        Brief brief,
        IReadOnlyList<TeamId> order,
        StandingLog log,
        Func<IReadOnlySet<TeamId>>? tested = null
    )
    {
        var phases = brief
            .Timing.Phases.Where(p => p.Kind != PhaseKind.Homework)
            .Select(p => ClockPhase.Of(p, brief, order.Count))
            .ToList();
        var so = log.Aggregate(new ClockSoFar(), (so, entry) => entry.Apply(so, phases, brief));
        var (first, run, over, hold, wall) = so;
        if (run is null)
            return new()
            {
                Over = over,
                Phases = phases,
                Wall = wall,
            };
        var at = phases.IndexOf(run.Phase);
        var from = Math.Max(0, so.From is null ? 0 : phases.IndexOf(so.From));
        return new()
        {
            Phase = run.Phase,
            Ends = run.Since is { } going ? going.AddSeconds(run.Left) : null,
            Left = run.Since is null ? (decimal)Math.Round(run.Left, 3) : null,
            PlannedEnd = first!.Value.AddMinutes((double)phases.Take(at + 1).Skip(from).Sum(p => p.Minutes)),
            MinutesAfter = phases.Skip(at + 1).Sum(p => p.Minutes),
            Hold = hold,
            Turn = TurnNow.Of(
                brief.Timing.Phases.FirstOrDefault(p => p.Id == run.Phase.Id),
                so,
                order,
                brief.Trials.Attempts,
                tested
            ),
            Wall = wall,
            Phases = phases,
        };
    }
}

/// <summary>A hold that is being counted.</summary>
/// <param name="From">When everybody let go.</param>
/// <param name="Seconds">How long each build must stand by itself; 0 where the brief does not ask for it.</param>
public sealed record HoldCount(DateTimeOffset From, decimal Seconds);

/// <summary>What the wall shows.</summary>
/// <param name="Shows">The clock or the board.</param>
/// <param name="Revealed">For the board: how many places have been revealed, from the last; the rest stay
/// hidden.</param>
/// <param name="Question">For a question: which one, from 1.</param>
public sealed record WallShown(WallShows Shows, int Revealed, int Question = 0)
{
    /// <summary>
    /// The round that it was set in: what was revealed of one round says nothing of another, so the wall stays with it
    /// until it is set anew.
    /// </summary>
    public int Round { get; init; } = 1;

    /// <summary>For a picture, or for a question that has one beside it: which one.</summary>
    public PlotShown? Plot { get; init; }

    /// <summary>For the board: what it is of. Empty for the totals.</summary>
    public string Of { get; init; } = "";

    /// <summary>For the gallery: how it is shown.</summary>
    public GalleryShown? Gallery { get; init; }

    /// <summary>For a list over several rallies: which.</summary>
    public Combined? OverAll { get; init; }
}

/// <summary>A phase as the clock shows it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">What it is for.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Minutes">Its minutes by the plan, for so many teams.</param>
/// <param name="Warnings">Minutes before its end, or before the end of each turn where teams come one after the other,
/// at which the class is warned, the first warning first.</param>
/// <param name="Now">What is to be done now, in a sentence.</param>
public sealed record ClockPhase(
    string Id,
    PhaseKind Kind,
    string Name,
    decimal Minutes,
    IReadOnlyList<decimal> Warnings,
    string Now
)
{
    /// <summary>Whether teams come one after the other.</summary>
    public bool TeamByTeam { get; init; }

    internal static ClockPhase Of(Phase phase, Brief brief, int teams) =>
        new(
            phase.Id,
            phase.Kind,
            Time.Minutes.Name(phase.Kind),
            Time.Minutes.Of(phase, teams, brief.Trials.Attempts),
            phase.AllWarnings,
            phase.Note.Length > 0 ? phase.Note : Usual(phase.Kind, brief)
        )
        {
            TeamByTeam = phase.TeamByTeam,
        };

    /// <summary>What a class does in a phase that has no words of its own.</summary>
    private static string Usual(PhaseKind kind, Brief brief) =>
        kind switch
        {
            PhaseKind.Introduce => "Listen, and ask about what is not clear.",
            PhaseKind.Explore => "Handle the material. Build nothing yet.",
            PhaseKind.Research => "Find out what others have tried.",
            PhaseKind.Predict => "Write down what will happen, and why.",
            PhaseKind.Sketch => "Everyone draws one idea, alone and in silence.",
            PhaseKind.Plan => "Agree on one plan. Label it, and list what it needs.",
            PhaseKind.Collect => "Fetch your material and count it.",
            PhaseKind.Build => "Build to your plan. Try it out while you build.",
            PhaseKind.LetGo => brief.Trials.HoldSeconds > 0
                ? $"Let go. It must stand by itself for {Numerals.Write(brief.Trials.HoldSeconds)} seconds."
                : "Hands off.",
            PhaseKind.Test => "Watch each test. Write down what you see.",
            PhaseKind.Inspect => "Look closely at what broke, and what held.",
            PhaseKind.Present => "Show what you did, and why.",
            PhaseKind.Talk => "Say what worked, what did not, and what you would change.",
            PhaseKind.Rebuild => "Change one thing, and try again.",
            PhaseKind.ClearUp => "Count the kit back in. Leave the table clear.",
            PhaseKind.Homework => "",
        };
}
