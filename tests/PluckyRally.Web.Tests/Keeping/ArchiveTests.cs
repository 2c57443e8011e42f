using System.IO.Compression;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data;
using PluckyRally.Data.Archive;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Day;
using PluckyRally.Web.Photos;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Keeping;

/// <summary>Everything in one file, and out of it again on a fresh computer.</summary>
public sealed partial class ArchiveTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("plucky-rally-archive-").FullName;

    [Fact]
    [Trait("run", "long")]
    public async Task A_fresh_computer_shows_the_same_standings_pages_and_photos()
    {
        using var old = new RunningApp(demo: true);
        await old.Post($"/api/rallies/{(await old.Get<List<RallyOnShelf>>("/api/rallies"))[0].Id}/kit/taken", "{}");
        var archive = Path.Combine(_folder, "all.zip");
        await File.WriteAllBytesAsync(
            archive,
            await old.Client.GetByteArrayAsync("/api/kept/file", TestContext.Current.CancellationToken),
            TestContext.Current.CancellationToken
        );

        // The server lets go of the file after the last byte has left, which may be after it has arrived here.
        for (var tries = 0; tries < 200 && Directory.GetFiles(old.Folder, "*.zip").Length > 0; tries++)
            await Task.Delay(50, TestContext.Current.CancellationToken);
        Directory.GetFiles(old.Folder, "*.zip").ShouldBeEmpty("what was sent does not stay");

        (await BringIn(archive)).Value.ShouldNotBeNull().Beside.ShouldBeEmpty();
        using var fresh = new RunningApp(folder: _folder);
        var pages = await Pages(old);
        pages.Count.ShouldBeGreaterThan(150);
        foreach (var page in pages)
            (await Body(fresh, page)).ShouldBe(await Body(old, page), page);
    }

    [Fact]
    public async Task Brought_in_twice_nothing_is_there_twice_and_what_has_gone_on_meanwhile_stays()
    {
        using var old = new RunningApp();
        var rally = await old.Begin(Sample.Brief(), "Able");
        (await old.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        var archive = Path.Combine(_folder, "all.zip");
        await ArchiveWriter.Write(
            new(old.Folder),
            archive,
            DateTimeOffset.UtcNow,
            TestContext.Current.CancellationToken
        );

        (await BringIn(archive)).Value!.Rallies.ShouldBe(1);
        (await BringIn(archive))
            .Value.ShouldNotBeNull()
            .ShouldSatisfyAllConditions(b => b.Rallies.ShouldBe(0), b => b.Briefs.ShouldBe(0), b => b.Same.ShouldBe(2));
        using (var here = new RunningApp(folder: _folder))
        {
            (await here.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("180"))).EnsureSuccessStatusCode();
        }

        (await BringIn(archive)).Value!.Beside.ShouldBe(["A class"]);
        using var again = new RunningApp(folder: _folder);
        (await again.Get<List<RallyOnShelf>>("/api/rallies"))
            .Select(r => r.Entries)
            .ShouldBe([1, 2], ignoreOrder: true);
    }

    [Fact]
    public async Task Passwords_codes_and_what_was_deleted_are_not_in_it()
    {
        using var old = new RunningApp();
        var (rally, gone) = (
            await old.Begin(Sample.Brief(), "Able"),
            await old.Begin(Sample.Brief("Secret brief"), "Baker")
        );
        (await old.Post($"/api/rallies/{rally}/passes", new NewPass(PassKind.Judge))).EnsureSuccessStatusCode();
        var code = (await old.Get<RallyPasses>($"/api/rallies/{rally}/passes"))
            .Passes.Single()
            .Code.Replace(" ", "", StringComparison.Ordinal);
        (
            await old.Client.DeleteAsync($"/api/rallies/{gone}", TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
        var archive = Path.Combine(_folder, "all.zip");
        await ArchiveWriter.Write(
            new(old.Folder),
            archive,
            DateTimeOffset.UtcNow,
            TestContext.Current.CancellationToken
        );
        await using var zip = await ZipFile.OpenReadAsync(archive, TestContext.Current.CancellationToken);
        var text = string.Concat(zip.Entries.Select(e => new StreamReader(e.Open()).ReadToEnd()));
        text.ShouldNotContain(code);
        text.ShouldNotContain("assword");
        zip.Entries.Count(e => e.FullName.StartsWith("rallies/", StringComparison.Ordinal)).ShouldBe(1);
    }

    [Fact]
    public async Task What_lies_in_the_bin_comes_back_and_is_named()
    {
        var archive = Path.Combine(_folder, "all.zip");
        using (var here = new RunningApp(folder: _folder))
        {
            var rally = await here.Begin(Sample.Brief(), "Able");
            var brief = (await here.Get<List<BriefOnShelf>>("/api/briefs")).Single().Id;
            var made = await RunningApp.Read(await here.Post("/api/classes", new NewClass("Class 3", ["Ana", "Ben"])));
            var group = made.GetProperty("id").GetGuid();
            await ArchiveWriter.Write(
                new(_folder),
                archive,
                DateTimeOffset.UtcNow,
                TestContext.Current.CancellationToken
            );
            foreach (var gone in new[] { $"rallies/{rally}", $"briefs/{brief}", $"classes/{group}" })
                (
                    await here.Client.DeleteAsync($"/api/{gone}", TestContext.Current.CancellationToken)
                ).EnsureSuccessStatusCode();
        }

        var came = (await BringIn(archive)).Value.ShouldNotBeNull();
        came.Back.ShouldBe(["Class 3", "Rain catcher", "A class"], ignoreOrder: true);
        came.Same.ShouldBe(0);
        using var again = new RunningApp(folder: _folder);
        (await again.Get<List<RallyOnShelf>>("/api/rallies")).ShouldHaveSingleItem();
        (await again.Get<List<BriefOnShelf>>("/api/briefs")).ShouldHaveSingleItem();
        (await again.Get<List<ClassOpened>>("/api/classes")).Single().Students.Count.ShouldBe(2);
        (await again.Get<List<PluckyRally.Data.Removals.Removed>>("/api/kept/removed")).ShouldBeEmpty();
    }

    [Theory]
    [InlineData("not a zip", "cannot be read as an archive")]
    [InlineData("{}", "cannot be read as an archive")]
    public async Task What_is_no_archive_is_refused_and_changes_nothing(string content, string words)
    {
        var file = Path.Combine(_folder, "wrong.zip");
        await File.WriteAllTextAsync(file, content, TestContext.Current.CancellationToken);
        (await BringIn(file)).Problems.ShouldHaveSingleItem().What.ShouldContain(words);
    }

    [Theory]
    [InlineData("everything.json", """{"format":"something else","version":1}""", "not a Plucky Rally archive")]
    [InlineData("everything.json", """{"format":"plucky-rally/everything","version":2}""", "newer version")]
    [InlineData(
        "everything.json",
        """
            {"format":"plucky-rally/everything","version":1,"rallies":[{"id":"00000000-0000-0000-0000-000000000001",
            "briefTitle":"","madeAt":"2026-11-24T09:00:00Z","judgesStrikeOthers":false,"photos":[],"stock":[]}]}
            """,
        "is missing"
    )]
    [InlineData("other.json", "{}", "is missing")]
    [InlineData("everything.json", """{"format":"plucky-rally/everything","version":1,"briefs":[null]}""", "is empty")]
    [InlineData(
        "everything.json",
        """{"format":"plucky-rally/everything","version":1,"classes":null}""",
        "cannot be read"
    )]
    [InlineData(
        "everything.json",
        """
            {"format":"plucky-rally/everything","version":1,"classes":[
            {"id":"00000000-0000-0000-0000-000000000001","name":"A","noPhotos":false,"pupils":[]},
            {"id":"00000000-0000-0000-0000-000000000001","name":"A","noPhotos":false,"pupils":[]}]}
            """,
        "stands twice"
    )]
    public async Task An_archive_that_is_not_whole_is_refused_as_a_whole(string name, string content, string words)
    {
        var file = Path.Combine(_folder, "wrong.zip");
        await using (
            var zip = await ZipFile.OpenAsync(file, ZipArchiveMode.Create, TestContext.Current.CancellationToken)
        )
        await using (
            var writer = new StreamWriter(await zip.CreateEntry(name).OpenAsync(TestContext.Current.CancellationToken))
        )
            await writer.WriteAsync(content);
        (await BringIn(file)).Problems.ShouldHaveSingleItem().What.ShouldContain(words);
        using var app = new RunningApp(folder: _folder);
        (await app.Get<List<RallyOnShelf>>("/api/rallies")).ShouldBeEmpty();
    }

    public void Dispose()
    {
        Microsoft.Data.Sqlite.SqliteConnection.ClearAllPools();
        Directory.Delete(_folder, recursive: true);
    }

    private async Task<Result<BroughtIn>> BringIn(string archive)
    {
        var folder = new DataFolder(_folder);
        (await DataFile.Prepare(folder, TimeProvider.System, TestContext.Current.CancellationToken)).ShouldBeNull();
        await using var services = new ServiceCollection()
            .AddSingleton(TimeProvider.System)
            .AddDataFile(folder)
            .BuildServiceProvider();
        await using var scope = services.CreateAsyncScope();
        return await scope
            .ServiceProvider.GetRequiredService<ArchiveReader>()
            .Read(archive, TestContext.Current.CancellationToken);
    }

    /// <summary>
    /// Everything that can be looked at: lists, briefs with their history, classes, rallies station by station and
    /// round by round, photos.
    /// </summary>
    private static async Task<List<string>> Pages(RunningApp app)
    {
        var pages = new List<string>
        {
            "/api/briefs",
            "/api/briefs?archived=true",
            "/api/rallies",
            "/api/classes",
            "/api/cupboard",
            "/api/year",
            "/api/shopping",
            "/api/school",
            "/api/days",
        };
        foreach (var day in await app.Get<List<DayListed>>("/api/days"))
            pages.AddRange([$"/api/days/{day.Id}", $"/api/days/{day.Id}/plan"]);
        foreach (var brief in await app.Get<List<BriefOnShelf>>("/api/briefs"))
            pages.AddRange(
                new[] { "", "/check", "/versions", "/kit", "/markdown", "/file" }.Select(p =>
                    $"/api/briefs/{brief.Id}{p}"
                )
            );
        foreach (var group in await app.Get<List<ClassOpened>>("/api/classes"))
            pages.Add($"/api/classes/{group.Id}/history");
        foreach (var rally in await app.Get<List<RallyOnShelf>>("/api/rallies"))
        {
            pages.AddRange(
                new[] { "", "/walk", "/wall", "/kit", "/photos", "/file" }.Select(p => $"/api/rallies/{rally.Id}{p}")
            );
            foreach (var round in new[] { 1, 2 })
                pages.AddRange(
                    new[] { "score?team=t1&", "results?why=t2&", "wall/board?" }.Select(p =>
                        $"/api/rallies/{rally.Id}/{p}round={round}"
                    )
                );
            pages.AddRange(
                (await app.Get<RallyPhotos>($"/api/rallies/{rally.Id}/photos")).Photos.Select(p =>
                    $"/api/rallies/{rally.Id}/photos/{p.Id}"
                )
            );
        }

        return pages;
    }

    /// <summary>What is answered, but for what names this run of the server.</summary>
    private static async Task<string> Body(RunningApp app, string page)
    {
        using var answer = await app.Client.GetAsync(page, TestContext.Current.CancellationToken);
        answer.StatusCode.ShouldBe(System.Net.HttpStatusCode.OK, page);
        var bytes = await answer.Content.ReadAsByteArrayAsync(TestContext.Current.CancellationToken);
        return bytes is [0xFF, 0xD8, ..]
            ? Convert.ToBase64String(bytes)
            : Ground().Replace(System.Text.Encoding.UTF8.GetString(bytes), "");
    }

    [System.Text.RegularExpressions.GeneratedRegex("\"ground\":\"[^\"]*\",")]
    private static partial System.Text.RegularExpressions.Regex Ground();
}
