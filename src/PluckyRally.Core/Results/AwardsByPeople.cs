using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Finds who won the awards that people give.</summary>
internal static class AwardsByPeople
{
    /// <summary>The teams that the teacher named, or that most votes are for; ties share an award.</summary>
    public static AwardResult Give(AwardPlan award, GivenBy by, IReadOnlyList<TeamResult> mayWin)
    {
        var round = mayWin.Count > 0 ? mayWin[0].Record.Round : [];
        return by == GivenBy.Teacher
            ? Given(
                award.Definition.Id,
                award.Definition.Name,
                [.. round.OfType<Entry.AwardGiven>().Where(g => g.Award == award.Definition.Id)],
                mayWin
            ) ?? Nobody(award, by)
            : Voted(award, by, [.. round.OfType<Entry.AwardVoted>().Where(v => v.Award == award.Definition.Id)], mayWin)
                ?? Nobody(award, by);
    }

    /// <summary>Awards that the teacher thought of on the spot.</summary>
    public static IEnumerable<AwardResult> OnTheSpot(IReadOnlyList<TeamResult> results) =>
        results.Count == 0
            ? []
            : results[0]
                .Record.Round.OfType<Entry.AwardGiven>()
                .Where(g => g.Award.Length == 0)
                .GroupBy(g => g.Name.Trim(), StringComparer.OrdinalIgnoreCase)
                .Select(g => Given("", g.Key, [.. g], [.. results.Where(r => r.Status != StandingStatus.Away)]))
                .OfType<AwardResult>();

    private static AwardResult? Given(
        string id,
        string name,
        IReadOnlyList<Entry.AwardGiven> given,
        IReadOnlyList<TeamResult> mayWin
    )
    {
        var each = given
            .GroupBy(g => g.Team)
            .Select(g => (Team: mayWin.FirstOrDefault(r => r.Team.Id == g.Key), Last: g.Last()))
            .Where(g => g.Team is not null)
            .ToList();
        return each.Count == 0
            ? null
            : new(
                id,
                name,
                [.. each.Select(e => e.Team!.Team.Id)],
                AwardWords.SayGiven(
                    name,
                    [.. each.Select(e => e.Team!.Team.Name)],
                    null,
                    [.. each.Select(e => e.Last.Why).Where(w => w.Length > 0)]
                )
            )
            {
                GivenBy = GivenBy.Teacher,
                Votes = [.. each.Select(e => new AwardVote(e.Last.Id, e.Last.By, e.Team!.Team.Id, e.Last.Why))],
            };
    }

    private static AwardResult? Voted(
        AwardPlan award,
        GivenBy by,
        IReadOnlyList<Entry.AwardVoted> given,
        IReadOnlyList<TeamResult> mayWin
    )
    {
        // Each voter counts once, with the last word.
        var votes = given
            .GroupBy(Whose)
            .Select(g => g.Last())
            .Where(v => mayWin.Any(r => r.Team.Id == v.For) && v.For != v.Team)
            .ToList();
        if (votes.Count == 0)
            return null;
        var most = votes.GroupBy(v => v.For).Max(g => g.Count());
        var winners = mayWin.Where(r => votes.Count(v => v.For == r.Team.Id) == most).ToList();
        var names = mayWin[0].Record.Names;
        return new(
            award.Definition.Id,
            award.Definition.Name,
            [.. winners.Select(w => w.Team.Id)],
            AwardWords.SayGiven(
                award.Definition.Name,
                [.. winners.Select(w => w.Team.Name)],
                (most, votes.Count),
                [.. votes.Where(v => v.Why.Length > 0 && winners.Any(w => w.Team.Id == v.For)).Select(v => v.Why)]
            )
        )
        {
            GivenBy = by,
            Votes =
            [
                .. votes.Select(v => new AwardVote(v.Id, names.GetValueOrDefault(v.Team) ?? Whose(v), v.For, v.Why)),
            ],
        };
    }

    /// <summary>Whose vote it is: a team's, by its id, or one of the jury's, by name.</summary>
    private static string Whose(Entry.AwardVoted vote) =>
        vote.Team != default ? vote.Team.Value
        : vote.Voter.Length > 0 ? vote.Voter
        : vote.By;

    private static AwardResult Nobody(AwardPlan award, GivenBy by) =>
        new(award.Definition.Id, award.Definition.Name, [], AwardWords.SayNobody(award.Definition)) { GivenBy = by };
}
