using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Tests.Access;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Tests.Run;

/// <summary>A class whose teams work in two tiers: two rallies that are run as one lesson.</summary>
public sealed class LessonTests : IDisposable
{
    private static readonly Brief TwoTiers = Sample.Brief() with
    {
        Timing = new Timing
        {
            Phases =
            [
                new()
                {
                    Id = "build",
                    Kind = PhaseKind.Build,
                    Minutes = 20,
                },
                new()
                {
                    Id = "test",
                    Kind = PhaseKind.Test,
                    Minutes = 1,
                    TeamByTeam = true,
                },
            ],
        },
        Tiers =
        [
            new()
            {
                Id = "g35",
                Name = "Grades 3–5",
                Overrides = [new("/timing/phases/build/minutes", JsonElement.Parse("25"))],
            },
            new()
            {
                Id = "g68",
                Name = "Grades 6–8",
                Overrides = [new("/trials/attempts", JsonElement.Parse("1"))],
            },
        ],
    };

    private readonly Classroom _class = new();

    private HttpClient Teacher => _class.Teacher;

    [Fact]
    public async Task A_fair_day_closes_a_lesson_of_two_tiers_once()
    {
        var (younger, older) = await Begin();
        using var made = await _class.App.Post(
            "/api/days",
            new FairDay
            {
                Name = "Quay day",
                Date = new(2026, 11, 27),
                Slots = [new() { Rally = younger }, new() { Rally = older }],
            }
        );
        var day = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        using var closed = await _class.App.Post($"/api/days/{day}/close", new { });
        (await RunningApp.Read(closed)).GetProperty("rallies").GetInt32().ShouldBe(2);
        foreach (var rally in new[] { younger, older })
            (await _class.App.Get<Rally>($"/api/rallies/{rally}/file"))
                .Entries.OfType<Entry.RoundClosed>()
                .ShouldHaveSingleItem();
    }

    /// <summary>Able and Cole in one tier, Baker and Dune in the other.</summary>
    private async Task<(RallyId Younger, RallyId Older)> Begin()
    {
        await _class.Begin();
        using var begun = await _class.App.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _class.App.AddBrief(TwoTiers),
                Name = "Class 5",
                Tier = "g35",
                Teams = [new("Able"), new("Baker") { Tier = "g68" }, new("Cole"), new("Dune") { Tier = "g68" }],
            }
        );
        begun.EnsureSuccessStatusCode();
        var younger = new RallyId((await RunningApp.Read(begun)).GetProperty("id").GetGuid());
        return (younger, (await Opened(younger)).Beside.Single().Id);
    }

    private Task<RallyOpened> Opened(RallyId rally) => _class.App.Get<RallyOpened>($"/api/rallies/{rally}");

    private Task<ClockRead> Clock(RallyId rally) => _class.App.Get<ClockRead>($"/api/rallies/{rally}/clock");

    private async Task<int> Entries(RallyId rally) =>
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries.Count;

    private async Task Touch(RallyId rally, ClockTouch touch) =>
        (await _class.App.Post($"/api/rallies/{rally}/clock", touch)).EnsureSuccessStatusCode();

    [Fact]
    public async Task Each_tier_is_a_rally_with_its_teams_and_knows_of_the_other()
    {
        var (younger, older) = await Begin();
        var (one, other) = (await Opened(younger), await Opened(older));
        (one.Name, one.Tier, string.Join(' ', one.Teams.Select(t => t.Id))).ShouldBe(
            ("Class 5, Grades 3–5", "Grades 3–5", "t1 t3")
        );
        (other.Name, other.Brief.Trials.Attempts, string.Join(' ', other.Teams.Select(t => t.Id))).ShouldBe(
            ("Class 5, Grades 6–8", 1, "t2 t4")
        );
        other.Beside.Single().Teams.Select(t => t.Name).ShouldBe(["Able", "Cole"]);
        using var wrong = await _class.App.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _class.App.AddBrief(TwoTiers),
                Name = "Class 5",
                Teams = [new("Able"), new("Baker") { Tier = "g99" }],
            }
        );
        (await RunningApp.Places(wrong)).ShouldBe(["/tier"]);
    }

    [Fact]
    public async Task One_clock_runs_for_both_and_an_undone_touch_is_undone_for_both()
    {
        var (younger, older) = await Begin();
        await Touch(older, new(ClockDoes.Begin, "build"));
        var (one, other) = (await Clock(younger), await Clock(older));
        (one.Clock.Ends!.Value - one.Now).TotalMinutes.ShouldBeInRange(24.5, 25, "the younger ones build longer");
        other.Clock.Ends.ShouldBe(one.Clock.Ends);
        one.Teams.Select(t => t.Team).ShouldBe([new("t1"), new("t3"), new("t2"), new("t4")]);
        await Touch(younger, new(ClockDoes.Add, Minutes: 3));
        (await Clock(older)).Clock.Ends.ShouldBe(one.Clock.Ends.Value.AddMinutes(3));
        var added = (await Clock(older)).Log[0];
        added.Says.ShouldBe("Added: 3 minutes");
        await Classroom.Record(
            Teacher,
            older,
            new Entry.StruckOut { Id = new(Guid.CreateVersion7()), Entry = added.Entry }
        );
        (await Clock(younger)).Clock.Ends.ShouldBe(one.Clock.Ends);
        (await Entries(younger), await Entries(older)).ShouldBe((3, 3));
    }

    [Fact]
    public async Task Teams_of_both_are_tested_in_one_order_by_one_code_and_closed_together()
    {
        var (younger, older) = await Begin();
        TeamId[] order = [new("t4"), new("t1"), new("t2"), new("t3")];
        await Classroom.Record(
            Teacher,
            younger,
            new Entry.TestOrderSet { Id = new(Guid.CreateVersion7()), Teams = order }
        );
        await Touch(younger, new(ClockDoes.Begin, "test"));
        (await Clock(older)).Clock.Turn!.On.ShouldBe([new("t4")]);
        await Touch(older, new(ClockDoes.Turn, "test") { Teams = [new("t1")] });
        var wall = await _class.App.Get<ClockOnWall>($"/api/rallies/{younger}/wall/clock");
        (wall.Clock.Turn!.On.Single(), string.Join(' ', wall.Teams.Select(t => t.Team))).ShouldBe(
            (new("t1"), "t4 t1 t2 t3")
        );
        (await _class.App.Get<RallyOnWall>($"/api/rallies/{older}/wall")).Lesson!.Teams.Count.ShouldBe(4);

        // One code opens both; a judge sees the same order in each.
        using var judge = await _class.Judge(older, "Wren");
        foreach (var rally in new[] { younger, older })
        {
            using var sheets = await judge.GetAsync(
                new Uri($"/api/rallies/{rally}/score", UriKind.Relative),
                TestContext.Current.CancellationToken
            );
            (await RunningApp.Read(sheets))
                .GetProperty("queue")
                .EnumerateArray()
                .Select(t => t.GetString())
                .ShouldBe(order.Select(t => t.Value));
        }

        foreach (var (rally, team) in new[] { (younger, "t1"), (older, "t2") })
            await Classroom.Record(judge, rally, Sample.Caught("210", team));
        (await Entries(younger), await Entries(older)).ShouldBe((4, 4), "a reading is its own rally's");
        await Classroom.Record(Teacher, older, new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) });
        (await Clock(younger)).Closed.ShouldBeTrue();
        (await Classroom.Refusal(judge, younger, Sample.Caught("220"))).ShouldNotBeNull().ShouldContain("closed");
    }

    [Fact]
    public async Task The_wall_shows_the_board_of_the_tier_that_was_put_there_last()
    {
        var (younger, older) = await Begin();
        await Touch(older, new(ClockDoes.Show, Number: 1, Shows: WallShows.Board));
        var clock = await Clock(younger);
        (clock.OnWall, clock.Clock.Wall.Shows).ShouldBe((older, WallShows.Board));
        await Touch(younger, new(ClockDoes.Show, Shows: WallShows.Clock));
        (await Clock(older)).OnWall.ShouldBe(younger);
    }

    [Fact]
    public async Task Heats_are_drawn_across_both_tiers()
    {
        var (younger, older) = await Begin();
        (await _class.App.Post($"/api/rallies/{older}/draws/heats", new HeatsWanted(2, 1))).EnsureSuccessStatusCode();
        var teams = (await Opened(younger)).Teams.Concat((await Opened(older)).Teams).ToList();
        teams.Select(t => (t.Heat!.Heat, t.Heat.Lane)).Order().ShouldBe([(1, 1), (1, 2), (2, 1), (2, 2)]);
    }

    [Fact]
    public async Task Without_the_other_one_a_rally_runs_alone_and_loses_nothing()
    {
        var (younger, older) = await Begin();
        await Touch(older, new(ClockDoes.Begin, "build"));
        using var gone = await Teacher.DeleteAsync(
            new Uri($"/api/rallies/{older}", UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        gone.EnsureSuccessStatusCode();
        (await Opened(younger)).Beside.ShouldBeEmpty();
        var clock = await Clock(younger);
        (clock.Clock.Phase!.Id, clock.Teams.Count).ShouldBe(("build", 2));
        await Touch(younger, new(ClockDoes.Begin, "test"));
        (await Entries(younger)).ShouldBe(2);
    }

    public void Dispose() => _class.Dispose();
}
