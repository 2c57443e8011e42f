namespace PluckyRally.Core;

/// <summary>Arithmetic that keeps bounds and says why there is no value.</summary>
internal static class Arithmetic
{
    /// <summary>What comes of sums that no lesson has.</summary>
    public static Worth TooLarge { get; } = Worth.None(new Absence.TooLarge());

    /// <summary>The value, or none where it is larger than any that is written down.</summary>
    public static Worth InRange(Worth a) => a.HasValue && Math.Abs(a.Number) > Limits.WorkedOut ? TooLarge : a;

    /// <summary>Between floor and cap. A bound stops where it is clamped, since a better value would give the same.</summary>
    public static Worth Clamp(Worth a, decimal? floor, decimal? cap)
    {
        if (!a.HasValue) return a;
        if (cap is { } most && a.Number >= most) return new(most, a.Bound is Bound.AtLeast ? Bound.Exact : a.Bound);
        if (floor is { } least && a.Number <= least) return new(least, a.Bound is Bound.AtMost ? Bound.Exact : a.Bound);
        return a;
    }

    /// <summary>
    /// The value for what goes by its sign: a bound that leaves open on which side of zero the true value lies says nothing there.
    /// </summary>
    public static Worth Signed(Worth a) =>
        (a.Bound == Bound.AtMost && a.Number >= 0) || (a.Bound == Bound.AtLeast && a.Number <= 0) ? a with { Bound = Bound.Unclear } : a;

    public static Worth Negate(Worth a) => a.HasValue ? new(a.Number == 0 ? 0 : -a.Number, Bounds.Flip(a.Bound)) : a;

    public static Worth Scale(Worth a, decimal factor) =>
        !a.HasValue || factor == 1 ? a : new(a.Number * factor, Bounds.Times(a.Bound, factor));

    public static Worth Plus(Worth a, Worth b) =>
        !a.HasValue ? a : !b.HasValue ? b : new(a.Number + b.Number, Bounds.Join(a.Bound, b.Bound));

    public static Worth Times(Worth a, Worth b) => !a.HasValue
        ? a
        : !b.HasValue
            ? b
            : new(a.Number * b.Number, Bounds.Join(Bounds.Times(a.Bound, b), Bounds.Times(b.Bound, a)));

    public static Worth Over(Worth a, Worth b)
    {
        if (!a.HasValue) return a;
        if (!b.HasValue) return b;
        if (b.Number == 0) return Worth.None(new Absence.DividedByZero());
        return new(a.Number / b.Number, Bounds.Join(Bounds.Times(a.Bound, b), Bounds.Times(Bounds.Flip(b.Bound), a)));
    }

    public static Worth Power(Worth a, Worth n)
    {
        if (!a.HasValue) return a;
        if (!n.HasValue) return n;
        if (a.Number == 0 && n.Number < 0) return Worth.None(new Absence.DividedByZero());
        var bound = n.Number == 0 ? Bound.Exact : n.Number > 0 ? a.Bound : Bounds.Flip(a.Bound);
        if (n.Bound != Bound.Exact) bound = Bound.Unclear;
        if (n.Number == decimal.Truncate(n.Number) && Math.Abs(n.Number) <= 64)
        {
            if (a.Number < 0 && n.Number % 2 == 0) bound = Bounds.Flip(bound);
            decimal result = 1;
            for (var i = 0; i < Math.Abs(n.Number); i++) result *= a.Number;
            if (n.Number >= 0) return new(result, bound);
            return result == 0 ? Worth.None(new Absence.DividedByZero()) : new(1 / result, bound);
        }

        return FromDouble(Math.Pow((double)a.Number, (double)n.Number), bound);
    }

    public static Worth Abs(Worth a) => a is { HasValue: true, Number: < 0 } ? Negate(a) : a;

    public static Worth Round(Worth a, int digits) => a.HasValue ? a with { Number = Rounding.ToDecimals(a.Number, digits) } : a;

    public static Worth Floor(Worth a) => a.HasValue ? a with { Number = decimal.Floor(a.Number) } : a;

    public static Worth Ceil(Worth a) => a.HasValue ? a with { Number = decimal.Ceiling(a.Number) } : a;

    public static Worth Sqrt(Worth a)
    {
        if (!a.HasValue) return a;
        if (a.Number < 0) return Worth.None(new Absence.RootBelowZero());
        var near = (decimal)Math.Sqrt((double)a.Number);
        // One step of Newton's method takes the double's 16 digits to the decimal's.
        return new(near == 0 ? 0 : (near + (a.Number / near)) / 2, a.Bound);
    }

    public static Worth Max(Worth a, Worth b) => Extreme(a, b, more: true);

    public static Worth Min(Worth a, Worth b) => Extreme(a, b, more: false);

    /// <summary>A bound in the sought direction always reaches the result; one in the other only if its value won.</summary>
    private static Worth Extreme(Worth a, Worth b, bool more)
    {
        if (!a.HasValue) return a;
        if (!b.HasValue) return b;
        if (a.Bound == Bound.Exact && b.Bound == Bound.Exact) return (a.Number >= b.Number) == more ? a : b;
        var (winner, other) = (a.Number >= b.Number) == more ? (a, b) : (b, a);
        var towards = more ? Bound.AtLeast : Bound.AtMost;
        return winner with { Bound = other.Bound == towards || other.Bound == Bound.Unclear ? Bounds.Join(winner.Bound, other.Bound) : winner.Bound };
    }

    private static Worth FromDouble(double value, Bound bound) =>
        double.IsFinite(value) && Math.Abs(value) < 7e27 ? new((decimal)value, bound) : Worth.None(new Absence.NoPower());
}
