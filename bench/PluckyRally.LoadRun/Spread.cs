namespace PluckyRally.LoadRun;

/// <summary>How times are spread.</summary>
internal static class Spread
{
    public static string Of(IEnumerable<double> milliseconds)
    {
        var sorted = milliseconds.Order().ToList();
        return sorted.Count == 0
            ? "none"
            : $"median {sorted[sorted.Count / 2]:0.0} ms, p99 {sorted[(int)(sorted.Count * 0.99)]:0.0} ms, "
                + $"longest {sorted[^1]:0} ms, of {sorted.Count}";
    }
}
