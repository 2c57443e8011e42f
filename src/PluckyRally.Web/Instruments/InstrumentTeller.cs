using PluckyRally.Web.Live;

namespace PluckyRally.Web.Instruments;

/// <summary>Tells judges' windows what instruments show when it changes, and that one has gone silent.</summary>
internal sealed class InstrumentTeller(InstrumentBoard board, LiveTeller live, TimeProvider time) : BackgroundService
{
    /// <summary>A display that runs is followed no closer than an eye does.</summary>
    private static readonly TimeSpan Pace = TimeSpan.FromMilliseconds(200);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var clock = new PeriodicTimer(Pace, time);
        IReadOnlyList<Instrument> told = [];
        try
        {
            while (await clock.WaitForNextTickAsync(stoppingToken))
            {
                var now = board.All();
                if (now.Select(Shown).SequenceEqual(told.Select(Shown)))
                    continue;
                await live.TellInstruments(now);
                told = now;
            }
        }
        catch (OperationCanceledException)
        {
            // The server stops.
        }
    }

    private static (string, string, InstrumentState, string) Shown(Instrument i) => (i.Id, i.Name, i.State, i.Shown);
}
