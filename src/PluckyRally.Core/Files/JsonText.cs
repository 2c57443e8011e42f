using System.Text.Json;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Files;

/// <summary>Reads a text as JSON of a type, and says in a teacher's words what is wrong with it.</summary>
internal static class JsonText
{
    /// <summary>Which of the formats a file says it is; null where it says none.</summary>
    public static string? FormatOf(string json)
    {
        if (HalfCharacter(json) is not null)
            return null;
        try
        {
            var root = Parse(json);
            return
                root.ValueKind == JsonValueKind.Object
                && root.TryGetProperty("format", out var format)
                && format.ValueKind == JsonValueKind.String
                ? format.GetString()
                : null;
        }
        catch (JsonException)
        {
            // What is not JSON names no format; reading it says where it stops making sense.
            return null;
        }
    }

    /// <summary>
    /// Where a text has half of a surrogate pair (RFC 8259, 8.2), which no file could keep; null where it has none.
    /// </summary>
    private static int? HalfCharacter(string json)
    {
        for (var at = json.IndexOf('\\'); at >= 0 && at + 1 < json.Length; at = json.IndexOf('\\', at + 2))
        {
            if (Escaped(json, at) is not { } unit || !char.IsSurrogate(unit))
                continue;
            if (char.IsHighSurrogate(unit) && Escaped(json, at + 6) is { } second && char.IsLowSurrogate(second))
                at += 6;
            else
                return at;
        }

        return null;
    }

    /// <summary>The code unit that is escaped at a place as \uXXXX; null where there is none.</summary>
    private static char? Escaped(string json, int at) =>
        at + 6 <= json.Length
        && json[at] == '\\'
        && json[at + 1] == 'u'
        && ushort.TryParse(
            json.AsSpan(at + 2, 4),
            System.Globalization.NumberStyles.AllowHexSpecifier,
            System.Globalization.CultureInfo.InvariantCulture,
            out var unit
        )
            ? (char)unit
            : null;

    /// <exception cref="JsonException">It is no JSON.</exception>
    public static JsonElement Parse(string json) =>
        JsonElement.Parse(json, new JsonDocumentOptions { MaxDepth = Json.Options.MaxDepth });

    /// <summary>What was kept; null where this version does not understand it.</summary>
    public static T? Kept<T>(Func<T?> read)
        where T : class
    {
        try
        {
            return read();
        }
        catch (Exception strange) when (strange is JsonException or NotSupportedException or InvalidOperationException)
        {
            // Damaged, or of a kind that only a newer version knows: whoever asks shows it as it is.
            return null;
        }
    }

    /// <summary>Reads a document: all errors at once, each with its place.</summary>
    /// <param name="json">The text.</param>
    /// <param name="mostBytes">A longer one is refused.</param>
    /// <param name="format">What the document has to say it is; null where it says nothing of the kind.</param>
    /// <param name="newest">The newest version of that format.</param>
    public static Result<Document<T>> Read<T>(string json, int mostBytes, string? format, int newest)
        where T : class
    {
        if (json.Length > mostBytes)
            return Refuse<T>(
                "",
                $"The file is larger than {mostBytes / 1000:N0} kB.",
                "Split it, or leave out what is not needed."
            );
        if (HalfCharacter(json) is { } half)
            return Refuse<T>(
                "",
                $"There is half a character ({json.Substring(half, 6)}), without the other half.",
                "Remove it, or write the whole character."
            );
        JsonElement root;
        try
        {
            root = Parse(json);
        }
        catch (JsonException wrong)
        {
            return Refuse<T>(
                "",
                $"This is not JSON: it stops making sense in line {wrong.LineNumber + 1}, at character "
                    + $"{wrong.BytePositionInLine + 1}, or is nested too deep.",
                "Check brackets, commas and quotation marks there."
            );
        }

        if (
            format is not null
            && root.ValueKind == JsonValueKind.Object
            && Header<T>(root, format, newest) is { } refusal
        )
            return refusal;
        var problems = ShapeCheck.Check(root, typeof(T));
        if (problems.Any(p => p.Severity == Severity.Error))
            return Result<Document<T>>.Refused(problems);
        root = Upgrade.Of(root);
        try
        {
            return Result<Document<T>>.Ok(new(root.Deserialize<T>(Json.Options)!, root), problems);
        }
        catch (JsonException wrong)
        {
            return Refuse<T>("", wrong.Message, "See the description of the format.");
        }
    }

    private static Result<Document<T>>? Header<T>(JsonElement root, string format, int newest)
        where T : class
    {
        var stated =
            root.TryGetProperty("format", out var field) && field.ValueKind == JsonValueKind.String
                ? field.GetString()
                : null;
        if (stated != format)
            return Refuse<T>(
                "/format",
                stated is null
                    ? "The file does not say what it is."
                    : $"This is a file of the format “{(stated.Length > 60 ? stated[..60] : stated)}”.",
                $"Here a file of the format “{format}” is wanted."
            );
        if (
            !root.TryGetProperty("version", out var version)
            || version.ValueKind != JsonValueKind.Number
            || !version.TryGetInt32(out var number)
            || number < 1
        )
            return Refuse<T>("/version", "The file does not say its version.", $"Write \"version\": {newest}.");
        return number > newest
            ? Refuse<T>(
                "/version",
                $"The file was written by a newer version of Plucky Rally (format version {number}; this "
                    + $"one reads up to {newest}).",
                "Update Plucky Rally, or export the file in the older version."
            )
            : null;
    }

    private static Result<Document<T>> Refuse<T>(string at, string what, string remedy)
        where T : class => Result<Document<T>>.Refused(new Problem(at, what, remedy));
}
