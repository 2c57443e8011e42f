using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Run;

/// <summary>The clock as some of a log leaves it.</summary>
/// <param name="First">When the first phase was begun; null before that.</param>
/// <param name="Run">The phase that runs; null where none does.</param>
/// <param name="Over">Whether the lesson is over.</param>
/// <param name="Hold">The hold that is being counted.</param>
/// <param name="Wall">What the wall shows.</param>
internal sealed record ClockSoFar(DateTimeOffset? First, RunningPhase? Run, bool Over, HoldCount? Hold, WallShown Wall)
{
    /// <summary>When the phase that runs was begun.</summary>
    public DateTimeOffset? PhaseAt { get; init; }

    /// <summary>The phase with which the lesson was begun: a later lesson goes on where the one before ended.</summary>
    public ClockPhase? From { get; init; }

    /// <summary>The teams of the turns that were begun in the phase that runs.</summary>
    public IReadOnlyList<IReadOnlyList<TeamId>> Turns { get; init; } = [];

    /// <summary>
    /// When the turn that runs would have begun if nobody had stopped the clock since: a pause is not the team's.
    /// </summary>
    public DateTimeOffset? TurnAt { get; init; }

    /// <summary>Since when the clock is stopped; null while it goes.</summary>
    public DateTimeOffset? StoppedAt { get; init; }

    /// <summary>The same with so many minutes more in the phase that runs; fewer where they are below 0.</summary>
    public ClockSoFar WithMinutes(decimal minutes) =>
        Run is { } run ? this with { Run = run with { Left = run.Left + ((double)minutes * 60) } } : this;

    /// <summary>Before anything was begun.</summary>
    public ClockSoFar()
        : this(null, null, false, null, new(WallShows.Clock, 0)) { }
}

/// <summary>
/// A phase while it runs: seconds left at <paramref name="Since"/>, or now where the clock is stopped.
/// </summary>
internal sealed record RunningPhase(ClockPhase Phase, double Left, DateTimeOffset? Since);
