using System.Globalization;

namespace PluckyRally.Ui.Tests.Kit;

/// <summary>The evening before: does the material last, does the time suffice?</summary>
public sealed class BeforeTheLessonTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    [Fact]
    public void What_is_in_the_cupboard_is_written_down_once_for_all_briefs()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("The slowest millrace");
        // Home has a pennant of that name too.
        desk.See("Snags");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.See("materials are short.");
        desk.Type("Teams", "6");
        desk.Field("Teams").SendKeys(Keys.Tab);
        desk.Until(() => desk.Row("strips of card").Text.Contains("72", StringComparison.Ordinal), "the class's need");
        desk.Type("Members", "41");
        desk.Field("Members").SendKeys(Keys.Tab);
        desk.See("The size of a team is out of range. Use 1 to 40.");
        desk.Type("Members", "3");
        desk.Field("Members").SendKeys(Keys.Tab);
        desk.SeeNot("The size of a team is out of range.");
        desk.Type("In the cupboard: scissors", "4");
        desk.Field("In the cupboard: scissors").SendKeys(Keys.Tab);
        desk.Until(
            () => desk.Row("scissors").Text.Contains("tool, given back 1 6 2", StringComparison.Ordinal),
            "two pairs of scissors short"
        );
        desk.Type("In the cupboard: tape", "-3");
        desk.Field("In the cupboard: tape").SendKeys(Keys.Tab);
        desk.See("cannot be below zero.");
        desk.Type("In the cupboard: tape", "2 m");
        desk.Field("In the cupboard: tape").SendKeys(Keys.Tab);
        desk.Until(
            () => desk.Field("In the cupboard: tape").GetAttribute("value") == "200",
            "two metres in centimetres"
        );
        desk.SeeNot("Loading plan");
        desk.SeeNot("Bag draw");
        desk.SeeNot("Card draw");
        desk.ShouldBeAccessible();
        desk.ShouldFit();

        desk.Open("/");
        desk.ClickLink("The rain catcher");
        // Home has a pennant of that name too.
        desk.See("Snags");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.Until(() => desk.Field("In the cupboard: scissors").GetAttribute("value") == "4", "the same scissors");
        desk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    [Trait("run", "short")]
    public void A_kit_goes_out_signed_and_comes_back_with_what_is_missing()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.Click(() => desk.One("link", "Class 5, the hoist", exact: false));
        desk.See("Count the kit out, team by team, or go on without.");
        desk.ClickButton("Take it from the cupboard");
        desk.See("Taken:");
        string Back() => desk.Field("Back in the cupboard: scissors").GetAttribute("value")!;
        var taken = int.Parse(Back(), CultureInfo.InvariantCulture);
        desk.ClickButton("Count out: Dulse");
        desk.Type("scissors, out, Dulse", "some");
        desk.ClickButton("Counted out");
        desk.See("Write how much there is of scissors, 0 or more.");
        desk.ShouldBeAccessible();
        desk.Type("scissors, out, Dulse", "1");
        desk.Type("Signed by, Dulse", "Hana I.");
        desk.ClickButton("Counted out");
        desk.See("Counted out.");
        desk.See("5 teams have no kit yet.");
        desk.ClickButton("Count back: Dulse");
        desk.See("Went out with Hana I.");
        desk.Type("scissors, back, Dulse", "0");
        desk.ClickButton("Counted back");
        desk.See("Missing: 1 pair of scissors.");
        desk.Until(() => Back() == $"{taken - 1}", "one pair of scissors less to come back");
        desk.ClickButton("Put this back");
        desk.See("This kit is back in the cupboard.");
        desk.ShouldBeAccessible();
        desk.ShouldFit();

        desk.ClickLink("Print labels and sheets");
        foreach (
            var (paper, says) in new[]
            {
                ("job cards", "Leads the design"),
                ("bag and kit labels", "(comes back)"),
                ("count sheets", "Signed"),
                ("the team list", "Class 5, the hoist"),
            }
        )
        {
            desk.Choose("What to print", paper);
            desk.See(says);
            desk.ShouldBeAccessible();
        }

        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void The_cupboard_and_what_to_buy_for_all_that_is_planned_are_on_one_page()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("Cupboard");
        desk.See("To buy");
        desk.Until(() => desk.All("row", "table tennis balls", exact: false).Count == 1, "the balls to buy");
        desk.Type("Amount", "40");
        desk.Type("Material", "table tennis balls");
        desk.ClickButton("Add");
        desk.Until(
            () => desk.Field("How much there is of table tennis balls").GetAttribute("value") == "40",
            "the balls in the cupboard"
        );
        desk.Until(() => desk.All("row", "table tennis balls", exact: false).Count == 1, "nothing of them to buy");
        desk.Type("How much there is of table tennis balls", "-2");
        desk.Field("How much there is of table tennis balls").SendKeys(Keys.Tab);
        desk.See("cannot be below zero.");
        desk.ClickInMenu("table tennis balls", "None left");
        desk.Until(() => desk.All("field", "How much there is of table tennis balls").Count == 0, "them to be gone");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    public void A_lesson_that_is_too_short_is_seen_and_mended_with_one_touch()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("The slowest millrace");
        desk.ClickTab("Time");
        desk.See("The lesson ends after");
        desk.Type("Minutes of a lesson", "44");
        desk.See("minutes over.");
        desk.See("over the end");
        desk.ShouldBeAccessible();
        desk.Click(() => desk.Driver.FindElement(By.CssSelector(".offer .fix:not(.not)")));
        desk.See("of 44 minutes.");
        desk.SeeNot("over the end");
        desk.Field("Title").SendKeys(Keys.Control + "z");
        desk.See("minutes over.");
    }
}
