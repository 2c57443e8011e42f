using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Run;

/// <summary>Something that saves time in a lesson that is running late.</summary>
/// <param name="Label">What it is, for a button.</param>
/// <param name="Costs">What it saves and what it costs, in a sentence or two.</param>
/// <param name="Attempts">For fewer attempts: how many are left.</param>
/// <param name="Phase">For another place to test at: the phase.</param>
/// <param name="Places">For another place to test at: how many there are then.</param>
public sealed record LessonCut(string Label, string Costs, int? Attempts, string Phase, int? Places);

/// <summary>What a class cuts while the lesson runs: fewer attempts, more tables to test at.</summary>
public static class LessonCuts
{
    /// <summary>
    /// The edition with what was cut laid over it. Fewer attempts lower what must be made and how many of the best are
    /// taken, so that nobody waits for an attempt that is not made. A cut is made in a lesson and holds for its round.
    /// </summary>
    /// <param name="edition">The edition as it was changed.</param>
    /// <param name="standing">What stands in the log of a round.</param>
    internal static Edition Lay(Edition edition, IEnumerable<Entry> standing)
    {
        var brief = standing
            .OfType<Entry.OfClock>()
            .Aggregate(edition.Brief, (brief, entry) => entry.Lay(brief, edition.Brief));
        return ReferenceEquals(brief, edition.Brief) ? edition : edition with { Brief = brief };
    }

    /// <summary>What can be cut now, as the log leaves the lesson.</summary>
    public static IReadOnlyList<LessonCut> Offers(Lesson lesson, int round)
    {
        var made = (
            from opened in lesson.Rallies
            let run = opened.In(round)
            from record in TeamRecord.Of(run.Present, opened.Stands, round)
            select (record.Team.Id, Used: record.Used(run.Compiled.Brief.Trials))
        ).ToDictionary(r => r.Id, r => r.Used);
        return Offers(
            lesson.Time(round),
            [.. ClassState.Of(lesson.Present(round), lesson.Stands, round).Select(t => made[t.Team])]
        );
    }

    /// <summary>What can be cut of what is still to be tested.</summary>
    /// <param name="brief">The brief with what is cut already.</param>
    /// <param name="made">How many attempts each team has made, in the order of the test.</param>
    internal static IReadOnlyList<LessonCut> Offers(Brief brief, IReadOnlyList<int> made)
    {
        if (brief.Timing.Phases.FirstOrDefault(p => p is { Kind: PhaseKind.Test, TeamByTeam: true }) is not { } test)
            return [];
        var trials = brief.Trials.Attempts;
        decimal Saved(Phase with, int attempts) => Left(test, made, trials) - Left(with, made, attempts);
        var offers = new List<LessonCut>();

        // What the brief says must be made is not cut; where it says nothing, the first ones of all teams are the same
        // for all.
        if (trials > 1 && trials - 1 >= (brief.Trials.Minimum ?? 1) && Saved(test, trials - 1) is > 0 and var fewer)
        {
            offers.Add(
                new(
                    trials == 2 ? "One attempt a team" : $"{trials - 1} attempts a team",
                    $"{Saves(fewer)} Only each team's first "
                        + $"{(trials == 2 ? "attempt counts" : $"{trials - 1} attempts count")}; later ones are "
                        + "kept and not scored.",
                    trials - 1,
                    "",
                    null
                )
            );
        }

        if (Saved(test with { TestBays = test.TestBays + 1 }, trials) is > 0 and var more)
        {
            offers.Add(
                new(
                    test.TestBays == 1 ? "Test at a second table" : $"Test at {test.TestBays + 1} tables",
                    $"{Saves(more)} It takes one more judge and the same set-up once more.",
                    null,
                    test.Id,
                    test.TestBays + 1
                )
            );
        }

        return offers;
    }

    /// <summary>
    /// Minutes until every team has made its attempts; the slowest of those who are tested at once sets the pace.
    /// </summary>
    private static decimal Left(Phase test, IReadOnlyList<int> made, int attempts) =>
        made.Where(m => m < attempts)
            .Chunk(Math.Max(1, test.TestBays))
            .Sum(turn => ((attempts - turn.Min()) * test.Minutes) + test.Changeover);

    private static string Saves(decimal minutes) =>
        $"Saves {(minutes == 1 ? "1 minute" : $"{Timetable.Show(minutes)} minutes")}.";

    /// <summary>The brief with fewer attempts, wherever it counts them.</summary>
    internal static Brief WithAttempts(Brief brief, int attempts) =>
        brief with
        {
            Trials = brief.Trials with
            {
                Attempts = attempts,
                Minimum = brief.Trials.Minimum is { } least ? Math.Min(least, attempts) : null,
            },
            Measures =
            [
                .. brief.Measures.Select(m => m.BestOf is { } best ? m with { BestOf = Math.Min(best, attempts) } : m),
            ],
            Figures =
            [
                .. brief.Figures.Select(f => f.BestOf is { } best ? f with { BestOf = Math.Min(best, attempts) } : f),
            ],
            Method = brief.Method with
            {
                Parts =
                [
                    .. brief.Method.Parts.Select(p =>
                        p is Part.Measured { BestOf: { } best } measured
                            ? measured with
                            {
                                BestOf = Math.Min(best, attempts),
                            }
                            : p
                    ),
                ],
            },
        };

    /// <summary>The brief with a phase that is served at so many places.</summary>
    internal static Brief WithPlaces(Brief brief, string phase, int places) =>
        brief with
        {
            Timing = brief.Timing with
            {
                Phases = [.. brief.Timing.Phases.Select(p => p.Id == phase ? p with { TestBays = places } : p)],
            },
        };
}
