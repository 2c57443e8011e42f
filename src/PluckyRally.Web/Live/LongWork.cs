namespace PluckyRally.Web.Live;

/// <summary>
/// What takes seconds: rehearsals, and readings that are drawn thousands of times. Few of it run at once, each on a
/// thread of its own, so that there is always a processor left for what a judge has just touched.
/// </summary>
internal sealed class LongWork : IDisposable
{
    private readonly SemaphoreSlim _turns = new(Math.Max(1, Environment.ProcessorCount / 2));

    /// <summary>Waits for a turn, and works.</summary>
    /// <param name="work">What is worked out.</param>
    /// <param name="stop">Ends the waiting; the work looks at it by itself.</param>
    public async Task<T> Run<T>(Func<T> work, CancellationToken stop)
    {
        await _turns.WaitAsync(stop);
        try
        {
            return await Task.Factory.StartNew(
                work,
                CancellationToken.None,
                TaskCreationOptions.LongRunning,
                TaskScheduler.Default
            );
        }
        finally
        {
            _turns.Release();
        }
    }

    public void Dispose() => _turns.Dispose();
}
