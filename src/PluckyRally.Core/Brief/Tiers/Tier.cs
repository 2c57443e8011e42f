using System.Text.Json;

namespace PluckyRally.Core;

/// <summary>The brief for a grade or a group: only what differs from the base.</summary>
public sealed record Tier
{
    /// <summary>Names the tier.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "Grades 3 to 5".</summary>
    public string Name { get; init; } = "";

    /// <summary>What differs.</summary>
    public IReadOnlyList<Override> Overrides { get; init; } = [];
}

/// <summary>One value that differs in a tier.</summary>
/// <param name="At">The place in the brief, items named by their id: <c>/measures/height/unit</c>.</param>
/// <param name="Value">The value that stands there in this tier.</param>
public sealed record Override(string At, JsonElement Value);
