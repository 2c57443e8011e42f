using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Results: the standings, and why.</summary>
internal static class ResultsEndpoints
{
    public static void MapResults(this IEndpointRouteBuilder api) =>
        api.MapGet("/rallies/{id:guid}/results", Standings).WithTags("Results").WithName("openStandings");

    /// <summary>The standings; the whole way to its place is written out only for the team that is asked for.</summary>
    private static async Task<Results<Ok<Standings>, Missing, Refused>> Standings(Guid id, RallyLog log, CancellationToken stop, int round = 1, string why = "")
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        if (round is < 1 or > Limits.Rounds) return new Missing("round");
        var opened = found.Opened;
        if (!opened.IsOk) return new Refused(opened.Problems);
        var standings = Scorer.Score(opened.Value.Compiled, opened.Value.Rally.Teams, opened.Value.Rally.Entries, round);
        return TypedResults.Ok(standings with { Closed = ClosedRound.Compare(opened.Value, standings), Rows = [.. standings.Rows.Select(r => r.Team == why ? r : r with { Why = [] })] });
    }
}
