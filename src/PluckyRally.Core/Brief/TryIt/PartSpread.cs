namespace PluckyRally.Core;

/// <summary>How many points a part can make a difference of, over what teams will probably reach.</summary>
internal static class PartSpread
{
    /// <summary>Expressions over more measures than this are not looked through.</summary>
    private const int MostMeasures = 6;

    /// <summary>The fewest and the most points that a part will probably give, its weight included; null where nobody knows.</summary>
    public static Stretch? Of(PartPlan plan, Brief brief)
    {
        var points = plan switch
        {
            PartPlan.Tasks { Is: var tasks } => new Stretch(0, tasks.Items.Sum(i => i.Points) + tasks.AllDoneBonus),
            PartPlan.Bins { Is: { SecondsPerWrong: null } bins } => new(Math.Min(bins.Wrong, bins.Unsorted) * bins.Items.Count, (bins.Right * bins.Items.Count) + bins.AllRightBonus),
            PartPlan.Ordering { Is: var order } => new(0, (order.PerPair * order.Items.Count * (order.Items.Count - 1) / 2) + (order.PerPlace * order.Items.Count)),
            PartPlan.Rubric { Is: var rubric } => new(rubric.Criteria.Sum(c => Least(c)), rubric.Criteria.Sum(c => Most(c))),
            PartPlan.Tally or PartPlan.Pieces => null,
            _ => Values(plan, brief) is { } values ? plan.Curve.Spread(values, plan.Better) : null,
        };
        if (points is null) return null;
        decimal Clamp(decimal p) => Math.Max(plan.Part.Floor ?? decimal.MinValue, Math.Min(plan.Part.Cap ?? decimal.MaxValue, p)) * plan.Part.Weight;
        return new(Clamp(points.Low), Clamp(points.High));
    }

    /// <summary>The values that the part's curve will probably see; null where nobody knows.</summary>
    public static Stretch? Values(PartPlan plan, Brief brief) => plan switch
    {
        PartPlan.Measured { Is.Combine: Combine.Successes } => new(0, brief.Trials.Attempts),
        PartPlan.Measured measured => Scale(Worked(measured.Expression), measured.Is.Combine == Combine.Sum ? brief.Trials.Attempts : 1),
        PartPlan.Relay { Is: var relay } => Scale(Plausible.LegSeconds, relay.Legs.Count),
        PartPlan.Budget { Is: var budget } => new(0, budget.Funds),
        PartPlan.Bins { Is.SecondsPerWrong: { } seconds } bins => new(30, 180 + (seconds * bins.Is.Items.Count)),
        _ => null,
    };

    private static Stretch? Worked(Expression expression)
    {
        var ranges = expression.Measures.Select(Plausible.Of).ToList();
        if (ranges.Count is 0 or > MostMeasures || ranges.Any(r => r is null)) return null;
        var values = new List<decimal>();
        for (var corner = 0; corner < 1 << ranges.Count; corner++)
        {
            var inputs = ranges.Select((r, i) => new Worth((corner >> i & 1) == 0 ? r!.Low : r!.High)).ToArray();
            if (expression.Run(inputs) is { HasValue: true } worth) values.Add(worth.Number);
        }

        return values.Count == 0 ? null : new(values.Min(), values.Max());
    }

    private static Stretch? Scale(Stretch? stretch, int times) => stretch is null ? null : new(stretch.Low * times, stretch.High * times);

    private static decimal Least(RubricCriterion criterion) => criterion.Levels.Select(l => l.Points).DefaultIfEmpty(0).Min();

    private static decimal Most(RubricCriterion criterion) => criterion.Levels.Select(l => l.Points).DefaultIfEmpty(0).Max();
}
