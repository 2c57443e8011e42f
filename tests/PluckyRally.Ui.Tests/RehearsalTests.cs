using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>Whole classes play a brief before one child builds; afterwards it is held against what came.</summary>
public sealed class RehearsalTests(DemoServer demo) : ScreenTest
{
    [Fact]
    public void A_brief_is_rehearsed_a_change_that_helps_is_taken_and_undone()
    {
        var desk = Rehearsing("The sand fence");
        desk.See("“Sand kept” decides nearly everything:");
        desk.Until(() => desk.All("button", "Count “Close to 6 cm high” 2.5 times").Count > 0, "a change that helps");
        desk.See("The part that decides most does so for ");
        desk.Until(
            () => !desk.Text.Contains("Trying what would help", StringComparison.Ordinal),
            "all changes to be tried"
        );
        desk.ShouldBeAccessible();
        desk.ShouldFit();

        desk.ClickButton("Count “Close to 6 cm high” 2.5 times");
        desk.See("Changed: Count “Close to 6 cm high” 2.5 times.");
        desk.See("The brief has been changed since these classes played.");
        desk.Until(
            () => desk.All("button", "Count “Close to 6 cm high” 2.5 times").All(b => !b.Enabled),
            "what was offered for another brief to rest"
        );
        desk.ClickButton("Rehearse again");
        desk.SeeNot("“Sand kept” decides nearly everything:");
        desk.Click(() =>
            desk.Driver.FindElement(OpenQA.Selenium.By.XPath("//p[contains(., 'Changed:')]/button[.='Undo']"))
        );
        desk.SeeNot("Changed: Count");
        desk.See("The brief has been changed since these classes played.");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void Two_methods_are_held_side_by_side_with_the_same_classes()
    {
        var desk = Rehearsing("The one-finger hoist");
        desk.See("As it is, and as it might be");
        desk.Click(() => desk.Field("Count “Pull” half"));
        desk.ClickButton("Hold side by side");
        desk.See("Teams go down that are good at “Pull”.");
        desk.See("One class as an example: places as it is, and as it might be");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void What_is_expected_can_be_written_kept_and_taken_back()
    {
        var desk = Rehearsing("The slowest millrace");
        desk.See("as planned: a fifth less, or up to half as long again");
        desk.Type("Time, Usual", "900");
        desk.Field("Time, High").Click();
        desk.ClickButton("Rehearse again");
        desk.See("The usual value does not lie between the other two. Write the smallest, the usual and the largest.");
        desk.Type("Time, Usual", "20");
        desk.Field("Time, High").Click();
        desk.Type("An attempt fails, of a hundred times", "30");
        desk.Field("Time, High").Click();
        desk.ClickButton("Rehearse again");
        desk.SeeNot("The usual value does not lie");

        // What was written is still there when the page was left.
        desk.Driver.Navigate().Refresh();
        desk.ClickTab("Rehearsal");
        desk.ClickButton("Rehearse");
        desk.Until(
            () => desk.All("field", "Time, Usual") is [var field, ..] && field.GetAttribute("value") == "20",
            "what was written of the time"
        );
        desk.ClickButton("Take back what you wrote of Time");
        desk.ClickButton("Take back what you wrote of An attempt fails");
        desk.SeeNot("as you wrote");
        desk.ShouldHaveCleanConsole(expected: "422");
    }

    [Fact]
    public void After_the_class_what_came_is_held_against_what_was_expected_and_the_brief_may_learn()
    {
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.ClickLink("Class 7, the hoist");
        desk.Until(() => desk.Driver.Url.Contains("/rallies/", StringComparison.Ordinal), "the rally to open");
        desk.Open($"/rallies/{new Uri(desk.Driver.Url).Segments[2].TrimEnd('/')}/debrief");
        desk.See("Expected, and what came");
        desk.See("lie outside, the middle one at");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Click(() =>
            desk.Driver.FindElement(OpenQA.Selenium.By.XPath("//a[starts-with(normalize-space(.), 'Expect ')]"))
        );
        desk.See("Last time");
        desk.Until(
            () =>
                desk.Driver.FindElements(
                    OpenQA.Selenium.By.XPath("//button[starts-with(normalize-space(.), 'Expect ')]")
                ).Count > 0,
            "the range offered to the brief"
        );
        desk.ShouldHaveCleanConsole();
    }

    private Browser Rehearsing(string brief)
    {
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.ClickLink(brief);
        desk.ClickTab("Rehearsal");
        desk.ClickButton("Rehearse");
        desk.See("The best team wins in");
        return desk;
    }
}
