using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What a round came to when it was closed.</summary>
/// <param name="Scoring">The version of the scoring that worked it out, see <see cref="Scorer.Version"/>.</param>
/// <param name="Rows">The teams in order of standing.</param>
public sealed record ClosedRound(int Scoring, IReadOnlyList<ClosedRow> Rows)
{
    /// <summary>What a round comes to as its log stands.</summary>
    internal static ClosedRound Of(RoundResult round) =>
        new(Scorer.Version, [.. round.Teams.Select(r => new ClosedRow(r.Team.Id, r.Status, r.Bound, r.Rank, r.Total))]);

    /// <summary>How a closed round differs today from what it was closed with; null where the round is open.</summary>
    public static ClosedComparison? Compare(OpenedRally opened, Standings standings)
    {
        if (
            opened.Stands.LastOrDefault(e =>
                e.Round == standings.Round && e is Entry.RoundClosed or Entry.RoundReopened
            )
            is not Entry.RoundClosed closed
        )
            return null;
        if (closed.Kept is not { } kept)
            return new(null, []);
        var had = kept.Rows.ToDictionary(r => r.Team);
        var precision = opened.In(standings.Round).Compiled.Brief.Method.Precision;
        var changed = standings
            .Rows.Select(now => (Now: now, Had: had.GetValueOrDefault(now.Team)))
            .Where(row =>
                row.Had is null
                || (row.Had.Status, row.Had.Place, row.Had.Total, row.Had.Bound)
                    != (row.Now.Status, row.Now.Place, row.Now.Total, row.Now.Bound)
            )
            .Select(row => new ClosedDifference(
                row.Now.Team,
                row.Now.Name,
                Say(row.Had, precision),
                Say(row.Now.Status, row.Now.Place, row.Now.Total, row.Now.Bound, precision)
            ));
        return new(kept.Scoring, [.. changed]);
    }

    private static string Say(ClosedRow? row, decimal precision) =>
        row is null ? "was not there" : Say(row.Status, row.Place, row.Total, row.Bound, precision);

    private static string Say(StandingStatus status, int? place, decimal? total, Bound bound, decimal precision)
    {
        var stands = status switch
        {
            StandingStatus.Placed => place is { } number ? English.Ordinal(number) : "placed",
            StandingStatus.Unfinished => "unfinished",
            StandingStatus.DidNotPlace => "did not place",
            StandingStatus.Away => "took no place",
        };
        return total is { } points
            ? $"{stands} with {ReadingFormat.WithBound(ReadingFormat.Points(points, precision), bound)}"
            : stands;
    }
}

/// <summary>A team's line when its round was closed.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Status">Whether it had a place.</param>
/// <param name="Bound">Whether the total was a bound.</param>
/// <param name="Place">The place; absent where it had none.</param>
/// <param name="Total">The total; absent where it had none.</param>
public sealed record ClosedRow(
    TeamId Team,
    StandingStatus Status,
    Bound Bound,
    int? Place = null,
    decimal? Total = null
);

/// <summary>How a closed round differs today.</summary>
/// <param name="Scoring">The version of the scoring that it was closed with; absent where the round was closed before
/// places were kept.</param>
/// <param name="Differences">The teams for which today's standings say something else.</param>
public sealed record ClosedComparison(int? Scoring, IReadOnlyList<ClosedDifference> Differences);

/// <summary>A team that stands otherwise than when its round was closed.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Had">How it stood, such as "1st with 28.0".</param>
/// <param name="Has">How it stands today.</param>
public sealed record ClosedDifference(TeamId Team, string Name, string Had, string Has);
