using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>The teams that joined rallies after these had begun.</summary>
internal static class LateTeams
{
    /// <summary>How many there are in each rally that has any; those that were crossed out do not count.</summary>
    public static async Task<IReadOnlyDictionary<RallyId, int>> Count(RallyDb db, CancellationToken stop)
    {
        var joined = await db.Entries.Of<Entry.TeamJoined>("teamJoined", stop);
        var rallies = joined.Select(j => j.Rally).ToHashSet();
        var strikes =
            rallies.Count == 0
                ? []
                : await db.Entries.Where(e => rallies.Contains(e.RallyId)).Of<Entry.StruckOut>("struckOut", stop);
        return rallies.ToDictionary(
            rally => rally,
            rally =>
                StandingLog
                    .Of([
                        .. joined.Where(j => j.Rally == rally).Select(j => (Entry)j.Entry),
                        .. strikes.Where(s => s.Rally == rally).Select(s => s.Entry),
                    ])
                    .OfType<Entry.TeamJoined>()
                    .DistinctBy(j => j.Team)
                    .Count()
        );
    }
}
