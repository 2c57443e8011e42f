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

    public void Dispose() => _class.Dispose();
}
