using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core;
using PluckyRally.Data;
using PluckyRally.Tests;
using Xunit;

namespace PluckyRally.Web.Tests;

/// <summary>The real application with a real SQLite file of its own.</summary>
public sealed class RunningApp : IDisposable
{
    /// <summary>The server leaves out what is null.</summary>
    private static readonly JsonSerializerOptions Lenient = new(Json.Options) { RespectRequiredConstructorParameters = false };

    private readonly WebApplicationFactory<Program> _factory;

    public RunningApp(bool demo = false)
    {
        _factory = new WebApplicationFactory<Program>().WithWebHostBuilder(host =>
        {
            host.UseSetting("port", "0");
            host.UseSetting("data", Folder);
            if (demo) host.UseSetting("demo", Path.Combine(ProjectFolder.Root, "demo"));
        });
        _factory.UseKestrel();
        _factory.StartServer();
        Client = _factory.CreateClient();
    }

    public HttpClient Client { get; }

    public string Folder { get; } = Directory.CreateTempSubdirectory("plucky-rally-web-").FullName;

    public RallyDb OpenDb() => _factory.Services.CreateScope().ServiceProvider.GetRequiredService<RallyDb>();

    public Task<HttpResponseMessage> Post(string path, string json) => Client.PostAsync(path, Body(json), TestContext.Current.CancellationToken);

    public Task<HttpResponseMessage> Post<T>(string path, T value) => Post(path, Json.Write(value));

    public async Task<T> Get<T>(string path) => (await Client.GetFromJsonAsync<T>(path, Lenient, TestContext.Current.CancellationToken))!;

    public static StringContent Body(string json) => new(json, Encoding.UTF8, "application/json");

    public static async Task<JsonElement> Read(HttpResponseMessage response) =>
        await response.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);

    /// <summary>The places named by a problem document.</summary>
    public static async Task<string[]> Places(HttpResponseMessage response) =>
        [.. (await Read(response)).GetProperty("problems").EnumerateArray().Select(p => p.GetProperty("at").GetString()!)];

    /// <summary>Puts a brief on the shelf and gives its id.</summary>
    public async Task<Guid> AddBrief(Brief brief)
    {
        var response = await Post("/api/briefs", brief);
        response.EnsureSuccessStatusCode();
        return (await Read(response)).GetProperty("id").GetGuid();
    }

    /// <summary>Begins a rally with these teams and gives its id.</summary>
    public async Task<Guid> Begin(Brief brief, params string[] teams)
    {
        var response = await Post("/api/rallies", new NewRally { Brief = await AddBrief(brief), Name = "A class", Teams = [.. teams.Select(t => new NewTeam(t))] });
        response.EnsureSuccessStatusCode();
        return (await Read(response)).GetProperty("id").GetGuid();
    }

    public void Dispose()
    {
        Client.Dispose();
        _factory.Dispose();
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(Folder, recursive: true);
    }
}

/// <summary>A small brief and entries for it.</summary>
internal static class Sample
{
    public static Brief Brief(string title = "Rain catcher") => new()
    {
        Title = title,
        Measures = [new Measure { Id = "caught", Name = "Caught", Kind = MeasureKind.Volume, Unit = "mL", Step = 5 }],
        Rules = [new Rule { Id = "stands", Sort = RuleSort.Criterion, Text = "Stands by itself", Check = new RuleCheck.Inspection(), IfMissed = new Consequence.DoesNotPlace() }],
        Trials = new Trials { Attempts = 2 },
        Method = new Method { Parts = [new Part.Measured { Id = "water", Name = "Water", Value = "caught", Better = Better.More, Curve = new Curve.Rate(0.1m) }] },
    };

    public static Entry.TrialRecorded Caught(string typed, string team = "t1") => new()
    {
        Id = Guid.CreateVersion7(),
        At = DateTimeOffset.UnixEpoch,
        By = "Teacher",
        Team = team,
        Outcome = TrialOutcome.Counted,
        Readings = [new Reading { Measure = "caught", Typed = typed }],
    };

    public static Entry.RuleChecked Stands(bool met, string team = "t1") => new() { Id = Guid.CreateVersion7(), Team = team, Rule = "stands", Met = met };
}
