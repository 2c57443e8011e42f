using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Core;

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
public sealed record TierCell(JsonElement? Value, bool Inherited);

/// <summary>A place that differs.</summary>
/// <param name="Field">The place.</param>
/// <param name="Base">What stands there in the brief itself.</param>
/// <param name="Cells">What stands there in each tier, in order.</param>
public sealed record TierRow(TierField Field, JsonElement? Base, IReadOnlyList<TierCell> Cells);

/// <summary>What differs between the tiers of a brief.</summary>
/// <param name="Rows">The places that differ in some tier.</param>
/// <param name="Fields">Every place that can differ.</param>
public sealed record TierTable(IReadOnlyList<TierRow> Rows, IReadOnlyList<TierField> Fields)
{
    /// <summary>The table of a brief.</summary>
    public static TierTable Of(Brief brief)
    {
        var root = JsonSerializer.SerializeToNode(brief with { Tiers = [] }, Json.Options)!;
        var fields = TierFields.Of(brief, root);
        var places = brief.Tiers.SelectMany(t => t.Overrides).Select(o => o.At).Distinct().ToList();
        return new(
            [
                .. places.Select(at =>
                    Row(
                        brief,
                        root,
                        fields.FirstOrDefault(f => f.At == at)
                            ?? new(at, PathWords.Of(root, at), TierFieldKind.Text, [])
                    )
                ),
            ],
            fields
        );
    }

    private static TierRow Row(Brief brief, JsonNode root, TierField field)
    {
        JsonElement? there = DocumentPaths.At(root, field.At) is { } node
            ? node.Deserialize<JsonElement>(Json.Options)
            : null;
        return new(
            field,
            there,
            [
                .. brief.Tiers.Select(t =>
                    t.Overrides.LastOrDefault(o => o.At == field.At) is { } own
                        ? new TierCell(own.Value, false)
                        : new TierCell(there, true)
                ),
            ]
        );
    }
}
