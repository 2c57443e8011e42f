using System.Text.Json.Serialization;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Target), "target")]
public abstract partial record Curve
{
    /// <summary>All points on the mark, fewer for each unit off it, never below 0.</summary>
    /// <param name="At">The mark.</param>
    /// <param name="Points">Points at the target.</param>
    /// <param name="PerUnit">Points lost per unit off it, above 0.</param>
    public sealed record Target(decimal At, decimal Points, decimal PerUnit) : Curve
    {
        internal override decimal? Mark => At;

        internal override decimal? MostPoints => Points;

        internal override IReadOnlyList<string> Numbers => ["at", "points", "perUnit"];

        internal override IEnumerable<decimal> Knots => [At];

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) =>
            this with
            {
                At = to(At),
                PerUnit = Rounding.ToDigits(PerUnit / each),
            };

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found) =>
            found.Unless(
                PerUnit > 0,
                "/curve/perUnit",
                "Missing the target must cost something.",
                "Write the points lost per unit, above zero."
            );

        /// <summary>A value beyond a bound may lie nearer to the mark or farther off.</summary>
        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) =>
            Arithmetic.Clamp(
                new BoundedValue(
                    Points - (PerUnit * Math.Abs(value.Number - At)),
                    value.Bound == Bound.Exact ? Bound.Exact : Bound.Unclear
                ),
                0,
                null
            );

        internal override string Say(PartPlan part) =>
            $"{MethodWords.Points(Points)} for exactly {part.ShowStated(At)}, "
            + $"{MethodWords.Points(PerUnit)} less for each "
            + $"{(part.UnitSingular.Length > 0 ? part.UnitSingular : "1")} off it";

        internal override string Step(PartPlan part, PartResult result)
        {
            var off = Math.Abs(result.Value.Value.Number - At);
            var sum = $"{Numerals.Write(Points)} − {Numerals.Write(PerUnit)} × {Numerals.Write(off)}";
            var bare = Points - (PerUnit * off);
            return $"{part.ShowStated(off)} off the target of {part.ShowStated(At)}: {sum} = {Numerals.Write(bare)}"
                + (bare == result.Curve ? "." : $", and never less than {Numerals.Write(result.Curve)}.");
        }
    }
}
