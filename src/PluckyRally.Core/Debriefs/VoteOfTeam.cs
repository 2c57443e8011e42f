using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>An award that the class gives, with a team's vote.</summary>
/// <param name="Award">The award's id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="For">The id of the team that the vote is for; empty while there is none.</param>
/// <param name="Why">Why; may be empty.</param>
public sealed record VoteOfTeam(string Award, string Name, TeamId For, string Why)
{
    /// <summary>The awards that the class gives in a round, with the last word of a team.</summary>
    public static IReadOnlyList<VoteOfTeam> All(OpenedRally opened, int round, TeamId team)
    {
        var voted = opened
            .Stands.OfType<Entry.AwardVoted>()
            .Where(v => v.Round == round && v.Team == team)
            .GroupBy(v => v.Award)
            .ToDictionary(g => g.Key, g => g.Last());
        return
        [
            .. opened
                .In(round)
                .Compiled.Brief.Method.Awards.Where(a => a.GivenBy == GivenBy.Vote)
                .Select(a =>
                    voted.GetValueOrDefault(a.Id) is { } own
                        ? new VoteOfTeam(a.Id, a.Name, own.For, own.Why)
                        : new(a.Id, a.Name, default, "")
                ),
        ];
    }
}
