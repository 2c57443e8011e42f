using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;
using PluckyRally.Core;
using PluckyRally.Data.Briefs;

namespace PluckyRally.Web;

/// <summary>Station Brief: the shelf, and writing a brief.</summary>
internal static class BriefEndpoints
{
    public static void MapBrief(this IEndpointRouteBuilder api)
    {
        var briefs = api.MapGroup("/briefs").WithTags("Brief");
        briefs.MapGet("", All).WithName("listBriefs");
        briefs.MapPost("", Add).WithName("addBrief").Accepts<Core.Brief>("application/json").TakesAtMost(Most.BriefBytes);
        briefs.MapGet("/{id:guid}", Open).WithName("openBrief").Produces<Core.Brief>();
        briefs.MapPut("/{id:guid}", Save).WithName("saveBrief").Accepts<Core.Brief>("application/json").TakesAtMost(Most.BriefBytes);
        briefs.MapGet("/{id:guid}/check", Check).WithName("checkBrief");
        api.MapGet("/units", Units).WithTags("Brief").WithName("listUnits");
    }

    private static async Task<Ok<IReadOnlyList<BriefOnShelf>>> All(BriefShelf shelf, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<BriefOnShelf>>([.. (await shelf.All(stop)).Select(BriefOnShelf.Of)]);

    private static async Task<Results<Created<BriefOnShelf>, Refused>> Add(SentJson sent, BriefShelf shelf, CancellationToken stop)
    {
        var document = DocumentReader.Brief(sent.Text);
        if (!document.IsOk) return new Refused(document.Problems);
        var brief = await shelf.Add(document.Value, stop);
        return TypedResults.Created($"/api/briefs/{brief.Id}", BriefOnShelf.Of(brief));
    }

    /// <summary>The document itself, fields that this version does not know included; the ETag is what a save must name.</summary>
    private static async Task<Results<ContentHttpResult, Missing>> Open(Guid id, BriefShelf shelf, HttpResponse response, CancellationToken stop)
    {
        if (await shelf.Find(id, stop) is not { } brief) return new Missing("brief");
        response.Headers.ETag = Tag(brief.Revision);
        response.Headers.CacheControl = "no-store";
        return TypedResults.Text(brief.Document, "application/json");
    }

    private static async Task<Results<Ok<BriefCheckup>, Missing, Refused, ChangedMeanwhile>> Save(Guid id, SentJson sent, BriefShelf shelf, HttpRequest request, HttpResponse response, CancellationToken stop)
    {
        if (OpenedAt(request) is not { } openedAt)
            return new Refused([new("", "The request does not say from which revision the brief was changed.", "Send the ETag that came with it as If-Match.")]);
        var document = DocumentReader.Brief(sent.Text);
        if (!document.IsOk) return new Refused(document.Problems);
        var (outcome, brief) = await shelf.Save(id, openedAt, document.Value, stop);
        switch (outcome)
        {
            case SaveOutcome.NotFound:
                return new Missing("brief");
            case SaveOutcome.Conflict:
                return new ChangedMeanwhile();
            default:
                response.Headers.ETag = Tag(brief!.Revision);
                return TypedResults.Ok(BriefCheckup.Of(document.Value.Value));
        }
    }

    private static async Task<Results<Ok<BriefCheckup>, Missing, Refused>> Check(Guid id, BriefShelf shelf, CancellationToken stop)
    {
        if (await shelf.Find(id, stop) is not { } brief) return new Missing("brief");
        var document = DocumentReader.Brief(brief.Document);
        return document.IsOk ? TypedResults.Ok(BriefCheckup.Of(document.Value.Value)) : new Refused(document.Problems);
    }

    private static Ok<IReadOnlyList<UnitsOfKind>> Units() =>
        TypedResults.Ok<IReadOnlyList<UnitsOfKind>>([.. Enum.GetValues<MeasureKind>().Select(kind => new UnitsOfKind(kind, Core.Units.For(kind)))]);

    private static string Tag(int revision) => $"\"{revision}\"";

    private static int? OpenedAt(HttpRequest request) =>
        EntityTagHeaderValue.TryParse(request.Headers.IfMatch.ToString(), out var tag) && int.TryParse(tag.Tag.ToString().Trim('"'), NumberStyles.None, CultureInfo.InvariantCulture, out var revision)
            ? revision
            : null;
}

/// <summary>A brief as it stands on the shelf.</summary>
public sealed record BriefOnShelf(Guid Id, string Title, string Goal, string Theme, Season Season, DateTimeOffset ChangedAt)
{
    internal static BriefOnShelf Of(StoredBrief brief) => new(brief.Id, brief.Title, brief.Goal, brief.Theme, brief.Season, brief.ChangedAt);
}

/// <summary>What the core says of a brief: what keeps it from being run, and how its scoring reads to pupils.</summary>
/// <param name="Problems">What has to be mended before a rally.</param>
/// <param name="Scoring">How it is scored, a sentence for each thing; empty while it cannot be run.</param>
/// <param name="Route">How far along the route it is.</param>
public sealed record BriefCheckup(IReadOnlyList<Problem> Problems, IReadOnlyList<string> Scoring, IReadOnlyList<Pennant> Route)
{
    internal static BriefCheckup Of(Core.Brief brief)
    {
        var playbook = Playbook.For(new Edition { Brief = brief });
        return new(playbook.IsOk ? [] : playbook.Problems, playbook.IsOk ? MethodWords.Say(playbook.Value) : [], Core.Route.OfBrief(playbook.Problems));
    }
}

/// <summary>The units that a kind of measure can be read in; empty where it has none of fixed size.</summary>
public sealed record UnitsOfKind(MeasureKind Kind, IReadOnlyList<string> Units);
