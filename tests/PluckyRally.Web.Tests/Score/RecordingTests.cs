using System.Net;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Run;
using PluckyRally.Web.Score;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Score;

/// <summary>
/// Many judges at once: every entry is kept once, in one order, and no rule of the log can be passed by being quick.
/// </summary>
public sealed class RecordingTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task Looking_at_old_rallies_does_not_push_out_the_one_that_runs()
    {
        var brief = await _app.AddBrief(Sample.Brief());
        var rallies = new List<Guid>();
        for (var n = 0; n < 70; n++)
        {
            var made = await _app.Post(
                "/api/rallies",
                new NewRally
                {
                    Brief = brief,
                    Name = $"Class {n}",
                    Teams = [new("Able")],
                }
            );
            rallies.Add((await RunningApp.Read(made)).GetProperty("id").GetGuid());
            foreach (var seen in new[] { rallies[^1], rallies[0] })
                await _app.Get<System.Text.Json.JsonElement>($"/api/rallies/{seen}/results");
        }

        var kept = _app.Service<RallyOwners>();
        kept.Find(new(rallies[0])).ShouldNotBeNull();
        kept.Find(new(rallies[1])).ShouldBeNull("nobody has asked for it for longest");
        kept.Find(new(rallies[^1])).ShouldNotBeNull();
    }

    [Fact]
    public async Task What_belongs_to_an_attempt_is_taken_with_it_and_not_without_it()
    {
        var brief = Sample.Brief();
        var every = brief.Rules[0] with { Id = "level", When = CheckTime.EveryAttempt };
        var id = await _app.Begin(brief with { Rules = [.. brief.Rules, every] }, "Able");
        var waited = Sample.Caught("") with { Attempt = 1, Outcome = TrialOutcome.Waiting, Readings = [] };
        (await _app.Post<Entry>($"/api/rallies/{id}/entries", waited)).EnsureSuccessStatusCode();
        foreach (var (typed, taken) in new[] { ("wet", 0), ("210", 3) })
        {
            var trial = Sample.Caught(typed) with { Attempt = 1 };
            Entry[] together =
            [
                trial,
                new Entry.StruckOut
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Entry = waited.Id,
                },
                Sample.Stands(true) with
                {
                    Rule = "level",
                    Attempt = 1,
                },
            ];
            var answers = await RunningApp.Read(await _app.Post($"/api/rallies/{id}/entries/many", together));
            answers.EnumerateArray().Count(a => a.TryGetProperty("taken", out _)).ShouldBe(taken);
            (await _app.Get<Rally>($"/api/rallies/{id}/file")).Entries.Count.ShouldBe(1 + taken);
        }
    }

    [Fact]
    public async Task An_id_stands_for_what_was_recorded_under_it()
    {
        var id = await _app.Begin(Sample.Brief(), "Able");
        var entry = Sample.Caught("210");
        (await _app.Post<Entry>($"/api/rallies/{id}/entries", entry)).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await _app.Post<Entry>($"/api/rallies/{id}/entries", entry)).StatusCode.ShouldBe(
            HttpStatusCode.OK,
            "the same again is answered as the first time"
        );
        using var other = await _app.Post<Entry>(
            $"/api/rallies/{id}/entries",
            entry with
            {
                Readings = [new() { Measure = "caught", Typed = "215" }],
            }
        );
        (await RunningApp.Places(other)).ShouldBe(["/id"]);
        var says = await other.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        says.ShouldContain("210");
        says.ShouldContain("215");
        (await _app.Get<Rally>($"/api/rallies/{id}/file")).Entries.Count.ShouldBe(1);
    }

    [Fact]
    public async Task Attempts_that_come_at_once_do_not_pass_the_number_that_there_is()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var answers = await Task.WhenAll(
            Enumerable
                .Range(0, 20)
                .Select(i => _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught($"{100 + (5 * i)}")))
        );
        answers.Count(a => a.StatusCode == HttpStatusCode.Created).ShouldBe(2, "the brief allows two attempts");
        answers.Count(a => a.StatusCode == HttpStatusCode.UnprocessableEntity).ShouldBe(18);
        (await _app.Sheet(rally, "t1")).Trials.Count.ShouldBe(2);
    }

    [Fact]
    public async Task What_many_send_at_once_and_some_send_twice_is_in_the_log_once_each()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        var notes = Enumerable
            .Range(0, 120)
            .Select(i => new Entry.NoteMade
            {
                Id = new(Guid.CreateVersion7()),
                Team = new(i % 2 == 0 ? "t1" : "t2"),
                Text = $"note {i}",
            })
            .ToList();
        var answers = await Task.WhenAll(
            notes.Concat(notes.Take(40)).Select(n => _app.Post<Entry>($"/api/rallies/{rally}/entries", n))
        );
        answers.ShouldAllBe(a => a.IsSuccessStatusCode);
        var log = (await _app.Get<Rally>($"/api/rallies/{rally}/file")).Entries;
        log.Select(e => e.Id).ShouldBe(notes.Select(n => n.Id), ignoreOrder: true);
        await using var db = _app.OpenDb();
        (
            await db
                .Entries.OrderBy(e => e.Sequence)
                .Select(e => e.EntryId)
                .ToListAsync(TestContext.Current.CancellationToken)
        ).ShouldBe(log.Select(e => e.Id), "memory and disk have one order");
    }

    [Fact]
    public async Task An_unlikely_reading_is_taken_when_the_judge_is_sure()
    {
        var brief = Sample.Brief() with { Measures = [Sample.Brief().Measures[0] with { Expected = new(100, 300) }] };
        var rally = await _app.Begin(brief, "Able");
        (
            await RunningApp.Places(await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("2100")))
        ).ShouldBe(["/readings/0/sure"]);
        var sure = Sample.Caught("2100");
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                sure with
                {
                    Readings = [sure.Readings[0] with { Sure = true }],
                }
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await _app.Get<Rally>($"/api/rallies/{rally}/file"))
            .Entries.OfType<Entry.TrialRecorded>()
            .Single()
            .Readings.Single()
            .Sure.ShouldBeTrue();
    }

    [Fact]
    public async Task A_closed_round_refuses_and_the_same_entry_can_go_into_the_next()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) }
            )
        ).EnsureSuccessStatusCode();
        (await _app.Get<ClockRead>($"/api/rallies/{rally}/clock")).Closed.ShouldBeTrue();
        var late = Sample.Caught("210");
        (await RunningApp.Places(await _app.Post<Entry>($"/api/rallies/{rally}/entries", late))).ShouldBe(["/round"]);
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", late with { Round = 2 })).StatusCode.ShouldBe(
            HttpStatusCode.Created,
            "it was never taken, so it keeps its id"
        );
    }

    [Fact]
    public async Task A_student_who_is_renamed_or_removed_is_so_in_a_rally_that_was_read_before()
    {
        var group = await RunningApp.Read(
            await _app.Post("/api/classes", new { name = "Class 2", students = new[] { "Wren A.", "Torin B." } })
        );
        var (wren, torin) = (
            group.GetProperty("students")[0].GetProperty("id").GetGuid(),
            group.GetProperty("students")[1].GetProperty("id").GetGuid()
        );
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(Sample.Brief()),
                Name = "Class 2",
                Teams = [new NewTeam("Able") { Students = [new(wren, []), new(torin, [])] }],
            }
        );
        var rally = (await RunningApp.Read(begun)).GetProperty("id").GetGuid();
        (await Names(rally)).ShouldBe(["Wren A.", "Torin B."]);
        (
            await _app.Client.PutAsync(
                $"/api/students/{wren}",
                RunningApp.Body("""{ "was": { "name": "Wren A." }, "now": { "name": "Wren C." } }"""),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        (await Names(rally)).ShouldBe(["Wren C.", "Torin B."]);
        (
            await _app.Client.DeleteAsync($"/api/students/{torin}", TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
        (await Names(rally)).ShouldBe(["Wren C."]);
    }

    [Fact]
    public async Task A_pasted_answer_is_read_and_nothing_is_recorded()
    {
        var brief = Sample.Brief() with
        {
            Method = new()
            {
                Parts =
                [
                    new Part.Bins
                    {
                        Id = "sort",
                        Name = "Sorting",
                        Names = ["in", "out"],
                        Items =
                        [
                            new()
                            {
                                Id = "a",
                                Name = "Cork",
                                Bin = "in",
                            },
                            new()
                            {
                                Id = "b",
                                Name = "Net",
                                Bin = "out",
                            },
                        ],
                        Right = 1,
                    },
                ],
            },
        };
        var rally = await _app.Begin(brief, "Able");
        var read = await RunningApp.Read(
            await _app.Post($"/api/rallies/{rally}/answers/sort", new AnswerTyped("Cork: in\nNet: in"))
        );
        read.GetProperty("placed").GetProperty("b").GetString().ShouldBe("in");
        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{rally}/answers/sort", new AnswerTyped("Cork: under"))
            )
        ).ShouldBe(["/text"]);
        (await _app.Post($"/api/rallies/{rally}/answers/nothing", new AnswerTyped("x"))).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (await _app.Get<Rally>($"/api/rallies/{rally}/file")).Entries.ShouldBeEmpty();
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<IEnumerable<string>> Names(Guid rally) =>
        (await _app.Get<RallyOpened>($"/api/rallies/{rally}")).Teams.Single().Students.Select(p => p.Name);
}
