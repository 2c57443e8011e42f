using PluckyRally.Core.Kit;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Ordering
    {
        public override IEnumerable<PaperBlock> Paper =>
            [
                PaperBlock.Single(
                    Definition.Name,
                    PaperWords.Thing,
                    PaperWords.Place,
                    Draws
                        .OffTheKey(Definition)
                        .Select(i =>
                            (
                                i.Name,
                                new PaperField(Place(i), PaperFieldKind.Count)
                                {
                                    Unit = PaperWords.Of(Definition.Items.Count),
                                }
                            )
                        )
                ),
            ];

        public override TaskPaper TaskSheet =>
            new(
                Definition.Name,
                PaperWords.OrderWay(Definition.Items.Count, OrderingWords.Ends(Definition)),
                PaperWords.Place,
                [.. Draws.OffTheKey(Definition).Select(i => i.Name)],
                [],
                [
                    .. Definition
                        .Items.OrderBy(i => i.Key)
                        .Select((i, at) => PaperWords.Answer(Numerals.Write(at + 1), i.Name)),
                ]
            );

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            var slots = new string[Definition.Items.Count];
            foreach (var item in Draws.OffTheKey(Definition))
            {
                if (paper.Count(Place(item)) is not { } place)
                    continue;
                if (place < 1 || place > slots.Length)
                    paper.Found.Add($"/fields/{Place(item)}", PaperWords.NoPlace(slots.Length), PaperWords.PlaceOnce);
                else if (slots[place - 1] is { } taken)
                    paper.Found.Add(
                        $"/fields/{Place(item)}",
                        PaperWords.PlaceTaken(Definition.Items.First(i => i.Id == taken).Name),
                        PaperWords.PlaceOnce
                    );
                else
                    slots[place - 1] = item.Id;
            }

            if (slots.Any(s => s is not null))
                yield return new(
                    new Entry.OrderGiven
                    {
                        Id = default,
                        Team = paper.Team,
                        Part = Definition.Id,
                        Sequence = [.. slots.Select(s => s ?? "")],
                    },
                    Place(Definition.Items[0])
                );
        }

        private string Place(OrderItem item) => Field($"item.{item.Id}");
    }
}
