using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(PiecesCounted), "piecesCounted")]
public abstract partial record Entry
{
    /// <summary>All pieces of a team; the last count stands.</summary>
    public sealed record PiecesCounted : OfPart
    {
        /// <summary>The pieces, alike ones together.</summary>
        public required IReadOnlyList<PieceGroup> Pieces { get; init; }

        internal override string? Answers => "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Pieces>(compiled, Part, found) is not { } part)
                return this;
            var plan = compiled.Parts.OfType<PartPlan.Pieces>().Single(p => p.Definition == part);
            found.Count(Pieces, Limits.Items, "/pieces", "sorts of pieces");
            var pieces = Pieces
                .Take(Limits.Items)
                .Select((group, i) => Measured(group, part, $"/pieces/{i}", found))
                .ToList();
            for (var i = 0; i < pieces.Count; i++)
            {
                var group = pieces[i];
                Label(part.First, group.First, $"/pieces/{i}/first");
                Label(part.Second, group.Second, $"/pieces/{i}/second");
                found.Unless(
                    group.Count is >= 0 and <= 100_000,
                    $"/pieces/{i}/count",
                    "The number of pieces is out of range.",
                    "Use 0 or more."
                );
                found.Unless(
                    group.Length is null or (> 0 and <= 1_000_000),
                    $"/pieces/{i}/length",
                    "A length must be above zero.",
                    "Measure it again."
                );
                found.Unless(
                    group.Width is null or (> 0 and <= 1_000_000),
                    $"/pieces/{i}/width",
                    "A width must be above zero.",
                    "Measure it again."
                );
                if (plan.Each.Measures.Any(m => m.Id == "length"))
                    found.Unless(
                        group is not { Length: null, LengthTyped: null },
                        $"/pieces/{i}/length",
                        "The points need the length.",
                        "Measure one of them."
                    );
                if (plan.Each.Measures.Any(m => m.Id == "width"))
                    found.Unless(
                        group is not { Width: null, WidthTyped: null },
                        $"/pieces/{i}/width",
                        "The points need the width.",
                        "Measure one of them."
                    );
            }

            return this with
            {
                Pieces = pieces,
            };

            void Label(PieceLabel label, string value, string at)
            {
                if (label.Values.Count == 0)
                    found.Unless(value.Length == 0, at, "Pieces are not told apart by this here.", "Leave it out.");
                else
                    found.Unless(
                        label.Values.Any(v => v.Name == value),
                        at,
                        $"“{ProblemCollector.Short(value)}” is no {label.Name} of this brief.",
                        $"Use one of these: {string.Join(", ", label.Values.Select(v => v.Name))}."
                    );
            }
        }

        /// <summary>
        /// The group with its sizes as they were typed, understood in the part's unit and at its step.
        /// </summary>
        private static PieceGroup Measured(PieceGroup group, Part.Pieces part, string at, ProblemCollector found)
        {
            return group with
            {
                Length = Size("length", group.LengthTyped, group.Length),
                Width = Size("width", group.WidthTyped, group.Width),
            };

            decimal? Size(string dimension, string? typed, decimal? value)
            {
                if (typed is null)
                    return value;
                var read = ReadingParser.Parse(
                    typed,
                    new Measure
                    {
                        Id = dimension,
                        Name = $"The {dimension}",
                        Kind = MeasureKind.Length,
                        Unit = part.Unit,
                        Step = part.Step,
                    }
                );
                if (read.IsOk)
                    found.Unless(
                        read.Value.Bound == Bound.Exact,
                        $"{at}/{dimension}Typed",
                        "A piece has one size.",
                        "Leave out the sign at its end."
                    );
                else
                    found.AddAll($"{at}/{dimension}Typed", read.Problems);
                return read.IsOk ? read.Value.Value : null;
            }
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Pieces>(compiled, this, _ => English.Count(Pieces.Sum(p => p.Count), "piece"));
    }
}
