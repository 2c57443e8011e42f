using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;
using PluckyRally.Web.Keeping;
using PluckyRally.Web.Run;

namespace PluckyRally.Web.Tests.Keeping;

public sealed class CopyTests : IDisposable
{
    private readonly RunningApp _app = new();

    private DataFolder Folder => _app.Service<DataFolder>();

    [Fact]
    public async Task The_first_start_of_a_day_makes_a_copy_and_a_later_one_does_not()
    {
        await Until(k => k.Copies.Count == 1);
        (await Kept()).Copies.Single().Reason.ShouldBe(CopyReason.Day);
        _app.Stop();
        using var again = new RunningApp(folder: _app.Folder);
        (await again.Post("/api/kept/copies", "{}")).EnsureSuccessStatusCode();
        (await again.Get<Kept>("/api/kept")).Copies.Select(c => c.Reason).ShouldBe([CopyReason.ByHand, CopyReason.Day]);
    }

    [Fact]
    public async Task The_end_of_a_lesson_and_of_a_round_make_copies_with_what_was_recorded()
    {
        await Until(k => k.Copies.Count == 1);
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) }
            )
        ).EnsureSuccessStatusCode();
        await Until(k => k.Copies[0].Reason == CopyReason.RallyEnded);
        (await _app.Post($"/api/rallies/{rally}/clock", new ClockTouch(ClockDoes.Begin))).EnsureSuccessStatusCode();
        await Until(k => k.Copies.Count(c => c.Reason == CopyReason.RallyEnded) == 2);
        var copy = (await Kept()).Copies[0];
        (copy.Rallies, copy.Briefs).ShouldBe((1, 1));
        using var db = new Microsoft.Data.Sqlite.SqliteConnection(
            $"Data Source={Path.Combine(Folder.Copies, copy.Name)}.db;Mode=ReadOnly;Pooling=false"
        );
        db.Open();
        using var count = db.CreateCommand();
        count.CommandText = """SELECT count(*) FROM "Entries" """;
        count.ExecuteScalar().ShouldBe(3L);
    }

    [Fact]
    public async Task A_copy_has_its_photos_once_however_many_copies_there_are()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await Photo(rally);
        for (var i = 0; i < 3; i++)
            (await _app.Post("/api/kept/copies", "{}")).EnsureSuccessStatusCode();
        (await Kept()).Copies[0].Photos.ShouldBe(1);
        Directory.GetFiles(Folder.Copies, "*.jpg", SearchOption.AllDirectories).ShouldHaveSingleItem();
    }

    [Fact]
    public async Task A_second_folder_gets_all_copies_and_one_that_is_gone_is_said()
    {
        var stick = Directory.CreateTempSubdirectory("plucky-rally-stick-").FullName;
        await Until(k => k.Copies.Count == 1);
        (await Put("rally-copies")).ShouldBe(["/path"], "not a whole path");
        (await Put("/no/such/folder")).ShouldBe(["/path"]);
        (await Put(_app.Folder)).ShouldBe(["/path"], "the same disk");
        (await Put(Path.Combine(_app.Folder, "rally-copies"))).ShouldBe(["/path"], "inside the data");
        foreach (var ofTheSystem in new[] { "/", "/etc", "/usr/share", "/proc/self" })
            (await Put(ofTheSystem)).ShouldBe(["/path"], ofTheSystem);
        var link = Path.Combine(stick, "link");
        Directory.CreateSymbolicLink(link, _app.Folder);
        (await Put(link)).ShouldBe(["/path"], "a link to the data");
        Directory.Delete(link);
        Directory.CreateDirectory(Path.Combine(stick, "plucky-rally-copies"));
        var cutOff = Path.Combine(stick, "plucky-rally-copies", "2026-11-27.unfinished");
        await File.WriteAllTextAsync(cutOff, "half", TestContext.Current.CancellationToken);
        (await Put(stick)).ShouldBeEmpty();
        new CopyShelf(Path.Combine(stick, "plucky-rally-copies")).All().Count.ShouldBe(1);
        File.Exists(cutOff).ShouldBeFalse("it was being written when a program was ended by force");
        (await _app.Post("/api/kept/copies", "{}")).EnsureSuccessStatusCode();
        new CopyShelf(Path.Combine(stick, "plucky-rally-copies")).All().Count.ShouldBe(2);

        Directory.Delete(stick, recursive: true);
        (await _app.Post("/api/kept/copies", "{}")).EnsureSuccessStatusCode();
        var kept = await Kept();
        kept.Copies.Count.ShouldBe(3, "the copy beside the data is made anyway");
        kept.Second.Trouble.ShouldContain("not there");
    }

    /// <summary>The rule itself: days, weeks, months. Times are made up; what is kept is counted by hand.</summary>
    [Fact]
    public void Old_copies_are_thinned_out_by_a_plain_rule()
    {
        var now = new DateTimeOffset(2026, 11, 26, 12, 0, 0, TimeSpan.Zero);
        var daily = Enumerable.Range(0, 800).Select(d => now.AddDays(-d).AddHours(-1)).ToList();
        var kept = CopyRule.Kept(daily, now);
        daily.Take(7).ShouldAllBe(at => kept.Contains(at));
        kept.Count(at => at <= now.AddDays(-7) && at > now.AddDays(-56))
            .ShouldBeInRange(7, 10, "one a week, and the last of a month");
        kept.Count(at => at <= now.AddDays(-56)).ShouldBeInRange(10, 11, "one a month");
        kept.Min().ShouldBeGreaterThan(now.AddMonths(-12));
        CopyRule.Kept([now.AddYears(-3)], now).Count.ShouldBe(1, "the only one is never thrown away");
    }

    [Fact]
    public async Task What_the_rule_does_not_keep_goes_with_its_pictures()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await Photo(rally);
        var shelf = new CopyShelf(Path.Combine(_app.Folder, "elsewhere"));
        shelf.Make(Folder, CopyReason.ByHand, DateTimeOffset.UtcNow.AddYears(-2));
        (
            await _app.Client.DeleteAsync($"/api/rallies/{rally}", TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
        await _app.Sweep(TimeSpan.FromDays(31));
        shelf.Make(Folder, CopyReason.ByHand, DateTimeOffset.UtcNow);
        shelf.Prune(DateTimeOffset.UtcNow);
        shelf.All().ShouldHaveSingleItem().Photos.ShouldBeEmpty();
        Directory
            .GetFiles(Path.Combine(_app.Folder, "elsewhere"), "*.jpg", SearchOption.AllDirectories)
            .ShouldBeEmpty("a picture that was deleted is gone from the copies as they age");
    }

    [Fact]
    public async Task Whoever_looks_at_the_copies_while_some_are_made_and_thinned_out_sees_whole_ones()
    {
        await Until(k => k.Copies.Count == 1);
        var shelf = new CopyShelf(Path.Combine(_app.Folder, "elsewhere"));
        var made = Task.Run(
            () =>
            {
                for (var i = 0; i < 12; i++)
                {
                    shelf.Make(Folder, CopyReason.ByHand, DateTimeOffset.UtcNow.AddYears(-2).AddHours(i));
                    shelf.Prune(DateTimeOffset.UtcNow);
                }
            },
            TestContext.Current.CancellationToken
        );
        while (!made.IsCompleted)
        {
            shelf.All().Count.ShouldBeInRange(0, 2);
            shelf.Bytes().ShouldBeGreaterThanOrEqualTo(0);
        }

        await made;
        shelf.All().ShouldHaveSingleItem();
    }

    public void Dispose() => _app.Dispose();

    private Task<Kept> Kept() => _app.Get<Kept>("/api/kept");

    private async Task Photo(RallyId rally)
    {
        var body = new ByteArrayContent(Jpegs.Plain(60, 40));
        body.Headers.ContentType = new("image/jpeg");
        (
            await _app.Client.PostAsync(
                $"/api/rallies/{rally}/photos?photo={Guid.CreateVersion7()}&team=t1",
                body,
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
    }

    private async Task<string[]> Put(string path)
    {
        var answer = await _app.Client.PutAsync(
            "/api/kept/second",
            RunningApp.Body(Json.Write(new FolderNamed(path))),
            TestContext.Current.CancellationToken
        );
        return answer.IsSuccessStatusCode ? [] : await RunningApp.Places(answer);
    }

    private async Task Until(Predicate<Kept> holds)
    {
        using var patience = CancellationTokenSource.CreateLinkedTokenSource(TestContext.Current.CancellationToken);
        patience.CancelAfter(TimeSpan.FromSeconds(60));
        while (!holds(await Kept()))
            await Task.Delay(20, patience.Token);
    }
}
