using System.Collections.Concurrent;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Passes;

/// <summary>
/// Passes that were found to be good, so that not every request of every device asks the data file. One that is ended,
/// or whose rally goes, is looked up again.
/// </summary>
public sealed class GoodPasses(RallyOwners rallies)
{
    private readonly ConcurrentDictionary<Guid, (int Ended, long Forgotten)> _good = new();
    private int _ended;

    /// <summary>What a pass is looked up at: it is known as good for as long as this is so.</summary>
    internal (int Ended, long Forgotten) Now => (Volatile.Read(ref _ended), rallies.LastForgotten);

    internal bool Has(Guid pass) => _good.TryGetValue(pass, out var at) && at == Now;

    /// <param name="pass">The pass.</param>
    /// <param name="at">What was so before it was looked up.</param>
    internal void Keep(Guid pass, (int Ended, long Forgotten) at) => _good[pass] = at;

    /// <summary>A pass has been ended.</summary>
    internal void End()
    {
        Interlocked.Increment(ref _ended);
        _good.Clear();
    }
}
