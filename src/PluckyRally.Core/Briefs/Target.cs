using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>Something that teams set out to reach, each for itself or the whole class alike.</summary>
public sealed record Target
{
    /// <summary>Names the target in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "Height to beat".</summary>
    public string Name { get; init; } = "";

    /// <summary>A figure's id, or an expression over figures.</summary>
    public required string Value { get; init; }

    /// <summary>Which direction is better: the target or more, the target or less.</summary>
    public Better Better { get; init; }

    /// <summary>The class's target, written as a reading would be; empty where each team says its own.</summary>
    public string Amount { get; init; } = "";

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }
}
