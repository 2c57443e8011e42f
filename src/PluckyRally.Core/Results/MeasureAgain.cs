using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// The one reading that is worth repeating most: within what it is good to, it moves a total by most.
/// </summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Entry">The entry that it was read in.</param>
/// <param name="Swing">Points between the total by the smallest and by the largest that it can be.</param>
/// <param name="Says">What to measure again, as a sentence.</param>
public sealed record MeasureAgain(TeamId Team, string Name, EntryId Entry, decimal Swing, string Says)
{
    /// <summary>The reading among those of some teams; null where no single one moves a total.</summary>
    /// <param name="run">The round.</param>
    /// <param name="entries">The log.</param>
    /// <param name="teams">The teams that may still be first, by their ids.</param>
    internal static MeasureAgain? Of(RunRound run, StandingLog entries, IReadOnlySet<TeamId> teams)
    {
        var exact = run with { Compiled = run.Compiled.WithPrecision(0.000_000_001m) };
        var hangsOnOthers = run.Compiled.ComparesTeams || run.Compiled.RewardsFirst;
        var found = new List<MeasureAgain>();
        for (var at = 0; at < entries.Count; at++)
        {
            var entry = entries[at];
            if (
                entry.Round != run.Number
                || !teams.Contains(entry.Team)
                || entry
                    is not (
                        Score.Entry.MeasureRead
                        or Score.Entry.TrialRecorded { Outcome: TrialOutcome.Counted, Purpose: Purpose.Score }
                    )
            )
                continue;
            foreach (var reading in entry.ReadingsAt.Select(r => r.Reading))
            {
                if (
                    reading is not { Value: { } value, Bound: Bound.Exact }
                    || !run.Compiled.Measures.TryGetValue(reading.Measure, out var measure)
                )
                    continue;
                var source = ReadingDraw.Of(value, measure, reading.NextTried);
                if (source.Form == ReadingDraw.Form.Exact)
                    continue;
                var (low, high) = source.Range ?? (value - source.Width, value + source.Width);
                if (Total(At(low)) is not { } smallest || Total(At(high)) is not { } largest || smallest == largest)
                    continue;
                var swing = Math.Abs(largest - smallest);
                var name = run.Teams.First(t => t.Id == entry.Team).Name;
                found.Add(
                    new(
                        entry.Team,
                        name,
                        entry.Id,
                        swing,
                        ConfidenceWords.Again(name, measure, entry.Say(run.Compiled, null), swing)
                    )
                );

                StandingLog At(decimal drawn) =>
                    entries.But(at, entry.With(r => r.Measure == reading.Measure ? r with { Value = drawn } : r));
            }

            decimal? Total(StandingLog log) =>
                hangsOnOthers
                    ? RoundResult.Of(exact, log).Teams.FirstOrDefault(r => r.Team.Id == entry.Team)?.Total
                    : RoundResult
                        .Of(exact.Alone(run.Teams.First(t => t.Id == entry.Team)), log.Alone(entry.Team))
                        .Teams[0]
                        .Total;
        }

        return found.MaxBy(f => f.Swing);
    }
}
