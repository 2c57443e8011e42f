using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out a relay.</summary>
internal static class RelayScore
{
    public static PartValue Value(Part.Relay part, DesignRecord design)
    {
        var timed = PartEntries.Of<Entry.LegTimed>(design, part.Id);
        var faulted = PartEntries.Of<Entry.RelayFaulted>(design, part.Id);
        var stopped = PartEntries.Of<Entry.RelayStopped>(design, part.Id);
        var items = PartEntries.Of<Entry.ItemsCarried>(design, part.Id) is [.., var last] ? last.Count : 0;
        var steps = new List<Working>();
        decimal run = 0;
        var legs = 0;
        while (legs < part.Legs.Count && timed.LastOrDefault(t => t.Leg == legs + 1) is { Time.Value: { } seconds } leg)
        {
            run += seconds;
            legs++;
            steps.Add(
                new Working.LegRun(legs, part.Legs[legs - 1], leg.Runner, seconds, part.Step) { Entries = [leg.Id] }
            );
        }

        decimal faults = 0;
        var counts = new List<BoundedValue>(part.Faults.Count);
        foreach (var fault in part.Faults)
        {
            var these = faulted.Where(f => f.Fault == fault.Id).ToList();
            var count = these.Sum(f => f.Count);
            counts.Add(new(count));
            if (count == 0)
                continue;
            faults += count * fault.Seconds;
            steps.Add(new Working.FaultsMade(fault, count) { Entries = [.. these.Select(f => f.Id)] });
        }

        if (items > 0)
            steps.Add(new Working.ItemsBrought(items));
        IReadOnlyList<BoundedValue> facts =
        [
            new(legs),
            new(items),
            new(run),
            new(faults),
            new(counts.Sum(c => c.Number)),
            .. counts,
        ];
        if (legs == part.Legs.Count)
        {
            steps.Add(new Working.RunTime(run, faults, part.Step));
            return PartValue.Scored(run + faults, steps) with
            {
                Facts = facts,
                PointsAfterCurve = items * part.PointsPerItem,
            };
        }

        if (stopped.Count == 0)
            return PartValue.Without(new Absence.LegsToTime(legs, part.Legs.Count)) with { Steps = steps };
        steps.Add(new Working.RunStopped(legs, part.Legs.Count, stopped[^1].Reason) { Entries = [stopped[^1].Id] });

        // Behind the finishers: more legs first, then the time at which the last of them was done, with faults.
        return PartValue.Without(new Absence.Stopped(legs, part.Legs.Count)) with
        {
            Steps = steps,
            Facts = facts,
            PointsAfterCurve = items * part.PointsPerItem,
            StoppedOrder = [-legs, run + faults],
        };
    }
}
