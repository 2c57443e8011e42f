namespace PluckyRally.Core;

/// <summary>Control and benchmark trials: never scored, held beside the teams' values.</summary>
internal static class ReferenceLines
{
    /// <summary>The mean of the control or benchmark trials of each measured part, for the class or a team.</summary>
    public static IReadOnlyList<Reference> Of(Playbook playbook, IReadOnlyList<Entry> entries, int round)
    {
        var trials = Log.Standing(entries).OfType<Entry.TrialRecorded>()
            .Where(t => t.Round == round && t.Purpose is Purpose.Control or Purpose.Benchmark && t.Outcome == TrialOutcome.Counted)
            .GroupBy(t => (t.Purpose, t.Team))
            .ToList();
        var lines = new List<Reference>();
        foreach (var plan in playbook.Parts.OfType<PartPlan.Measured>())
        {
            foreach (var group in trials)
            {
                var values = group.Select(t => Value(plan.Expression, t)).Where(v => v.HasValue).Select(v => v.Number).ToList();
                if (values.Count == 0) continue;
                var mean = values.Sum() / values.Count;
                lines.Add(new(plan.Is.Id, group.Key.Purpose, group.Key.Team, mean, plan.Expression.Show(new Worth(mean), values.Count > 1 ? plan.Expression.Decimals + 1 : null)));
            }
        }

        return lines;
    }

    /// <summary>So many times the control or the benchmark: the team's own where it has one, else the class's; empty where there is none.</summary>
    public static string Compare(IReadOnlyList<Reference> references, Purpose purpose, string part, string team, decimal value)
    {
        var lines = references.Where(r => r.Part == part && r.Purpose == purpose && r.Value != 0).ToList();
        var line = lines.FirstOrDefault(r => r.Team == team) ?? lines.FirstOrDefault(r => r.Team.Length == 0);
        return line is null ? "" : $"{Numerals.Write(Rounding.ToDecimals(value / line.Value, 1))} times the {Json.Word(purpose)}";
    }

    private static Worth Value(Expression expression, Entry.TrialRecorded trial) => expression.Run([.. expression.Measures.Select(m =>
        trial.Readings.FirstOrDefault(r => r.Measure == m.Id) is { Value: { } value } reading ? new Worth(value, reading.Bound) : Worth.None(new Absence.NotRead(m)))]);
}
