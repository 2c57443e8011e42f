namespace PluckyRally.Ui.Tests.Day;

/// <summary>
/// The year before any team exists, what is the school's own, and a fair day with two judges' devices.
/// </summary>
public sealed class YearAndDayTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    [Fact]
    public void A_brief_is_planned_changed_bought_for_and_becomes_a_rally()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickInMenu("The sand fence", "Plan");
        desk.Type("For whom", "Class 9");
        desk.Click(() => desk.Field("any day of that week"));
        desk.ClickButton("Plan");
        desk.See("The sand fence");
        desk.Until(() => desk.Text.Contains(", Class 9", StringComparison.Ordinal), "the plan");
        desk.ShouldBeAccessible();
        desk.ClickInMenu("the plan of The sand fence", "Edit plan");
        desk.Type("For whom", "Class 2");
        desk.ClickButton("Plan");
        desk.Until(() => desk.Text.Contains(", Class 2", StringComparison.Ordinal), "the changed plan");
        desk.ClickLink("Cupboard");
        desk.See("Class 2");
        desk.Open("/");
        desk.ClickLink("Make teams: The sand fence, as planned");
        desk.Until(
            () => desk.Field("Class or name of the rally").GetAttribute("value") == "Class 2",
            "the class of the plan"
        );
        desk.Type("Teams, one on each line", "Able\nBaker");
        desk.ClickButton("Begin the rally");
        desk.Until(() => desk.Place.StartsWith("/rallies/", StringComparison.Ordinal), "the rally");
        desk.Open("/");
        desk.See("New brief");
        desk.All("button", "More for the plan of The sand fence").ShouldBeEmpty("the plan has become a rally");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void The_school_sets_its_year_its_paper_and_its_units_once()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/school");
        desk.Choose("The school year begins: month", "February");
        desk.Choose("The school year begins: day", "30");
        desk.ClickButton("Save");
        desk.See("There is no such day.");
        desk.Choose("The school year begins: day", "3");
        desk.Choose("Summer is in", "December to February");
        desk.Choose("Paper", "US Letter");
        desk.Choose("Units", "inches and ounces");
        desk.Type("Term 1", "First light");
        desk.ClickButton("Save");
        desk.See("Saved.");
        desk.ShouldBeAccessible();
        desk.Open("/");
        desk.See("First light");
        desk.ClickButton("New brief");
        desk.Until(() => desk.Field("Units").GetAttribute("value") == "customary", "the school's units");
        desk.Open("/");
        desk.ClickLink("The sand fence");
        desk.ClickLink("Print");
        desk.Until(() => desk.Field("Paper").GetAttribute("value") == "letter", "the school's paper");
        desk.ShouldHaveCleanConsole(expected: "422");
    }

    [Fact]
    public void A_second_window_is_told_what_the_first_one_saved_and_chooses()
    {
        var (first, second) = (OpenWindow(server.Address), OpenWindow(server.Address));
        foreach (var window in new[] { first, second })
        {
            window.Open("/cupboard");
            window.See("In the cupboard");
        }
        Put(first, "12", "corks");
        Amount(first, "12");
        Put(second, "7", "corks");
        second.See("This amount was changed in another window.");
        second.ShouldBeAccessible();
        second.Row("corks").Text.ShouldContain("12");
        second.ClickButton("Use the other one");
        Amount(second, "12");

        Put(first, "20", "corks");
        Amount(first, "20");
        second.Type("How much there is of corks", "5");
        second.Field("How much there is of corks").SendKeys(OpenQA.Selenium.Keys.Tab);
        second.See("This amount was changed in another window.");
        second.ClickButton("Keep mine");
        second.SeeNot("another window");
        Amount(second, "5");
        second.ShouldHaveCleanConsole("412");

        static void Put(Browser window, string amount, string what)
        {
            window.Type("Amount", amount);
            window.Type("Material", what);
            window.ClickButton("Add");
        }
        static void Amount(Browser window, string amount) =>
            window.Until(
                () => window.Field("How much there is of corks").GetAttribute("value") == amount,
                $"{amount} corks"
            );
    }

    [Fact]
    public async Task Two_helpers_play_a_fair_day_at_their_tables_and_the_board_rotates()
    {
        using var fair = new RunningServer(demo: true, lan: true);
        using var http = new HttpClient { BaseAddress = new Uri(fair.Address) };
        (
            await http.PostAsync(
                "/api/password",
                new StringContent("""{"password":"boats in the bay"}""", System.Text.Encoding.UTF8, "application/json"),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        var desk = OpenWindow(fair.Address);
        desk.Open("/sign-in");
        desk.Type("The teacher’s password", "boats in the bay");
        desk.ClickButton("Sign in");
        desk.See("New brief");
        desk.ClickLink("Fair days");
        desk.ClickLink("Quay day");
        desk.See("2 of 6 teams have been tested");
        // What cannot work is said while it is typed, and saved with the names of who helps.
        desk.Type("Helper at table 1, Class 5, today", "Wren");
        desk.Type("Helper at table 1, Class 6, the hoist", "wren");
        desk.See("wren is at a table of Class 5, today and at one of Class 6, the hoist from 9:15 to 10:30.");
        desk.Type("Helper at table 1, Class 6, the hoist", "Avis");
        desk.SeeNot("wren is at a table");
        desk.ClickButton("Save the plan");
        desk.See("Saved.");
        desk.ShouldBeAccessible();
        desk.Resize(390, 800);
        desk.ShouldFit();
        desk.Resize(1280, 800);
        desk.ClickLink("Helpers’ code");
        desk.ClickButton("Make a code for the day");
        desk.See("also opens Class 6, the hoist");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        var code = desk.Driver.FindElement(OpenQA.Selenium.By.CssSelector(".code")).Text;
        var door = fair.Door;
        var (one, two) = (Helper(door, code, "Wren"), Helper(door, code, "Tam"));
        one.See("Your tables");
        foreach (var helper in new[] { one, two })
        {
            helper.Resize(390, 800);
            helper.ShouldFit();
            helper.ShouldBeAccessible();
            helper.Text.ShouldNotContain("Helpers’ code");
        }

        // Two at one table share its line: who is not here for one is not here for the other.
        one.ClickLink("Class 5, today, table 1");
        two.ClickLink("Class 5, today, table 1");
        var first = Now(one);
        one.ClickButton("Not here");
        one.See($"{first}, was not here");
        two.See($"{first}, was not here");
        two.ShouldFit();
        two.ShouldBeAccessible();
        var second = Now(two);
        second.ShouldNotBe(first);
        two.ClickButton($"Score {second}");
        two.See("Back to table 1");
        two.Text.ShouldNotContain("Next round");
        two.ClickLink("Back to table 1");
        two.ClickInMenu(second, "Send to table 2");
        two.SeeNot(second);
        one.SeeNot(second);
        two.ClickLink("Choose another table");
        two.See("Combined results: The one-finger hoist");

        // Whoever has no code of the day sees nothing of it.
        var stranger = OpenWindow(door);
        stranger.Open(desk.Place);
        stranger.Until(() => stranger.Place.StartsWith("/sign-in", StringComparison.Ordinal), "the door");
        desk.ClickLink("Back to the day");
        desk.ClickLink("Rotating board");
        desk.Until(() => desk.Place.EndsWith("/board", StringComparison.Ordinal), "the board");
        desk.Open(desk.Place + "?seconds=2");
        desk.See(first);
        desk.See("Now, and next");
        desk.Until(() => desk.Text.Contains("The one-finger hoist", StringComparison.Ordinal), "the combined results");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();

        desk.Open(desk.Place.Split("/board")[0]);
        desk.Choose("What the board shows", "Places one by one");
        desk.ClickButton("Show the next place");
        desk.See("1 of 24 places shown");
        desk.ClickButton("Tell teams apart");
        desk.See("Print their labels again.");

        // One print for all classes; the places are those of the combined results.
        desk.ClickLink("Papers");
        desk.Choose("What to print", "certificates");
        desk.See("Turbots");
        desk.ShouldBeAccessible();
        using (var printed = Printed.Of(desk))
        {
            var pages = Enumerable.Range(1, printed.NumberOfPages).Select(p => Printed.Words(printed, p)).ToList();
            pages.Count.ShouldBe(29, "24 teams of the hoist and 5 of the ferry that something is recorded of");
            pages.ShouldContain(p =>
                p.Contains("Turbots Pull: 3.13 N, the best of 24 teams", StringComparison.Ordinal)
            );
            pages.ShouldAllBe(p =>
                p.Contains("CERTIFICATE", StringComparison.OrdinalIgnoreCase)
                && p.Contains("Quay day", StringComparison.Ordinal)
            );
        }

        desk.Choose("What to print", "signs for the doors");
        desk.See("Hall, seaward side");
        desk.Choose("What to print", "a sheet for each helper");
        desk.See("Join with the code of the day");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    [Trait("run", "short")]
    public void A_fair_is_begun_with_all_its_rallies_from_one_page()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/days");
        desk.ClickLink("Begin a fair");
        desk.ClickButton("Begin all rallies");
        desk.See("No class takes part yet.");
        desk.Type("Name", "Spring fair");
        desk.Choose("Brief", "A cairn for Gannet Holm");
        foreach (var (name, tier) in new[] { ("Class 2", "Kindergarten to grade 2"), ("Class 7", "Grades 6 to 8") })
        {
            desk.ClickButton("Add a class without a list");
            desk.Type("Name of the class", name);
            desk.Choose($"Tier, {name}", tier);
        }

        desk.ShouldBeAccessible();
        desk.Resize(390, 800);
        desk.ShouldFit();
        desk.Resize(1280, 800);
        desk.ClickButton("Begin all rallies");
        desk.See("0 of 6 teams have been tested.");
        desk.See("Team 7");
        desk.ClickButton("Close all rounds");
        desk.See("12 teams have not been tested.");
        desk.ClickButton("Cancel");
        desk.ShouldHaveCleanConsole("422");
    }

    private Browser Helper(string door, string code, string name)
    {
        var helper = OpenWindow(door);
        helper.Join(code, name);
        helper.See("Choose the table that you help at.");
        return helper;
    }

    /// <summary>The team that is tested now at the table that is open.</summary>
    private static string Now(Browser helper) =>
        helper.Until(
            () =>
                helper
                    .Driver.FindElements(OpenQA.Selenium.By.CssSelector("#now"))
                    .Select(h => h.Text.Split("Now: ").Last())
                    .FirstOrDefault(),
            "who is at the table"
        )!;
}
