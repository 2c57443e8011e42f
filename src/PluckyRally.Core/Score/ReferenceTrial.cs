using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

/// <summary>A trial that is not scored: something to compare with.</summary>
/// <param name="Entry">The entry's id; empty for the teacher's trial build, which stands in the brief.</param>
/// <param name="Team">The team's id; empty for the whole class.</param>
/// <param name="Purpose">Practice, control or to beat.</param>
/// <param name="Shown">What it gave, as shown.</param>
public sealed record ReferenceTrial(EntryId Entry, TeamId Team, Purpose Purpose, string Shown)
{
    /// <summary>
    /// The references that stand in a round: the class's, and those of one team, or of all where none is named.
    /// </summary>
    public static IReadOnlyList<ReferenceTrial> Of(
        CompiledEdition compiled,
        StandingLog log,
        TeamId? team,
        int round
    ) =>
        [
            .. OfBuild(compiled.Brief),
            .. log.OfType<Entry.TrialRecorded>()
                .Where(t =>
                    t.Purpose != Purpose.Score
                    && t.Round == round
                    && (team is null || t.Team == default || t.Team == team)
                )
                .Select(t => new ReferenceTrial(t.Id, t.Team, t.Purpose, t.What(compiled))),
        ];

    /// <summary>What the teacher's own trial build reached, as the brief has it.</summary>
    private static IEnumerable<ReferenceTrial> OfBuild(Brief brief)
    {
        var reached = brief
            .Measures.Where(m => m is { Off: false, Benchmark: not null })
            .Select(m => $"{m.Name} {ReadingFormat.Value(m.Benchmark!.Value, m)}")
            .ToList();
        if (reached.Count > 0)
            yield return new(default, default, Purpose.Benchmark, string.Join(", ", reached));
    }
}
