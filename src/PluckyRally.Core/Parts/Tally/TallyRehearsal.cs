using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Tally
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                foreach (var counter in Definition.Counters)
                    yield return Handle(counter.Id, counter.Name, "", 0, counter.Counting(10), less: counter.Hurts);
            }
        }

        public override IEnumerable<RehearsedThing> Things =>
            Definition.Counters.Select(c =>
                Amount(
                    c.Id,
                    c.Name,
                    "",
                    c.Hurts ? new(0, c.Counting(1), c.Counting(4)) : new(0, c.Counting(3), c.Counting(8)),
                    less: c.Hurts
                )
            );

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            var counted = PartEntries.Of<Entry.Tallied>(design, Definition.Id).ToLookup(t => t.Counter);
            return counted.Count == 0
                ? []
                : Definition.Counters.Select(c => CameOf(c.Id, counted[c.Id].Sum(t => t.Count)));
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            foreach (var counter in Definition.Counters.Where(c => team.Whole(c.Id) > 0))
                yield return new Entry.Tallied
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Counter = counter.Id,
                    Count = team.Whole(counter.Id),
                };
        }
    }
}
