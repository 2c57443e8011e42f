using System.Net;
using System.Net.Sockets;
using System.Text;
using PluckyRally.Core.Instruments;
using PluckyRally.Web.Start;
using PluckyRally.Web.Status;

namespace PluckyRally.Web.Instruments;

/// <summary>Listens for instruments of this computer: each is one connection that sends lines of plain text.</summary>
internal sealed class InstrumentSocket(InstrumentBoard board, ServerSettings settings, ILogger<InstrumentSocket> logger)
    : BackgroundService
{
    /// <summary>How long a greeting is waited for.</summary>
    private static readonly TimeSpan Greeting = TimeSpan.FromSeconds(5);

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (settings.InstrumentPort is not { } port)
            return;
        using var listener = new TcpListener(IPAddress.Loopback, port);
        try
        {
            listener.Start();
        }
        catch (SocketException taken)
        {
            // A lesson goes on without instruments; it would not without the server.
            LogMessages.CannotListen(logger, port, taken.Message);
            return;
        }

        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                var client = await listener.AcceptTcpClientAsync(stoppingToken);
                _ = Serve(client, stoppingToken);
            }
            catch (OperationCanceledException)
            {
                return;
            }
            catch (SocketException)
            {
                // No more files may be open, for example: instruments wait, and the lesson goes on.
                await Task.Delay(Greeting, stoppingToken).ContinueWith(_ => { }, TaskScheduler.Default);
            }
        }
    }

    private async Task Serve(TcpClient client, CancellationToken stop)
    {
        var id = "";
        try
        {
            using (client)
            {
                var lines = new InstrumentLines(client.GetStream());
                await using var writer = new StreamWriter(client.GetStream(), new UTF8Encoding(false))
                {
                    AutoFlush = true,
                    NewLine = "\n",
                };

                // Whoever does not greet in time and in these words is no instrument: a browser, for example, that was
                // sent here.
                using var patience = CancellationTokenSource.CreateLinkedTokenSource(stop);
                patience.CancelAfter(Greeting);
                if (
                    await lines.Next(patience.Token) is not { } first
                    || InstrumentLine.Read(first) is not { IsOk: true, Value: InstrumentLine.Greeting hello }
                )
                    return;
                id = hello.Id;
                board.Greet(hello, word => writer.WriteLineAsync(word));
                while (await lines.Next(stop) is { } text)
                {
                    var line = InstrumentLine.Read(text);
                    if (line.IsOk)
                        board.Hear(id, line.Value);
                    else
                        await writer.WriteLineAsync(
                            $"WRONG {line.Problems[0].What} {line.Problems[0].Remedy}".AsMemory(),
                            stop
                        );
                }
            }
        }
        catch (Exception gone) when (gone is IOException or OperationCanceledException or SocketException)
        {
            // The line is lost, or the server stops; either way the board says so below.
        }
        finally
        {
            if (id.Length > 0)
                board.Lose(id);
        }
    }
}
