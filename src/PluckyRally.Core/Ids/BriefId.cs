using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of a brief on the shelf.</summary>
/// <param name="Value">The id as it is written.</param>
[JsonConverter(typeof(GuidIdConverter<BriefId>))]
public readonly record struct BriefId(Guid Value) : IId<BriefId, Guid>
{
    /// <inheritdoc/>
    public static BriefId Of(Guid value) => new(value);

    /// <summary>Reads an id as it stands in an address; false where it is none.</summary>
    public static bool TryParse(string? text, IFormatProvider? provider, out BriefId id)
    {
        var read = Guid.TryParse(text, out var value);
        id = new(value);
        return read;
    }

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
