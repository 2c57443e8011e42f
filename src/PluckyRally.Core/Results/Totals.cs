namespace PluckyRally.Core;

/// <summary>Adds up what is shown.</summary>
internal static class Totals
{
    /// <summary>The sum of the parts as shown, then bonuses and deductions, then the method's floor.</summary>
    public static void Add(Playbook playbook, TeamResult result)
    {
        var method = playbook.Brief.Method;
        result.Deductions = [.. Deductions(playbook, result)];
        result.Bonuses =
        [
            .. result.Assessment.Rules
                .GroupBy(o => o.Rule)
                .Where(g => g.Key.Bonus > 0 && g.All(o => o.State == RuleState.Met))
                .Select(g => (g.Key, Rounding.ToStep(g.Key.Bonus, method.Precision))),
        ];

        // A part that turned out to have no value can leave the team unfinished even where nothing is left to record.
        var open = Array.Find(result.Parts, p => p.Points is null);
        if (open is not null)
        {
            result.Why ??= new NoPlace.PartOpen(open.Plan.Part, open.Value.Value.Absent!);
            return;
        }

        decimal sum = 0;
        var bound = Bound.Exact;
        foreach (var part in result.Parts)
        {
            sum += part.Points!.Value;
            bound = Bounds.Join(bound, part.Bound);
        }

        var sign = method.Wins == Wins.Highest ? -1 : 1;
        foreach (var (_, points) in result.Bonuses) sum -= sign * points;
        foreach (var deduction in result.Deductions) sum += sign * deduction.Points;
        var total = Curves.Clamp(new Worth(sum, bound), method.Floor, null);
        (result.Sum, result.Total, result.Bound) = (sum, total.Number, total.Bound);
    }

    private static IEnumerable<Deduction> Deductions(Playbook playbook, TeamResult result)
    {
        foreach (var outcome in result.Assessment.Rules)
        {
            if (outcome.State != RuleState.Missed || outcome.Rule.IfMissed is not Consequence.Deduct deduct) continue;
            var excess = Math.Min(outcome.Excess, Most.Number);
            var exact = deduct.Per switch
            {
                DeductPer.Once => deduct.Points,
                DeductPer.Unit => deduct.Points * excess / deduct.Each,
                DeductPer.CompletedUnit => deduct.Points * decimal.Floor(excess / deduct.Each),
            };
            yield return new(outcome, exact, Rounding.ToStep(exact, playbook.Brief.Method.Precision));
        }
    }
}
