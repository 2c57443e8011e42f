using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>Reads a log of entries: what stands, and what has been crossed out.</summary>
public static class Log
{
    /// <summary>
    /// The ids of the entries that have been crossed out. A later strike can cross out an earlier one.
    /// </summary>
    public static IReadOnlySet<EntryId> Struck(IReadOnlyList<Entry> entries)
    {
        var struck = new HashSet<EntryId>();
        for (var i = entries.Count - 1; i >= 0; i--)
        {
            if (entries[i] is Entry.StruckOut strike && !struck.Contains(strike.Id) && strike.Entry != strike.Id)
                struck.Add(strike.Entry);
        }

        return struck;
    }

    /// <summary>The same entries at another time, as far apart as they were, by every clock.</summary>
    /// <param name="entries">The entries; each says when it was received.</param>
    /// <param name="by">How much later; below zero for earlier.</param>
    public static IReadOnlyList<Entry> Moved(IReadOnlyList<Entry> entries, TimeSpan by) =>
        [.. entries.Select(e => e with { At = e.At + by, DeviceAt = e.DeviceAt + by })];
}
