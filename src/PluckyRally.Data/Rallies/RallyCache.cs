using System.Collections.Concurrent;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>A rally as the data file has it, looked through once.</summary>
/// <param name="Stored">As it is kept.</param>
/// <param name="Opened">The rally made ready, or what stands in the way.</param>
/// <param name="Rally">The rally with its whole log.</param>
public sealed record KeptRally(StoredRally Stored, Rally Rally, Result<OpenedRally> Opened)
{
    /// <summary>Whether the log has an entry.</summary>
    public bool Has(Guid entry) => Rally.Entries.Any(e => e.Id == entry);
}

/// <summary>What became of an entry.</summary>
/// <param name="Rally">The rally with it.</param>
/// <param name="Fresh">Whether it is new to the log.</param>
public sealed record Recorded(KeptRally Rally, bool Fresh)
{
    /// <summary>The other rallies of the lesson whose logs have it too, or another that came with it.</summary>
    public IReadOnlyList<KeptRally> Beside { get; init; } = [];
}

/// <summary>
/// The rallies that are being run, in memory. The data file is the truth: an entry is written there before it is added
/// here, and whatever else changes a rally makes it be read again. What is accepted and not yet written is known only
/// to the next entry.
/// </summary>
public sealed class RallyCache
{
    /// <summary>More than a fair runs at once; a school year's rallies need not all stay.</summary>
    private const int Most = 64;

    private readonly ConcurrentDictionary<Guid, Held> _rallies = new();
    private readonly ConcurrentDictionary<Guid, (KeptRally Rally, int Forgotten)> _coming = new();
    private readonly ConcurrentDictionary<Guid, SemaphoreSlim> _turns = new();
    private int _forgotten;
    private long _asked;

    /// <summary>
    /// Forgets all, so that they are read again; what is being read at this moment is not kept either.
    /// </summary>
    public void Forget()
    {
        Interlocked.Increment(ref _forgotten);
        _rallies.Clear();
        _coming.Clear();
    }

    /// <summary>How often all was forgotten. Whoever reads a rally asks before it reads.</summary>
    public int Forgotten => Volatile.Read(ref _forgotten);

    /// <summary>A rally as it is now, where it is in memory.</summary>
    public KeptRally? Find(Guid id)
    {
        if (!_rallies.TryGetValue(id, out var held))
            return null;
        held.Asked = Interlocked.Increment(ref _asked);
        return held.Rally;
    }

    /// <summary>
    /// A rally as it will be when everything that was accepted is on the disk: the next entry joins that.
    /// </summary>
    internal KeptRally? Pending(Guid id) =>
        _coming.TryGetValue(id, out var coming) && coming.Forgotten == Forgotten ? coming.Rally : Find(id);

    /// <param name="rally">The rally with an entry that was accepted and is on its way to the disk.</param>
    /// <param name="forgotten">How often all had been forgotten before.</param>
    internal void Expect(KeptRally rally, int forgotten) => _coming[rally.Stored.Id] = (rally, forgotten);

    /// <param name="rally">As it was read.</param>
    /// <param name="forgotten">How often all had been forgotten before it was read; if again since, it may be old and
    /// is not kept.</param>
    internal void Keep(KeptRally rally, int forgotten)
    {
        if (forgotten != Forgotten)
        {
            LetArrive(rally);
            return;
        }

        // Of two entries that were written together the answer to the first may come here last.
        var asked = Interlocked.Increment(ref _asked);
        _rallies.AddOrUpdate(
            rally.Stored.Id,
            _ => new(rally) { Asked = asked },
            (_, held) =>
                held.Rally.Rally.Entries.Count > rally.Rally.Entries.Count ? held : new(rally) { Asked = asked }
        );
        LetArrive(rally);
        LetGo();

        // Forgotten between the question above and now.
        if (forgotten != Forgotten)
            _rallies.TryRemove(rally.Stored.Id, out _);
    }

    /// <summary>What was on its way to the disk is there; what came after it may still be.</summary>
    private void LetArrive(KeptRally rally)
    {
        if (
            _coming.TryGetValue(rally.Stored.Id, out var coming)
            && coming.Rally.Rally.Entries.Count <= rally.Rally.Entries.Count
        )
            _coming.TryRemove(new(rally.Stored.Id, coming));
    }

    /// <summary>
    /// Lets go of what nobody has asked for longest: looking at a year of old rallies does not push out the lesson that
    /// runs. What has something on its way to the disk stays.
    /// </summary>
    private void LetGo()
    {
        if (_rallies.Count <= Most)
            return;
        foreach (
            var (id, _) in _rallies
                .Where(r => !_coming.ContainsKey(r.Key))
                .OrderBy(r => r.Value.Asked)
                .Take(_rallies.Count - Most)
                .ToList()
        )
            _rallies.TryRemove(id, out _);
    }

    /// <summary>
    /// Waits until nobody else reads or writes the logs of some rallies; disposing lets the next one in. Everybody
    /// waits for them in the same order, so that nobody waits for ever.
    /// </summary>
    internal async Task<IDisposable> Alone(IEnumerable<Guid> rallies, CancellationToken stop)
    {
        var turn = new Turn();
        try
        {
            foreach (var rally in rallies.Order())
                await turn.Take(_turns.GetOrAdd(rally, _ => new(1)), stop);
            return turn;
        }
        catch (OperationCanceledException)
        {
            turn.Dispose();
            throw;
        }
    }

    /// <param name="rally">The rally.</param>
    private sealed class Held(KeptRally rally)
    {
        public KeptRally Rally { get; } = rally;

        /// <summary>Counts up whenever a rally is asked for: the smallest was asked for longest ago.</summary>
        public long Asked { get; set; }
    }

    private sealed class Turn : IDisposable
    {
        private readonly List<SemaphoreSlim> _taken = [];

        public async Task Take(SemaphoreSlim semaphore, CancellationToken stop)
        {
            await semaphore.WaitAsync(stop);
            _taken.Add(semaphore);
        }

        public void Dispose()
        {
            foreach (var semaphore in _taken)
                semaphore.Release();
        }
    }
}
