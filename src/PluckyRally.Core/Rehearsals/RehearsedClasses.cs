using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// Plays whole classes: what judges would have written down, as real entries. How well a thing goes for a team is
/// drawn: a part of the chance is the team's own, over all that it does, another its own at that thing, the rest the
/// moment's. Each draw hangs on where it stands and on nothing that was drawn before it, so that two briefs are played
/// by the same classes.
/// </summary>
internal sealed class RehearsedClasses
{
    /// <summary>The play in which each team does what it is good for, and the moment adds nothing.</summary>
    public const int AtTheirBest = -1;

    /// <summary>
    /// One thing can happen so many times in an attempt at the most, as far as its draws are its own.
    /// </summary>
    private const int Within = 1000;

    /// <summary>So far out all that is expected is at its ends.</summary>
    private static readonly double[] Ends = [-9, 9];

    private readonly RehearsalAsked _asked;
    private readonly Chances _chances;
    private readonly Dictionary<string, (long Place, Func<Func<int, double>, decimal> Ready)> _things;
    private readonly KnownSubjects _named;
    private readonly double _own;
    private readonly double _moment;

    public RehearsedClasses(CompiledEdition compiled, RehearsalAsked asked, IReadOnlyList<RehearsedThing> things)
    {
        (_asked, _chances, Things) = (asked, new Chances(asked.Seed), things);
        _things = things.ToDictionary(t => t.Handle, t => (Chances.Of(t.Handle), t.Ready()));
        Teams =
        [
            .. Enumerable
                .Range(1, asked.Teams)
                .Select(n => new Team
                {
                    Id = new($"r{n}"),
                    Name = $"{n}",
                    Members = compiled.Brief.Timing.InRange.TeamSize,
                }),
        ];
        _named = KnownSubjects.Of(Teams, []);
        Run = RunRound.Alike(compiled, Teams, 1);
        (_own, _moment) = (Math.Sqrt((double)asked.Alike / 100), Math.Sqrt(1 - ((double)asked.Alike / 100)));
    }

    /// <summary>What is left to chance.</summary>
    public IReadOnlyList<RehearsedThing> Things { get; }

    /// <summary>The teams.</summary>
    public IReadOnlyList<Team> Teams { get; }

    /// <summary>The round that they play.</summary>
    public RunRound Run { get; }

    /// <summary>A class, scored.</summary>
    /// <param name="lineUp">Which set of teams, from 0.</param>
    /// <param name="play">Which of its plays, from 0; <see cref="AtTheirBest"/> for the one without chance.</param>
    /// <exception cref="InvalidOperationException">The brief refuses what would be written down.</exception>
    public PlayedClass Play(int lineUp, int play)
    {
        var log = new List<Entry>();
        var found = new ProblemCollector();
        for (var team = 0; team < Teams.Count; team++)
        {
            foreach (var entry in Played(lineUp, play, team))
                log.Add(
                    Recorder.Understand(
                        Run.Compiled,
                        _named,
                        entry with
                        {
                            Id = SampleResults.Numbered(team, log.Count),
                        },
                        found
                    )
                );
        }

        return found.Problems.Count == 0
            ? new(lineUp, play, StandingLog.Of(log), RoundResult.Of(Run, StandingLog.Of(log)).Teams)
            : throw new InvalidOperationException($"A rehearsed entry was refused: {found.Problems[0]}");
    }

    /// <summary>What a judge could not write down of what is expected at its ends.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        var ends = Things.OfType<RehearsedThing.Amount>().Select(t => t.Handle).ToHashSet(StringComparer.Ordinal);
        foreach (var end in Ends)
        {
            // Attempts do not fail here, so that each has its readings.
            foreach (
                var (entry, i) in Written(0, (handle, _) =>
                        _things[handle].Ready(_ => ends.Contains(handle) ? end : Ends.Max())
                    )
                    .Select((e, i) => (e, i))
            )
                Recorder.Understand(Run.Compiled, _named, entry with { Id = SampleResults.Numbered(0, i) }, found);
        }

        return [.. found.Problems.Select(p => p with { At = "/expected" }).DistinctBy(p => p.What)];
    }

    /// <summary>
    /// How good a team is at a thing: a draw of the standard normal distribution, above 0 where it is better than most.
    /// What can happen several times is as many things.
    /// </summary>
    public double Level(int lineUp, int team, RehearsedThing thing) =>
        Enumerable.Range(0, thing.Times).Sum(i => Level(lineUp, team, _things[thing.Handle].Place, i))
        / Math.Sqrt(thing.Times * (1 + ((thing.Times - 1) * AllRound)));

    /// <summary>How good a team is over all things that are its own.</summary>
    public double Level(int lineUp, int team) =>
        Things.Where(t => !RehearsedThings.IsOfTime(t)).Sum(t => Level(lineUp, team, t));

    /// <summary>Minutes that a team takes for one attempt in a phase: nothing in them is its own.</summary>
    public decimal Minutes(Phase phase, int lineUp, int play, int team, int attempt)
    {
        var (place, ready) = _things[RehearsedThings.MinutesOf(phase)];
        return ready(_ => _chances.Normal(lineUp, team, place, play, attempt));
    }

    private double AllRound => (double)_asked.AllRound / 100;

    private double Level(int lineUp, int team, long place, int at) =>
        (Math.Sqrt(AllRound) * _chances.Normal(lineUp, team))
        + (Math.Sqrt(1 - AllRound) * _chances.Normal(lineUp, team, place, at));

    private IEnumerable<Entry> Played(int lineUp, int play, int team) => Written(team, (handle, attempt) =>
        {
            var (place, ready) = _things[handle];
            return ready(i =>
                (_own * Level(lineUp, team, place, i))
                + (
                    play == AtTheirBest || _moment == 0
                        ? 0
                        : _moment * _chances.Normal(lineUp, team, place, play, (attempt * Within) + i)
                )
            );
        });

    /// <summary>
    /// What is written down of a team whose things come out as they are drawn: by the thing's handle and the attempt.
    /// </summary>
    private IEnumerable<Entry> Written(int team, Func<string, int, decimal> drawn)
    {
        var values = Things
            .Where(t => t.Handle.Contains('.', StringComparison.Ordinal))
            .ToDictionary(t => t.Handle, t => drawn(t.Handle, 0));
        return SampleResults.Written(
            Run.Compiled,
            new(
                new PretendTeam { Name = Teams[team].Name, Values = values },
                (rule, n) => drawn(RehearsedThings.MissedRule(rule), n) == 0,
                n => drawn(RehearsedThings.FailedAttempts, n) > 0,
                (measure, n) => drawn(measure.Id, n)
            ),
            Teams,
            team
        );
    }
}

/// <summary>A class that played.</summary>
/// <param name="LineUp">Which set of teams, from 0.</param>
/// <param name="Play">Which of its plays.</param>
/// <param name="Log">What judges wrote down.</param>
/// <param name="Results">What came of it, in order of standing.</param>
internal sealed record PlayedClass(int LineUp, int Play, StandingLog Log, IReadOnlyList<TeamResult> Results)
{
    /// <summary>Those who have a place.</summary>
    public IReadOnlyList<TeamResult> Placed { get; } =
    [.. Results.Where(r => r.Status == StandingStatus.Placed && r.Rank is not null)];

    /// <summary>Those who share the first place.</summary>
    public IEnumerable<TeamResult> First => Placed.TakeWhile(r => r.Rank == 1);
}
