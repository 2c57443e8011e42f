using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web.Briefs;

/// <summary>The rallies that a brief has had, the last one first.</summary>
internal static class EarlierRallies
{
    /// <summary>What is older than so many rallies is not read again.</summary>
    private const int Rallies = 12;

    /// <summary>Opens them. One that only a newer version understands is remembered by that one.</summary>
    public static async Task<IReadOnlyList<(RallyId Id, OpenedRally Opened)>> Of(
        BriefId brief,
        RallyLog log,
        CancellationToken stop
    )
    {
        var opened = new List<(RallyId, OpenedRally)>();
        foreach (var rally in (await log.All(stop)).Where(r => r.BriefId == brief && r.Entries > 0).Take(Rallies))
        {
            if (await log.Open(rally.Id, stop) is { Opened: { IsOk: true } found })
                opened.Add((rally.Id, found.Value));
        }

        return opened;
    }
}
