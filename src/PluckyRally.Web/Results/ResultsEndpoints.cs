using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Results: the standings, and why.</summary>
internal static class ResultsEndpoints
{
    public static void MapResults(this IEndpointRouteBuilder api) =>
        api.MapGet("/rallies/{id:guid}/results", Standings).WithTags("Results").WithName("openStandings");

    private static async Task<Results<Ok<Standings>, Missing, Refused>> Standings(Guid id, RallyLog log, CancellationToken stop, int round = 1)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        if (round is < 1 or > Most.Rounds) return new Missing("round");
        var opened = OpenedRally.Open(found.Rally);
        return opened.IsOk
            ? TypedResults.Ok(Scorer.Score(opened.Value.Playbook, opened.Value.Rally.Teams, opened.Value.Rally.Entries, round))
            : new Refused(opened.Problems);
    }
}
