namespace PluckyRally.Tests;

/// <summary>
/// How much is drawn where a test draws: <c>./test long</c> draws ten times as much, by RALLY_THOROUGH.
/// </summary>
internal static class Thorough
{
    private static readonly int Factor = int.TryParse(
        Environment.GetEnvironmentVariable("RALLY_THOROUGH"),
        out var factor
    )
        ? factor
        : 1;

    /// <param name="usually">How many are drawn in each run.</param>
    public static int Times(int usually) => usually * Factor;
}
