using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Budget
    {
        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Bought,
                    PaperWords.HowMany,
                    Definition.Prices.Select(p => (p.Name, new PaperField(Field(p.Id), PaperFieldKind.Count)))
                ),
            ];

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            foreach (var price in Definition.Prices)
                if (paper.Count(Field(price.Id)) is > 0 and { } count)
                    yield return new(
                        new Entry.Purchased
                        {
                            Id = default,
                            Team = paper.Team,
                            Part = Definition.Id,
                            Item = price.Id,
                            Count = count,
                        },
                        Field(price.Id)
                    );
        }
    }
}
