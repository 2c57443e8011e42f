namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Tally
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                foreach (var counter in Definition.Counters) yield return Handle(counter.Id, counter.Name, "", 0, 10, less: counter.Hurts);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            foreach (var counter in Definition.Counters.Where(c => team.Whole(c.Id) > 0))
                yield return new Entry.Tallied { Id = default, Team = team.Team, Part = Definition.Id, Counter = counter.Id, Count = team.Whole(counter.Id) };
        }
    }
}
