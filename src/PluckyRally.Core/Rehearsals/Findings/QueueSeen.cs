using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// Whether the lessons end in time when attempts take as long as they take: the queue at the test, with its places.
/// </summary>
internal static class QueueSeen
{
    public const string Ends = "queue";

    /// <summary>
    /// From here on it runs over too often, and from here on it is worth a thought (common practice, no source).
    /// </summary>
    private const decimal Often = 20,
        Sometimes = 5;

    /// <summary>
    /// What is found; null where the brief does not say how long a lesson is, or nothing goes team by team.
    /// </summary>
    public static RehearsalFinding? Of(RehearsedClasses classes, int count, CancellationToken stop)
    {
        var over = new List<decimal>();
        for (var i = 0; i < count; i++)
        {
            stop.ThrowIfCancellationRequested();
            if (Over(classes, i) is not { } minutes)
                return null;
            over.Add(minutes);
        }

        over.Sort();
        var late = over.Where(o => o > 0).ToList();
        var share = Share.Of(late.Count, over.Count);
        RehearsalBar Bar(string name, Func<decimal, bool> holds, bool marked) =>
            new(name, Share.Of(over.Count(holds), over.Count), marked);
        return new(
            Ends,
            share >= Often ? FindingWeight.Wrong
                : share >= Sometimes ? FindingWeight.Mind
                : FindingWeight.Fine,
            RehearsalWords.Queue(share, late.Count == 0 ? 0 : late[late.Count / 2], over[(int)(over.Count * 0.95)]),
            share,
            RehearsalWords.WhenItEnds,
            [
                Bar(RehearsalWords.WellBefore, o => o <= -5, false),
                Bar(RehearsalWords.InTime, o => o is > -5 and <= 0, false),
                Bar(RehearsalWords.ALittleOver, o => o is > 0 and <= 5, true),
                Bar(RehearsalWords.FarOver, o => o > 5, true),
            ]
        )
        {
            Helps = RehearsalHelp.AgainstQueue(
                classes.Run.Compiled.Brief with
                {
                    Timing = classes.Run.Compiled.Brief.Timing with { Teams = classes.Teams.Count },
                }
            ),
            Comes = RehearsalWords.RunsOver,
        };
    }

    /// <summary>
    /// Minutes by which the lesson that fits worst runs over; below 0 what is left of it. Null where there is no lesson
    /// or no queue.
    /// </summary>
    private static decimal? Over(RehearsedClasses classes, int at)
    {
        var brief = classes.Run.Compiled.Brief;
        var timing = brief.Timing.InRange with { Teams = classes.Teams.Count };
        if (timing.Lesson is null || !timing.Phases.Any(p => p is { TeamByTeam: true, Minutes: > 0 }))
            return null;
        var attempts = brief.Trials.Attempts;
        var laid = Timetable.Lay(
            brief with
            {
                Timing = timing with
                {
                    Phases =
                    [
                        .. timing.Phases.Select(p =>
                            p is { TeamByTeam: true, Minutes: > 0 }
                                ? AsLong(p, Served(classes, p, attempts, at), timing.Teams, attempts)
                                : p
                        ),
                    ],
                },
            }
        );
        return laid.Count == 0 ? null : laid.Max(l => l.End - l.Length);
    }

    /// <summary>
    /// Minutes until the last team has been served: each goes to the place that is free first, in their order.
    /// </summary>
    private static decimal Served(RehearsedClasses classes, Phase phase, int attempts, int at)
    {
        var free = new decimal[phase.TestBays];
        var times = phase.Kind == PhaseKind.Test ? attempts : 1;
        for (var team = 0; team < classes.Teams.Count; team++)
        {
            var next = Array.IndexOf(free, free.Min());
            free[next] += phase.Changeover;
            for (var n = 1; n <= times; n++)
                free[next] += classes.Minutes(phase, at / RehearsalAsked.Plays, at % RehearsalAsked.Plays, team, n);
        }

        return free.Max();
    }

    /// <summary>
    /// The phase with such minutes for an attempt that all of it takes so long: so it is laid over lessons like any
    /// other.
    /// </summary>
    private static Phase AsLong(Phase phase, decimal minutes, int teams, int attempts)
    {
        var turn = minutes / Math.Max(1, Minutes.Turns(phase, teams));
        return phase with
        {
            Minutes = Math.Max(0, turn - phase.Changeover) / (phase.Kind == PhaseKind.Test ? Math.Max(1, attempts) : 1),
        };
    }
}
