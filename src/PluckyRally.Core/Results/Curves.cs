using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>Turns values into points.</summary>
internal static class Curves
{
    /// <summary>The points for a value, bounded as the value is; none where they would be too large to write down.</summary>
    public static Worth Points(Curve curve, Better better, Wins wins, Worth value, Pool pool)
    {
        try
        {
            return Arithmetic.InRange(WorkedOut(curve, better, wins, value, pool));
        }
        catch (OverflowException)
        {
            return Arithmetic.TooLarge;
        }
    }

    private static Worth WorkedOut(Curve curve, Better better, Wins wins, Worth value, Pool pool) => curve switch
    {
        Curve.Rate rate => Arithmetic.Plus(new Worth(rate.Start), Arithmetic.Scale(value, rate.PerUnit)),
        Curve.Bands bands => InBands(bands, value),
        Curve.Between between => Clamp(
            Share(Arithmetic.Plus(value, new Worth(-between.From)), between.Points, between.To - between.From),
            Math.Min(0, between.Points),
            Math.Max(0, between.Points)),
        Curve.Place place => new Worth(ByPlace(place, pool.Place, pool.Tied), PlaceBound(value.Bound, better, wins)),
        Curve.ShareOfBest share => better == Better.More ? MoreIsBetter(share, value, pool.Best) : LessIsBetter(share, value, pool.Best),
        Curve.Target target => Clamp(
            new Worth(target.Points - (target.PerUnit * Math.Abs(value.Number - target.At)), value.Bound == Bound.Exact ? Bound.Exact : Bound.Unclear),
            0,
            null),
        Curve.Improvement improvement => Improved(improvement, better, value, pool.Earlier),
        Curve.Raw => value,
        _ => throw new UnreachableException(),
    };

    /// <summary>Between floor and cap. A bound stops where it is clamped, since a better value would give the same.</summary>
    public static Worth Clamp(Worth points, decimal? floor, decimal? cap)
    {
        if (!points.HasValue) return points;
        if (cap is { } most && points.Number >= most) return new(most, points.Bound is Bound.AtLeast ? Bound.Exact : points.Bound);
        if (floor is { } least && points.Number <= least) return new(least, points.Bound is Bound.AtMost ? Bound.Exact : points.Bound);
        return points;
    }

    /// <summary>The points of a place, for so many teams that tie for it.</summary>
    public static decimal ByPlace(Curve.Place place, int first, int tied)
    {
        decimal At(int number) => number >= 1 && number <= place.Points.Count ? place.Points[number - 1] : 0;
        if (place.Ties == PlaceTies.BetterPlace || tied <= 1) return At(first);
        return Enumerable.Range(first, tied).Sum(At) / tied;
    }

    private static Worth InBands(Curve.Bands bands, Worth value)
    {
        var band = -1;
        while (band + 1 < bands.Edges.Count && value.Number >= bands.Edges[band + 1].From) band++;
        var points = band < 0 ? bands.Below : bands.Edges[band].Points;
        var reachable = value.Bound switch
        {
            Bound.Exact => [],
            Bound.AtLeast => bands.Edges.Skip(band + 1).Select(e => e.Points),
            Bound.AtMost => bands.Edges.Take(Math.Max(band, 0)).Select(e => e.Points).Concat(band >= 0 ? [bands.Below] : []),
            _ => bands.Edges.Select(e => e.Points).Append(bands.Below),
        };
        var others = reachable.Where(p => p != points).ToList();
        var bound = others.Count == 0 ? Bound.Exact
            : others.All(p => p > points) ? Bound.AtLeast
            : others.All(p => p < points) ? Bound.AtMost
            : Bound.Unclear;
        return new(points, bound);
    }

    private static Worth MoreIsBetter(Curve.ShareOfBest share, Worth value, Worth best)
    {
        if (!best.HasValue || best.Number <= 0 || value.Number <= 0) return new Worth(0);
        return Clamp(Share(value, share.Points, best.Number), 0, share.Points);
    }

    private static Worth LessIsBetter(Curve.ShareOfBest share, Worth value, Worth best)
    {
        if (value.Number == 0) return new Worth(share.Points);
        if (!best.HasValue || best.Number <= 0) return new Worth(0);
        return Clamp(Arithmetic.Over(new Worth(share.Points * best.Number), value), 0, share.Points);
    }

    private static Worth Improved(Curve.Improvement improvement, Better better, Worth value, Worth earlier)
    {
        if (!earlier.HasValue) return earlier;
        if (earlier.Number == 0) return Worth.None(new Absence.EarlierIsZero());
        var change = better == Better.More
            ? Arithmetic.Plus(value, Arithmetic.Negate(earlier))
            : Arithmetic.Plus(earlier, Arithmetic.Negate(value));
        return Share(change, 100 * improvement.PerPercent, Math.Abs(earlier.Number));
    }

    /// <summary>value · points ÷ whole, multiplied first so that what comes out even stays even.</summary>
    private static Worth Share(Worth value, decimal points, decimal whole) =>
        Arithmetic.Over(Arithmetic.Scale(value, points), new Worth(whole));

    private static Bound PlaceBound(Bound value, Better better, Wins wins)
    {
        if (value is Bound.Exact or Bound.Unclear) return value;
        var couldImprove = value == Bound.AtLeast == (better == Better.More);
        return couldImprove == (wins == Wins.Highest) ? Bound.AtLeast : Bound.AtMost;
    }
}
