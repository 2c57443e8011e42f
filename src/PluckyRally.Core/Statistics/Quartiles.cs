namespace PluckyRally.Core.Statistics;

/// <summary>How quartiles are worked out, as the class is taught.</summary>
public enum QuartileMethod
{
    /// <summary>The medians of the two halves, the middle value left out.</summary>
    HalvesWithoutMedian,

    /// <summary>The medians of the two halves, the middle value in both.</summary>
    HalvesWithMedian,

    /// <summary>Inclusive, as spreadsheets do it: type 7 of Hyndman and Fan (1996).</summary>
    Inclusive,

    /// <summary>Exclusive: type 6 of Hyndman and Fan (1996).</summary>
    Exclusive,
}

/// <summary>Quantiles of sorted values.</summary>
public static class Quartiles
{
    /// <summary>The lower and the upper quartile of values in rising order; null for none. One value is both.</summary>
    public static (double Lower, double Upper)? Of(IReadOnlyList<double> sorted, QuartileMethod method)
    {
        if (sorted.Count == 0)
            return null;
        if (sorted.Count == 1)
            return (sorted[0], sorted[0]);
        return method switch
        {
            QuartileMethod.HalvesWithoutMedian => Halves(sorted, sorted.Count / 2),
            QuartileMethod.HalvesWithMedian => Halves(sorted, (sorted.Count + 1) / 2),
            QuartileMethod.Inclusive => (Quantile(sorted, 0.25, 7), Quantile(sorted, 0.75, 7)),
            QuartileMethod.Exclusive => (Quantile(sorted, 0.25, 6), Quantile(sorted, 0.75, 6)),
        };
    }

    /// <summary>
    /// The quantile of values in rising order by one of the nine types of Hyndman and Fan, "Sample Quantiles in
    /// Statistical Packages", The American Statistician 50 (1996), 361–365.
    /// </summary>
    /// <param name="sorted">At least one value, rising.</param>
    /// <param name="p">From 0 to 1.</param>
    /// <param name="type">From 1 to 9.</param>
    public static double Quantile(IReadOnlyList<double> sorted, double p, int type)
    {
        ArgumentOutOfRangeException.ThrowIfZero(sorted.Count);
        var n = sorted.Count;
        if (type <= 3)
            return Stepped(sorted, p, type);
        var (a, b) = type switch
        {
            4 => (0.0, 1.0),
            5 => (0.5, 0.5),
            6 => (0.0, 0.0),
            7 => (1.0, 1.0),
            8 => (1 / 3.0, 1 / 3.0),
            9 => (3 / 8.0, 3 / 8.0),
            _ => throw new ArgumentOutOfRangeException(nameof(type)),
        };

        // R guards against p·n landing a rounding error below a whole number.
        const double Fuzz = 4 * 2.220446049250313e-16;
        var nppm = a + (p * (n + 1 - a - b));
        var j = Math.Floor(nppm + Fuzz);
        var h = nppm - j;
        if (Math.Abs(h) < Fuzz)
            h = 0;
        var (low, high) = (At(sorted, j), At(sorted, j + 1));
        return h == 0 ? low
            : h == 1 ? high
            : ((1 - h) * low) + (h * high);
    }

    private static double Stepped(IReadOnlyList<double> sorted, double p, int type)
    {
        const double Fuzz = 4 * 2.220446049250313e-16;
        var nppm = type == 3 ? (sorted.Count * p) - 0.5 : sorted.Count * p;
        var j = Math.Floor(nppm + Fuzz);
        var above = nppm > j + Fuzz;
        var h = type switch
        {
            1 => above ? 1 : 0,
            2 => above ? 1 : 0.5,
            _ => above || j % 2 != 0 ? 1 : 0,
        };
        return ((1 - h) * At(sorted, j)) + (h * At(sorted, j + 1));
    }

    private static double At(IReadOnlyList<double> sorted, double position) =>
        sorted[Math.Clamp((int)position - 1, 0, sorted.Count - 1)];

    private static (double, double) Halves(IReadOnlyList<double> sorted, int half) =>
        (Middle(sorted, 0, half), Middle(sorted, sorted.Count - half, half));

    private static double Middle(IReadOnlyList<double> sorted, int from, int count) =>
        count % 2 == 1 ? sorted[from + (count / 2)] : (sorted[from + (count / 2) - 1] + sorted[from + (count / 2)]) / 2;
}
