namespace PluckyRally.Core.Score;

/// <summary>
/// Trials of a round that counted and are marked as comparisons, by what for and whose they are.
/// </summary>
/// <param name="Reference">What they are; it has no id and no sheet.</param>
/// <param name="Trials">The trials, at least one.</param>
internal sealed record MarkedTrials(Reference Reference, IReadOnlyList<Entry.TrialRecorded> Trials)
{
    /// <summary>Those of a round.</summary>
    public static IReadOnlyList<MarkedTrials> Of(StandingLog entries, int round) =>
        [
            .. entries
                .OfType<Entry.TrialRecorded>()
                .Where(t =>
                    t.Round == round
                    && t is { Purpose: not (Purpose.Score or Purpose.Practice), Outcome: TrialOutcome.Counted }
                )
                .GroupBy(t => (t.Purpose, t.Team))
                .Select(g => new MarkedTrials(
                    new(default, Reference.Word(g.Key.Purpose), g.Key.Purpose, g.Key.Team),
                    [.. g]
                )),
        ];
}
