using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Web.Photos;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Teams;

public sealed class ClassTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData("Ana Brown\nBen\n  Cleo van Dyk  ", "Ana B.|Ben|Cleo van D.")]
    [InlineData("given name,family name\nAna,Brown\nBen,Okoro", "Ana B.|Ben O.")]
    [InlineData("Familyname;Givenname\nBrown;Ana\nOkoro;Ben", "Ana B.|Ben O.")]
    [InlineData("given name,family name\nAna,Brown\n,Secret", "Ana B.")]
    [InlineData("Ana\tBrown\nBen\tOkoro", "Ana B.|Ben O.")]
    [InlineData(
        "\"sourcedId\",\"enabledUser\",\"givenName\",\"familyName\",\"role\"\n"
            + "\"u1\",\"true\",\"Ana\",\"Brown\",\"student\"",
        "Ana B."
    )]
    [InlineData("\uFEFFname\nAna B.", "Ana B.")]
    [InlineData("=HYPERLINK(1)\nBen", "=HYPERLINK(1)|Ben")]
    public async Task A_class_list_is_understood(string text, string names) =>
        string.Join('|', (await Look(text)).GetProperty("students").EnumerateArray().Select(p => p.GetString()))
            .ShouldBe(names);

    [Fact]
    public async Task Odd_lines_and_names_that_come_twice_are_said()
    {
        var list = await Look("name,group\nAna Brown,1\n,2\nAna Bell,1\n" + new string('x', 90));
        list.GetProperty("odd")
            .EnumerateArray()
            .Select(o => o.GetString())
            .ShouldBe([
                "Line 3 has no name in this column; it is left out.",
                "Line 5 is too long for a name; it is left out.",
                "Ana B. comes 2 times. They are told apart by a number.",
            ]);
        list.GetProperty("students").EnumerateArray().Select(p => p.GetString()).ShouldBe(["Ana B.", "Ana B. 2"]);
    }

    [Fact]
    public async Task The_columns_can_be_chosen()
    {
        var list = await RunningApp.Read(
            await _app.Post("/api/classes/look", new ClassListSent("a,Brown,Ana\nb,Okoro,Ben", Given: 2, Family: 1))
        );
        list.GetProperty("students")[1].GetString().ShouldBe("Ben O.");
        list.GetProperty("columns").GetArrayLength().ShouldBe(3);
        (await RunningApp.Places(await _app.Post("/api/classes/look", new ClassListSent("a,b", Given: 7)))).ShouldBe([
            "/given",
        ]);
    }

    [Fact]
    public async Task Nobody_is_refused() =>
        (await RunningApp.Places(await _app.Post("/api/classes/look", new ClassListSent(" \n ")))).ShouldBe(["/text"]);

    [Fact]
    public async Task Teams_avoid_earlier_partners_and_jobs_go_round()
    {
        var (id, _) = await Class(8);
        for (var rally = 0; rally < 3; rally++)
        {
            var made = await Make(id, [], size: 2);
            made.GetProperty("made")
                .GetProperty("repeats")
                .GetInt32()
                .ShouldBe(0, $"rally {rally}: 7 rounds without a repeat exist for 8");
            var dealt = made.GetProperty("dealt").EnumerateArray().SelectMany(t => t.EnumerateArray()).ToList();
            dealt.Count.ShouldBe(16);
            if (rally == 0)
                dealt.ShouldAllBe(j => j.GetProperty("before").GetInt32() == 0);
            if (rally == 1)
                dealt
                    .Count(j => j.GetProperty("before").GetInt32() == 0)
                    .ShouldBeGreaterThanOrEqualTo(8, "of two, one at least has not had a job");
            await Begin(made);
        }
    }

    [Fact]
    public async Task Who_is_absent_is_in_no_team()
    {
        var (id, students) = await Class(5);
        var made = await Make(id, [students[0]], size: 2);
        made.GetProperty("made")
            .GetProperty("teams")
            .EnumerateArray()
            .SelectMany(t => t.EnumerateArray())
            .Select(p => p.GetString())
            .Order()
            .ShouldBe(students.Skip(1).Select(p => p.ToString()).Order());
        (
            await RunningApp.Places(
                await _app.Post(
                    $"/api/classes/{id}/teams",
                    new TeamsWanted([.. students], new(), await _app.AddBrief(Sample.Brief()))
                )
            )
        ).ShouldBe(["/students"]);
    }

    [Fact]
    public async Task A_student_who_is_removed_is_gone_from_every_record_and_entries_stay()
    {
        var (id, students) = await Class(4);
        var rally = await Begin(await Make(id, [], size: 4));
        (await _app.Post($"/api/rallies/{rally}/entries", (Entry)Sample.Caught("200"))).EnsureSuccessStatusCode();
        (await Team(rally)).Count.ShouldBe(4);
        (
            await _app.Client.DeleteAsync($"/api/students/{students[0]}", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (
            await _app.Client.DeleteAsync($"/api/students/{students[0]}", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Team(rally)).Count.ShouldBe(3);
        await using var db = _app.OpenDb();
        (await db.Entries.CountAsync(TestContext.Current.CancellationToken)).ShouldBe(1);
        (
            await db.TeamStudents.CountAsync(m => m.StudentId == students[0], TestContext.Current.CancellationToken)
        ).ShouldBe(0);
    }

    [Fact]
    public async Task A_rally_with_a_student_who_is_not_there_is_refused() =>
        (
            await RunningApp.Places(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = await _app.AddBrief(Sample.Brief()),
                        Name = "A class",
                        Teams = [new("Terns") { Students = [new(Guid.NewGuid(), [])] }],
                    }
                )
            )
        ).ShouldBe(["/teams/0/students/0"]);

    [Fact]
    public async Task Names_typed_behind_their_teams_are_a_class_for_the_next_time()
    {
        var brief = await _app.AddBrief(Sample.Brief());
        Task<HttpResponseMessage> Typed(params NewTeam[] teams) => InClass("Tide pool group", teams);
        Task<HttpResponseMessage> InClass(string? group, params NewTeam[] teams) =>
            _app.Post(
                "/api/rallies",
                new NewRally
                {
                    Brief = brief,
                    Name = "Tuesday",
                    Teams = teams,
                    Class = group,
                }
            );

        (await RunningApp.Places(await Typed(new NewTeam("Snails") { Names = ["Ola", "Per", "ola"] }))).ShouldBe([
            "/teams/0/names/2",
        ]);
        (await RunningApp.Places(await Typed(new NewTeam("Snails") { Names = ["Ola", " "] }))).ShouldBe([
            "/teams/0/names/1",
        ]);
        (await RunningApp.Places(await Typed(new NewTeam("") { Names = ["Ola"] }))).ShouldBe(["/teams/0/name"]);
        (await RunningApp.Places(await InClass(null, new NewTeam("Snails") { Names = ["Ola"] }))).ShouldBe(
            ["/class"],
            "no class is made in silence"
        );
        var nameless = (await RunningApp.Read(await InClass("", new NewTeam("Snails") { Names = ["Ola", "Per"] })))
            .GetProperty("id")
            .GetGuid();
        (await Team(nameless)).ShouldBeEmpty("their names are left out");
        (await _app.Get<List<ClassOpened>>("/api/classes")).ShouldBeEmpty("nothing is kept of what was refused");

        var first = (
            await RunningApp.Read(
                await Typed(new NewTeam("Snails") { Names = ["Ola", " Per "] }, new NewTeam("Whelks"))
            )
        )
            .GetProperty("id")
            .GetGuid();
        (await Team(first)).Select(p => p.GetProperty("name").GetString()).ShouldBe(["Ola", "Per"]);
        var again = (await RunningApp.Read(await Typed(new NewTeam("Snails") { Names = ["Per", "Ria"] })))
            .GetProperty("id")
            .GetGuid();
        (await Team(again)).Select(p => p.GetProperty("name").GetString()).ShouldBe(["Per", "Ria"]);
        (await _app.Get<List<ClassOpened>>("/api/classes"))
            .ShouldHaveSingleItem()
            .Students.Select(p => p.Name)
            .ShouldBe(["Ola", "Per", "Ria"]);
    }

    [Fact]
    public async Task Whose_photo_may_not_be_taken_is_said_of_the_team_without_a_name()
    {
        var (id, students) = await Class(4);
        var made = await Make(id, [], size: 2);
        var rally = await Begin(made);
        (await Photos(rally)).WorkOnly.ShouldBeEmpty();
        using var set = await _app.Put($"/api/students/{students[0]}/photos", new PhotosTaken(Taken: false));
        set.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Photos(rally)).WorkOnly.ShouldHaveSingleItem();
        (await _app.Get<List<ClassOpened>>("/api/classes")).Single().Students.Count(p => !p.Photos).ShouldBe(1);
        using var nobody = await _app.Put($"/api/students/{Guid.NewGuid()}/photos", new PhotosTaken(Taken: false));
        nobody.StatusCode.ShouldBe(HttpStatusCode.NotFound);

        Task<RallyPhotos> Photos(Guid of) => _app.Get<RallyPhotos>($"/api/rallies/{of}/photos");
    }

    [Fact]
    public async Task A_brief_deals_its_own_jobs()
    {
        var (id, _) = await Class(4);
        var made = await Make(
            id,
            [],
            size: 2,
            Sample.Brief() with
            {
                Jobs = [new("lookout", "Keeps the lookout", "Watches the water.")],
            }
        );
        made.GetProperty("jobs")[0].GetProperty("name").GetString().ShouldBe("Keeps the lookout");
        made.GetProperty("dealt")
            .EnumerateArray()
            .ShouldAllBe(t => t.GetArrayLength() == 1 && t[0].GetProperty("job").GetString() == "lookout");
    }

    [Fact]
    public async Task A_student_is_renamed_everywhere_and_one_is_added()
    {
        var (id, students) = await Class(2);
        var rally = await Begin(await Make(id, [], size: 2));
        (
            await Put(
                $"/api/students/{students[0]}",
                """{ "was": { "name": "Student 1" }, "now": { "name": " Wren A. " } }"""
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Team(rally)).Select(p => p.GetProperty("name").GetString()).ShouldBe(["Wren A.", "Student 2"]);
        (
            await RunningApp.Places(
                await Put(
                    $"/api/students/{students[0]}",
                    """{ "was": { "name": "Wren A." }, "now": { "name": " " } }"""
                )
            )
        ).ShouldBe(["/name"]);
        (
            await Put($"/api/students/{Guid.NewGuid()}", """{ "was": { "name": "y" }, "now": { "name": "x" } }""")
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);

        (await _app.Post($"/api/classes/{id}/students", """{ "name": "Torin B." }""")).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
        (await _app.Get<List<ClassOpened>>("/api/classes"))
            .ShouldHaveSingleItem()
            .Students.Select(p => p.Name)
            .ShouldBe(["Wren A.", "Student 2", "Torin B."]);
        (await _app.Post($"/api/classes/{Guid.NewGuid()}/students", """{ "name": "x" }""")).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task The_history_of_a_class_is_read_from_its_rallies()
    {
        var (id, students) = await Class(2);
        await Begin(await Make(id, [], size: 2));
        var history = await _app.Get<ClassHistory>($"/api/classes/{id}/history");
        history.Pairs.ShouldHaveSingleItem().Times.ShouldBe(1);
        history.Jobs.Sum(j => j.Times).ShouldBe(4);
        history.Jobs.Select(j => j.Student).Distinct().ShouldBe(students.Select(StudentId.OfClass), ignoreOrder: true);
    }

    /// <summary>A rally from another computer names students by that one's ids.</summary>
    [Fact]
    public async Task A_rally_from_a_file_finds_its_students_by_their_names()
    {
        await Class(2);
        var rally = new Rally
        {
            Name = "From elsewhere",
            Edition = new Edition { Brief = Sample.Brief() },
            Teams =
            [
                new Team
                {
                    Id = new("t1"),
                    Name = "Able",
                    Members = 2,
                    Students = [new(new("p1"), "Student 2", ["record"]), new(new("p2"), "Stranger", [])],
                },
            ],
        };
        var id = (await RunningApp.Read(await _app.Post("/api/files", Json.Write(rally)))).GetProperty("id").GetGuid();
        (await Team(id)).Select(p => p.GetProperty("name").GetString()).ShouldBe(["Student 2"]);
    }

    public void Dispose() => AppPool.Return(_app);

    private Task<HttpResponseMessage> Put(string path, string json) =>
        _app.Client.PutAsync(path, RunningApp.Body(json), TestContext.Current.CancellationToken);

    private async Task<JsonElement> Look(string text) =>
        await RunningApp.Read(await _app.Post("/api/classes/look", new ClassListSent(text)));

    private async Task<(Guid Id, IReadOnlyList<Guid> Students)> Class(int count)
    {
        var made = await RunningApp.Read(
            await _app.Post(
                "/api/classes",
                new NewClass("Class 4", [.. Enumerable.Range(1, count).Select(i => $"Student {i}")])
            )
        );
        return (
            made.GetProperty("id").GetGuid(),
            [.. made.GetProperty("students").EnumerateArray().Select(p => p.GetProperty("id").GetGuid())]
        );
    }

    private async Task<JsonElement> Make(Guid id, IReadOnlyList<Guid> absent, int size, Brief? brief = null) =>
        await RunningApp.Read(
            await _app.Post(
                $"/api/classes/{id}/teams",
                new TeamsWanted(absent, new() { Size = size }, await _app.AddBrief(brief ?? Sample.Brief()))
            )
        );

    private async Task<Guid> Begin(JsonElement made)
    {
        var jobs = made.GetProperty("dealt").EnumerateArray().ToList();
        var teams = made.GetProperty("made")
            .GetProperty("teams")
            .EnumerateArray()
            .Select(
                (t, i) =>
                    new NewTeam($"Team {i + 1}")
                    {
                        Students =
                        [
                            .. t.EnumerateArray()
                                .Select(p => new NewTeamStudent(
                                    p.GetGuid(),
                                    [
                                        .. jobs[i]
                                            .EnumerateArray()
                                            .Where(j => j.GetProperty("student").GetString() == p.GetString())
                                            .Select(j => j.GetProperty("job").GetString()!),
                                    ]
                                )),
                        ],
                    }
            )
            .ToList();
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(Sample.Brief()),
                Name = "A class",
                Teams = teams,
            }
        );
        begun.EnsureSuccessStatusCode();
        return (await RunningApp.Read(begun)).GetProperty("id").GetGuid();
    }

    private async Task<List<JsonElement>> Team(Guid rally) =>
        [
            .. (
                await _app.Client.GetFromJsonAsync<JsonElement>(
                    $"/api/rallies/{rally}",
                    TestContext.Current.CancellationToken
                )
            )
                .GetProperty("teams")[0]
                .GetProperty("pupils")
                .EnumerateArray(),
        ];
}
