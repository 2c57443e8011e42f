using System.Net;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Run;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Tests.Access;

/// <summary>A judge records and crosses out what that judge recorded, and nothing more.</summary>
public sealed class RightsTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task A_judge_strikes_out_own_entries_and_those_of_others_only_if_the_teacher_lets()
    {
        var rally = await _class.Begin();
        using var aide = await _class.Judge(rally, "Aide");
        using var pell = await _class.Judge(rally, "Pell");
        var (mine, theirs) = (Sample.Caught("210"), Sample.Caught("180"));
        await Classroom.Record(aide, rally, mine);
        await Classroom.Record(pell, rally, theirs);
        (await Classroom.Refusal(aide, rally, Strike(theirs))).ShouldBe("This was recorded by Pell.");
        var own = Strike(mine);
        await Classroom.Record(aide, rally, own);
        (await Classroom.Refusal(pell, rally, Strike(own))).ShouldBe(
            "This was recorded by Aide.",
            "a strike is an entry like any other"
        );
        await Classroom.Record(aide, rally, Strike(own));

        (
            await _class.Teacher.PutAsync(
                $"/api/rallies/{rally}/judges",
                RunningApp.Body(Json.Write(new WhatJudgesMay(true))),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        await Classroom.Record(aide, rally, Strike(theirs));
    }

    [Fact]
    public async Task A_wall_writes_nothing_not_even_what_a_team_may()
    {
        var rally = await _class.Begin();
        using var wall = await _class.Wall(rally);
        (
            await wall.PostAsync(
                $"/api/rallies/{rally}/entries",
                RunningApp.Body(
                    Json.Write<Entry>(
                        new Entry.LookedBack
                        {
                            Id = new(Guid.CreateVersion7()),
                            Team = new("t1"),
                            Worked = "all of it",
                        }
                    )
                ),
                TestContext.Current.CancellationToken
            )
        ).IsSuccessStatusCode.ShouldBeFalse();
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries.ShouldBeEmpty();
    }

    /// <summary>
    /// Everything of the lesson is the teacher's, whoever strikes it out and whatever round the strike says.
    /// </summary>
    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    public async Task What_the_teacher_did_is_not_undone_by_a_judge(int round)
    {
        var rally = await _class.Begin();
        await Classroom.Send(
            _class.Teacher,
            $"/api/rallies/{rally}/clock",
            new ClockTouch(ClockDoes.Show, Number: 1, Shows: WallShows.Board)
        );
        await Classroom.Send(
            _class.Teacher,
            $"/api/rallies/{rally}/clock",
            new ClockTouch(ClockDoes.CutAttempts, Number: 1)
        );
        foreach (var entry in TeachersOwn())
            await Classroom.Record(_class.Teacher, rally, entry);
        (
            await _class.Teacher.PutAsync(
                $"/api/rallies/{rally}/judges",
                RunningApp.Body(Json.Write(new WhatJudgesMay(true))),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        using var judge = await _class.Judge(rally, "Aide");
        foreach (var entry in (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries)
            (await Classroom.Refusal(judge, rally, Strike(entry) with { Round = round })).ShouldBe(
                "This was recorded by the teacher, and only the teacher can cross it out.",
                entry.GetType().Name
            );
    }

    [Fact]
    public async Task What_is_the_teachers_to_record_is_not_taken_from_a_judge()
    {
        var rally = await _class.Begin();
        using var judge = await _class.Judge(rally, "Aide");
        foreach (
            var entry in TeachersOwn()
                .Append(
                    new Entry.KitCounted
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t1"),
                        Way = KitWay.Out,
                        Amounts = [],
                    }
                )
        )
            (await Classroom.Refusal(judge, rally, entry)).ShouldBe(
                "This is the teacher's to record.",
                entry.GetType().Name
            );
    }

    [Fact]
    public async Task A_teams_own_device_speaks_in_the_talk_and_sees_no_score()
    {
        var rally = await _class.Begin();
        using var device = _class.App.Device();
        (
            await Classroom.Send(device, "/api/join", new CodeTyped(await _class.Code(rally, PassKind.Team)))
        ).EnsureSuccessStatusCode();
        (await Classroom.Who(device)).Rallies.Single().Role.ShouldBe(CallerRole.Team);
        await Classroom.Record(
            device,
            rally,
            new Entry.LookedBack
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Worked = "the funnel",
            }
        );
        (await Classroom.Refusal(device, rally, Sample.Caught("210"))).ShouldBe("This is not a team's to record.");
        (await Worked("t1")).ShouldBe("the funnel");
        (await Worked("t2")).ShouldBe("the funnel", "it speaks for the team that it said at first");
        var other = new Entry.LookedBack
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t2"),
            Worked = "the tray",
        };
        (await Classroom.Refusal(device, rally, other)).ShouldBe("This device speaks for another team.");
        var named = (
            await _class.App.Get<RallyPasses>($"/api/rallies/{rally}/passes")
        ).TeamDevices.ShouldHaveSingleItem();
        named.Team.ShouldBe("Able");
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{rally}/team-devices/{named.Device}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        (await Worked("t2")).ShouldBe("", "the teacher lets it say anew");
        await Classroom.Record(device, rally, other);
        (await Worked("t1")).ShouldBe("the tray");
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries.ShouldAllBe(e => e.By == "A team");
        foreach (var closed in new[] { "results", "score", "walk", "debrief", "gallery", "photos", "plots" })
        {
            using var answer = await device.GetAsync(
                $"/api/rallies/{rally}/{closed}",
                TestContext.Current.CancellationToken
            );
            answer.StatusCode.ShouldBe(HttpStatusCode.Forbidden, closed);
        }

        using var both = await _class.Judge(await _class.App.Begin(Sample.Brief(), "Able"), "Aide");
        (
            await Classroom.Send(both, "/api/join", new CodeTyped(await _class.Code(rally, PassKind.Team)))
        ).EnsureSuccessStatusCode();
        (await Classroom.Who(both)).Name.ShouldBe(
            "Aide",
            "who judges elsewhere with the same device goes on under that name"
        );

        using var judge = _class.App.Device();
        (
            await RunningApp.Places(
                await Classroom.Send(judge, "/api/join", new CodeTyped(await _class.Code(rally), "a  TEAM"))
            )
        ).ShouldBe(["/name"]);

        async Task<string?> Worked(string team) =>
            (
                await RunningApp.Read(
                    await device.GetAsync(
                        $"/api/rallies/{rally}/talk?team={team}",
                        TestContext.Current.CancellationToken
                    )
                )
            )
                .GetProperty("team")
                .GetProperty("worked")
                .GetString();
    }

    /// <summary>Common practice, no source: nobody writes thirty lines in a minute.</summary>
    [Fact]
    public async Task A_teams_device_writes_no_faster_than_children_do_and_nobody_else_is_held_up()
    {
        var rally = await _class.Begin();
        using var device = _class.App.Device();
        (
            await Classroom.Send(device, "/api/join", new CodeTyped(await _class.Code(rally, PassKind.Team)))
        ).EnsureSuccessStatusCode();
        var answers = new List<System.Net.HttpStatusCode>();
        for (var i = 0; i < 40; i++)
            answers.Add(
                (
                    await Classroom.Send(
                        device,
                        $"/api/rallies/{rally}/entries",
                        (Entry)new Entry.LookedBack { Id = new(Guid.CreateVersion7()), Team = new("t1") }
                    )
                ).StatusCode
            );
        answers.Count(a => a != System.Net.HttpStatusCode.TooManyRequests).ShouldBeInRange(30, 39);
        using var judge = await _class.Judge(rally, "Aide");
        await Classroom.Record(judge, rally, Sample.Caught("210"));
    }

    [Fact]
    public async Task A_gallery_on_the_wall_names_nobody_unless_that_was_wanted_and_its_photos_are_seen_only_there()
    {
        var rally = await _class.Begin();
        using var wall = await _class.Wall(rally);
        await Classroom.Record(
            _class.Teacher,
            rally,
            new Entry.TagSeen
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Word = "wide mouth",
            }
        );
        using var taken = await _class.Teacher.PostAsync(
            $"/api/rallies/{rally}/photos?photo={Guid.CreateVersion7()}&team=t1",
            new ByteArrayContent(Jpegs.Plain(40, 30)) { Headers = { ContentType = new("image/jpeg") } },
            TestContext.Current.CancellationToken
        );
        var photo = (await RunningApp.Read(taken)).GetProperty("id").GetGuid();
        (await Photo()).ShouldBe(HttpStatusCode.NotFound, "the wall shows no gallery");
        foreach (var names in new[] { false, true })
        {
            (
                await Classroom.Send(
                    _class.Teacher,
                    $"/api/rallies/{rally}/clock",
                    new ClockTouch(ClockDoes.Show, Shows: WallShows.Gallery) { Gallery = new("", names) }
                )
            ).EnsureSuccessStatusCode();
            var sent = await wall.GetStringAsync(
                $"/api/rallies/{rally}/wall/gallery",
                TestContext.Current.CancellationToken
            );
            sent.ShouldContain("wide mouth");
            (
                sent.Contains("Able", StringComparison.Ordinal),
                sent.Contains("\"t1\"", StringComparison.Ordinal)
            ).ShouldBe((names, names));
        }

        (await Photo()).ShouldBe(HttpStatusCode.OK);

        async Task<HttpStatusCode> Photo()
        {
            using var answer = await wall.GetAsync(
                $"/api/rallies/{rally}/wall/photos/{photo}",
                TestContext.Current.CancellationToken
            );
            return answer.StatusCode;
        }
    }

    [Fact]
    public async Task Photos_of_others_are_the_teachers_to_delete()
    {
        var rally = await _class.Begin();
        using var aide = await _class.Judge(rally, "Aide");
        using var pell = await _class.Judge(rally, "Pell");
        var photo = Guid.CreateVersion7();
        var body = new ByteArrayContent(Jpegs.Plain(40, 30));
        body.Headers.ContentType = new("image/jpeg");
        (
            await pell.PostAsync(
                $"/api/rallies/{rally}/photos?photo={photo}&team=t1",
                body,
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        (
            await RunningApp.Places(
                await aide.DeleteAsync($"/api/rallies/{rally}/photos/{photo}", TestContext.Current.CancellationToken)
            )
        ).ShouldBe(["/photo"]);
        (
            await pell.DeleteAsync($"/api/rallies/{rally}/photos/{photo}", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
    }

    [Theory]
    [InlineData("Teacher")]
    [InlineData(" teacher ")]
    [InlineData("TEÁCHER")]
    [InlineData("T\u200Beacher")]
    [InlineData("Ｔｅａｃｈｅｒ")]
    public async Task Nobody_judges_as_the_teacher(string name)
    {
        var rally = await _class.Begin();
        using var device = _class.App.Device();
        (
            await RunningApp.Places(
                await Classroom.Send(device, "/api/join", new CodeTyped(await _class.Code(rally), name))
            )
        ).ShouldBe(["/name"]);
    }

    [Fact]
    public async Task A_name_in_use_is_told_and_taken_by_whoever_says_that_it_is_the_same_person()
    {
        var rally = await _class.Begin();
        using var first = await _class.Judge(rally, "Aide");
        using var second = _class.App.Device();
        var code = await _class.Code(rally);
        (await RunningApp.Places(await Classroom.Send(second, "/api/join", new CodeTyped(code, "aide")))).ShouldBe([
            "/same",
        ]);
        (await Classroom.Send(second, "/api/join", new CodeTyped(code, "aide", Same: true))).EnsureSuccessStatusCode();
        (await Classroom.Send(first, "/api/join", new CodeTyped(code, "Aide", Same: true))).EnsureSuccessStatusCode();
        using var elsewhere = await _class.Judge(await _class.Begin("Another brief"), "Aide");
    }

    [Fact]
    public async Task What_waited_on_a_tablet_keeps_the_judge_who_made_it()
    {
        var rally = await _class.Begin();
        using var tablet = await _class.Judge(rally, "Aide");
        var waited = Sample.Caught("210") with { By = "Aide" };
        (
            await Classroom.Send(tablet, "/api/join", new CodeTyped(await _class.Code(rally), "Pell"))
        ).EnsureSuccessStatusCode();
        await Classroom.Record(tablet, rally, waited);
        await Classroom.Record(tablet, rally, Sample.Caught("180") with { By = "Somebody else" });
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file"))
            .Entries.Select(e => e.By)
            .ShouldBe(["Aide", "Pell"], "only names that this device came in with");
    }

    [Fact]
    public async Task Many_entries_that_waited_go_in_one_request_each_with_its_own_answer()
    {
        var rally = await _class.Begin();
        using var judge = await _class.Judge(rally, "Aide");
        var notes = Enumerable
            .Range(0, 60)
            .Select(i =>
                (Entry)
                    new Entry.NoteMade
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t1"),
                        Text = $"note {i}",
                    }
            )
            .ToList();
        notes[30] = new Entry.NoteMade
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t9"),
            Text = "nobody's",
        };
        notes[40] = notes[2];
        var answer = await judge.PostAsync(
            $"/api/rallies/{rally}/entries/many",
            RunningApp.Body(Json.Write(notes)),
            TestContext.Current.CancellationToken
        );
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var answers = System.Text.Json.JsonSerializer.Deserialize<List<EntryAnswer>>(
            await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken),
            Json.Options
        )!;
        answers.Count(a => a.Taken is not null).ShouldBe(59);
        answers[30].Problems.ShouldHaveSingleItem().At.ShouldBe("/team");
        var log = (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries;
        log.Select(e => e.Id)
            .ShouldBe(notes.Where((_, i) => i is not (30 or 40)).Select(n => n.Id), "in their order, each once");
        (
            await RunningApp.Places(
                await judge.PostAsync(
                    $"/api/rallies/{rally}/entries/many",
                    RunningApp.Body(Json.Write(Enumerable.Repeat(notes[0], 101))),
                    TestContext.Current.CancellationToken
                )
            )
        ).ShouldBe([""]);
    }

    public void Dispose() => _class.Dispose();

    private static Entry.StruckOut Strike(Entry entry) =>
        new()
        {
            Id = new(Guid.CreateVersion7()),
            Entry = entry.Id,
            Team = entry.Team,
        };

    private static Entry[] TeachersOwn() =>
        [
            new Entry.TestOrderSet { Id = new(Guid.CreateVersion7()), Teams = [new("t2"), new("t1")] },
            new Entry.PlanCleared { Id = new(Guid.CreateVersion7()), Team = new("t1") },
            new Entry.AwardGiven
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Name = "Calmest",
            },
            new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) },
            new Entry.RoundReopened { Id = new(Guid.CreateVersion7()) },
        ];
}
