using System.Collections.Concurrent;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// How many teams joined rallies after these had begun, as their logs say. A log that has not grown since is not looked
/// through again.
/// </summary>
public sealed class LateTeams
{
    private readonly ConcurrentDictionary<RallyId, (int Entries, int Teams)> _known = new();

    /// <summary>Rallies with the late teams that stand in their logs counted among their teams.</summary>
    internal async Task<IReadOnlyList<ListedRally>> AddTo(
        IReadOnlyList<ListedRally> rallies,
        RallyDb db,
        CancellationToken stop
    )
    {
        var grown = rallies
            .Where(r => r.Entries != (_known.TryGetValue(r.Id, out var known) ? known.Entries : 0))
            .ToList();
        if (grown.Count > 0)
        {
            var ids = grown.Select(r => r.Id).ToList();
            var own = db.Entries.Where(e => ids.Contains(e.RallyId));
            var joined = (await own.Of<Entry.TeamJoined>("teamJoined", stop)).ToLookup(j => j.Rally, j => j.Entry);
            var late = joined.Select(j => j.Key).ToList();
            var strikes =
                late.Count == 0
                    ? Enumerable.Empty<Entry.StruckOut>().ToLookup(_ => default(RallyId))
                    : (
                        await db.Entries.Where(e => late.Contains(e.RallyId)).Of<Entry.StruckOut>("struckOut", stop)
                    ).ToLookup(s => s.Rally, s => s.Entry);
            foreach (var rally in grown)
                _known[rally.Id] = (rally.Entries, Standing(joined[rally.Id], strikes[rally.Id]));
        }

        return
        [
            .. rallies.Select(r =>
                _known.TryGetValue(r.Id, out var known) && known.Teams > 0
                    ? r with
                    {
                        Teams = r.Teams + known.Teams,
                    }
                    : r
            ),
        ];
    }

    /// <summary>Those that were crossed out do not count.</summary>
    private static int Standing(IEnumerable<Entry> joined, IEnumerable<Entry> strikes) =>
        StandingLog.Of([.. joined, .. strikes]).OfType<Entry.TeamJoined>().DistinctBy(j => j.Team).Count();
}
