using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Ical.Net;
using PluckyRally.Core.Day;
using PluckyRally.Core.Files;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Day;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Day;

/// <summary>
/// A fair day with two rallies: who sees it, who is at which table, and the combined results where the teacher wants
/// them seen.
/// </summary>
public sealed class DayTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task One_code_leads_to_the_page_of_the_day_and_tables_go_on_with_what_is_recorded()
    {
        await _class.Begin();
        var brief = await _class.App.AddBrief(Sample.Brief());
        var (one, two, other) = (
            await _class.App.Begin(brief, "Able", "Baker", "Cole"),
            await _class.App.Begin(brief, "Dune", "Eider"),
            await _class.App.Begin(Sample.Brief(), "Finch")
        );
        var day = new FairDay
        {
            Name = "Quay day",
            Date = new(2026, 11, 27),
            Slots =
            [
                new()
                {
                    Rally = one,
                    Tables = 2,
                    From = new(9, 15),
                    Where = "Hall",
                },
                new() { Rally = two },
            ],
        };
        using var made = await _class.App.Post("/api/days", day);
        made.StatusCode.ShouldBe(HttpStatusCode.Created);
        var id = (
            await made.Content.ReadFromJsonAsync<DayMade>(Json.Options, TestContext.Current.CancellationToken)
        )!.Id;

        using var pass = await _class.App.Post(
            $"/api/rallies/{one}/passes",
            new NewPass(PassKind.Helper) { Also = [two] }
        );
        var code = (await RunningApp.Read(pass)).GetProperty("code").GetString()!;
        using var device = _class.App.Device();
        using var joined = await device.PostAsync(
            "/api/join",
            RunningApp.Body($$"""{"code":"{{code}}","name":"Wren"}"""),
            TestContext.Current.CancellationToken
        );
        (await RunningApp.Read(joined)).GetProperty("day").GetGuid().ShouldBe(id);

        var opened = await Open(device, id);
        opened.Rallies.Select(r => r.Role).ShouldBe([CallerRole.Helper, CallerRole.Helper]);
        Lines(opened).ShouldBe(["1: Able, Cole", "2: Baker"]);
        opened.Lists.ShouldBeEmpty("the teacher has not put it on the board");
        foreach (var entry in new Entry[] { Sample.Stands(true), Sample.Caught("210"), Sample.Caught("220") })
            await Classroom.Record(_class.Teacher, one, entry);
        Lines(await Open(device, id)).ShouldBe(["1: Cole", "2: Baker"]);

        // A helper sends teams from table to table, and has no part in the talk or in rounds.
        await Classroom.Record(
            device,
            one,
            new Entry.SentToTable
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t3"),
                Table = 2,
            }
        );
        Lines(await Open(device, id)).ShouldBe(["1: ", "2: Baker, Cole"]);
        (await Classroom.Refusal(device, one, new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) })).ShouldBe(
            "This is the teacher's to record."
        );
        (
            await Classroom.Refusal(
                device,
                one,
                new Entry.AnswerGiven
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Question = 1,
                    Text = "Yes",
                }
            )
        ).ShouldBe("This belongs to the talk afterwards.");

        (
            await _class.App.Put($"/api/days/{id}", new Edited<FairDay>(day, day with { ListOnBoard = true }))
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Open(device, id)).Lists.ShouldHaveSingleItem().Lists.Single().Rows[0].Name.ShouldBe("Able");

        // How results are combined is the day's too.
        var places = new Combined { By = CombinedBy.PlacePoints, PlacePoints = [5, 3] };
        var listed = day with { ListOnBoard = true };
        (
            await _class.App.Put($"/api/days/{id}", new Edited<FairDay>(listed, listed with { Combined = places }))
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Open(device, id)).Lists.Single().WinsText.ShouldStartWith("Points for the place in each class: 5, 3.");
        using var backward = await _class.App.Put(
            $"/api/days/{id}",
            new Edited<FairDay>(
                listed with
                {
                    Combined = places,
                },
                listed with
                {
                    Combined = places with { PlacePoints = [3, 5] },
                }
            )
        );
        (await RunningApp.Places(backward)).ShouldBe(["/combined/placePoints"]);

        using var stranger = await _class.Judge(other, "Aide");
        (await stranger.GetAsync($"/api/days/{id}", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await device.GetAsync("/api/days", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden,
            "the list of days is the teacher's"
        );
        (
            await device.PutAsync(
                $"/api/days/{id}",
                RunningApp.Body(Json.Write(new Edited<FairDay>(day, day))),
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
    }

    /// <summary>
    /// One class of two teams and one of one: places by the highest total, with three heights typed in by hand.
    /// </summary>
    [Fact]
    public async Task The_board_shows_what_the_teacher_chose_and_no_place_before_it_is_revealed()
    {
        await _class.Begin();
        var brief = await _class.App.AddBrief(Sample.Brief());
        var (one, two) = (await _class.App.Begin(brief, "Able", "Baker"), await _class.App.Begin(brief, "Dune"));
        foreach (var (rally, team, caught) in new[] { (one, "t1", 210), (one, "t2", 230), (two, "t1", 220) })
        foreach (
            var entry in new Entry[]
            {
                Sample.Stands(true, team),
                Sample.Caught($"{caught}", team),
                Sample.Caught($"{caught}", team),
            }
        )
            await Classroom.Record(_class.Teacher, rally, entry);
        using var made = await _class.App.Post(
            "/api/days",
            new FairDay
            {
                Name = "Quay day",
                Date = new(2026, 11, 27),
                Slots = [new() { Rally = one }, new() { Rally = two }],
            }
        );
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        using var wall = await _class.Wall(one);

        (await Names(wall, id)).ShouldBeEmpty("the combined results are not wanted on the board");
        await Show(id, new() { Shows = DayBoardShows.Class });
        (await Names(wall, id)).ShouldBe(["Baker", "Able", "Dune"]);
        foreach (
            var (places, names) in new (int, string[])[]
            {
                (0, []),
                (1, ["Able"]),
                (2, ["Dune", "Able"]),
                (3, ["Baker", "Dune", "Able"]),
            }
        )
        {
            await Show(id, new() { Shows = DayBoardShows.Reveal, Revealed = places });
            (await Names(wall, id)).ShouldBe(names);
        }

        using var refused = await _class.App.Put($"/api/days/{id}/board", new BoardOfDay { Revealed = -1 });
        (await RunningApp.Places(refused)).ShouldBe(["/revealed"]);
        (
            await wall.PutAsync(
                $"/api/days/{id}/board",
                RunningApp.Body(Json.Write(new BoardOfDay())),
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Forbidden, "a wall only shows it");

        // The certificates say the places of the day, and the class where parts are compared by class alone.
        var papers = await _class.App.Get<RallyPapers>($"/api/rallies/{one}/papers?day={id}");
        papers.Certificates.Select(c => c.Place).ShouldBe(["3rd of 3 teams", "1st of 3 teams"]);
        (await _class.App.Get<RallyPapers>($"/api/rallies/{one}/papers"))
            .Certificates.Select(c => c.Place)
            .ShouldBe(["2nd of 2 teams", "1st of 2 teams"]);
    }

    /// <summary>Two classes of 4 and 3 teams: seven numbers over the day, and as many pennants.</summary>
    [Fact]
    public async Task A_fair_is_begun_with_all_its_rallies_and_its_teams_are_told_apart()
    {
        await _class.Begin();
        var brief = await _class.App.AddBrief(Sample.Brief());
        using var listed = await _class.App.Post(
            "/api/classes",
            new NewClass("Class 4", [.. "ABCDEFGH".Select(c => $"Kid {c}.")])
        );
        var known = (await RunningApp.Read(listed)).GetProperty("id").GetGuid();
        var fair = new NewFair
        {
            Name = "Quay day",
            Date = new(2026, 11, 27),
            Brief = brief,
            Classes =
            [
                new()
                {
                    Name = "Class 4",
                    Class = known,
                    Size = 2,
                    Tables = 2,
                },
                new() { Name = "Class 5", Teams = 3 },
            ],
        };
        using var refused = await _class.App.Post(
            "/api/days/together",
            fair with
            {
                Classes = [fair.Classes[0] with { Tables = 0 }, fair.Classes[1]],
            }
        );
        (await RunningApp.Places(refused)).ShouldBe(["/classes/0/tables"]);
        using var unknown = await _class.App.Post(
            "/api/days/together",
            fair with
            {
                Classes = [fair.Classes[0] with { Tier = "g35" }, fair.Classes[1] with { Name = "" }],
            }
        );
        (await RunningApp.Places(unknown)).ShouldBe(["/classes/0/tier", "/classes/1/name"]);
        using var unchosen = await _class.App.Post("/api/days/together", fair with { Brief = null });
        (await RunningApp.Places(unchosen)).ShouldBe(["/brief"]);
        (await _class.App.Get<IReadOnlyList<RallyOnShelf>>("/api/rallies"))
            .Where(r => r.BriefId == brief)
            .ShouldBeEmpty("nothing is begun, or all");

        using var made = await _class.App.Post("/api/days/together", fair);
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        var opened = await Open(_class.Teacher, id);
        opened.Rallies.Select(r => (r.Name, r.Teams, r.Tables.Count)).ShouldBe([("Class 4", 4, 2), ("Class 5", 3, 1)]);
        (await Teams(opened)).Select(t => t.ShortCode).ShouldBe(["01", "02", "03", "04", "05", "06", "07"]);
        (await Teams(opened)).Select(t => t.Pennant).ShouldBe([0, 1, 2, 3, 4, 5, 6]);
        (await Teams(opened)).SelectMany(t => t.Students).Count().ShouldBe(8);

        // Rallies that were begun one by one have codes of their own; those that others have are changed.
        await Classroom.Record(
            _class.Teacher,
            opened.Rallies[1].Rally,
            new Entry.TeamChanged
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Name = "Gulls",
                ShortCode = "01",
            }
        );
        using var apart = await _class.App.Post($"/api/days/{id}/apart", new { });
        (await RunningApp.Read(apart)).GetProperty("rallies").GetInt32().ShouldBe(1);
        (await Teams(opened)).Select(t => t.ShortCode).ShouldBe(["01", "02", "03", "04", "GU", "06", "07"]);
        using var again = await _class.App.Post($"/api/days/{id}/apart", new { });
        (await RunningApp.Read(again)).GetProperty("rallies").GetInt32().ShouldBe(0);

        using var closed = await _class.App.Post($"/api/days/{id}/close", new { });
        (await RunningApp.Read(closed)).GetProperty("rallies").GetInt32().ShouldBe(2);
        (await Classroom.Refusal(_class.Teacher, opened.Rallies[0].Rally, Sample.Stands(true))).ShouldBe(
            "Round 1 is closed."
        );
    }

    private async Task<IReadOnlyList<Team>> Teams(DayOpened day)
    {
        var teams = new List<Team>();
        foreach (var rally in day.Rallies)
            teams.AddRange((await _class.App.Get<RallyOpened>($"/api/rallies/{rally.Rally}")).Teams);
        return teams;
    }

    private async Task Show(Guid day, BoardOfDay board) =>
        (await _class.App.Put($"/api/days/{day}/board", board)).StatusCode.ShouldBe(HttpStatusCode.NoContent);

    /// <summary>The teams on the lists of the board, in their order.</summary>
    private static async Task<IReadOnlyList<string>> Names(HttpClient device, Guid day) =>
        [
            .. JsonSerializer
                .Deserialize<DayBoard>(
                    await device.GetStringAsync($"/api/days/{day}/board", TestContext.Current.CancellationToken),
                    Lenient
                )!
                .Lists.SelectMany(l => l.Lists)
                .SelectMany(l => l.Rows)
                .Select(r => r.Name),
        ];

    /// <summary>The plan is looked through as it is typed; the calendar's file is read back by a library.</summary>
    [Fact]
    public async Task Clashes_are_said_before_the_plan_is_saved_and_the_calendar_has_an_event_for_each_rally()
    {
        await _class.Begin();
        var (one, two) = (
            await _class.App.Begin(Sample.Brief(), "Able"),
            await _class.App.Begin(Sample.Brief(), "Dune")
        );
        var day = new FairDay
        {
            Name = "Quay day",
            Date = new(2026, 11, 27),
            Slots =
            [
                new()
                {
                    Rally = one,
                    From = new(9, 15),
                    To = new(10, 0),
                    Where = "Hall",
                    Helpers = ["Wren"],
                },
                new() { Rally = two },
            ],
        };
        using var clash = await _class.App.Post(
            "/api/days/check",
            day with
            {
                Slots = [day.Slots[0], day.Slots[0] with { Rally = two }],
            }
        );
        (await RunningApp.Read(clash))
            .GetProperty("clashes")
            .EnumerateArray()
            .Select(c => c.GetProperty("at").GetString())
            .ShouldBe(["/slots/1/where", "/slots/1/helpers"]);
        using var gone = await _class.App.Post(
            "/api/days/check",
            day with
            {
                Slots = [new() { Rally = new(Guid.CreateVersion7()) }],
            }
        );
        (await RunningApp.Places(gone)).ShouldBe(["/slots/0/rally"]);

        using var made = await _class.App.Post("/api/days", day);
        var id = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        var events = Calendar
            .Load(
                await _class.Teacher.GetStringAsync($"/api/days/{id}/calendar", TestContext.Current.CancellationToken)
            )!
            .Events.ToList();
        events.Count.ShouldBe(2);
        var timed = events.Single(e => e.Uid == $"{one}@plucky-rally");
        (timed.Start!.Value, timed.End!.Value, timed.Location).ShouldBe(
            (new DateTime(2026, 11, 27, 9, 15, 0), new DateTime(2026, 11, 27, 10, 0, 0), "Hall")
        );
        timed.Description!.ShouldEndWith("Table 1: Wren");
        events.Single(e => e != timed).Start!.HasTime.ShouldBeFalse("its time is open");
    }

    public void Dispose() => _class.Dispose();

    /// <summary>The tables of the first rally: "1: Able, Cole".</summary>
    private static IReadOnlyList<string> Lines(DayOpened day) =>
        [.. day.Rallies[0].Tables.Select(t => $"{t.Table}: {string.Join(", ", t.Line.Select(l => l.Name))}")];

    internal static async Task<DayOpened> Open(HttpClient device, Guid day) =>
        JsonSerializer.Deserialize<DayOpened>(
            await device.GetStringAsync($"/api/days/{day}", TestContext.Current.CancellationToken),
            Lenient
        )!;

    /// <summary>What is absent is left out of an answer.</summary>
    private static readonly JsonSerializerOptions Lenient = new(Json.Options)
    {
        RespectRequiredConstructorParameters = false,
    };
}
