using System.Net;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Score;
using PluckyRally.Web.Papers;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Papers;

/// <summary>A judge's sheet is taken into the log as a whole or not at all, and by the teacher alone.</summary>
public sealed class PapersTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task A_sheet_is_taken_whole_or_not_at_all_and_sent_twice_it_is_there_once()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(Sample.Brief(), "Able", "Baker");
        var sheet = Sheet("wet");
        using var wrong = await Send(_class.Teacher, rally, sheet);
        wrong.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(wrong)).ShouldBe(["/fields/attempt.1.caught"]);
        (await Entries(rally)).ShouldBe(0);

        var right = sheet with
        {
            Fields = new Dictionary<string, string> { ["rule.stands"] = "met", ["attempt.1.caught"] = "210" },
        };
        for (var times = 0; times < 2; times++)
        {
            using var taken = await Send(_class.Teacher, rally, right);
            taken.StatusCode.ShouldBe(HttpStatusCode.OK);
            (await Entries(rally)).ShouldBe(2);
        }

        (
            await _class.Teacher.GetStringAsync(
                $"/api/rallies/{rally}/score?team=t1",
                TestContext.Current.CancellationToken
            )
        ).ShouldContain("Wren S., on paper, November 5");
        using var judge = await _class.Judge(rally, "Aide");
        using var typed = await Send(judge, rally, right with { Id = Guid.CreateVersion7(), Team = new("t2") });
        typed.StatusCode.ShouldBe(HttpStatusCode.OK, "whoever records in the rally may type in its sheets");
        using var wall = await _class.Wall(rally);
        using var forbidden = await Send(wall, rally, right with { Id = Guid.CreateVersion7() });
        forbidden.StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        (
            await judge.GetAsync($"/api/rallies/{rally}/papers", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.Forbidden, "keys and places are the teacher's");
    }

    [Fact]
    public async Task A_page_that_is_in_is_not_changed_by_sending_something_else_and_a_second_page_is_asked_about()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(Sample.Brief(), "Able", "Baker");
        var sheet = Sheet("210");
        (await Send(_class.Teacher, rally, sheet)).EnsureSuccessStatusCode();
        foreach (
            var fields in new Dictionary<string, string>[]
            {
                new() { ["rule.stands"] = "met", ["attempt.1.caught"] = "215" },
                new() { ["rule.stands"] = "met" },
                new()
                {
                    ["rule.stands"] = "met",
                    ["attempt.1.caught"] = "210",
                    ["note"] = "a leak",
                },
            }
        )
        {
            using var corrected = await Send(_class.Teacher, rally, sheet with { Fields = fields });
            corrected.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
            (await RunningApp.Places(corrected)).ShouldBe(["/id"]);
            (await Entries(rally)).ShouldBe(2);
        }

        var second = sheet with { Id = Guid.CreateVersion7(), JudgedBy = "Lark T." };
        using var asked = await Send(_class.Teacher, rally, second);
        (await RunningApp.Places(asked)).ShouldBe(["/again"]);
        (await Entries(rally)).ShouldBe(2);
        (await Send(_class.Teacher, rally, second with { Again = true })).EnsureSuccessStatusCode();
        (await Entries(rally)).ShouldBe(4);
        (
            await Send(_class.Teacher, rally, second with { Id = Guid.CreateVersion7(), Team = new("t2") })
        ).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task A_page_cannot_have_been_written_in_the_future()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(Sample.Brief(), "Able");
        using var refused = await Send(
            _class.Teacher,
            rally,
            Sheet("210") with
            {
                JudgedOn = DateOnly.FromDateTime(DateTime.UtcNow).AddDays(3),
            }
        );
        (await RunningApp.Places(refused)).ShouldBe(["/judgedOn"]);
    }

    [Fact]
    public async Task The_same_page_typed_in_many_windows_at_one_moment_is_in_once()
    {
        await _class.Begin();
        var rally = await _class.App.Begin(Sample.Brief(), "Able", "Baker");
        var sent = await Task.WhenAll(
            Enumerable
                .Range(0, 12)
                .Select(_ => Send(_class.Teacher, rally, Sheet("210") with { Id = Guid.CreateVersion7() }))
        );
        sent.Count(s => s.IsSuccessStatusCode).ShouldBe(1);
        foreach (var asked in sent.Where(s => !s.IsSuccessStatusCode))
            (await RunningApp.Places(asked)).ShouldBe(["/again"]);
        (await Entries(rally)).ShouldBe(2);
    }

    [Theory]
    [InlineData("Teacher")]
    [InlineData("t\u0435acher")]
    [InlineData("A team")]
    [InlineData("\u200b\u200b")]
    public async Task A_judge_types_in_no_sheet_under_a_name_that_is_somebody_elses_or_nobodys(string name)
    {
        await _class.Begin();
        var rally = await _class.App.Begin(Sample.Brief(), "Able", "Baker");
        using var judge = await _class.Judge(rally, "Aide");
        using var refused = await Send(judge, rally, Sheet("210") with { JudgedBy = name });
        (await RunningApp.Places(refused)).ShouldBe(["/judgedBy"]);
        (await Entries(rally)).ShouldBe(0);
        using var teacher = await Send(_class.Teacher, rally, Sheet("210") with { JudgedBy = "Teacher" });
        teacher.StatusCode.ShouldBe(HttpStatusCode.OK, "the teacher may have judged on paper too");
    }

    [Fact]
    public async Task A_brief_that_is_not_finished_still_has_its_sheet()
    {
        await _class.Begin();
        var brief = await _class.App.AddBrief(Sample.Brief() with { Measures = [] });
        var papers = await _class.App.Get<BriefOnPaper>($"/api/briefs/{brief}/papers");
        papers.Papers.ShouldBeNull();
        papers.Edition.Brief.Title.ShouldBe("Rain catcher");
    }

    public void Dispose() => _class.Dispose();

    private static SheetTyped Sheet(string caught) =>
        new()
        {
            Id = Guid.CreateVersion7(),
            Team = new("t1"),
            JudgedBy = "Wren S.",
            JudgedOn = new(2026, 11, 5),
            Fields = new Dictionary<string, string> { ["rule.stands"] = "met", ["attempt.1.caught"] = caught },
        };

    private static Task<HttpResponseMessage> Send(HttpClient client, RallyId rally, SheetTyped sheet) =>
        client.PostAsync(
            $"/api/rallies/{rally}/papers/judged",
            RunningApp.Body(Json.Write(sheet)),
            TestContext.Current.CancellationToken
        );

    private async Task<int> Entries(RallyId rally) =>
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries.Count;
}
