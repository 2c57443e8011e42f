using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Results;

/// <summary>Where a team stands in one part, among the teams that place.</summary>
/// <param name="Place">From 1; teams that are equal share one.</param>
/// <param name="Shared">Whether others have it too.</param>
/// <param name="Of">How many teams place.</param>
internal sealed record PartPlace(int Place, bool Shared, int Of)
{
    /// <summary>
    /// The places of every team that places in every part, by the points of the part; of equal points the better value
    /// stands first. Where one part makes the whole total, the places are those of the standings, tie-breaks included.
    /// Empty where teams have no places.
    /// </summary>
    public static IReadOnlyDictionary<(TeamId Team, string Part), PartPlace> All(RoundResult round) =>
        Among([round], round);

    /// <summary>
    /// The same of one of several rounds that are compared with each other, by points and value alone.
    /// </summary>
    /// <param name="rounds">All of them, of one edition.</param>
    /// <param name="round">The one whose teams it is of.</param>
    public static IReadOnlyDictionary<(TeamId Team, string Part), PartPlace> Among(
        IReadOnlyList<RoundResult> rounds,
        RoundResult round
    )
    {
        var compiled = round.Run.Compiled;
        var places = new Dictionary<(TeamId, string), PartPlace>();
        if (!Ranking.Ranks(compiled, [.. rounds.SelectMany(r => r.Teams)]))
            return places;
        var placed = rounds.SelectMany(Placed).ToList();
        for (var at = 0; at < compiled.Parts.Count; at++)
        {
            var compare =
                compiled.Parts.Count == 1 && rounds.Count == 1
                    ? Comparer<TeamResult>.Create((a, b) => Nullable.Compare(a.Rank, b.Rank))
                    : InPart(compiled, at);
            foreach (var team in Placed(round))
                places[(team.Team.Id, compiled.Parts[at].Part.Id)] = new(
                    1 + placed.Count(other => compare.Compare(other, team) < 0),
                    placed.Count(other => compare.Compare(other, team) == 0) > 1,
                    placed.Count
                );
        }

        return places;
    }

    private static IEnumerable<TeamResult> Placed(RoundResult round) =>
        round.Teams.Where(t => t.Status == StandingStatus.Placed);

    private static Comparer<TeamResult> InPart(CompiledEdition compiled, int at)
    {
        var (wins, value) = (compiled.Brief.Method.Better, compiled.Parts[at].Better);
        return Comparer<TeamResult>.Create(
            (one, other) =>
            {
                var (a, b) = (one.Parts[at], other.Parts[at]);
                var points = Ranking.Towards(wins, new(a.Points!.Value), new(b.Points!.Value));
                return points != 0 ? points : Ranking.Towards(value, a.Value.Value, b.Value.Value);
            }
        );
    }
}
