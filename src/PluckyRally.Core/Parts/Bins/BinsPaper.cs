using PluckyRally.Core.Kit;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Bins
    {
        private const string Time = "time";

        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Thing,
                    PaperWords.Bin,
                    [
                        .. Draws.OffTheKey(Definition).Select(i => (i.Name, Where(i))),
                        .. Definition.SecondsPerWrong is null
                            ? []
                            : new[]
                            {
                                (PaperWords.Time, new PaperField(Field(Time), PaperFieldKind.Reading) { Unit = "s" }),
                            },
                    ]
                ),
            ];

        public override TaskPaper TaskSheet
        {
            get
            {
                var drawn = Draws.OffTheKey(Definition);
                return new(
                    Definition.Name,
                    PaperWords.SortWay,
                    PaperWords.Bin,
                    [.. drawn.Select(i => i.Name)],
                    Definition.Names,
                    [.. drawn.Select(i => PaperWords.Answer(i.Name, i.Bin))]
                );
            }
        }

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            var placed = Definition
                .Items.Select(i => (i.Id, Bin: paper.Choice(Where(i))))
                .Where(p => p.Bin.Length > 0)
                .ToDictionary(p => p.Id, p => p.Bin);
            if (placed.Count == 0 && !paper.Has(Field(Time)))
                yield break;
            yield return new(
                new Entry.ItemsSorted
                {
                    Id = default,
                    Team = paper.Team,
                    Part = Definition.Id,
                    Placed = placed,
                    Time = paper.Has(Field(Time)) ? paper.Reading(Field(Time), Definition.Id) : null,
                },
                Definition.SecondsPerWrong is null ? Where(Definition.Items[0]).Id : Field(Time)
            );
        }

        private PaperField Where(BinItem item) =>
            new(Field($"item.{item.Id}"), PaperFieldKind.Choice)
            {
                Choices = [.. Definition.Names.Select(n => new PaperChoice(n, n))],
            };
    }
}
