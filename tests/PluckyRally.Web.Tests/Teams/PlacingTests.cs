using System.Net;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Year;

namespace PluckyRally.Web.Tests.Teams;

/// <summary>
/// Latecomers to a rally: a student of the class, with its preferences; names stay out of the log and go when they are
/// deleted.
/// </summary>
public sealed class PlacingTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    public void Dispose() => AppPool.Return(_app);

    [Fact]
    public async Task A_student_comes_late_is_named_everywhere_and_gone_with_the_name()
    {
        var (group, rally, students) = await Begin();
        (await _app.Get<List<ClassOpened>>($"/api/rallies/{rally}/placing"))
            .ShouldHaveSingleItem()
            .Students.Select(p => p.Name)
            .ShouldBe(["Cai"]);
        (
            await _app.Put(
                $"/api/classes/{group}/preferences",
                new Edited<ClassPreferences>(
                    ClassPreferences.None,
                    new(
                        [],
                        [
                            [new(students[0]), new(students[2])],
                        ],
                        []
                    )
                )
            )
        ).EnsureSuccessStatusCode();
        (await _app.Get<List<string>>($"/api/rallies/{rally}/placing/{students[2]}?team=t1")).ShouldBe([
            "Cai and Ana are to be kept apart.",
        ]);
        (await _app.Get<List<string>>($"/api/rallies/{rally}/placing/{students[2]}?team=t2")).ShouldBeEmpty();
        (await _app.Get<List<ClassOpened>>("/api/classes"))
            .Single()
            .Preferences.Apart.ShouldHaveSingleItem()
            .ShouldBe([new StudentId(students[0]), new StudentId(students[2])]);

        (
            await _app.Post(
                $"/api/rallies/{rally}/entries",
                (Entry)
                    new Entry.StudentPlaced
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t2"),
                        Student = new(students[2]),
                    }
            )
        ).EnsureSuccessStatusCode();
        (await Team(rally, 1)).ShouldBe(["Ben", "Cai"]);
        (await _app.Get<List<LogLine>>($"/api/rallies/{rally}/placing/log"))
            .ShouldHaveSingleItem()
            .Says.ShouldBe("Cai came to Whelks");
        (await _app.Get<List<ClassOpened>>($"/api/rallies/{rally}/placing")).Single().Students.ShouldBeEmpty();
        await using (var db = _app.OpenDb())
            (await db.Entries.SingleAsync(TestContext.Current.CancellationToken)).Document.ShouldNotContain("Cai");

        // They have worked together now, and that is known the next time.
        (await _app.Get<ClassHistory>($"/api/classes/{group}/history")).Pairs.ShouldHaveSingleItem();
        var file = await _app.Client.GetStringAsync(
            $"/api/rallies/{rally}/file",
            TestContext.Current.CancellationToken
        );
        DocumentReader.Rally(file).OrThrow().Value.Latecomers.ShouldHaveSingleItem().Name.ShouldBe("Cai");

        (
            await _app.Client.DeleteAsync($"/api/students/{students[2]}", TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
        (
            await _app.Client.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken)
        ).ShouldNotContain("Cai");
    }

    [Fact]
    public async Task A_file_with_a_late_team_and_a_late_student_comes_in_as_it_went_out()
    {
        var (_, rally, students) = await Begin();
        foreach (
            var entry in new Entry[]
            {
                new Entry.TeamJoined
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("late-1"),
                    Name = "Gannets",
                    Members = 2,
                },
                new Entry.StudentPlaced
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("late-1"),
                    Student = new(students[2]),
                },
                new Entry.TeamAway
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t2"),
                    Reason = "at the dentist",
                },
                Sample.Caught("210", "late-1"),
            }
        )
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();

        var file = await _app.Client.GetStringAsync(
            $"/api/rallies/{rally}/file",
            TestContext.Current.CancellationToken
        );
        using var sent = await _app.Client.PostAsync(
            "/api/files",
            RunningApp.Body(file),
            TestContext.Current.CancellationToken
        );
        var copy = (await RunningApp.Read(sent)).GetProperty("id").GetGuid();
        var (had, has) = (
            await _app.Get<RallyOpened>($"/api/rallies/{rally}"),
            await _app.Get<RallyOpened>($"/api/rallies/{copy}")
        );
        Json.Write(has.Teams).ShouldBe(Json.Write(had.Teams));
        has.Teams.Select(t => $"{t.Name} {t.Away} {string.Join('+', t.Students.Select(p => p.Name))}")
            .ShouldBe(["Terns  Ana", "Whelks at the dentist Ben", "Gannets  Cai"]);
        (await _app.Get<Standings>($"/api/rallies/{copy}/results"))
            .Rows.Select(r => r.Status)
            .ShouldBe([StandingStatus.Unfinished, StandingStatus.Unfinished, StandingStatus.Away]);
    }

    [Fact]
    public async Task A_rally_is_archived_and_brought_back()
    {
        var (_, rally, _) = await Begin();
        (await _app.Put($"/api/rallies/{rally}/archived", new RallyArchived(true))).EnsureSuccessStatusCode();
        (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Single().Archived.ShouldBeTrue();
        (await _app.Get<YearLine>("/api/year")).Next.ShouldBeNull("what is archived is not the next one");
        (await _app.Put($"/api/rallies/{rally}/archived", new RallyArchived(false))).EnsureSuccessStatusCode();
        (await _app.Get<YearLine>("/api/year")).Next.ShouldNotBeNull();
    }

    [Fact]
    public async Task Only_the_rallys_own_class_could_come_though_somebody_of_another_one_came()
    {
        var (_, rally, _) = await Begin();
        var other = await RunningApp.Read(await _app.Post("/api/classes", new NewClass("Class 31", ["Dee", "Eli"])));
        var guest = other.GetProperty("students")[0].GetProperty("id").GetString()!;
        (await Classes()).ShouldBe(["Class 3"]);
        (await Place(rally, guest)).EnsureSuccessStatusCode();
        (await Classes()).ShouldBe(["Class 3"]);

        async Task<IEnumerable<string>> Classes() =>
            (await _app.Get<List<ClassOpened>>($"/api/rallies/{rally}/placing")).Select(c => c.Name);
    }

    [Theory]
    [InlineData("0199a1b2-0000-7000-8000-000000000001")]
    [InlineData("Ana")]
    public async Task A_student_whom_no_class_knows_is_refused_and_no_name_gets_into_the_log(string student)
    {
        var (_, rally, _) = await Begin();
        using var refused = await Place(rally, student);
        refused.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(refused)).ShouldBe(["/pupil"]);
        (await _app.Get<Rally>($"/api/rallies/{rally}/file")).Entries.ShouldBeEmpty();
    }

    [Fact]
    public async Task A_team_that_is_refused_leaves_no_row_behind()
    {
        var (_, rally, _) = await Begin();
        using var refused = await _app.Post<Entry>(
            $"/api/rallies/{rally}/entries",
            new Entry.TeamJoined
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("late"),
                Name = "",
            }
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Single().Teams.ShouldBe(2);
    }

    [Fact]
    public async Task Attendance_is_taken_with_one_entry_for_each_change_and_names_stay_out_of_the_log()
    {
        var (_, rally, students) = await Begin();
        var list = $"/api/rallies/{rally}/attendance";
        (await Seen()).ShouldBe(["Ana here: Terns", "Ben here: Whelks", "Cai absent: "]);
        await Turn(students[2], here: true);
        (await Seen())[2].ShouldBe("Cai here: Terns", "one student each: the first");
        await Turn(students[1], here: false);
        (await Seen())[1].ShouldBe("Ben absent: Whelks");
        (await _app.Get<RallyOpened>($"/api/rallies/{rally}"))
            .Teams.Select(t => $"{t.Name}{(t.Away is { } why ? $" ({why})" : "")}")
            .ShouldBe(["Terns", "Whelks (everyone is absent)"]);
        await Turn(students[1], here: true);
        await Turn(students[1], here: true);
        (await Seen())[1].ShouldBe("Ben here: Whelks");
        (await _app.Get<List<LogLine>>($"/api/rallies/{rally}/placing/log"))
            .Select(l => l.Says)
            .ShouldBe([
                "Ben came to Whelks",
                "Whelks: takes part again",
                "Whelks: not ranked: everyone is absent",
                "Ben left",
                "Cai came to Terns",
            ]);
        await using (var db = _app.OpenDb())
            (await db.Entries.Select(e => e.Document).ToListAsync(TestContext.Current.CancellationToken)).ShouldAllBe(
                d => !d.Contains("Cai") && !d.Contains("Ben")
            );
        using var stranger = await _app.Put($"{list}/nobody", new Presence(true));
        stranger.StatusCode.ShouldBe(HttpStatusCode.NotFound);

        async Task Turn(string who, bool here) =>
            (await _app.Put($"{list}/{who}", new Presence(here))).EnsureSuccessStatusCode();

        async Task<List<string>> Seen() =>
            [
                .. (await _app.Get<List<AttendanceLine>>(list)).Select(l =>
                    $"{l.Name} {(l.Here ? "here" : "absent")}: {l.Note}"
                ),
            ];
    }

    /// <summary>Four students come in four windows at one moment: two teams of one become two teams of three.</summary>
    [Fact]
    public async Task Windows_that_call_the_register_at_one_moment_decide_one_after_the_other()
    {
        var (group, rally, _) = await Begin();
        foreach (var name in new[] { "Dov", "Eli", "Fay" })
            (await _app.Post($"/api/classes/{group}/students", new StudentNamed(name))).EnsureSuccessStatusCode();
        var list = $"/api/rallies/{rally}/attendance";
        var absent = (await _app.Get<List<AttendanceLine>>(list)).Where(l => !l.Here).Select(l => l.Id).ToList();
        absent.Count.ShouldBe(4);
        var answers = await Task.WhenAll(absent.Select(who => _app.Put($"{list}/{who}", new Presence(true))));
        answers.ShouldAllBe(a => a.IsSuccessStatusCode);
        (await _app.Get<RallyOpened>($"/api/rallies/{rally}")).Teams.Select(t => t.Students.Count).ShouldBe([3, 3]);
    }

    [Fact]
    public async Task A_late_team_is_counted_as_long_as_its_entry_stands()
    {
        var (_, rally, _) = await Begin();
        var joined = new Entry.TeamJoined
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("late"),
            Name = "Plovers",
        };
        await Record(joined);
        (await OnHome()).ShouldBe(3);
        var strike = new Entry.StruckOut { Id = new(Guid.CreateVersion7()), Entry = joined.Id };
        await Record(strike);
        (await OnHome()).ShouldBe(2);
        await Record(new Entry.StruckOut { Id = new(Guid.CreateVersion7()), Entry = strike.Id });
        (await OnHome()).ShouldBe(3);

        async Task Record(Entry entry) =>
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();

        async Task<int> OnHome() => (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Single().Teams;
    }

    private Task<HttpResponseMessage> Place(Guid rally, string student) =>
        _app.Post<Entry>(
            $"/api/rallies/{rally}/entries",
            new Entry.StudentPlaced
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t2"),
                Student = new(student),
            }
        );

    private async Task<(Guid Class, Guid Rally, string[] Students)> Begin()
    {
        var made = await RunningApp.Read(
            await _app.Post("/api/classes", new NewClass("Class 3", ["Ana", "Ben", "Cai"]))
        );
        var students = made.GetProperty("students")
            .EnumerateArray()
            .Select(p => p.GetProperty("id").GetString()!)
            .ToArray();
        var begun = await RunningApp.Read(
            await _app.Post(
                "/api/rallies",
                new NewRally
                {
                    Brief = await _app.AddBrief(Sample.Brief()),
                    Name = "Class 3",
                    Date = new DateOnly(2199, 1, 1),
                    Teams =
                    [
                        new("Terns") { Students = [new(Guid.Parse(students[0]), [])] },
                        new("Whelks") { Students = [new(Guid.Parse(students[1]), [])] },
                    ],
                }
            )
        );
        return (made.GetProperty("id").GetGuid(), begun.GetProperty("id").GetGuid(), students);
    }

    private async Task<IEnumerable<string>> Team(Guid rally, int at) =>
        (await _app.Get<RallyOpened>($"/api/rallies/{rally}")).Teams[at].Students.Select(p => p.Name);
}
