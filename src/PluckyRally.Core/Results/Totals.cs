using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Results;

/// <summary>Adds up what is shown.</summary>
internal static class Totals
{
    /// <summary>The sum of the parts as shown, then bonuses and deductions, then the method's floor.</summary>
    public static DesignResult Of(CompiledEdition compiled, Assessment assessment, IReadOnlyList<PartResult> parts)
    {
        var method = compiled.Brief.Method;
        IReadOnlyList<Deduction> deductions = [.. Deductions(compiled, assessment)];
        IReadOnlyList<(Rule Rule, decimal Points)> bonuses =
        [
            .. assessment
                .Rules.GroupBy(o => o.Rule)
                .Where(g => g.Key.Bonus > 0 && g.All(o => o.State == RuleState.Met))
                .Select(g => (g.Key, Rounding.ToStep(g.Key.Bonus, method.Precision))),
        ];
        IReadOnlyList<(DealCard Card, decimal Points)> cards =
        [
            .. HeldCard
                .Of(compiled.Brief, assessment.Design.Team.Team)
                .Where(held => held.Points != 0)
                .Select(held => (held.Card, Rounding.ToStep(held.Points, method.Precision))),
        ];
        if (
            parts.Any(p => p.Points is null)
            || (parts.Count == 0 && bonuses.Count == 0 && deductions.Count == 0 && cards.Count == 0)
        )
            return new(assessment, parts, deductions, bonuses, null, null) { Cards = cards };

        decimal sum = 0;
        var bound = Bound.Exact;
        foreach (var part in parts)
        {
            sum += part.Points!.Value;
            bound = Bounds.Join(bound, part.Added);
        }

        var sign = method.Wins == WinningDirection.Highest ? -1 : 1;
        foreach (var (_, points) in bonuses)
            sum -= sign * points;
        foreach (var (_, points) in cards)
            sum -= sign * points;
        foreach (var deduction in deductions)
        {
            sum += sign * deduction.Points;
            bound = Bounds.Join(bound, Bounds.Times(deduction.Bound, sign));
        }

        return new(
            assessment,
            parts,
            deductions,
            bonuses,
            sum,
            Arithmetic.Clamp(new BoundedValue(sum, bound), method.Floor, null)
        )
        {
            Cards = cards,
        };
    }

    private static IEnumerable<Deduction> Deductions(CompiledEdition compiled, Assessment assessment)
    {
        foreach (var outcome in assessment.Rules)
        {
            if (outcome.State != RuleState.Missed || outcome.Rule.IfMissed is not Consequence.Deduct deduct)
                continue;
            var excess = Math.Min(outcome.Excess, Limits.Number);
            var exact = deduct.Per switch
            {
                DeductPer.Once => deduct.Points,
                DeductPer.Unit => deduct.Points * excess / deduct.Each,
                DeductPer.CompletedUnit => deduct.Points * decimal.Floor(excess / deduct.Each),
            };
            yield return new(
                outcome,
                exact,
                Rounding.ToStep(exact, compiled.Brief.Method.Precision),
                deduct.Per == DeductPer.Once ? Bound.Exact : outcome.ExcessBound
            );
        }
    }
}
