using System.Net;
using System.Net.Http.Json;
using System.Text;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Removals;
using PluckyRally.Web.Keeping;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Keeping;

/// <summary>A backup is held beside the data, then put in its place, from the browser.</summary>
public sealed class RestoreTests
{
    private static CancellationToken Stop => TestContext.Current.CancellationToken;

    [Fact]
    public async Task What_would_change_is_said_thing_by_thing()
    {
        using var app = new RunningApp();
        var brief = await app.AddBrief(Sample.Brief());
        var (grows, goes) = (await Begin(app, brief, "Grows"), await Begin(app, brief, "Deleted"));
        await Until(async () => (await app.Get<Kept>("/api/kept")).Copies.Count == 1);
        (await app.Post("/api/kept/copies", "{}")).EnsureSuccessStatusCode();
        var copy = (await app.Get<Kept>("/api/kept")).Copies.Single(c => c.Reason == CopyReason.ByHand).Name;
        var same = await Preview(app, copy);
        same.Things.ShouldBeEmpty();
        same.CupboardChanges.ShouldBeFalse();

        (await app.Post<Entry>($"/api/rallies/{grows}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        (await app.Client.DeleteAsync($"/api/rallies/{goes}", Stop)).EnsureSuccessStatusCode();
        await Begin(app, brief, "Begun since");
        (await app.Post("/api/classes", new NewClass("5B", ["Ada"]))).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await Preview(app, copy))
            .Things.Select(t => (t.Sort, t.Name, t.Fate, t.Now, t.Then))
            .ShouldBe(
                [
                    (RemovedSort.Rally, "Begun since", CopyFate.Goes, 0, 0),
                    (RemovedSort.Class, "5B", CopyFate.Goes, 1, 0),
                    (RemovedSort.Rally, "Grows", CopyFate.Changes, 1, 0),
                    (RemovedSort.Rally, "Deleted", CopyFate.ComesBack, 0, 0),
                ],
                ignoreOrder: true
            );
        Directory.GetFiles(app.Folder, "*compared*").ShouldBeEmpty("what was only looked at is cleared away");

        var folder = app.Service<DataFolder>();
        await File.WriteAllBytesAsync(Path.Combine(folder.Copies, copy + ".db"), new byte[4096], Stop);
        using var damaged = await app.Client.GetAsync(
            new Uri($"/api/kept/copies/{copy}/changes", UriKind.Relative),
            Stop
        );
        (await RunningApp.Places(damaged)).ShouldBe(["/name"]);
        using var restored = await app.Post($"/api/kept/copies/{copy}/restore", "{}");
        (await RunningApp.Places(restored)).ShouldBe(["/name"], "a damaged one is not restored");
        using var unknown = await app.Post("/api/kept/copies/..%2Frally/restore", "{}");
        unknown.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_backup_is_restored_by_a_server_that_starts_again_and_what_was_there_is_backed_up()
    {
        var folder = Directory.CreateTempSubdirectory("plucky-rally-restore-").FullName;
        using var server = new ServerProcess(folder, "--demo", Path.Combine(ProjectFolder.Root, "demo"));
        using var client = new HttpClient { BaseAddress = new(await server.Address()) };
        (await Post(client, "/api/kept/copies")).EnsureSuccessStatusCode();
        var copy = (await Kept(client)).Copies[0].Name;
        var before = await Rallies(client);
        (await client.DeleteAsync($"/api/rallies/{before[0]}", Stop)).EnsureSuccessStatusCode();
        (await Rallies(client)).Count.ShouldBe(before.Count - 1);

        (await Post(client, $"/api/kept/copies/{copy}/restore")).StatusCode.ShouldBe(HttpStatusCode.Accepted);
        await Until(async () => (await Kept(client)).Restored is not null);
        var kept = await Kept(client);
        kept.Restored.ShouldBe(new(copy, ""));
        kept.Copies[0].Reason.ShouldBe(CopyReason.BeforeRestore);
        (await Rallies(client)).ShouldBe(before, "the demo is not made anew over it");

        (await Post(client, $"/api/kept/copies/{kept.Copies[0].Name}/restore")).EnsureSuccessStatusCode();
        await Until(async () => (await Kept(client)).Restored?.Name == kept.Copies[0].Name);
        (await Rallies(client)).Count.ShouldBe(before.Count - 1, "a restore is undone by one of what was backed up");
    }

    /// <summary>
    /// Two devices record without a pause while a backup is restored: what was acknowledged is in the backup of what
    /// was there, and what was not is sent again to what was restored.
    /// </summary>
    [Fact]
    public async Task What_is_recorded_while_a_backup_is_restored_is_in_the_backup_of_what_was_there_or_is_refused()
    {
        var folder = new DataFolder(Directory.CreateTempSubdirectory("plucky-rally-restore-").FullName);
        using var server = new ServerProcess(folder.Path);
        using var client = new HttpClient { BaseAddress = new(await server.Address()) };
        using var brief = await client.PostAsync("/api/briefs", RunningApp.Body(Json.Write(Sample.Brief())), Stop);
        using var begun = await client.PostAsync(
            "/api/rallies",
            RunningApp.Body(
                Json.Write(
                    new NewRally
                    {
                        Brief = new((await RunningApp.Read(brief)).GetProperty("id").GetGuid()),
                        Name = "Class 5",
                        Teams = [new("Able")],
                    }
                )
            ),
            Stop
        );
        var rally = (await RunningApp.Read(begun)).GetProperty("id").GetGuid();
        (await Post(client, "/api/kept/copies")).EnsureSuccessStatusCode();
        var copy = (await Kept(client)).Copies[0].Name;
        var (acknowledged, refused) = (new List<EntryId>(), 0);
        using var enough = CancellationTokenSource.CreateLinkedTokenSource(Stop);
        var devices = Enumerable.Range(0, 2).Select(_ => Task.Run(Record, Stop)).ToList();
        await Until(() => Task.FromResult(acknowledged.Count > 20));
        (await Post(client, $"/api/kept/copies/{copy}/restore")).EnsureSuccessStatusCode();
        await Until(async () => (await Kept(client)).Restored is not null);
        await Until(() => Task.FromResult(refused > 0));
        await enough.CancelAsync();
        await Task.WhenAll(devices);

        var before = (await Kept(client)).Copies.Single(c => c.Reason == CopyReason.BeforeRestore).Name;
        var kept = Entries(Path.Combine(folder.Copies, before + ".db")).Concat(Entries(folder.File)).ToHashSet();
        acknowledged.Where(e => !kept.Contains(e)).ShouldBeEmpty($"of {acknowledged.Count}");

        async Task Record()
        {
            using var device = new HttpClient { BaseAddress = client.BaseAddress };
            while (!enough.IsCancellationRequested)
            {
                var note = new Entry.NoteMade
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Text = "It leans.",
                };
                try
                {
                    using var answer = await device.PostAsync(
                        $"/api/rallies/{rally}/entries",
                        RunningApp.Body(Json.Write<Entry>(note)),
                        Stop
                    );
                    lock (acknowledged)
                    {
                        if (answer.StatusCode == HttpStatusCode.Created)
                            acknowledged.Add(note.Id);
                        else
                            refused++;
                    }
                }
                catch (HttpRequestException)
                {
                    // Between the two runs nobody answers.
                    lock (acknowledged)
                        refused++;
                }
            }
        }
    }

    private static IEnumerable<EntryId> Entries(string file)
    {
        using var connection = new SqliteConnection($"Data Source={file};Mode=ReadOnly;Pooling=False");
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = "SELECT \"EntryId\" FROM \"Entries\"";
        using var rows = command.ExecuteReader();
        var ids = new List<EntryId>();
        while (rows.Read())
            ids.Add(new(rows.GetGuid(0)));
        return ids;
    }

    /// <summary>The rule alone, with times made up.</summary>
    [Fact]
    public void A_lesson_that_nobody_ends_is_copied_when_it_has_become_quiet()
    {
        var at = new DateTimeOffset(2026, 11, 30, 10, 0, 0, TimeSpan.Zero);
        CopyRule.IsDue(null, null, at).ShouldBeFalse("nothing was recorded");
        CopyRule.IsDue(at, null, at.AddMinutes(29)).ShouldBeFalse("it may go on");
        CopyRule.IsDue(at, at.AddHours(-3), at.AddMinutes(30)).ShouldBeTrue();
        CopyRule.IsDue(at, at.AddMinutes(1), at.AddMinutes(30)).ShouldBeFalse("it is copied already");
    }

    private static Task<CopyPreview> Preview(RunningApp app, string copy) =>
        app.Get<CopyPreview>($"/api/kept/copies/{copy}/changes");

    private static async Task<Guid> Begin(RunningApp app, BriefId brief, string name)
    {
        using var made = await app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = name,
                Teams = [new("Able")],
            }
        );
        return (await RunningApp.Read(made)).GetProperty("id").GetGuid();
    }

    private static Task<HttpResponseMessage> Post(HttpClient client, string to) =>
        client.PostAsync(
            new Uri(to, UriKind.Relative),
            new StringContent("{}", Encoding.UTF8, "application/json"),
            Stop
        );

    private static async Task<Kept> Kept(HttpClient client) =>
        (await client.GetFromJsonAsync<Kept>("/api/kept", RunningApp.Lenient, Stop))!;

    private static async Task<List<RallyId>> Rallies(HttpClient client) =>
        [
            .. (await client.GetFromJsonAsync<List<RallyOnShelf>>("/api/rallies", RunningApp.Lenient, Stop))!.Select(
                r => r.Id
            ),
        ];

    /// <summary>While the server starts again it does not answer.</summary>
    private static async Task Until(Func<Task<bool>> so)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(Stop);
        patience.CancelAfter(TimeSpan.FromSeconds(60));
        while (true)
        {
            try
            {
                if (await so())
                    return;
            }
            catch (HttpRequestException)
            {
                // Not there yet.
            }

            await Task.Delay(100, patience.Token);
        }
    }
}
