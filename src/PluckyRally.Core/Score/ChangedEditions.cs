using System.Collections.Concurrent;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>
/// The brief of a rally as it was changed: as it is now in each round, and as it was when something was written down.
/// </summary>
internal sealed class ChangedEditions
{
    private readonly CompiledEdition _begun;
    private readonly IReadOnlyList<Entry> _received;

    /// <summary>How many entries there were each time that something was changed, or taken back.</summary>
    private readonly List<int> _changes = [];

    /// <summary>What was changed or taken back at each of them.</summary>
    private readonly Dictionary<int, Entry.BriefMended> _changedAt = [];

    /// <summary>What was laid already; whoever looks at a rally shares it.</summary>
    private readonly ConcurrentDictionary<
        (int AsOf, int Round),
        (CompiledEdition Edition, IReadOnlyList<Entry.BriefMended> Laid)
    > _known = [];
    private readonly Dictionary<EntryId, IReadOnlyList<Problem>> _notLaid = [];
    private readonly int _lastRound;

    /// <param name="begun">The edition as the rally was begun with it.</param>
    /// <param name="received">All entries, in the order in which they were received.</param>
    public ChangedEditions(CompiledEdition begun, IReadOnlyList<Entry> received)
    {
        (_begun, _received) = (begun, received);
        var changes = new Dictionary<EntryId, Entry.BriefMended>();
        for (var i = 0; i < received.Count; i++)
        {
            var changed =
                received[i] as Entry.BriefMended
                ?? (received[i] is Entry.StruckOut strike ? changes.GetValueOrDefault(strike.Entry) : null);
            if (changed is null)
                continue;
            changes[received[i].Id] = changed;
            _changes.Add(i + 1);
            _changedAt[i + 1] = changed;
            if (received[i] is Entry.BriefMended { Round: var round and >= 1 and <= Limits.Rounds })
                _lastRound = Math.Max(_lastRound, round);
        }

        for (var round = 1; round <= Rounds; round++)
            State(received.Count, round);
    }

    /// <summary>So many rounds can differ from each other; those after them are as the last one.</summary>
    public int Rounds => _lastRound == 0 ? 1 : _lastRound + 1;

    /// <summary>Why some of what was changed cannot be laid over what stands now, by the entries' ids.</summary>
    public IReadOnlyDictionary<EntryId, IReadOnlyList<Problem>> NotLaid => _notLaid;

    /// <summary>The edition of a round, nothing cut.</summary>
    public CompiledEdition Now(int round) => State(_received.Count, round).Edition;

    /// <summary>What was changed and holds in a round.</summary>
    public IReadOnlyList<Entry.BriefMended> ChangesIn(int round) => State(_received.Count, round).Laid;

    /// <summary>The edition by which an entry was written.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="at">How many were received before it.</param>
    public CompiledEdition When(Entry entry, int at) =>
        State(Math.Clamp(entry.EditionAsOf ?? at, 0, at), entry.Round).Edition;

    /// <summary>
    /// A price of the brief for what was bought when the log had so many entries: what was changed later holds for it
    /// too, unless that is said to hold from then on.
    /// </summary>
    public decimal? Price(int asOf, int round, Func<CompiledEdition, decimal?> price)
    {
        var held = price(State(asOf, round).Edition);
        foreach (var change in _changes.Where(c => c > asOf))
        {
            if (_changedAt[change].PricesFromNow)
                continue;
            var after = price(State(change, round).Edition);
            if (after != price(State(change - 1, round).Edition))
                held = after;
        }

        return held;
    }

    private (CompiledEdition Edition, IReadOnlyList<Entry.BriefMended> Laid) State(int asOf, int round)
    {
        var epoch = _changes.FindLastIndex(c => c <= asOf);
        if (epoch < 0)
            return (_begun, []);
        var at = Math.Clamp(round, 1, Rounds);
        if (_known.TryGetValue((epoch, at), out var known))
            return known;
        return _known[(epoch, at)] = Lay(_changes[epoch], at);
    }

    /// <summary>
    /// What holds from an earlier round on is laid first, so that what is said of one round outweighs what is said of
    /// all.
    /// </summary>
    private (CompiledEdition, IReadOnlyList<Entry.BriefMended>) Lay(int asOf, int round)
    {
        var edition = _begun;
        var laid = new List<Entry.BriefMended>();
        var now = asOf == _changes[^1];
        foreach (
            var changed in StandingLog
                .Of([.. _received.Take(asOf)])
                .OfType<Entry.BriefMended>()
                .Where(m => m.Round == round || (m.Round < round && !m.OnlyThisRound))
                .OrderBy(m => m.Round)
        )
        {
            var change = Over(edition, changed.Changes);
            if (change.IsOk)
            {
                edition = change.Value;
                laid.Add(changed);
            }
            else if (now)
            {
                _notLaid[changed.Id] = change.Problems;
            }
        }

        return (edition, laid);
    }

    /// <summary>An edition with values laid over its brief, made ready.</summary>
    public static Result<CompiledEdition> Over(CompiledEdition edition, IReadOnlyList<Override> changes)
    {
        var brief = BriefChanges.Lay(edition.Edition.Brief, changes);
        if (!brief.IsOk)
            return Result<CompiledEdition>.Refused(brief.Problems);
        var ready = CompiledEdition.For(edition.Edition with { Brief = brief.Value });
        return ready.IsOk
            ? ready
            : Result<CompiledEdition>.Refused([
                .. ready.Problems.Where(p => p.Severity == Severity.Error).Select(p => p.Under("/brief")),
            ]);
    }
}
