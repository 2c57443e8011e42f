using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Demo;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>Station Brief: the shelf, and writing a brief.</summary>
internal static class BriefEndpoints
{
    public static void MapBrief(this IEndpointRouteBuilder api)
    {
        var briefs = api.MapGroup("/briefs").WithTags("Brief");
        briefs.MapGet("", All).WithName("listBriefs");
        briefs.MapPost("", Add).WithName("addBrief").Accepts<Brief>("application/json").TakesAtMost(Limits.BriefBytes);
        briefs.MapPost("/begun", Begin).WithName("beginBrief").Accepts<NewBrief>("application/json");
        briefs.MapGet("/ready", (ReadyBriefs ready) => TypedResults.Ok(ready.All)).WithName("listReadyBriefs");
        briefs.MapPost("/ready/{name}/copy", CopyReady).WithName("copyReadyBrief");
        briefs.MapGet("/{id:guid}", Open).WithName("openBrief").Produces<Brief>();
        briefs
            .MapPut("/{id:guid}", Save)
            .WithName("saveBrief")
            .Accepts<Brief>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        briefs.MapGet("/{id:guid}/check", Check).WithName("checkBrief");
        briefs.MapPost("/{id:guid}/copy", Copy).WithName("copyBrief");
        briefs.MapDelete("/{id:guid}", Delete).WithName("deleteBrief");
        briefs.MapPut("/{id:guid}/archived", Archive).WithName("archiveBrief").Accepts<Archived>("application/json");
        api.MapGet("/choices", () => TypedResults.Ok(Choices.All)).WithTags("Brief").WithName("choices");
    }

    private static async Task<Ok<IReadOnlyList<BriefOnShelf>>> All(
        BriefShelf shelf,
        RallyLog log,
        CancellationToken stop,
        string search = "",
        bool archived = false
    )
    {
        var runs = (await log.All(stop))
            .Where(r => r is { BriefId: not null, Entries: > 0, Date: not null })
            .DistinctBy(r => r.BriefId)
            .ToDictionary(r => r.BriefId!.Value, r => new BriefRun(r.Id, r.Name, r.Date!.Value));
        return TypedResults.Ok<IReadOnlyList<BriefOnShelf>>([
            .. (await shelf.All(search, archived, stop)).Select(b =>
                BriefOnShelf.Of(b) with
                {
                    LastRun = runs.GetValueOrDefault(b.Id),
                }
            ),
        ]);
    }

    private static async Task<Results<Created<BriefOnShelf>, Refused>> Add(
        SentJson sent,
        BriefShelf shelf,
        CancellationToken stop
    ) => await Shelve(DocumentReader.Brief(sent.Text), shelf, stop);

    /// <summary>A new brief from a pattern.</summary>
    private static async Task<Results<Created<BriefOnShelf>, Refused>> Begin(
        SentJson sent,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<NewBrief>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        return await Shelve(
            DocumentReader.Brief(Json.Write(Patterns.Begin(wanted.Pattern, wanted.Grades, wanted.Units))),
            shelf,
            stop
        );
    }

    private static async Task<Results<Created<BriefOnShelf>, Missing, Refused>> Copy(
        BriefId id,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        if (await shelf.Find(id, stop) is not { } brief)
            return new Missing("brief");
        var document = DocumentReader.Brief(brief.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        var title = document.Value.Value.Title;
        var renamed = Changes.Apply(
            System.Text.Json.Nodes.JsonNode.Parse(brief.Document)!,
            [Change.Set("/title", title.Length > 0 ? $"{title} (copy)" : "")]
        );
        return Found(await Shelve(renamed, shelf, stop));
    }

    private static async Task<Results<Created<BriefOnShelf>, Missing, Refused>> CopyReady(
        string name,
        ReadyBriefs ready,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        return ready.Find(name) is { } brief
            ? Found(await Shelve(Result<Document<Brief>>.Ok(brief), shelf, stop))
            : new Missing("brief");
    }

    /// <summary>What became of a brief that was there to be copied.</summary>
    private static Results<Created<BriefOnShelf>, Missing, Refused> Found(
        Results<Created<BriefOnShelf>, Refused> shelved
    ) => shelved.Result is Created<BriefOnShelf> created ? created : (Refused)shelved.Result;

    private static async Task<Results<NoContent, Missing, Refused>> Archive(
        BriefId id,
        SentJson sent,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<Archived>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        return await shelf.Archive(id, request.Value.Value.Away, stop)
            ? TypedResults.NoContent()
            : new Missing("brief");
    }

    private static async Task<Results<NoContent, Missing>> Delete(
        BriefId id,
        BriefShelf shelf,
        CancellationToken stop
    ) => await shelf.Delete(id, stop) ? TypedResults.NoContent() : new Missing("brief");

    /// <summary>
    /// The document itself, fields that this version does not know included; the ETag is what a save must name.
    /// </summary>
    private static async Task<Results<ContentHttpResult, Missing, Refused>> Open(
        BriefId id,
        BriefShelf shelf,
        HttpResponse response,
        CancellationToken stop
    )
    {
        if (await shelf.Find(id, stop) is not { } brief)
            return new Missing("brief");

        // Read anew, so that a brief kept by an earlier version has every field that this one knows.
        var document = DocumentReader.Brief(brief.Document);
        if (!document.IsOk)
            return new Refused(document.Problems);
        response.Headers.ETag = Revisions.Tag(brief.Revision);
        return TypedResults.Text(document.Value.Text, "application/json");
    }

    private static async Task<Results<Ok<BriefCheckup>, Missing, Refused, ChangedMeanwhile>> Save(
        BriefId id,
        SentJson sent,
        BriefShelf shelf,
        Cupboard cupboard,
        HttpRequest request,
        HttpResponse response,
        CancellationToken stop
    )
    {
        if (Revisions.OpenedAt(request) is not { } openedAt)
            return Revisions.NotSaid();
        var document = DocumentReader.Brief(sent.Text);
        if (!document.IsOk)
            return new Refused(document.Problems);
        var (outcome, brief) = await shelf.Save(id, openedAt, Revisions.Window(request), document.Value, stop);
        switch (outcome)
        {
            case SaveOutcome.NotFound:
                return new Missing("brief");
            case SaveOutcome.Conflict:
                return new ChangedMeanwhile("brief", Revisions.Differences(brief!, document.Value.Value));
            default:
                response.Headers.ETag = Revisions.Tag(brief!.Revision);
                return TypedResults.Ok(BriefCheckup.Of(document.Value.Value, await cupboard.All(stop)));
        }
    }

    private static async Task<Results<Ok<BriefCheckup>, Missing, Refused>> Check(
        BriefId id,
        BriefShelf shelf,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        if (await shelf.Find(id, stop) is not { } brief)
            return new Missing("brief");
        var document = DocumentReader.Brief(brief.Document);
        return document.IsOk
            ? TypedResults.Ok(BriefCheckup.Of(document.Value.Value, await cupboard.All(stop)))
            : new Refused(document.Problems);
    }

    internal static async Task<Results<Created<BriefOnShelf>, Refused>> Shelve(
        Result<Document<Brief>> document,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        if (!document.IsOk)
            return new Refused(document.Problems);
        var brief = await shelf.Add(document.Value, stop);
        return TypedResults.Created($"/api/briefs/{brief.Id}", BriefOnShelf.Of(brief));
    }
}

/// <summary>What a brief is begun with.</summary>
public sealed record NewBrief(Pattern Pattern, GradeBand Grades, UnitSystem Units);

/// <summary>A rally of a brief.</summary>
/// <param name="Rally">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day.</param>
public sealed record BriefRun(RallyId Rally, string Name, DateOnly Date);

/// <summary>Whether a brief is archived.</summary>
public sealed record Archived(bool Away);

/// <summary>A brief as it stands on the shelf.</summary>
public sealed record BriefOnShelf(
    BriefId Id,
    string Title,
    string Goal,
    string Theme,
    Season Season,
    IReadOnlyList<GradeBand> Grades,
    Pattern Pattern,
    int Minutes,
    DateTimeOffset ChangedAt
)
{
    /// <summary>The last rally of it in which something was recorded; absent where there is none.</summary>
    public BriefRun? LastRun { get; init; }

    internal static BriefOnShelf Of(StoredBrief brief) =>
        Of(
            new ListedBrief(
                brief.Id,
                brief.Title,
                brief.Goal,
                brief.Theme,
                brief.Season,
                brief.Grades,
                brief.Pattern,
                brief.Minutes,
                brief.ChangedAt
            )
        );

    /// <summary>A band of grades that a newer version wrote is left out.</summary>
    internal static BriefOnShelf Of(ListedBrief brief) =>
        new(
            brief.Id,
            brief.Title,
            brief.Goal,
            brief.Theme,
            brief.Season,
            [
                .. brief
                    .Grades.Split(',', StringSplitOptions.RemoveEmptyEntries)
                    .Select(word => Enum.TryParse<GradeBand>(word, out var band) ? band : GradeBand.Unsaid)
                    .Where(band => band != GradeBand.Unsaid),
            ],
            brief.Pattern,
            brief.Minutes,
            brief.ChangedAt
        );
}
