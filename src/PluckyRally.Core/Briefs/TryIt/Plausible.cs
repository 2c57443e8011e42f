using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>A stretch of values that teams will probably lie in.</summary>
/// <param name="Low">The smallest.</param>
/// <param name="High">The largest, above <paramref name="Low"/>.</param>
public sealed record LikelyRange(decimal Low, decimal High)
{
    /// <summary>How far it goes.</summary>
    public decimal Length => High - Low;

    /// <summary>So many times as far.</summary>
    internal LikelyRange Times(int times) => new(Low * times, High * times);

    /// <summary>Whether a value lies inside, not at an end.</summary>
    internal bool Contains(decimal value) => value > Low && value < High;
}

/// <summary>What teams will probably reach.</summary>
internal static class Plausible
{
    /// <summary>Seconds of one leg of a relay where nothing else is known (common practice, no source).</summary>
    public static readonly LikelyRange LegSeconds = new(10, 40);

    /// <summary>
    /// What the brief says teams will reach, or what the kind of measure leaves no choice about; null where nobody
    /// knows.
    /// </summary>
    public static LikelyRange? Of(Measure measure) =>
        measure switch
        {
            { Expected: { } e } when e.Low != e.High => new(e.Smallest, e.Largest),
            { Kind: MeasureKind.YesNo } => new(0, 1),
            { Kind: MeasureKind.Level, Levels.Count: > 1 } => new(0, measure.Levels.Count - 1),
            _ => null,
        };

    /// <summary>
    /// What an expression comes to at the corners of what its measures will probably reach; null where nobody knows.
    /// </summary>
    public static LikelyRange? Of(Expression expression)
    {
        var ranges = expression.Measures.Select(Of).ToList();
        if (ranges.Count is 0 or > MostMeasures || ranges.Any(r => r is null))
            return null;
        var values = new List<decimal>();
        for (var corner = 0; corner < 1 << ranges.Count; corner++)
        {
            var inputs = ranges.Select((r, i) => new BoundedValue((corner >> i & 1) == 0 ? r!.Low : r!.High)).ToArray();
            if (expression.Run(inputs) is { HasValue: true } worth)
                values.Add(worth.Number);
        }

        return values.Count == 0 ? null : new(values.Min(), values.Max());
    }

    /// <summary>Expressions over more measures than this are not looked through.</summary>
    private const int MostMeasures = 6;

    /// <summary>The same, or a wide guess from the step where nobody knows: enough to move a slider over.</summary>
    public static LikelyRange OrGuess(Measure measure) => Of(measure) ?? new(0, measure.Step * 100);
}
