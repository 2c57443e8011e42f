using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Curves;

[JsonDerivedType(typeof(Bands), "bands")]
public abstract partial record Curve
{
    /// <summary>The points of the band that the value falls in, lower edge included.</summary>
    /// <param name="Edges">Bands by their lower edge, rising.</param>
    /// <param name="Below">Points below the first edge.</param>
    public sealed record Bands(IReadOnlyList<Band> Edges, decimal Below = 0) : Curve
    {
        internal override IEnumerable<decimal> Knots => Edges.Select(e => e.From);

        internal override decimal? MostPoints => Edges.Select(e => e.Points).Append(Below).Max();

        internal override Curve InUnit(Func<decimal, decimal> to, decimal each) =>
            this with
            {
                Edges = [.. Edges.Select(e => e with { From = to(e.From) })],
            };

        internal override IEnumerable<(decimal At, decimal Just)> Drawn(LikelyRange over) => Stepped(over);

        internal override void Check(Better better, bool mayBeNegative, ProblemCollector found)
        {
            found.Unless(
                Edges.Count > 0,
                "/curve/edges",
                "There are no bands yet.",
                "Add the first: from which value, how many points."
            );
            found.Count(Edges, 100, "/curve/edges", "bands");
            for (var i = 1; i < Edges.Count; i++)
                found.Unless(
                    Edges[i].From > Edges[i - 1].From,
                    $"/curve/edges/{i}/from",
                    "The bands do not rise.",
                    $"Start this band above {Numerals.Write(Edges[i - 1].From)}."
                );
        }

        private protected override BoundedValue Compute(BoundedValue value, CurveAt at)
        {
            var band = Edges.Count - 1;
            while (band >= 0 && value.Number < Edges[band].From)
                band--;
            var points = band < 0 ? Below : Edges[band].Points;
            var reachable = value.Bound switch
            {
                Bound.Exact => [],
                Bound.AtLeast => Edges.Skip(band + 1).Select(e => e.Points),
                Bound.AtMost => Edges.Take(Math.Max(band, 0)).Select(e => e.Points).Concat(band >= 0 ? [Below] : []),
                Bound.Unclear => Edges.Select(e => e.Points).Append(Below),
            };
            var others = reachable.Where(p => p != points).ToList();
            var bound =
                others.Count == 0 ? Bound.Exact
                : others.All(p => p > points) ? Bound.AtLeast
                : others.All(p => p < points) ? Bound.AtMost
                : Bound.Unclear;
            return new(points, bound);
        }

        internal override string Say(PartPlan part)
        {
            var below = StartsAtZero(part) || (Below == 0 && !Falls(part)) || Edges.Count == 0 ? [] : new[] { -1 };
            var edges = Enumerable.Range(0, Edges.Count);
            return string.Join(
                ", ",
                (Falls(part) ? below.Concat(edges) : edges.Concat(below)).Select(band =>
                    $"{MethodWords.Points(PointsOf(band))} for {SayRange(part, band)}"
                )
            );
        }

        internal override string Step(PartPlan part, PartResult result)
        {
            var band = Edges.Count - 1;
            while (band >= 0 && result.Value.Value.Number < Edges[band].From)
                band--;
            return $"{SentenceCase.Beginning(SayRange(part, band))}: {MethodWords.Points(result.Curve)}.";
        }

        /// <summary>Points of a band by its place; the one before the first edge is -1.</summary>
        private decimal PointsOf(int band) => band < 0 ? Below : Edges[band].Points;

        /// <summary>Whether more earns less, so that a value takes the first band that it stays under.</summary>
        private bool Falls(PartPlan part) =>
            !part.ShowsWords
            && Edges.Count > 1
            && Edges.Skip(1).Zip(Edges, (next, edge) => next.Points < edge.Points).All(falls => falls)
            && (Below > Edges[0].Points || (Below == 0 && Edges[0].From <= 0));

        /// <summary>Nothing is below zero, so the band from there on is the lowest.</summary>
        private bool StartsAtZero(PartPlan part) => part.HasRatio && Edges.Count > 1 && Edges[0].From <= 0;

        private string SayRange(PartPlan part, int band) =>
            band >= 0 && part.ShowsWords ? $"“{part.ShowStated(Edges[band].From)}”"
            : band < 0 || (band == 0 && StartsAtZero(part)) || (Falls(part) && band < Edges.Count - 1)
                ? $"less than {part.ShowStated(Edges[band + 1].From)}"
            : $"{part.ShowStated(Edges[band].From)} or more";
    }
}

/// <summary>One band: from this value on, so many points.</summary>
/// <param name="From">Lower edge, included.</param>
/// <param name="Points">Points in the band.</param>
public sealed record Band(decimal From, decimal Points);
