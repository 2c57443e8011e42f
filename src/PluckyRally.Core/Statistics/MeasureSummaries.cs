namespace PluckyRally.Core;

/// <summary>The readings of one measure in a round, over all teams, summed up.</summary>
/// <param name="Measure">The measure's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Summary">The summary; absent where nothing was read.</param>
public sealed record MeasureSummary(string Measure, string Name, string Unit, Summary? Summary);

/// <summary>Sums up a round's readings.</summary>
public static class MeasureSummaries
{
    /// <summary>A summary for each measure, over the counted readings of all teams.</summary>
    public static IReadOnlyList<MeasureSummary> Of(OpenedRally opened, int round, QuartileMethod method = QuartileMethod.HalvesWithoutMedian)
    {
        var designs = Scorer.Designs(opened.Playbook, opened.Rally.Teams, opened.Rally.Entries, round);
        return
        [
            .. opened.Playbook.Brief.Measures.Select(m => new MeasureSummary(m.Id, m.Name, m.Unit, Summary.Of(
            [
                .. m.Taken == Taken.Once
                    ? designs.Select(d => d.ReadOnce(m))
                    : designs.SelectMany(d => d.Attempts.Where(a => a.Outcome == TrialOutcome.Counted).Select(a => a.Read(m))),
            ],
            method))),
        ];
    }
}
