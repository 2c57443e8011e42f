using System.Net;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Archive;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Keeping;

/// <summary>
/// Rows that this version does not understand: of a kind that a newer one writes, or damaged. They close nothing and
/// travel on.
/// </summary>
public sealed class UnreadTests : IDisposable
{
    private const string FromTheFuture =
        """{"kind":"hologramTaken","id":"01900000-0000-7000-8000-00000000f00d","team":"t1"}""";
    private const string Broken = """{"kind":"trialRecorded","id":""";

    private readonly RunningApp _app = new();

    [Fact]
    public async Task A_rally_with_entries_that_are_not_understood_opens_and_says_so()
    {
        var rally = await Begin();
        var opened = await _app.Get<RallyOpened>($"/api/rallies/{rally}");
        (opened.Progress.AsOf, opened.Unread).ShouldBe((2, 2));
        (await _app.Sheet(rally, "t1")).Trials.Single().Shown.ShouldBe("210 mL");
        (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Single().Entries.ShouldBe(4);
        (await _app.Client.GetAsync("/api/year", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("180"))).StatusCode.ShouldBe(
            HttpStatusCode.Created,
            "the lesson goes on"
        );
    }

    [Fact]
    public async Task They_travel_in_the_rallys_file_and_in_the_archive_to_the_letter_and_in_their_place()
    {
        var rally = await Begin();
        var file = await _app.Get<Rally>($"/api/rallies/{rally}/file");
        file.Unread.ShouldBe([new(1, FromTheFuture), new(2, Broken)]);
        var imported = await _app.Post("/api/files", Json.Write(file));
        imported.StatusCode.ShouldBe(HttpStatusCode.Created);
        var copy = (await RunningApp.Read(imported)).GetProperty("id").GetGuid();
        (await Documents(new(copy))).ShouldBe(await Documents(rally));

        using var fresh = new RunningApp();
        var archive = Path.Combine(_app.Folder, "all.zip");
        await ArchiveWriter.Write(
            new(_app.Folder),
            archive,
            DateTimeOffset.UtcNow,
            TestContext.Current.CancellationToken
        );
        (
            await fresh.Service<Microsoft.Extensions.DependencyInjection.IServiceScopeFactory>().Read(archive)
        ).IsOk.ShouldBeTrue();
        await using var db = fresh.OpenDb();
        (
            await db
                .Entries.Where(e => e.RallyId == rally)
                .OrderBy(e => e.Sequence)
                .Select(e => e.Document)
                .ToListAsync(TestContext.Current.CancellationToken)
        )
            .Select(Compact)
            .ShouldBe((await Documents(rally)).Select(Compact));
    }

    [Fact]
    public async Task A_rally_whose_brief_is_not_understood_is_said_and_no_list_is_closed()
    {
        var rally = await Begin();
        await using (var db = _app.OpenDb())
        {
            await db.Database.ExecuteSqlRawAsync(
                """
                UPDATE "Rallies" SET "Edition" = {0}; UPDATE "Briefs" SET "Document" = {1},
                "Season" = 'monsoon', "Grades" = 'From13To15', "Pattern" = 'Juggle';
                """,
                ["""{"brief":{"method":{"parts":[{"kind":"juggling"}]}}}""", "{"],
                TestContext.Current.CancellationToken
            );
        }

        _app.Service<RallyOwners>().ForgetAll();
        var answer = await _app.Client.GetAsync($"/api/rallies/{rally}", TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Read(answer))
            .GetProperty("title")
            .GetString()
            .ShouldBe("The brief of this rally is not understood.");
        foreach (
            var list in new[]
            {
                "/api/rallies",
                "/api/briefs",
                "/api/year",
                "/api/shopping",
                "/api/kept/removed",
                $"/api/rallies/{rally}/photos",
            }
        )
            (await _app.Client.GetAsync(list, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
                HttpStatusCode.OK,
                list
            );
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Single().Season.ShouldBe(Season.Any);
        var archive = Path.Combine(_app.Folder, "all.zip");
        await ArchiveWriter.Write(
            new(_app.Folder),
            archive,
            DateTimeOffset.UtcNow,
            TestContext.Current.CancellationToken
        );
        using var fresh = new RunningApp();
        (
            await fresh.Service<Microsoft.Extensions.DependencyInjection.IServiceScopeFactory>().Read(archive)
        ).IsOk.ShouldBeTrue();
        await using var other = fresh.OpenDb();
        (await other.Rallies.Select(r => r.Edition).SingleAsync(TestContext.Current.CancellationToken)).ShouldContain(
            "juggling"
        );
    }

    public void Dispose() => _app.Dispose();

    private static string Compact(string document) =>
        document.Contains("hologram", StringComparison.Ordinal) || document == Broken
            ? document
            : System.Text.Json.Nodes.JsonNode.Parse(document)!.ToJsonString();

    private async Task<RallyId> Begin()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Stands(true))).EnsureSuccessStatusCode();
        await Insert(rally, "01900000-0000-7000-8000-00000000F00D", FromTheFuture);
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        await Insert(rally, "01900000-0000-7000-8000-00000000BEEF", Broken);
        _app.Service<RallyOwners>().ForgetAll();
        return rally;
    }

    private async Task Insert(RallyId rally, string id, string document)
    {
        await using var db = _app.OpenDb();
        db.Entries.Add(
            new StoredEntry
            {
                RallyId = rally,
                EntryId = new(Guid.Parse(id)),
                Document = document,
            }
        );
        await db.SaveChangesAsync(TestContext.Current.CancellationToken);
    }

    private async Task<List<string>> Documents(RallyId rally)
    {
        await using var db = _app.OpenDb();
        return await db
            .Entries.Where(e => e.RallyId == rally)
            .OrderBy(e => e.Sequence)
            .Select(e => e.Document)
            .ToListAsync(TestContext.Current.CancellationToken);
    }
}

internal static class ReadingArchives
{
    public static async Task<Result<BroughtIn>> Read(
        this Microsoft.Extensions.DependencyInjection.IServiceScopeFactory scopes,
        string archive
    )
    {
        using var scope = scopes.CreateScope();
        return await ((ArchiveReader)scope.ServiceProvider.GetService(typeof(ArchiveReader))!).Read(
            archive,
            TestContext.Current.CancellationToken
        );
    }
}
