namespace PluckyRally.Core.Readings;

/// <summary>How several attempts become one value.</summary>
public enum Combine
{
    /// <summary>The best counted attempt.</summary>
    Best,

    /// <summary>The worst attempt, failed ones at the failure value.</summary>
    Worst,

    /// <summary>The mean of all attempts, failed ones at the failure value.</summary>
    Mean,

    /// <summary>The median of all attempts, failed ones at the failure value.</summary>
    Median,

    /// <summary>The sum of all attempts, failed ones at the failure value.</summary>
    Sum,

    /// <summary>The first attempt, at the failure value if it failed.</summary>
    First,

    /// <summary>The last attempt, at the failure value if it failed.</summary>
    Last,

    /// <summary>The mean of the best few counted attempts.</summary>
    BestMean,

    /// <summary>How many attempts were counted.</summary>
    Successes,

    /// <summary>The largest counted attempt less the smallest.</summary>
    Range,
}
