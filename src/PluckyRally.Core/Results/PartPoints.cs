using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Curve, then floor and cap, then weight, then rounding.</summary>
internal static class PartPoints
{
    public static PartResult Of(PartPlan plan, Assessment assessment, int at, Method method, Pool pool)
    {
        var value = assessment.Values[at];
        if (value.State == PartState.Unfinished)
            return new(plan, PartState.Unfinished, value, 0, 0, null, Bound.Exact, pool);
        if (FailedBy(plan, assessment) is { } failedBy)
            return Failure(
                plan,
                method,
                value with
                {
                    Value = BoundedValue.None(new Absence.RuleMissed(failedBy.Rule)),
                    PointsAfterCurve = 0,
                },
                pool
            );
        if (value.State != PartState.Scored && !(value.StoppedOrder is not null && plan.Curve.ByPlace is not null))
            return Failure(plan, method, value, pool);

        var points = plan.Curve.PointsFor(value.Value, new(plan.Better, method.Wins, pool));
        if (!points.HasValue)
            return Failure(plan, method, value with { Value = points }, pool);
        var clamped = Arithmetic.Clamp(
            points with
            {
                Number = points.Number + value.PointsAfterCurve,
            },
            plan.Part.Floor,
            plan.Part.Cap
        );
        return new(
            plan,
            PartState.Scored,
            value,
            points.Number,
            clamped.Number,
            Shown(plan.Part, clamped.Number, method),
            clamped.Bound,
            pool
        );
    }

    /// <summary>The rule by whose miss the part scores its “no success” points; null where there is none.</summary>
    public static RuleOutcome? FailedBy(PartPlan plan, Assessment assessment) =>
        assessment.Rules.FirstOrDefault(r =>
            r.State == RuleState.Missed
            && r.Rule.IfMissed is Consequence.FailurePoints fail
            && fail.Part == plan.Part.Id
        );

    private static PartResult Failure(PartPlan plan, Method method, PartValue value, Pool pool)
    {
        var state = value.State;
        if (state == PartState.NoValue && plan.Part.NoValue == NoValue.Unfinished)
            return new(plan, PartState.Unfinished, value, 0, 0, null, Bound.Exact, pool);
        var points = plan.Part.FailurePoints ?? 0;

        // What a team brought over before it stopped counts anyway, within the bounds of the part. Failure points
        // alone may lie outside of them: they are what the brief says.
        var all =
            value.PointsAfterCurve == 0
                ? points
                : Arithmetic
                    .Clamp(new BoundedValue(points + value.PointsAfterCurve), plan.Part.Floor, plan.Part.Cap)
                    .Number;
        return new(plan, state, value, points, all, Shown(plan.Part, all, method), Bound.Exact, pool);
    }

    private static decimal Shown(Part part, decimal points, Method method) =>
        Rounding.ToStep(points * part.Weight, method.Precision);
}
