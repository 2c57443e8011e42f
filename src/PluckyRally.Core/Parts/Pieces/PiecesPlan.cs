using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record PartPlan
{
    /// <summary>Pieces, and the expression for the points of one.</summary>
    public sealed partial record Pieces(Part.Pieces Definition, Expression Each) : PartPlan
    {
        public override Part Part => Definition;

        public override string Say()
        {
            var worth = new[] { Definition.First, Definition.Second }
                .SelectMany(l => l.Values)
                .Where(v => v.Points != 0)
                .ToList();
            if (Each.Plain is not null && !PointsNeedSize && worth.Count > 0)
                return string.Join(
                        ", ",
                        worth.Select(
                            (v, i) =>
                                $"{MethodWords.Points(v.Points)} for "
                                + $"{(i == 0 ? $"each piece that is {v.Name}" : v.Name)}"
                        )
                    ) + ".";
            return $"each piece is worth {Each.InWords} points"
                + (
                    worth.Count > 0
                        ? $" ({string.Join(", ", worth.Select(v => $"{v.Name} is {Numerals.Write(v.Points)}"))})"
                        : ""
                )
                + ".";
        }

        public override PartValue Value(DesignFacts known, Trials trials) => PiecesScore.Value(this, known.Design);

        public override PartAnswers Answers(DesignRecord design) =>
            new([]) { Pieces = PiecesScore.Counted(Definition, design)?.Pieces ?? [] };

        /// <summary>Whether pieces must be measured for their points.</summary>
        public bool PointsNeedSize => Each.Measures.Any(m => m.Id is "length" or "width");

        public override LikelyRange? Values(Brief brief) => null;

        public override LikelyRange? Spread(Brief brief) => null;

        /// <summary>Makes the part ready, or adds what is wrong with it.</summary>
        public static Pieces? Make(Part.Pieces part, ProblemCollector found)
        {
            Check(part.First, "/first", found);
            Check(part.Second, "/second", found);
            found.Unless(
                part.Step > 0,
                "/step",
                "The step must be above zero.",
                "Use what the ruler shows, for example 0.5."
            );
            if (Units.Find(part.Unit)?.Kind != MeasureKind.Length)
            {
                found.Add(
                    "/unit",
                    $"“{ProblemCollector.Short(part.Unit)}” is not a unit of length.",
                    $"Use one of these: {string.Join(", ", Units.For(MeasureKind.Length))}."
                );
                return null;
            }

            var each = Compiler.Compile(part.Each, Names(part));
            if (each.IsOk)
                return new(part, each.Value);
            found.AddAll("/each", each.Problems);
            return null;
        }

        private static void Check(PieceLabel label, string at, ProblemCollector found)
        {
            found.Count(label.Values, 100, $"{at}/values", "values");
            found.Unless(
                label.Values.Select(v => v.Name).Distinct().Count() == label.Values.Count
                    && label.Values.All(v => v.Name.Length is > 0 and <= Limits.Name),
                $"{at}/values",
                "Two values have the same name, or one has none.",
                "Give each its own name."
            );
        }

        private static Measure[] Names(Part.Pieces part) =>
            [
                new()
                {
                    Id = "first",
                    Name = part.First.Name,
                    Kind = MeasureKind.Number,
                    Step = 0.01m,
                    Negative = true,
                },
                new()
                {
                    Id = "second",
                    Name = part.Second.Name,
                    Kind = MeasureKind.Number,
                    Step = 0.01m,
                    Negative = true,
                },
                new()
                {
                    Id = "length",
                    Name = "length",
                    Kind = MeasureKind.Length,
                    Unit = part.Unit,
                    Step = part.Step,
                },
                new()
                {
                    Id = "width",
                    Name = "width",
                    Kind = MeasureKind.Length,
                    Unit = part.Unit,
                    Step = part.Step,
                },
            ];
    }
}
