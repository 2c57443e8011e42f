using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace PluckyRally.Core.Files;

/// <summary>
/// From version 1 of a brief to version 2: tie-breaks and awards name what is known of a part behind a dot
/// (<c>run_value</c> becomes <c>run.value</c>, <c>run</c> alone <c>run.points</c>), the total is <c>team.total</c>,
/// every award says which way is better, and every rubric that the last word of several judges counts.
/// </summary>
internal static class UpgradeTo2
{
    private static readonly string[] Facts =
    [
        "value",
        "legs",
        "items",
        "right",
        "wrong",
        "left",
        "tau",
        "pairs",
        "spent",
    ];

    /// <summary>Upgrades the brief and what its tiers lay over it, in place.</summary>
    public static void Upgrade(JsonObject brief)
    {
        var tiers = Overrides(brief).ToList();
        var (measures, parts) = (new HashSet<string>(StringComparer.Ordinal), new List<string>());
        Walk(brief, [], (path, node) => Collect(path, node, measures, parts));
        foreach (var (path, value) in tiers)
            Walk(value["value"], path, (at, node) => Collect(at, node, measures, parts));
        Walk(brief, [], (path, node) => Upgrade(path, node, measures, parts));
        foreach (var (path, value) in tiers)
        {
            Walk(value["value"], path, (at, node) => Upgrade(at, node, measures, parts));
            if (IsExpression(path) && Text(value["value"]) is { } text)
                value["value"] = Rewrite(text, measures, parts);
        }

        brief["version"] = 2;
    }

    /// <summary>Every object in a document below a place, with its place; items of a list by a star.</summary>
    private static void Walk(
        JsonNode? node,
        IReadOnlyList<string> path,
        Action<IReadOnlyList<string>, JsonObject> visit
    )
    {
        switch (node)
        {
            case JsonObject here when path is not ["tiers", ..]:
                visit(path, here);
                foreach (var (name, inner) in here.ToList())
                    Walk(inner, [.. path, name], visit);
                break;
            case JsonArray items:
                foreach (var item in items)
                    Walk(item, [.. path, "*"], visit);
                break;
        }
    }

    private static IEnumerable<(IReadOnlyList<string> Path, JsonObject Override)> Overrides(JsonObject brief) =>
        from tier in (brief["tiers"] as JsonArray ?? []).OfType<JsonObject>()
        from change in (tier["overrides"] as JsonArray ?? []).OfType<JsonObject>()
        let at = Text(change["at"])
        where at is not null
        select ((IReadOnlyList<string>)[.. at.Split('/').Skip(1)], change);

    private static void Collect(
        IReadOnlyList<string> path,
        JsonObject node,
        HashSet<string> measures,
        List<string> parts
    )
    {
        if (Text(node["id"]) is not { } id)
            return;
        if (path is ["measures", _])
            measures.Add(id);
        if (path is ["method", "parts", _])
            parts.Add(id);
    }

    private static void Upgrade(
        IReadOnlyList<string> path,
        JsonObject node,
        HashSet<string> measures,
        List<string> parts
    )
    {
        if (path is ["method", "parts", _] && Text(node["kind"]) == "rubric" && node["judges"] is null)
            node["judges"] = "last";
        if (path is not ["method", "tieBreaks" or "awards", _])
            return;
        if (Text(node["value"]) is { } text)
            node["value"] = Rewrite(text, measures, parts);
        if (path is [_, "awards", _] && node["better"] is null)
            node["better"] = "more";
    }

    private static bool IsExpression(IReadOnlyList<string> path) =>
        path is ["method", "tieBreaks" or "awards", _, "value"];

    /// <summary>
    /// In version 1 a measure outweighed a part of the same name, and the first part that fits was meant.
    /// </summary>
    private static string Rewrite(string text, HashSet<string> measures, List<string> parts) =>
        Name.Replace(text, found =>
        {
            var name = found.Value;
            if (measures.Contains(name))
                return name;
            foreach (var part in parts.Where(p => !measures.Contains(p)))
            {
                if (name == part)
                    return $"{part}.points";
                if (name.StartsWith($"{part}_", StringComparison.Ordinal) && Facts.Contains(name[(part.Length + 1)..]))
                    return $"{part}.{name[(part.Length + 1)..]}";
            }

            return name == "total" ? "team.total" : name;
        });

    private static string? Text(JsonNode? node) =>
        node is JsonValue value && value.TryGetValue<string>(out var text) ? text : null;

    /// <summary>A name that is neither a function nor has a dot: what is in the new form stays.</summary>
    private static readonly Regex Name = new(@"(?<![\w.])(?>[A-Za-z]\w*)(?!\s*[.(])");
}
