using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Numbers along a side of a plot.</summary>
/// <param name="Name">What they are, with the unit.</param>
/// <param name="From">The first number.</param>
/// <param name="To">The last number.</param>
/// <param name="Ticks">The numbers that are written.</param>
public sealed record PlotAxis(string Name, double From, double To, IReadOnlyList<PlotTick> Ticks)
{
    /// <summary>More numbers than these are not read along a side.</summary>
    private const int Most = 10;

    /// <summary>
    /// An axis that has room for some values, with round numbers, or those of a ruler where it is read in fractions.
    /// </summary>
    /// <param name="shown">How the values are named and written.</param>
    /// <param name="values">The values; at least one.</param>
    /// <param name="fromZero">Whether it begins at zero, as it must where the length of something shows a
    /// value.</param>
    /// <param name="room">Whether nothing lies on its ends.</param>
    internal static PlotAxis For(Measure shown, IEnumerable<decimal> values, bool fromZero = false, bool room = false)
    {
        // Between yes and no lies nothing, and beyond them neither.
        if (shown.Kind == MeasureKind.YesNo)
            return new(Named(shown), 0, 1, [Tick(0, shown, 1), Tick(1, shown, 1)]);
        var all = values.ToList();
        var (low, high) = (all.Min(), all.Max());
        if (fromZero)
            (low, high) = (Math.Min(0, low), Math.Max(0, high));
        var step = Step(shown, high - low);
        var from = decimal.Floor(low / step) * step;
        var to = decimal.Ceiling(high / step) * step;
        if (from == to || (room && to == high))
            to += step;
        if (room && from == low && low != 0)
            from -= step;
        var ticks = new List<PlotTick>();
        for (var at = from; at <= to; at += step)
            ticks.Add(Tick(at, shown, step));
        return new(Named(shown), (double)from, (double)to, ticks);
    }

    private static PlotTick Tick(decimal at, Measure shown, decimal step) =>
        new((double)at, ReadingFormat.OnAxis(at, shown, Rounding.Decimals(step)));

    /// <summary>The smallest round step by which no more numbers are written than are read.</summary>
    internal static decimal Step(Measure shown, decimal range)
    {
        if (ReadingFormat.InFractions(shown))
        {
            for (var step = shown.Step; step < 1; step *= 2)
            {
                if (range / step <= Most)
                    return step;
            }

            return Round(1, range);
        }

        return Round(Math.Max(shown.Step, 0.000001m), range);
    }

    private static decimal Round(decimal finest, decimal range)
    {
        var power = 1m;
        while (power > finest)
            power /= 10;
        while (power * 10 <= finest)
            power *= 10;
        for (; ; power *= 10)
        {
            foreach (var step in new[] { power, 2 * power, 5 * power })
            {
                if (step >= finest && range / step <= Most)
                    return step;
            }
        }
    }

    private static string Named(Measure shown) =>
        shown.Unit.Length > 0 && shown.Kind is not (MeasureKind.YesNo or MeasureKind.Level)
            ? $"{SentenceCase.Beginning(shown.Name)} ({Units.SeveralOf(shown.Unit)})"
            : SentenceCase.Beginning(shown.Name);
}

/// <summary>A number written at a side of a plot.</summary>
/// <param name="At">The number.</param>
/// <param name="Text">As it is written there.</param>
public sealed record PlotTick(double At, string Text);
