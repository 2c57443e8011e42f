using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Says in words which place of a brief is meant: "Height: step", "Rule “Stands by itself”: limit".</summary>
internal static class PathWords
{
    /// <summary>Lists and groups whose name adds nothing to the names of what stands in them.</summary>
    private static readonly HashSet<string> Groups = new(StringComparer.Ordinal)
    {
        "check",
        "counters",
        "criteria",
        "curve",
        "expected",
        "faults",
        "figures",
        "first",
        "items",
        "levels",
        "materials",
        "measures",
        "method",
        "overrides",
        "parts",
        "phases",
        "prices",
        "rules",
        "second",
        "values",
    };

    /// <summary>What a place is called; what goes by two names together first.</summary>
    private static readonly Dictionary<string, string> Known = new(StringComparer.Ordinal)
    {
        ["check/amount"] = "limit",
        ["curve/at"] = "target",
        ["curve/each"] = "size of a step",
        ["curve/edges"] = "bands",
        ["curve/from"] = "starts at",
        ["curve/to"] = "ends at",
        ["timePoints/from"] = "time limit",
        ["timePoints/seconds"] = "seconds for each step",
        ["trials/how"] = "how it is tested",
        ["acknowledged"] = "read",
        ["allDoneBonus"] = "bonus when all are done",
        ["allRightBonus"] = "bonus when all are right",
        ["awards"] = "award",
        ["benchmark"] = "your trial build",
        ["bestOf"] = "number of best attempts",
        ["cap"] = "most points",
        ["cleanUp"] = "clean-up",
        ["combine"] = "attempts that count",
        ["comparison"] = "at least or at most",
        ["conditions"] = "same for everyone",
        ["done"] = "tasks to do",
        ["each"] = "price",
        ["failurePoints"] = "“no success” points",
        ["failureValue"] = "value of a failed attempt",
        ["firstTeams"] = "number of first teams",
        ["fixedAt"] = "fixed at",
        ["floor"] = "fewest points",
        ["freshBuildAfterFailure"] = "fresh build after a failure",
        ["funds"] = "money to spend",
        ["high"] = "highest expected",
        ["holdSeconds"] = "seconds to hold",
        ["how"] = "how it is measured",
        ["ifItFalls"] = "if it falls",
        ["ifLate"] = "if it is late",
        ["ifMissed"] = "if missed",
        ["key"] = "value in the key",
        ["leftSnags"] = "dismissed snags",
        ["lesson"] = "minutes of a lesson",
        ["low"] = "lowest expected",
        ["minimum"] = "fewest attempts",
        ["off"] = "left out",
        ["overWhen"] = "when an attempt is over",
        ["perPair"] = "points for each pair",
        ["perPercent"] = "points for each percent",
        ["perPlace"] = "points for each right place",
        ["perUnit"] = "points for each",
        ["percentOfLastRound"] = "percent of the last round",
        ["pointsPerItem"] = "points for each item",
        ["precision"] = "precision of points",
        ["question"] = "opening question",
        ["ranking"] = "teams have places",
        ["returnPercent"] = "percent returned",
        ["right"] = "points for each right",
        ["scoringWords"] = "how it is scored",
        ["secondsPerLeft"] = "seconds for each left out",
        ["secondsPerWrong"] = "seconds for each wrong",
        ["setUp"] = "setup",
        ["start"] = "starting points",
        ["step"] = "measured to the nearest",
        ["taken"] = "when it is measured",
        ["targets"] = "target",
        ["teacher"] = "for the teacher",
        ["tieBreaks"] = "tie-break",
        ["tiers"] = "tier",
        ["timePoints"] = "points for time",
        ["timing"] = "time",
        ["trials"] = "test",
        ["unsorted"] = "points for each left out",
        ["upper"] = "upper limit",
        ["wrong"] = "points for each wrong",
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
                : Groups.Contains(steps[i]) && i < steps.Count - 1 ? ""
                : i > 0 && Known.TryGetValue($"{steps[i - 1]}/{steps[i]}", out var both) ? both
                : Known.TryGetValue(steps[i], out var known) ? known
                : Spaced.Replace(steps[i], m => " " + m.Value.ToLowerInvariant());
            if (word.Length > 0)
                words.Add(word);
        }

        var text = string.Join(": ", words);
        return text.Length > 0 ? SentenceCase.Beginning(text) : "The brief";
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

    private static readonly Regex Spaced = new("[A-Z]");
}
