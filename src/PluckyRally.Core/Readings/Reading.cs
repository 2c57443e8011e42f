namespace PluckyRally.Core.Readings;

/// <summary>How far a reading can be trusted to be the value itself.</summary>
public enum Bound
{
    /// <summary>The value.</summary>
    Exact,

    /// <summary>The value or more: weights, height or time ran out.</summary>
    AtLeast,

    /// <summary>The value or less.</summary>
    AtMost,

    /// <summary>Bounds that pull both ways met in a calculation; the value ranks as it stands and is marked.</summary>
    Unclear,
}

/// <summary>A reading of one measure.</summary>
public sealed record Reading
{
    /// <summary>The id of the measure.</summary>
    public required string Measure { get; init; }

    /// <summary>What the judge typed, to the letter.</summary>
    public required string Typed { get; init; }

    /// <summary>
    /// The value in the unit of the edition, rounded to the measure's step; worked out from <see cref="Typed"/>, never
    /// the other way round.
    /// </summary>
    public decimal? Value { get; init; }

    /// <summary>Whether the value is exact or a bound.</summary>
    public Bound Bound { get; init; }

    /// <summary>
    /// For a load test: the next load tried, which was not held; in the same unit as <see cref="Value"/>.
    /// </summary>
    public decimal? NextTried { get; init; }

    /// <summary>Whether the judge was asked about an unlikely value and said that it is right.</summary>
    public bool Sure { get; init; }

    /// <summary>The instrument that it was taken from; empty where it was read by eye.</summary>
    public string Instrument { get; init; } = "";
}
