using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core.Files;

/// <summary>Finds places in a document, written as a JSON pointer in which items are named by their id.</summary>
internal static class DocumentPaths
{
    /// <summary>What stands at a place; null where nothing does.</summary>
    public static JsonNode? At(JsonNode root, string place) =>
        place.Split('/').Skip(1).Aggregate((JsonNode?)root, Child);

    /// <summary>Puts a value in its place; false where there is no such place.</summary>
    public static bool Put(JsonNode root, string place, JsonElement value)
    {
        var steps = place.Split('/');
        if (steps.Length < 2 || steps[0].Length > 0)
            return false;
        JsonNode? at = root;
        foreach (var step in steps[1..^1])
            at = Child(at, step);
        switch (at)
        {
            case JsonObject parent:
                parent[steps[^1]] = JsonNode.Parse(value.GetRawText());
                return true;
            case JsonArray list when Index(list, steps[^1]) is { } index:
                list[index] = JsonNode.Parse(value.GetRawText());
                return true;
            default:
                return false;
        }
    }

    /// <summary>One step down; null where there is nothing.</summary>
    public static JsonNode? Child(JsonNode? node, string step) =>
        node switch
        {
            JsonObject parent => parent[step],
            JsonArray list when Index(list, step) is { } index => list[index],
            _ => null,
        };

    private static int? Index(JsonArray list, string step)
    {
        for (var i = 0; i < list.Count; i++)
        {
            if (
                list[i] is JsonObject item
                && item["id"] is JsonValue id
                && id.TryGetValue<string>(out var name)
                && name == step
            )
                return i;
        }

        return int.TryParse(step, out var index) && index >= 0 && index < list.Count ? index : null;
    }
}
