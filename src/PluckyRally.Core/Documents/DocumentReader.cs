using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Documents;

/// <summary>Reads briefs, rallies and entries from JSON; all errors at once, each with its place.</summary>
public static class DocumentReader
{
    /// <summary>
    /// Reads a brief. It may be unfinished: what a rally would need is checked by <see cref="CompiledEdition.For"/>.
    /// </summary>
    public static Result<Document<Brief>> Brief(string json) => Briefs.Brief.Read(json);

    /// <summary>Reads a rally.</summary>
    public static Result<Document<Rally>> Rally(string json) =>
        JsonText.Read<Rally>(json, Limits.RallyBytes, Score.Rally.FormatName, Score.Rally.NewestVersion);

    /// <summary>Reads a fair day.</summary>
    public static Result<Document<DayFile>> Day(string json) =>
        JsonText.Read<DayFile>(json, Limits.BriefBytes, DayFile.FormatName, DayFile.NewestVersion);

    /// <summary>Reads what is the school's own.</summary>
    public static Result<Document<SchoolFile>> School(string json) =>
        JsonText.Read<SchoolFile>(json, Limits.BriefBytes, SchoolFile.FormatName, SchoolFile.NewestVersion);

    /// <summary>Reads which briefs are planned for when.</summary>
    public static Result<Document<PlansFile>> Plans(string json) =>
        JsonText.Read<PlansFile>(json, Limits.BriefBytes, PlansFile.FormatName, PlansFile.NewestVersion);

    /// <summary>Reads one entry.</summary>
    public static Result<Document<Entry>> Entry(string json) => JsonText.Read<Entry>(json, Limits.EntryBytes, null, 0);

    /// <summary>Reads several entries; each is read, or refused, by itself.</summary>
    /// <param name="json">A list of entries.</param>
    /// <param name="most">How many are taken at once.</param>
    public static Result<IReadOnlyList<Result<Document<Entry>>>> Entries(string json, int most)
    {
        var list = JsonText.Read<IReadOnlyList<JsonElement>>(json, Limits.BriefBytes, null, 0);
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
    public static Entry? KeptEntry(string text) =>
        JsonText.Kept(() => JsonSerializer.Deserialize<Entry>(text, Json.Options));

    /// <summary>An edition as a rally keeps it; null where this version does not understand it.</summary>
    public static Edition? KeptEdition(string text) =>
        JsonText.Kept(() => Upgrade.Of(JsonText.Parse(text)).Deserialize<Edition>(Json.Options));

    /// <summary>Reads what a screen sends, where it is not a document of its own.</summary>
    public static Result<Document<T>> Request<T>(string json)
        where T : class => JsonText.Read<T>(json, Limits.BriefBytes, null, 0);

    /// <summary>Which of the formats a file says it is; null where it says none.</summary>
    public static string? FormatOf(string json) => JsonText.FormatOf(json);
}
