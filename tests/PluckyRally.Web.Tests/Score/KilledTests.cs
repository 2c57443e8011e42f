using System.Text.Json;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Score;

/// <summary>What a server acknowledged is in the log, however it ends; the long run is <c>./test kills</c>.</summary>
public sealed class KilledTests : IDisposable
{
    private readonly DataFolder _folder = new(Directory.CreateTempSubdirectory("plucky-rally-killed-").FullName);

    [Fact]
    [Trait("run", "long")]
    public Task Killed_while_another_program_holds_the_file_it_has_what_it_acknowledged() => KillWhileHeld(2);

    [Fact(Explicit = true)]
    public Task Killed_forty_times_while_another_program_holds_the_file_it_has_what_it_acknowledged() =>
        KillWhileHeld(40);

    public void Dispose()
    {
        SqliteConnection.ClearAllPools();
        Directory.Delete(_folder.Path, recursive: true);
    }

    /// <summary>
    /// Three devices record while a second connection takes the file and lets it go, until the server is killed.
    /// </summary>
    private async Task KillWhileHeld(int kills)
    {
        var random = new Random(13);
        var (acknowledged, rally) = (new HashSet<EntryId>(), default(RallyId));
        for (var killed = 0; killed < kills; killed++)
        {
            using var server = new ServerProcess(_folder.Path);
            using var client = new HttpClient { BaseAddress = new(await server.Address()) };
            if (rally == default)
                rally = await Begin(client);
            using var over = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
            var holding = Task.Run(
                async () =>
                {
                    while (!over.IsCancellationRequested)
                    {
                        using (var file = new SqliteConnection($"Data Source={_folder.File};Pooling=False"))
                        {
                            file.Open();
                            using var take = file.CreateCommand();
                            take.CommandText = "BEGIN IMMEDIATE";
                            take.ExecuteNonQuery();
                            await Task.Delay(random.Next(1, 300), CancellationToken.None);
                        }

                        await Task.Delay(random.Next(1, 50), CancellationToken.None);
                    }
                },
                TestContext.Current.CancellationToken
            );
            var devices = Enumerable.Range(0, 3).Select(_ => Task.Run(() => Record(client), over.Token)).ToList();
            var had = acknowledged.Count;
            while (acknowledged.Count < had + 30)
                await Task.Delay(20, TestContext.Current.CancellationToken);
            server.Kill();
            await over.CancelAsync();
            await Task.WhenAll([.. devices, holding]);
        }

        using var last = new ServerProcess(_folder.Path);
        using var reader = new HttpClient { BaseAddress = new(await last.Address()) };
        var text = await reader.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken);
        var log = JsonSerializer.Deserialize<Rally>(text, RunningApp.Lenient)!.Entries.Select(e => e.Id).ToList();
        log.ShouldBeUnique();
        acknowledged.Except(log).ShouldBeEmpty($"of {acknowledged.Count}");

        async Task Record(HttpClient client)
        {
            try
            {
                while (true)
                {
                    var note = new Entry.NoteMade
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t1"),
                        Text = "It leans.",
                    };
                    using var answer = await client.PostAsync(
                        $"/api/rallies/{rally}/entries",
                        RunningApp.Body(Json.Write<Entry>(note))
                    );
                    if (answer.IsSuccessStatusCode)
                        lock (acknowledged)
                            acknowledged.Add(note.Id);
                }
            }
            catch (HttpRequestException)
            {
                // The server was killed.
            }
        }

        static async Task<RallyId> Begin(HttpClient client)
        {
            using var brief = await client.PostAsync("/api/briefs", RunningApp.Body(Json.Write(Sample.Brief())));
            var begun = new NewRally
            {
                Brief = new((await RunningApp.Read(brief)).GetProperty("id").GetGuid()),
                Name = "Class 5",
                Teams = [new("Able")],
            };
            using var made = await client.PostAsync("/api/rallies", RunningApp.Body(Json.Write(begun)));
            return new((await RunningApp.Read(made)).GetProperty("id").GetGuid());
        }
    }
}
