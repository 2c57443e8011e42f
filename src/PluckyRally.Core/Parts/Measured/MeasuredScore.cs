using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out the value of a measured part for a design.</summary>
internal static class MeasuredScore
{
    /// <summary>The part's value.</summary>
    /// <param name="plan">The part.</param>
    /// <param name="trials">How the brief tests.</param>
    /// <param name="design">What was recorded.</param>
    public static PartValue Value(PartPlan.Measured plan, Trials trials, DesignRecord design)
    {
        if (plan.Expression.Measures.All(m => m.Taken == ReadOccasion.Once))
            return OverCombined(plan, [], design.ReadOnce);
        var attempts = AttemptValue.Of(plan.Expression, plan.Way, design);
        if (design.Waits(trials, plan.AddsUp) is { } waits)
            return PartValue.Without(waits) with { Attempts = attempts };
        if (
            plan.Definition.Work == Work.EachAttempt
            || plan.Definition.Combine == Combine.Successes
            || attempts.All(a => a.Outcome != TrialOutcome.Counted)
        )
        {
            var (value, used) = plan.Way.Of(attempts);
            return new(value) { Attempts = attempts, Used = used };
        }

        var combined = plan
            .Expression.Measures.Where(m => m.Taken != ReadOccasion.Once)
            .ToDictionary(m => m, m => plan.WayOf(m).Of(AttemptValue.Of(Expression.Of(m), plan.WayOf(m), design)));
        return OverCombined(plan, attempts, m =>
            m.Taken == ReadOccasion.Once ? design.ReadOnce(m) : combined[m].Value
        ) with
        {
            Used = [.. combined.Values.SelectMany(c => c.Used).Distinct().Order()],
        };
    }

    private static PartValue OverCombined(
        PartPlan.Measured plan,
        IReadOnlyList<AttemptValue> attempts,
        Func<Measure, BoundedValue> read
    )
    {
        var inputs = plan.Expression.Measures.Select(read).ToArray();
        return new(plan.Expression.Run(inputs))
        {
            Attempts = attempts,
            Combined = Array.TrueForAll(inputs, i => i.HasValue) ? inputs : null,
        };
    }
}
