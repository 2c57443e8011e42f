namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    /// <summary>A relay.</summary>
    public sealed record Relay(Part.Relay Is) : PartPlan
    {
        public override Part Part => Is;

        public override Curve Curve => Is.Curve;

        public override Better Better => Better.Less;

        public override int Decimals => Rounding.Decimals(Is.Step);

        public override string One => "s";

        public override Measure ShownValue => PartEntries.Clock(Is.Id, Is.Step);

        public override string Show(Worth value) => value.HasValue ? ReadingFormat.WithBound(PartEntries.Show(value.Number, Is.Step), value.Bound) : "no value";

        public override string Say()
        {
            var faults = string.Join("", Is.Faults.Select(f => $" {f.Name} costs {ReadingFormat.Number(f.Seconds)} s."));
            var items = Is.PointsPerItem != 0 ? $" {MethodWords.Points(Is.PointsPerItem)} for each item brought over." : "";
            return $"{Is.Legs.Count} {(Is.Legs.Count == 1 ? "leg" : "legs")} against the clock, {Is.Curve.Say(this)}.{faults}{items}";
        }

        public override PartValue Value(DesignRecord design, Trials trials) => RelayScore.Value(Is, design);

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Relay Make(Part.Relay part, Brief brief, Findings found)
        {
            found.Unless(part.Legs.Count is >= 1 and <= 100, "/legs", "A relay needs 1 to 100 legs.", "Name the first.");
            found.Unless(part.Step is > 0 and <= 60, "/step", "The step must be above zero.", "Use what the stopwatch shows, for example 0.1.");
            found.Ids(part.Faults.Select(f => f.Id), "/faults", "fault");
            found.Count(part.Faults, 50, "/faults", "faults");
            foreach (var fault in part.Faults) found.Unless(fault.Seconds >= 0, $"/faults/{fault.Id}/seconds", "A fault cannot make a team faster.", "Use 0 or more.");
            part.Curve.Check(Better.Less, mayBeNegative: false, found);
            found.Unless(!part.Curve.IsValueItself || brief.Method.Wins == Wins.Lowest, "/curve", "The time itself as points would reward the slowest.", "Use points by place or between two times.");
            return new(part);
        }
    }
}

/// <summary>Works out a relay.</summary>
internal static class RelayScore
{
    public static PartValue Value(Part.Relay part, DesignRecord design)
    {
        var timed = PartEntries.Of<Entry.LegTimed>(design, part.Id);
        var faulted = PartEntries.Of<Entry.RelayFaulted>(design, part.Id);
        var stopped = PartEntries.Of<Entry.RelayStopped>(design, part.Id);
        var items = PartEntries.Of<Entry.ItemsCarried>(design, part.Id) is [.., var last] ? last.Count : 0;
        var lines = new List<PartLine>();
        decimal run = 0;
        var legs = 0;
        while (legs < part.Legs.Count && timed.LastOrDefault(t => t.Leg == legs + 1) is { Time.Value: { } seconds } leg)
        {
            run += seconds;
            legs++;
            lines.Add(new($"Leg {legs}{(part.Legs[legs - 1].Length > 0 ? $", {part.Legs[legs - 1]}" : "")}{(leg.Runner.Length > 0 ? $" ({leg.Runner})" : "")}: {PartEntries.Show(seconds, part.Step)}.", leg.Id));
        }

        decimal faults = 0;
        var counts = new List<Worth>(part.Faults.Count);
        foreach (var fault in part.Faults)
        {
            var these = faulted.Where(f => f.Fault == fault.Id).ToList();
            var count = these.Sum(f => f.Count);
            counts.Add(new(count));
            if (count == 0) continue;
            faults += count * fault.Seconds;
            lines.Add(new($"{fault.Name}, {count} times {ReadingFormat.Number(fault.Seconds)} s: {ReadingFormat.Number(count * fault.Seconds)} s more.", [.. these.Select(f => f.Id)]));
        }

        if (items > 0) lines.Add(new($"{items} {(items == 1 ? "item" : "items")} brought over."));
        IReadOnlyList<Worth> facts = [new(legs), new(items), new(run), new(faults), new(counts.Sum(c => c.Number)), .. counts];
        if (legs == part.Legs.Count)
        {
            lines.Add(new($"{PartEntries.Show(run, part.Step)} + {ReadingFormat.Number(faults)} s = {PartEntries.Show(run + faults, part.Step)}."));
            return PartValue.Scored(run + faults, lines) with { Facts = facts, Extra = items * part.PointsPerItem };
        }

        if (stopped.Count == 0) return PartValue.Without(new Absence.LegsToTime(legs, part.Legs.Count)) with { Lines = lines };
        lines.Add(new($"Stopped after {legs} of {part.Legs.Count} legs{(stopped[^1].Reason.Length > 0 ? $": {stopped[^1].Reason}" : "")}.", stopped[^1].Id));

        // Behind the finishers: more legs first, then the time at which the last of them was done, with faults.
        return PartValue.Without(new Absence.Stopped(legs, part.Legs.Count)) with
        {
            Lines = lines,
            Facts = facts,
            Extra = items * part.PointsPerItem,
            Behind = [-legs, run + faults],
        };
    }
}
