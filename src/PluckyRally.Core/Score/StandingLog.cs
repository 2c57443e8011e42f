using System.Collections;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>
/// What stands of a log: strikes, what they crossed out and what is set aside are taken out, and each entry is there
/// once. Whatever is worked out or shown of a rally is given this; the log as it was received is for those who write
/// it, list it and keep it.
/// </summary>
public sealed class StandingLog : IReadOnlyList<Entry>
{
    private readonly IReadOnlyList<Entry> _entries;

    private StandingLog(IReadOnlyList<Entry> entries) => _entries = entries;

    /// <summary>A log in which nothing stands.</summary>
    public static StandingLog Empty { get; } = new([]);

    /// <inheritdoc/>
    public int Count => _entries.Count;

    /// <inheritdoc/>
    public Entry this[int index] => _entries[index];

    /// <summary>What stands of entries in the order in which they were received.</summary>
    public static StandingLog Of(IReadOnlyList<Entry> received)
    {
        if (received is StandingLog already)
            return already;
        var struck = Log.Struck(received);
        var seen = new HashSet<EntryId>(received.Count);
        var standing = new List<Entry>(received.Count);
        foreach (var entry in received)
        {
            if (entry is not Entry.StruckOut && !struck.Contains(entry.Id) && seen.Add(entry.Id))
                standing.Add(entry);
        }

        return new(standing);
    }

    /// <summary>
    /// What stands in several logs, in the order of its time; what is in more than one is there once.
    /// </summary>
    internal static StandingLog Joined(IReadOnlyList<StandingLog> logs) =>
        new([.. logs.SelectMany(l => l).DistinctBy(e => e.Id).OrderBy(e => e.At)]);

    /// <summary>Those of a round.</summary>
    public StandingLog In(int round) => Where(e => e.Round == round);

    /// <summary>Those of one team or comparison, with what is the whole class's.</summary>
    internal StandingLog Alone(TeamId team) => Where(e => e.Team == default || e.Team == team);

    /// <summary>Some of them.</summary>
    internal StandingLog Where(Func<Entry, bool> which) => new([.. _entries.Where(which)]);

    /// <summary>With one more that strikes nothing out.</summary>
    internal StandingLog With(Entry entry) => new([.. _entries, entry]);

    /// <summary>The same, each as something else of the same kind: with other readings, at another time.</summary>
    internal StandingLog Each(Func<Entry, Entry> other) => new([.. _entries.Select(other)]);

    /// <summary>The same with one of them as something else of the same kind.</summary>
    internal StandingLog But(int at, Entry other) => new([.. _entries.Take(at), other, .. _entries.Skip(at + 1)]);

    /// <inheritdoc/>
    public IEnumerator<Entry> GetEnumerator() => _entries.GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
