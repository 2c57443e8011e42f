using System.Text;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Files;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Briefs and rallies as files in the open formats, out and in.</summary>
internal static class FilesEndpoints
{
    public static void MapFiles(this IEndpointRouteBuilder api)
    {
        api.MapPost("/files", Import).WithTags("Files").WithName("importFile").Accepts<object>("application/json").TakesAtMost(Most.RallyBytes);
        api.MapGet("/briefs/{id:guid}/file", BriefFile).WithTags("Files").WithName("briefFile");
        api.MapGet("/rallies/{id:guid}/file", RallyFile).WithTags("Files").WithName("rallyFile");
    }

    private static async Task<Results<Created<Imported>, Refused>> Import(SentJson sent, Importer importer, CancellationToken stop)
    {
        var imported = await importer.Import(sent.Text, stop);
        return imported.IsOk
            ? TypedResults.Created($"/api/{(imported.Value.Sort == ImportedSort.Brief ? "briefs" : "rallies")}/{imported.Value.Id}", imported.Value)
            : new Refused(imported.Problems);
    }

    private static async Task<Results<FileContentHttpResult, Missing>> BriefFile(Guid id, BriefShelf shelf, CancellationToken stop) =>
        await shelf.Find(id, stop) is { } brief ? File(brief.Document, brief.Title, "brief") : new Missing("brief");

    private static async Task<Results<FileContentHttpResult, Missing>> RallyFile(Guid id, RallyLog log, CancellationToken stop) =>
        await log.Open(id, stop) is { } found ? File(Json.Write(found.Rally), found.Rally.Name, "rally") : new Missing("rally");

    private static FileContentHttpResult File(string text, string title, string sort)
    {
        var plain = new string([.. title.ToLowerInvariant().Select(c => char.IsAsciiLetterOrDigit(c) ? c : '-')]).Trim('-');
        var name = plain.Length > 40 ? plain[..40] : plain;
        return TypedResults.File(Encoding.UTF8.GetBytes(text), "application/json", $"{(name.Length > 0 ? name : sort)}.{sort}.json");
    }
}
