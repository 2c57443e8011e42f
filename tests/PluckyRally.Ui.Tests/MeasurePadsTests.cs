using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using OpenQA.Selenium;
using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>The pad that fits the measure, by touch, by key, and from an instrument.</summary>
public sealed class MeasurePadsTests(InstrumentedServer instrumented) : ScreenTest
{
    private readonly RunningServer _server = instrumented.Server;

    [Fact]
    public async Task Weights_are_laid_on_with_count_and_mass_at_once()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "Bridge to the drying racks"), "Bridge");
        walk.ClickButton("+1 sack");
        walk.ClickButton("+5 washer");
        walk.See("6 on, 296.5 g");
        walk.Field("Load").GetAttribute("value").ShouldBe("5 washer + 1 sack");
        walk.ClickButton("−1 washer");
        walk.See("5 on, 287.2 g");
        walk.ShouldBeAccessible();
        walk.ShouldFit();
        walk.Click(() => walk.All("button", "at least")[0]);
        walk.ShouldHaveCleanConsole();
        walk.ClickButton("Record");
        walk.See("at least 287.2 g");
    }

    [Fact]
    public async Task What_somebody_looks_at_in_each_attempt_is_answered_beside_it()
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        var brief = JsonNode
            .Parse(
                await http.GetStringAsync(
                    $"/api/briefs/{await PreparedRally.OnShelf(_server, "The slowest millrace")}/file",
                    TestContext.Current.CancellationToken
                )
            )!
            .AsObject();
        brief["title"] = "The watched millrace";
        foreach (var (id, text) in new[] { ("dry", "The bed stays dry"), ("hands", "Nobody touches the chute") })
        {
            brief["rules"]!
                .AsArray()
                .Add(
                    new JsonObject
                    {
                        ["id"] = id,
                        ["sort"] = "criterion",
                        ["text"] = text,
                        ["check"] = new JsonObject { ["kind"] = "inspection" },
                        ["when"] = "everyAttempt",
                        ["ifMissed"] = new JsonObject
                        {
                            ["kind"] = "deduct",
                            ["points"] = 2,
                            ["per"] = "once",
                            ["each"] = 1,
                        },
                    }
                );
        }

        PreparedRally.Shelve(_server.Address, brief);
        var walk = await Begin(await PreparedRally.OnShelf(_server, "The watched millrace"), "Watched");
        Press(walk, Keys.Alt + "k" + Keys.Null + "12.4" + Keys.Enter);
        walk.See("Attempt 1: must-haves Show them All kept.");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("Attempt 2: must-haves");
        var second = walk.Driver.FindElement(By.CssSelector("[aria-label='Nobody touches the chute, attempt 2']"));
        second.FindElements(By.TagName("button"))[1].Click();
        walk.Until(
            () => second.FindElements(By.TagName("button"))[1].GetAttribute("aria-pressed") == "true",
            "the miss in attempt 2"
        );
        walk.ShouldBeAccessible();
        walk.ShouldFit();
        walk.See("still to check");
        walk.ShouldHaveCleanConsole();
    }

    [Fact]
    public async Task The_keyboard_is_enough_for_every_kind_of_attempt()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "The slowest millrace"), "Millrace");
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
        walk.See("void (a door slammed)");
        Press(walk, Keys.Alt + "w" + Keys.Null);
        walk.See("waiting to be looked at");
        walk.See("All attempts have been made.");
        walk.ClickButton("Looked at: attempt 3");
        Press(walk, Keys.Alt + "f" + Keys.Null + Keys.Enter);
        walk.See("Attempt 3: failed");
        Press(walk, Keys.Alt + "u" + Keys.Null);
        walk.See("struck out: undone");
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
    public async Task A_ruler_in_quarter_inches_has_keys_for_its_fractions_and_levels_are_words()
    {
        var brief = """
            { "format": "plucky-rally/brief", "version": 1, "title": "Driftwood arch", "measures": [
                { "id": "rise", "name": "Rise", "kind": "length", "unit": "in", "step": 0.25 },
                { "id": "firm", "name": "How firm", "kind": "level", "levels": ["falls over", "wobbles",
                "stands firm"] } ],
              "trials": { "attempts": 2, "freshBuildAfterFailure": true },
              "method": { "parts": [ { "kind": "measured", "id": "tall", "name": "Height", "value": "rise",
              "better": "more", "curve": { "kind": "rate", "perUnit": 1 } } ] } }
            """;
        var walk = await Begin(await Shelve(brief), "Arch");
        walk.Type("Rise", "17");
        walk.ClickButton("1/4");
        walk.ClickButton("3/4");
        walk.Field("Rise").GetAttribute("value").ShouldBe("17 3/4");
        walk.ClickButton("wobbles");
        walk.ClickButton("Record");
        walk.See("Rise 17 3/4 in, How firm wobbles");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("All attempts have been made.");
        walk.Driver.FindElement(By.TagName("summary")).Click();
        walk.Type("Another design is called", "the wide one");
        walk.ClickButton("Add the design");
        walk.See("Attempt 1 of 2");
        walk.Button("the wide one").GetAttribute("aria-pressed").ShouldBe("true");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("this attempt is made with a fresh build, number 2");
        walk.Type("What was changed", "wider feet");
        walk.ClickButton("Note the change");
        walk.See("Changed: wider feet");
        walk.ShouldBeAccessible();
        walk.ShouldFit();
    }

    [Fact]
    public async Task A_reading_is_taken_from_a_scale_at_rest_and_never_from_a_moving_one()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "The sand fence"), "Fence");
        // The dish is tared away; the zero wanders a little meanwhile.
        instrumented.Do("scale put 5.2");
        walk.See("Harbour scale: 5.");
        walk.Until(() => walk.Button("Take it: Harbour scale").Enabled, "the scale to come to rest");
        walk.ClickButton("Zero: Harbour scale");
        walk.See("Harbour scale: 0.");
        instrumented.Do("scale put 42.4");
        walk.See("Harbour scale: 37.");
        walk.Until(() => walk.Button("Take it: Harbour scale").Enabled, "the scale to come to rest");
        walk.ClickButton("Take it: Harbour scale");
        walk.Field("Sand kept").GetAttribute("value")!.ShouldMatch(@"^37\.[1-3] g$");
        walk.ClickButton("Record");
        walk.See("37 g by the harbour scale");
        walk.ClickButton("Zero: Harbour scale");
        walk.See("Harbour scale: 0.");
        instrumented.Do("scale put 2500");
        walk.See("overloaded: take something off");
        walk.Button("Take it: Harbour scale").Enabled.ShouldBeFalse();
        instrumented.Do("scale take");
        instrumented.Do("scale unit");
        walk.See(" oz");
        instrumented.Do("scale lose");
        walk.See("the line is lost; read it by eye");
        walk.ShouldBeAccessible();
        walk.Button("Take it: Harbour scale").Enabled.ShouldBeFalse();
        instrumented.Do("scale back");
        walk.SeeNot("the line is lost");
    }

    [Fact]
    public async Task A_photo_is_taken_shown_in_the_results_and_deleted()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "The slowest millrace"), "Photos");
        var file = Path.Combine(Path.GetTempPath(), $"{Guid.NewGuid()}.png");
        walk.Picture(file);
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("input[type=file]")).Count == 1, "the photo's field");
        walk.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(file);
        walk.See("Take away");
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
        walk.ClickButton("Take away");
        walk.ClickButton("Take it away");
        walk.Until(() => walk.Driver.FindElements(By.CssSelector("main img")).Count == 0, "the photo to go");
    }

    [Fact]
    public async Task Teams_run_a_relay_side_by_side_each_lane_on_a_key()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "Bucket chain to the boathouse"), "Relay");
        walk.Open(walk.Place.Split("/score")[0] + "/together");
        walk.ClickButton("Plovers: into this heat");
        walk.ClickButton("Whelks: into this heat");
        walk.ShouldBeAccessible();
        Press(walk, "s");
        walk.See("Leg 1 is in");
        Press(walk, "2");
        walk.Button("Leg 2 is in: Whelks").Displayed.ShouldBeTrue();
        Press(walk, Keys.Alt + "2" + Keys.Null);
        walk.Button("Leg 1 is in: Whelks").Displayed.ShouldBeTrue("a false touch is taken back");
        foreach (var key in "22121221")
            Press(walk, $"{key}");
        walk.See("In: 1. Whelks");
        Press(walk, "1");
        walk.See("In: 1. Whelks, 2. Plovers");
        walk.ClickButton("spill 0, one more: Plovers");
        walk.See("spill 1");
        walk.ShouldFit();
        walk.ClickButton("Note: Plovers tests early");
        walk.See("Noted. Plovers: tests early.");
        walk.ClickLink("One team at a time");
        walk.See("All legs are in.");
    }

    [Fact]
    public async Task A_leg_is_taken_from_the_light_gates()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "Bucket chain to the boathouse"), "Gates");
        instrumented.Do("gates run 21.34");
        walk.See("Light gates: 21.34 s");
        walk.ClickButton("Take it as leg 1: Light gates");
        walk.See("leg 1, 21.34 s by the light gates");
        instrumented.Do("gates run 19.8");
        walk.See("Light gates: 19.80 s");
        walk.ClickButton("Take it as leg 2: Light gates");
        walk.Button("Start leg 3").Displayed.ShouldBeTrue();
        walk.ShouldBeAccessible();
    }

    [Fact]
    public async Task Tasks_of_all_teams_are_ticked_in_one_table()
    {
        var walk = await Begin(await PreparedRally.OnShelf(_server, "The lantern walk"), "Walk");
        walk.Open(walk.Place.Split("/score")[0] + "/together");
        walk.ClickButton("Open: Whelks, lights up");
        walk.ClickButton("0 of 4: Plovers, shines to all four sides");
        walk.ClickButton("1 of 4: Plovers, shines to all four sides");
        walk.Button("2 of 4: Plovers, shines to all four sides").GetAttribute("aria-pressed").ShouldBe("true");
        walk.Type("Time of Plovers", "8:30" + Keys.Enter);
        walk.Until(() => walk.Field("Time of Plovers").GetAttribute("placeholder") == "8:30.0", "the time");
        walk.ShouldBeAccessible();
        walk.ShouldFit();
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

    private async Task<string> Shelve(string brief)
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        using var shelved = await http.PostAsync(
            "/api/briefs",
            new StringContent(brief, System.Text.Encoding.UTF8, "application/json"),
            TestContext.Current.CancellationToken
        );
        return (await shelved.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
            .GetProperty("id")
            .GetString()!;
    }

    private async Task<Browser> Begin(string brief, string name)
    {
        var rally = await PreparedRally.Begin(_server, brief, name);
        var walk = OpenWindow(_server.Address, 800, 1280);
        walk.Open($"/rallies/{rally}/score");
        walk.See("Seen in passing");
        return walk;
    }
}
