using System.Net;
using Microsoft.AspNetCore.SignalR.Client;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Web.Live;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Teams;

public sealed class RallyTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_rally_keeps_its_edition_when_the_brief_changes()
    {
        var brief = await _app.AddBrief(Sample.Brief());
        var begun = await RunningApp.Read(
            await _app.Post(
                "/api/rallies",
                new NewRally
                {
                    Brief = brief,
                    Name = "A class",
                    Teams = [new("Terns")],
                }
            )
        );
        var change = new HttpRequestMessage(HttpMethod.Put, $"/api/briefs/{brief}")
        {
            Content = RunningApp.Body(Json.Write(Sample.Brief("Changed"))),
        };
        change.Headers.TryAddWithoutValidation("If-Match", "\"1\"");
        (await _app.Client.SendAsync(change, TestContext.Current.CancellationToken)).EnsureSuccessStatusCode();
        (await _app.Get<RallyOpened>($"/api/rallies/{begun.GetProperty("id").GetGuid()}")).Brief.Title.ShouldBe(
            "Rain catcher"
        );
    }

    [Fact]
    public async Task A_rally_is_refused_with_every_place_that_is_wrong()
    {
        var brief = await _app.AddBrief(Sample.Brief());
        var response = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = "",
                Teams = [new("Terns"), new(""), new("terns")],
            }
        );
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(response)).ShouldBe(["/name", "/teams/1/name", "/teams/2/name"]);
    }

    [Fact]
    public async Task A_brief_with_snags_cannot_be_run()
    {
        var brief = await _app.AddBrief(new Brief { Title = "Unfinished" });
        (
            await RunningApp.Places(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = brief,
                        Name = "A class",
                        Teams = [new("Terns")],
                    }
                )
            )
        ).ShouldBe(["/edition/brief/method/parts"]);
    }

    [Fact]
    public async Task An_unknown_brief_cannot_be_run() =>
        (
            await RunningApp.Places(
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = new(Guid.NewGuid()),
                        Name = "A class",
                        Teams = [new("Terns")],
                    }
                )
            )
        ).ShouldBe(["/brief"]);

    [Fact]
    public async Task What_is_recorded_is_scored()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns", "Whelks");
        foreach (
            var entry in new Entry[]
            {
                Sample.Stands(true),
                Sample.Caught("0.21 L"),
                Sample.Caught("180"),
                Sample.Stands(false, "t2"),
            }
        )
            (await _app.Post($"/api/rallies/{id}/entries", entry)).StatusCode.ShouldBe(HttpStatusCode.Created);
        var standings = await _app.Get<Standings>($"/api/rallies/{id}/results");
        standings
            .Rows.Select(r => (r.Name, r.PlaceText, r.TotalText))
            .ShouldBe([("Terns", "1st", "21.0"), ("Whelks", "", "")]);
        standings.Rows[1].Status.ShouldBe(StandingStatus.DidNotPlace);
        (await _app.Sheet(id, "t1")).Trials.Select(t => t.Shown).ShouldBe(["210 mL", "180 mL"]);
    }

    [Fact]
    public async Task Why_is_written_out_for_the_team_that_is_asked_for()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns", "Whelks");
        await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Caught("210", "t2"));
        var standings = await _app.Get<Standings>($"/api/rallies/{id}/results?why=t2");
        standings.Rows.Single(r => r.Team.Value == "t2").Why.ShouldContain(w => w.Sentence == "Attempt 1: 210 mL.");
        standings.Rows.Single(r => r.Team.Value == "t1").Why.ShouldBeEmpty();
        var first = await _app.Get<Standings>($"/api/rallies/{id}/results");
        first.Rows.Select(r => r.Why.Count > 0).ShouldBe([true, false], "the slip that is open at first");
    }

    [Fact]
    public async Task A_strike_is_an_entry_and_the_struck_one_stays_readable()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var entry = Sample.Caught("210");
        await _app.Post($"/api/rallies/{id}/entries", (Entry)entry);
        await _app.Post(
            $"/api/rallies/{id}/entries",
            (Entry)
                new Entry.StruckOut
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Entry = entry.Id,
                    Reason = "misread",
                }
        );
        var sheet = await _app.Sheet(id, "t1");
        sheet.Trials.ShouldBeEmpty();
        sheet
            .Log.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(
                l => l.Struck.ShouldBeTrue(),
                l => l.Why.ShouldBe("misread"),
                l => l.Says.ShouldContain("210 mL")
            );
        (await _app.Get<RallyOpened>($"/api/rallies/{id}")).Progress.AsOf.ShouldBe(2);
    }

    [Fact]
    public async Task Sending_an_entry_twice_changes_nothing()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var entry = Sample.Caught("210");
        (await _app.Post($"/api/rallies/{id}/entries", (Entry)entry)).StatusCode.ShouldBe(HttpStatusCode.Created);
        (await _app.Post($"/api/rallies/{id}/entries", (Entry)entry)).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await _app.Get<RallyOpened>($"/api/rallies/{id}")).Progress.AsOf.ShouldBe(1);
    }

    [Fact]
    public async Task Sending_an_entry_many_times_at_once_keeps_it_once()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var entry = Sample.Caught("210");
        var sent = await Task.WhenAll(
            Enumerable.Range(0, 10).Select(_ => _app.Post($"/api/rallies/{id}/entries", (Entry)entry))
        );
        sent.ShouldAllBe(r => r.IsSuccessStatusCode);
        (await _app.Get<RallyOpened>($"/api/rallies/{id}")).Progress.AsOf.ShouldBe(1);
    }

    [Fact]
    public async Task A_wrong_reading_is_refused_with_the_forms_that_would_do_and_is_not_kept()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var response = await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Caught("a lot"));
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        var problem = (await RunningApp.Read(response)).GetProperty("problems")[0];
        problem.GetProperty("at").GetString().ShouldBe("/readings/0/typed");
        problem.GetProperty("remedy").GetString()!.ShouldContain("12.5 mL");
        (await _app.Get<RallyOpened>($"/api/rallies/{id}")).Progress.AsOf.ShouldBe(0);
    }

    [Theory]
    [InlineData("""{ "kind": "guessed" }""", "/kind")]
    [InlineData("""{ "kind": "trialRecorded", "id": "x", "outcome": "counted" }""", "/id")]
    [InlineData(
        """{ "kind": "trialRecorded", "id": "01900000-0000-7000-8000-000000000009", "outcome": "won", "round": 1.5 }""",
        "/outcome,/round"
    )]
    public async Task A_malformed_entry_is_refused_with_its_places(string json, string places)
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/entries", json))).ShouldBe(places.Split(','));
    }

    [Theory]
    [InlineData("/api/rallies/01900000-0000-7000-8000-000000000009")]
    [InlineData("/api/rallies/01900000-0000-7000-8000-000000000009/results")]
    [InlineData("/api/rallies/01900000-0000-7000-8000-000000000009/score")]
    public async Task An_unknown_rally_is_said_to_be_missing(string path) =>
        (await _app.Client.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );

    [Fact]
    public async Task Rounds_and_teams_that_are_not_there_are_said_to_be_missing()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        foreach (var path in new[] { "results?round=0", "results?round=99", "score/t9", "score/t1?round=-1" })
            (
                await _app.Client.GetAsync($"/api/rallies/{id}/{path}", TestContext.Current.CancellationToken)
            ).StatusCode.ShouldBe(HttpStatusCode.NotFound, path);
    }

    [Fact]
    public async Task A_rally_comes_out_as_a_file_and_goes_in_with_the_same_standings()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns", "Whelks");
        await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Stands(true));
        await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Caught("210+"));
        var file = await _app.Client.GetStringAsync($"/api/rallies/{id}/file", TestContext.Current.CancellationToken);
        var copy = (await RunningApp.Read(await _app.Post("/api/files", file))).GetProperty("id").GetGuid();
        Json.Write(await _app.Get<Standings>($"/api/rallies/{copy}/results"))
            .ShouldBe(Json.Write(await _app.Get<Standings>($"/api/rallies/{id}/results")));
    }

    [Fact]
    public async Task A_file_that_is_wrong_is_taken_in_whole_or_not_at_all()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        var file = await _app.Client.GetStringAsync($"/api/rallies/{id}/file", TestContext.Current.CancellationToken);
        var response = await _app.Post(
            "/api/files",
            file.Replace("\"caught\"", "\"catch\"", StringComparison.Ordinal)
                .Replace("\"mL\"", "\"cm\"", StringComparison.Ordinal)
        );
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(response)).ShouldContain("/edition/brief/measures/catch/unit");
        (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_window_that_follows_the_rally_hears_of_a_new_entry()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        await using var hub = new HubConnectionBuilder().WithUrl(new Uri(_app.Client.BaseAddress!, "/live")).Build();
        var heard = new TaskCompletionSource<LiveNews>();
        hub.On<LiveNews>(LiveHub.News, heard.SetResult);
        await hub.StartAsync(TestContext.Current.CancellationToken);
        (
            await hub.InvokeAsync<LiveNews>(nameof(LiveHub.Follow), id, TestContext.Current.CancellationToken)
        ).AsOf.ShouldBe(0, "a window that has loaded it since asks nothing");
        await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Caught("210"));
        (await heard.Task.WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken)).AsOf.ShouldBe(1);
    }

    [Fact]
    public async Task The_file_is_in_write_ahead_mode_with_foreign_keys_and_entries_are_unique()
    {
        var id = await _app.Begin(Sample.Brief(), "Terns");
        await _app.Post($"/api/rallies/{id}/entries", (Entry)Sample.Caught("210"));
        await using var db = _app.OpenDb();
        (
            await db
                .Database.SqlQueryRaw<string>("SELECT journal_mode AS Value FROM pragma_journal_mode")
                .SingleAsync(TestContext.Current.CancellationToken)
        ).ShouldBe("wal");
        (
            await db
                .Database.SqlQueryRaw<int>("SELECT foreign_keys AS Value FROM pragma_foreign_keys")
                .SingleAsync(TestContext.Current.CancellationToken)
        ).ShouldBe(1);
        (await db.Database.GetPendingMigrationsAsync(TestContext.Current.CancellationToken)).ShouldBeEmpty();
        db.Database.HasPendingModelChanges().ShouldBeFalse();
    }

    public void Dispose() => AppPool.Return(_app);
}
