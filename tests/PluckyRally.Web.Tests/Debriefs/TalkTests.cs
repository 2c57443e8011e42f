using System.Net;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Run;
using PluckyRally.Web.Tests.Access;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Tests.Debriefs;

/// <summary>What teams answer on their own devices, and what of it the class sees.</summary>
public sealed class TalkTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task A_teams_answer_waits_for_the_teacher_where_that_is_wanted_and_then_hangs_on_the_wall()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(
            Sample.Brief() with
            {
                Teacher = new() { Questions = ["What held?"] },
            },
            "Able",
            "Baker"
        );
        await Classroom.Record(
            _class.Teacher,
            rally,
            new Entry.AnswersHeld { Id = new(Guid.CreateVersion7()), Held = true }
        );
        (
            await _class.App.Post(
                $"/api/rallies/{rally}/clock",
                new ClockTouch(ClockDoes.Show, Number: 1, Shows: WallShows.Question)
            )
        ).EnsureSuccessStatusCode();
        using var device = _class.App.Device();
        (
            await Classroom.Send(device, "/api/join", new CodeTyped(await _class.Code(rally, PassKind.Team)))
        ).EnsureSuccessStatusCode();
        var answer = new Entry.AnswerGiven
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t1"),
            Question = 1,
            Text = "a wide foot",
        };
        await Classroom.Record(device, rally, answer);
        (await Wall()).Answers.ShouldBeEmpty();
        var show = new Entry.AnswerShown
        {
            Id = new(Guid.CreateVersion7()),
            Team = new("t1"),
            Answer = answer.Id,
        };
        (await Classroom.Refusal(device, rally, show)).ShouldBe("This is not a team's to record.");
        var given = (await _class.App.Get<Debrief>($"/api/rallies/{rally}/debrief")).Questions[0].Answers.Single();
        given.Waits.ShouldBeTrue();
        await Classroom.Record(_class.Teacher, rally, show);
        (await Wall()).Answers.ShouldBe(["a wide foot"]);

        Task<ClockOnWall> Wall() => _class.App.Get<ClockOnWall>($"/api/rallies/{rally}/wall/clock");
    }

    [Fact]
    public async Task A_teams_device_that_signs_out_and_joins_anew_is_the_same_team_and_writes_at_a_childs_pace()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(
            Sample.Brief() with
            {
                Teacher = new() { Questions = ["What held?"] },
            },
            "Able",
            "Baker"
        );
        var code = new CodeTyped(await _class.Code(rally, PassKind.Team));
        using var device = _class.App.Device();
        (await Classroom.Send(device, "/api/join", code)).EnsureSuccessStatusCode();
        await Classroom.Record(device, rally, Answer("t1"));
        (await Classroom.Send(device, "/api/sign-out", new { })).EnsureSuccessStatusCode();
        (await Classroom.Who(device)).Role.ShouldBe(CallerRole.Nobody);
        (await Classroom.Send(device, "/api/join", code)).EnsureSuccessStatusCode();
        (await Classroom.Refusal(device, rally, Answer("t2"))).ShouldBe("This device speaks for another team.");
        await Classroom.Record(device, rally, Answer("t1"));

        // Three were sent one by one; of 30 in a minute 27 are left.
        (await Many(28)).ShouldBe(HttpStatusCode.TooManyRequests);
        (await Many(25)).ShouldBe(HttpStatusCode.OK);
        (await Many(3)).ShouldBe(HttpStatusCode.TooManyRequests);
        (await Many(2)).ShouldBe(HttpStatusCode.OK);

        async Task<HttpStatusCode> Many(int entries)
        {
            using var answer = await Classroom.Send(
                device,
                $"/api/rallies/{rally}/entries/many",
                Enumerable.Range(0, entries).Select(_ => Answer("t1")).ToArray()
            );
            return answer.StatusCode;
        }

        static Entry Answer(string team) =>
            new Entry.AnswerGiven
            {
                Id = new(Guid.CreateVersion7()),
                Team = new(team),
                Question = 1,
                Text = "a wide foot",
            };
    }

    public void Dispose() => _class.Dispose();
}
