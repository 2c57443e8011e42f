using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Debrief: the talk after a round. What is said in it is recorded like everything else, as entries.</summary>
internal static class DebriefEndpoints
{
    public static void MapDebrief(this IEndpointRouteBuilder api) =>
        api.MapGet("/rallies/{id:guid}/debrief", Open).WithTags("Debrief").WithName("openDebrief").AddEndpointFilter<StateTag>();

    private static async Task<Results<Ok<Debrief>, Missing, Refused>> Open(Guid id, RallyLog log, CancellationToken stop, int round = 1)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        if (round is < 1 or > Limits.Rounds) return new Missing("round");
        return found.Opened.IsOk ? TypedResults.Ok(Debrief.Of(found.Opened.Value, round)) : new Refused(found.Opened.Problems);
    }
}
