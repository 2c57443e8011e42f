using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// What a judge has in the hand: the pad in the first screenful of a phone, what is half laid, the keyboard alone, a
/// photo, and a way back.
/// </summary>
public sealed class InHandTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    [Fact]
    [Trait("run", "short")]
    public async Task On_a_phone_the_pad_for_the_next_attempt_is_in_the_first_screenful()
    {
        var rally = await PreparedRally.Begin(
            server,
            await PreparedRally.OnShelf(server, "Foil ferry across the Kelp Channel"),
            "Ferry"
        );
        var phone = OpenWindow(server.Address, 390, 844);
        phone.Open($"/rallies/{rally}/score");
        phone.See("Attempt 1 of");
        foreach (
            var kept in phone.All("button", "Met").Where(b => b.FindElements(By.XPath("ancestor::form")).Count == 0)
        )
            phone.Click(() => kept);
        foreach (var (measure, typed) in new[] { ("Ferry's mass", "4.2"), ("Length", "15") })
        {
            phone.Type(measure, typed);
            phone.ClickButton($"Record: {measure}");
        }

        phone.ClickButton("Plan approved");
        phone.SeeNot("on this device");
        phone.Open(phone.Place);
        phone.See("Attempt 1 of");
        phone.See("All met.");
        phone.Driver.ExecuteScript("scrollTo(0, 0)");
        Bottom(phone, phone.Button("Record")).ShouldBeInRange(1, 844, "without scrolling");
        phone.Driver.ExecuteScript("scrollTo(0, document.body.scrollHeight)");
        Top(phone, phone.Button("Undo")).ShouldBeInRange(0, 60, "undo stays in reach");
        phone.ShouldBeAccessible();
        phone.ShouldFit();
    }

    [Fact]
    public async Task A_keyboard_judge_needs_no_more_than_twenty_keys_for_two_readings_in_two_attempts()
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "nest-ring-glider.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        brief["title"] = "A glider with two readings";
        (brief["trials"]!["attempts"], brief["trials"]!["minimum"]) = (2, 2);
        PreparedRally.Shelve(server.Address, brief);
        var rally = await PreparedRally.Begin(
            server,
            await PreparedRally.OnShelf(server, "A glider with two readings"),
            "Glider"
        );
        var walk = OpenWindow(server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/score");
        walk.See("Attempt 1 of 2");
        var readings = walk.Driver.FindElements(By.CssSelector("[data-reading]")).Count;
        readings.ShouldBe(2);
        walk.Until(
            () => walk.Driver.SwitchTo().ActiveElement().GetAttribute("data-reading") is not null,
            "the first reading to be ready"
        );
        var keys = 0;
        foreach (var attempt in new[] { 1, 2 })
        {
            foreach (var key in new[] { "3", "2", Keys.Enter, "4", "0", Keys.Enter })
            {
                new OpenQA.Selenium.Interactions.Actions(walk.Driver).SendKeys(key).Perform();
                keys++;
            }

            walk.See(attempt == 1 ? "Attempt 2 of 2" : "All attempts have been made.");
        }

        keys.ShouldBeLessThanOrEqualTo(20);
        walk.Until(
            () => walk.Driver.SwitchTo().ActiveElement().Equals(walk.Button("Next team")),
            "the keyboard to go on to the next team"
        );
    }

    [Fact]
    public async Task An_area_is_put_together_of_shapes()
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "slow-millrace.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        brief["title"] = "Sails by their area";
        brief["measures"]![0]!["kind"] = "area";
        brief["measures"]![0]!["unit"] = "cm²";
        brief["measures"]![0]!.AsObject().Remove("expected");
        PreparedRally.Shelve(server.Address, brief);
        var rally = await PreparedRally.Begin(
            server,
            await PreparedRally.OnShelf(server, "Sails by their area"),
            "Sails"
        );
        var phone = OpenWindow(server.Address, 390, 844);
        phone.Open($"/rallies/{rally}/score");
        phone.ClickButton("rectangle");
        phone.Field("its length").SendKeys("12");
        phone.Field("its width").SendKeys("6" + Keys.Enter);
        phone.ClickButton("triangle");
        phone.Field("its base").SendKeys("4");
        phone.Field("its height").SendKeys("3");
        phone.ShouldBeAccessible();
        phone.ClickButton("Add it");
        phone.Field("Time").GetAttribute("value").ShouldBe("rectangle 12 x 6 + triangle 4 x 3");
        phone.ShouldFit();
        phone.ClickButton("Record");
        phone.See("Attempt 1: 78.0 cm² (rectangle 12 × 6 = 72 cm², triangle 4 × 3 ÷ 2 = 6 cm²)");
        phone.ShouldHaveCleanConsole();
    }

    /// <summary>
    /// What is pressed lies where it lay once it is recorded, and the page was not scrolled: with a line or without, at
    /// the first press and at the next.
    /// </summary>
    [Theory]
    [InlineData(800, 1280)]
    [InlineData(390, 844)]
    public async Task Nothing_moves_under_the_finger(int width, int height)
    {
        var (walk, _) = await BeginToJudge(server, "The bird ringer's third hand");
        walk.Resize(width, height);
        foreach (
            var (recorded, (offline, level)) in new[]
            {
                (false, "Explained: says why it works"),
                (false, "Gentle to the bird: never touches it"),
                (true, "Gives a hand more: for two things"),
            }.Index()
        )
        {
            walk.Offline(offline);
            walk.Driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", walk.Button(level));
            var (before, scrolled) = (Top(walk, walk.Button(level)), walk.Run("return scrollY"));
            walk.ClickButton(level);
            walk.Until(() => walk.Pressed(level), "the level to be given");
            walk.Until(
                () => walk.All("button", "Cross out", exact: false).Count == recorded + 1,
                "the record to stand in the log"
            );
            if (offline)
                walk.See("1 kept on this device, not sent yet.");
            else
                walk.SeeNot("not sent yet");
            Top(walk, walk.Button(level)).ShouldBe(before, 0.5, level);
            walk.Run("return scrollY").ShouldBe(scrolled, level);
        }

        walk.Offline(false);
        walk.SeeNot("on this device");
    }

    [Fact]
    public async Task What_is_half_laid_is_there_again_after_leaving_and_reloading()
    {
        var (walk, rally) = await BeginToJudge(server, "Pebbles by mass");
        foreach (var pebble in "CGE")
            walk.ClickButton($"{pebble}");
        walk.Open(walk.Place);
        walk.Until(() => walk.All("button", "Remove: E").Count == 1, "the third pebble to lie there still");
        walk.ClickButton("Next team");
        walk.See("Whelks");
        walk.All("button", "Remove: C").ShouldBeEmpty();
        walk.ClickButton("Previous team");
        walk.Until(() => walk.All("button", "Remove: E").Count == 1, "the pebbles of the first team");
        foreach (var pebble in "AHFDB")
            walk.ClickButton($"{pebble}");
        walk.ClickButton("Record this order");
        walk.See("pairs");
        walk.Open($"/rallies/{rally}/score");
        walk.Until(() => !walk.Button("Record this order").Enabled, "nothing to be half laid any more");
    }

    [Fact]
    public async Task Half_typed_readings_and_answers_of_an_attempt_outlast_a_reload()
    {
        var (walk, _) = await BeginToJudge(server, "The slowest millrace");
        walk.Type("Time", "12.4");
        walk.Click(() => walk.All("button", "Missed")[^1]);
        walk.Open(walk.Place);
        walk.Until(() => walk.Field("Time").GetAttribute("value") == "12.4", "the reading");
        walk.All("button", "Missed")[^1].GetAttribute("aria-pressed").ShouldBe("true");
        walk.ClickButton("Record");
        walk.See("Attempt 2 of 3");
        walk.Field("Time").GetAttribute("value").ShouldBeEmpty();
        walk.See("missed in attempt 1");
    }

    [Fact]
    public async Task Undo_takes_back_a_strike_and_a_strike_in_the_log_can_be_taken_back()
    {
        var (walk, _) = await BeginToJudge(server, "The slowest millrace");
        walk.Type("Time", "12.4");
        walk.ClickButton("Record");
        walk.See("Attempt 2 of 3");
        walk.ClickButton("Cross out: Attempt 1: 12.4 s");
        walk.ClickButton("Cross it out");
        walk.See("Attempt 1 of 3");
        walk.ClickButton("Undo");
        walk.See("Attempt 2 of 3");
        walk.Offline(true);
        walk.ClickButton("Cross out: Attempt 1: 12.4 s");
        walk.ClickButton("Cross it out");
        walk.See("Attempt 1 of 3");
        // It comes to where the finger has just been, and is not pressed by it for a second: the keyboard means it.
        walk.Button("Restore, so that it counts again: Attempt 1: 12.4 s").SendKeys(Keys.Enter);
        walk.See("Attempt 2 of 3");
        walk.Offline(false);
        walk.SeeNot("on this device");
        walk.See("Attempt 2 of 3");
    }

    [Fact]
    public async Task The_keyboard_is_enough_for_every_kind_of_attempt()
    {
        var (walk, _) = await BeginToJudge(server, "The slowest millrace");
        walk.Until(
            () => walk.Driver.SwitchTo().ActiveElement().Equals(walk.Field("Time")),
            "the field to be ready for digits"
        );
        Press(walk, "12.4" + Keys.Enter);
        walk.See("Attempt 2 of 3");
        Press(walk, Keys.Alt + "s");
        walk.See("Stop the watch");
        Press(walk, Keys.Alt + "s");
        walk.Until(
            () => walk.Field("Time").GetAttribute("value")!.EndsWith(" s", StringComparison.Ordinal),
            "the time in the field"
        );
        walk.Type("Time", "50");
        Press(walk, Keys.Alt + "l" + Keys.Null + Keys.Enter);
        walk.See("at least 50.0 s");
        Press(walk, Keys.Alt + "v" + Keys.Null);
        walk.Field("In your words").SendKeys("a door slammed" + Keys.Enter);
        walk.See("does not count (a door slammed)");
        Press(walk, Keys.Alt + "w" + Keys.Null);
        walk.See("needs a decision");
        walk.See("All attempts have been made.");
        walk.ClickButton("Decide now: attempt 3");
        Press(walk, Keys.Alt + "f" + Keys.Null + Keys.Enter);
        walk.See("Attempt 3: failed");
        Press(walk, Keys.Alt + "u" + Keys.Null);
        walk.See("crossed out: undone");
        walk.See("Attempt 3 of 3");
        Press(walk, Keys.Alt + "p" + Keys.Null);
        walk.See("Practice: kept beside the rest, never scored");
        walk.Field("Time").SendKeys("9" + Keys.Enter);
        walk.See("Practice 9.0 s");
        walk.See("Attempt 3 of 3");
        Press(walk, Keys.PageDown);
        walk.Until(() => walk.Heading("Whelks").Displayed, "the next team");
        Press(walk, Keys.Alt + "1" + Keys.Null);
        walk.Until(() => walk.Heading("Plovers").Displayed, "the first team");
        walk.ShouldBeAccessible();
    }

    [Fact]
    public async Task A_photo_is_taken_shown_in_the_results_and_deleted()
    {
        var (walk, _) = await BeginToJudge(server, "The slowest millrace");
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid()}.png");
        walk.Picture(file);
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("input[type=file]")).Count == 1, "the photo's field");
        walk.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(file);
        walk.See("Delete photo");
        File.Delete(file);
        walk.ShouldBeAccessible();
        var text = Path.GetTempFileName();
        await File.WriteAllTextAsync(text, "no picture", TestContext.Current.CancellationToken);
        walk.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(text);
        walk.See("This is not a photo. Choose a JPEG, PNG or WebP picture.");
        File.Delete(text);
        var score = walk.Place;
        walk.Open(score.Split("/score")[0] + "/results");
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("main img[alt*='Plovers']")).Count == 1, "the photo");
        walk.ShouldBeAccessible();
        walk.Open(score);
        walk.ClickButton("Delete photo");
        walk.ClickButton("Delete");
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("main img")).Count == 0, "the photo to go");
    }

    /// <summary>Keys as the page gets them, wherever the focus is.</summary>
    private static void Press(Browser window, string keys) =>
        window.Until(
            () =>
            {
                try
                {
                    window.Driver.SwitchTo().ActiveElement().SendKeys(keys);
                    return true;
                }
                catch (ElementNotInteractableException)
                {
                    return false;
                }
            },
            "something that takes keys"
        );

    private static double Bottom(Browser window, IWebElement element) =>
        Convert.ToDouble(window.Driver.ExecuteScript("return arguments[0].getBoundingClientRect().bottom", element));

    private static double Top(Browser window, IWebElement element) =>
        Convert.ToDouble(window.Driver.ExecuteScript("return arguments[0].getBoundingClientRect().top", element));
}
