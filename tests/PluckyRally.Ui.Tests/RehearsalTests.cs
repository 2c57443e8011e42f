using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>Whole classes play a brief before one child builds.</summary>
public sealed class RehearsalTests(DemoServer demo) : ScreenTest
{
    [Fact]
    public void A_brief_is_rehearsed_in_words_and_what_is_expected_can_be_changed()
    {
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.ClickLink("Foil ferry across the Kelp Channel");
        desk.ClickTab("Try it");
        desk.ClickButton("Rehearse");
        desk.See("The best team wins in");
        desk.See("What sets teams apart");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Click(() => desk.Driver.FindElement(OpenQA.Selenium.By.XPath("//summary[contains(., 'What was expected')]")));
        desk.See("what the brief expects");
        desk.Type("Cargo, Usual", "900");
        desk.Field("Cargo, High").Click();
        desk.ClickButton("Rehearse again");
        desk.See("The usual value does not lie between the other two.");
        desk.Type("Cargo, Usual", "70");
        desk.Field("Cargo, High").Click();
        desk.ClickButton("Rehearse again");
        desk.See("as you wrote");
        desk.ShouldHaveCleanConsole(expected: "422");
    }
}
