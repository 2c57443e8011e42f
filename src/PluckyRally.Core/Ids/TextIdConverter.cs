using System.Text.Json;
using System.Text.Json.Serialization;

namespace PluckyRally.Core.Ids;

/// <summary>Reads and writes an id as its text, also as the name of a field.</summary>
internal sealed class TextIdConverter<TId> : JsonConverter<TId>
    where TId : struct, IId<TId, string>
{
    public override TId Read(ref Utf8JsonReader reader, Type typeToConvert, JsonSerializerOptions options) =>
        TId.Of(reader.GetString() ?? throw new JsonException());

    public override void Write(Utf8JsonWriter writer, TId value, JsonSerializerOptions options) =>
        writer.WriteStringValue(value.Value);

    public override TId ReadAsPropertyName(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    ) => TId.Of(reader.GetString()!);

    public override void WriteAsPropertyName(Utf8JsonWriter writer, TId value, JsonSerializerOptions options) =>
        writer.WritePropertyName(value.Value);
}
