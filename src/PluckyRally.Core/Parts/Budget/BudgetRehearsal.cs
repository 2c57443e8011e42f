using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Budget
    {
        public override IEnumerable<TryHandle> Handles
        {
            get
            {
                foreach (var price in Definition.Prices)
                    yield return Handle(price.Id, $"{price.Name} bought", "", 0, 12);
            }
        }

        /// <summary>
        /// A team spends most of what it has, spread over what there is (common practice, no source).
        /// </summary>
        public override IEnumerable<RehearsedThing> Things =>
            Definition.Prices.Select(p =>
                Amount(
                    p.Id,
                    BudgetWords.SayBought(p, AtMost.TryGetValue(p.Id, out var most) ? most : null),
                    "",
                    Bought(p),
                    less: Better == Better.Less || Definition.Value == BudgetValue.Left
                )
            );

        public override IEnumerable<ThingCame> Came(DesignRecord design)
        {
            var bought = PartEntries.Of<Entry.Purchased>(design, Definition.Id).ToLookup(p => p.Item);
            return bought.Count == 0
                ? []
                : Definition.Prices.Select(p => CameOf(p.Id, Math.Max(0, bought[p.Id].Sum(b => b.Count))));
        }

        private Pert Bought(Price price)
        {
            var usual = price.Each > 0 ? Math.Floor(Definition.Funds * 0.7m / Definition.Prices.Count / price.Each) : 4;
            return AtMost.TryGetValue(price.Id, out var most)
                ? new(0, Math.Min(usual, most), Math.Min(usual * 2, most))
                : new(0, usual, usual * 2);
        }

        public override IEnumerable<Entry> Rehearse(PartRehearsal team)
        {
            foreach (var price in Definition.Prices.Where(p => team.Whole(p.Id) > 0))
                yield return new Entry.Purchased
                {
                    Id = default,
                    Team = team.Team,
                    Part = Definition.Id,
                    Item = price.Id,
                    Count = team.Whole(price.Id),
                };
        }
    }
}
