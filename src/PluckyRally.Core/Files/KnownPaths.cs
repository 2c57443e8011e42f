using System.Text.Json.Nodes;
using System.Text.Json.Serialization.Metadata;
using F23.StringSimilarity;

namespace PluckyRally.Core.Files;

/// <summary>
/// The places that a document can have, by the types that it is read into and the items that are in it.
/// </summary>
internal static class KnownPaths
{
    /// <summary>
    /// Whether there is such a place, or can be: a field that is left out is one, a field of what is left out is not.
    /// </summary>
    /// <param name="root">The document.</param>
    /// <param name="type">What it is read into.</param>
    /// <param name="place">The place.</param>
    public static bool Has(JsonNode root, Type type, string place) => Nearest(root, type, place) == place;

    /// <summary>
    /// The place itself where there is one, else the one with the most alike names, step by step from the top.
    /// </summary>
    public static string Nearest(JsonNode root, Type type, string place)
    {
        var at = "";
        JsonNode? node = root;
        var info = Json.Info(type);
        foreach (var step in place.Split('/').Skip(1))
        {
            var name = Alike(node, info, step);
            if (name is null)
                break;
            at += "/" + name;
            info = Below(node, info, name);
            node = DocumentPaths.Child(node, name);
        }

        return at;
    }

    /// <summary>Letters left out, added, changed or swapped.</summary>
    private static readonly OptimalStringAlignment Alikeness = new();

    private static string? Alike(JsonNode? node, JsonTypeInfo? info, string step)
    {
        var names = Names(node, info);
        if (
            names.Contains(step)
            || (info?.Kind == JsonTypeInfoKind.Dictionary && node is JsonObject)
            || (node is JsonArray && DocumentPaths.Child(node, step) is not null)
        )
            return step;
        return names.OrderBy(name => Alikeness.Distance(name, step)).FirstOrDefault();
    }

    private static IReadOnlyList<string> Names(JsonNode? node, JsonTypeInfo? info) =>
        node switch
        {
            JsonArray list =>
            [
                .. list.Select(
                    (item, i) =>
                        item is JsonObject known && Text(known, "id") is { } id
                            ? id
                            : i.ToString(System.Globalization.CultureInfo.InvariantCulture)
                ),
            ],
            JsonObject known when info is not null =>
            [
                .. Case(known, info).Properties.Select(p => p.Name),
                .. info.PolymorphismOptions is { } union ? new[] { union.TypeDiscriminatorPropertyName } : [],
            ],
            _ => [],
        };

    private static JsonTypeInfo? Below(JsonNode? node, JsonTypeInfo? info, string name) =>
        (node, info) switch
        {
            (_, null) => null,
            (JsonArray, { ElementType: { } item }) => Json.Info(item),
            (JsonObject, { Kind: JsonTypeInfoKind.Dictionary, ElementType: { } value }) => Json.Info(value),
            (JsonObject known, _)
                when Case(known, info).Properties.FirstOrDefault(p => p.Name == name) is { } property => Json.Info(
                Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType
            ),
            _ => null,
        };

    /// <summary>The case of a union that the document says it is.</summary>
    private static JsonTypeInfo Case(JsonObject node, JsonTypeInfo info) =>
        info.PolymorphismOptions is { } union
        && Text(node, union.TypeDiscriminatorPropertyName) is { } kind
        && union.DerivedTypes.FirstOrDefault(d => (string)d.TypeDiscriminator! == kind) is { DerivedType: { } found }
            ? Json.Info(found)
            : info;

    private static string? Text(JsonObject node, string field) =>
        node[field] is JsonValue value && value.TryGetValue<string>(out var text) ? text : null;
}
