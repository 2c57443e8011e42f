using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Bins
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                yield return Handle("right", "items right", "", 0, Definition.Items.Count);
                if (Definition.SecondsPerWrong is not null)
                    yield return Handle("time", "time", "s", 0, 300, less: true);
            }
        }

        public override IEnumerable<RehearsedThing> Things
        {
            get
            {
                yield return Happening("right", "a thing is sorted right", 75, good: true) with
                {
                    Times = Definition.Items.Count,
                };
                if (Definition.SecondsPerWrong is not null)
                    yield return Amount("time", "time", "s", new(40, 90, 240), less: true);
            }
        }

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            if (PartEntries.Of<Entry.ItemsSorted>(design, Definition.Id) is not [.., var sorted])
                yield break;
            yield return CameOf(
                "right",
                Definition.Items.Count(i => sorted.Placed.GetValueOrDefault(i.Id) == i.Bin),
                Definition.Items.Count
            );
            if (sorted.Time?.Value is { } time)
                yield return CameOf("time", time);
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var right = team.Whole("right");
            yield return new Entry.ItemsSorted
            {
                Id = default,
                Team = team.Team,
                Part = Definition.Id,
                Placed = Definition
                    .Items.Select(
                        (item, i) =>
                            (
                                item.Id,
                                Bin: i < right
                                    ? item.Bin
                                    : Definition.Names.FirstOrDefault(n => n != item.Bin) ?? item.Bin
                            )
                    )
                    .ToDictionary(p => p.Id, p => p.Bin),
                Time = Definition.SecondsPerWrong is null ? null : team.Seconds(team.Value("time")),
            };
        }
    }
}
