namespace PluckyRally.Ui.Tests.Results;

/// <summary>Three classes of one brief as one list, on the desk and on the wall.</summary>
public sealed class OverAllTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    [Fact]
    [Trait("run", "short")]
    public async Task Three_classes_are_one_list_and_revealed_from_the_last_to_the_first()
    {
        var six = await PreparedRally.FromDemo(_server.Address, "class-6-hoist.rally.json");
        var seven = await PreparedRally.FromDemo(_server.Address, "class-7-hoist.rally.json");
        var eight = await PreparedRally.FromDemo(_server.Address, "class-8-hoist.rally.json");
        var desk = OpenWindow(_server.Address);
        desk.Open($"/over-all?rally={six}&rally={seven}&rally={eight}");
        desk.See("The lowest total wins: fewer points are better.");
        desk.See("1 Rockling Class 7, the hoist 5.0");
        desk.See("24 Dabs Class 6, the hoist 9.9");
        desk.See("Total by class");
        desk.ShouldBeAccessible();
        desk.Choose("Lists", "A list for each class");
        desk.See("1 Urchins 5.1");
        desk.Choose("In order of", "Pull");
        desk.See("Pull by class");
        desk.Choose("Ranked by", "Points for the place in each class");
        desk.See("Points for the place in each class: 10, 8, 6, 5, 4, 3, 2, 1. The most points win.");

        // It begins with a choice, and what was chosen for a brief is kept.
        desk.Open("/over-all");
        desk.ClickButton("The one-finger hoist");
        desk.See("Points for the place in each class: 10, 8, 6, 5, 4, 3, 2, 1. The most points win.");
        desk.ShouldBeAccessible();

        desk.Open($"/over-all?rally={six}&rally={seven}&rally={eight}");
        desk.Choose("Ranked by", "Points or values");
        desk.Choose("Lists", "One list");
        desk.Choose("In order of", "Total");
        desk.See("1 Rockling Class 7, the hoist 5.0");
        desk.ClickButton("Show on the wall, nothing revealed");
        var wall = OpenWindow(_server.Address, 1600, 900);
        wall.Open($"/rallies/{six}/wall");
        wall.See("24 places are still to come");
        wall.Text.ShouldNotContain("Dabs");
        desk.ClickButton("Reveal the next");
        wall.See("24 Dabs Class 6, the hoist 9.9");
        wall.Text.ShouldNotContain("Quahogs");
        new OpenQA.Selenium.Interactions.Actions(wall.Driver).SendKeys(OpenQA.Selenium.Keys.ArrowRight).Perform();
        wall.See("23 Quahogs");
        wall.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();
        wall.ShouldHaveCleanConsole();
    }
}
