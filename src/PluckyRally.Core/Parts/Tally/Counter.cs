namespace PluckyRally.Core.Parts;

/// <summary>Something counted.</summary>
public sealed record Counter
{
    /// <summary>Names the counter in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>Points for each, 0 or more.</summary>
    public decimal Points { get; init; } = 1;

    /// <summary>
    /// Whether it hurts the team; otherwise it helps. Which sign that is follows from which total wins.
    /// </summary>
    public bool Hurts { get; init; }

    /// <summary>How often it counts for a team, from 1; with 1 it is a yes or no. No limit where absent.</summary>
    public int? AtMost { get; init; }

    /// <summary>How many of those that were recorded count.</summary>
    internal int Counting(int recorded) => Math.Min(recorded, AtMost ?? recorded);
}
