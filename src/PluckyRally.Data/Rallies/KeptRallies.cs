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
public sealed class KeptRallies
{
    /// <summary>More than a fair runs at once; a school year's rallies need not all stay.</summary>
    private const int Most = 64;

    private readonly ConcurrentDictionary<Guid, KeptRally> _rallies = new();
    private readonly ConcurrentDictionary<Guid, SemaphoreSlim> _turns = new();

    /// <summary>Forgets all, so that they are read again.</summary>
    public void Forget() => _rallies.Clear();

    internal KeptRally? Find(Guid id) => _rallies.GetValueOrDefault(id);

    internal void Keep(KeptRally rally)
    {
        if (_rallies.Count >= Most && !_rallies.ContainsKey(rally.Stored.Id)) _rallies.Clear();
        _rallies[rally.Stored.Id] = rally;
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
