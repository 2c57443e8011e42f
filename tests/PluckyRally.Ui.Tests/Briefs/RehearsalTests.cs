namespace PluckyRally.Ui.Tests.Briefs;

/// <summary>Whole classes play a brief before one child builds.</summary>
public sealed class RehearsalTests(DemoServer demo) : ScreenTest
{
    [Fact]
    public void A_brief_is_rehearsed_a_change_that_helps_is_taken_and_undone()
    {
        var desk = Rehearsing("The sand fence");
        desk.See("“Sand kept” decides nearly everything:");
        desk.Until(() => desk.All("button", "Count “Close to 6 cm high” 2.5 times").Count > 0, "a change that helps");
        desk.See("The part that decides most makes ");
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
        desk.Click(() => desk.Field("Count “Pull” half as much"));
        desk.ClickButton("Compare side by side");
        desk.See("Teams go down that are good at “Pull”.");
        desk.See("One class as an example: places as it is, and as it might be");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
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
