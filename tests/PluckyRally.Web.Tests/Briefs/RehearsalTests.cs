using System.Net;
using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Debriefs;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Briefs;

/// <summary>
/// A draft is rehearsed line by line, with what its earlier rallies tell; a rally says what came of what was expected.
/// </summary>
public sealed class RehearsalTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task How_far_it_is_comes_first_then_the_report_then_what_was_tried()
    {
        var steps = await Steps(new(Lucky(), "", new RehearsalAsked { Classes = 200, Alike = 20 }, default));
        steps.TakeWhile(s => s.Report is null).Select(s => s.Played).ShouldBe([50, 100, 150, 200]);
        var report = steps.Single(s => s.Report is not null).Report!;
        report.Findings.ShouldContain(f => f.Id == "luck");
        var tried = steps.Where(s => s.Tried is not null).Select(s => s.Tried!).ToList();
        steps[^1].ShouldBe(steps.Last(s => s.Tried is not null));
        tried[^1].Tried.ShouldBe(tried[^1].Of);
        tried.ShouldContain(t => t.Offer != null && t.Offer.Label == "Make 3 attempts, and count all of them");
    }

    [Fact]
    public async Task What_is_wrong_is_refused_at_its_field_before_any_class_plays()
    {
        var refused = await _app.Post(
            "/api/drafts/rehearsal",
            new DraftRehearsal(Lucky(), "", new RehearsalAsked { Teams = 1 }, default)
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(refused)).ShouldBe(["/teams"]);
        (
            await _app.Post("/api/drafts/rehearsal", new DraftRehearsal(Lucky(), "no such tier", new(), default))
        ).StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (
            await RunningApp.Places(
                await _app.Post(
                    "/api/drafts/rehearsal/beside",
                    new DraftBeside(Lucky(), "", new() { Seed = 2 }, [Change.Set("/no/such/place", 1)], default)
                )
            )
        ).ShouldBe(["/no/such/place"]);
    }

    [Fact]
    public async Task Two_methods_are_held_side_by_side()
    {
        var answer = await _app.Post(
            "/api/drafts/rehearsal/beside",
            new DraftBeside(Lucky(), "", new() { Classes = 100 }, [Change.Set("/trials/attempts", 3)], default)
        );
        var beside = (await RunningApp.Read(answer)).Deserialize<RehearsalBeside>(Json.Options)!;
        beside.Classes.ShouldBe(100);
        beside.OtherWinner.ShouldBeGreaterThan(0);
    }

    [Fact]
    public async Task Earlier_rallies_of_the_brief_tell_what_to_expect_and_hear_what_came()
    {
        var brief = await _app.AddBrief(Lucky());
        var rally = (
            await RunningApp.Read(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = brief,
                        Name = "Class 4",
                        Teams = [.. Enumerable.Range(1, 5).Select(i => new NewTeam($"Team {i}"))],
                    }
                )
            )
        ).GetProperty("id").GetGuid();
        for (var i = 1; i <= 5; i++)
            (
                await _app.Post<Entry>(
                    $"/api/rallies/{rally}/entries",
                    new Entry.TrialRecorded
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new($"t{i}"),
                        Attempt = 1,
                        Outcome = TrialOutcome.Counted,
                        Readings = [new() { Measure = "height", Typed = $"{i * 30}" }],
                    }
                )
            ).EnsureSuccessStatusCode();

        RehearsalInput Height(IReadOnlyList<RehearsalStep> steps) =>
            steps.Single(s => s.Report is not null).Report!.Inputs.Single(i => i.Handle == "height");
        var told = Height(await Steps(new(Lucky(), "", new() { Classes = 10 }, brief)));
        told.From.ShouldBe("5 times in “Class 4”");
        told.Expected.ShouldBe(new(30, 90, 150));
        Height(await Steps(new(Lucky(), "", new() { Classes = 10 }, default))).From.ShouldBe("what the brief expects");

        var expected = await _app.Get<ClassAsExpected>($"/api/rallies/{rally}/expected");
        expected.Brief.ShouldBe(brief);
        expected.Things.Single(t => t.Name == "Height").Says.ShouldBe("1 of 5 lies outside; the median is 90 cm.");
        (await _app.Get<BriefMemory>($"/api/briefs/{brief}/memory")).Offers.ShouldContain(o =>
            o.Fix.Label == "Expect 30 cm to 150 cm"
        );
        (
            await _app.Client.GetAsync($"/api/rallies/{Guid.NewGuid()}/expected", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    private async Task<IReadOnlyList<RehearsalStep>> Steps(DraftRehearsal asked)
    {
        var answer = await _app.Post("/api/drafts/rehearsal", asked);
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        answer.Content.Headers.ContentType!.MediaType.ShouldBe("application/x-ndjson");
        var lines = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return
        [
            .. lines
                .Split('\n', StringSplitOptions.RemoveEmptyEntries)
                .Select(line => JsonSerializer.Deserialize<RehearsalStep>(line, RunningApp.Lenient)!),
        ];
    }

    private static Brief Lucky() =>
        new()
        {
            Title = "As high as it goes",
            Measures =
            [
                new()
                {
                    Id = "height",
                    Name = "Height",
                    Kind = MeasureKind.Length,
                    Unit = "cm",
                    Step = 1,
                    Expected = new(20, 120),
                },
            ],
            Method = new()
            {
                Parts =
                [
                    new Part.Measured
                    {
                        Id = "tall",
                        Name = "Tall",
                        Value = "height",
                        Better = Better.More,
                        Curve = new Curve.Raw(),
                    },
                ],
            },
        };

    public void Dispose() => AppPool.Return(_app);
}
