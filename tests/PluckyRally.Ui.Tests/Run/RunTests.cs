using System.Globalization;
using System.Net.Http.Json;

namespace PluckyRally.Ui.Tests.Run;

/// <summary>The lesson by the clock: a remote at the desk, the wall, and the server that both follow.</summary>
public sealed class RunTests(KilledServer server) : ScreenTest, IClassFixture<KilledServer>
{
    [Fact]
    public async Task The_wall_follows_the_remote_and_both_survive_the_server()
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var rally = await PreparedRally.FromDemo(server.Address, "class-4-lantern.rally.json");
        var desk = OpenWindow(server.Address);
        desk.Open($"/rallies/{rally}/kit");
        desk.See("Team by team");
        desk.Click(() => desk.One("link", "Run", exact: false));
        desk.See("Not started yet");
        desk.ShouldBeAccessible();
        var wall = OpenWindow(server.Address);
        wall.Open(desk.Place.Replace("/run", "/wall", StringComparison.Ordinal));
        wall.See("Lay the tallest cairn");

        desk.ClickButton("Jump here: Build");
        wall.See("Build to your plan.");
        wall.See("At most 14 offcuts");
        wall.See("then: test");
        wall.ShouldBeAccessible();
        wall.ShouldFit();
        Seconds(desk).ShouldBeInRange(18 * 60 - 60, 18 * 60);
        Math.Abs(Seconds(desk) - Seconds(wall)).ShouldBeLessThanOrEqualTo(2, "what passes between the two looks");

        desk.ClickButton("Pause");
        wall.See("the clock is stopped");
        desk.ClickButton("+5 minutes");
        desk.Until(() => Seconds(desk) > 18 * 60, "the added minutes");
        wall.Until(() => Seconds(wall) == Seconds(desk), "the same time on the wall");
        server.End();
        wall.See("No connection to Plucky Rally.");
        server.Start();
        wall.SeeNot("No connection");
        wall.See("the clock is stopped");
        desk.SeeNot("No connection");
        desk.ClickButton("Resume");
        wall.SeeNot("the clock is stopped");

        await http.PostAsJsonAsync(
            $"/api/rallies/{rally}/clock",
            new { does = "add", minutes = -Math.Round(Seconds(wall) / 60m - 5.03m, 3) },
            TestContext.Current.CancellationToken
        );
        wall.See("5 minutes left");
        desk.See("5 minutes left.");
        desk.ClickButton("Next phase: Test");
        wall.SeeNot("5 minutes left");
        wall.See("Watch each test.");
        desk.See("minutes early and will end at");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
    }

    private static int Seconds(Browser window)
    {
        var shown = window.Driver.FindElement(By.CssSelector("[role=timer]")).Text.Split(':');
        return (int.Parse(shown[0], CultureInfo.InvariantCulture) * 60)
            + int.Parse(shown[1], CultureInfo.InvariantCulture);
    }
}
