using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// What a brief that is being run was changed by: values at their places, as a tier has them, and items that come and
/// go.
/// </summary>
public static class BriefChanges
{
    /// <summary>What makes one brief of another.</summary>
    public static IReadOnlyList<Override> Between(Brief before, Brief after) =>
        [
            .. BriefDifferences
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
            if (Put(node, changes[i]))
                continue;
            problems.Add(
                new(
                    $"/changes/{i}/at",
                    $"There is no {ProblemCollector.Short(changes[i].At)} in the brief as it is run.",
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
        // What only the tier has is changed there too.
        bool IsOwn(Override change) =>
            own is not null && (own.HasItemOver(change.At) || own.Overrides.Any(o => o.At == change.At));
        var all = Lay(brief, [.. changes.Where(c => !IsOwn(c))]);
        if (!all.IsOk || own is null)
            return all;
        var changed = own with
        {
            Overrides =
            [
                .. own.Overrides.Select(o => changes.LastOrDefault(c => c.At == o.At) ?? o),
                .. changes.Where(c => IsOwn(c) && own.Overrides.All(o => o.At != c.At)),
            ],
        };
        return Result<Brief>.Ok(
            all.Value with
            {
                Tiers = [.. all.Value.Tiers.Select(t => t.Id == own.Id ? changed : t)],
            }
        );
    }

    /// <summary>Puts a value, or an item more or fewer, in its place; false where there is no such place.</summary>
    internal static bool Put(JsonNode root, Override change) =>
        MayDiffer(change.At)
        && (
            Item(root, change)
            || (KnownPaths.Has(root, typeof(Brief), change.At) && DocumentPaths.Put(root, change.At, change.Value))
        );

    /// <summary>Tiers have no tiers, and are of the same format.</summary>
    internal static bool MayDiffer(string at) => at.Split('/') is not ["", "tiers" or "format" or "version", ..];

    /// <summary>Adds an item at its id to a list, or takes it out; false where the place is no such item's.</summary>
    private static bool Item(JsonNode root, Override change)
    {
        var (at, value, before) = change;
        var cut = at.LastIndexOf('/');
        if (cut <= 0 || DocumentPaths.At(root, at[..cut]) is not JsonArray list)
            return false;
        var there = DocumentPaths.Child(list, at[(cut + 1)..]);
        // What is to be gone and is gone already is as it should be.
        if (value.ValueKind == JsonValueKind.Null)
            return there is null || list.Remove(there);
        if (
            there is not null
            || value.ValueKind != JsonValueKind.Object
            || !value.TryGetProperty("id", out var id)
            || id.ValueKind != JsonValueKind.String
            || id.GetString() != at[(cut + 1)..]
        )
            return false;
        var next = before is null ? null : DocumentPaths.Child(list, before);
        list.Insert(next is null ? list.Count : list.IndexOf(next), JsonNode.Parse(value.GetRawText()));
        return true;
    }
}
