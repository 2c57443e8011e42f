namespace PluckyRally.Core;

/// <summary>Works out a tally.</summary>
internal static class TallyScore
{
    /// <summary>Points of one, with the sign that helps or hurts.</summary>
    public static decimal Each(Counter counter, Wins wins) => counter.Hurts == (wins == Wins.Highest) ? -counter.Points : counter.Points;

    public static PartValue Value(PartPlan.Tally plan, DesignRecord design)
    {
        var tallied = PartEntries.Of<Entry.Tallied>(design, plan.Is.Id);
        var lines = new List<PartLine>();
        decimal sum = 0;
        var facts = new List<Worth>(plan.Is.Counters.Count);
        foreach (var counter in plan.Is.Counters)
        {
            var these = tallied.Where(t => t.Counter == counter.Id).ToList();
            var count = these.Sum(t => t.Count);
            facts.Add(new(count));
            if (count == 0) continue;
            var points = count * Each(counter, plan.Wins);
            sum += points;
            lines.Add(new($"{counter.Name}: {count} × {Numerals.Write(Each(counter, plan.Wins))} = {Numerals.Write(points)}.", [.. these.Select(t => t.Id)]));
        }

        if (lines.Count == 0) lines.Add(new("Nothing was counted."));
        return PartValue.Scored(sum, lines) with { Facts = facts };
    }
}
