using System.Text.Json.Serialization;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Between), "between")]
public abstract partial record Curve
{
    /// <summary>
    /// 0 at <paramref name="From"/>, all points at <paramref name="To"/>, a straight line between, nothing beyond.
    /// </summary>
    /// <param name="From">The value that gives 0; may lie above <paramref name="To"/>, not on it.</param>
    /// <param name="To">The value that gives all points.</param>
    /// <param name="Points">All points.</param>
    public sealed record Between(decimal From, decimal To, decimal Points) : Curve
    {
        internal override IReadOnlyList<string> Numbers => ["from", "to", "points"];

        internal override IEnumerable<decimal> Knots => [From, To];

        internal override decimal? MostPoints => Math.Max(0, Points);

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) =>
            this with
            {
                From = to(From),
                To = to(To),
            };

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found) =>
            found.Unless(
                From != To,
                "/curve/to",
                "The values for all points and for none are the same.",
                "Make them differ."
            );

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) =>
            Arithmetic.Clamp(
                Share(Arithmetic.Plus(value, new BoundedValue(-From)), Points, To - From),
                Math.Min(0, Points),
                Math.Max(0, Points)
            );

        internal override string Say(PartPlan part) =>
            $"from 0 points at {part.ShowStated(From)} up to {MethodWords.Points(Points)} at {part.ShowStated(To)}";

        internal override string Step(PartPlan part, PartResult result) =>
            $"0 points at {part.ShowStated(From)}, {Numerals.Write(Points)} at {part.ShowStated(To)}: "
            + $"{part.Show(result.Value.Value)} scores {Numerals.Write(result.Curve)}.";
    }
}
