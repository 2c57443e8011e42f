using PluckyRally.Core.Briefs;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Ordering
    {
        public override IEnumerable<TryHandle> Handles =>
            [Handle("right", "items in order before the first mistake", "", 0, Definition.Items.Count)];

        public override IEnumerable<RehearsedThing> Things =>
            [
                Happening("right", "the next thing is in its order", 75, good: true) with
                {
                    Times = Definition.Items.Count,
                    InARow = true,
                },
            ];

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            if (PartEntries.Of<Entry.OrderGiven>(design, Definition.Id) is not [.., var given])
                yield break;
            var inOrder = Definition.Items.OrderBy(i => i.Key).Select(i => i.Id).ToList();
            var right = given.Sequence.Zip(inOrder).TakeWhile(p => p.First == p.Second).Count();
            yield return CameOf("right", right, Math.Min(right + 1, inOrder.Count));
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var inOrder = Definition.Items.OrderBy(i => i.Key).Select(i => i.Id).ToList();
            var right = team.Whole("right");
            yield return new Entry.OrderGiven
            {
                Id = default,
                Team = team.Team,
                Part = Definition.Id,
                Sequence = [.. inOrder.Take(right), .. inOrder.Skip(right).Reverse()],
            };
        }
    }
}
