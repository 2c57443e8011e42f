using System.Collections.Concurrent;
using Microsoft.AspNetCore.SignalR;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Instruments;

namespace PluckyRally.Web.Live;

/// <summary>What is new.</summary>
/// <param name="AsOf">How many entries the rally's log has; absent where something else has changed, and everything is
/// to be asked for again.</param>
/// <param name="Edition">How many there were when the brief as it is run last changed.</param>
/// <param name="Running">The round that runs; 0 where that is not said.</param>
/// <param name="Within">Where many windows hear of it at once: each asks at a moment of its own within so many
/// milliseconds.</param>
public sealed record LiveNews(int? AsOf, int Edition, int Running, int Within)
{
    internal static LiveNews Of(OpenedRally opened, int within = 0) =>
        new(opened.Received.Count, LastTouched.Of(opened).Edition, opened.Running, within);
}

/// <summary>
/// Tells open windows what is new in a rally, the first change at once and those that follow together, so that many
/// judges make no storm.
/// </summary>
internal sealed class LiveTeller(IHubContext<LiveHub> hub, LiveLines lines, TimeProvider time)
{
    /// <summary>The windows of a rally are told no more often, and where there are very many, less.</summary>
    private const int Pace = 250;

    /// <summary>Milliseconds that one window's asking takes this computer, about.</summary>
    private const int EachAsks = 5;

    /// <summary>So many windows may ask at once.</summary>
    private const int Few = 10;

    private readonly ConcurrentDictionary<RallyId, Line> _lines = new();

    /// <summary>
    /// Tells the windows of a rally that something was recorded, and of those that are run with it. Entries are kept
    /// whatever becomes of a request, so the news do not stop half-way either.
    /// </summary>
    public async Task Tell(Recorded recorded)
    {
        await Tell(recorded.Rally);
        foreach (var beside in recorded.Beside)
            await Tell(beside);
    }

    /// <summary>The same for a rally alone.</summary>
    public Task Tell(KeptRally now)
    {
        var rally = now.Stored.Id;
        var line = _lines.GetOrAdd(rally, _ => new());
        lock (line)
        {
            var waits = line.Newest is not null;
            if (line.Newest is null || !now.Version.IsOlderThan(line.Newest.Version))
                line.Newest = now;
            if (waits)
                return Task.CompletedTask;
            var rest = line.Told is { } told
                ? TimeSpan.FromMilliseconds(Math.Max(Pace, lines.Count * EachAsks)) - time.GetElapsedTime(told)
                : TimeSpan.Zero;
            if (rest > TimeSpan.Zero)
            {
                _ = Later(rally, line, rest);
                return Task.CompletedTask;
            }
        }

        return Now(rally, line);
    }

    /// <summary>
    /// Tells every window that something is different that is in no log: a student's name, or who may cross out what.
    /// </summary>
    public Task TellAll() =>
        hub.Clients.All.SendAsync(LiveHub.News, new LiveNews(null, 0, 0, Within), CancellationToken.None);

    /// <summary>Tells whoever may take readings what instruments show.</summary>
    public Task TellInstruments(IReadOnlyList<Instrument> shown) =>
        hub.Clients.Group(LiveHub.Judges).SendAsync(LiveHub.Instruments, shown, CancellationToken.None);

    private int Within => lines.Count <= Few ? 0 : lines.Count * EachAsks / 2;

    private async Task Later(RallyId rally, Line line, TimeSpan rest)
    {
        await Task.Delay(rest, time);
        await Now(rally, line);
    }

    private Task Now(RallyId rally, Line line)
    {
        // It is sent in the lock, so that no window hears of an older state after a newer one.
        lock (line)
        {
            var newest = line.Newest;
            line.Newest = null;
            line.Told = time.GetTimestamp();
            return newest is { Opened: { IsOk: true } opened }
                ? hub
                    .Clients.Group(LiveHub.GroupOf(rally))
                    .SendAsync(LiveHub.News, LiveNews.Of(opened.Value, Within), CancellationToken.None)
                : Task.CompletedTask;
        }
    }

    private sealed class Line
    {
        /// <summary>When the windows were last told.</summary>
        public long? Told { get; set; }

        /// <summary>What they have not been told yet; null where there is nothing.</summary>
        public KeptRally? Newest { get; set; }
    }
}
