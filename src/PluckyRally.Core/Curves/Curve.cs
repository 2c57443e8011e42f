using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Curves;

/// <summary>How a value becomes points. Each case stands in a file of its own, with all that it does.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
public abstract partial record Curve
{
    private Curve() { }

    /// <summary>Whether points depend on the other teams.</summary>
    internal virtual bool ComparesTeams => false;

    /// <summary>The most points that it can give; null where there is no end to them, or none is known.</summary>
    internal virtual decimal? MostPoints => null;

    /// <summary>The points by place, for a curve that goes by nothing else; null for all others.</summary>
    internal virtual IReadOnlyList<decimal>? ByPlace => null;

    /// <summary>Whether the value itself is the points.</summary>
    internal virtual bool IsValueItself => false;

    /// <summary>The mark that the best attempt is nearest to; null where more or less is better.</summary>
    internal virtual decimal? Mark => null;

    /// <summary>Its numbers that a tier may change, by their names in the document.</summary>
    internal virtual IReadOnlyList<string> Numbers => [];

    /// <summary>Its lists of numbers that a tier may change.</summary>
    internal virtual IReadOnlyList<string> Lists => [];

    /// <summary>Adds what is wrong with it.</summary>
    /// <param name="better">Which direction of the value is better.</param>
    /// <param name="mayBeNegative">Whether the value can be below zero.</param>
    /// <param name="found">Collects what is wrong, by places below the part's.</param>
    internal virtual void Check(Better better, bool mayBeNegative, ProblemCollector found) { }

    /// <summary>
    /// The points for a value, bounded as the value is; none where they would be too large to write down.
    /// </summary>
    internal BoundedValue PointsFor(BoundedValue value, CurveAt at)
    {
        try
        {
            return Arithmetic.InRange(Compute(value, at));
        }
        catch (OverflowException)
        {
            return Arithmetic.TooLarge;
        }
    }

    /// <summary>The curve in words for students, without a full stop.</summary>
    internal abstract string Say(PartPlan part);

    /// <summary>The curve with a team's numbers put in, as a sentence.</summary>
    internal abstract string Step(PartPlan part, PartResult result);

    /// <summary>
    /// The curve that gives the same points where its values are in another unit; one over places or shares is the same
    /// in all.
    /// </summary>
    /// <param name="to">What a value is in the other unit, as it is written down.</param>
    /// <param name="each">How many of the other unit one of this is.</param>
    internal virtual Curve InUnit(Func<decimal, decimal> to, decimal each) => this;

    /// <summary>The values at which it bends.</summary>
    internal virtual IEnumerable<decimal> Knots => [];

    /// <summary>
    /// The values to draw it at, each with the value whose points stand there; null where it cannot be drawn over
    /// values.
    /// </summary>
    internal virtual IEnumerable<(decimal At, decimal Just)>? Drawn(LikelyRange over) =>
        Evenly(over).Concat(Knots.Where(over.Contains)).Select(v => (v, v));

    /// <summary>The fewest and the most points over what teams will probably reach; null where nobody knows.</summary>
    internal virtual LikelyRange? Spread(LikelyRange values, Better better)
    {
        var points = Knots
            .Where(values.Contains)
            .Append(values.Low)
            .Append(values.High)
            .Select(v => PointsFor(new BoundedValue(v), new(better, WinningDirection.Highest, Pool.Empty)).Number)
            .ToList();
        return new(points.Min(), points.Max());
    }

    /// <summary>The points for a value; what is too large for the numbers of this machine is caught above.</summary>
    private protected abstract BoundedValue Compute(BoundedValue value, CurveAt at);

    /// <summary>value · points ÷ whole, multiplied first so that what comes out even stays even.</summary>
    private protected static BoundedValue Share(BoundedValue value, decimal points, decimal whole) =>
        Arithmetic.Over(Arithmetic.Scale(value, points), new BoundedValue(whole));

    /// <summary>
    /// Where a curve jumps at its knots: on both sides of each, so that the picture has an edge there.
    /// </summary>
    /// <param name="over">The values to draw.</param>
    /// <param name="side">On which side of a knot its points begin: 1 above, −1 below.</param>
    private protected IEnumerable<(decimal At, decimal Just)> Stepped(LikelyRange over, int side = 1) =>
        Knots
            .Where(over.Contains)
            .SelectMany(knot => new[] { (knot, knot - (side * JustBeside)), (knot, knot) })
            .Prepend((over.Low, over.Low))
            .Append((over.High, over.High));

    /// <summary>Less than any reading's step.</summary>
    private const decimal JustBeside = 0.0000001m;

    private static IEnumerable<decimal> Evenly(LikelyRange over) =>
        Enumerable.Range(0, Samples + 1).Select(i => over.Low + (over.Length * i / Samples));

    private const int Samples = 48;
}

/// <summary>What a curve knows beyond the value.</summary>
/// <param name="Better">Which direction of the value is better.</param>
/// <param name="Wins">Which total wins.</param>
/// <param name="Pool">What the value is compared with.</param>
internal readonly record struct CurveAt(Better Better, WinningDirection Wins, Pool Pool);
