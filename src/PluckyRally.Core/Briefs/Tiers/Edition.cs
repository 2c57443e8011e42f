namespace PluckyRally.Core.Briefs;

/// <summary>
/// A brief as it is run: one tier laid over the base, nothing left open. A rally keeps its own, so that later changes
/// to the brief never change what was scored.
/// </summary>
public sealed record Edition
{
    /// <summary>The brief with the tier's values; it has no tiers of its own.</summary>
    public required Brief Brief { get; init; }

    /// <summary>The tier's name; empty where the brief has no tiers.</summary>
    public string Tier { get; init; } = "";
}
