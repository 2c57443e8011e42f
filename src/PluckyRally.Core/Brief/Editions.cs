using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core;

/// <summary>Lays a tier over its brief.</summary>
public static class Editions
{
    /// <summary>The brief as a tier runs it; without a tier, the base. Errors name the tier and the field.</summary>
    public static Result<Edition> Resolve(Brief brief, string tier = "")
    {
        if (tier.Length == 0) return Result<Edition>.Ok(new() { Brief = brief with { Tiers = [] } });
        var chosen = brief.Tiers.FirstOrDefault(t => t.Id == tier);
        if (chosen is null) return Result<Edition>.Refused(new Problem("/tier", $"This brief has no tier “{tier}”.", $"Choose one of these: {string.Join(", ", brief.Tiers.Select(t => t.Id))}."));

        var node = JsonSerializer.SerializeToNode(brief with { Tiers = [] }, Json.Options)!;
        var problems = new List<Problem>();
        for (var i = 0; i < chosen.Overrides.Count; i++)
        {
            if (!Lay(node, chosen.Overrides[i]))
                problems.Add(new($"/tiers/{tier}/overrides/{i}/at", $"In {Name(chosen)}: there is no {chosen.Overrides[i].At} in the brief.", "Name a place of the brief, items by their id, for example /measures/height/unit."));
        }

        if (problems.Count > 0) return Result<Edition>.Refused(problems);
        var read = DocumentReader.Brief(node.ToJsonString());
        return read.IsOk
            ? Result<Edition>.Ok(new() { Brief = read.Value.Value, Tier = Name(chosen) })
            : Result<Edition>.Refused([.. read.Problems.Select(p => p with { At = $"/tiers/{tier}{p.At}", What = $"In {Name(chosen)}: {p.What}" })]);
    }

    /// <summary>Puts a value in its place; false where there is no such place.</summary>
    private static bool Lay(JsonNode root, Override change)
    {
        var steps = change.At.Split('/');
        if (steps.Length < 2 || steps[0].Length > 0 || steps[1] is "tiers" or "format" or "version") return false;
        JsonNode? at = root;
        foreach (var step in steps[1..^1]) at = Child(at, step);
        var last = steps[^1];
        switch (at)
        {
            case JsonObject parent:
                parent[last] = JsonNode.Parse(change.Value.GetRawText());
                return true;
            case JsonArray list when Index(list, last) is { } index:
                list[index] = JsonNode.Parse(change.Value.GetRawText());
                return true;
            default:
                return false;
        }
    }

    /// <summary>What stands at a place; null where nothing does.</summary>
    internal static JsonNode? At(JsonNode root, string place) => place.Split('/').Skip(1).Aggregate((JsonNode?)root, Child);

    private static JsonNode? Child(JsonNode? node, string step) => node switch
    {
        JsonObject parent => parent[step],
        JsonArray list when Index(list, step) is { } index => list[index],
        _ => null,
    };

    private static int? Index(JsonArray list, string step)
    {
        for (var i = 0; i < list.Count; i++)
        {
            if (list[i] is JsonObject item && item["id"] is JsonValue id && id.TryGetValue<string>(out var name) && name == step) return i;
        }

        return int.TryParse(step, out var index) && index >= 0 && index < list.Count ? index : null;
    }

    private static string Name(Tier tier) => tier.Name.Length > 0 ? tier.Name : tier.Id;
}
