namespace PluckyRally.Core.Readings;

/// <summary>Which direction of a value is the better one.</summary>
public enum Better
{
    /// <summary>More is better.</summary>
    More,

    /// <summary>Less is better.</summary>
    Less,
}

/// <summary>When a measure is read.</summary>
public enum ReadOccasion
{
    /// <summary>In every attempt.</summary>
    EachAttempt,

    /// <summary>Once for each design.</summary>
    Once,
}

/// <summary>Something that is measured: what it is, in which unit, and how finely it is read.</summary>
public sealed record Measure
{
    /// <summary>
    /// The name by which rules and expressions refer to it: a letter, then letters, digits or underscores.
    /// </summary>
    public required string Id { get; init; }

    /// <summary>What it is called on paper and on screen.</summary>
    public string Name { get; init; } = "";

    /// <summary>What sort of thing it is.</summary>
    public required MeasureKind Kind { get; init; }

    /// <summary>
    /// The unit's symbol; for money the sign, for counts the thing counted; empty where there is none.
    /// </summary>
    public string Unit { get; init; } = "";

    /// <summary>The smallest difference the instrument shows, in the unit; above 0.</summary>
    public decimal Step { get; init; } = 1;

    /// <summary>Whether it is read in every attempt or once for each design.</summary>
    public ReadOccasion Taken { get; init; }

    /// <summary>Whether a reading may be below zero.</summary>
    public bool Negative { get; init; }

    /// <summary>Whether it counts from a zero that is nothing: no words, and no degrees.</summary>
    internal bool IsAmount => Kind is not (MeasureKind.Level or MeasureKind.YesNo or MeasureKind.Temperature);

    /// <summary>Whether "so many times as much" says something: it is an amount, and cannot be below zero.</summary>
    internal bool HasRatio => IsAmount && !Negative;

    /// <summary>The words of a level, lowest first.</summary>
    public IReadOnlyList<string> Levels { get; init; } = [];

    /// <summary>For a load made of counted things: what they are.</summary>
    public IReadOnlyList<Weight> Weights { get; init; } = [];

    /// <summary>For a count: how many are in a roll or a bundle; 0 where they are all loose.</summary>
    public int Roll { get; init; }

    /// <summary>For a length in things laid end to end: what is laid. The unit is then its name.</summary>
    public LaidOut? LaidOut { get; init; }

    /// <summary>The container's own mass in the unit, taken off every reading.</summary>
    public decimal Tare { get; init; }

    /// <summary>
    /// Whether it is the last load held, so that the true limit lies between it and the next one tried.
    /// </summary>
    public bool LoadTest { get; init; }

    /// <summary>
    /// What a reading is good to, as one standard uncertainty in the unit; where absent, the step decides.
    /// </summary>
    public decimal? GoodTo { get; init; }

    /// <summary>Which direction is better, for "best" and "worst" when this measure is combined by itself.</summary>
    public Better? Better { get; init; }

    /// <summary>What a failed attempt counts as when this measure is combined by itself; in the unit.</summary>
    public decimal? FailureValue { get; init; }

    /// <summary>
    /// How attempts become one where the measure is named by itself; where absent, as the first part that reads it
    /// alone does, else the best.
    /// </summary>
    public Combine? Combine { get; init; }

    /// <summary>For <see cref="Readings.Combine.BestMean"/>: the mean of so many.</summary>
    public int? BestOf { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>What teams will probably reach; used to look ahead, never to score.</summary>
    public Expected? Expected { get; init; }

    /// <summary>
    /// What the teacher's own trial build reached, in the unit: something for teams to beat, and what is usual where
    /// nobody knows more. Absent where none was tried.
    /// </summary>
    public decimal? Benchmark { get; init; }

    /// <summary>How to measure it: where from, where to, along what.</summary>
    public string How { get; init; } = "";

    /// <summary>What it is called in the middle of a sentence.</summary>
    internal string InSentence => Name.Length > 0 ? Name.ToLowerInvariant() : Id;

    /// <summary>The unit, where it is one with a fixed size.</summary>
    internal Unit? FixedUnit =>
        Units.Find(Unit) ?? (LaidOut?.Centimetres is { } cm ? new Unit(Unit, MeasureKind.Length, cm * 10) : null);

    /// <summary>
    /// Decimals at which readings are shown and compared; counted weights, which no step rounds, at those of a piece.
    /// </summary>
    internal int Decimals =>
        Weights.Count == 0 ? Rounding.Decimals(Step) : Math.Max(Rounding.Decimals(Step), WeightDecimals);

    /// <summary>No balance that counts pieces tells more than a thousandth of its unit.</summary>
    private int WeightDecimals =>
        Math.Min(3, Weights.Select(w => w.GramsEach is { } grams ? Rounding.Decimals(grams) : 0).Max());

    /// <summary>What is exact when counted, so that it is never too near a limit to call.</summary>
    internal bool IsExact =>
        Kind is MeasureKind.Count or MeasureKind.Money or MeasureKind.YesNo or MeasureKind.Level
        || Weights.Count > 0
        || LaidOut is not null;
}

/// <summary>What teams will probably reach, in the measure's unit.</summary>
/// <param name="Low">What the weakest team reaches.</param>
/// <param name="High">What the best team reaches; below <paramref name="Low"/> where less is better.</param>
public sealed record Expected(decimal Low, decimal High)
{
    /// <summary>The smallest value that is expected.</summary>
    internal decimal Smallest => Math.Min(Low, High);

    /// <summary>The largest value that is expected.</summary>
    internal decimal Largest => Math.Max(Low, High);
}
