namespace PluckyRally.Core.Readings;

/// <summary>
/// The true values that a reading allows: from one end to the other, where an end is null that has none. A reading of
/// at least 10 allows all from 10 on.
/// </summary>
/// <param name="Low">The smallest; null where there is no smallest.</param>
/// <param name="High">The largest; null where there is no largest.</param>
internal readonly record struct ValueRange(decimal? Low, decimal? High)
{
    /// <summary>What a value allows.</summary>
    public static ValueRange Of(BoundedValue value) =>
        new(
            value.Bound is Bound.Exact or Bound.AtLeast ? value.Number : null,
            value.Bound is Bound.Exact or Bound.AtMost ? value.Number : null
        );

    /// <summary>
    /// The value, as tight as the readings allow, of something that never shrinks where one of them grows: it lies
    /// between what the smallest and what the largest of each give.
    /// </summary>
    /// <param name="values">The readings; at least one.</param>
    /// <param name="of">What is asked of them, also of ends beyond all numbers.</param>
    public static BoundedValue Hull(IReadOnlyList<BoundedValue> values, Func<IReadOnlyList<End>, End> of)
    {
        var ranges = values.Select(Of).ToList();
        return Between(
            of([.. values.Select(v => new End(v.Number, 0))]).Number,
            of([.. ranges.Select(r => r.Low is { } low ? new End(low, 0) : new End(0, -1))]).Known,
            of([.. ranges.Select(r => r.High is { } high ? new End(high, 0) : new End(0, 1))]).Known
        );
    }

    /// <summary>
    /// The value whose true one lies between two ends, as a number with a bound can say it: of two known ends that
    /// differ it says the one that is the number as read, or that it is open.
    /// </summary>
    /// <param name="number">As read.</param>
    /// <param name="low">The smallest; null where there is none.</param>
    /// <param name="high">The largest; null where there is none.</param>
    public static BoundedValue Between(decimal number, decimal? low, decimal? high) =>
        (low, high) switch
        {
            (null, null) => new(number, Bound.Unclear),
            ({ } least, null) => new(least, Bound.AtLeast),
            (null, { } most) => new(most, Bound.AtMost),
            ({ } least, { } most) when least == most => new(least),
            ({ } least, { } most) => number == least ? new(least, Bound.AtLeast)
            : number == most ? new(most, Bound.AtMost)
            : new(number, Bound.Unclear),
        };

    /// <summary>The largest.</summary>
    public static End Most(IReadOnlyList<End> ends) => ends.Max();

    /// <summary>The smallest.</summary>
    public static End Least(IReadOnlyList<End> ends) => ends.Min();
}

/// <summary>An end of a range: a number, or beyond all numbers.</summary>
/// <param name="Number">The number; 0 beyond all.</param>
/// <param name="Beyond">Below all numbers (−1), a number (0), above all (1).</param>
internal readonly record struct End(decimal Number, int Beyond) : IComparable<End>
{
    /// <summary>The number; null beyond all.</summary>
    public decimal? Known => Beyond == 0 ? Number : null;

    /// <inheritdoc/>
    public int CompareTo(End other) =>
        Beyond != other.Beyond ? Beyond.CompareTo(other.Beyond) : Number.CompareTo(other.Number);

    /// <summary>The middle of two, of which the first is not the larger one.</summary>
    public static End Middle(End lower, End upper) =>
        lower.Beyond < 0 || upper.Beyond > 0
            ? new(0, lower.Beyond < 0 ? -1 : 1)
            : new(lower.Number == upper.Number ? lower.Number : (lower.Number + upper.Number) / 2, 0);

    /// <summary>The mean of some, of which none lies beyond all on one side and another on the other.</summary>
    public static End Mean(IReadOnlyList<End> ends) =>
        ends.FirstOrDefault(e => e.Beyond != 0) is { Beyond: not 0 } beyond
            ? beyond
            : new(ends.Sum(e => e.Number) / ends.Count, 0);
}
