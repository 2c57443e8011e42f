using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core;

/// <summary>
/// What a brief that is being run was changed by: values at their places, as a tier has them, and items that come and
/// go.
/// </summary>
public static class BriefChanges
{
    /// <summary>What makes one brief of another.</summary>
    public static IReadOnlyList<Override> Between(Brief before, Brief after) =>
        [
            .. Difference
                .Places(before, after, placed: true)
                .Select(p => new Override(p.At, JsonSerializer.SerializeToElement(p.After))),
        ];

    /// <summary>
    /// The brief with values laid over it, or the places that there are not. Whether it can be run is not looked at.
    /// </summary>
    public static Result<Brief> Lay(Brief brief, IReadOnlyList<Override> changes)
    {
        var node = JsonSerializer.SerializeToNode(brief, Json.Options)!;
        var problems = new List<Problem>();
        for (var i = 0; i < changes.Count; i++)
        {
            var (at, value) = changes[i];
            if (
                Editions.MayDiffer(at)
                && (
                    Item(node, at, value)
                    || (KnownPaths.Has(node, typeof(Brief), at) && DocumentPaths.Put(node, at, value))
                )
            )
                continue;
            problems.Add(
                new(
                    $"/changes/{i}/at",
                    $"There is no {ProblemCollector.Short(at)} in the brief as it is run.",
                    "An earlier change may have been undone. Make the change again."
                )
            );
        }

        return problems.Count > 0 ? Result<Brief>.Refused(problems) : Editions.Read(node);
    }

    /// <summary>
    /// The brief on the shelf with what was changed in a rally that runs one of its tiers: where the tier has a value
    /// of its own at a place, that is changed, else the brief's for all.
    /// </summary>
    /// <param name="brief">The brief with its tiers.</param>
    /// <param name="tier">The name of the tier; empty where the brief itself is run.</param>
    /// <param name="changes">What was changed.</param>
    public static Result<Brief> OnShelf(Brief brief, string tier, IReadOnlyList<Override> changes)
    {
        var own = brief.Tiers.FirstOrDefault(t => tier.Length > 0 && (t.Name == tier || t.Id == tier));
        bool IsOwn(Override change) => own?.Overrides.Any(o => o.At == change.At) is true;
        var all = Lay(brief, [.. changes.Where(c => !IsOwn(c))]);
        if (!all.IsOk || own is null)
            return all;
        var changed = own with
        {
            Overrides = [.. own.Overrides.Select(o => changes.LastOrDefault(c => c.At == o.At) ?? o)],
        };
        return Result<Brief>.Ok(
            all.Value with
            {
                Tiers = [.. all.Value.Tiers.Select(t => t.Id == own.Id ? changed : t)],
            }
        );
    }

    /// <summary>Adds an item at its id to a list, or takes it out; false where the place is no such item's.</summary>
    private static bool Item(JsonNode root, string at, JsonElement value)
    {
        var cut = at.LastIndexOf('/');
        if (cut <= 0 || DocumentPaths.At(root, at[..cut]) is not JsonArray list)
            return false;
        var there = DocumentPaths.Child(list, at[(cut + 1)..]);
        if (value.ValueKind == JsonValueKind.Null)
            return there is not null && list.Remove(there);
        if (
            there is not null
            || value.ValueKind != JsonValueKind.Object
            || !value.TryGetProperty("id", out var id)
            || id.ValueKind != JsonValueKind.String
            || id.GetString() != at[(cut + 1)..]
        )
            return false;
        list.Add(JsonNode.Parse(value.GetRawText()));
        return true;
    }
}
