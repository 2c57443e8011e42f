using System.Collections.Concurrent;
using PluckyRally.Core;

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
public sealed record Recorded(KeptRally Rally, bool Fresh);

/// <summary>
/// The rallies that are being run, in memory. The data file is the truth: an entry is written there before it is added here,
/// and whatever else changes a rally makes it be read again.
/// </summary>
public sealed class RallyCache
{
    /// <summary>More than a fair runs at once; a school year's rallies need not all stay.</summary>
    private const int Most = 64;

    private readonly ConcurrentDictionary<Guid, KeptRally> _rallies = new();
    private readonly ConcurrentDictionary<Guid, SemaphoreSlim> _turns = new();
    private int _forgotten;

    /// <summary>Forgets all, so that they are read again; what is being read at this moment is not kept either.</summary>
    public void Forget()
    {
        Interlocked.Increment(ref _forgotten);
        _rallies.Clear();
    }

    /// <summary>How often all was forgotten. Whoever reads a rally asks before it reads.</summary>
    internal int Forgotten => Volatile.Read(ref _forgotten);

    internal KeptRally? Find(Guid id) => _rallies.GetValueOrDefault(id);

    /// <param name="rally">As it was read.</param>
    /// <param name="forgotten">How often all had been forgotten before it was read; if again since, it may be old and is not kept.</param>
    internal void Keep(KeptRally rally, int forgotten)
    {
        if (forgotten != Forgotten) return;
        if (_rallies.Count >= Most && !_rallies.ContainsKey(rally.Stored.Id)) _rallies.Clear();
        _rallies[rally.Stored.Id] = rally;

        // Forgotten between the question above and now.
        if (forgotten != Forgotten) _rallies.TryRemove(rally.Stored.Id, out _);
    }

    /// <summary>Waits until nobody else reads or writes this rally's log; disposing lets the next one in.</summary>
    internal async Task<IDisposable> Alone(Guid id, CancellationToken stop)
    {
        var turn = _turns.GetOrAdd(id, _ => new(1));
        await turn.WaitAsync(stop);
        return new Turn(turn);
    }

    private sealed class Turn(SemaphoreSlim semaphore) : IDisposable
    {
        public void Dispose() => semaphore.Release();
    }
}
