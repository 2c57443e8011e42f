using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Briefs;

/// <summary>Makes the curves of a method ready to be drawn.</summary>
internal static class CurveLines
{
    public static IReadOnlyList<CurveLine> Of(CompiledEdition compiled, Standings standings) =>
        [.. compiled.Parts.Select((p, i) => Line(p, i, compiled, standings)).OfType<CurveLine>()];

    private static CurveLine? Line(PartPlan plan, int at, CompiledEdition compiled, Standings standings)
    {
        if (!plan.PointsByCurve)
            return null;
        var scored = standings
            .Rows.Where(r => r.Parts.Count > at && r.Parts[at] is { Value: not null, State: PartState.Scored })
            .Select(r => (r.Name, Value: r.Parts[at].Value!.Value, Place: Place(r, at, standings, plan)))
            .ToList();
        if (plan.Curve.ByPlace is { } places)
        {
            decimal At(int number) =>
                Arithmetic
                    .Clamp(
                        new BoundedValue(number <= places.Count ? places[number - 1] : 0),
                        plan.Part.Floor,
                        plan.Part.Cap
                    )
                    .Number;
            return new(
                plan.Part.Id,
                plan.Part.Name,
                "place",
                [
                    .. Enumerable
                        .Range(1, places.Count + 1)
                        .SelectMany(n => new[] { new CurvePoint(n - 0.5m, At(n)), new CurvePoint(n + 0.5m, At(n)) }),
                ],
                [.. scored.Select(s => new CurveMark(s.Name, s.Place, At(s.Place)))]
            );
        }

        var range = plan.Values(compiled.Brief)
            ?? new LikelyRange(0, scored.Count > 0 ? scored.Max(s => s.Value) * 1.5m : 10);
        var low = Math.Min(range.Low, scored.Select(s => s.Value).DefaultIfEmpty(range.Low).Min());
        var high = Math.Max(range.High, scored.Select(s => s.Value).DefaultIfEmpty(range.High).Max());
        if (low == high)
            high = low + 1;
        if (plan.Curve.Drawn(new(low, high)) is not { } drawn)
            return null;
        var best =
            scored.Count == 0
                ? BoundedValue.None(new Absence.NobodyYet())
                : new BoundedValue(plan.Better == Better.More ? scored.Max(s => s.Value) : scored.Min(s => s.Value));
        var pool = Pool.Empty with { Best = best };
        decimal Points(decimal value) =>
            Arithmetic
                .Clamp(
                    plan.Curve.PointsFor(new BoundedValue(value), new(plan.Better, compiled.Brief.Method.Wins, pool)),
                    plan.Part.Floor,
                    plan.Part.Cap
                )
                .Number;
        return new(
            plan.Part.Id,
            plan.Part.Name,
            plan.UnitSingular,
            [.. drawn.OrderBy(v => v.At).ThenBy(v => v.Just).Select(v => new CurvePoint(v.At, Points(v.Just)))],
            [.. scored.Select(s => new CurveMark(s.Name, s.Value, Points(s.Value)))]
        );
    }

    private static int Place(Standing row, int at, Standings standings, PartPlan plan)
    {
        var mine = row.Parts[at].Value!.Value;
        return 1
            + standings.Rows.Count(r =>
                r.Parts.Count > at
                && r.Parts[at].Value is { } other
                && (plan.Better == Better.More ? other > mine : other < mine)
            );
    }
}
