using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    public sealed partial record Pieces
    {
        /// <summary>Rows for pieces that are told apart by more than one word: a sort of piece each.</summary>
        private const int Rows = 10;

        public override IEnumerable<PaperBlock> Paper
        {
            get
            {
                // Where one word says all of a piece, its words are the rows; else each row names its piece.
                if (!NamesEach)
                    yield return PaperBlock.Single(
                        Definition.Name,
                        PaperWords.Piece,
                        PaperWords.HowMany,
                        Groups.Select(
                            (g, i) =>
                                (g.Length > 0 ? g : PaperWords.Pieces, new PaperField(Count(i), PaperFieldKind.Count))
                        )
                    );
                else
                    yield return new(
                        Definition.Name,
                        PaperWords.Piece,
                        [.. Columns.Select(c => c.Heading)],
                        [
                            .. Enumerable
                                .Range(0, Rows)
                                .Select(i => new PaperRow(Numerals.Write(i + 1), [.. Columns.Select(c => c.At(i))])),
                        ]
                    );
            }
        }

        public override IEnumerable<PaperEntry> FromPaper(TypedPaper paper)
        {
            var rows = NamesEach
                ? Enumerable.Range(0, Rows).Select(i => Row(paper, i))
                : Groups.Select(
                    (g, i) => paper.Count(Count(i)) is { } count ? new PieceGroup { First = g, Count = count } : null
                );
            var written = rows.Select((group, at) => (Group: group, At: at)).Where(r => r.Group is not null).ToList();
            if (written.Count == 0)
                yield break;
            yield return new(
                new Entry.PiecesCounted
                {
                    Id = default,
                    Team = paper.Team,
                    Part = Definition.Id,
                    Pieces = [.. written.Select(r => r.Group!)],
                },
                Count(written[0].At)
            )
            {
                Places = !NamesEach
                    ? written.Select((r, i) => ($"/pieces/{i}/", Count(r.At))).ToDictionary(p => p.Item1, p => p.Item2)
                    : written
                        .SelectMany((r, i) => Columns.Select(c => ($"/pieces/{i}/{c.Place}", c.At(r.At).Id)))
                        .ToDictionary(p => p.Item1, p => p.Item2),
            };
        }

        private PieceGroup? Row(TypedPaper paper, int at)
        {
            if (Columns.All(c => !paper.Has(c.At(at).Id)))
                return null;
            string? Size(string what) =>
                Has(what) && paper.Has(Field($"{at}.{what}")) ? paper.At(Field($"{at}.{what}")) : null;
            return new()
            {
                First = Definition.First.Values.Count > 0 ? paper.Choice(Label("first", Definition.First, at)) : "",
                Second = Definition.Second.Values.Count > 0 ? paper.Choice(Label("second", Definition.Second, at)) : "",
                Count = paper.Count(Count(at)) ?? 1,
                LengthTyped = Size("length"),
                WidthTyped = Size("width"),
            };
        }

        private bool NamesEach => PointsNeedSize || Definition.Second.Values.Count > 0;

        private IReadOnlyList<(string Place, string Heading, Func<int, PaperField> At)> Columns =>
            [
                .. Definition.First.Values.Count > 0
                    ? [("first", Definition.First.Name, i => Label("first", Definition.First, i))]
                    : Array.Empty<(string, string, Func<int, PaperField>)>(),
                .. Definition.Second.Values.Count > 0
                    ? [("second", Definition.Second.Name, i => Label("second", Definition.Second, i))]
                    : Array.Empty<(string, string, Func<int, PaperField>)>(),
                .. new[] { ("length", PaperWords.Length), ("width", PaperWords.Width) }
                    .Where(d => Has(d.Item1))
                    .Select(d =>
                        (
                            d.Item1,
                            d.Item2,
                            (Func<int, PaperField>)(
                                i => new PaperField(Field($"{i}.{d.Item1}"), PaperFieldKind.Reading)
                                {
                                    Unit = Definition.Unit,
                                }
                            )
                        )
                    ),
                ("count", PaperWords.HowMany, i => new PaperField(Count(i), PaperFieldKind.Count)),
            ];

        private bool Has(string size) => Each.Measures.Any(m => m.Id == size);

        private PaperField Label(string side, PieceLabel label, int at) =>
            new(Field($"{at}.{side}"), PaperFieldKind.Choice)
            {
                Choices = [.. label.Values.Select(v => new PaperChoice(v.Name, v.Name))],
            };

        private string Count(int at) => Field($"{at}.count");
    }
}
