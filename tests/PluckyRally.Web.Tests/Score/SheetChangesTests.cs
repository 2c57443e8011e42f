using System.Net;
using System.Text.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Score;

/// <summary>A device is sent what is new to it, and no more.</summary>
public sealed class SheetChangesTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();
    private string _ground = "";

    [Fact]
    public async Task A_device_that_has_nothing_gets_the_strip_of_all_and_its_own_sheet_with_the_log()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await Record(rally, Sample.Caught("210", "t2"));
        var first = await Changes(rally, "t2");
        first.GetProperty("order").EnumerateArray().Select(t => t.GetString()).ShouldBe(["t1", "t2"]);
        Teams(first).ShouldBe([("t1", 0), ("t2", 1)]);
        Says(first).ShouldBe(["Attempt 1: 210 mL"]);
        (await Changes(rally, "t1")).GetProperty("sheet").GetProperty("trials").GetArrayLength().ShouldBe(0);
        (
            await _app.Client.GetAsync($"/api/rallies/{rally}/score?round=0", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Who_has_chosen_no_team_gets_the_sheet_of_the_one_that_is_due()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker", "Crabs");
        Due(await Changes(rally, "")).ShouldBe(("t1", "t1"));
        await Record(rally, Sample.Stands(false));
        Due(await Changes(rally, "")).ShouldBe(("t2", "t2"), "the first team that is not finished");
        Due(await Changes(rally, "t3")).ShouldBe(("t2", "t3"), "its own choice stands");
        Due(await Changes(rally, "", since: 1)).ShouldBe(("t2", null), "all sheets are looked at, and it has them");
        await Record(rally, Sample.Stands(false, "t2"));
        await Record(rally, Sample.Stands(false, "t3"));
        Due(await Changes(rally, "")).ShouldBe(("t1", "t1"), "all have finished");

        static (string? Due, string? Sheet) Due(JsonElement changes) =>
            (
                changes.GetProperty("due").GetString(),
                changes.TryGetProperty("sheet", out var sheet) ? sheet.GetProperty("team").GetString() : null
            );
    }

    [Fact]
    public async Task Later_it_gets_what_has_changed_since_and_only_the_new_lines_of_the_log()
    {
        var rally = await _app.Begin(Sample.Brief() with { Trials = new() { Attempts = 3 } }, "Able", "Baker");
        await Record(rally, Sample.Caught("210"));
        var first = await Changes(rally, "t1");
        await Record(rally, Sample.Caught("140"));
        await Record(
            rally,
            new Entry.NoteMade
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t2"),
                Text = "tests early",
            }
        );
        var next = await Changes(rally, "t1", since: 1, held: 1);
        (next.GetProperty("since").GetInt32(), next.GetProperty("asOf").GetInt32()).ShouldBe((1, 3));
        Teams(next).ShouldBe([("t1", 2), ("t2", 3)]);
        Says(next).ShouldBe(["Attempt 2: 140 mL"]);
        next.GetProperty("sheet").GetProperty("logFrom").GetInt32().ShouldBe(1);

        var quiet = await Changes(rally, "t1", since: 3, held: 3);
        Teams(quiet).ShouldBeEmpty();
        quiet.TryGetProperty("sheet", out _).ShouldBeFalse("nothing on it has changed");
    }

    [Fact]
    public async Task The_first_entry_of_all_is_a_change_like_any_other()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        (await Changes(rally, "t1")).GetProperty("asOf").GetInt32().ShouldBe(0);
        await Record(rally, Sample.Caught("210", "t2"));
        var next = await Changes(rally, "t1", since: 0, held: 0);
        next.GetProperty("since").GetInt32().ShouldBe(0);
        Teams(next).ShouldBe([("t2", 1)]);
    }

    [Fact]
    public async Task A_strike_changes_lines_that_are_there_so_the_log_comes_whole()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able");
        var caught = Sample.Caught("210");
        await Record(rally, caught);
        await Changes(rally, "t1");
        await Record(
            rally,
            new Entry.StruckOut
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Entry = caught.Id,
            }
        );
        var next = await Changes(rally, "t1", since: 1, held: 1);
        next.GetProperty("sheet").GetProperty("logFrom").GetInt32().ShouldBe(0);
        next.GetProperty("sheet").GetProperty("log")[0].GetProperty("struck").GetBoolean().ShouldBeTrue();
    }

    [Fact]
    public async Task What_another_run_of_the_ground_said_is_no_ground_to_go_on_from()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await Record(rally, Sample.Caught("210"));
        await Changes(rally, "t1");
        _ground = "another";
        var all = await Changes(rally, "t1", since: 1, held: 1);
        all.TryGetProperty("since", out _).ShouldBeFalse("this is all there is");
        Teams(all).Count.ShouldBe(2);
        Says(all).Count.ShouldBe(1);
        (await Changes(rally, "t1", since: -7, held: -7))
            .GetProperty("sheet")
            .GetProperty("log")
            .GetArrayLength()
            .ShouldBe(1, "a number that cannot be is taken for none");
    }

    [Fact]
    public async Task What_is_in_no_log_reaches_a_device_that_has_everything()
    {
        using var room = new Classroom();
        var rally = await room.Begin();
        await Classroom.Record(
            room.Teacher,
            rally,
            new Entry.RuleChecked
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                Rule = Sample.Brief().Rules[0].Id,
                Met = true,
            }
        );
        using var one = await room.Judge(rally, "Aide");
        await Classroom.Record(one, rally, Sample.Caught("210"));
        using var other = await room.Judge(rally, "Wyn");
        async Task<JsonElement> Ask(string held) =>
            JsonElement.Parse(
                await other.GetStringAsync(
                    $"/api/rallies/{rally}/score?team=t1{held}",
                    TestContext.Current.CancellationToken
                )
            );
        var first = await Ask("");
        var has = $"&since=2&held=2&ground={first.GetProperty("ground").GetString()}";
        (await Ask(has)).TryGetProperty("sheet", out _).ShouldBeFalse();
        (
            await room.Teacher.PutAsync(
                $"/api/rallies/{rally}/judges",
                RunningApp.Body("""{ "strikeOthers": true }"""),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        var next = await Ask(has);
        next.GetProperty("sheet")
            .GetProperty("log")
            .EnumerateArray()
            .Single(l => l.GetProperty("by").GetString() == "Aide")
            .GetProperty("mayStrike")
            .GetBoolean()
            .ShouldBeTrue("it was let meanwhile");
    }

    [Fact]
    public async Task What_changes_in_one_rally_makes_no_other_fetch_everything()
    {
        var (one, other) = (await _app.Begin(Sample.Brief(), "Able"), await _app.Begin(Sample.Brief(), "Baker"));
        var (before, beside) = (await Ground(one), await Ground(other));
        using var let = await _app.Client.PutAsync(
            $"/api/rallies/{one}/judges",
            RunningApp.Body("""{ "strikeOthers": true }"""),
            TestContext.Current.CancellationToken
        );
        let.EnsureSuccessStatusCode();
        (await Ground(one)).ShouldNotBe(before);
        (await Ground(other)).ShouldBe(beside);

        async Task<string> Ground(RallyId rally) =>
            (await _app.Get<JsonElement>($"/api/rallies/{rally}/score")).GetProperty("ground").GetString()!;
    }

    [Fact]
    public async Task Sheets_of_other_teams_come_without_their_logs_and_in_pieces()
    {
        var rally = await _app.Begin(Sample.Brief(), [.. Enumerable.Range(1, 30).Select(n => $"Team {n}")]);
        await Record(rally, Sample.Caught("210", "t2"));
        var all = string.Join('&', Enumerable.Range(1, 30).Select(n => $"team=t{n}"));
        var sheets = await _app.Get<List<TeamSheet>>($"/api/rallies/{rally}/score/sheets?{all}");
        sheets.Count.ShouldBe(25);
        (sheets[1].Trials.Count, sheets[1].Log.Count).ShouldBe((1, 0));
        (await _app.Get<List<TeamSheet>>($"/api/rallies/{rally}/score/sheets?team=nobody")).ShouldBeEmpty();
        (await _app.Get<List<TeamSheet>>($"/api/rallies/{rally}/score/sheets")).ShouldBeEmpty();
    }

    [Fact]
    public async Task Where_points_hang_on_all_teams_the_teacher_hears_of_all_of_them()
    {
        var brief = Sample.Brief();
        var part = (Part.Measured)brief.Method.Parts[0];
        var rally = await _app.Begin(
            brief with
            {
                Trials = new(),
                Rules = [],
                Method = brief.Method with { Parts = [part with { Curve = new Curve.ShareOfBest(10) }] },
            },
            "Able",
            "Baker"
        );
        await Record(rally, Sample.Caught("100"));
        Totals(await Changes(rally, "")).ShouldBe(["10.0", ""]);
        await Record(rally, Sample.Caught("200", "t2"));
        Totals(await Changes(rally, "", since: 1)).ShouldBe(["5.0", "10.0"], "the best is another's now");
    }

    public void Dispose() => AppPool.Return(_app);

    private static List<(string, int)> Teams(JsonElement changes) =>
        [
            .. changes
                .GetProperty("teams")
                .EnumerateArray()
                .Select(t => (t.GetProperty("team").GetString()!, t.GetProperty("touched").GetInt32())),
        ];

    private static List<string> Totals(JsonElement changes) =>
        [.. changes.GetProperty("teams").EnumerateArray().Select(t => t.GetProperty("totalText").GetString()!)];

    private static List<string> Says(JsonElement changes) =>
        [
            .. changes
                .GetProperty("sheet")
                .GetProperty("log")
                .EnumerateArray()
                .Select(l => l.GetProperty("says").GetString()!),
        ];

    private async Task<JsonElement> Changes(RallyId rally, string team, int? since = null, int held = 0)
    {
        var changes = await _app.Get<JsonElement>(
            $"/api/rallies/{rally}/score?team={team}&held={held}&ground={_ground}"
                + $"{(since is null ? "" : $"&since={since}")}"
        );
        _ground = changes.GetProperty("ground").GetString()!;
        return changes;
    }

    private async Task Record(RallyId rally, Entry entry) =>
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
}
