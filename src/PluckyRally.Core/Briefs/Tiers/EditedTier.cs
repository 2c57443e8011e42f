using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>A tier that was written on its own sheet, as the brief reads in it.</summary>
public static class EditedTier
{
    /// <summary>
    /// The tier that lays exactly what differs over the brief: values, items more, items fewer. What the tier had of
    /// its own and is still so stays its own, even where the brief has come to say the same.
    /// </summary>
    /// <param name="brief">The brief with its tiers.</param>
    /// <param name="tier">The tier as it was.</param>
    /// <param name="edited">The brief as the tier is to run it.</param>
    public static Tier Of(Brief brief, Tier tier, Brief edited)
    {
        var root = JsonSerializer.SerializeToNode(edited, Json.Options)!;
        var own = BriefDifferences
            .Places(brief with { Tiers = [] }, edited with { Tiers = [] }, placed: false)
            .Where(p => BriefChanges.MayDiffer(p.At))
            .ToList();
        var lists = own.Where(p => p.After is JsonArray).Select(p => p.At + "/").ToList();
        var differs = own.Where(p => !lists.Any(list => p.At.StartsWith(list, StringComparison.Ordinal)))
            .Select(p => new Override(p.At, JsonSerializer.SerializeToElement(p.After), Next(root, brief, p)))
            .ToList();
        var still = tier.Overrides.Where(o =>
            differs.TrueForAll(d => !Beneath(d.At, o.At) && !Beneath(o.At, d.At))
            && JsonNode.DeepEquals(DocumentPaths.At(root, o.At), JsonNode.Parse(o.Value.GetRawText()))
        );
        return tier with { Overrides = [.. still, .. differs] };
    }

    private static bool Beneath(string at, string other) =>
        other == at || other.StartsWith($"{at}/", StringComparison.Ordinal);

    /// <summary>Before which of the brief's own items a new one stands.</summary>
    private static string? Next(JsonNode edited, Brief brief, (string At, JsonNode? Before, JsonNode? After) place)
    {
        var list = place.At[..place.At.LastIndexOf('/')];
        if (place.Before is not null || DocumentPaths.At(edited, list) is not JsonArray items)
            return null;
        var had = DocumentPaths.At(JsonSerializer.SerializeToNode(brief, Json.Options)!, list) as JsonArray;
        return items
            .SkipWhile(item => (item as JsonObject)?["id"]?.GetValue<string>() != place.At[(list.Length + 1)..])
            .Skip(1)
            .Select(item => (item as JsonObject)?["id"]?.GetValue<string>())
            .FirstOrDefault(id => id is not null && had is not null && DocumentPaths.Child(had, id) is not null);
    }
}
