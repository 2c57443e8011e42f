using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core.Files;

/// <summary>Brings briefs of an older version of the format to the newest, wherever a document holds one.</summary>
internal static class Upgrade
{
    /// <summary>What a brief says it is.</summary>
    public const string BriefFormat = "plucky-rally/brief";

    /// <summary>The version that briefs are brought to.</summary>
    public const int NewestBrief = 3;

    /// <summary>
    /// The same document with every brief in it in the newest version; the document itself where nothing is old.
    /// </summary>
    public static JsonElement Of(JsonElement root)
    {
        if (!Briefs(root).Any(IsOld))
            return root;
        var document = JsonNode.Parse(root.GetRawText())!;
        foreach (var brief in Briefs(document).Where(b => Version(b) is < NewestBrief))
        {
            if (Version(brief) == 1)
                UpgradeTo2.Upgrade(brief);
            UpgradeTo3.Upgrade(brief);
        }

        return JsonSerializer.SerializeToElement(document, Json.Options);
    }

    /// <summary>Where a brief can stand: by itself, in what a screen sends, and in a rally's edition.</summary>
    private static IEnumerable<JsonElement> Briefs(JsonElement root)
    {
        if (root.ValueKind != JsonValueKind.Object)
            yield break;
        yield return root;
        foreach (var field in root.EnumerateObject().Where(f => f.Value.ValueKind == JsonValueKind.Object))
        {
            yield return field.Value;
            if (
                field.NameEquals("edition")
                && field.Value.TryGetProperty("brief", out var inner)
                && inner.ValueKind == JsonValueKind.Object
            )
                yield return inner;
        }
    }

    private static IEnumerable<JsonObject> Briefs(JsonNode root)
    {
        if (root is not JsonObject document)
            return [];
        var below = document.Select(field => field.Value).OfType<JsonObject>().ToList();
        return [document, .. below, .. below.Select(b => b["brief"]).OfType<JsonObject>()];
    }

    private static bool IsOld(JsonElement brief) =>
        brief.TryGetProperty("format", out var format)
        && format.ValueKind == JsonValueKind.String
        && format.ValueEquals(BriefFormat)
        && brief.TryGetProperty("version", out var version)
        && version.ValueKind == JsonValueKind.Number
        && version.TryGetInt32(out var number)
        && number is >= 1 and < NewestBrief;

    /// <summary>The version of a brief; null of what is none.</summary>
    private static int? Version(JsonObject brief) =>
        brief["format"] is JsonValue format
        && format.TryGetValue<string>(out var name)
        && name == BriefFormat
        && brief["version"] is JsonValue version
        && version.TryGetValue<int>(out var number)
            ? number
            : null;
}
