using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>The id of a team in its rally; the empty one stands for no team, or for the class as a whole.</summary>
[JsonConverter(typeof(TextIdConverter<TeamId>))]
public readonly record struct TeamId : IId<TeamId, string>
{
    private readonly string? _value;

    /// <param name="value">The id as it is written; empty for none.</param>
    public TeamId(string value) => _value = value.Length > 0 ? value : null;

    /// <inheritdoc/>
    public string Value => _value ?? "";

    /// <inheritdoc/>
    public static TeamId Of(string value) => new(value);

    /// <summary>Reads an id as it stands in an address; every text is one.</summary>
    public static bool TryParse(string? text, IFormatProvider? provider, out TeamId id)
    {
        id = new(text ?? "");
        return true;
    }

    /// <inheritdoc/>
    public override string ToString() => Value;
}
