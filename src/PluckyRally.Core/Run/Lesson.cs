using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Run;

/// <summary>
/// A lesson: the rallies that are run as one. Usually that is one; where a class has teams in several tiers there is
/// one for each tier. Each keeps its own brief, log and results; the clock, the wall and the order of the test are the
/// lesson's. No two of its rallies have a team with the same id.
/// </summary>
/// <param name="Rallies">Its rallies, at least one, in the order of their tiers.</param>
public sealed record Lesson(IReadOnlyList<OpenedRally> Rallies)
{
    /// <summary>The lesson of a rally that is run alone.</summary>
    public static Lesson Of(OpenedRally alone) => new([alone]);

    /// <summary>
    /// What stands in all logs, in the order of its time. What was written for the whole lesson is in each of them, and
    /// is here once.
    /// </summary>
    public StandingLog Stands { get; } =
        Rallies.Count == 1 ? Rallies[0].Stands : StandingLog.Joined([.. Rallies.Select(r => r.Stands)]);

    /// <summary>
    /// What the class is called: the names of its rallies without their tiers, each once.
    /// </summary>
    public string Name =>
        string.Join(
            " · ",
            Rallies
                .Select(r => (r.Rally.Name, OfTier: $", {OverAllWords.ListOfTier(r.Rally.Edition.Tier)}"))
                .Select(r =>
                    Rallies.Count > 1 && r.Name.EndsWith(r.OfTier, StringComparison.Ordinal)
                        ? r.Name[..^r.OfTier.Length]
                        : r.Name
                )
                .Distinct()
        );

    /// <summary>All teams that are there in a round.</summary>
    public IReadOnlyList<Team> Present(int round) => [.. Rallies.SelectMany(r => r.In(round).Present)];

    /// <summary>All teams of a round, in the order in which they are tested.</summary>
    public IReadOnlyList<TeamInLesson> Teams(int round) =>
        ClassState.Of([.. Rallies.SelectMany(r => r.In(round).Teams)], Stands, round);

    /// <summary>The rally whose board, picture or questions the wall shows: where it was last set.</summary>
    public OpenedRally OnWall =>
        Stands.OfType<Entry.WallSet>().LastOrDefault() is { } set
            ? Rallies.First(r => r.Stands.Any(e => e.Id == set.Id))
            : Rallies[0];

    /// <summary>
    /// Whether an entry is written into the log of each rally of a lesson: it is the whole lesson's, or it crosses out
    /// one that is.
    /// </summary>
    /// <param name="entry">The entry.</param>
    /// <param name="received">The log of the rally that it was sent to.</param>
    public static bool IsForAll(Entry entry, IReadOnlyList<Entry> received) =>
        entry is Entry.StruckOut strike
            ? received.FirstOrDefault(e => e.Id == strike.Entry) is { } struck && IsForAll(struck, received)
            : entry.IsOfWholeLesson;

    /// <summary>An entry as it is written into the log of one of the rallies.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="others">The teams of the other rallies; none where it is run alone.</param>
    public static Entry AsWritten(Entry entry, IReadOnlyList<Team> others) => entry.RunBeside(others);

    /// <summary>
    /// The time of the lesson: the phases of every tier, each as long as the tier takes that needs most of it, with the
    /// hold and the attempts of the tier that has most of them.
    /// </summary>
    internal Brief Time(int round)
    {
        var briefs = Rallies.Select(r => r.In(round).Compiled.Brief).ToList();
        return briefs.Skip(1).Aggregate(briefs[0], Longest);
    }

    private static Brief Longest(Brief one, Brief other)
    {
        var phases = one
            .Timing.Phases.Select(p =>
                other.Timing.Phases.FirstOrDefault(q => q.Id == p.Id) is { } q ? Longest(p, q) : p
            )
            .ToList();

        // A phase that the first tier leaves out comes behind the one that it follows in its own.
        foreach (var (at, phase) in other.Timing.Phases.Index().Where(p => phases.All(q => q.Id != p.Item.Id)))
            phases.Insert(at == 0 ? 0 : phases.FindIndex(p => p.Id == other.Timing.Phases[at - 1].Id) + 1, phase);
        return one with
        {
            Timing = one.Timing with { Phases = phases },
            Trials = one.Trials with
            {
                Attempts = Math.Max(one.Trials.Attempts, other.Trials.Attempts),
                HoldSeconds = Math.Max(one.Trials.HoldSeconds, other.Trials.HoldSeconds),
            },
        };
    }

    private static Phase Longest(Phase one, Phase other) =>
        one with
        {
            Minutes = Math.Max(one.Minutes, other.Minutes),
            TestBays = Math.Max(one.TestBays, other.TestBays),
        };
}
