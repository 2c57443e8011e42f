using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Place), "place")]
public abstract partial record Curve
{
    /// <summary>Points by place among the teams that place and have a value.</summary>
    /// <param name="Points">For first, second and so on; 0 past the end.</param>
    /// <param name="Ties">What tied teams get.</param>
    public sealed record Place(IReadOnlyList<decimal> Points, PlaceTies Ties = PlaceTies.BetterPlace) : Curve
    {
        internal override bool ComparesTeams => true;

        internal override decimal? MostPoints => Points.DefaultIfEmpty(0).Max();

        internal override IReadOnlyList<decimal> ByPlace => Points;

        internal override IEnumerable<(decimal At, decimal Just)>? Drawn(LikelyRange over) => null;

        internal override LikelyRange Spread(LikelyRange values, Better better) => new(0, Points.Max());

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found)
        {
            found.Unless(
                Points.Count > 0,
                "/curve/points",
                "The list of points by place is empty.",
                "Write for example 10, 8, 6."
            );
            found.Count(Points, Limits.Teams, "/curve/points", "places");
        }

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at) =>
            new(OfPlace(at.Pool.Rank, at.Pool.Tied), BoundOf(value.Bound, at));

        internal override IReadOnlyList<string> Lists => ["points"];

        internal override string Say(PartPlan part) =>
            string.Join(
                ", ",
                Points
                    .Take(3)
                    .Select(
                        (p, i) =>
                            $"{(i == 0 ? MethodWords.Points(p) : Numerals.Write(p))} for "
                            + $"{English.Ordinal(i + 1)}{(i == 0 ? " place" : "")}"
                    )
            ) + (Points.Count > 3 ? $", then {string.Join(", ", Points.Skip(3).Select(Numerals.Write))}" : "");

        internal override string Step(PartPlan part, PartResult result) =>
            $"{English.Ordinal(result.Pool.Rank)} in this part"
            + $"{(result.Pool.Tied > 1 ? $", with {result.Pool.Tied - 1} more" : "")}: "
            + $"{MethodWords.Points(result.Curve)}.";

        /// <summary>The points of a place, for so many teams that tie for it.</summary>
        private decimal OfPlace(int first, int tied)
        {
            decimal At(int number) => number >= 1 && number <= Points.Count ? Points[number - 1] : 0;
            return Ties == PlaceTies.BetterPlace || tied <= 1
                ? At(first)
                : Enumerable.Range(first, tied).Sum(At) / tied;
        }

        /// <summary>
        /// A better value brings another place, and other points, only where there is a place to be won or lost.
        /// </summary>
        private Bound BoundOf(Bound value, CurveAt at)
        {
            if (value == Bound.Exact)
                return value;
            var (rank, last) = (at.Pool.Rank, Math.Max(at.Pool.Rank, at.Pool.Teams));
            var own = OfPlace(rank, at.Pool.Tied);
            var better = Enumerable.Range(1, rank).All(place => OfPlace(place, 1) == own);
            var worse = Enumerable.Range(rank, last - rank + 1).All(place => OfPlace(place, 1) == own);
            if (value == Bound.Unclear)
                return better && worse ? Bound.Exact : value;
            var couldImprove = value == Bound.AtLeast == (at.Better == Better.More);
            if (couldImprove ? better : worse)
                return Bound.Exact;
            return couldImprove == (at.Wins == WinningDirection.Highest) ? Bound.AtLeast : Bound.AtMost;
        }
    }
}

/// <summary>What teams get that tie for a place.</summary>
public enum PlaceTies
{
    /// <summary>The points of the best place they fill.</summary>
    BetterPlace,

    /// <summary>The mean of the points of the places they fill.</summary>
    ShareMean,
}
