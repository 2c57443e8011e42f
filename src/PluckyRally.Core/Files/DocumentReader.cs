using System.Text.Json;

namespace PluckyRally.Core;

/// <summary>A document that has been read: what it says, and its text in full, unknown fields included.</summary>
public sealed class Document<T>
{
    private readonly Lazy<string> _text;

    internal Document(T value, JsonElement original)
    {
        Value = value;
        _text = new(() => FullText.Of(value, original));
    }

    /// <summary>What it says.</summary>
    public T Value { get; }

    /// <summary>Its JSON, every known field written out; made when somebody asks.</summary>
    public string Text => _text.Value;
}

/// <summary>Reads briefs, rallies and entries from JSON; all errors at once, each with its place.</summary>
public static class DocumentReader
{
    /// <summary>
    /// Reads a brief. It may be unfinished: what a rally would need is checked by <see cref="CompiledEdition.For"/>.
    /// </summary>
    public static Result<Document<Brief>> Brief(string json) =>
        Read<Brief>(json, Limits.BriefBytes, Core.Brief.FormatName, Core.Brief.NewestVersion);

    /// <summary>Reads a rally.</summary>
    public static Result<Document<Rally>> Rally(string json) =>
        Read<Rally>(json, Limits.RallyBytes, Core.Rally.FormatName, Core.Rally.NewestVersion);

    /// <summary>Reads a fair day.</summary>
    public static Result<Document<DayFile>> Day(string json) =>
        Read<DayFile>(json, Limits.BriefBytes, DayFile.FormatName, DayFile.NewestVersion);

    /// <summary>Reads what is the school's own.</summary>
    public static Result<Document<SchoolFile>> School(string json) =>
        Read<SchoolFile>(json, Limits.BriefBytes, SchoolFile.FormatName, SchoolFile.NewestVersion);

    /// <summary>Reads which briefs are planned for when.</summary>
    public static Result<Document<PlansFile>> Plans(string json) =>
        Read<PlansFile>(json, Limits.BriefBytes, PlansFile.FormatName, PlansFile.NewestVersion);

    /// <summary>Reads one entry.</summary>
    public static Result<Document<Entry>> Entry(string json) => Read<Entry>(json, Limits.EntryBytes, null, 0);

    /// <summary>Reads several entries; each is read, or refused, by itself.</summary>
    /// <param name="json">A list of entries.</param>
    /// <param name="most">How many are taken at once.</param>
    public static Result<IReadOnlyList<Result<Document<Entry>>>> Entries(string json, int most)
    {
        var list = Read<IReadOnlyList<JsonElement>>(json, Limits.BriefBytes, null, 0);
        if (!list.IsOk)
            return Result<IReadOnlyList<Result<Document<Entry>>>>.Refused(list.Problems);
        return list.Value.Value.Count > most
            ? Result<IReadOnlyList<Result<Document<Entry>>>>.Refused(
                new Problem("", $"There are {list.Value.Value.Count} entries.", $"Send at most {most} at once.")
            )
            : Result<IReadOnlyList<Result<Document<Entry>>>>.Ok([
                .. list.Value.Value.Select(e => Entry(e.GetRawText())),
            ]);
    }

    /// <summary>An entry as a log keeps it; null where this version does not understand it.</summary>
    public static Entry? KeptEntry(string text) => Kept(() => JsonSerializer.Deserialize<Entry>(text, Json.Options));

    /// <summary>An edition as a rally keeps it; null where this version does not understand it.</summary>
    public static Edition? KeptEdition(string text) =>
        Kept(() => Upgrade.Of(Parse(text)).Deserialize<Edition>(Json.Options));

    /// <summary>Reads what a screen sends, where it is not a document of its own.</summary>
    public static Result<Document<T>> Request<T>(string json)
        where T : class => Read<T>(json, Limits.BriefBytes, null, 0);

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

    private static JsonElement Parse(string json) =>
        JsonElement.Parse(json, new JsonDocumentOptions { MaxDepth = Json.Options.MaxDepth });

    private static T? Kept<T>(Func<T?> read)
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

    private static Result<Document<T>> Read<T>(string json, int mostBytes, string? format, int newest)
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
