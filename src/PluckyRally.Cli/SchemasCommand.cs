using System.Reflection;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Schema;
using System.Xml.Linq;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Cli;

/// <summary>
/// Writes the JSON Schemas of the open formats from the types that read them, with the types' own explanations.
/// </summary>
internal static class SchemasCommand
{
    private static readonly JsonSerializerOptions Readable = new()
    {
        WriteIndented = true,
        Encoder = JavaScriptEncoder.UnsafeRelaxedJsonEscaping,
    };

    public static int Run(string folder, TextWriter output)
    {
        Directory.CreateDirectory(folder);
        foreach (var (name, text) in All())
        {
            File.WriteAllText(Path.Combine(folder, name), text);
            output.WriteLine(Path.Combine(folder, name));
        }

        return 0;
    }

    /// <summary>The schemas by file name.</summary>
    public static IEnumerable<(string Name, string Text)> All() =>
        [
            ("brief.schema.json", Schema(typeof(Brief), Brief.FormatName, Brief.NewestVersion)),
            ("rally.schema.json", Schema(typeof(Rally), Rally.FormatName, Rally.NewestVersion)),
            ("day.schema.json", Schema(typeof(DayFile), DayFile.FormatName, DayFile.NewestVersion)),
            ("school.schema.json", Schema(typeof(SchoolFile), SchoolFile.FormatName, SchoolFile.NewestVersion)),
            ("plans.schema.json", Schema(typeof(PlansFile), PlansFile.FormatName, PlansFile.NewestVersion)),
        ];

    private static string Schema(Type type, string format, int version)
    {
        var explanations = Explanations();
        var schema = (JsonObject)
            Core.Files.Json.Options.GetJsonSchemaAsNode(
                type,
                new JsonSchemaExporterOptions
                {
                    TreatNullObliviousAsNonNullable = true,
                    TransformSchemaNode = (context, node) => Explain(context, node, explanations),
                }
            );
        var properties = (JsonObject)schema["properties"]!;
        ((JsonObject)properties["format"]!)["const"] = format;
        schema["required"] = new JsonArray([
            .. (schema["required"] as JsonArray)?.Select(n => n!.DeepClone()) ?? [],
            "format",
            "version",
        ]);
        schema.Insert(0, "$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.Insert(1, "title", $"{format}, version {version}");
        return schema.ToJsonString(Readable) + "\n";
    }

    private static JsonNode Explain(
        JsonSchemaExporterContext context,
        JsonNode node,
        Dictionary<string, string> explanations
    )
    {
        var type = context.TypeInfo.Type;
        if (IdValue.Of(type) is { } value)
            node = Written(
                Nullable.GetUnderlyingType(type) is null ? value : typeof(Nullable<>).MakeGenericType(value)
            );
        if (node is not JsonObject schema)
            return node;
        if (context.TypeInfo.ElementType is { } item && IdValue.Of(item) is { } itemValue)
            schema["items"] = Written(itemValue);
        var text =
            context.PropertyInfo is { AttributeProvider: PropertyInfo property }
                ? explanations.GetValueOrDefault(
                    $"P:{property.DeclaringType!.FullName!.Replace('+', '.')}.{property.Name}"
                )
            : IdValue.Of(type) is null ? explanations.GetValueOrDefault($"T:{type.FullName?.Replace('+', '.')}")
            : null;
        if (text is not null && !schema.ContainsKey("description"))
            schema.Insert(0, "description", text);
        return schema;
    }

    /// <summary>An id is described as what it is written as.</summary>
    private static JsonNode Written(Type value) =>
        Core.Files.Json.Options.GetJsonSchemaAsNode(value, new() { TreatNullObliviousAsNonNullable = true });

    /// <summary>
    /// What the core's documentation file says of each member; the parameters of a record explain its properties.
    /// </summary>
    private static Dictionary<string, string> Explanations()
    {
        var file = Path.ChangeExtension(typeof(Brief).Assembly.Location, ".xml");
        var explanations = new Dictionary<string, string>(StringComparer.Ordinal);
        foreach (var member in XDocument.Load(file).Descendants("member"))
        {
            var name = member.Attribute("name")!.Value;
            if (member.Element("summary") is { } summary)
                explanations[name] = Plain(summary);
            if (!name.StartsWith("T:", StringComparison.Ordinal))
                continue;
            foreach (var parameter in member.Elements("param"))
                explanations[$"P:{name[2..]}.{parameter.Attribute("name")!.Value}"] = Plain(parameter);
        }

        return explanations;
    }

    private static string Plain(XElement element) =>
        string.Join(
            ' ',
            string.Concat(
                    element
                        .Nodes()
                        .Select(n =>
                            n switch
                            {
                                XElement { Name.LocalName: "see" or "paramref" } reference => (
                                    reference.Attribute("cref") ?? reference.Attribute("name")
                                )!.Value.Split('.', ':')[^1],
                                XElement inner => inner.Value,
                                _ => n.ToString(),
                            }
                        )
                )
                .Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries)
        );
}
