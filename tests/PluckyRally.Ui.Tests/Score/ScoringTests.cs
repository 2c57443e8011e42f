using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests.Score;

/// <summary>From a brief on the shelf to a scored rally.</summary>
public sealed class ScoringTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    [Trait("run", "short")]
    public void A_rally_is_begun_scored_and_explained()
    {
        var walk = OpenWindow(_server.Address, 800, 1280);
        Begin(walk);
        walk.See("Choose a team, check what it must have, then record its first attempt.");
        walk.ShouldBeAccessible();

        walk.Click(() => walk.All("button", "Met")[0]);
        walk.Click(() => walk.All("button", "Met")[1]);
        ReadOnce(walk, "Ferry's mass", "2,4 g");
        walk.See("2.4 g");
        ReadOnce(walk, "Length", "6 1/2 in");
        walk.See("16.5 cm");

        Record(walk, "57");
        walk.See("Attempt 2 of 2");
        Record(walk, "lots");
        walk.See("“lots” cannot be read as a number.");
        walk.Field("Cargo").GetAttribute("value").ShouldBe("lots");
        walk.ShouldBeAccessible();
        Record(walk, "61+");
        walk.See("at least 61 beads");
        walk.See("All attempts have been made.");
        walk.See("Complete");

        walk.ClickButton("Undo the last");
        walk.See("Attempt 2 of 2");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("All attempts have been made.");
        walk.ClickButton("Cross out: Attempt 1: 57 beads");
        walk.See("Cross this out?");
        walk.ShouldBeAccessible();
        walk.Type("Why (if you like)", "counted twice");
        walk.ClickButton("Cross it out");
        walk.See("crossed out: counted twice");
        Record(walk, "52");

        walk.ClickLink("Results, partly ready");
        walk.See("Why: Cormorants");
        walk.Row("Cormorants").Text.ShouldContain("20.8");
        walk.See("Attempt 1: 52 beads");
        walk.See("20.8 + 0.0 + 8.0 = 28.8.");
        walk.See("still being scored");
        walk.ShouldBeAccessible();
        walk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    public async Task What_is_set_aside_is_said_with_its_reason_and_can_be_struck_out()
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        var rally = await PreparedRally.Begin(
            _server,
            await PreparedRally.OnShelf(_server, "The slowest millrace"),
            "Odd entries"
        );
        var file = JsonNode
            .Parse(await http.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken))!
            .AsObject();
        var team = file["teams"]![0]!["id"]!.GetValue<string>();
        file["entries"] = new JsonArray(
            new JsonObject
            {
                ["kind"] = "trialRecorded",
                ["id"] = Guid.NewGuid().ToString(),
                ["team"] = team,
                ["outcome"] = "counted",
                ["readings"] = new JsonArray(new JsonObject { ["measure"] = "time", ["typed"] = "a while" }),
            }
        );
        var odd = await PreparedRally.BringIn(_server.Address, file.ToJsonString());
        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{odd}/results");
        desk.See("1 entry is set aside: kept, and not scored.");
        desk.Driver.FindElement(By.CssSelector("details.aside summary")).Click();
        desk.See("Plovers, round 1: a while");
        desk.See("“a while” cannot be read");
        desk.ShouldBeAccessible();
        desk.ClickButton("Cross it out");
        desk.Until(() => desk.Driver.FindElements(By.CssSelector("details.aside")).Count == 0, "the note to go");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void A_void_attempt_needs_a_reason_and_uses_none_up()
    {
        var walk = OpenWindow(_server.Address, 800, 1280);
        Begin(walk);
        walk.ClickButton("Doesn’t count…");
        walk.ClickButton("Record as “doesn’t count”");
        walk.See("Enter the reason why the attempt does not count.");
        walk.See("An attempt that doesn’t count does not use one up; it is done again.");
        walk.ClickButton("the tester slipped");
        walk.See("does not count (the tester slipped)");
        walk.See("Attempt 1 of 2");
    }

    [Fact]
    public void Everything_can_be_recorded_from_the_keyboard()
    {
        var walk = OpenWindow(_server.Address);
        Begin(walk);
        walk.Field("Cargo").SendKeys("57" + Keys.Enter);
        walk.See("57 beads");
        Press(walk, Keys.Alt + "f");
        walk.Until(
            () => walk.Driver.SwitchTo().ActiveElement().Text == "it broke",
            "the first usual reason to be at hand"
        );
        Press(walk, Keys.Enter);
        walk.See("All attempts have been made.");
        walk.Until(
            () => walk.Driver.SwitchTo().ActiveElement().Equals(walk.Button("Next team")),
            "the keyboard to be at the next team"
        );
        Press(walk, Keys.Alt + "u");
        walk.See("Attempt 2 of 2");
        Press(walk, Keys.PageDown);
        walk.Until(() => walk.Heading("Barnacles").Displayed, "the next team");
        Press(walk, Keys.PageUp);
        walk.Until(() => walk.Heading("Cormorants").Displayed, "the team before");
        walk.Heading("Cormorants").Click();
        Press(walk, "?");
        walk.See("Keys on this screen");
        walk.ShouldBeAccessible();
    }

    [Fact]
    [Trait("run", "short")]
    public void What_is_recorded_without_a_connection_is_kept_and_sent_when_it_is_back()
    {
        using var own = new RunningServer(demo: false);
        var walk = OpenWindow(own.Address, 800, 1280);
        var place = Import(walk, own);
        walk.Open(place);
        walk.See("Attempt 1 of 2");
        own.End();
        Record(walk, "57");
        walk.See("1 kept on this device, not sent yet.");
        walk.See("No connection to Plucky Rally.");
        walk.ShouldBeAccessible();
        own.Start();
        walk.SeeNot("kept on this device");
        walk.SeeNot("No connection");
        walk.See("57 beads");
        walk.See("Attempt 2 of 2");
    }

    [Fact]
    [Trait("run", "short")]
    public void Another_window_shows_a_new_entry_by_itself_also_after_a_lost_connection()
    {
        using var own = new RunningServer(demo: false);
        var walk = OpenWindow(own.Address, 800, 1280);
        var place = Import(walk, own);
        var wall = OpenWindow(own.Address);
        wall.Open(place.Split("/score")[0] + "/results");
        wall.See("Nothing is recorded yet.");
        walk.Open(place);
        walk.See("Attempt 1 of 2");
        Record(walk, "57");
        wall.ClickButton("Cormorants");
        wall.See("Attempt 1: 57 beads");

        own.End();
        wall.See("No connection to Plucky Rally. This catches up by itself when it is back.");
        own.Start();
        walk.SeeNot("No connection");
        Record(walk, "63");
        wall.See("63 beads");
        wall.SeeNot("No connection");
    }

    [Fact]
    public void Teams_that_cannot_be_are_refused_and_nothing_typed_is_lost()
    {
        var desk = OpenWindow(_server.Address);
        desk.Open("/");
        desk.ClickLink("Make teams: Foil ferry across the Kelp Channel");
        desk.ClickButton("Begin the rally");
        desk.See("The rally has no name.");
        desk.See("There are no teams yet.");
        desk.ShouldBeAccessible();
        desk.Type("Teams, one on each line", "Dulse\nDulse");
        desk.ClickButton("Begin the rally");
        desk.See("Two teams are called “Dulse”.");
        desk.Open(desk.Place);
        desk.Field("Teams, one on each line").GetAttribute("value").ShouldBe("Dulse\nDulse");
    }

    private static void Begin(Browser window)
    {
        Shelve(window.Address);
        window.Open("/");
        window.ClickLink("Make teams: Foil ferry, two attempts");
        window.Type("Class or name of the rally", "Class 3");
        window.Paste("Teams, one on each line", "Cormorants\t4\nBarnacles\nSea Lavender");
        window.See("3 teams");
        window.ClickButton("Begin the rally");
        window.See("Attempt 1 of 2");
    }

    /// <summary>Puts the brief that the demo's first rally was run from on the shelf: a rally keeps its own.</summary>
    private static void Shelve(string address)
    {
        var rally = JsonNode.Parse(
            File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", "class-4-shingle.rally.json"))
        )!;
        var brief = rally["edition"]!["brief"]!;
        brief["title"] = "Foil ferry, two attempts";
        // Without a kit, a rally begins at the pad.
        brief["materials"] = new JsonArray();
        PreparedRally.Shelve(address, brief);
    }

    /// <summary>Begins a rally in a server without data, and gives the address of its Score station.</summary>
    private static string Import(Browser window, RunningServer of)
    {
        Begin(window);
        return new Uri(of.Address + window.Place).AbsolutePath;
    }

    private static void ReadOnce(Browser window, string measure, string typed)
    {
        window.Type(measure, typed);
        window.ClickButton($"Record: {measure}");
    }

    private static void Record(Browser window, string typed)
    {
        window.Type("Cargo", typed);
        window.ClickButton("Record");
    }

    private static void Press(Browser window, string keys) => window.Driver.SwitchTo().ActiveElement().SendKeys(keys);
}
