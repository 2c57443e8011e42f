using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using Humanizer;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>Where two briefs differ.</summary>
public static class BriefDifferences
{
    /// <summary>Where two briefs differ, in the order of the sheet.</summary>
    public static IReadOnlyList<Difference> Between(Brief before, Brief after)
    {
        var (a, b) = (
            JsonSerializer.SerializeToNode(before, Json.Options)!,
            JsonSerializer.SerializeToNode(after, Json.Options)!
        );
        var found = new List<Difference>();
        Walk(a, b, "", placed: false, (at, x, y) =>
            found.Add(new(at, PathWords.Of(y is null ? a : b, at), Show(x), Show(y)))
        );
        return [.. found.Take(Difference.Most)];
    }

    /// <summary>The places at which two briefs differ, with what stands there.</summary>
    /// <param name="before">The first brief.</param>
    /// <param name="after">The second.</param>
    /// <param name="placed">Whether a list in which a new item does not stand at the end is a place too.</param>
    internal static IReadOnlyList<(string At, JsonNode? Before, JsonNode? After)> Places(
        Brief before,
        Brief after,
        bool placed
    )
    {
        var found = new List<(string, JsonNode?, JsonNode?)>();
        Walk(
            JsonSerializer.SerializeToNode(before, Json.Options),
            JsonSerializer.SerializeToNode(after, Json.Options),
            "",
            placed,
            (at, x, y) => found.Add((at, x, y))
        );
        return found;
    }

    private static void Walk(
        JsonNode? a,
        JsonNode? b,
        string at,
        bool placed,
        Action<string, JsonNode?, JsonNode?> differ
    )
    {
        switch (a, b)
        {
            case (JsonObject x, JsonObject y) when at.Length == 0 || SameKind(x, y):
                foreach (var name in x.Select(p => p.Key).Union(y.Select(p => p.Key)))
                    Walk(x[name], y[name], $"{at}/{name}", placed, differ);
                break;
            case (JsonArray x, JsonArray y) when HaveIds(x) && HaveIds(y):
                foreach (var id in x.Select(Id).Union(y.Select(Id)))
                    Walk(
                        x.FirstOrDefault(n => Id(n) == id),
                        y.FirstOrDefault(n => Id(n) == id),
                        $"{at}/{id}",
                        placed,
                        differ
                    );
                if (
                    !Kept(x, y)
                        .Concat(placed ? y.Select(Id).Except(x.Select(Id)) : [])
                        .SequenceEqual(placed ? y.Select(Id) : Kept(y, x))
                )
                    differ(at, x, y);
                break;
            default:
                if (!JsonNode.DeepEquals(a, b))
                    differ(at, a, b);
                break;
        }
    }

    /// <summary>The ids of a list that are in another one too.</summary>
    private static IEnumerable<string> Kept(JsonArray list, JsonArray other) =>
        list.Select(Id).Intersect(other.Select(Id));

    private static bool SameKind(JsonObject x, JsonObject y) => JsonNode.DeepEquals(x["kind"], y["kind"]);

    private static bool HaveIds(JsonArray list) => list.All(n => Id(n).Length > 0);

    private static string Id(JsonNode? node) => (node as JsonObject)?["id"]?.GetValue<string>() ?? "";

    /// <summary>A value in a few words.</summary>
    internal static string Show(JsonNode? node) =>
        node switch
        {
            null => "",
            JsonValue value when value.TryGetValue<string>(out var text) => InWords(text),
            JsonValue value when value.TryGetValue<bool>(out var yes) => yes ? "yes" : "no",
            JsonValue value => value.ToJsonString(),
            JsonArray list => list.Count == 0 ? "nothing" : string.Join(", ", list.Select(Short)),
            JsonObject item => Short(item),
            _ => node.ToJsonString(),
        };

    /// <summary>
    /// A text as it stands; a word of the document itself, such as <c>eachAttempt</c>, as it is said.
    /// </summary>
    private static string InWords(string text) =>
        Enum.GetValues<GradeBand>().Where(g => Json.Word(g) == text).Select(GradeBands.Name).FirstOrDefault()
        ?? (OfDocument.IsMatch(text) ? text.Humanize(LetterCasing.LowerCase) : text);

    /// <summary>Words of the document are written in one, each but the first with a capital.</summary>
    private static readonly Regex OfDocument = new("^[a-z]+([A-Z][a-z]*)+$");

    private static readonly string[] Names = ["name", "text", "word", "kind", "id"];

    private static string Short(JsonNode? node) =>
        node is JsonObject item
            ? Names.Select(k => item[k]).OfType<JsonValue>().Select(v => v.ToString()).FirstOrDefault(t => t.Length > 0)
                ?? "something"
            : Show(node);
}
