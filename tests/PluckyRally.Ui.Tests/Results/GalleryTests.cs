namespace PluckyRally.Ui.Tests.Results;

/// <summary>
/// A class finds out together what the good ones share: tags, designs compared, awards by people, and what is revealed.
/// </summary>
public sealed class GalleryTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    public async Task What_is_seen_is_tagged_counted_compared_and_hung_on_the_wall()
    {
        var rally = await PreparedRally.FromDemo(_server.Address, "class-7-hoist.rally.json");
        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{rally}/results?section=gallery");
        desk.See("With wide loops: 3 teams, median 4.20 N; without: 7 teams, median 5.37 N.");
        desk.Type("Describe the design of Rockling", "Wide loops" + Keys.Enter);
        desk.See("With wide loops: 4 teams, median 4.60 N; without: 6 teams, median 5.40 N.");
        desk.ClickButton("take off: wide loops, Rockling");
        desk.See("With wide loops: 3 teams");
        desk.ShouldBeAccessible();

        desk.ClickLink("Numbers");
        desk.ClickButton("Designs compared");
        desk.See("Pull by loops");
        desk.See("Line and loops differ, so none of them alone can be named as the cause. Change one thing at a time.");
        desk.See("which is rare.");
        desk.See("One: 2 teams, median 7.55 N");
        Pick(desk, "by", "“double hook”");
        desk.See("This was observed, not tested: other things may differ too.");
        desk.ShouldBeAccessible();

        var wall = OpenWindow(_server.Address, 1600, 900);
        wall.Open($"/rallies/{rally}/wall");
        desk.ClickLink("Gallery");
        desk.Click(() =>
            desk.Driver.FindElement(By.XPath("//section[h2='Gallery']//label[contains(., 'with the teams')]/input"))
        );
        desk.See("Number 1");
        desk.ClickButton("Show the gallery on the wall");
        desk.See("The wall shows the gallery.");
        wall.See("With double hook: 2 teams");
        wall.Text.ShouldNotContain("Kelpies");
        wall.ShouldBeAccessible();

        desk.Open($"/rallies/{rally}/run");
        desk.See("It shows the gallery.");
        desk.Choose("The board reveals", "Pull");
        desk.ClickButton("Board");
        wall.See("The lowest stands first.");
        wall.Text.ShouldNotContain("Quahogs");
        desk.ClickButton("Reveal the next team");
        wall.See("Quahogs");
        wall.Text.ShouldNotContain("Kelpies");
        desk.Choose("The board reveals", "Cleverest path of the line");
        desk.ClickButton("Reveal the next team");
        wall.See("Kelpies");
        wall.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();
        wall.ShouldHaveCleanConsole();
    }

    [Fact]
    public async Task People_give_awards_at_the_desk_and_teams_speak_and_vote_from_their_own_devices()
    {
        var rally = await PreparedRally.FromDemo(_server.Address, "class-6-hoist.rally.json");
        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{rally}/results");
        desk.See("Cleverest path of the line: Cuttlefish with 3 of 7 votes.");
        desk.ClickButton("Add an award");
        desk.Type("Name", "Calmest team");
        Pick(desk, "Team", "Dabs");
        desk.Type("Reason", "nobody hurried" + Keys.Enter);
        desk.See("Calmest team: Dabs. “nobody hurried”");
        desk.ClickButton("Give award: Calmest team, given by you");
        Pick(desk, "Team", "Herons");
        desk.ClickButton("Give award");
        desk.See("Calmest team: Dabs and Herons. “nobody hurried”");
        desk.ClickButton("Remove the vote of Teacher for Herons");
        desk.See("Calmest team: Dabs. “nobody hurried”");
        desk.ClickButton("Done: Calmest team, given by you");
        desk.ClickButton("Votes: Cleverest path of the line, given by a vote of the class");
        desk.ClickButton("Remove the vote of Garfish for Cuttlefish");
        desk.See("Cleverest path of the line: Cuttlefish with 2 of 6 votes.");
        Pick(desk, "Team", "Garfish");
        Pick(desk, "Votes for", "Cuttlefish");
        desk.ClickButton("Add vote");
        desk.See("Cuttlefish with 3 of 7 votes.");
        desk.ClickButton("Done: Cleverest path of the line, given by a vote of the class");
        desk.ClickButton("Add an award");
        desk.ClickButton("Give award");
        desk.See("The award has no name.");
        desk.ShouldBeAccessible();

        var device = OpenWindow(_server.Address, 800, 1280);
        device.Open($"/rallies/{rally}/talk");
        device.See("Which team are you?");
        device.ClickButton("Isopods");
        device.See("What we learned");
        device.ShouldBeAccessible();
        const string question = "What did the easy hoists have that others had not?";
        device.Type(question, "They pull straight");
        device.Driver.Navigate().Refresh();
        device.Until(
            () => device.Field(question).GetAttribute("value") == "They pull straight",
            "what was half written to be there again"
        );
        device.Field(question).SendKeys(Keys.Enter);
        device.Until(
            () => device.Text.Contains("They pull straight", StringComparison.Ordinal),
            "the answer to stand under its question"
        );
        device.Type("What worked: Isopods", "the beam");
        device.ClickButton("Save: Isopods");
        device.Click(() => device.Driver.FindElement(By.XPath("//label[contains(., 'Anemones')]/input")));
        device.ClickButton("Vote: Cleverest path of the line");
        device.See("Your vote is counted. You can change it until the award is announced.");
        device.Text.ShouldNotContain("1st");

        desk.See("with 3 of 8 votes");
        desk.Open($"/rallies/{rally}/debrief");
        desk.See("They pull straight");
        desk.See("the beam");
        desk.ShouldHaveCleanConsole("422");
        device.ShouldHaveCleanConsole();
    }

    private static void Pick(Browser desk, string label, string option) =>
        desk.ChooseIn(
            () => desk.Driver.FindElement(By.XPath($"//label[starts-with(normalize-space(.), '{label}')]//select")),
            option
        );
}
