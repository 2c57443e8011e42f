using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core.Files;

/// <summary>
/// Writes a document out in full, so that whoever reads it finds every field; fields that this version does not know
/// are laid back where they were.
/// </summary>
internal static class FullText
{
    public static string Of<T>(T value, JsonElement original)
    {
        var full = JsonSerializer.SerializeToNode(value, Json.Options);
        LayBack(full, original);
        return full!.ToJsonString(Json.Options);
    }

    private static void LayBack(JsonNode? full, JsonElement original)
    {
        switch (full)
        {
            case JsonObject known when original.ValueKind == JsonValueKind.Object:
                foreach (var field in original.EnumerateObject())
                {
                    if (known.TryGetPropertyValue(field.Name, out var inner))
                        LayBack(inner, field.Value);
                    else
                        known[field.Name] = JsonNode.Parse(field.Value.GetRawText());
                }

                break;
            case JsonArray items
                when original.ValueKind == JsonValueKind.Array && original.GetArrayLength() == items.Count:
                for (var i = 0; i < items.Count; i++)
                    LayBack(items[i], original[i]);
                break;
        }
    }
}
