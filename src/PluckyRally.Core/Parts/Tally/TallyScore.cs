namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    /// <summary>A tally.</summary>
    public sealed record Tally(Part.Tally Is, Wins Wins) : PartPlan
    {
        public override Part Part => Is;

        public override string Say() => string.Join(", ", Is.Counters.Select(c => $"{c.Name}: {ReadingFormat.Number(TallyScore.Each(c, Wins))} each")) + ".";

        public override PartValue Value(DesignRecord design, Trials trials) => TallyScore.Value(this, design);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Tally Make(Part.Tally part, Brief brief, Findings found)
        {
            found.Unless(part.Counters.Count > 0, "/counters", "Nothing is counted yet.", "Add the first counter.");
            found.Count(part.Counters, 100, "/counters", "counters");
            found.Ids(part.Counters.Select(c => c.Id), "/counters", "counter");
            foreach (var counter in part.Counters)
            {
                found.NotEmpty(counter.Name, $"/counters/{counter.Id}/name", "The counter has no name.", "Say what is counted.");
                found.Unless(counter.Points >= 0, $"/counters/{counter.Id}/points", "Points are written above zero; whether they hurt is said beside them.", "Use 0 or more.");
            }

            return new(part, brief.Method.Wins);
        }
    }
}

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
            lines.Add(new($"{counter.Name}: {count} × {ReadingFormat.Number(Each(counter, plan.Wins))} = {ReadingFormat.Number(points)}.", [.. these.Select(t => t.Id)]));
        }

        if (lines.Count == 0) lines.Add(new("Nothing was counted."));
        return PartValue.Scored(sum, lines) with { Facts = facts };
    }
}
