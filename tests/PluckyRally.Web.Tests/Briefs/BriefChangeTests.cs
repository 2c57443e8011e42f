using System.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Score;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Briefs;

/// <summary>
/// A brief that is changed while a rally is run: seen first, kept with a reason, on the shelf too, and nothing recorded
/// is lost by it.
/// </summary>
public sealed class BriefChangeTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    public void Dispose() => AppPool.Return(_app);

    [Fact]
    public async Task What_would_change_is_seen_before_it_is_kept_and_why_it_was_is_asked()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns", "Whelks");
        await Record(
            id,
            Sample.Stands(true),
            Sample.Caught("210"),
            Sample.Stands(true, "t2"),
            Sample.Caught("300", "t2")
        );
        var brief = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        var changed = brief with { Trials = brief.Trials with { Attempts = 1, Minimum = null } };
        var seen = await Read<ChangePreview>(
            await _app.Post($"/api/rallies/{id}/brief-changes/preview", new BriefToChange(brief, changed))
        );
        seen.Differs.ShouldNotBeEmpty();
        seen.Rounds.ShouldHaveSingleItem().Rows.Select(r => r.Team).ShouldBe([new("t2"), new("t1")]);
        seen.Rounds[0]
            .Rows[0]
            .ShouldSatisfyAllConditions(
                r => r.Before.ShouldStartWith("not finished"),
                r => r.After.ShouldStartWith("1st")
            );
        (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).BriefChanges.ShouldBeEmpty(
            "nothing is kept by looking"
        );

        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{id}/brief-changes", new BriefToChange(brief, changed))
            )
        ).ShouldBe(["/reason"]);
        (
            await _app.Post(
                $"/api/rallies/{id}/brief-changes",
                new BriefToChange(brief, changed, Reason: "the bell rings early")
            )
        ).EnsureSuccessStatusCode();
        var standings = await _app.Get<Standings>($"/api/rallies/{id}/results");
        standings.Rows.Select(r => r.PlaceText).ShouldBe(["1st", "2nd"]);
        standings.BriefChanges.ShouldHaveSingleItem().Reason.ShouldBe("the bell rings early");
        (await _app.Get<JudgeRallyView>($"/api/rallies/{id}/walk")).ShouldSatisfyAllConditions(
            w => w.Brief.Trials.Attempts.ShouldBe(1),
            w => w.BriefChanges.Count.ShouldBe(1),
            w => w.Progress.Edition.ShouldBe(5)
        );

        // The file scores the same elsewhere.
        var file = await _app.Client.GetStringAsync($"/api/rallies/{id}/file", TestContext.Current.CancellationToken);
        var elsewhere = OpenedRally.Open(DocumentReader.Rally(file).OrThrow().Value).OrThrow();
        elsewhere.Result(1).Standings.Rows.Select(r => r.TotalText).ShouldBe(standings.Rows.Select(r => r.TotalText));
    }

    [Fact]
    public async Task What_nobody_changed_and_what_cannot_be_run_is_refused_at_its_place()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var brief = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{id}/brief-changes/preview", new BriefToChange(brief, brief))
            )
        ).ShouldBe(["/changes"]);
        (
            await RunningApp.Places(
                await _app.Post(
                    $"/api/rallies/{id}/brief-changes/preview",
                    new BriefToChange(brief, brief with { Method = new() })
                )
            )
        ).ShouldContain("/brief/method/parts");
        (
            await RunningApp.Places(
                await _app.Post(
                    $"/api/rallies/{id}/entries",
                    (Entry)
                        new Entry.BriefMended
                        {
                            Id = new(Guid.CreateVersion7()),
                            Reason = "unseen",
                            Changes = BriefChanges.Between(brief, brief with { Title = "Other" }),
                        }
                )
            )
        ).ShouldBe(["/kind"]);
    }

    [Fact]
    public async Task What_was_written_by_the_earlier_brief_is_kept_even_where_it_no_longer_fits()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var brief = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        var once = brief with { Measures = [.. brief.Measures.Select(m => m with { Taken = ReadOccasion.Once })] };
        (
            await _app.Post(
                $"/api/rallies/{id}/brief-changes",
                new BriefToChange(brief, once, Reason: "it is read once")
            )
        ).EnsureSuccessStatusCode();

        // A tablet that had no line then sends what it kept; one that has the changed brief is told at once.
        (
            await _app.Post($"/api/rallies/{id}/entries", (Entry)(Sample.Caught("210") with { EditionAsOf = 1 }))
        ).StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (
            await _app.Post($"/api/rallies/{id}/entries", (Entry)(Sample.Caught("210") with { EditionAsOf = 0 }))
        ).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await _app.Get<DeskProgress>($"/api/rallies/{id}/progress"))
            .Aside.ShouldHaveSingleItem()
            .Problems.ShouldContain(p => p.What.Contains("measured once", StringComparison.Ordinal));
    }

    [Fact]
    public async Task The_brief_on_the_shelf_is_mended_in_the_same_step_where_it_is_wanted()
    {
        var shelf = await _app.AddBrief(Sample.Brief());
        var id = (
            await RunningApp.Read(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = shelf,
                        Name = "A class",
                        Teams = [new("Terns")],
                    }
                )
            )
        ).GetProperty("id").GetGuid();
        var brief = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        (
            await Read<ChangePreview>(
                await _app.Post(
                    $"/api/rallies/{id}/brief-changes/preview",
                    new BriefToChange(brief, brief with { Goal = "Catch more" })
                )
            )
        ).Shelf.ShouldBe("Rain catcher");
        (
            await Read<BriefChanged>(
                await _app.Post(
                    $"/api/rallies/{id}/brief-changes",
                    new BriefToChange(brief, brief with { Goal = "Catch more" }, Reason: "clearer", ShelfToo: true)
                )
            )
        ).NotOnShelf.ShouldBeNull();
        (await _app.Get<Brief>($"/api/briefs/{shelf}")).Goal.ShouldBe("Catch more");
        (
            await _app.Post(
                $"/api/rallies/{id}/brief-changes",
                new BriefToChange(
                    brief with
                    {
                        Goal = "Catch more",
                    },
                    brief with
                    {
                        Goal = "Catch less",
                    },
                    Reason: "only here"
                )
            )
        ).EnsureSuccessStatusCode();
        (await _app.Get<Brief>($"/api/briefs/{shelf}")).Goal.ShouldBe("Catch more");
    }

    [Fact]
    public async Task A_round_alone_is_mended_and_opens_on_the_one_that_runs()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var brief = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes?round=2")).Brief;
        (
            await _app.Post(
                $"/api/rallies/{id}/brief-changes",
                new BriefToChange(
                    brief,
                    brief with
                    {
                        Goal = "With less paper",
                    },
                    Round: 2,
                    OnlyThisRound: true,
                    Reason: "round two"
                )
            )
        ).EnsureSuccessStatusCode();
        (await _app.Get<RallyOpened>($"/api/rallies/{id}?round=1")).Brief.Goal.ShouldNotBe("With less paper");
        var second = await _app.Get<RallyOpened>($"/api/rallies/{id}?round=2");
        (second.Brief.Goal, second.Progress.Running).ShouldBe(("With less paper", 1));
        await Record(id, Sample.Caught("210") with { Round = 2 });
        (await _app.Get<RallyOpened>($"/api/rallies/{id}")).Progress.Running.ShouldBe(2);
    }

    private async Task Record(RallyId rally, params Entry[] entries)
    {
        foreach (var entry in entries)
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
    }

    private static async Task<T> Read<T>(HttpResponseMessage answer)
    {
        var text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        answer.IsSuccessStatusCode.ShouldBeTrue(text);
        return System.Text.Json.JsonSerializer.Deserialize<T>(text, Json.Options)!;
    }
}
