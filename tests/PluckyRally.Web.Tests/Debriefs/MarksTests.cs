using System.Net;
using PluckyRally.Core.Score;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Debriefs;

/// <summary>Marks leave as a table, and neither a judge nor a wall is sent them.</summary>
public sealed class MarksTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task They_are_the_teachers_alone_and_leave_as_csv()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(
            Sample.Brief() with
            {
                Teacher = new() { Marks = [new("why", "Says why", ["not yet", "fully"])] },
            },
            "Able",
            "Baker"
        );
        await Classroom.Record(
            _class.Teacher,
            rally,
            new Entry.MarkGiven
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Criterion = "why",
                Level = 2,
            }
        );
        using var judge = await _class.Judge(rally, "Aide");
        (
            await judge.GetStringAsync($"/api/rallies/{rally}/score?team=t1", TestContext.Current.CancellationToken)
        ).ShouldNotContain("Says why");
        (
            await judge.GetStringAsync($"/api/rallies/{rally}/walk", TestContext.Current.CancellationToken)
        ).ShouldNotContain("Says why");
        (
            await judge.GetAsync($"/api/rallies/{rally}/marks", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (
            await Classroom.Refusal(
                judge,
                rally,
                new Entry.MarkGiven
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Criterion = "why",
                    Level = 1,
                }
            )
        ).ShouldBe("This is the teacher's to record.");
        (await _class.Teacher.GetStringAsync($"/api/rallies/{rally}/marks.csv", TestContext.Current.CancellationToken))
            .TrimStart('\uFEFF')
            .ShouldBe("team,student,Says why\r\nAble,,fully\r\nBaker,,\r\n");
    }

    public void Dispose() => _class.Dispose();
}
