using System.Net;
using System.Net.Http.Json;
using System.Net.Sockets;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Routing;
using Microsoft.Data.Sqlite;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Data;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Removals;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests;

/// <summary>The real application with a real SQLite file of its own.</summary>
public sealed class RunningApp : IDisposable
{
    /// <summary>The server leaves out what is null.</summary>
    internal static readonly JsonSerializerOptions Lenient = new(Json.Options)
    {
        RespectRequiredConstructorParameters = false,
    };

    /// <summary>
    /// An empty data file, made once: making all tables anew for every test takes longer than most tests.
    /// </summary>
    private static readonly Lazy<string> Empty = new(MakeEmpty);

    private readonly ServedApp _app;
    private readonly bool _ownFolder;
    private int _devices;

    public RunningApp(
        bool demo = false,
        bool lan = false,
        int? instruments = null,
        bool newPassword = false,
        string? folder = null,
        bool https = false
    )
    {
        _ownFolder = folder is null;
        Folder = folder ?? Directory.CreateTempSubdirectory("plucky-rally-web-").FullName;
        if (!demo && _ownFolder)
            File.Copy(Empty.Value, Path.Combine(Folder, "rally.db"));
        var settings = new List<(string, string)>();
        if (lan)
            settings.Add(("lan", "true"));
        if (https)
            settings.Add(("https", "true"));
        if (newPassword)
            settings.Add(("newPassword", "true"));
        if (instruments is { } port)
            settings.Add(("instruments", $"{port}"));
        if (demo)
            settings.Add(("demo", Path.Combine(ProjectFolder.Root, "demo")));
        _app = new ServedApp(Folder, [.. settings]);
        Client = Device();
    }

    public HttpClient Client { get; private set; }

    public string Folder { get; }

    public bool Stopped { get; private set; }

    /// <summary>
    /// Another device, with cookies and an address of its own: guesses are counted by address, and what one test tries
    /// does not count against the next.
    /// </summary>
    public HttpClient Device()
    {
        var number = Interlocked.Increment(ref _devices);
        var own = new IPAddress([127, 1, (byte)(number / 250), (byte)(1 + (number % 250))]);
        return Device(own);
    }

    /// <summary>A device at this address of the computer's own.</summary>
    public HttpClient Device(IPAddress own)
    {
        var handler = new SocketsHttpHandler
        {
            CookieContainer = new CookieContainer(),
            ConnectCallback = async (to, stop) =>
            {
                var socket = new Socket(SocketType.Stream, ProtocolType.Tcp) { NoDelay = true };
                socket.Bind(new IPEndPoint(own, 0));
                await socket.ConnectAsync(to.DnsEndPoint, stop);
                return new NetworkStream(socket, ownsSocket: true);
            },
        };
        return new(handler) { BaseAddress = _app.Address };
    }

    /// <summary>Makes it as it was when it started: no data, nobody signed in, nothing kept in memory.</summary>
    public void Clear()
    {
        Client.Dispose();
        Client = Device();
        using (var connection = new SqliteConnection($"Data Source={Path.Combine(Folder, "rally.db")}"))
        {
            connection.Open();
            using var command = connection.CreateCommand();
            command.CommandText = "SELECT \"name\" FROM \"sqlite_master\" WHERE \"type\" = 'table'";
            var tables = new List<string>();
            using (var names = command.ExecuteReader())
                while (names.Read())
                    tables.Add(names.GetString(0));
            var refilled = tables.Select(t => $"DELETE FROM \"{t}\"; INSERT INTO \"{t}\" SELECT * FROM empty.\"{t}\";");
            command.CommandText = $"""
                PRAGMA foreign_keys = OFF;
                ATTACH DATABASE '{Empty.Value}' AS empty;
                BEGIN; {string.Concat(refilled)} COMMIT;
                DETACH DATABASE empty;
                """;
            command.ExecuteNonQuery();
        }

        // A copy may be on its way, of a round that the test before closed: copies stay. Tests about them have servers
        // of their own.
        foreach (var folder in new[] { "rally-photos", "rally-set-aside" })
            if (Directory.Exists(Path.Combine(Folder, folder)))
                Directory.Delete(Path.Combine(Folder, folder), recursive: true);
        Service<RallyOwners>().ForgetAll();
    }

    /// <summary>Everything that can be asked of the server.</summary>
    public IEnumerable<RouteEndpoint> Endpoints =>
        _app.Services.GetServices<EndpointDataSource>().SelectMany(s => s.Endpoints).OfType<RouteEndpoint>();

    /// <summary>Clears away what was deleted so long ago, as the server does by itself.</summary>
    public async Task Sweep(TimeSpan later)
    {
        using var scope = _app.Services.CreateScope();
        var services = scope.ServiceProvider;
        var then = new Microsoft.Extensions.Time.Testing.FakeTimeProvider(DateTimeOffset.UtcNow + later);
        await new RemovedThings(
            services.GetRequiredService<RallyDb>(),
            services.GetRequiredService<DataFolder>(),
            services.GetRequiredService<RallyOwners>(),
            then
        ).Sweep(TestContext.Current.CancellationToken);
    }

    /// <summary>A service of the server's.</summary>
    public T Service<T>()
        where T : notnull => _app.Services.GetRequiredService<T>();

    public RallyDb OpenDb() => _app.Services.CreateScope().ServiceProvider.GetRequiredService<RallyDb>();

    public Task<HttpResponseMessage> Post(string path, string json) =>
        Client.PostAsync(path, Body(json), TestContext.Current.CancellationToken);

    public Task<HttpResponseMessage> Post<T>(string path, T value) => Post(path, Json.Write(value));

    public Task<HttpResponseMessage> Put<T>(string path, T value) =>
        Client.PutAsync(path, Body(Json.Write(value)), TestContext.Current.CancellationToken);

    public async Task<T> Get<T>(string path) =>
        (await Client.GetFromJsonAsync<T>(path, Lenient, TestContext.Current.CancellationToken))!;

    /// <summary>A team's sheet with its log.</summary>
    public async Task<TeamSheet> Sheet(RallyId rally, string team) =>
        (await Get<JsonElement>($"/api/rallies/{rally}/score?team={team}"))
            .GetProperty("sheet")
            .Deserialize<TeamSheet>(Core.Files.Json.Options)!;

    public static StringContent Body(string json) => new(json, Encoding.UTF8, "application/json");

    public static async Task<JsonElement> Read(HttpResponseMessage response) =>
        await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);

    /// <summary>The places named by a problem document.</summary>
    public static async Task<string[]> Places(HttpResponseMessage response) =>
        [
            .. (await Read(response))
                .GetProperty("problems")
                .EnumerateArray()
                .Select(p => p.GetProperty("at").GetString()!),
        ];

    /// <summary>Puts a brief on the shelf and gives its id.</summary>
    public async Task<BriefId> AddBrief(Brief brief)
    {
        var response = await Post("/api/briefs", brief);
        response.EnsureSuccessStatusCode();
        return new BriefId((await Read(response)).GetProperty("id").GetGuid());
    }

    /// <summary>Begins a rally with these teams and gives its id.</summary>
    public async Task<RallyId> Begin(Brief brief, params string[] teams) => await Begin(await AddBrief(brief), teams);

    /// <summary>The same of a brief that is on the shelf.</summary>
    public async Task<RallyId> Begin(BriefId brief, params string[] teams)
    {
        var response = await Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = "A class",
                Teams = [.. teams.Select(t => new NewTeam(t))],
            }
        );
        response.EnsureSuccessStatusCode();
        return new RallyId((await Read(response)).GetProperty("id").GetGuid());
    }

    private static string MakeEmpty()
    {
        var folder = new DataFolder(Directory.CreateTempSubdirectory("plucky-rally-empty-").FullName);
        DataFile.Prepare(folder, TimeProvider.System, CancellationToken.None).GetAwaiter().GetResult().ShouldBeNull();
        SqliteConnection.ClearAllPools();
        return folder.File;
    }

    /// <summary>Ends the server; its folder stays.</summary>
    public void Stop()
    {
        Stopped = true;
        Client.Dispose();
        _app.Dispose();
    }

    public void Dispose()
    {
        Stop();
        SqliteConnection.ClearAllPools();
        if (_ownFolder)
            Directory.Delete(Folder, recursive: true);
    }
}

/// <summary>A small brief and entries for it.</summary>
internal static class Sample
{
    public static Brief Brief(string title = "Rain catcher") =>
        new()
        {
            Title = title,
            Measures =
            [
                new Measure
                {
                    Id = "caught",
                    Name = "Caught",
                    Kind = MeasureKind.Volume,
                    Unit = "mL",
                    Step = 5,
                },
            ],
            Rules =
            [
                new Rule
                {
                    Id = "stands",
                    Sort = RuleSort.Criterion,
                    Text = "Stands by itself",
                    Check = new RuleCheck.Inspection(),
                    IfMissed = new Consequence.DoesNotPlace(),
                },
            ],
            Trials = new Trials { Attempts = 2 },
            Method = new Method
            {
                Parts =
                [
                    new Part.Measured
                    {
                        Id = "water",
                        Name = "Water",
                        Value = "caught",
                        Better = Better.More,
                        Curve = new Curve.Rate(0.1m),
                    },
                ],
            },
        };

    public static Entry.TrialRecorded Caught(string typed, string team = "t1") =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            At = DateTimeOffset.UnixEpoch,
            By = "Teacher",
            Team = new(team),
            Outcome = TrialOutcome.Counted,
            Readings = [new Reading { Measure = "caught", Typed = typed }],
        };

    public static Entry.RuleChecked Stands(bool met, string team = "t1") =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            Team = new(team),
            Rule = "stands",
            Met = met,
        };
}
