using System.Collections.Concurrent;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// Each rally's one owner while the server runs: who may read or decide now, what stands on the disk, and what
/// was accepted after that and is on its way there. The data file is the truth: an entry is written before it stands
/// here, and whatever else changes a rally makes it be read again.
/// </summary>
public sealed class RallyOwners
{
    /// <summary>More than a fair runs at once; a school year's rallies need not all stay in memory.</summary>
    private const int Most = 64;

    private readonly ConcurrentDictionary<RallyId, Owner> _owners = new();

    // Of two that forget at once, the later ground stays.
    private readonly Lock _forgetting = new();
    private long _grounds;
    private long _forgotten;
    private long _lastForgotten;
    private long _asked;

    /// <summary>When anything was last forgotten, counted with the grounds.</summary>
    public long LastForgotten => Volatile.Read(ref _lastForgotten);

    /// <summary>
    /// Forgets a rally, so that it is read again. What is being read or accepted at this moment is not kept either.
    /// </summary>
    /// <returns>The number of the forgetting: what was read later has a larger one.</returns>
    public long Forget(RallyId rally)
    {
        lock (_forgetting)
        {
            var ground = NewGround();
            Of(rally).Forget(ground);
            Volatile.Write(ref _lastForgotten, ground);
            return ground;
        }
    }

    /// <summary>The same for all rallies: something changed that any of them may show.</summary>
    public void ForgetAll()
    {
        lock (_forgetting)
        {
            var ground = NewGround();
            Volatile.Write(ref _forgotten, ground);
            Volatile.Write(ref _lastForgotten, ground);
        }
    }

    /// <summary>A rally as it is now, where it is in memory.</summary>
    public KeptRally? Find(RallyId rally) =>
        _owners.TryGetValue(rally, out var owner) ? owner.Stands(Forgotten, Interlocked.Increment(ref _asked)) : null;

    /// <summary>Whether a rally is in memory.</summary>
    public bool Holds(RallyId rally) => _owners.TryGetValue(rally, out var owner) && owner.Holds;

    /// <summary>
    /// A rally as it will be when everything that was accepted is on the disk: the next entry joins that.
    /// </summary>
    internal KeptRally? Newest(RallyId rally) =>
        _owners.TryGetValue(rally, out var owner) ? owner.Newest(Forgotten) : null;

    /// <summary>The number of a reading of the data file; drawn before it begins.</summary>
    internal long NewGround() => Interlocked.Increment(ref _grounds);

    /// <param name="rally">The rally with an entry that was accepted and is on its way to the disk.</param>
    internal void Expect(KeptRally rally) => Of(rally.Stored.Id).Expect(rally, Forgotten);

    /// <param name="rally">As it is on the disk.</param>
    internal void Keep(KeptRally rally)
    {
        if (Of(rally.Stored.Id).Keep(rally, Forgotten, Interlocked.Increment(ref _asked)))
            LetGo();
    }

    /// <summary>
    /// Waits until nobody else reads or writes the logs of some rallies; disposing lets the next one in. Everybody
    /// waits for them in the same order, so that nobody waits for ever.
    /// </summary>
    internal async Task<IDisposable> Alone(IEnumerable<RallyId> rallies, CancellationToken stop)
    {
        var taken = new Turns();
        try
        {
            foreach (var rally in rallies.OrderBy(r => r.Value))
                await taken.Take(Of(rally).Turn, stop);
            return taken;
        }
        catch (OperationCanceledException)
        {
            taken.Dispose();
            throw;
        }
    }

    private long Forgotten => Volatile.Read(ref _forgotten);

    private Owner Of(RallyId rally) => _owners.GetOrAdd(rally, _ => new());

    /// <summary>
    /// Lets go of what nobody has asked for longest: looking at a year of old rallies does not push out the lesson that
    /// runs. What has something on its way to the disk stays, and so does every owner, for whoever waits for its turn.
    /// </summary>
    private void LetGo()
    {
        var held = _owners.Values.Where(o => o.Holds).ToList();
        foreach (var owner in held.OrderBy(o => o.Asked).Take(held.Count - Most))
            owner.LetGo();
    }

    private sealed class Owner
    {
        private readonly Lock _state = new();
        private KeptRally? _stands;
        private KeptRally? _coming;
        private long _forgotten;

        public SemaphoreSlim Turn { get; } = new(1);

        /// <summary>Counts up whenever a rally is asked for: the smallest was asked for longest ago.</summary>
        public long Asked { get; private set; }

        public bool Holds
        {
            get
            {
                lock (_state)
                    return _stands is not null;
            }
        }

        /// <param name="forgotten">When all rallies were last forgotten.</param>
        /// <param name="asked">How often any was asked for.</param>
        public KeptRally? Stands(long forgotten, long asked)
        {
            lock (_state)
            {
                Asked = asked;
                return IsKnown(_stands, forgotten) ? _stands : null;
            }
        }

        public KeptRally? Newest(long forgotten)
        {
            lock (_state)
                return IsKnown(_coming, forgotten) ? _coming
                    : IsKnown(_stands, forgotten) ? _stands
                    : null;
        }

        public void Forget(long ground)
        {
            lock (_state)
                (_stands, _coming, _forgotten) = (null, null, ground);
        }

        public void Expect(KeptRally rally, long forgotten)
        {
            lock (_state)
                if (IsKnown(rally, forgotten))
                    _coming = rally;
        }

        /// <returns>Whether it holds a rally that it did not hold before.</returns>
        public bool Keep(KeptRally rally, long forgotten, long asked)
        {
            lock (_state)
            {
                // What was on its way to the disk is there; what came after it may still be.
                if (_coming is { } coming && !rally.Version.IsOlderThan(coming.Version))
                    _coming = null;
                if (!IsKnown(rally, forgotten))
                    return false;
                Asked = asked;
                var isNew = _stands is null;

                // Of two entries that were written together the answer to the first may come here last.
                if (_stands is not { } stands || !rally.Version.IsOlderThan(stands.Version))
                    _stands = rally;
                return isNew;
            }
        }

        public void LetGo()
        {
            lock (_state)
                if (_coming is null)
                    _stands = null;
        }

        private bool IsKnown(KeptRally? rally, long forgotten) => rally?.Ground > Math.Max(_forgotten, forgotten);
    }

    private sealed class Turns : IDisposable
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
