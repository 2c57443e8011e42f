using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>What teams want to change in their next round.</summary>
internal static class WantedChanges
{
    /// <summary>What teams wanted to change when they looked back at the round before, by their ids.</summary>
    public static IReadOnlyDictionary<TeamId, string> Of(StandingLog entries, int round) =>
        round == 1
            ? new Dictionary<TeamId, string>()
            : entries
                .OfType<Entry.LookedBack>()
                .Where(l => l.Round == round - 1)
                .GroupBy(l => l.Team)
                .ToDictionary(g => g.Key, g => g.Last().Change);
}
