using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(FullSteps), "fullSteps")]
public abstract partial record Curve
{
    /// <summary>
    /// So many points for every completed step from a start, such as 1 for each full 5 cm above 20 cm; none before the
    /// first.
    /// </summary>
    /// <param name="From">The start.</param>
    /// <param name="Each">How much one step is, above 0.</param>
    /// <param name="Points">Points for each step.</param>
    /// <param name="Down">Whether steps go down from the start; otherwise up.</param>
    public sealed record FullSteps(decimal From, decimal Each, decimal Points, bool Down = false) : Curve
    {
        /// <summary>No picture shows more steps than this.</summary>
        private const int MostDrawn = 200;

        internal override IReadOnlyList<string> Numbers => ["from", "each", "points"];

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) =>
            this with
            {
                From = to(From),
                Each = Rounding.ToDigits(Each * each),
            };

        internal override IEnumerable<decimal> Knots =>
            Enumerable.Range(0, MostDrawn + 1).Select(step => From + (Sign * step * Each));

        internal override IEnumerable<(decimal At, decimal Just)> Drawn(LikelyRange over) => Stepped(over, Sign);

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found) =>
            found.Unless(
                Each > 0,
                "/curve/each",
                "A step must be above zero.",
                "Write how much one step is, for example 5."
            );

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) =>
            Arithmetic.Scale(Steps(value), Points);

        internal override string Say(PartPlan part) =>
            $"{MethodWords.Points(Points)} for each full {part.ShowStated(Each)} {Side} {part.ShowStated(From)}";

        internal override string Step(PartPlan part, PartResult result)
        {
            var steps = Steps(result.Value.Value).Number;
            return $"{English.Count(steps, "full step")} of {part.ShowStated(Each)} {Side} "
                + $"{part.ShowStated(From)}: {Numerals.Write(steps)} × {Numerals.Write(Points)} = "
                + $"{Numerals.Write(result.Curve)}.";
        }

        private string Side => Down ? "below" : "above";

        private int Sign => Down ? -1 : 1;

        private BoundedValue Steps(BoundedValue value) =>
            Arithmetic.Clamp(
                Arithmetic.Floor(
                    Arithmetic.Over(
                        Arithmetic.Scale(Arithmetic.Plus(value, new BoundedValue(-From)), Sign),
                        new BoundedValue(Each)
                    )
                ),
                0,
                null
            );
    }
}
