using System.Text.Json;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>The brief for a grade or a group: only what differs from the base.</summary>
public sealed record Tier
{
    /// <summary>Names the tier.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, e.g. "Grades 3 to 5".</summary>
    public string Name { get; init; } = "";

    /// <summary>The differences.</summary>
    public IReadOnlyList<Override> Overrides { get; init; } = [];

    /// <summary>Whether a place lies in something that only this tier has.</summary>
    internal bool HasItemOver(string at) =>
        Overrides.Any(o =>
            o.Value.ValueKind == JsonValueKind.Object && at.StartsWith($"{o.At}/", StringComparison.Ordinal)
        );

    /// <summary>The grades it is for; the brief's own where it has none, or none that are known.</summary>
    public GradeBand GradesOr(GradeBand own) =>
        Overrides.LastOrDefault(o => o.At == "/grades") is { Value.ValueKind: JsonValueKind.String } change
        && Enum.TryParse<GradeBand>(change.Value.GetString(), ignoreCase: true, out var band)
            ? band
            : own;
}

/// <summary>One value that differs in a tier.</summary>
/// <param name="At">
/// The place in the brief, items named by their id: <c>/measures/height/unit</c>. Where it names an item of a list, the
/// tier has an item more, or, with null as its value, one fewer.
/// </param>
/// <param name="Value">The value that stands there in this tier.</param>
/// <param name="Before">
/// For an item that the brief has not: the id of the one before which it stands; at the end where it is absent.
/// </param>
public sealed record Override(string At, JsonElement Value, string? Before = null)
{
    internal static Override Of<T>(string at, T value) =>
        new(at, JsonSerializer.SerializeToElement(value, Json.Options));
}
