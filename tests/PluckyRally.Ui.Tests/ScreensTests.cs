namespace PluckyRally.Ui.Tests;

/// <summary>
/// Every screen with the demo's data: accessible, without errors in the console, nothing wider than the screen.
/// </summary>
public sealed class ScreensTests(DemoServer demo, WorkingServer working) : ScreenTest
{
    /// <summary>A desk, a tablet that is held upright, a phone.</summary>
    private static readonly (int Width, int Height)[] Sizes = [(1280, 800), (800, 1280), (390, 844)];

    [Fact]
    public void Every_screen_holds_up()
    {
        var window = OpenWindow(demo.Address);
        window.Open("/");
        window.See("Class 4, Shingle term");
        HoldsUp(window);

        window.ClickLink("Foil ferry across the Kelp Channel");
        window.See("Ready to run.");
        HoldsUp(window);

        window.Click(() => window.One("link", "Kit", exact: false));
        window.See("Loading plan");
        HoldsUp(window);

        window.Open("/");
        window.ClickLink("Make teams: Foil ferry across the Kelp Channel");
        window.See("Type the teams or make them");
        HoldsUp(window);

        foreach (var (path, says) in new[] { ("/cupboard", "In the cupboard"), ("/classes", "Has worked with") })
        {
            window.Open(path);
            window.See(says);
            HoldsUp(window);
        }
    }

    [Fact]
    public void Every_screen_of_a_rally_holds_up()
    {
        var window = OpenWindow(demo.Address);
        window.Open("/");
        window.ClickButton("Continue scoring");
        window.See("Plovers");
        var score = window.Place.Split('?')[0];
        HoldsUp(window, inHand: true);
        window.ClickLink("Spindrift open");
        window.See("Too close to call. Measure again.");
        window.ClickButton("Doesn’t count…");
        HoldsUp(window, inHand: true);

        foreach (
            var (station, says) in new[]
            {
                ("brief", "Your goal"),
                ("kit", "Team by team"),
                ("papers", "Choose what to print"),
                ("run", "ring at warnings"),
                ("teams", "Lugworms"),
                ("attendance", "23 of 23 here"),
                ("results", "Why: "),
                ("together", "Observations"),
                ("judges", "Make a code for judges"),
                ("wall", "Watch each test."),
            }
        )
        {
            window.Open(score[..score.LastIndexOf("/score", StringComparison.Ordinal)] + "/" + station);
            window.See(says);
            HoldsUp(window, inHand: station is "run" or "together" or "attendance", onWall: station is "wall");
        }
    }

    /// <summary>One brief of each kind of scoring, with its pad and its table of all teams.</summary>
    [Theory]
    [InlineData("The lantern walk")]
    [InlineData("Bucket chain to the boathouse")]
    [InlineData("Along the strandline")]
    [InlineData("Pebbles by mass")]
    [InlineData("Tide-pool mosaic")]
    [InlineData("The bird ringer's third hand")]
    [InlineData("A cold box for the catch")]
    [InlineData("Bridge to the drying racks")]
    public async Task Every_pad_holds_up(string brief)
    {
        var (window, rally) = await BeginToJudge(working, brief);
        HoldsUp(window, inHand: true);
        window.Open($"/rallies/{rally}/together");
        window.See("Observations");
        HoldsUp(window, inHand: true);
    }

    [Fact]
    public void An_address_without_a_page_says_so()
    {
        var window = OpenWindow(demo.Address);
        window.Open("/nowhere/at/all");
        window.See("There is no page at this address.");
        HoldsUp(window);
        window.ClickLink("Go to Home");
        window.See("New brief");
    }

    [Fact]
    [Trait("run", "short")]
    public void A_page_that_fails_says_so_and_offers_a_way_on()
    {
        var window = OpenWindow(demo.Address);
        window.BeforeEachPage(
            "window.fetch = async () => new Response('{}', { status: 200, headers: { 'Content-Type': "
                + "'application/json' } })"
        );
        window.Open("/");
        window.See("Something went wrong on this page");
        window.See("Nothing that was recorded is lost.");
        window.ShouldBeAccessible();
        window.Until(() => window.Button("Load again").Displayed, "Load again");
        window.Until(() => window.Link("Home").Displayed, "Home");
    }

    [Theory]
    [InlineData("/briefs/01900000-0000-7000-8000-000000000009", "There is no such brief.")]
    [InlineData("/rallies/01900000-0000-7000-8000-000000000009/score", "There is no such rally.")]
    [InlineData("/rallies/what/results", "There is nothing at this address.")]
    public void What_is_not_there_is_said_to_be_missing(string path, string says)
    {
        var window = OpenWindow(demo.Address);
        window.Open(path);
        window.See(says);
        window.ShouldBeAccessible();
    }

    [Fact]
    public void Both_rounds_of_a_finished_rally_can_be_looked_at()
    {
        var window = OpenWindow(demo.Address);
        window.Open("/");
        window.Click(() => window.One("link", "Results: Class 4, Shingle term", exact: false));
        window.Until(
            () => window.Row("Sandhoppers").Text.Contains("26.6", StringComparison.Ordinal),
            "the round that ran last"
        );
        window.ClickLink("Round 1");
        window.Until(
            () =>
                window.Row("Kittiwakes").Text.Contains("54.0", StringComparison.Ordinal)
                && window.Text.Contains("not placed", StringComparison.Ordinal),
            "the first round"
        );
        window.Row("Sandhoppers").Text.ShouldContain("not placed");
        window.ClickLink("Round 2");
        window.Until(
            () =>
                window.Row("Kittiwakes").Text.Contains("54.0", StringComparison.Ordinal)
                && window.Row("Sandhoppers").Text.Contains("26.6", StringComparison.Ordinal),
            "the second round"
        );
    }

    [Fact]
    public void A_rally_with_other_parts_comes_in_by_file_and_is_explained()
    {
        var page = File.ReadAllText(Path.Combine(ProjectFolder.Root, "docs", "formats", "README.md"));
        var example = page.Split("```json")[1].Split("```")[0];
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid()}.json");
        File.WriteAllText(file, example);
        try
        {
            var window = OpenWindow(demo.Address);
            window.Open("/");
            window.See("New brief");
            window.Driver.FindElement(OpenQA.Selenium.By.CssSelector("input[type=file]")).SendKeys(file);
            window.See("It is added to the list of rallies.");
            window.ClickButton("Import 1 file");
            window.See("1 of 1 imported.");
            window.ClickButton("Close");
            window.Click(() => window.One("link", "Results: Class 2", exact: false));
            window.See("Shared a trick: 1 × 1.5 = 1.5.");
            window.See("20.1 + 1.5 − 2.0 = 19.6.");
            HoldsUp(window);
            window.ClickLink("Score, ready");
            window.Until(() => window.Button("+1 Shared a trick").Displayed, "+1 Shared a trick");
            HoldsUp(window);
        }
        finally
        {
            File.Delete(file);
        }
    }

    /// <param name="window">What shows the screen.</param>
    /// <param name="inHand">It is laid out anew for a hand: whether it is accessible is asked there too.</param>
    /// <param name="onWall">It is a projector's, and never a phone's.</param>
    private static void HoldsUp(Browser window, bool inHand = false, bool onWall = false)
    {
        // A button that the head of the sheet lies over half is reached by scrolling, which axe does not do.
        window.Run("scrollTo(0, 0)");
        window.ShouldBeAccessible();
        foreach (var (width, height) in Sizes.Where(size => !onWall || size.Width > 600))
        {
            window.Resize(width, height);
            window.ShouldFit();
        }

        if (inHand)
        {
            window.Run("scrollTo(0, 0)");
            window.ShouldBeAccessible();
        }

        window.Resize(Sizes[0].Width, Sizes[0].Height);
        window.ShouldHaveCleanConsole();
    }
}
