using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Expressions;

/// <summary>Arithmetic that keeps bounds and says why there is no value.</summary>
internal static class Arithmetic
{
    /// <summary>What comes of sums that no lesson has.</summary>
    public static BoundedValue TooLarge { get; } = BoundedValue.None(new Absence.TooLarge());

    /// <summary>The value, or none where it is larger than any that is written down.</summary>
    public static BoundedValue InRange(BoundedValue a) =>
        a.HasValue && Math.Abs(a.Number) > Limits.ComputedNumber ? TooLarge : a;

    /// <summary>
    /// Between floor and cap. A bound stops where it is clamped, since a better value would give the same.
    /// </summary>
    public static BoundedValue Clamp(BoundedValue a, decimal? floor, decimal? cap)
    {
        if (!a.HasValue)
            return a;
        if (cap is { } most && a.Number >= most)
            return new(most, a.Bound is Bound.AtLeast ? Bound.Exact : a.Bound);
        if (floor is { } least && a.Number <= least)
            return new(least, a.Bound is Bound.AtMost ? Bound.Exact : a.Bound);
        return a;
    }

    /// <summary>
    /// The value for what goes by its sign: a bound that leaves open on which side of zero the true value lies says
    /// nothing there.
    /// </summary>
    public static BoundedValue Signed(BoundedValue a) =>
        (a.Bound == Bound.AtMost && a.Number >= 0) || (a.Bound == Bound.AtLeast && a.Number <= 0)
            ? a with
            {
                Bound = Bound.Unclear,
            }
            : a;

    public static BoundedValue Negate(BoundedValue a) =>
        a.HasValue ? new(a.Number == 0 ? 0 : -a.Number, Bounds.Flip(a.Bound)) : a;

    public static BoundedValue Scale(BoundedValue a, decimal factor) =>
        !a.HasValue || factor == 1 ? a : new(a.Number * factor, Bounds.Times(a.Bound, factor));

    public static BoundedValue Plus(BoundedValue a, BoundedValue b) =>
        !a.HasValue ? a
        : !b.HasValue ? b
        : new(a.Number + b.Number, Bounds.Join(a.Bound, b.Bound));

    public static BoundedValue Times(BoundedValue a, BoundedValue b) =>
        !a.HasValue ? a
        : !b.HasValue ? b
        : new(a.Number * b.Number, Bounds.Join(Bounds.Times(a.Bound, b), Bounds.Times(b.Bound, a)));

    public static BoundedValue Over(BoundedValue a, BoundedValue b)
    {
        if (!a.HasValue)
            return a;
        if (!b.HasValue)
            return b;
        if (b.Number == 0)
            return BoundedValue.None(new Absence.DividedByZero());
        return new(a.Number / b.Number, Bounds.Join(Bounds.Times(a.Bound, b), Bounds.Times(Bounds.Flip(b.Bound), a)));
    }

    public static BoundedValue Power(BoundedValue a, BoundedValue n)
    {
        if (!a.HasValue)
            return a;
        if (!n.HasValue)
            return n;
        if (a.Number == 0 && n.Number < 0)
            return BoundedValue.None(new Absence.DividedByZero());
        var bound =
            n.Number == 0 ? Bound.Exact
            : n.Number > 0 ? a.Bound
            : Bounds.Flip(a.Bound);
        if (n.Bound != Bound.Exact)
            bound = Bound.Unclear;
        if (n.Number == decimal.Truncate(n.Number) && Math.Abs(n.Number) <= 64)
        {
            if (a.Number < 0 && n.Number % 2 == 0)
                bound = Bounds.Flip(bound);
            decimal result = 1;
            for (var i = 0; i < Math.Abs(n.Number); i++)
                result *= a.Number;
            if (n.Number >= 0)
                return new(result, bound);
            return result == 0 ? BoundedValue.None(new Absence.DividedByZero()) : new(1 / result, bound);
        }

        return FromDouble(Math.Pow((double)a.Number, (double)n.Number), bound);
    }

    public static BoundedValue Abs(BoundedValue a) => a is { HasValue: true, Number: < 0 } ? Negate(a) : a;

    public static BoundedValue Round(BoundedValue a, int digits) =>
        a.HasValue ? a with { Number = Rounding.ToDecimals(a.Number, digits) } : a;

    public static BoundedValue Floor(BoundedValue a) => a.HasValue ? a with { Number = decimal.Floor(a.Number) } : a;

    public static BoundedValue Ceil(BoundedValue a) => a.HasValue ? a with { Number = decimal.Ceiling(a.Number) } : a;

    public static BoundedValue Sqrt(BoundedValue a)
    {
        if (!a.HasValue)
            return a;
        if (a.Number < 0)
            return BoundedValue.None(new Absence.RootBelowZero());
        var near = (decimal)Math.Sqrt((double)a.Number);
        // One step of Newton's method takes the double's 16 digits to the decimal's.
        return new(near == 0 ? 0 : (near + (a.Number / near)) / 2, a.Bound);
    }

    public static BoundedValue Max(BoundedValue a, BoundedValue b) => Extreme(a, b, more: true);

    public static BoundedValue Min(BoundedValue a, BoundedValue b) => Extreme(a, b, more: false);

    private static BoundedValue Extreme(BoundedValue a, BoundedValue b, bool more)
    {
        if (!a.HasValue)
            return a;
        if (!b.HasValue)
            return b;
        return a.Bound == Bound.Exact && b.Bound == Bound.Exact
            ? ((a.Number >= b.Number) == more ? a : b)
            : ValueRange.Hull([a, b], more ? ValueRange.Most : ValueRange.Least);
    }

    private static BoundedValue FromDouble(double value, Bound bound) =>
        double.IsFinite(value) && Math.Abs(value) < 7e27
            ? new((decimal)value, bound)
            : BoundedValue.None(new Absence.NoPower());
}
