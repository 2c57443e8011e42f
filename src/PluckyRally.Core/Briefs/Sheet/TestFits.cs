namespace PluckyRally.Core.Briefs;

/// <summary>
/// Which sentences about the test fit a brief: nobody lets go in a relay, and a key of things to sort has no attempts.
/// </summary>
/// <param name="Attempts">What is said of attempts.</param>
/// <param name="LettingGo">That it must stand by itself once everybody has let go.</param>
public sealed record TestFits(bool Attempts, bool LettingGo)
{
    /// <summary>What fits; what has been written already is always shown.</summary>
    public static TestFits Of(Brief brief) =>
        new(
            brief.TakesAttempts || brief.Trials.Attempts > 1 || brief.Pattern == Pattern.Blank,
            brief.Trials.HoldSeconds > 0 || brief.Pattern is Pattern.Blank or Pattern.Tallest or Pattern.Strongest
        );
}
