using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>Changes a brief.</summary>
public static class Changes
{
    /// <summary>The brief with the changes made, or the change whose place there is not.</summary>
    public static Result<Document<Brief>> Apply(Brief brief, IReadOnlyList<Change> changes) =>
        Apply(JsonSerializer.SerializeToNode(brief, Json.Options)!, changes);

    /// <summary>The same for a brief's document; fields that are not known stay in it.</summary>
    public static Result<Document<Brief>> Apply(JsonNode document, IReadOnlyList<Change> changes)
    {
        var root = document.DeepClone();
        foreach (var change in changes)
        {
            var done = change.Tier.Length > 0 ? Override(root, change) : Make(root, change);
            if (!done)
                return Result<Document<Brief>>.Refused(
                    new Problem(
                        change.At,
                        "That place is no longer in the brief.",
                        "Check the snag again; the brief has changed since."
                    )
                );
        }

        return Brief.Read(root.ToJsonString());
    }

    private static bool Make(JsonNode root, Change change)
    {
        if (change.Kind == ChangeKind.Set)
            return DocumentPaths.Put(root, change.At, change.Value);
        if (DocumentPaths.At(root, change.At) is not JsonArray list)
            return false;
        list.Add(JsonNode.Parse(change.Value.GetRawText()));
        return true;
    }

    private static bool Override(JsonNode root, Change change)
    {
        if (DocumentPaths.At(root, $"/tiers/{change.Tier}/overrides") is not JsonArray list)
            return false;
        var value = JsonNode.Parse(change.Value.GetRawText());
        var there = list.FirstOrDefault(o => o?["at"]?.GetValue<string>() == change.At);
        if (there is not null)
            there["value"] = value;
        else
            list.Add(new JsonObject { ["at"] = change.At, ["value"] = value });
        return true;
    }
}
