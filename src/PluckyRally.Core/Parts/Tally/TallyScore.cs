using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out a tally.</summary>
internal static class TallyScore
{
    /// <summary>Points of one, with the sign that helps or hurts.</summary>
    public static decimal Each(Counter counter, WinningDirection wins) =>
        counter.Hurts == (wins == WinningDirection.Highest) ? -counter.Points : counter.Points;

    public static PartValue Value(PartPlan.Tally plan, DesignRecord design)
    {
        var tallied = PartEntries.Of<Entry.Tallied>(design, plan.Definition.Id);
        var steps = new List<Working>();
        decimal sum = 0;
        var facts = new List<BoundedValue>(plan.Definition.Counters.Count);
        foreach (var counter in plan.Definition.Counters)
        {
            var these = tallied.Where(t => t.Counter == counter.Id).ToList();
            var count = counter.Counting(these.Sum(t => t.Count));
            facts.Add(new(count));
            if (count == 0)
                continue;
            var points = count * Each(counter, plan.Wins);
            sum += points;
            steps.Add(
                new Working.Counted(counter, count, Each(counter, plan.Wins)) { Entries = [.. these.Select(t => t.Id)] }
            );
        }

        if (steps.Count == 0)
            steps.Add(new Working.NothingCounted());
        return PartValue.Scored(sum, steps) with { Facts = facts };
    }
}
