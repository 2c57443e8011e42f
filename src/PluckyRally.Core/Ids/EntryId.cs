using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of an entry in the log of a rally, given by the device that makes it.</summary>
/// <param name="Value">The id as it is written.</param>
[JsonConverter(typeof(GuidIdConverter<EntryId>))]
public readonly record struct EntryId(Guid Value) : IId<EntryId, Guid>
{
    /// <inheritdoc/>
    public static EntryId Of(Guid value) => new(value);

    /// <summary>Reads an id as it stands in an address; false where it is none.</summary>
    public static bool TryParse(string? text, IFormatProvider? provider, out EntryId id)
    {
        var read = Guid.TryParse(text, out var value);
        id = new(value);
        return read;
    }

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
