using System.Text.Json;

namespace PluckyRally.Ui.Tests.Debriefs;

/// <summary>
/// The talk after a round: answers on the wall, one thing to change for each team, and the pad that reminds it.
/// </summary>
public sealed class DebriefTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    [Trait("run", "short")]
    public async Task A_class_looks_back_and_takes_one_change_into_the_next_round()
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        var rally = await PreparedRally.FromDemo(_server.Address, "class-4-shingle.rally.json");
        var opened = await http.GetStringAsync(
            $"/api/rallies/{rally}/debrief?round=2",
            TestContext.Current.CancellationToken
        );
        var question = JsonDocument
            .Parse(opened)
            .RootElement.GetProperty("questions")[0]
            .GetProperty("text")
            .GetString()!;

        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{rally}/debrief?round=2");
        desk.See("Ask the class what worked, and each team for one thing to change.");
        desk.See(question);
        desk.ShouldBeAccessible();
        desk.ClickButton($"Show on the wall: {question}");
        desk.Type($"Answer: {question}", "The flat ones carried more" + Keys.Enter);
        desk.See("The flat ones carried more");
        desk.Until(
            () => desk.Field($"Answer: {question}").GetAttribute("value") == "",
            "the line to be free for the next answer"
        );

        var wall = OpenWindow(_server.Address, 1600, 900);
        wall.Open($"/rallies/{rally}/wall?round=2");
        wall.See(question);
        wall.See("The flat ones carried more");
        desk.Type($"Answer: {question}", "High sides kept the water out" + Keys.Enter);
        wall.See("High sides kept the water out");
        wall.ShouldBeAccessible();
        desk.ClickButton("Remove: The flat ones carried more");
        wall.SeeNot("The flat ones carried more");

        Open(desk, "Limpets");
        desk.See("8 beads more than in round 1: better");
        desk.Type("What worked: Limpets", "a flat floor");
        desk.Type("One thing to change: Limpets", "fold the corners up");
        desk.Type("Why: Limpets", "water came in there");
        desk.ShouldBeAccessible();

        // What is typed and not kept yet is still there after the page was left.
        desk.Open($"/rallies/{rally}/results?round=2");
        desk.See("Standings");
        desk.Open($"/rallies/{rally}/debrief?round=2");
        desk.See("What each team learned");
        Open(desk, "Limpets");
        desk.Field("Why: Limpets").GetAttribute("value").ShouldBe("water came in there");
        desk.ClickButton("Save: Limpets");
        desk.See("6 teams have not looked back yet.");

        desk.ClickLink("Begin round 3 at the pad");
        desk.See("Attempt 1 of");
        desk.Click(() => desk.One("link", "Limpets", exact: false));
        desk.See("After round 2 they wanted to change: fold the corners up");
        desk.ClickButton("Save change");
        desk.See("Changed: fold the corners up");

        // How it is described is asked too; what it was in the round before stands there already.
        desk.Until(() => desk.Field("What, line 1").GetAttribute("value") == "hull", "the label of the round before");
        desk.Type("How hull is", "flat");
        desk.ClickButton("Describe the design");
        desk.See("hull: flat, sides: high");
        desk.ShouldBeAccessible();
        desk.Open($"/rallies/{rally}/debrief?round=3");
        Open(desk, "Limpets");
        desk.See("Wanted to change after round 2: fold the corners up");
        desk.See("Only this was changed, so it may explain the difference.");
        desk.ShouldHaveCleanConsole();
        wall.ShouldHaveCleanConsole();
    }

    [Fact]
    public async Task What_a_rally_leaves_is_noted_marked_printed_and_offered_beside_the_brief()
    {
        var rally = await PreparedRally.FromDemo(_server.Address, "class-4-shingle.rally.json");
        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{rally}/debrief?round=2");
        desk.See("Two trays of water are enough");
        desk.Type("A note for next time", "dry the beads first" + Keys.Enter);
        desk.See("dry the beads first");

        desk.ClickLink("Levels");
        desk.See("nobody else sees them");
        desk.Choose("Measures with care: Limpets", "always");
        desk.Open($"/rallies/{rally}/marks?round=2");
        desk.See("Limpets");
        desk.Until(() => desk.Field("Measures with care: Limpets").Text == "always", "the level to be kept");
        desk.ShouldBeAccessible();

        desk.Open($"/rallies/{rally}/notebook");
        desk.See("We changed: loaded from the middle out.");
        desk.See("What we would change next, and why");
        desk.ShouldBeAccessible();

        desk.Open("/");
        desk.Type("Search briefs and rallies", "dry beads first");
        desk.Until(
            () =>
                desk.Driver.FindElements(By.XPath("//h3/a[contains(@href, '/briefs/')]"))
                    is [{ Text: "Foil ferry across the Kelp Channel" }],
            "the one brief that a note of its rally is found in"
        );
        desk.Click(() => desk.Driver.FindElement(By.XPath("//h3/a[contains(@href, '/briefs/')]")));
        desk.ClickTab("Last time");
        desk.See("dry the beads first");
        desk.See("The best so far, cargo:");
        desk.ShouldBeAccessible();
        desk.ClickButton("Make 110 beads the value to beat");
        desk.Until(
            () => desk.All("button", "Make 110 beads the value to beat").Count == 0,
            "the offer to be gone once it is taken"
        );
        desk.ClickTab("Method");
        desk.Until(
            () => desk.Field("Name of the target").GetAttribute("value") == "Best so far",
            "the target among the method's"
        );
        desk.ClickButton("Undo");
        desk.ShouldHaveCleanConsole();
    }

    private static void Open(Browser desk, string team) =>
        desk.Click(() => desk.Driver.FindElement(By.XPath($"//summary[b[.='{team}']]")));
}
