using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Results;

/// <summary>Station Results: the standings, and why.</summary>
internal static class ResultsEndpoints
{
    public static void MapResults(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Results");
        rally.MapGet("/results", Standings).WithName("openStandings").AddEndpointFilter<StateTag>();
        rally.MapGet("/rounds", OverRounds).WithName("openRoundsStanding").AddEndpointFilter<StateTag>();
        rally.MapGet("/sure", Sure).WithName("readConfidence").AddEndpointFilter<StateTag>();
        rally.MapGet("/plots", Plots).WithName("seePlots").AddEndpointFilter<StateTag>();
        rally.MapGet("/gallery", Side).WithName("openGallery").AddEndpointFilter<StateTag>();
    }

    /// <summary>
    /// The standings; the whole way to its place is written out only for the team that is asked for, or else for the
    /// first.
    /// </summary>
    private static Task<Results<Ok<Standings>, Missing, Refused>> Standings(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1,
        TeamId why = default
    ) =>
        log.Open(id, stop)
            .InRound(round, (found, rally) =>
            {
                var standings = rounds.Standings(found, round);
                return standings with
                {
                    Closed = ClosedRound.Compare(rally, standings),
                    Rows =
                    [
                        .. standings.Rows.Select(
                            (r, i) => (why == default ? i == 0 : r.Team == why) ? r : r with { Why = [] }
                        ),
                    ],
                };
            });

    /// <summary>The standing over the rounds; none where there is one round, or nobody has places.</summary>
    private static async Task<Results<Ok<RoundsStanding>, NoContent, Missing, Refused>> OverRounds(
        RallyId id,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        return RoundsStanding.Of(found.Opened.Value) is { } standing
            ? TypedResults.Ok(standing)
            : TypedResults.NoContent();
    }

    /// <summary>How certain the places are; thousands of draws, so only where somebody asks.</summary>
    private static Task<Results<Ok<Confidence>, Missing, Refused>> Sure(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        LongWork work,
        CancellationToken stop,
        int round = 1
    ) => log.Open(id, stop).InRound(round, (found, _) => work.Run(() => rounds.Sure(found, round), stop));

    /// <summary>All that teams made, side by side.</summary>
    private static Task<Results<Ok<Gallery>, Missing, Refused>> Side(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1,
        string figure = ""
    ) => log.Open(id, stop).InRound(round, (_, rally) => Gallery.Of(rally, round, figure));

    /// <summary>The class's numbers in pictures.</summary>
    private static async Task<Results<Ok<PlotsSeen>, Missing, Refused>> Plots(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1,
        string see = "",
        string figure = "",
        string other = ""
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var seen = PlotsSeen.Asked(found.Opened.Value, round, see, figure, other);
        return seen.IsOk ? TypedResults.Ok(seen.Value) : new Refused(seen.Problems);
    }
}
