using OpenQA.Selenium;
using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// A control has a sheet of its own beside the teams', and stands under their results and across the wall's masts.
/// </summary>
public sealed class ReferencesTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    public async Task What_teams_are_held_against_is_recorded_like_a_team_and_takes_no_place()
    {
        var rally = await PreparedRally.Begin(
            _server,
            await PreparedRally.OnShelf(_server, "Foil ferry across the Kelp Channel"),
            "Held against"
        );
        var walk = OpenWindow(_server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/score");
        Ferry(walk, "57", "61", "40");

        walk.ClickButton("Hold teams against…");
        walk.ShouldBeAccessible();
        walk.Click(() => walk.One("radio", "By hand", exact: false));
        walk.Type("What it is called", "Plovers");
        walk.ClickButton("Open its sheet");
        walk.See("Another team is called “Plovers”.");
        walk.Type("What it is called", "Flat foil");
        walk.Click(() => walk.One("radio", "Control", exact: false));
        walk.ClickButton("Open its sheet");
        walk.See("Control, takes no place");
        walk.ShouldBeAccessible();
        walk.Driver.FindElements(By.XPath("//button[normalize-space()='Late']"))
            .ShouldBeEmpty("a sheet of foil is not late");
        Ferry(walk, "10");
        walk.SeeNot("attempts made");

        walk.Open($"/rallies/{rally}/results");
        walk.See("1st");
        walk.Row("Flat foil").Text.ShouldContain("10 beads");
        walk.See("6.1 times “Flat foil”");
        walk.ShouldBeAccessible();
        await PreparedRally.Agrees(_server, walk, rally, null);

        var wall = OpenWindow(_server.Address, 1600, 900);
        wall.Open($"/rallies/{rally}/wall");
        wall.See("Foil ferry across the Kelp Channel");
        wall.Driver.SwitchTo().ActiveElement().SendKeys("b");
        wall.See("Flat foil");
        wall.ShouldHaveCleanConsole();
    }

    private static void Ferry(Browser walk, params string[] cargo)
    {
        walk.See("Attempt 1 of");
        walk.Click(() => walk.All("button", "Kept")[0]);
        walk.Click(() => walk.All("button", "Kept")[1]);
        foreach (var (measure, typed, shown) in new[] { ("Ferry's mass", "2.4", "2.4 g"), ("Length", "16", "16.0 cm") })
        {
            walk.Type(measure, typed);
            walk.ClickButton($"Record: {measure}");
            walk.See(shown);
        }

        foreach (var sacks in cargo)
        {
            walk.Type("Cargo", sacks);
            walk.ClickButton("Record");
            walk.See($"{sacks} beads");
        }
    }
}
