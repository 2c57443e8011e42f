namespace PluckyRally.Core.Readings;

/// <summary>A thing that is counted to make up a load: its name, and the mass of one.</summary>
public sealed record Weight
{
    /// <summary>What a judge types after the number, e.g. <c>bead</c>.</summary>
    public required string Name { get; init; }

    /// <summary>Mass of one in grams, above 0; known (a published specification) or weighed once.</summary>
    public decimal? Grams { get; init; }

    /// <summary>
    /// How many are in a roll, so that a strong build does not take all lesson; 0 where they are all loose.
    /// </summary>
    public int Roll { get; init; }

    /// <summary>Weighing many together, where the mass of one is not known.</summary>
    public Calibration? Calibration { get; init; }

    /// <summary>Mass of one in grams: as calibrated where it was, else as known.</summary>
    public decimal? GramsEach => Calibration is { Count: > 0 } c ? c.TotalGrams / c.Count : Grams;

    /// <summary>
    /// Standard uncertainty in grams of so many of them: k·(step/√12)/n after calibrating with n, 0 for a known mass.
    /// Source of step/√12: JCGM 100:2008 (GUM) 4.3.7.
    /// </summary>
    public double Uncertainty(decimal pieces) =>
        Calibration is { Count: > 0 } c ? (double)pieces * ((double)c.ScaleStep / Math.Sqrt(12)) / c.Count : 0;
}

/// <summary>So many pieces weighed together.</summary>
/// <param name="Count">How many, at least 1.</param>
/// <param name="TotalGrams">What they weighed together, in grams.</param>
/// <param name="ScaleStep">The scale's step in grams.</param>
public sealed record Calibration(int Count, decimal TotalGrams, decimal ScaleStep);

/// <summary>A unit of length made of things laid end to end.</summary>
/// <param name="Name">What is laid, e.g. <c>shells</c>.</param>
/// <param name="Centimetres">How long one is, where that is known.</param>
public sealed record LaidOut(string Name, decimal? Centimetres = null);
