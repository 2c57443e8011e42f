using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

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
        desk.ClickButton("Plan it");
        desk.See("The sand fence");
        desk.Until(() => desk.Text.Contains(", Class 9", StringComparison.Ordinal), "the plan");
        desk.ShouldBeAccessible();
        desk.ClickInMenu("the plan of The sand fence", "Edit plan");
        desk.Type("For whom", "Class 2");
        desk.ClickButton("Plan it");
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
    public async Task Two_judges_play_a_fair_day_from_its_page_and_the_board_goes_round()
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
        desk.ClickButton("Come in");
        desk.See("New brief");
        desk.ClickLink("Fair days");
        desk.ClickLink("Quay day");
        desk.See("2 of 6 teams have been tested");
        desk.ClickButton("Make a code for the day");
        desk.See("also opens Class 6, the hoist");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        var code = desk.Driver.FindElement(OpenQA.Selenium.By.CssSelector(".code")).Text;
        var door = fair.Door;
        var (one, two) = (Judge(door, code, "Wren"), Judge(door, code, "Tam"));

        foreach (var judge in new[] { one, two })
        {
            judge.Resize(800, 1280);
            judge.ShouldFit();
            judge.ShouldBeAccessible();
            judge.Text.ShouldNotContain("The helpers’ code");
        }

        // Each at a table of the same rally: the team at it is the one that the page names.
        var (first, second) = (NowAt(one, 1), NowAt(two, 2));
        first.ShouldNotBe(second);
        one.ClickLink("Judge Class 5, today");
        one.See(first);
        one.ClickLink("Quay day");
        two.ClickLink("Judge Class 7, the hoist");
        two.See("Complete");
        two.ClickLink("Quay day");
        two.See("Combined results: The one-finger hoist");

        // Whoever has no code of the day sees nothing of it.
        var stranger = OpenWindow(door);
        stranger.Open(desk.Place);
        stranger.Until(() => stranger.Place.StartsWith("/sign-in", StringComparison.Ordinal), "the door");
        desk.ClickLink("Rotating board");
        desk.Until(() => desk.Place.EndsWith("/board", StringComparison.Ordinal), "the board");
        desk.Open(desk.Place + "?seconds=2");
        desk.See(first);
        desk.Until(() => desk.Text.Contains("Table 1", StringComparison.Ordinal), "the tables of a rally");
        desk.Until(() => desk.Text.Contains("The one-finger hoist", StringComparison.Ordinal), "the list over all");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();

        desk.Open(desk.Place.Split("/board")[0]);
        desk.ClickLink("Certificates of Class 7, the hoist");
        desk.See("Rockling");
        desk.ShouldHaveCleanConsole();
    }

    private Browser Judge(string door, string code, string name)
    {
        var judge = OpenWindow(door);
        judge.Join(code, name);
        judge.See("Go to your table");
        return judge;
    }

    private static string NowAt(Browser judge, int table) =>
        judge.Until(
            () =>
                judge
                    .Driver.FindElements(OpenQA.Selenium.By.CssSelector(".rallies td b"))
                    .Select(b => b.Text)
                    .ElementAtOrDefault(table - 1)
                ?? "",
            "who is at the table"
        );
}
