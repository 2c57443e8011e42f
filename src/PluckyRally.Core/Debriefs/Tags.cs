using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>A tag with the teams on whose work it is seen.</summary>
/// <param name="Word">The word, as it was written first.</param>
/// <param name="Seen">The entries, one a team.</param>
internal sealed record Tag(string Word, IReadOnlyList<Entry.TagSeen> Seen)
{
    public bool Has(TeamId team) => Seen.Any(s => s.Team == team);
}

/// <summary>The tags of the class on its designs.</summary>
internal static class Tags
{
    /// <summary>
    /// The tags of a round, in the order in which they came up; how a word is written makes no difference.
    /// </summary>
    public static IReadOnlyList<Tag> Of(StandingLog entries, int round) =>
        [
            .. entries
                .OfType<Entry.TagSeen>()
                .Where(t => t.Round == round)
                .GroupBy(t => t.Word.Trim(), StringComparer.OrdinalIgnoreCase)
                .Select(g => new Tag(g.Key, [.. g.DistinctBy(t => t.Team)])),
        ];
}
