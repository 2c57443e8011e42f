using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests.Run;

/// <summary>
/// A whole bad lesson: a student comes late, a team is absent, a rule was wrong and is changed while a judge has no
/// line,
/// a card is drawn again, a round is closed and opened, and the second round is held at 75% of the team's own first.
/// Nothing is begun again, nothing is lost.
/// </summary>
public sealed class LivingLessonTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    public async Task What_happens_between_the_bell_and_the_bell_fits_in()
    {
        var (rally, group, students) = await Prepare();
        var desk = OpenWindow(_server.Address);
        string[][] none = [];

        // A student comes late, into the team of somebody to be kept apart: that is said, and the teacher decides.
        using (var http = Http())
            (
                await http.PutAsJsonAsync(
                    $"/api/classes/{group}/preferences",
                    new
                    {
                        was = new
                        {
                            together = none,
                            apart = none,
                            spread = none,
                        },
                        now = new
                        {
                            together = none,
                            apart = new[] { new[] { students[1], students[3] } },
                            spread = none,
                        },
                    },
                    TestContext.Current.CancellationToken
                )
            ).EnsureSuccessStatusCode();
        desk.Open($"/rallies/{rally}/teams");
        desk.Choose("Latecomers", "Eda F.");
        desk.Choose("Into which team", "Whelks");
        desk.ClickButton("Add student");
        desk.See("Eda F. and Bo G. are to be kept apart.");
        desk.ShouldBeAccessible();
        desk.ClickButton("Eda F. into Whelks anyway");
        desk.See("Eda F. came to Whelks");

        // A team is absent; a card is drawn, and once more with a reason.
        desk.ClickButton("Mark absent…: Gannets");
        desk.Field("Reason").SendKeys("at the harbor" + Keys.Enter);
        desk.See("Not ranked: at the harbor");
        desk.ClickButton("Draw");
        desk.See("Landing drawn by number 1");
        desk.Type("Why Landing is drawn again", "the card was torn");
        desk.ClickButton("Draw again");
        desk.See("Landing drawn by number 1: the card was torn");

        // The first attempts. By the rule as it stands the Whelks do not place.
        var walk = OpenWindow(_server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/score/t1");
        walk.See("Landing: ");
        Record(walk, "45");
        walk.See("Attempt 1: 45 cm");
        walk.Open($"/rallies/{rally}/score/t2");
        walk.See("Whelks");
        Record(walk, "60");
        walk.See("Attempt 1: 60 cm");
        desk.Open($"/rallies/{rally}/results");
        desk.Until(
            () => desk.Row("Whelks").Text.Contains("not placed", StringComparison.Ordinal),
            "the Whelks to have missed the rule"
        );
        desk.Row("Gannets").Text.ShouldContain("away");

        // While the judge has no line, the rule is changed: what would change is seen first.
        walk.Open($"/rallies/{rally}/score/t1");
        walk.See("Attempt 2 of 2");
        walk.Offline(true);
        Record(walk, "48");
        walk.See("1 kept on this device, not sent yet.");
        desk.Open($"/rallies/{rally}/change");
        desk.See("Change the sheet. Nothing counts before it is saved.");
        desk.Type("Limit", "65 cm");
        desk.ClickButton("Preview changes");
        desk.See("Round 1: places and points");
        desk.Row("Whelks").Text.ShouldContain("1st");
        desk.ShouldBeAccessible();
        desk.Type("Reason", "the ruler began at 15");
        desk.ClickButton("Save");
        desk.See("Changes in this rally");
        desk.See("the ruler began at 15");
        desk.ShouldBeAccessible();
        walk.Offline(false);
        walk.SeeNot("not sent yet");
        walk.See("The brief was changed: the ruler began at 15");
        walk.ShouldBeAccessible();

        // A team is late; the round is closed, opened again, and closed.
        desk.Open($"/rallies/{rally}/run");
        desk.ClickButton("Late: Plovers");
        desk.See("The brief does not say what being late costs.");
        desk.See("Brief changed for the whole rally");
        desk.Open($"/rallies/{rally}/score/t1");
        desk.ClickButton("Close round 1…");
        desk.ClickButton("Close round 1");
        desk.ClickButton("Reopen round 1");
        desk.ClickButton("Close round 1…");
        desk.ClickButton("Close round 1");
        desk.ClickLink("Change the brief for round 2");

        // Round two: at most 75% of the team's own first.
        desk.See("Change the brief for round 2");
        desk.ShouldBeAccessible();
        desk.Choose("What the limit is", "percent of the team’s last round");
        desk.Choose("For how long", "round 2 alone");
        desk.ClickButton("Preview changes");
        desk.See("No place and no total changes.");
        desk.Type("Reason", "lower is lighter");
        desk.ClickButton("Save");
        desk.See("in round 2 alone");
        Try(walk, rally, "t1", "36");
        Try(walk, rally, "t2", "46");
        desk.Open($"/rallies/{rally}/results");
        desk.Until(
            () => desk.Row("Whelks").Text.Contains("not placed", StringComparison.Ordinal),
            "46 cm to be over 75% of 60"
        );
        desk.Row("Plovers").Text.ShouldNotContain("not");
        desk.ClickButton("Plovers");
        desk.See("12 cm less than in round 1");
        desk.See("lower is lighter");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();
        walk.ShouldHaveCleanConsole("ERR_INTERNET_DISCONNECTED");

        // The file gives the same elsewhere, in both rounds.
        using var client = Http();
        var file = await client.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken);
        foreach (var round in new[] { 1, 2 })
        {
            var shown = (
                await client.GetFromJsonAsync<JsonElement>(
                    $"/api/rallies/{rally}/results?round={round}",
                    TestContext.Current.CancellationToken
                )
            )
                .GetProperty("rows")
                .EnumerateArray();
            (ScoredFile.Totals(file, round)).ShouldBe(
                shown.ToDictionary(
                    r => r.GetProperty("name").GetString()!,
                    r => r.GetProperty("totalText").GetString()!
                ),
                ignoreOrder: true
            );
        }

        var entries = JsonDocument.Parse(file).RootElement.GetProperty("entries").EnumerateArray().ToList();
        entries
            .Count(e => e.GetProperty("kind").GetString() == "trialRecorded")
            .ShouldBe(7, "every attempt, also the one without a line");
        file.ShouldContain("Eda F.");
        string.Join(' ', entries.Select(e => e.GetRawText())).ShouldNotContain("Eda F.");
    }

    private static void Record(Browser walk, string typed)
    {
        walk.Field("Height").SendKeys(typed + Keys.Enter);
        walk.Until(
            () => !walk.All("field", "Height").Any(f => f.GetAttribute("value") == typed),
            "the reading to be taken"
        );
    }

    private static void Try(Browser walk, string rally, string team, string typed)
    {
        walk.Open($"/rallies/{rally}/score/{team}?round=2");
        foreach (var attempt in new[] { 1, 2 })
        {
            walk.See($"Attempt {attempt} of 2");
            Record(walk, typed);
            walk.See($"Attempt {attempt}: {typed} cm");
        }
    }

    private HttpClient Http() => new() { BaseAddress = new Uri(_server.Address) };

    /// <summary>Three teams of a class, one student in none of them, and a brief with a limit that is wrong.</summary>
    private async Task<(string Rally, string Class, string[] Students)> Prepare()
    {
        PreparedRally.Shelve(
            _server.Address,
            JsonNode.Parse(
                """
                {
                  "format": "plucky-rally/brief", "version": 2, "title": "A low cairn", "goal": "Build low.",
                  "measures": [{ "id": "height", "name": "Height", "kind": "length", "unit": "cm" }],
                  "rules": [{ "id": "low", "sort": "constraint", "text": "No higher than the ruler",
                  "check": { "kind": "limit", "value": "height", "comparison": "atMost", "amount": "50 cm" },
                  "ifMissed": { "kind": "doesNotPlace" } }],
                  "trials": { "attempts": 2, "minimum": 1 },
                  "method": { "parts": [{ "kind": "measured", "id": "tall", "name": "Tall", "value": "height",
                  "better": "more", "curve": { "kind": "rate", "perUnit": 1 } }] },
                  "deals": [{ "id": "landing", "name": "Landing", "cards": [{ "id": "sand", "name": "Sand",
                  "text": "On the sand tray." }, { "id": "rock", "name": "Rock", "text": "On the rock." }] }]
                }
                """
            )!
        );
        using var http = Http();
        var made = await (
            await http.PostAsJsonAsync(
                "/api/classes",
                new { name = "Class of the cairn", students = new[] { "Ada E.", "Bo G.", "Cy H.", "Eda F." } },
                TestContext.Current.CancellationToken
            )
        ).Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        var students = made.GetProperty("students")
            .EnumerateArray()
            .Select(p => p.GetProperty("id").GetString()!)
            .ToArray();
        object Team(string name, string student) =>
            new { name, students = new[] { new { id = student, jobs = Array.Empty<string>() } } };
        var begun = await http.PostAsJsonAsync(
            "/api/rallies",
            new
            {
                brief = await PreparedRally.OnShelf(_server, "A low cairn"),
                name = "Class of the cairn",
                teams = new[]
                {
                    Team("Plovers", students[0]),
                    Team("Whelks", students[1]),
                    Team("Gannets", students[2]),
                },
            },
            TestContext.Current.CancellationToken
        );
        return (
            (await begun.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
                .GetProperty("id")
                .GetString()!,
            made.GetProperty("id").GetString()!,
            students
        );
    }
}
