namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Ordering
    {
        public override IEnumerable<TryHandle> Handles => [Handle("right", "items in order before the first mistake", "", 0, Definition.Items.Count)];

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            var inOrder = Definition.Items.OrderBy(i => i.Key).Select(i => i.Id).ToList();
            var right = team.Whole("right");
            yield return new Entry.OrderGiven { Id = default, Team = team.Team, Part = Definition.Id, Sequence = [.. inOrder.Take(right), .. inOrder.Skip(right).Reverse()] };
        }
    }
}
