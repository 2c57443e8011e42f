namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Relay
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("time", "time of all legs", "s", Plausible.LegSeconds.Low * Definition.Legs.Count, Plausible.LegSeconds.High * Definition.Legs.Count, Definition.Step, less: true);
                foreach (var fault in Definition.Faults) yield return Handle(fault.Id, fault.Name, "", 0, 10, less: true);
                if (Definition.PointsPerItem != 0) yield return Handle("items", "items brought over", "", 0, 20);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            for (var leg = 1; leg <= Definition.Legs.Count; leg++)
                yield return new Entry.LegTimed { Id = default, Team = team.Team, Part = Definition.Id, Leg = leg, Time = team.Seconds(Rounding.ToStep(team.Value("time") / Definition.Legs.Count, Definition.Step)) };
            foreach (var fault in Definition.Faults.Where(f => team.Whole(f.Id) > 0))
                yield return new Entry.RelayFaulted { Id = default, Team = team.Team, Part = Definition.Id, Fault = fault.Id, Count = team.Whole(fault.Id) };
            if (Definition.PointsPerItem != 0) yield return new Entry.ItemsCarried { Id = default, Team = team.Team, Part = Definition.Id, Count = team.Whole("items") };
        }
    }
}
