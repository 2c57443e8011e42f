using System.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Tests.Run;

/// <summary>The clock is the server's.</summary>
public sealed class RunTests : IDisposable
{
    private static readonly Brief WithPhases = Sample.Brief() with
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
                    Warning = 5,
                },
                new()
                {
                    Id = "test",
                    Kind = PhaseKind.Test,
                    Minutes = 10,
                },
            ],
        },
    };

    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_phase_is_begun_paused_and_goes_on_by_the_servers_time()
    {
        var id = await _app.Begin(WithPhases, "Able");
        (await Read(id)).Clock.Phase.ShouldBeNull();
        var begun = await Touch(id, new(ClockDoes.Begin, "build"));
        begun.Clock.Phase!.Id.ShouldBe("build");
        (begun.Clock.Ends!.Value - begun.Now).TotalMinutes.ShouldBeInRange(19.9, 20);
        (await Touch(id, new(ClockDoes.Add, Minutes: 1))).Clock.Ends.ShouldBe(begun.Clock.Ends!.Value.AddMinutes(1));
        (await Touch(id, new(ClockDoes.Pause))).Clock.ShouldSatisfyAllConditions(
            c => c.Ends.ShouldBeNull(),
            c => c.Left!.Value.ShouldBeInRange(20.9m * 60, 21 * 60)
        );
        (await Touch(id, new(ClockDoes.Resume))).Clock.Ends.ShouldNotBeNull();
        (await Touch(id, new(ClockDoes.Begin))).Clock.Over.ShouldBeTrue();
        (await _app.Get<Rally>($"/api/rallies/{id}/file")).Entries.Count.ShouldBe(5, "a record of each touch");
    }

    /// <summary>All four cards of a pile come before one comes again, and a card for all needs no team.</summary>
    [Fact]
    public async Task Cards_are_drawn_in_the_lesson_by_chance_or_by_name()
    {
        var id = await _app.Begin(
            WithPhases with
            {
                Deals =
                [
                    new()
                    {
                        Id = "news",
                        Name = "News",
                        Drawn = DealtWhen.InLesson,
                        Cards =
                        [
                            .. new[] { "rain", "wind", "sun" }.Select(card => new DealCard { Id = card, Name = card }),
                            new()
                            {
                                Id = "calm",
                                Name = "calm",
                                For = CardFor.All,
                            },
                        ],
                    },
                ],
            },
            "Able"
        );
        var drawn = new List<string>();
        for (var i = 0; i < 4; i++)
            drawn.Add((await Drawn(new("news", new("t1")))).GetProperty("name").GetString()!);
        drawn.Order().ShouldBe(["calm", "rain", "sun", "wind"]);
        (await Drawn(new("news", default, "calm"))).GetProperty("name").GetString().ShouldBe("calm");
        (await RunningApp.Places(await Draw(new("news", default, "sun")))).ShouldBe(["/team"]);
        (await RunningApp.Places(await Draw(new("lost", new("t1"))))).ShouldBe(["/deal"]);
        (await RunningApp.Places(await Draw(new("news", new("t1"), "lost")))).ShouldBe(["/card"]);

        Task<HttpResponseMessage> Draw(CardWanted wanted) => _app.Post($"/api/rallies/{id}/draws/card", wanted);

        async Task<System.Text.Json.JsonElement> Drawn(CardWanted wanted) =>
            await RunningApp.Read((await Draw(wanted)).EnsureSuccessStatusCode());
    }

    [Fact]
    public async Task Heats_are_drawn_for_a_round_and_walls_and_judges_have_them()
    {
        var id = await _app.Begin(WithPhases, "Able", "Baker", "Cairn");
        (await _app.Post($"/api/rallies/{id}/draws/heats", new HeatsWanted(2, 1))).EnsureSuccessStatusCode();
        var wall = await _app.Get<RallyOnWall>($"/api/rallies/{id}/wall");
        wall.Teams.Select(t => t.Heat!.Heat).Order().ShouldBe([1, 1, 2]);
        (await _app.Get<RallyOnWall>($"/api/rallies/{id}/wall?round=2")).Teams.ShouldAllBe(t => t.Heat == null);
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/draws/heats", new HeatsWanted(0, 1)))).ShouldBe([
            "/lanes",
        ]);
    }

    [Fact]
    public async Task What_was_revealed_of_a_round_reveals_nothing_of_the_next()
    {
        var brief = Sample.Brief();
        var id = await _app.Begin(brief with { Trials = brief.Trials with { Attempts = 1 } }, "Able", "Baker");
        await Record(1, "210");
        await Touch(id, new(ClockDoes.Show, Number: 1, Shows: WallShows.Board));
        await Record(2, "445");
        var ofRound1 = (await Board(1)).Rows.Single().TotalText;
        (await Board(2)).Rows.Single().TotalText.ShouldBe(ofRound1, "the wall stays with what was revealed");
        await Touch(id, new(ClockDoes.Show, Shows: WallShows.Board), round: 2);
        (await Board(2)).Rows.ShouldBeEmpty();
        await Touch(id, new(ClockDoes.Show, Number: 1, Shows: WallShows.Board), round: 2);
        (await Board(2)).Rows.Single().TotalText.ShouldNotBe(ofRound1);

        Task<BoardOnWall> Board(int round) => _app.Get<BoardOnWall>($"/api/rallies/{id}/wall/board?round={round}");

        async Task Record(int round, string typed)
        {
            foreach (var team in new[] { "t1", "t2" })
            foreach (var entry in new Entry[] { Sample.Stands(true, team), Sample.Caught(typed, team) })
                (await _app.Post($"/api/rallies/{id}/entries", entry with { Round = round })).EnsureSuccessStatusCode();
        }
    }

    [Fact]
    public async Task What_cannot_be_is_refused_and_devices_do_not_set_the_clock()
    {
        var id = await _app.Begin(WithPhases, "Able");
        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{id}/clock", new ClockTouch(ClockDoes.Begin, "lunch"))
            )
        ).ShouldBe(["/phase"]);
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/clock", """{ "does": "rewind" }"""))).ShouldBe([
            "/does",
        ]);
        (
            await RunningApp.Places(
                await _app.Post<Entry>(
                    $"/api/rallies/{id}/entries",
                    new Entry.PhaseBegun { Id = new(Guid.CreateVersion7()), Phase = "build" }
                )
            )
        ).ShouldBe(["/kind"]);
        (await _app.Post($"/api/rallies/{Guid.NewGuid()}/clock", new ClockTouch(ClockDoes.Pause))).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (await Read(id)).Clock.Phase.ShouldBeNull();
    }

    [Fact]
    public async Task Letting_go_cuts_places_and_the_wall_are_touches_on_the_remote_and_entries_in_the_log()
    {
        var brief = WithPhases with
        {
            Trials = new() { Attempts = 2, HoldSeconds = 6 },
            Timing = new()
            {
                Phases =
                [
                    WithPhases.Timing.Phases[0],
                    new()
                    {
                        Id = "test",
                        Kind = PhaseKind.Test,
                        Minutes = 2,
                        TeamByTeam = true,
                    },
                ],
            },
        };
        var id = await _app.Begin(brief, "Able", "Baker", "Cox");
        await Touch(id, new(ClockDoes.Begin, "build"));
        var held = await Touch(id, new(ClockDoes.LetGo));
        held.Clock.Hold!.Seconds.ShouldBe(6);
        held.Cuts.Select(c => (c.Attempts, c.Places)).ShouldBe([(1, null), (null, 2)]);
        (await Touch(id, new(ClockDoes.CutAttempts, Number: 1)))
            .Clock.Phases[1]
            .Minutes.ShouldBe(6, "three teams, one attempt of 2 min");
        (await Touch(id, new(ClockDoes.OpenPlaces, "test", Number: 3))).Clock.Phases[1].Minutes.ShouldBe(2);
        (await Touch(id, new(ClockDoes.Show, Number: 2, Shows: WallShows.Board))).Clock.Wall.ShouldBe(
            new(WallShows.Board, 2)
        );
        (await _app.Sheet(id, "t1")).Designs.Single().Open.ShouldBe([1], "the other was cut");
        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{id}/clock", new ClockTouch(ClockDoes.CutAttempts, Number: 2))
            )
        ).ShouldBe(["/attempts"], "there is one left");
        (await _app.Get<Rally>($"/api/rallies/{id}/file")).Entries.Select(e => e.By).Distinct().ShouldBe(["Teacher"]);
    }

    [Fact]
    public async Task Teams_are_told_in_the_order_of_the_test_with_who_is_cleared_and_who_is_late()
    {
        var id = await _app.Begin(WithPhases, "Able", "Baker");
        var late = new Entry.CameLate { Id = new(Guid.CreateVersion7()), Team = new("t1") };
        var cleared = new Entry.PlanCleared { Id = new(Guid.CreateVersion7()), Team = new("t2") };
        foreach (var entry in new Entry[] { late, cleared })
            (await _app.Post($"/api/rallies/{id}/entries", entry)).EnsureSuccessStatusCode();
        (await Read(id)).Teams.ShouldBe([new(new("t2"), cleared.Id, null), new(new("t1"), null, late.Id)]);
    }

    public void Dispose() => AppPool.Return(_app);

    private Task<ClockRead> Read(RallyId id) => _app.Get<ClockRead>($"/api/rallies/{id}/clock");

    private async Task<ClockRead> Touch(RallyId id, ClockTouch touch, int round = 1)
    {
        (await _app.Post($"/api/rallies/{id}/clock?round={round}", touch)).EnsureSuccessStatusCode();
        return await Read(id);
    }
}
