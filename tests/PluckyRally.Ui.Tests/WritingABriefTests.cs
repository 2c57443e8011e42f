using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

public sealed class WritingABriefTests : ScreenTest
{
    private readonly RunningServer _server = new(demo: false);

    [Fact]
    public void A_teacher_writes_a_brief_until_a_class_can_run_it()
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        desk.See("The brief has no title.");
        desk.ShouldBeAccessible();
        desk.Type("Title", "Sand fence");
        desk.Choose("Season", "spring");
        desk.Type("Story", "The wind takes the dune away, grain by grain.");
        desk.Type("Goal", "Build a fence that keeps as much sand as it can.");

        desk.ClickButton("Add a measure");
        desk.Type("Name of the measure", "Kept sand");
        desk.Choose("Kind of measure", "a mass");
        desk.Type("Step", "0.5");

        desk.ClickButton("Add a criterion");
        desk.Type("The criterion in the pupils' words", "Is at least 6 cm high");
        desk.ClickButton("Add a constraint");
        desk.Type("The constraint in the pupils' words", "Keeps at least 20 g");
        desk.All("field", "How it is checked")[1].SendKeys("measuring");
        desk.Type("Limit", "20 cm");
        desk.See("cm is a unit of length");
        desk.ShouldBeAccessible();
        desk.Type("Limit", "20 g");

        desk.ClickButton("Add a part");
        desk.Type("Name of the part", "Sand");
        desk.Choose("How points are worked out", "by bands");
        desk.Type("Band 1 from", "20");
        desk.Type("Band 1 points", "4");
        desk.See("Sand: 4 points from 20.0 g.");
        desk.See("None. A class can run this.");
        desk.See("Saved at");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();

        var place = desk.Place;
        desk.Open("/");
        desk.ClickLink("Sand fence");
        desk.See("None. A class can run this.");
        desk.Place.ShouldBe(place);
        desk.Field("Goal").GetAttribute("value").ShouldBe("Build a fence that keeps as much sand as it can.");
    }

    [Fact]
    public void A_snag_leads_to_its_field()
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        desk.ClickButton("The brief has no title.");
        desk.Driver.SwitchTo().ActiveElement().GetAttribute("aria-label").ShouldBe("Title");
    }

    [Fact]
    public void A_number_that_is_none_is_refused_at_its_field_and_stays()
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        desk.Type("Attempts", "several");
        desk.Field("Theme").Click();
        desk.See("Not saved: mend what is marked.");
        desk.See("Write a whole number.");
        desk.Field("Attempts").GetAttribute("value").ShouldBe("several");
        desk.Type("Attempts", "3");
        desk.Field("Theme").Click();
        desk.See("Saved at");
    }

    [Fact]
    public void Two_windows_with_one_brief_lose_nothing()
    {
        var first = OpenWindow(_server.Address);
        Begin(first);
        var second = OpenWindow(_server.Address);
        second.Open(first.Place);
        second.See("The brief has no title.");
        first.Type("Title", "From the first window");
        first.See("Saved at");
        second.Type("Title", "From the second window");
        second.See("This brief was changed in another window.");
        second.ShouldBeAccessible();
        second.Field("Title").GetAttribute("value").ShouldBe("From the second window");

        second.ClickButton("Save mine as a copy");
        second.Until(() => second.Place != first.Place, "the copy");
        second.Open("/");
        second.See("From the first window");
        second.See("From the second window (my copy)");
        second.ShouldHaveCleanConsole("412");
    }

    [Fact]
    public void What_could_not_be_saved_is_offered_again()
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        _server.Kill();
        desk.Type("Title", "Written on the train");
        desk.See("no connection");
        _server.Start();
        desk.See("Saved at");
        desk.Open(desk.Place);
        desk.Until(() => desk.Field("Title").GetAttribute("value") == "Written on the train", "the title");
    }

    [Theory]
    [InlineData("<script>document.title='taken'</script>")]
    [InlineData("سفينة صغيرة")]
    public void Any_text_is_only_text(string title)
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        desk.Paste("Title", title);
        desk.See("Saved at");
        desk.Open("/");
        desk.Link(title).Displayed.ShouldBeTrue();
        desk.Driver.Title.ShouldBe("Start · Plucky Rally");
    }

    [Fact]
    public void A_title_of_5000_characters_is_kept_and_is_a_snag()
    {
        var desk = OpenWindow(_server.Address);
        Begin(desk);
        desk.Paste("Title", new string('x', 5000));
        desk.See("The title is 5000 characters long. Shorten it to 120.");
        desk.See("Saved at");
    }

    protected override void Close() => _server.Dispose();

    private static void Begin(Browser desk)
    {
        desk.Open("/");
        desk.See("The shelf is empty.");
        desk.ClickButton("Write a brief");
        desk.See("Your design must");
    }
}
