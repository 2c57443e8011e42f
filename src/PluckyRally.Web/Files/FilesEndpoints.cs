using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Time;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Files;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Files;

/// <summary>Briefs and rallies as files in the open formats, out and in.</summary>
internal static class FilesEndpoints
{
    public static void MapFiles(this IEndpointRouteBuilder api)
    {
        api.MapPost("/files", Import)
            .WithTags("Files")
            .WithName("importFile")
            .Accepts<object>("application/json")
            .TakesAtMost(Limits.RallyBytes);
        api.MapPost("/files/look", Look)
            .WithTags("Files")
            .WithName("lookAtFile")
            .Accepts<object>("application/json")
            .TakesAtMost(Limits.RallyBytes);
        api.MapGet("/briefs/{id:guid}/markdown", Markdown).WithTags("Files").WithName("briefMarkdown");
        api.MapGet("/briefs/{id:guid}/calendar", LessonsFile).WithTags("Files").WithName("briefCalendar");
        api.MapGet("/briefs/{id:guid}/file", BriefFile).WithTags("Files").WithName("briefFile");
        api.MapGet("/rallies/{id:guid}/file", RallyFile).WithTags("Files").WithName("rallyFile");
    }

    private static async Task<Results<Created<Imported>, Refused>> Import(
        SentJson sent,
        Importer importer,
        CancellationToken stop
    )
    {
        var imported = await importer.Import(sent.Text, stop);
        return imported.IsOk
            ? TypedResults.Created(
                $"/api/{(imported.Value.Sort == ImportedSort.Brief ? "briefs" : "rallies")}/{imported.Value.Id}",
                imported.Value
            )
            : new Refused(imported.Problems);
    }

    /// <summary>What taking a file in would do; nothing is taken in.</summary>
    private static async Task<Results<Ok<LookedAt>, Refused>> Look(
        SentJson sent,
        Importer importer,
        CancellationToken stop
    )
    {
        var looked = await importer.Look(sent.Text, stop);
        return looked.IsOk ? TypedResults.Ok(looked.Value) : new Refused(looked.Problems);
    }

    private static async Task<Results<FileContentHttpResult, Missing, Refused>> Markdown(
        BriefId id,
        BriefShelf shelf,
        CancellationToken stop,
        string tier = "",
        bool teacher = true
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var document = DocumentReader.Brief(stored.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        var edition = Editions.Resolve(document.Value.Value, tier);
        return edition.IsOk
            ? File(
                BriefMarkdown.Write(edition.Value, teacher),
                stored.Title,
                "brief",
                "md",
                "text/markdown; charset=utf-8"
            )
            : new Refused(edition.Problems);
    }

    private static async Task<Results<FileContentHttpResult, Missing, Refused>> LessonsFile(
        BriefId id,
        DateTime begins,
        BriefShelf shelf,
        TimeProvider clock,
        CancellationToken stop,
        int every = 7
    )
    {
        if (every is < 1 or > 365)
            return new Refused([new("/every", "The days between two lessons are out of range.", "Use 1 to 365.")]);
        if (begins.Year is < 2000 or > 2200)
            return new Refused([
                new(
                    "/begins",
                    "The first lesson is on no day of these times.",
                    "Write a day and a time of the form 2026-11-24T09:00."
                ),
            ]);
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var document = DocumentReader.Brief(stored.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        if (Timetable.Of(document.Value.Value).Lessons.Count == 0)
            return new Refused([
                new("/timing/lesson", "The brief does not say how long a lesson is.", "Write its minutes under Time."),
            ]);
        return File(
            LessonCalendar.Write(document.Value.Value, id, begins, every, clock.GetUtcNow()),
            stored.Title,
            "lessons",
            "ics",
            "text/calendar; charset=utf-8"
        );
    }

    private static async Task<Results<FileContentHttpResult, Missing>> BriefFile(
        BriefId id,
        BriefShelf shelf,
        CancellationToken stop
    ) => await shelf.Find(id, stop) is { } brief ? File(brief.Document, brief.Title, "brief") : new Missing("brief");

    private static async Task<Results<FileContentHttpResult, Missing>> RallyFile(
        RallyId id,
        RallyLog log,
        CancellationToken stop
    ) =>
        await log.Open(id, stop) is { } found
            ? File(Json.Write(found.Rally), found.Rally.Name, "rally")
            : new Missing("rally");

    private static FileContentHttpResult File(
        string text,
        string title,
        string sort,
        string ending = "json",
        string type = "application/json"
    )
    {
        var plain = new string([.. title.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-')]).Trim(
            '-'
        );
        var name = plain.Length > 40 ? plain[..40] : plain;
        return TypedResults.File(
            Encoding.UTF8.GetBytes(text),
            type,
            $"{(name.Length > 0 ? name : sort)}.{sort}.{ending}"
        );
    }
}
