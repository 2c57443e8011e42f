using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>A class whose teams work in several tiers: a rally for each tier, to be run as one lesson.</summary>
public static class TeamsInTiers
{
    /// <summary>
    /// The rallies of a class, one for each tier. Teams keep the ids, short codes and pennants that they have among all
    /// of the class, so that they are told apart in the lesson; each rally's name says its tier. With one tier it is
    /// the rally itself.
    /// </summary>
    /// <param name="whole">The rally with all teams.</param>
    /// <param name="tierOf">For each team which of the editions it runs.</param>
    /// <param name="editions">The editions, one for each tier, at least one.</param>
    public static IReadOnlyList<Rally> InTiers(
        this Rally whole,
        IReadOnlyList<int> tierOf,
        IReadOnlyList<Edition> editions
    )
    {
        if (editions.Count == 1)
            return [whole];
        var teams = whole.Teams.Zip(TeamsApart.InRally(whole.Teams), (t, code) => t with { ShortCode = code }).ToList();
        return
        [
            .. editions.Select(
                (edition, tier) =>
                    whole with
                    {
                        Name = $"{whole.Name}, {OverAllWords.ListOfTier(edition.Tier)}",
                        Edition = edition,
                        Teams =
                        [
                            .. teams
                                .Index()
                                .Where(t => tierOf[t.Index] == tier)
                                .Select(t => t.Item with { Pennant = t.Index }),
                        ],
                    }
            ),
        ];
    }
}
