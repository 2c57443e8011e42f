namespace PluckyRally.Ui.Tests.Run;

/// <summary>Heats that are drawn before the relay, and a team whose run broke off.</summary>
public sealed class HeatsTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    public async Task Heats_are_drawn_run_as_drawn_and_a_part_of_a_run_is_gone_on_with()
    {
        var (walk, rally) = await BeginToJudge(_server, "Bucket chain to the boathouse");
        walk.Open($"/rallies/{rally}/teams");
        walk.See("None are drawn.");
        walk.ClickButton("Draw the heats");
        walk.See("in lane 2");
        walk.See("1 heat drawn by number 1");
        walk.ShouldBeAccessible();
        walk.Open($"/rallies/{rally}/papers?print=heats");
        walk.See("Plovers");
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("tbody tr")).Count == 2, "both lanes on paper");

        walk.Open($"/rallies/{rally}/together");
        walk.Click(() => walk.One("button", "Heat 1 as drawn: ", exact: false));
        walk.ClickButton("Start all");
        walk.ClickButton("Leg 1 is in: Plovers");
        walk.See("Leg 2 is in");
        walk.ShouldBeAccessible();

        // Another device, which has not timed the first leg, goes on with the second.
        walk.Run("localStorage.clear()");
        walk.Open($"/rallies/{rally}/together");
        walk.ClickButton("Plovers: into this heat");
        walk.See("Goes on with leg 2.");
        walk.ClickButton("Start all");
        walk.ClickButton("Leg 2 is in: Plovers");
        walk.Until(() => walk.Button("Leg 3 is in: Plovers").Displayed, "Leg 3 is in: Plovers");

        walk.Run("localStorage.clear()");
        walk.Open($"/rallies/{rally}/together");
        walk.ClickButton("Plovers: into this heat");
        walk.See("Goes on with leg 3.");
        walk.ClickButton("Start again: Plovers");
        walk.SeeNot("Goes on with leg");
        walk.ShouldHaveCleanConsole();
    }
}
