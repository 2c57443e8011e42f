using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>What sort of value stands at a place that can differ.</summary>
public enum TierFieldKind
{
    /// <summary>A text.</summary>
    Text,

    /// <summary>A number.</summary>
    Number,

    /// <summary>Yes or no.</summary>
    YesNo,

    /// <summary>One of the words.</summary>
    Choice,

    /// <summary>Texts or numbers in a row, such as the legs of a relay or the points by place.</summary>
    List,

    /// <summary>Something that has fields of its own, and is written on the tier's sheet.</summary>
    Item,
}

/// <summary>A place of a brief that can differ from tier to tier.</summary>
/// <param name="At">The place, items named by their id.</param>
/// <param name="Name">The place in words.</param>
/// <param name="Kind">What stands there.</param>
/// <param name="Words">For a choice: what can be chosen, as it stands in the document.</param>
public sealed record TierField(string At, string Name, TierFieldKind Kind, IReadOnlyList<string> Words)
{
    internal static TierField Number(string at) => new(at, "", TierFieldKind.Number, []);

    internal static TierField List(string at) => new(at, "", TierFieldKind.List, []);

    internal static TierField OneOf<T>(string at)
        where T : struct, Enum => new(at, "", TierFieldKind.Choice, [.. Enum.GetValues<T>().Select(Json.Word)]);
}

/// <summary>One value of a tier.</summary>
/// <param name="Value">What stands there.</param>
/// <param name="Inherited">Whether it is the brief's own.</param>
/// <param name="Says">For something with fields of its own: what it is, in a few words.</param>
public sealed record TierCell(JsonElement? Value, bool Inherited, string? Says = null);

/// <summary>A place that differs.</summary>
/// <param name="Field">The place.</param>
/// <param name="Base">What stands there in the brief itself.</param>
/// <param name="Cells">What stands there in each tier, in order.</param>
/// <param name="Says">For something with fields of its own: what the brief has there, in a few words.</param>
public sealed record TierRow(TierField Field, JsonElement? Base, IReadOnlyList<TierCell> Cells, string? Says = null);

/// <summary>What usually differs for a tier's grades, and does not yet.</summary>
/// <param name="Tier">The tier's id.</param>
/// <param name="Offers">What is offered, in the order of the sheet.</param>
public sealed record OffersForTier(string Tier, IReadOnlyList<TierOffer> Offers);

/// <summary>The differences between the tiers of a brief.</summary>
/// <param name="Rows">The places that differ in some tier.</param>
/// <param name="Fields">Every place that can differ, in the order of the sheet.</param>
/// <param name="Offers">What usually differs, for each tier for which something does.</param>
public sealed record TierTable(
    IReadOnlyList<TierRow> Rows,
    IReadOnlyList<TierField> Fields,
    IReadOnlyList<OffersForTier> Offers
)
{
    /// <summary>The table of a brief.</summary>
    public static TierTable Of(Brief brief)
    {
        var root = JsonSerializer.SerializeToNode(brief with { Tiers = [] }, Json.Options)!;
        var fields = TierFields.Of(brief, root);
        var places = brief
            .Tiers.SelectMany(t => t.Overrides)
            .Select(o => o.At)
            .Where(at => at != "/leftSnags")
            .Distinct()
            .ToList();
        return new(
            [
                .. places.Select(at =>
                    fields.FirstOrDefault(f => f.At == at) is { } known
                        ? Row(brief, root, known)
                        : Row(brief, root, Unlisted(brief, root, at))
                ),
            ],
            fields,
            [
                .. brief
                    .Tiers.Select(t => new OffersForTier(t.Id, TierOffers.Of(brief, t)))
                    .Where(t => t.Offers.Count > 0),
            ]
        );
    }

    /// <summary>A place that a tier has of its own, and that stands in no list to choose from.</summary>
    private static TierField Unlisted(Brief brief, JsonNode root, string at)
    {
        var tier = brief.Tiers.First(t => t.Overrides.Any(o => o.At == at));
        var has = tier.Overrides.Last(o => o.At == at).Value.ValueKind;
        // What only the tier has goes by the name that it has there.
        var named =
            DocumentPaths.At(root, at) is null && Editions.Resolve(brief, tier.Id) is { IsOk: true, Value: var edition }
                ? JsonSerializer.SerializeToNode(edition.Brief, Json.Options)!
                : root;
        return new(
            at,
            PathWords.Of(named, at),
            has is JsonValueKind.Object or JsonValueKind.Array or JsonValueKind.Null
                ? TierFieldKind.Item
                : TierFieldKind.Text,
            []
        );
    }

    private static TierRow Row(Brief brief, JsonNode root, TierField field)
    {
        JsonElement? there = DocumentPaths.At(root, field.At) is { } node
            ? node.Deserialize<JsonElement>(Json.Options)
            : null;
        string? Says(JsonElement? value) =>
            field.Kind != TierFieldKind.Item ? null
            : value is { ValueKind: not JsonValueKind.Null } some
                ? BriefDifferences.Show(JsonNode.Parse(some.GetRawText()))
            : "–";
        return new(
            field,
            there,
            [
                .. brief.Tiers.Select(t =>
                    t.Overrides.LastOrDefault(o => o.At == field.At) is { } own
                        ? new TierCell(
                            own.Value,
                            false,
                            field.Kind == TierFieldKind.Item && own.Value.ValueKind == JsonValueKind.Null
                                ? "left out"
                                : Says(own.Value)
                        )
                        : new TierCell(there, true, Says(there))
                ),
            ],
            Says(there)
        );
    }
}
