namespace PluckyRally.Core;

/// <summary>Makes the curves of a method ready to be drawn.</summary>
internal static class CurveLines
{
    private const int Samples = 48;

    public static IReadOnlyList<CurveLine> Of(Playbook playbook, Standings standings) =>
        [.. playbook.Parts.Select((p, i) => Line(p, i, playbook, standings)).OfType<CurveLine>()];

    private static CurveLine? Line(PartPlan plan, int at, Playbook playbook, Standings standings)
    {
        if (plan.Curve is Curve.Improvement || (plan.Curve is Curve.Raw && plan is not PartPlan.Measured)) return null;
        var scored = standings.Rows.Where(r => r.Parts.Count > at && r.Parts[at] is { Value: not null, State: PartState.Scored }).Select(r => (r.Name, Value: r.Parts[at].Value!.Value, Place: Place(r, at, standings, plan))).ToList();
        if (plan.Curve is Curve.Place place)
        {
            decimal At(int number) => Curves.Clamp(new Worth(number <= place.Points.Count ? place.Points[number - 1] : 0), plan.Part.Floor, plan.Part.Cap).Number;
            return new(plan.Part.Id, plan.Part.Name, "place", [.. Enumerable.Range(1, place.Points.Count + 1).SelectMany(n => new[] { new CurvePoint(n - 0.5m, At(n)), new CurvePoint(n + 0.5m, At(n)) })], [.. scored.Select(s => new CurveMark(s.Name, s.Place, At(s.Place)))]);
        }

        var range = PartSpread.Values(plan, playbook.Brief) ?? new Stretch(0, scored.Count > 0 ? scored.Max(s => s.Value) * 1.5m : 10);
        var low = Math.Min(range.Low, scored.Select(s => s.Value).DefaultIfEmpty(range.Low).Min());
        var high = Math.Max(range.High, scored.Select(s => s.Value).DefaultIfEmpty(range.High).Max());
        if (low == high) high = low + 1;
        var best = scored.Count == 0 ? Worth.None(new Absence.NobodyYet()) : new Worth(plan.Better == Better.More ? scored.Max(s => s.Value) : scored.Min(s => s.Value));
        var pool = Pool.Empty with { Best = best };
        decimal Points(decimal value) => Curves.Clamp(Curves.Points(plan.Curve, plan.Better, playbook.Brief.Method.Wins, new Worth(value), pool), plan.Part.Floor, plan.Part.Cap).Number;
        return new(plan.Part.Id, plan.Part.Name, plan.One, [.. Values(plan.Curve, low, high).Select(v => new CurvePoint(v.At, Points(v.Just)))], [.. scored.Select(s => new CurveMark(s.Name, s.Value, Points(s.Value)))]);
    }

    /// <summary>The values to draw at; on both sides of an edge where the curve jumps there.</summary>
    private static IEnumerable<(decimal At, decimal Just)> Values(Curve curve, decimal low, decimal high)
    {
        IEnumerable<(decimal At, decimal Just)> corners = curve switch
        {
            Curve.Bands bands => bands.Edges.SelectMany(e => new[] { (e.From, e.From - 0.0000001m), (e.From, e.From) }),
            Curve.Between between => [(between.From, between.From), (between.To, between.To)],
            Curve.Target target => [(target.At, target.At)],
            _ => [],
        };
        var even = curve is Curve.Bands ? [low, high] : Enumerable.Range(0, Samples + 1).Select(i => low + ((high - low) * i / Samples));
        return even.Select(v => (v, v)).Concat(corners.Where(c => c.At > low && c.At < high)).OrderBy(v => v.Item1).ThenBy(v => v.Item2);
    }

    private static int Place(Standing row, int at, Standings standings, PartPlan plan)
    {
        var mine = row.Parts[at].Value!.Value;
        return 1 + standings.Rows.Count(r => r.Parts.Count > at && r.Parts[at].Value is { } other && (plan.Better == Better.More ? other > mine : other < mine));
    }
}
