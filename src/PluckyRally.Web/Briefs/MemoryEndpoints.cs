using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>What earlier rallies of a brief leave.</summary>
internal static class MemoryEndpoints
{
    public static void MapMemory(this IEndpointRouteBuilder api) =>
        api.MapGet("/briefs/{id:guid}/memory", Open).WithTags("Brief").WithName("rememberBrief");

    private static async Task<Results<Ok<BriefMemory>, Missing, Refused>> Open(
        BriefId id,
        BriefShelf shelf,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await shelf.Find(id, stop) is not { } stored)
            return new Missing("brief");
        var brief = DocumentReader.Brief(stored.Document);
        if (!brief.IsOk)
            return new Refused(brief.Problems);
        return TypedResults.Ok(BriefMemory.Of(brief.Value.Value, await EarlierRallies.Of(id, log, stop)));
    }
}
