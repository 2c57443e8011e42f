namespace PluckyRally.Core;

/// <summary>Draws a reading anew within what it is good to.</summary>
internal static class ReadingDraw
{
    private const int Parts = 1_000_000;

    /// <summary>Whether there is anything to draw: counts and the like are exact.</summary>
    public static bool Varies(Measure measure, decimal? nextTried) =>
        (measure.LoadTest && nextTried is not null) || measure.GoodTo is not null || !measure.IsExact;

    /// <summary>
    /// One draw. A load lies evenly between the last one held and the next one tried; what is "good to" some value lies
    /// normally about the reading; any other reading of step d lies evenly within ±d/2.
    /// </summary>
    public static decimal Next(decimal value, Measure measure, decimal? nextTried, Random random)
    {
        if (measure.LoadTest && nextTried is { } next) return value + (Share(random.Next(Parts + 1)) * (next - value));
        if (measure.GoodTo is { } goodTo) return value + ((decimal)Normal(random) * goodTo);
        return measure.IsExact ? value : value + (Share(random.Next(-Parts / 2, (Parts / 2) + 1)) * measure.Step);
    }

    /// <summary>So many millionths, made without a division.</summary>
    private static decimal Share(int millionths) => new(Math.Abs(millionths), 0, 0, millionths < 0, 6);

    /// <summary>A draw of the standard normal distribution (Box and Muller).</summary>
    private static double Normal(Random random) => Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
