using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Results: the standings, and why.</summary>
internal static class ResultsEndpoints
{
    public static void MapResults(this IEndpointRouteBuilder api) =>
        api.MapGet("/rallies/{id:guid}/results", Standings).WithTags("Results").WithName("openStandings").ForWalls();

    /// <summary>The standings, or as much of them as the board shows; the whole way to its place is written out only for the team that is asked for.</summary>
    private static async Task<Results<Ok<Standings>, Missing, Refused>> Standings(Guid id, HttpContext context, RallyLog log, PassBook book, CancellationToken stop, int round = 1, string why = "", bool board = false)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        if (round is < 1 or > Most.Rounds) return new Missing("round");
        var opened = found.Opened;
        if (!opened.IsOk) return new Refused(opened.Problems);
        var standings = Scorer.Score(opened.Value.Playbook, opened.Value.Rally.Teams, opened.Value.Rally.Entries, round);

        // A wall that was let in by its link has nothing but the board.
        if (board || await Caller.Of(context.User).In(id, book, stop) == CallerRole.Wall) standings = standings.Revealed(LessonClock.Of(opened.Value).Wall.Revealed);
        return TypedResults.Ok(standings with { Rows = [.. standings.Rows.Select(r => r.Team == why ? r : r with { Why = [] })] });
    }
}
