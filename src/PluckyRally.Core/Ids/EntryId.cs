using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of an entry in the log of a rally, given by the device that makes it.</summary>
/// <param name="Value">The id as it is written.</param>
[JsonConverter(typeof(GuidIdConverter<EntryId>))]
public readonly record struct EntryId(Guid Value) : IId<EntryId, Guid>
{
    /// <inheritdoc/>
    public static EntryId Of(Guid value) => new(value);

    /// <inheritdoc/>
    public override string ToString() => Value.ToString();
}
