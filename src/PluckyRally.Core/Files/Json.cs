using System.Collections.Concurrent;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;

namespace PluckyRally.Core.Files;

/// <summary>The one set of JSON settings: for files, for the database and over the wire.</summary>
public static class Json
{
    private static readonly ConcurrentDictionary<Type, JsonTypeInfo> Infos = [];

    /// <summary>Read-only settings: camel case, enumerations as words, nothing null that must not be.</summary>
    public static JsonSerializerOptions Options { get; } = Make();

    /// <summary>Sets the product's way of writing JSON on other settings.</summary>
    public static void Apply(JsonSerializerOptions options)
    {
        options.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
        options.PropertyNameCaseInsensitive = false;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowOutOfOrderMetadataProperties = true;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.MaxDepth = 40;
        options.Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        options.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
    }

    /// <summary>Writes a value as indented JSON.</summary>
    public static string Write<T>(T value) => JsonSerializer.Serialize(value, Options);

    /// <summary>
    /// Whether two values are written alike; numbers are told apart by what they are worth, as browsers write 1 for
    /// 1.0.
    /// </summary>
    public static bool Same<T>(T one, T other) =>
        JsonElement.DeepEquals(
            JsonSerializer.SerializeToElement(one, Options),
            JsonSerializer.SerializeToElement(other, Options)
        );

    /// <summary>A value of an enumeration as it stands in documents.</summary>
    internal static string Word<T>(T value)
        where T : struct, Enum => JsonNamingPolicy.CamelCase.ConvertName(value.ToString());

    /// <summary>
    /// What a type is made of. Kept here, since the settings look at the type itself each time that they are asked.
    /// </summary>
    internal static JsonTypeInfo Info(Type type) => Infos.GetOrAdd(type, Options.GetTypeInfo);

    private static JsonSerializerOptions Make()
    {
        var options = new JsonSerializerOptions
        {
            TypeInfoResolver = new DefaultJsonTypeInfoResolver(),
            WriteIndented = true,
        };
        Apply(options);
        options.MakeReadOnly();
        return options;
    }
}
