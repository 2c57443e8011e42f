using OpenQA.Selenium;
using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>The evening before: does the material last, does the time suffice?</summary>
public sealed class BeforeTheLessonTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    [Fact]
    public void What_is_in_the_cupboard_is_written_down_once_for_all_briefs()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("A beacon for Gannet Holm");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.See("4 materials are short.");
        desk.Type("Teams", "6");
        desk.Until(() => desk.Row("sheets of old newsprint").Text.Contains("84", StringComparison.Ordinal), "the class's need");
        desk.Type("In the cupboard: scissors", "9");
        desk.Field("In the cupboard: scissors").SendKeys(Keys.Tab);
        desk.Until(() => desk.Row("scissors").Text.Contains("enough", StringComparison.Ordinal), "enough scissors");
        desk.Type("In the cupboard: tape", "-3");
        desk.Field("In the cupboard: tape").SendKeys(Keys.Tab);
        desk.See("The amount is out of range.");
        desk.ClickButton("Draw the cards");
        desk.See("Team 6: card");
        desk.ShouldBeAccessible();
        desk.ShouldFit();

        desk.Open("/");
        desk.ClickLink("The slowest millrace");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.Until(() => desk.Row("scissors").Text.Contains("enough", StringComparison.Ordinal), "the same scissors");
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
