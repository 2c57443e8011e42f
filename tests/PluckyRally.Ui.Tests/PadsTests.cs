using OpenQA.Selenium;
using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// One rally of each kind of scoring, recorded by touch; its standings are those of <c>./rally score</c> on its file.
/// </summary>
public sealed class PadsTests(InstrumentedServer instrumented) : ScreenTest
{
    private readonly RunningServer _server = instrumented.Server;

    [Fact]
    public async Task Tasks_are_ticked_off_whole_and_in_steps_with_their_time()
    {
        var (walk, rally) = await Begin("The lantern walk");
        walk.ClickButton("lights up: done");
        walk.ClickButton("shines to all four sides: 3 of 4 steps");
        walk.ClickButton("is first to be carried once around the hall: done");
        walk.Type("Time, What it can do", "soon");
        walk.ClickButton("Record: Time, What it can do");
        walk.See("“soon” cannot be read");
        walk.Type("Time, What it can do", "8:30");
        walk.ClickButton("Record: Time, What it can do");
        walk.See("22 points");
        walk.ShouldBeAccessible();
        walk.ClickButton("lights up: done");
        walk.See("12 points");
        await Agrees(walk, rally, "12.0");
    }

    [Fact]
    public async Task A_relay_is_timed_leg_by_leg_and_by_hand()
    {
        var (walk, rally) = await Begin("Bucket chain to the boathouse");
        walk.ClickButton("Start leg 1");
        walk.ClickButton("False touch");
        walk.ClickButton("Start leg 1");
        walk.ClickButton("Leg 1 is in");
        walk.Button("Leg 2 is in").Displayed.ShouldBeTrue();
        walk.ClickButton("False touch");
        walk.Button("Leg 1 is in").Displayed.ShouldBeTrue("the leg goes on as if it had not been touched");
        walk.See("struck out: false touch");
        walk.ClickButton("Leg 1 is in");
        walk.Open(walk.Place);
        walk.Button("Leg 2 is in").Displayed.ShouldBeTrue("the watch runs on over a reload");
        foreach (var (leg, time) in new[] { (1, "20.0"), (2, "21,5"), (3, "19.9 s"), (4, "0:18.6") })
        {
            walk.Type($"Time of leg {leg}", time);
            walk.ClickButton($"Record: Time of leg {leg}");
            walk.Until(() => walk.Field($"Time of leg {leg}").GetAttribute("value") == "", "the time to be taken");
        }

        walk.See("All legs are in.");
        walk.ClickButton("+1 spill");
        walk.See("1:20.0 + 4 s = 1:24.0.");
        walk.Type("How many were brought over", "7");
        walk.ClickButton("Record: brought over");
        walk.ClickButton("+1 cheer for another team");
        walk.See("38 points");
        walk.ShouldBeAccessible();
        walk.ShouldFit();
        await Agrees(walk, rally, "39.0");
    }

    [Fact]
    public async Task Finds_are_sorted_into_bins_and_the_key_is_shown_on_request()
    {
        var (walk, rally) = await Begin("Along the strandline");
        walk.Text.ShouldNotContain("(animals)");
        walk.ClickButton("Show the key");
        walk.See("mussel shell (animals)");
        walk.ClickButton("mussel shell in animals");
        walk.ClickButton("bladder wrack in plants");
        walk.ClickButton("blue rope in plants");
        walk.ClickButton("net cork in people");
        walk.ClickButton("net cork in people");
        walk.ClickButton("Record this answer");
        walk.See("2 right, 1 wrong, 9 left out");
        walk.ShouldBeAccessible();
        walk.Driver.FindElement(OpenQA.Selenium.By.TagName("summary")).Click();
        walk.Paste("The team’s answer", "net cork: plants\nwhale: animals");
        walk.ClickButton("Take it over");
        walk.See("Line 2: there is no item “whale”.");
        walk.Paste("The team’s answer", "animals: mussel shell\nplants: bladder wrack, blue rope");
        walk.ClickButton("Take it over");
        walk.Until(
            () => walk.Button("mussel shell in animals").GetAttribute("aria-pressed") == "true",
            "the answer in the table"
        );
        walk.Button("net cork in people").SendKeys("1");
        walk.Until(
            () => walk.Button("net cork in animals").GetAttribute("aria-pressed") == "true",
            "the digit to put it in the first bin"
        );
        walk.ClickButton("net cork in animals");
        walk.See("2 right, 1 wrong, 9 left out");
        walk.See("3 points");
        walk.ShouldBeAccessible();
        await Agrees(walk, rally, "3.0");
    }

    [Fact]
    public async Task Pebbles_are_laid_in_order_by_touch_and_moved_with_the_keys()
    {
        var (walk, rally) = await Begin("Pebbles by mass");
        foreach (var pebble in "CGEAHFDB")
            walk.ClickButton($"{pebble}");
        walk.Button("Move B, place 8, with the arrow keys").SendKeys(Keys.ArrowUp);
        walk.ClickButton("Record this order");
        walk.See("28 of 28 pairs");
        walk.See("32 points");
        walk.ShouldBeAccessible();
        await Agrees(walk, rally, "32.0");
    }

    [Fact]
    public async Task Pieces_are_counted_by_sort()
    {
        var (walk, rally) = await Begin("Tide-pool mosaic");
        walk.Type("How many, small, deep blue", "several");
        walk.ClickButton("Record these pieces");
        walk.See("How many is a whole number, 0 or more.");
        walk.Type("How many, small, deep blue", "4");
        walk.Type("How many, large, foam", "8");
        walk.ClickButton("Record these pieces");
        walk.See("60 points");
        foreach (var i in new[] { 0, 1 })
            walk.Click(() => walk.All("button", "Kept")[i]);
        walk.See("Complete");
        walk.ShouldBeAccessible();
        await Agrees(walk, rally, "60.0");
    }

    [Fact]
    public async Task Levels_are_given_in_words_and_something_seen_is_noted()
    {
        var (walk, rally) = await Begin("The bird ringer's third hand");
        foreach (var i in new[] { 0, 1 })
            walk.Click(() => walk.All("button", "Kept")[i]);
        walk.ClickButton("Gives a hand more: for two things");
        walk.ClickButton("Gentle to the bird: never touches it");
        walk.ClickButton("Explained: says why it works");
        walk.See("28 points");
        walk.ClickButton("takes a ring from the peg: done");
        walk.ClickButton("turns the light on the bird: 1 of 2 steps");
        walk.See("6 points");
        walk.ClickButton("tests early");
        walk.See("Note: tests early");
        walk.Type("A note in your words", "asked the ringer first");
        walk.ClickButton("Note it");
        walk.See("Note: asked the ringer first");
        walk.ShouldBeAccessible();
        await Agrees(walk, rally, "34.0");
    }

    [Fact]
    public async Task A_team_buys_and_gives_back()
    {
        var (walk, rally) = await Begin("A cold box for the catch");
        walk.Button("sheets of foil: give back 1").Enabled.ShouldBeFalse();
        walk.ClickButton("sheets of foil: buy 1");
        walk.ClickButton("sheets of foil: buy 1");
        walk.ClickButton("balls of sheep wool: buy 1");
        walk.See("Spent 13 tokens of 24 tokens, 11 tokens left.");
        walk.ClickButton("sheets of foil: give back 1");
        walk.See("13 tokens left.");
        walk.ShouldBeAccessible();
        await Agrees(walk, rally, null);
    }

    private Task<(Browser Walk, string Rally)> Begin(string title) => BeginOnWalk(_server, title);

    private Task Agrees(Browser walk, string rally, string? total) => PreparedRally.Agrees(_server, walk, rally, total);
}
