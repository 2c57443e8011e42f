using System.Net;
using PluckyRally.Core.Score;
using PluckyRally.Data.Removals;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Keeping;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Keeping;

/// <summary>What is deleted can be restored for thirty days, and then it is gone.</summary>
public sealed class RemovalTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData("7")]
    [InlineData("-1")]
    [InlineData("2")]
    public async Task A_number_is_no_sort_of_thing(string sort)
    {
        (await _app.Post($"/api/kept/removed/{sort}/{Guid.NewGuid()}/back", "{}")).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (
            await _app.Client.DeleteAsync(
                $"/api/kept/removed/{sort}/{Guid.NewGuid()}",
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_rally_comes_back_whole_and_its_brief_by_itself()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).EnsureSuccessStatusCode();
        var brief = (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Single().Id;
        await Delete($"/api/rallies/{rally}");
        await Delete($"/api/briefs/{brief}");
        (await Status($"/api/rallies/{rally}")).ShouldBe(HttpStatusCode.NotFound);
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("210"))).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (await _app.Get<List<RallyOnShelf>>("/api/rallies")).ShouldBeEmpty();
        (await _app.Get<List<Removed>>("/api/kept/removed"))
            .Select(r => (r.Sort, r.Name))
            .ShouldBe([(RemovedSort.Brief, "Rain catcher"), (RemovedSort.Rally, "A class")]);
        await Back(RemovedSort.Rally, rally.Value);
        await Back(RemovedSort.Brief, brief.Value);
        (await _app.Get<RallyOpened>($"/api/rallies/{rally}")).Progress.AsOf.ShouldBe(1);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Count.ShouldBe(1);
        (await _app.Post($"/api/kept/removed/rally/{rally}/back", "{}")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task A_search_finds_what_is_archived_or_deleted_and_it_comes_back_to_where_it_was()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var brief = (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Single().Id;
        (await Found("rain")).Rallies.ShouldHaveSingleItem().Id.ShouldBe(rally);
        (await Found("rain")).Briefs.ShouldBeEmpty("it is among the briefs that are listed");
        (await _app.Put($"/api/briefs/{brief}/archived", new Archived(Away: true))).EnsureSuccessStatusCode();
        (await Found("catcher RAIN")).Briefs.ShouldHaveSingleItem().Id.ShouldBe(brief);
        (await Found("")).Rallies.ShouldBeEmpty("nothing is searched for");
        await Delete($"/api/briefs/{brief}");
        await Delete($"/api/rallies/{rally}");
        var found = await Found("rain");
        (found.Briefs.Count, found.Rallies.Count).ShouldBe((0, 0));
        found
            .Removed.Select(r => (r.Sort, r.Archived))
            .ShouldBe([(RemovedSort.Rally, false), (RemovedSort.Brief, true)], ignoreOrder: true);
        await Back(RemovedSort.Brief, brief.Value);
        (await Found("rain")).Briefs.ShouldHaveSingleItem("it is archived, as it was").Id.ShouldBe(brief);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();

        Task<Found> Found(string search) => _app.Get<Found>($"/api/kept/found?search={Uri.EscapeDataString(search)}");
    }

    [Fact]
    public async Task After_thirty_days_it_is_gone_and_not_a_day_before()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        await Delete($"/api/rallies/{rally}");
        await _app.Sweep(TimeSpan.FromDays(29));
        (await _app.Get<List<Removed>>("/api/kept/removed")).Count.ShouldBe(1);
        await _app.Sweep(TimeSpan.FromDays(30) + TimeSpan.FromMinutes(1));
        (await _app.Get<List<Removed>>("/api/kept/removed")).ShouldBeEmpty();
        await using var db = _app.OpenDb();
        db.Teams().ShouldBe(0);
    }

    [Fact]
    public async Task A_class_comes_back_with_the_students_that_went_with_it_and_no_others()
    {
        var (group, rally) = await ClassInRally();
        await Delete($"/api/students/{group.Students[0].Id}");
        await Delete($"/api/classes/{group.Id}");
        (await _app.Get<List<ClassOpened>>("/api/classes")).ShouldBeEmpty();
        (await Students(rally)).ShouldBeEmpty();
        (await _app.Get<List<Removed>>("/api/kept/removed"))
            .ShouldHaveSingleItem("a student who went before is not offered without the class")
            .Sort.ShouldBe(RemovedSort.Class);
        await Back(RemovedSort.Class, group.Id);
        (await Students(rally)).ShouldBe(["Osk B."]);
        await Back(RemovedSort.Student, group.Students[0].Id);
        (await Students(rally)).ShouldBe(["Iva A.", "Osk B."], ignoreOrder: true);
    }

    /// <summary>
    /// The race in which the name came back: a rally that was being read while the student was removed was kept as it
    /// had
    /// been.
    /// </summary>
    [Fact]
    public async Task A_student_who_is_removed_is_gone_from_everything_that_runs_however_it_is_asked_meanwhile()
    {
        for (var turn = 0; turn < 12; turn++)
        {
            var (group, rally) = await ClassInRally();
            using var ended = new CancellationTokenSource();
            var asking = Enumerable
                .Range(0, 6)
                .Select(_ =>
                    Task.Run(async () =>
                    {
                        while (!ended.IsCancellationRequested)
                        {
                            _app.Service<Data.Rallies.RallyOwners>().ForgetAll();
                            await Students(rally);
                        }
                    })
                )
                .ToList();
            await Delete($"/api/students/{group.Students[0].Id}");
            await ended.CancelAsync();
            await Task.WhenAll(asking);
            (await Students(rally)).ShouldBe(["Osk B."]);
            (
                await _app.Client.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken)
            ).ShouldNotContain("Iva");
        }
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<(ClassOpened Class, Guid Rally)> ClassInRally()
    {
        var made = await _app.Post(
            "/api/classes",
            new NewClass($"Class {Guid.NewGuid():N}"[..20], ["Iva A.", "Osk B."])
        );
        made.EnsureSuccessStatusCode();
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        var group = (await _app.Get<List<ClassOpened>>("/api/classes")).Single(c => c.Id == id);
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(Sample.Brief()),
                Name = "A class",
                Teams =
                [
                    new NewTeam("Able") { Students = [.. group.Students.Select(p => new NewTeamStudent(p.Id, []))] },
                ],
            }
        );
        begun.EnsureSuccessStatusCode();
        return (group, (await RunningApp.Read(begun)).GetProperty("id").GetGuid());
    }

    private async Task<List<string>> Students(Guid rally) =>
        [.. (await _app.Get<RallyOpened>($"/api/rallies/{rally}")).Teams.Single().Students.Select(p => p.Name)];

    private async Task<HttpStatusCode> Status(string path) =>
        (await _app.Client.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode;

    private async Task Delete(string path) =>
        (await _app.Client.DeleteAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.NoContent,
            path
        );

    private async Task Back(RemovedSort sort, Guid id) =>
        (
            await _app.Post($"/api/kept/removed/{sort.ToString().ToLowerInvariant()}/{id}/back", "{}")
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
}

internal static class Counting
{
    public static int Teams(this Data.RallyDb db) => db.Set<Data.Rallies.StoredTeam>().Count();
}
