namespace PluckyRally.Core;

/// <summary>Control and benchmark trials: never scored, held beside the teams' values.</summary>
internal static class ReferenceLines
{
    /// <summary>The mean of the control or benchmark trials of each measured part, for the class or a team.</summary>
    public static IReadOnlyList<Reference> Of(CompiledEdition compiled, IReadOnlyList<Entry> entries, int round)
    {
        var trials = Trials(entries, round);
        var lines = new List<Reference>();
        foreach (var plan in compiled.Parts.OfType<PartPlan.Measured>())
        {
            foreach (var group in trials)
            {
                var values = group.Select(t => new Attempt(1, [t])).Select(a => plan.Expression.Run([.. plan.Measures.Select(a.Read)])).Where(v => v.HasValue).Select(v => v.Number).ToList();
                if (values.Count == 0) continue;
                var mean = values.Sum() / values.Count;
                lines.Add(new(plan.Definition.Id, group.Key.Purpose, group.Key.Team, mean, plan.Expression.Show(new BoundedValue(mean), values.Count > 1 ? plan.Expression.Decimals + 1 : null)));
            }
        }

        return lines;
    }

    /// <summary>The trials of each control and benchmark of a round that counted.</summary>
    internal static IReadOnlyList<IGrouping<(Purpose Purpose, string Team), Entry.TrialRecorded>> Trials(IReadOnlyList<Entry> entries, int round) =>
    [
        .. Log.Effective(entries).OfType<Entry.TrialRecorded>()
            .Where(t => t.Round == round && t.Purpose is Purpose.Control or Purpose.Benchmark && t.Outcome == TrialOutcome.Counted)
            .GroupBy(t => (t.Purpose, t.Team)),
    ];
}
