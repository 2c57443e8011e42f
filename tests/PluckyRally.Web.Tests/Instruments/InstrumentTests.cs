using System.Net;
using System.Net.Sockets;
using System.Text;
using System.Threading.Channels;
using Microsoft.AspNetCore.SignalR.Client;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Web.Instruments;
using PluckyRally.Web.Live;

namespace PluckyRally.Web.Tests.Instruments;

/// <summary>Instruments as the server hears them: over a socket, line by line.</summary>
public sealed class InstrumentTests : IDisposable
{
    private readonly int _port = FreePort();
    private readonly RunningApp _app;

    public InstrumentTests() => _app = new RunningApp(instruments: _port);

    [Fact]
    public async Task What_it_shows_is_told_moving_or_stable_over_or_lost()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (await All(rally)).ShouldBeEmpty();
        using (var line = await Connect())
        {
            await Say(line, "HELLO scale mass Harbor scale");
            await Until(rally, i =>
                i is { Id: "scale", Name: "Harbor scale", Kind: MeasureKind.Mass, State: InstrumentState.Idle }
            );
            await Say(line, "READ 36.9 g moving");
            await Until(rally, i => i is { State: InstrumentState.Moving, Shown: "36.9 g" });
            await Say(line, "READ 37.4 g stable");
            await Until(rally, i => i is { State: InstrumentState.Stable, Shown: "37.4 g" });
            await Say(line, "OVER");
            await Until(rally, i => i is { State: InstrumentState.Overloaded, Shown: "" });
        }

        await Until(rally, i => i.State == InstrumentState.Lost);
        (
            await _app.Client.PostAsync(
                $"/api/rallies/{rally}/instruments/scale/zero",
                null,
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task It_is_set_to_zero_and_told_what_it_says_wrong()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        using var line = await Connect();
        using var heard = new StreamReader(line.GetStream());
        await Say(line, "HELLO pull force Pull gauge");
        await Until(rally, i => i.Id == "pull");
        await Say(line, "READ much N stable");
        (await heard.ReadLineAsync(TestContext.Current.CancellationToken)).ShouldStartWith(
            "WRONG “much” is not a number."
        );
        (
            await _app.Client.PostAsync(
                $"/api/rallies/{rally}/instruments/pull/zero",
                null,
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await heard.ReadLineAsync(TestContext.Current.CancellationToken)).ShouldBe("ZERO");
    }

    [Fact]
    public async Task A_window_that_follows_a_rally_is_told_what_it_shows_without_asking()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await using var hub = new HubConnectionBuilder()
            .WithUrl(new Uri(_app.Client.BaseAddress!, "/live"))
            .AddJsonProtocol(options => Json.Apply(options.PayloadSerializerOptions))
            .Build();
        var (seen, told) = (Channel.CreateUnbounded<Instrument>(), 0);
        hub.On<List<Instrument>>(LiveHub.Instruments, all =>
        {
            Interlocked.Increment(ref told);
            foreach (var one in all)
                seen.Writer.TryWrite(one);
        });
        await hub.StartAsync(TestContext.Current.CancellationToken);
        await hub.InvokeAsync<LiveNews>(nameof(LiveHub.Follow), rally, TestContext.Current.CancellationToken);
        using (var line = await Connect())
        {
            await Say(line, "HELLO scale mass Harbor scale");
            await Say(line, "READ 37.4 g stable");
            await Told(i => i is { State: InstrumentState.Stable, Shown: "37.4 g" });
            for (var i = 0; i < 40; i++)
                await Say(line, "READ 37.4 g stable");
            await Say(line, "OVER");
            await Told(i => i.State == InstrumentState.Overloaded);
        }

        await Told(i => i.State == InstrumentState.Lost);
        told.ShouldBeLessThan(10, "what is only heard again is not told");

        async Task Told(Predicate<Instrument> holds)
        {
            using var patience = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
            patience.CancelAfter(TimeSpan.FromSeconds(60));
            while (!holds(await seen.Reader.ReadAsync(patience.Token)))
            {
                // Something else on the way to what is waited for.
            }
        }
    }

    public void Dispose() => _app.Dispose();

    private static int FreePort()
    {
        using var listener = new TcpListener(IPAddress.Loopback, 0);
        listener.Start();
        return ((IPEndPoint)listener.LocalEndpoint).Port;
    }

    private static async Task Say(TcpClient line, string text) =>
        await line.GetStream().WriteAsync(Encoding.UTF8.GetBytes(text + "\n"), TestContext.Current.CancellationToken);

    private async Task<TcpClient> Connect()
    {
        var client = new TcpClient();
        await client.ConnectAsync(IPAddress.Loopback, _port, TestContext.Current.CancellationToken);
        return client;
    }

    private Task<List<Instrument>> All(RallyId rally) =>
        _app.Get<List<Instrument>>($"/api/rallies/{rally}/instruments");

    private async Task Until(RallyId rally, Predicate<Instrument> holds)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        patience.CancelAfter(TimeSpan.FromSeconds(60));
        while (!(await All(rally)).Exists(holds))
            await Task.Delay(20, patience.Token);
    }
}
