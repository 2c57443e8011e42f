using System.Diagnostics;
using System.Globalization;
using System.Net.Sockets;
using System.Text;

namespace PluckyRally.Instruments;

/// <summary>
/// A stand-in's line to Plucky Rally: connects, says hello, sends what the display shows, and takes ZERO.
/// </summary>
internal sealed class Connection(StandIn instrument, int port, bool alone)
{
    private static readonly TimeSpan Pace = TimeSpan.FromMilliseconds(200);
    private static readonly TimeSpan Again = TimeSpan.FromSeconds(2);

    private readonly long _began = Stopwatch.GetTimestamp();
    private readonly Lock _one = new();
    private bool _lost;

    public string Id => instrument.Make.Id;

    private double Now => Stopwatch.GetElapsedTime(_began).TotalSeconds;

    private int Decimals => (int)Math.Max(0, Math.Ceiling(-Math.Log10(instrument.Make.Step)));

    /// <summary>Does what was typed. False where it is not understood.</summary>
    public bool Do(string what)
    {
        lock (_one)
        {
            switch (what.Split(' '))
            {
                case ["put" or "run", var number]
                    when double.TryParse(number, NumberStyles.Float, CultureInfo.InvariantCulture, out var load):
                    instrument.Put(load, Now);
                    return true;
                case ["take"]:
                    instrument.Put(0, Now);
                    return true;
                case ["unit"]:
                    instrument.NextUnit();
                    return true;
                case ["zero"]:
                    instrument.Zero(Now);
                    return true;
                case ["lose"]:
                    _lost = true;
                    return true;
                case ["back"]:
                    _lost = false;
                    return true;
                default:
                    return false;
            }
        }
    }

    public async Task Run(CancellationToken stop)
    {
        var script = alone ? LaidOn(stop) : Task.CompletedTask;
        while (!stop.IsCancellationRequested)
        {
            try
            {
                if (!_lost)
                    await Connected(stop);
                await Task.Delay(Again, stop);
            }
            catch (OperationCanceledException)
            {
                break;
            }
            catch (Exception gone) when (gone is SocketException or IOException)
            {
                // Plucky Rally is not there, or went away; it is tried again.
                await Task.WhenAny(Task.Delay(Again, stop));
            }
        }

        await script;
    }

    private async Task Connected(CancellationToken stop)
    {
        using var client = new TcpClient();
        await client.ConnectAsync("127.0.0.1", port, stop);
        using var reader = new StreamReader(client.GetStream(), Encoding.UTF8);
        await using var writer = new StreamWriter(client.GetStream(), new UTF8Encoding(false))
        {
            AutoFlush = true,
            NewLine = "\n",
        };
        await writer.WriteLineAsync(
            $"HELLO {instrument.Make.Id} {instrument.Make.Kind} {instrument.Make.Name}".AsMemory(),
            stop
        );
        var hearing = Hear(reader, stop);
        while (!_lost && !hearing.IsCompleted)
        {
            string line;
            lock (_one)
                line = instrument.At(Now).AsLine(Decimals);
            await writer.WriteLineAsync(line.AsMemory(), stop);
            await Task.Delay(Pace, stop);
        }
    }

    private async Task Hear(StreamReader reader, CancellationToken stop)
    {
        while (await reader.ReadLineAsync(stop) is { } word)
        {
            if (word == "ZERO")
                Do("zero");
            else if (word.StartsWith("WRONG", StringComparison.Ordinal))
                await Console.Error.WriteLineAsync($"{Id}: {word}");
        }
    }

    /// <summary>By itself, something else is laid on every few seconds, so that a demo has something to take.</summary>
    private async Task LaidOn(CancellationToken stop)
    {
        double[] shares = [0.0187, 0.0312, 0.0094, 0.0273, 0.0151, 1.05];
        for (var i = 0; !stop.IsCancellationRequested; i++)
        {
            lock (_one)
                instrument.Put(
                    instrument.Make.Id == "gates"
                        ? 9.42 + (i % 7 * 0.37)
                        : instrument.Make.Most * shares[i % shares.Length],
                    Now
                );
            await Task.WhenAny(Task.Delay(TimeSpan.FromSeconds(7), stop));
        }
    }
}
