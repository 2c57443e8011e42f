namespace PluckyRally.Core.Parts;

/// <summary>One of the two labels of pieces.</summary>
public enum PieceSide
{
    /// <summary>The first label.</summary>
    First,

    /// <summary>The second label.</summary>
    Second,
}
