using System.Text.Json.Serialization;

namespace PluckyRally.Core;

[JsonDerivedType(typeof(Bands), "bands")]
public abstract partial record Curve
{
    /// <summary>The points of the band that the value falls in, lower edge included.</summary>
    /// <param name="Edges">Bands by their lower edge, rising.</param>
    /// <param name="Below">Points below the first edge.</param>
    public sealed record Bands(IReadOnlyList<Band> Edges, decimal Below = 0) : Curve
    {
        internal override IEnumerable<decimal> Knots => Edges.Select(e => e.From);

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
            var bands = Edges.Select(b => $"{MethodWords.Points(b.Points)} for {SayRange(part, b)}");
            return string.Join(
                ", ",
                Below == 0 || Edges.Count == 0
                    ? bands
                    : bands.Append($"{MethodWords.Points(Below)} for {SayUnder(part, 0)}")
            );
        }

        internal override string Step(PartPlan part, PartResult result) =>
            (
                Edges.LastOrDefault(b => result.Value.Value.Number >= b.From) is { } band
                    ? SentenceCase.Beginning(SayRange(part, band))
                    : SentenceCase.Beginning(SayUnder(part, 0))
            ) + $": {MethodWords.Points(result.Curve)}.";

        private string SayRange(PartPlan part, Band band) =>
            part.ShowsWords ? $"“{part.ShowStated(band.From)}”"
            // Nothing is below zero, so the band from there on is what lies under the next one.
            : part.HasRatio && Edges.Count > 1 && band == Edges[0] && band.From <= 0 ? SayUnder(part, 1)
            : $"{part.ShowStated(band.From)} or more";

        private string SayUnder(PartPlan part, int band) => $"less than {part.ShowStated(Edges[band].From)}";
    }
}

/// <summary>One band: from this value on, so many points.</summary>
/// <param name="From">Lower edge, included.</param>
/// <param name="Points">Points in the band.</param>
public sealed record Band(decimal From, decimal Points);
