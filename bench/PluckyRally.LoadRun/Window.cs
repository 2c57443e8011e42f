using System.Diagnostics;
using System.IO.Compression;
using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text.Json;
using Microsoft.AspNetCore.SignalR.Client;

namespace PluckyRally.LoadRun;

/// <summary>
/// A device that was let in with a code: it has an address and a cookie of its own, follows the rally over the live
/// line, and fetches what its page fetches.
/// </summary>
internal abstract class Window : IAsyncDisposable
{
    private readonly HubConnection _hub;
    private readonly HttpClientHandlerWithAddress _line;
    private Task? _loading;
    private bool _again;
    private int? _told;

    protected Window(Uri server, Guid rally, int number)
    {
        Rally = rally;
        _line = new(number);
        Http = new HttpClient(_line.Handler) { BaseAddress = server };
        Http.DefaultRequestHeaders.AcceptEncoding.ParseAdd("br");
        _hub = new HubConnectionBuilder()
            .WithUrl(new Uri(server, "/live"), options =>
            {
                options.Cookies = _line.Cookies;
                options.HttpMessageHandlerFactory = _ => new SocketsHttpHandler { CookieContainer = _line.Cookies };
            })
            .Build();
        _hub.On<JsonElement>("news", news => _ = Later(news));
    }

    public HttpClient Http { get; }

    /// <summary>Milliseconds from asking to the answer read.</summary>
    public List<double> Times { get; } = [];

    /// <summary>Bytes of the answers, as they came over the line.</summary>
    public long Bytes { get; private set; }

    protected Guid Rally { get; }

    /// <summary>How far this window is.</summary>
    protected int AsOf { get; set; }

    /// <summary>Comes in with a code, loads the page and follows the rally.</summary>
    public async Task Open(string code, string name)
    {
        using var joined = await Http.PostAsJsonAsync("/api/join", new { code, name });
        joined.EnsureSuccessStatusCode();
        await Load();
        await _hub.StartAsync();
        Heard(await _hub.InvokeAsync<JsonElement>("Follow", Rally));
    }

    /// <summary>
    /// Fetches what is new, one request after the other: what is asked for meanwhile is fetched once more, as the page
    /// does.
    /// </summary>
    public Task Follow()
    {
        lock (_hub)
        {
            _again = true;
            return _loading is { IsCompleted: false } ? _loading : _loading = All();
        }
    }

    public async ValueTask DisposeAsync()
    {
        await _hub.DisposeAsync();
        Http.Dispose();
        _line.Handler.Dispose();
    }

    /// <summary>What the page fetches.</summary>
    protected abstract Task Load();

    protected async Task<JsonElement> Get(string path)
    {
        var asked = Stopwatch.GetTimestamp();
        using var request = new HttpRequestMessage(HttpMethod.Get, path);
        if (_told is { } told)
            request.Headers.Add("announced", $"{told}");
        using var answer = await Http.SendAsync(request);
        var body = await answer.Content.ReadAsByteArrayAsync();
        Times.Add(Stopwatch.GetElapsedTime(asked).TotalMilliseconds);
        Bytes += body.Length;
        answer.EnsureSuccessStatusCode();
        await using var packed = new MemoryStream(body);
        await using Stream text = answer.Content.Headers.ContentEncoding.Contains("br")
            ? new BrotliStream(packed, CompressionMode.Decompress)
            : packed;
        using var read = await JsonDocument.ParseAsync(text);
        return read.RootElement.Clone();
    }

    private async Task All()
    {
        await Task.Yield();
        while (true)
        {
            lock (_hub)
            {
                if (!_again)
                    return;
                _again = false;
            }

            await Load();
        }
    }

    /// <summary>Many windows hear of the same thing: each asks at a moment of its own, as the page does.</summary>
    private async Task Later(JsonElement news)
    {
        await Task.Delay((int)(Random.Shared.NextDouble() * news.GetProperty("within").GetInt32()));
        Heard(news);
    }

    private void Heard(JsonElement news)
    {
        if (
            news.ValueKind == JsonValueKind.Object
            && news.TryGetProperty("asOf", out var asOf)
            && asOf.GetInt32() > AsOf
        )
        {
            _told = asOf.GetInt32();
            _ = Follow();
        }
    }

    /// <summary>Each device has an address of the loopback range of its own, as it would in a hall.</summary>
    private sealed class HttpClientHandlerWithAddress
    {
        public HttpClientHandlerWithAddress(int number) =>
            Handler = new()
            {
                CookieContainer = Cookies,
                ConnectCallback = async (context, stop) =>
                {
                    var socket = new Socket(AddressFamily.InterNetwork, SocketType.Stream, ProtocolType.Tcp)
                    {
                        NoDelay = true,
                    };
                    socket.Bind(new IPEndPoint(new IPAddress([127, 0, 1, (byte)(number + 1)]), 0));
                    await socket.ConnectAsync(context.DnsEndPoint.Host, context.DnsEndPoint.Port, stop);
                    return new NetworkStream(socket, ownsSocket: true);
                },
            };

        public CookieContainer Cookies { get; } = new();

        public SocketsHttpHandler Handler { get; }
    }
}

/// <summary>A judge's window with one team's sheet open.</summary>
internal sealed class JudgeWindow(Uri server, Guid rally, int number, int teams) : Window(server, rally, number)
{
    private readonly string _team = $"t{(number % teams) + 1}";
    private string _ground = "";

    /// <summary>Bytes and milliseconds of the first page: the rally and the sheets.</summary>
    public (long Bytes, double Milliseconds) First { get; private set; }

    /// <summary>The round as a judge's page loads it first.</summary>
    public async Task LoadFirst()
    {
        (AsOf, _ground) = (0, "");
        var (bytes, watch) = (Bytes, Stopwatch.StartNew());
        await Get($"/api/rallies/{Rally}/walk?round=1");
        await Load();
        First = (Bytes - bytes, watch.Elapsed.TotalMilliseconds);
    }

    protected override async Task Load()
    {
        var changes = await Get(
            $"/api/rallies/{Rally}/score?round=1&team={_team}&held={AsOf}&ground={_ground}"
                + $"{(_ground.Length > 0 ? $"&since={AsOf}" : "")}"
        );
        (AsOf, _ground) = (changes.GetProperty("asOf").GetInt32(), changes.GetProperty("ground").GetString()!);
    }
}

/// <summary>A wall that shows the board.</summary>
internal sealed class WallWindow(Uri server, Guid rally, int number) : Window(server, rally, number)
{
    protected override async Task Load()
    {
        await Task.WhenAll(
            Get($"/api/rallies/{Rally}/wall/clock?round=1"),
            Get($"/api/rallies/{Rally}/wall/board?round=1")
        );
        AsOf = int.MinValue;
    }
}
