using System.Text.RegularExpressions;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;

namespace PluckyRally.Web.Start;

/// <summary>
/// Sets each description on one line: where a comment wraps in the sources is no matter of the API's.
/// </summary>
internal sealed class OneLineDescriptions : IOpenApiDocumentTransformer
{
    public Task TransformAsync(
        OpenApiDocument document,
        OpenApiDocumentTransformerContext context,
        CancellationToken cancellationToken
    )
    {
        foreach (var schema in document.Components?.Schemas?.Values ?? [])
            Set(schema);
        foreach (var operation in document.Paths.Values.SelectMany(path => path.Operations ?? []).Select(o => o.Value))
        {
            operation.Summary = OneLine(operation.Summary);
            operation.Description = OneLine(operation.Description);
            foreach (var parameter in operation.Parameters ?? [])
                parameter.Description = OneLine(parameter.Description);
            foreach (var (_, response) in operation.Responses ?? [])
                response.Description = OneLine(response.Description);
            if (operation.RequestBody is { } body)
                body.Description = OneLine(body.Description);
        }

        return Task.CompletedTask;
    }

    private static void Set(IOpenApiSchema schema)
    {
        if (schema is OpenApiSchemaReference reference)
        {
            // What a reference says of its own; the rest is said where the schema stands.
            if (reference.Reference.Description is { } own)
                reference.Description = OneLine(own);
            return;
        }

        schema.Description = OneLine(schema.Description);
        foreach (var within in schema.Properties?.Values ?? [])
            Set(within);
        foreach (var within in (schema.OneOf ?? []).Concat(schema.AnyOf ?? []).Concat(schema.AllOf ?? []))
            Set(within);
        if (schema.Items is { } items)
            Set(items);
        if (schema.AdditionalProperties is { } others)
            Set(others);
    }

    private static string? OneLine(string? text) => text is null ? null : WhiteSpace.Replace(text, " ").Trim();

    private static readonly Regex WhiteSpace = new(@"\s+");
}
