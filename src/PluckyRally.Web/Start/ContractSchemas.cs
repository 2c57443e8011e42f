using System.Reflection;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using PluckyRally.Core.Ids;

namespace PluckyRally.Web.Start;

/// <summary>
/// Says in the API's description what the server always sends: every field that cannot be null; what is null is left
/// out. Documents that come in may leave fields out; they are written out in full before they are kept.
/// </summary>
internal sealed class ContractSchemas : IOpenApiSchemaTransformer
{
    public Task TransformAsync(
        OpenApiSchema schema,
        OpenApiSchemaTransformerContext context,
        CancellationToken cancellationToken
    )
    {
        WriteIds(schema, context.JsonTypeInfo);
        foreach (var property in context.JsonTypeInfo.Properties)
        {
            if (schema.Properties?.ContainsKey(property.Name) != true)
                continue;
            if (property.IsGetNullable || Nullable.GetUnderlyingType(property.PropertyType) is not null)
                schema.Required?.Remove(property.Name);
            else
                (schema.Required ??= new HashSet<string>()).Add(property.Name);
        }

        // A case of a union always says which one it is.
        if (
            Above(context.JsonTypeInfo.Type)
                .Select(t =>
                    t.GetCustomAttribute<JsonPolymorphicAttribute>(inherit: false)?.TypeDiscriminatorPropertyName
                )
                .FirstOrDefault(name => name is not null) is
            { } discriminator
        )
            (schema.Required ??= new HashSet<string>()).Add(discriminator);
        return Task.CompletedTask;
    }

    /// <summary>An id is described as what it is written as.</summary>
    private static void WriteIds(OpenApiSchema schema, JsonTypeInfo type)
    {
        if (IdValue.Of(type.Type) is { } value)
        {
            var orNull = Nullable.GetUnderlyingType(type.Type) is null ? default : JsonSchemaType.Null;
            (schema.Type, schema.Format) = (JsonSchemaType.String | orNull, FormatOf(value));
        }
        else if (type.ElementType is { } item && IdValue.Of(item) is { } itemValue)
            schema.Items = new OpenApiSchema { Type = JsonSchemaType.String, Format = FormatOf(itemValue) };
    }

    private static string? FormatOf(Type value) => value == typeof(Guid) ? "uuid" : null;

    /// <summary>The name under which a type is described once; ids have none, they are described in place.</summary>
    public static string? NameOf(JsonTypeInfo type) =>
        IdValue.Of(type.Type) is null ? OpenApiOptions.CreateDefaultSchemaReferenceId(type) : null;

    private static IEnumerable<Type> Above(Type type)
    {
        for (var above = type.BaseType; above is not null; above = above.BaseType)
            yield return above;
    }
}
