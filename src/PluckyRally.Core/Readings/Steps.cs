namespace PluckyRally.Core.Readings;

/// <summary>The steps of instruments (common practice, no source).</summary>
internal static class Steps
{
    private static readonly decimal[] Customary = [1, 0.5m, 0.25m, 0.125m, 0.0625m];

    private static readonly decimal[] Decimal =
    [
        5000,
        2000,
        1000,
        500,
        200,
        100,
        50,
        20,
        10,
        5,
        2,
        1,
        0.5m,
        0.2m,
        0.1m,
        0.05m,
        0.02m,
        0.01m,
        0.005m,
        0.002m,
        0.001m,
    ];

    /// <summary>
    /// The steps in which a unit is read, the coarsest first: halves of halves on a customary ruler, else 5, 2 and 1
    /// and their tenths.
    /// </summary>
    public static IReadOnlyList<decimal> Of(string unit) => unit is "in" or "ft" or "yd" ? Customary : Decimal;
}
