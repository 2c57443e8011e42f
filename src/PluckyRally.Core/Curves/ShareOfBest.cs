using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(ShareOfBest), "shareOfBest")]
public abstract partial record Curve
{
    /// <summary>A share of all points, measured against the best team that places.</summary>
    /// <param name="Points">What the best gets.</param>
    public sealed record ShareOfBest(decimal Points) : Curve
    {
        internal override bool ComparesTeams => true;

        internal override decimal? MostPoints => Points;

        internal override IReadOnlyList<string> Numbers => ["points"];

        /// <summary>Either way round, the weakest team gets the share that low is of high.</summary>
        internal override LikelyRange Spread(LikelyRange values, Better better) =>
            new(values.High > 0 ? Math.Clamp(values.Low * Points / values.High, 0, Points) : 0, Points);

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found)
        {
            found.Unless(
                Points >= 0,
                "/curve/points",
                "The best team would lose points.",
                "Give 0 or more; to take points off, use points for each unit."
            );
            found.Unless(
                better == Better.More || !mayBeNegative,
                "/curve",
                "A share of the best makes no sense where less is better and a value can be below zero.",
                "Use points between two values, or by place."
            );
        }

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at)
        {
            var best = at.Pool.Best;
            if (at.Better == Better.More)
                return !best.HasValue || best.Number <= 0 || value.Number <= 0
                    ? new(0)
                    : Arithmetic.Clamp(Share(value, Points, best.Number), 0, Points);
            if (value.Number == 0)
                return new(Points);
            return !best.HasValue || best.Number <= 0
                ? new(0)
                : Arithmetic.Clamp(Arithmetic.Over(new BoundedValue(Points * best.Number), value), 0, Points);
        }

        internal override string Say(PartPlan part) =>
            $"{MethodWords.Points(Points)} for the best team, the others in proportion";

        internal override string Step(PartPlan part, PartResult result)
        {
            var (all, v, best) = (
                Numerals.Write(Points),
                Numerals.Write(result.Value.Value.Number),
                Numerals.Write(result.Pool.Best.Number)
            );
            return part.Better == Better.More
                ? $"{all} × {v} ÷ {best} (the best) = {Numerals.Write(result.Curve)}."
                : $"{all} × {best} (the best) ÷ {v} = {Numerals.Write(result.Curve)}.";
        }
    }
}
