using PluckyRally.Core.Checks;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Rehearsals;

/// <summary>What earlier rallies of a brief tell of the things that a rehearsal leaves to chance.</summary>
public sealed class ThingsRemembered
{
    private readonly ILookup<string, ThingCame> _came;
    private readonly ILookup<string, decimal> _minutes;
    private readonly IReadOnlyList<string> _rallies;

    private ThingsRemembered(
        IEnumerable<ThingCame> came,
        IEnumerable<(string Phase, decimal Minutes)> minutes,
        IReadOnlyList<string> rallies
    ) =>
        (_came, _minutes, _rallies) = (
            came.ToLookup(c => c.Handle),
            minutes.ToLookup(m => m.Phase, m => m.Minutes),
            rallies
        );

    /// <summary>Nothing is remembered.</summary>
    public static ThingsRemembered Nothing { get; } = new([], [], []);

    /// <summary>What rallies tell, the last one first.</summary>
    public static ThingsRemembered Of(IReadOnlyList<OpenedRally> rallies)
    {
        var each = rallies
            .Select(r => (Opened: r, Came: OfEach(r).SelectMany(c => c).Select(c => c.Came).ToList()))
            .Where(r => r.Came.Count > 0)
            .ToList();
        return new(
            each.SelectMany(r => r.Came),
            each.SelectMany(r => OfPhases(r.Opened)),
            [.. each.Select(r => r.Opened.Rally.Name)]
        );
    }

    /// <summary>A thing as it really came, where enough did.</summary>
    internal RehearsedThing Tell(RehearsedThing thing) =>
        _came[thing.Handle].ToList() is { Count: > 0 } came
            ? thing.As(came, RehearsalWords.OfRallies(came.Count, _rallies))
            : thing;

    /// <summary>
    /// Minutes that one attempt took in a phase, on the mean of the rallies whose clock ran through it; null where none
    /// did.
    /// </summary>
    internal decimal? Took(Phase phase) => _minutes.Contains(phase.Id) ? _minutes[phase.Id].Average() : null;

    /// <summary>
    /// What came in a rally, over all its rounds, with whose it is and in which attempt, by the thing's handle.
    /// </summary>
    internal static ILookup<string, CameFrom> OfEach(OpenedRally opened) =>
        Enumerable.Range(1, opened.Rounds).SelectMany(round => OfRound(opened, round)).ToLookup(c => c.Came.Handle);

    internal static IEnumerable<CameFrom> OfRound(OpenedRally opened, int round) =>
        from team in opened.In(round).Teams
        join result in opened.Result(round).Teams on team.Id equals result.Team.Id
        from assessed in result.Designs
        from came in Of(opened.In(round), assessed, assessed.Design)
        select new CameFrom(result.Team.Name, came.Attempt, came.Came);

    private static IEnumerable<(int Attempt, ThingCame Came)> Of(RunRound run, Assessment assessed, DesignRecord design)
    {
        var made = design.Attempts.Where(a => a.Outcome is TrialOutcome.Counted or TrialOutcome.Failed).ToList();
        foreach (var measure in run.Compiled.Brief.Measures)
        {
            if (measure.Taken == ReadOccasion.Once && design.ReadOnce(measure) is { HasValue: true } once)
                yield return (0, new(measure.Id, once.Number) { Unit = measure.Unit });
            if (measure.Taken != ReadOccasion.EachAttempt)
                continue;
            foreach (var attempt in made)
            {
                if (attempt.Read(measure) is { HasValue: true } value)
                    yield return (
                        attempt.Number,
                        new(measure.Id, value.Number)
                        {
                            Unit = measure.Unit,
                            OfFailed = attempt.Outcome == TrialOutcome.Failed,
                        }
                    );
            }
        }

        foreach (var attempt in made)
            yield return (
                attempt.Number,
                new(RehearsedThings.FailedAttempts, attempt.Trials[^1].Outcome == TrialOutcome.Failed ? 1 : 0)
            );
        foreach (
            var outcome in assessed.Rules.Where(r =>
                r is { Rule.Check: RuleCheck.Inspection, State: RuleState.Met or RuleState.Missed }
            )
        )
            yield return (
                outcome.Attempt ?? 0,
                new(RehearsedThings.MissedRule(outcome.Rule), outcome.State == RuleState.Missed ? 1 : 0)
            );
        foreach (var part in run.Compiled.Rehearsed)
        {
            foreach (var came in part.Came(design))
                yield return (0, came);
        }
    }

    /// <summary>
    /// What an attempt took in phases that the clock ran through: what was planned for it, as much longer or shorter as
    /// the whole phase was.
    /// </summary>
    private static IEnumerable<(string Phase, decimal Minutes)> OfPhases(OpenedRally opened) =>
        PhaseTook
            .Of(opened, opened.Stands)
            .Where(t => t.Planned > 0)
            .Select(t => (t.Phase, t.Written * t.Took / t.Planned));
}

/// <summary>What came of a thing, and where from.</summary>
/// <param name="Team">The team.</param>
/// <param name="Attempt">In which attempt; 0 outside of attempts.</param>
/// <param name="Came">What came.</param>
internal sealed record CameFrom(string Team, int Attempt, ThingCame Came);
