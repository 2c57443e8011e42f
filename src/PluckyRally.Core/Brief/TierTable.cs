using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core;

/// <summary>What differs between the tiers of a brief: a row for each place, a value for each tier.</summary>
/// <param name="Tiers">The tiers' names, in order.</param>
/// <param name="Rows">The places that differ anywhere.</param>
public sealed record TierTable(IReadOnlyList<string> Tiers, IReadOnlyList<TierRow> Rows)
{
    /// <summary>The table of a brief; empty where it has no tiers.</summary>
    public static TierTable Of(Brief brief)
    {
        var root = JsonSerializer.SerializeToNode(brief with { Tiers = [] }, Json.Options)!;
        var places = brief.Tiers.SelectMany(t => t.Overrides).Select(o => o.At).Distinct().ToList();
        return new(
            [.. brief.Tiers.Select(t => t.Name.Length > 0 ? t.Name : t.Id)],
            [.. places.Select(at => new TierRow(
                at,
                Editions.At(root, at)?.ToJsonString(Json.Options),
                [.. brief.Tiers.Select(t => t.Overrides.LastOrDefault(o => o.At == at)?.Value.GetRawText())]))]);
    }
}

/// <summary>A place that differs.</summary>
/// <param name="At">The place in the brief, items named by their id.</param>
/// <param name="Base">What stands there in the brief itself, as JSON; absent where nothing does.</param>
/// <param name="Values">What stands there in each tier, as JSON; absent where it is inherited.</param>
public sealed record TierRow(string At, string? Base, IReadOnlyList<string?> Values);
