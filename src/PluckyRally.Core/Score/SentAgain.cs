using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>An entry whose id the log has already: the same one sent again, or another one under the same id.</summary>
public static class SentAgain
{
    /// <summary>What the server adds when it takes an entry in, or sets by its own clock and knowledge.</summary>
    private static readonly string[] OfTheServer = ["at", "deviceAt", "by", "editionAsOf", "kept", "differs", "beside"];

    /// <summary>What is worked out of what was typed, by the name of what was typed.</summary>
    private static readonly (string Typed, string[] WorkedOut)[] Understood =
    [
        ("typed", ["value", "bound", "nextTried"]),
        ("lengthTyped", ["length"]),
        ("widthTyped", ["width"]),
    ];

    /// <summary>Why an entry cannot be taken under its id; null where it says what the log has already.</summary>
    /// <param name="compiled">The edition, to say both in words.</param>
    /// <param name="known">What the log has.</param>
    /// <param name="came">What came.</param>
    public static Problem? Check(CompiledEdition compiled, Entry known, Entry came) =>
        JsonNode.DeepEquals(AsSent(known), AsSent(came))
            ? null
            : new(
                "/id",
                $"Something else was recorded under this id: “{known.Say(compiled, null)}”, not "
                    + $"“{came.Say(compiled, null)}”.",
                "Cross out what is wrong, and record it again as an entry of its own."
            );

    private static JsonNode AsSent(Entry entry)
    {
        var sent = JsonSerializer.SerializeToNode(entry, Json.Options)!.AsObject();
        foreach (var added in OfTheServer)
            sent.Remove(added);
        LeaveOutWhatIsUnderstood(sent);
        return sent;
    }

    private static void LeaveOutWhatIsUnderstood(JsonNode? node)
    {
        if (node is JsonArray list)
        {
            foreach (var item in list)
                LeaveOutWhatIsUnderstood(item);
            return;
        }

        if (node is not JsonObject whole)
            return;
        foreach (var name in Understood.Where(u => whole.ContainsKey(u.Typed)).SelectMany(u => u.WorkedOut))
            whole.Remove(name);
        foreach (var (_, inner) in whole)
            LeaveOutWhatIsUnderstood(inner);
    }
}
