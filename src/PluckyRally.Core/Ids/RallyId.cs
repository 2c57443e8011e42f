using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of a rally.</summary>
/// <param name="Value">The id as it is written.</param>
[JsonConverter(typeof(GuidIdConverter<RallyId>))]
public readonly record struct RallyId(Guid Value) : IId<RallyId, Guid>
{
    /// <inheritdoc/>
    public static RallyId Of(Guid value) => new(value);

    /// <summary>Reads an id as it stands in an address; false where it is none.</summary>
    public static bool TryParse(string? text, IFormatProvider? provider, out RallyId id)
    {
        var read = Guid.TryParse(text, out var value);
        id = new(value);
        return read;
    }

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
