using System.Text.Json.Nodes;

namespace PluckyRally.Core.Files;

/// <summary>
/// Brings a brief of version 2 to version 3. Of the fields that are new, each that is absent means what version 2
/// meant: tasks are no race (<c>race</c>), a counter has no limit (<c>counters/atMost</c>), rounds stand by themselves
/// (<c>method/overRounds</c>), a deal is dealt before the lesson (<c>deals/drawn</c>). What was sold under the id or
/// the name of a material says which one it is (<c>prices/material</c>).
/// </summary>
internal static class UpgradeTo3
{
    /// <summary>Upgrades a brief of version 2 in place.</summary>
    public static void Upgrade(JsonObject brief)
    {
        brief["version"] = 3;
        var materials = Objects(brief["materials"]).ToList();
        foreach (var part in Objects((brief["method"] as JsonObject)?["parts"]))
        {
            if (Word(part, "kind") == "budget")
                foreach (var price in Objects(part["prices"]))
                    Link(price, materials);
        }
    }

    private static void Link(JsonObject price, IReadOnlyList<JsonObject> materials)
    {
        var sold = materials.FirstOrDefault(m => Word(m, "id") is { Length: > 0 } id && id == Word(price, "id"));
        sold ??= materials.FirstOrDefault(m => Key(m).Length > 0 && Key(m) == Key(price));
        if (sold is not null)
            price["material"] = Word(sold, "id");
    }

    private static string Key(JsonObject named) => Word(named, "name").Trim().ToLowerInvariant();

    private static string Word(JsonObject of, string field) =>
        of[field] is JsonValue value && value.TryGetValue<string>(out var word) ? word : "";

    private static IEnumerable<JsonObject> Objects(JsonNode? list) => (list as JsonArray)?.OfType<JsonObject>() ?? [];
}
