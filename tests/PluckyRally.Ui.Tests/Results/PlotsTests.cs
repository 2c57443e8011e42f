namespace PluckyRally.Ui.Tests.Results;

/// <summary>A class's numbers in pictures: on the desk by what one wants to see, on the wall without names.</summary>
public sealed class PlotsTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    [Trait("run", "short")]
    public async Task A_finished_rally_is_looked_at_in_every_way_and_hung_on_the_wall_without_names()
    {
        var rally = await PreparedRally.FromDemo(_server.Address, "class-4-shingle.rally.json");
        var desk = OpenWindow(_server.Address);
        desk.Open($"/rallies/{rally}/results?round=2");
        desk.See("Biggest point gaps between teams: Cargo 18.4, Both crossings " + "9.0, Light build 3.0.");
        desk.Driver.FindElement(By.XPath("//summary[.='How certain are these places?']")).Click();
        desk.See("came first in");
        desk.ClickButton("In order of Light build");
        desk.Until(
            () => desk.Driver.FindElement(By.CssSelector("tbody tr")).Text.Contains("8.0", StringComparison.Ordinal),
            "the lightest build at the top"
        );
        desk.ClickButton("In order of Total");
        desk.Until(
            () => desk.Driver.FindElement(By.CssSelector("tbody tr")).Text.StartsWith("1st", StringComparison.Ordinal),
            "the first place at the top"
        );
        desk.ClickLink("Numbers");
        desk.See("Range: 50 beads, from 54 beads to 104 beads.");
        Drawn(desk, "bar", 7);
        desk.ShouldBeAccessible();
        desk.ClickButton("Dot plot");
        desk.See("Cargo, every attempt");
        Drawn(desk, "dot", 13);
        desk.Driver.FindElement(By.CssSelector("[aria-labelledby=plots] details summary")).Click();
        desk.Driver.FindElements(By.CssSelector("[aria-labelledby=plots] tbody tr"))
            .Count.ShouldBe(13, "the same values in numbers");

        // A picture leaves as a file that stands by itself.
        desk.Run(
            "window.saved = []; URL.createObjectURL = (file) => { file.text().then((text) => "
                + "window.saved.push(file.type + text.slice(0, 100000))); return 'data:,' }"
        );
        desk.ClickButton("SVG");
        desk.ClickButton("PNG");
        desk.Until(() => (long)desk.Run("return window.saved.length")! == 2, "both files");
        var svg = (string)desk.Run("return window.saved.find((s) => s.startsWith('image/svg'))")!;
        (
            svg.Contains("fill=\"rgb", StringComparison.Ordinal),
            svg.Contains("var(--", StringComparison.Ordinal)
        ).ShouldBe((true, false), "its colors are written into it");
        ((string)desk.Run("return window.saved.find((s) => s.startsWith('image/png'))")!).Length.ShouldBeGreaterThan(
            2000
        );

        desk.ClickButton("From round to round");
        desk.See("6 of 7 teams got better.");
        desk.ClickButton("What it is made of");
        desk.See("Points, part by part");
        desk.ShouldBeAccessible();

        // By the keyboard alone: from one question to the next.
        desk.Button("What it is made of").SendKeys(Keys.Shift + Keys.Tab);
        desk.Driver.SwitchTo().ActiveElement().SendKeys(Keys.Enter);
        desk.See("Correlation r = 0.03.");
        desk.ClickButton("Show on the wall");
        desk.See("The wall shows “Ferry's mass by cargo”.");

        var wall = OpenWindow(_server.Address, 1600, 900);
        wall.Open($"/rallies/{rally}/wall?round=2");
        wall.See("Ferry's mass by cargo");
        Drawn(wall, "dot", 7);
        wall.Text.ShouldNotContain("Kittiwakes");
        wall.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();
        wall.ShouldHaveCleanConsole();
    }

    private static void Drawn(Browser window, string what, int count) =>
        window.Until(
            () => window.Driver.FindElements(By.CssSelector($"svg.plot [aria-label='{what}'] > *")).Count == count,
            $"{count} drawn as {what}"
        );
}
