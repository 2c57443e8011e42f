using System.Text.Json;
using System.Text.Json.Serialization.Metadata;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Files;

/// <summary>
/// Walks a JSON document beside the types it is meant for and finds everything that does not fit, all at once, with its
/// place. Unknown fields are warned of, since whoever wrote them may know why.
/// </summary>
internal sealed class ShapeCheck
{
    private readonly List<Problem> _problems = [];

    /// <summary>Everything about a document that does not fit a type.</summary>
    public static IReadOnlyList<Problem> Check(JsonElement document, Type type)
    {
        var check = new ShapeCheck();
        check.Walk(document, type, "");
        return check._problems;
    }

    private void Walk(JsonElement element, Type type, string at)
    {
        if (_problems.Count >= Limits.Problems)
            return;
        var info = Json.Info(type);
        switch (info.Kind)
        {
            case JsonTypeInfoKind.Object when element.ValueKind == JsonValueKind.Object:
                Object(element, info, at);
                break;
            case JsonTypeInfoKind.Object:
                Add(at, $"An object is needed here, and it is {Kind(element)}.", "Put the fields in curly brackets.");
                break;
            case JsonTypeInfoKind.Enumerable
                when element.ValueKind == JsonValueKind.Array && element.GetArrayLength() > Limits.Entries:
                Add(at, $"There are {element.GetArrayLength()} items.", $"Keep to {Limits.Entries}.");
                break;
            case JsonTypeInfoKind.Enumerable when element.ValueKind == JsonValueKind.Array:
                var index = 0;
                foreach (var item in element.EnumerateArray())
                    Walk(item, info.ElementType!, $"{at}/{Name(item, index++)}");
                break;
            case JsonTypeInfoKind.Enumerable:
                Add(at, $"A list is needed here, and it is {Kind(element)}.", "Put the items in square brackets.");
                break;
            case JsonTypeInfoKind.Dictionary when element.ValueKind == JsonValueKind.Object:
                foreach (var item in element.EnumerateObject())
                    Walk(item.Value, info.ElementType!, $"{at}/{item.Name}");
                break;
            default:
                Leaf(element, type, at);
                break;
        }
    }

    private void Object(JsonElement element, JsonTypeInfo info, string at)
    {
        if (info.PolymorphismOptions is { } union)
        {
            var field = union.TypeDiscriminatorPropertyName;
            var known = union.DerivedTypes.Select(d => (string)d.TypeDiscriminator!).ToList();
            var kind =
                element.TryGetProperty(field, out var named) && named.ValueKind == JsonValueKind.String
                    ? named.GetString()
                    : null;
            var match = union.DerivedTypes.FirstOrDefault(d => (string)d.TypeDiscriminator! == kind);
            if (match.DerivedType is null)
            {
                Add(
                    $"{at}/{field}",
                    kind is null
                        ? $"The field “{field}” is missing."
                        : $"“{Short(kind)}” is not a kind that is known here.",
                    $"Use one of these: {string.Join(", ", known)}."
                );
                return;
            }

            Properties(element, Json.Info(match.DerivedType), at, field);
            return;
        }

        Properties(element, info, at, null);
    }

    private void Properties(JsonElement element, JsonTypeInfo info, string at, string? discriminator)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var field in element.EnumerateObject())
        {
            if (!seen.Add(field.Name))
                Add($"{at}/{field.Name}", "This field is there twice.", "Keep one of them.");
            if (field.Name == discriminator)
                continue;
            var property = info.Properties.FirstOrDefault(p => p.Name == field.Name);
            if (property is null)
                _problems.Add(
                    new(
                        $"{at}/{Short(field.Name)}",
                        "This field is not known; it is kept and has no effect.",
                        "Check its spelling, or leave it.",
                        Severity.Warning
                    )
                );
            else if (field.Value.ValueKind == JsonValueKind.Null)
            {
                // What may be any value may be none: a tier has one item fewer by it.
                if (!property.IsSetNullable && property.PropertyType != typeof(JsonElement))
                    Add(
                        $"{at}/{field.Name}",
                        "This field cannot be empty (null).",
                        "Give it a value, or leave the field out."
                    );
            }
            else
            {
                Walk(
                    field.Value,
                    Nullable.GetUnderlyingType(property.PropertyType) ?? property.PropertyType,
                    $"{at}/{field.Name}"
                );
            }
        }

        foreach (var property in info.Properties)
        {
            var required = property.IsRequired || property.AssociatedParameter is { HasDefaultValue: false };
            if (required && !seen.Contains(property.Name))
                Add($"{at}/{property.Name}", "This field is missing.", "Add it.");
        }
    }

    private void Leaf(JsonElement element, Type type, string at)
    {
        if (type == typeof(JsonElement))
            return;
        type = IdValue.Of(type) ?? type;
        try
        {
            var value = element.Deserialize(type, Json.Options);
            if (value is null)
                Add(at, "This cannot be empty (null).", "Give it a value.");
            else if (value is decimal number)
                Range(number, at);
            else if (value is int whole)
                Range(whole, at);
        }
        catch (Exception wrong)
            when (wrong is JsonException or FormatException or InvalidOperationException or OverflowException)
        {
            Add(at, $"{Short(element.GetRawText())} cannot be used here.", Remedy(type));
        }
    }

    private void Range(decimal number, string at)
    {
        if (Math.Abs(number) > Limits.Number)
            Add(at, "This number is out of range.", $"Use numbers from −{Limits.Number:N0} to {Limits.Number:N0}.");
        else if (number.Scale > Limits.Decimals && number != decimal.Round(number, Limits.Decimals))
            Add(at, "This number has too many decimals.", $"Keep to {Limits.Decimals}.");
    }

    private static string Remedy(Type type)
    {
        if (type.IsEnum)
            return "Use one of these: "
                + string.Join(", ", Enum.GetNames(type).Select(JsonNamingPolicy.CamelCase.ConvertName))
                + ".";
        if (type == typeof(string))
            return "Write a text in quotation marks.";
        if (type == typeof(bool))
            return "Write true or false.";
        if (type == typeof(int))
            return "Write a whole number.";
        if (type == typeof(decimal))
            return "Write a number.";
        if (type == typeof(Guid))
            return "Write an id of the form 00000000-0000-0000-0000-000000000000.";
        if (type == typeof(DateOnly))
            return "Write a day of the form 2026-11-24.";
        return type == typeof(DateTimeOffset)
            ? "Write a time of the form 2026-11-24T09:30:00Z."
            : "See the description of the format.";
    }

    private void Add(string at, string what, string remedy) => _problems.Add(new(at, what, remedy));

    /// <summary>
    /// Items are named by their id where they have one, so that a place stays the same when the list is put in another
    /// order.
    /// </summary>
    private static string Name(JsonElement item, int index) =>
        item.ValueKind == JsonValueKind.Object
        && item.TryGetProperty("id", out var id)
        && id.ValueKind == JsonValueKind.String
        && id.GetString() is { Length: > 0 and <= 60 } name
            ? name
            : index.ToString();

    private static string Kind(JsonElement element) =>
        element.ValueKind switch
        {
            JsonValueKind.Array => "a list",
            JsonValueKind.Object => "an object",
            JsonValueKind.String => "a text",
            JsonValueKind.Number => "a number",
            JsonValueKind.True or JsonValueKind.False => "true or false",
            _ => "empty (null)",
        };

    private static string Short(string text) => text.Length > 60 ? text[..60] + "…" : text;
}
