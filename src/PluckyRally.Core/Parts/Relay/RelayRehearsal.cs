using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Relay
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle(
                    "time",
                    "time of all legs",
                    "s",
                    Plausible.LegSeconds.Low * Definition.Legs.Count,
                    Plausible.LegSeconds.High * Definition.Legs.Count,
                    Definition.Step,
                    less: true
                );
                foreach (var fault in Definition.Faults)
                    yield return Handle(OfFault(fault.Id), fault.Name, "", 0, 10, less: true);
                if (Definition.PointsPerItem != 0)
                    yield return Handle("items", "items brought over", "", 0, 20);
            }
        }

        public override IEnumerable<RehearsedThing> Things
        {
            get
            {
                for (var leg = 1; leg <= Definition.Legs.Count; leg++)
                    yield return Amount(
                        $"leg.{leg}",
                        Definition.Legs[leg - 1],
                        "s",
                        new(Plausible.LegSeconds.Low, 20, Plausible.LegSeconds.High),
                        Definition.Step,
                        less: true
                    );
                foreach (var fault in Definition.Faults)
                    yield return Amount(OfFault(fault.Id), fault.Name, "", new(0, 1, 4), less: true);
                if (Definition.PointsPerItem != 0)
                    yield return Amount("items", "items brought over", "", new(2, 8, 15));
            }
        }

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            var legs = PartEntries.Of<Entry.LegTimed>(design, Definition.Id);
            if (legs.Count == 0)
                yield break;
            foreach (var leg in legs.GroupBy(l => l.Leg))
                if (leg.Last().Time.Value is { } time)
                    yield return CameOf($"leg.{leg.Key}", time);
            var faults = PartEntries.Of<Entry.RelayFaulted>(design, Definition.Id).ToLookup(f => f.Fault);
            foreach (var fault in Definition.Faults)
                yield return CameOf(OfFault(fault.Id), faults[fault.Id].Sum(f => f.Count));
            if (PartEntries.Of<Entry.ItemsCarried>(design, Definition.Id) is { Count: > 0 } carried)
                yield return CameOf("items", carried[^1].Count);
        }

        /// <summary>A name of its own beside those of legs, items and heats, whatever a fault is called.</summary>
        private static string OfFault(string fault) => $"fault.{fault}";

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            for (var leg = 1; leg <= Definition.Legs.Count; leg++)
                yield return new Entry.LegTimed
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Leg = leg,
                    Time = team.Seconds(
                        team.Has($"leg.{leg}")
                            ? team.Value($"leg.{leg}")
                            : Rounding.ToStep(team.Value("time") / Definition.Legs.Count, Definition.Step)
                    ),
                };
            foreach (var fault in Definition.Faults.Where(f => team.Whole(OfFault(f.Id)) > 0))
                yield return new Entry.RelayFaulted
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Fault = fault.Id,
                    Count = team.Whole(OfFault(fault.Id)),
                };
            if (Definition.PointsPerItem != 0)
                yield return new Entry.ItemsCarried
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Count = team.Whole("items"),
                };
        }
    }
}
