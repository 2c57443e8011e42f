using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Improvement), "improvement")]
public abstract partial record Curve
{
    /// <summary>Points per percent of change for the better against the team's round before.</summary>
    /// <param name="PerPercent">Points for one percent.</param>
    public sealed record Improvement(decimal PerPercent) : Curve
    {
        internal override IReadOnlyList<string> Numbers => ["perPercent"];

        internal override IEnumerable<(decimal At, decimal Just)>? Drawn(LikelyRange over) => null;

        internal override LikelyRange? Spread(LikelyRange values, Better better) => null;

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at)
        {
            var earlier = at.Pool.Earlier;
            if (!earlier.HasValue)
                return earlier;
            if (earlier.Number == 0)
                return BoundedValue.None(new Absence.EarlierIsZero());
            var change =
                at.Better == Better.More
                    ? Arithmetic.Plus(value, Arithmetic.Negate(earlier))
                    : Arithmetic.Plus(earlier, Arithmetic.Negate(value));
            return Share(change, 100 * PerPercent, Math.Abs(earlier.Number));
        }

        internal override string Say(PartPlan part) =>
            $"{MethodWords.Points(PerPercent)} for each percent better than in the round before";

        internal override string Step(PartPlan part, PartResult result) =>
            $"Before {part.ShowStated(result.Pool.Earlier.Number)}, now "
            + $"{part.ShowStated(result.Value.Value.Number)}, "
            + $"{(part.Better == Better.More ? "more" : "less")} is better: {MethodWords.Points(PerPercent)} "
            + $"for each percent = {Numerals.Write(result.Curve)}.";
    }
}
