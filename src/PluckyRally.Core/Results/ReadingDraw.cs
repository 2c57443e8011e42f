using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Results;

/// <summary>Draws a reading anew within what it is good to.</summary>
internal static class ReadingDraw
{
    private const int Parts = 1_000_000;

    /// <summary>Whether there is anything to draw: counts and the like are exact.</summary>
    public static bool Varies(Measure measure, decimal? nextTried) => Of(0, measure, nextTried).Form != Form.Exact;

    /// <summary>
    /// One draw. A load lies evenly between the last one held and the next one tried; what is "good to" some value lies
    /// normally about the reading; any other reading of step d lies evenly within ±d/2.
    /// </summary>
    public static decimal Next(decimal value, Measure measure, decimal? nextTried, Random random) =>
        Of(value, measure, nextTried).Next(random);

    /// <summary>What a reading is drawn from, made ready to be drawn many times.</summary>
    public static Source Of(decimal value, Measure measure, decimal? nextTried) =>
        measure.LoadTest && nextTried is { } next ? new(value, next - value, Form.Above)
        : measure.GoodTo is { } goodTo ? new(value, goodTo, Form.Normal)
        : measure.IsExact ? new(value, 0, Form.Exact)
        : new(value, measure.Step, Form.Around);

    /// <summary>How draws lie about a value.</summary>
    public enum Form
    {
        /// <summary>They are the value.</summary>
        Exact,

        /// <summary>Evenly within half a width to both sides.</summary>
        Around,

        /// <summary>Evenly from the value on, as far as the width goes.</summary>
        Above,

        /// <summary>Normally, with the width as the standard deviation.</summary>
        Normal,
    }

    /// <summary>A value and how draws lie about it.</summary>
    public readonly record struct Source(decimal Value, decimal Width, Form Form)
    {
        /// <summary>The smallest and the largest that can be drawn; null where there is no end.</summary>
        public (decimal Low, decimal High)? Range =>
            Form switch
            {
                Form.Exact => (Value, Value),
                Form.Around => (Value - (Width / 2), Value + (Width / 2)),
                Form.Above => (Math.Min(Value, Value + Width), Math.Max(Value, Value + Width)),
                Form.Normal => null,
            };

        /// <summary>One draw.</summary>
        public decimal Next(Random random) =>
            Form switch
            {
                Form.Exact => Value,
                Form.Around => Value + (Share(random.Next(-Parts / 2, (Parts / 2) + 1)) * Width),
                Form.Above => Value + (Share(random.Next(Parts + 1)) * Width),
                Form.Normal => Value + ((decimal)Normal(random) * Width),
            };
    }

    /// <summary>So many millionths, made without a division.</summary>
    private static decimal Share(int millionths) => new(Math.Abs(millionths), 0, 0, millionths < 0, 6);

    /// <summary>A draw of the standard normal distribution (Box and Muller).</summary>
    public static double Normal(Random random) =>
        Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());
}
