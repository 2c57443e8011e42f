using System.Text.Json.Nodes;
using System.Text.RegularExpressions;

namespace PluckyRally.Core;

/// <summary>Says in words which place of a brief is meant: "Height: step", "Rule “Stands by itself”: limit".</summary>
internal static partial class PathWords
{
    private static readonly Dictionary<string, string> Known = new(StringComparer.Ordinal)
    {
        ["question"] = "opening question",
        ["overWhen"] = "over when",
        ["ifItFalls"] = "if it falls",
        ["holdSeconds"] = "seconds to hold",
        ["check"] = "",
        ["upper"] = "upper limit",
        ["ifMissed"] = "if missed",
        ["off"] = "left out",
        ["fixedAt"] = "fixed at",
        ["measures"] = "",
        ["materials"] = "",
        ["conditions"] = "same for everyone",
        ["phases"] = "",
        ["timing"] = "time",
        ["parts"] = "",
        ["curve"] = "",
        ["method"] = "",
        ["trials"] = "test",
        ["rules"] = "",
        ["perUnit"] = "points for each",
        ["lesson"] = "minutes of a lesson",
        ["teacher"] = "for the teacher",
        ["jobs"] = "jobs",
        ["tieBreaks"] = "tie-breaks",
        ["scoringWords"] = "how it is scored",
        ["leftSnags"] = "snags left",
        ["percentOfLastRound"] = "percent of the last round",
        ["setUp"] = "setting up",
        ["cleanUp"] = "clearing up",
        ["ifLate"] = "being late",
        ["tiers"] = "tier",
        ["overrides"] = "",
    };

    /// <summary>The place in words, as it is in this document.</summary>
    public static string Of(JsonNode root, string place)
    {
        var words = new List<string>();
        JsonNode? at = root;
        var steps = place.Split('/').Skip(1).ToList();
        for (var i = 0; i < steps.Count; i++)
        {
            var inList = at is JsonArray;
            at = DocumentPaths.Child(at, steps[i]);
            // A part is often called as what it gives points for.
            var word =
                inList ? Item(root, at, steps[i])
                : steps is ["measures", _, "off"] && i == 2 ? "not measured"
                : Known.TryGetValue(steps[i], out var known) ? known
                : Spaced().Replace(steps[i], m => " " + m.Value.ToLowerInvariant());
            if (word.Length > 0)
                words.Add(word);
        }

        var text = string.Join(": ", words);
        return text.Length > 0 ? Within.Beginning(text) : "The brief";
    }

    private static string Item(JsonNode root, JsonNode? item, string step)
    {
        if (item is not JsonObject known)
            return int.TryParse(step, out var index) ? $"{index + 1}" : step;
        if (known["name"]?.GetValue<string>() is { Length: > 0 } name)
            return name;
        if (known["material"]?.GetValue<string>() is { Length: > 0 } sold)
            return Item(root, DocumentPaths.Child(root["materials"], sold), sold);
        if (known["text"]?.GetValue<string>() is { Length: > 0 } text)
            return $"“{ProblemCollector.Short(text)}”";
        if (
            known["kind"]?.GetValue<string>() is { } kind
            && known["minutes"] is not null
            && Enum.TryParse<PhaseKind>(kind, ignoreCase: true, out var phase)
        )
            return Minutes.Name(phase);
        return step;
    }

    [GeneratedRegex("[A-Z]")]
    private static partial Regex Spaced();
}
