namespace PluckyRally.Core.Readings;

/// <summary>A calculated value: a number with its bound, or no value and why.</summary>
/// <param name="Number">The number; 0 where there is none.</param>
/// <param name="Bound">Whether it is exact or a bound.</param>
/// <param name="Absent">Why there is no value; null where there is one.</param>
public readonly record struct BoundedValue(decimal Number, Bound Bound = Bound.Exact, Absence? Absent = null)
{
    /// <summary>Whether there is a value.</summary>
    public bool HasValue => Absent is null;

    /// <summary>The same at so many decimals, as it is compared where what the class sees decides.</summary>
    internal BoundedValue At(int decimals) =>
        HasValue ? this with { Number = Rounding.ToDecimals(Number, decimals) } : this;

    /// <summary>No value, and why.</summary>
    public static BoundedValue None(Absence why) => new(0, Bound.Exact, why);
}

/// <summary>How bounds travel through arithmetic.</summary>
public static class Bounds
{
    /// <summary>The bound of a sum of two.</summary>
    public static Bound Join(Bound one, Bound other) =>
        one == Bound.Exact ? other
        : other == Bound.Exact || one == other ? one
        : Bound.Unclear;

    /// <summary>The bound of the negative.</summary>
    public static Bound Flip(Bound bound) =>
        bound switch
        {
            Bound.AtLeast => Bound.AtMost,
            Bound.AtMost => Bound.AtLeast,
            Bound.Exact or Bound.Unclear => bound,
        };

    /// <summary>The bound after multiplying with something of this sign.</summary>
    public static Bound Times(Bound bound, decimal sign) =>
        sign == 0 ? Bound.Exact
        : sign < 0 ? Flip(bound)
        : bound;

    /// <summary>
    /// The bound after multiplying with a value that may be bounded too: its sign, or where it is zero the side that it
    /// lies on.
    /// </summary>
    internal static Bound Times(Bound bound, BoundedValue by) =>
        by.Number != 0 || by.Bound == Bound.Exact ? Times(bound, by.Number)
        : bound == Bound.Exact ? Bound.Exact
        : by.Bound == Bound.Unclear ? Bound.Unclear
        : Times(bound, by.Bound == Bound.AtLeast ? 1 : -1);

    /// <summary>
    /// At equal values: at least before exact before at most where more is better, the other way round where less is.
    /// </summary>
    public static int Preference(Bound bound, Better better) =>
        bound switch
        {
            Bound.AtLeast => better == Better.More ? -1 : 1,
            Bound.AtMost => better == Better.More ? 1 : -1,
            Bound.Exact or Bound.Unclear => 0,
        };
}
