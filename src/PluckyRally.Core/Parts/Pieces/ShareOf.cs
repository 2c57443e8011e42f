namespace PluckyRally.Core.Parts;

/// <summary>What a share is a share of.</summary>
public enum ShareOf
{
    /// <summary>The number of pieces.</summary>
    Count,

    /// <summary>Their points.</summary>
    Points,
}
