using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>What earlier rallies of a brief leave.</summary>
internal static class MemoryEndpoints
{
    /// <summary>What is older than so many rallies is not read again.</summary>
    private const int Rallies = 12;

    public static void MapMemory(this IEndpointRouteBuilder api) => api.MapGet("/briefs/{id:guid}/memory", Open).WithTags("Brief").WithName("rememberBrief");

    private static async Task<Results<Ok<BriefMemory>, Missing, Refused>> Open(Guid id, BriefShelf shelf, RallyLog log, CancellationToken stop)
    {
        if (await shelf.Find(id, stop) is not { } stored) return new Missing("brief");
        var brief = DocumentReader.Brief(stored.Document);
        if (!brief.IsOk) return new Refused(brief.Problems);
        var opened = new List<(Guid, OpenedRally)>();
        foreach (var rally in (await log.All(stop)).Where(r => r.BriefId == id && r.Entries > 0).Take(Rallies))
        {
            // One that only a newer version understands is remembered by that one.
            if (await log.Open(rally.Id, stop) is { Opened: { IsOk: true } found }) opened.Add((rally.Id, found.Value));
        }

        return TypedResults.Ok(BriefMemory.Of(brief.Value.Value, opened));
    }
}
