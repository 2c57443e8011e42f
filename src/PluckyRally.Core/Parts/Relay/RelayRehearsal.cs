namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Relay
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("time", "time of all legs", "s", Plausible.LegSeconds.Low * Is.Legs.Count, Plausible.LegSeconds.High * Is.Legs.Count, Is.Step);
                foreach (var fault in Is.Faults) yield return Handle(fault.Id, fault.Name, "", 0, 10);
                if (Is.PointsPerItem != 0) yield return Handle("items", "items brought over", "", 0, 20);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            for (var leg = 1; leg <= Is.Legs.Count; leg++)
                yield return new Entry.LegTimed { Id = default, Team = team.Team, Part = Is.Id, Leg = leg, Time = team.Seconds(Rounding.ToStep(team.Value("time") / Is.Legs.Count, Is.Step)) };
            foreach (var fault in Is.Faults.Where(f => team.Whole(f.Id) > 0))
                yield return new Entry.RelayFaulted { Id = default, Team = team.Team, Part = Is.Id, Fault = fault.Id, Count = team.Whole(fault.Id) };
            if (Is.PointsPerItem != 0) yield return new Entry.ItemsCarried { Id = default, Team = team.Team, Part = Is.Id, Count = team.Whole("items") };
        }
    }
}
