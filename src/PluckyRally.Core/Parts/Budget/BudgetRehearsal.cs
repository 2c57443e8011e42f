namespace PluckyRally.Core;

internal abstract partial record PartPlan
{
    public sealed partial record Budget
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                foreach (var price in Definition.Prices) yield return Handle(price.Id, $"{price.Name} bought", "", 0, 12);
            }
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            foreach (var price in Definition.Prices.Where(p => team.Whole(p.Id) > 0))
                yield return new Entry.Purchased { Id = default, Team = team.Team, Part = Definition.Id, Item = price.Id, Count = team.Whole(price.Id) };
        }
    }
}
