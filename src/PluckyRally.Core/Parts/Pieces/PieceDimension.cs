namespace PluckyRally.Core.Parts;

/// <summary>What a ladder of sizes compares.</summary>
public enum PieceDimension
{
    /// <summary>The length.</summary>
    Length,

    /// <summary>The width.</summary>
    Width,

    /// <summary>Length times width.</summary>
    Area,
}
