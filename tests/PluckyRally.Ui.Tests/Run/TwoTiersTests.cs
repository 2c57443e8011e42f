using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests.Run;

/// <summary>A class whose teams work in two tiers, led as one lesson: a desk, a wall, a judge's phone.</summary>
public sealed class TwoTiersTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    public async Task Two_tiers_have_one_clock_one_order_one_wall_and_results_of_their_own()
    {
        var desk = OpenWindow(_server.Address);
        desk.Open($"/briefs/{await PreparedRally.OnShelf(_server, "Glider to the nest ring")}/teams");
        desk.Click(() => desk.Field("Type the teams"));
        desk.Type("Class or name of the rally", "Class 4/5");
        desk.Choose("Tier", "Grades 3 to 5");
        desk.Type("Teams, one on each line", "Auks\nBrants\nCoots\nDunlins");
        desk.Click(() => desk.Field("Some teams work in another tier"));
        foreach (var older in new[] { "Brants", "Dunlins" })
            desk.Choose($"Tier of {older}", "Grades 6 to 8");
        desk.ShouldBeAccessible();
        desk.ClickButton("Begin the rally");
        desk.See("Class 4/5, Grades 3 to 5");
        var younger = desk.Place.Split('/')[2];

        // The clock and the order are of both, whichever page they are set on.
        desk.Open($"/rallies/{younger}/run");
        desk.See("Dunlins Grades 6 to 8");
        var wall = OpenWindow(_server.Address);
        wall.Open($"/rallies/{younger}/wall");
        wall.See("Class 4/5");
        desk.ClickLink("Grades 6 to 8");
        desk.Until(() => !desk.Place.Contains(younger, StringComparison.Ordinal), "the other tier's page");
        var olderRally = desk.Place.Split('/')[2];
        desk.ClickButton("Jump here: Build");
        wall.See("Build to your plan.");
        desk.ClickButton("Plan approved: Auks");
        wall.See("Cleared to build:");
        desk.Until(() => desk.Pressed("Plan approved: Auks"), "the other tier's team to be approved here too");
        desk.ShouldBeAccessible();
        desk.Button("Move Dunlins").SendKeys(OpenQA.Selenium.Keys.ArrowUp);
        desk.ClickButton("Jump here: Test");
        wall.See("Watch each test.");
        desk.ClickLink("Grades 3 to 5");
        desk.See("The test phase is running.");

        // A judge goes from team to team through both tiers, also without a connection.
        var judge = OpenWindow(_server.Address, 390, 844);
        judge.Open($"/rallies/{younger}/score/t1");
        judge.See("Attempt 1 of 4");
        judge.Until(() => judge.All("link", "Brants", exact: false).Count == 1, "the other tier's team in the strip");
        Fly(judge, "310", "12");
        judge.ClickLink("Brants open");
        judge.Until(() => judge.Heading("Brants").Displayed, "the other tier's team");
        judge.Place.ShouldStartWith($"/rallies/{olderRally}/score/t2");
        judge.See("Grades 6 to 8");
        Fly(judge, "420", "20");
        judge.ShouldBeAccessible();
        judge.ShouldFit();
        judge.StandStill();
        judge.Offline(true);
        judge.ClickLink("Coots open");
        judge.Until(() => judge.Heading("Coots").Displayed, "the first tier's team without a connection");
        Fly(judge, "280", "30", sent: false);
        judge.Offline(false);
        desk.Open($"/rallies/{younger}/score/t3");
        desk.See("Attempt 2 of 4");

        // The board is one tier's, or all tiers' as one list.
        desk.Open($"/rallies/{younger}/run");
        desk.Choose("The board is of", "Grades 6 to 8");
        desk.ClickButton("Board");
        desk.ClickButton("Reveal all");
        wall.See("Brants");
        wall.SeeNot("Coots");
        desk.Choose("The board is of", "all tiers in one list");
        desk.ClickButton("Reveal all");
        wall.See("Coots");
        wall.See("Dunlins");
        wall.ShouldBeAccessible();
        desk.Open($"/rallies/{younger}/results");
        desk.ClickLink("Combined results");
        desk.See("Brants");
        desk.See("Auks");
        foreach (var window in new[] { desk, wall })
            window.ShouldHaveCleanConsole();
    }

    /// <summary>Bucket chain for the younger and the older ones: what is timed is the same in both.</summary>
    [Fact]
    public async Task A_heat_runs_teams_of_both_tiers_and_each_time_stands_in_its_own_rally()
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "bucket-chain.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        brief["title"] = "Buckets for two tiers";
        brief["tiers"] = JsonNode.Parse(
            """[{"id":"g35","name":"Grades 3 to 5"},{"id":"g68","name":"Grades 6 to 8"}]"""
        );
        PreparedRally.Shelve(_server.Address, brief);
        var id = await PreparedRally.OnShelf(_server, "Buckets for two tiers");
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        using var begun = await http.PostAsJsonAsync(
            "/api/rallies",
            new
            {
                brief = id,
                name = "Class 4/5",
                teams = new[] { new { name = "Auks", tier = "g35" }, new { name = "Brants", tier = "g68" } },
            },
            TestContext.Current.CancellationToken
        );
        var rally = (await begun.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
            .GetProperty("id")
            .GetString()!;
        var walk = OpenWindow(_server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/teams");
        walk.ClickButton("Draw the heats");
        walk.See("Brants in lane");
        walk.Open($"/rallies/{rally}/together");
        walk.Click(() => walk.One("button", "Heat 1 as drawn: ", exact: false));
        walk.ClickButton("Start all");
        walk.ClickButton("Leg 1 is in: Auks");
        walk.ClickButton("Leg 1 is in: Brants");
        walk.See("Leg 2 is in");
        walk.ShouldBeAccessible();
        walk.Open($"/rallies/{rally}/score/t1");
        walk.See("1 of 4 legs timed");
        walk.ClickLink("Brants open");
        walk.Until(() => walk.Heading("Brants").Displayed, "the other tier's team");
        walk.See("1 of 4 legs timed");
        walk.ShouldHaveCleanConsole();
    }

    private static void Fly(Browser judge, string distance, string off, bool sent = true)
    {
        judge.ClickButton("All met");
        judge.Type("Distance", distance);
        judge.Type("Off the line", off);
        judge.ClickButton("Record");
        judge.See(sent ? $"Distance {distance} cm" : "kept on this device");
    }
}
