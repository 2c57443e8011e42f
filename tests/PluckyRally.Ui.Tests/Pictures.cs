namespace PluckyRally.Ui.Tests;

/// <summary>Takes the pictures of docs/screenshots anew, from the demo's data. Run by ./test pictures.</summary>
public sealed class Pictures(DemoServer demo) : ScreenTest
{
    private static readonly string Folder = Path.Combine(ProjectFolder.Root, "docs", "screenshots");

    [Fact(Explicit = true)]
    public void Take()
    {
        Directory.CreateDirectory(Folder);
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.See("Continue scoring");
        desk.See("Tide-pool mosaic");
        Save(desk, "home");

        desk.Open("/");
        desk.ClickLink("A cairn for Gannet Holm");
        desk.See("Ready to run.");
        Save(desk, "brief");
        desk.ClickTab("Tiers");
        desk.See("Kindergarten to grade 2");
        Save(desk, "tiers");

        desk.Open("/");
        desk.ClickLink("The sand fence");
        desk.ClickTab("Rehearsal");
        desk.ClickButton("Rehearse");
        desk.See("instead of");
        desk.SeeNot("Trying what would help");
        Save(desk, "rehearsal");

        desk.Open("/");
        desk.ClickLink("A cold box for the catch");
        desk.ClickTab("Time");
        desk.See("Lesson 2 ends after");
        Save(desk, "time");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.See("In the cupboard");
        Save(desk, "kit");

        desk.Open("/");
        desk.ClickLink("Make teams: Foil ferry across the Kelp Channel");
        desk.Type("Class or name of the rally", "Class 3, before half-term");
        desk.Click(() => desk.One("radio", "From a class", exact: false));
        desk.ClickButton("New class");
        desk.Type("Name of the class", "Class 3");
        desk.Paste(
            "Students, one on each line, or a table with given and family names",
            "Wren A.\nTorin B.\nMika C.\nSena D.\nIdris E.\nLowri F.\nOtto G.\nPia H.\nRuna I.\nBram J.\n"
                + "Nia K.\nJory L."
        );
        desk.See("12 students");
        desk.ClickButton("Add class");
        desk.See("Here today: 12 of 12");
        desk.ClickButton("Make teams");
        desk.See("Nobody works with an earlier partner");
        Save(desk, "teams");

        desk.Open("/cupboard");
        desk.See("To buy");
        desk.See("table tennis balls");
        Save(desk, "cupboard");
        desk.Open("/");
        desk.Click(() => desk.One("link", "Open: Class 4, Lantern term", exact: false));
        desk.See("Team by team");
        desk.Click(() => desk.One("link", "Run", exact: false));
        desk.ClickButton("Jump here: Build");
        desk.See("Next phase: Test");
        Save(desk, "run");
        desk.ClickButton("Plan approved: Oystercatchers");
        desk.ClickButton("Plan approved: Sea Kale");
        desk.Driver.Navigate().GoToUrl(desk.Link("Open the wall").GetAttribute("href")!);
        desk.See("then: test");
        desk.See("Sea Kale");
        Save(desk, "clock");

        desk.Open("/");
        desk.Click(() => desk.One("link", "Results: Class 4, Shingle term", exact: false));
        desk.See("Why: Kittiwakes");
        desk.Click(() => desk.Button("Razor Shells"));
        desk.See("Why: Razor Shells");
        Save(desk, "results");
        desk.ClickLink("Debrief, not started");
        desk.ClickLink("Round 1");
        desk.See("Flat floors, with sides of one height all round");
        desk.Click(() => desk.Driver.FindElement(OpenQA.Selenium.By.XPath("//summary[b[.='Limpets']]")));
        Save(desk, "debrief");

        desk.Open("/");
        desk.ClickButton("Continue scoring");
        desk.ClickLink("Results, partly ready");
        desk.See("A flat sheet of foil");
        desk.ClickLink("Numbers");
        desk.ClickButton("Dot plot");
        desk.Until(
            () => desk.Driver.FindElements(OpenQA.Selenium.By.CssSelector("svg.plot [aria-label='dot'] > *")).Count > 0,
            "the picture"
        );
        Save(desk, "plots", "h2#plots");
        desk.Open("/");
        desk.Click(() => desk.One("link", "Results: Class 7, the hoist", exact: false));
        desk.ClickLink("Gallery");
        desk.See("With wide loops");
        Save(desk, "gallery", "h2#gallery");
        desk.ClickLink("Combined results");
        desk.See("Rallies of The one-finger hoist");
        foreach (var other in new[] { "Class 6", "Class 8" })
            desk.Click(() =>
                desk.Driver.FindElement(OpenQA.Selenium.By.XPath($"//label[contains(., '{other}')]/input"))
            );
        desk.See("24 ");
        Save(desk, "over-all");
        desk.Open("/");
        desk.Click(() => desk.One("link", "Results: Class 4, Shingle term", exact: false));

        desk.ClickLink("Show on the wall");
        desk.ClickButton("Board");
        for (var place = 1; place <= 5; place++)
        {
            desk.ClickButton("Reveal the next team");
            desk.See($"{place} of 7 places revealed");
        }

        desk.Driver.Navigate().GoToUrl(desk.Link("Open the wall").GetAttribute("href")!);
        desk.Until(
            () => desk.Driver.FindElements(OpenQA.Selenium.By.CssSelector("tbody tr:not(.hidden)")).Count == 5,
            "the places"
        );
        desk.StandStill();
        Save(desk, "wall");

        desk.Open("/");
        desk.ClickButton("Continue scoring");
        desk.See("Plovers");
        desk.Open(desk.Place.Split("/score")[0] + "/judges");
        desk.ClickButton("Make a code for judges");
        desk.ClickButton("Make a link for a wall");
        desk.Until(
            () => desk.Driver.FindElements(OpenQA.Selenium.By.CssSelector(".picture")).Count == 2,
            "both pictures"
        );
        Save(desk, "judges");

        desk.Open("/");
        desk.ClickLink("Make teams: Bucket chain to the boathouse");
        desk.Type("Class or name of the rally", "Class 4, the boathouse");
        desk.Paste("Teams, one on each line", "Razorbills\nSandeels\nBrittle Stars\nSea Holly");
        desk.ClickButton("Begin the rally");
        desk.See("Count the kit out, team by team, or go on without.");
        desk.Open(desk.Place.Replace("/kit", "/score", StringComparison.Ordinal));
        desk.See("Observations");
        desk.ClickLink("All teams together");
        foreach (var team in new[] { "Razorbills", "Sandeels", "Brittle Stars" })
            desk.ClickButton($"{team}: into this heat");
        desk.ClickButton("Start all");
        foreach (var leg in new[] { "Leg 1 is in: Sandeels", "Leg 1 is in: Razorbills", "Leg 2 is in: Sandeels" })
            desk.ClickButton(leg);
        desk.Until(
            () =>
                System.Text.RegularExpressions.Regex.IsMatch(
                    desk.Driver.FindElement(OpenQA.Selenium.By.TagName("main")).Text,
                    @"up the slip \d"
                ),
            "the time of the second leg"
        );
        Save(desk, "together");

        var walk = OpenWindow(demo.Address, 800, 1280);
        walk.Open("/");
        walk.ClickButton("Continue scoring");
        walk.See("Plovers");
        walk.See("was recorded twice");
        Save(walk, "score");
    }

    private static void Save(Browser window, string name, string at = "body")
    {
        // Fonts are shipped with the page and must be in it before it is looked at.
        window.Until(
            () =>
                (bool)
                    ((OpenQA.Selenium.IJavaScriptExecutor)window.Driver).ExecuteScript(
                        $"document.querySelector('{at}').scrollIntoView(); return document.fonts.status === 'loaded'"
                    )!,
            "the fonts"
        );
        window.Picture(Path.Combine(Folder, name + ".png"));
    }
}
