using System.Net.Http.Json;

namespace PluckyRally.Ui.Tests.Briefs;

public sealed class WritingABriefTests(EmptyServer server) : ScreenTest, IClassFixture<EmptyServer>
{
    [Fact]
    [Trait("run", "short")]
    public void A_teacher_writes_a_brief_until_a_class_can_run_it()
    {
        var desk = OpenWindow(server.Address);
        Begin(desk);
        desk.See("The brief has no title.");
        desk.ShouldBeAccessible();
        desk.Type("Title", "Sand fence");
        desk.Choose("Season", "spring");
        desk.Type("Story", "The wind takes the dune away, grain by grain.");
        desk.Type("Goal", "Build a fence that keeps as much sand as it can.");

        desk.ClickTab("Measures");
        desk.ClickButton("Add a measure");
        desk.Type("Name of the measure", "Kept sand");
        desk.Choose("Kind of measure", "a mass");
        desk.Type("Step", "0.5");

        desk.ClickButton("Add a criterion");
        desk.See("The rule says nothing yet.");
        desk.Type("The criterion in the students' words", "Is at least 6 cm high");
        desk.SeeNot("The rule says nothing yet.");
        desk.ClickButton("Add a constraint");
        desk.Type("The constraint in the students' words", "Keeps at least 20 g");
        desk.All("field", "How it is checked")[1].SendKeys("measuring");
        desk.Type("Limit", "20 cm");
        desk.See("cm is a unit of length");
        desk.ShouldBeAccessible();
        desk.Type("Limit", "20 g");

        desk.ClickTab("Method");
        desk.Choose("Add a part", "Something measured");
        desk.Type("Name of the part", "Sand");
        desk.Choose("How points are scored", "by bands");
        desk.Type("Band 1 from", "20");
        desk.Type("Band 1 points", "4");
        desk.See("Sand: 4 points for 20.0 g or more.");
        desk.ClickTab("Snags");
        desk.See("Ready to run.");
        desk.See("“Is at least 6 cm high” names a limit that is only looked at.");
        desk.ClickButton("Measure the height: at least 6 cm, before the test");
        desk.SeeNot("names a limit that is only looked at");
        desk.See("Saved at");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();

        var place = desk.Place;
        desk.Open("/");
        desk.ClickLink("Sand fence");
        desk.See("Ready to run.");
        desk.Place.ShouldBe(place);
        desk.Field("Goal").GetAttribute("value").ShouldBe("Build a fence that keeps as much sand as it can.");
    }

    [Fact]
    [Trait("run", "short")]
    public void A_pasted_challenge_is_read_and_becomes_a_brief()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickButton("New brief");
        desk.ClickButton("Paste a challenge");
        desk.Paste(
            "The challenge in your words",
            "The wind mast\nIt must be at least 12 in tall.\nTeams of 3 or 4.\nMaterials:\n- 20 straws\n"
        );
        desk.See("Measure the height: at least 12 in, before the test.");
        desk.See("How many students are in a team, 3 or 4?");
        desk.ShouldBeAccessible();
        desk.ClickButton("Begin");
        desk.See("You may use, and how");
        desk.Field("Title").GetAttribute("value").ShouldBe("The wind mast");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    [Trait("run", "short")]
    public void Two_windows_with_one_brief_lose_nothing()
    {
        var first = OpenWindow(server.Address);
        Begin(first);
        var second = OpenWindow(server.Address);
        second.Open(first.Place);
        second.See("The brief has no title.");
        first.Type("Title", "From the first window");
        first.See("Saved at");
        second.Type("Title", "From the second window");
        second.See("This brief was changed in another window.");
        second.Row("From the first window").Text.ShouldContain("From the second window");
        second.ShouldBeAccessible();
        second.Field("Title").GetAttribute("value").ShouldBe("From the second window");

        second.ClickButton("Save mine as a copy");
        second.Until(() => second.Place != first.Place, "the copy");
        second.Until(
            () => second.Field("Title").GetAttribute("value") == "From the second window (my copy)",
            "the copy’s own title"
        );
        second.Type("Title", "From the second window, on its own");
        second.See("Saved at");
        second.Open("/");
        second.See("From the first window");
        second.See("From the second window, on its own");
        second.ShouldHaveCleanConsole("412");
    }

    [Fact]
    public void A_window_closed_in_mid_sentence_goes_on_where_it_was()
    {
        var desk = OpenWindow(server.Address);
        Begin(desk);
        var place = desk.Place;
        desk.Type("Story", "The tide turns at noon, and");
        desk.Driver.Navigate().GoToUrl("about:blank");
        desk.Open(place);
        desk.Until(() => desk.Field("Story").GetAttribute("value") == "The tide turns at noon, and", "the sentence");
        desk.See("Saved");
    }

    [Fact]
    public void From_a_pattern_to_teams_in_a_few_touches()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickButton("New brief");
        desk.Choose("Grades", "Grades 6 to 8");
        desk.Choose("Units", "inches and ounces");
        desk.ShouldBeAccessible();
        desk.Click(() => desk.One("radio", "Strongest", exact: false));
        desk.ClickButton("Begin");
        desk.See("The caution “Cutting tools” has not been read.");
        desk.ShouldBeAccessible();
        desk.ClickButton("Mark as read");
        desk.See("One snag to fix");
        desk.ClickButton("Mark as read");
        desk.See("Ready to run.");

        desk.ClickTab("Try it");
        desk.See("Why Able");
        desk.ShouldBeAccessible();
        desk.Type("Load, Able, typed", "10");
        desk.Field("Load, Able, typed").SendKeys(Keys.Tab);
        desk.Until(() => desk.Row("Total").Text.Contains("41.7", StringComparison.Ordinal), "the new total");
        var slider = desk.Field("Load, Bold");
        slider.SendKeys(Keys.Home);
        desk.Until(
            () => desk.Row("Total").Text.StartsWith("Total 100.0", StringComparison.Ordinal),
            "the slider's total"
        );
        foreach (var tab in new[] { "Measures", "Method", "Stages", "Teacher", "Earlier" })
        {
            desk.ClickTab(tab);
            desk.ShouldBeAccessible();
            desk.ShouldFit();
        }

        desk.ClickButton("Make teams");
        desk.See("Type the teams or make them");
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void Rules_are_put_in_order_with_the_keys_and_by_dragging()
    {
        var desk = OpenWindow(server.Address);
        Begin(desk);
        foreach (var rule in new[] { "Floats", "Stands", "Turns" })
        {
            desk.ClickButton("Add a criterion");
            desk.All("field", "The criterion in the students' words")[^1].SendKeys(rule);
        }

        desk.Button("Move criterion 3, with the arrow keys").SendKeys(Keys.ArrowUp);
        Rules(desk).ShouldBe(["Floats", "Turns", "Stands"]);
        desk.Driver.SwitchTo()
            .ActiveElement()
            .GetAttribute("aria-label")
            .ShouldBe("Move criterion 2, with the arrow keys");
        var (first, last) = (
            desk.Button("Move criterion 1, with the arrow keys"),
            desk.Button("Move criterion 3, with the arrow keys")
        );
        new OpenQA.Selenium.Interactions.Actions(desk.Driver)
            .ClickAndHold(first)
            .MoveByOffset(0, 30)
            .MoveToElement(last)
            .MoveByOffset(0, 12)
            .Release()
            .Perform();
        desk.Until(() => Rules(desk) is [_, _, "Floats"], "the first rule to be last");
        desk.See("Saved at");
        desk.Open(desk.Place);
        desk.See("Your design must");
        Rules(desk).ShouldBe(["Turns", "Stands", "Floats"]);
    }

    [Fact]
    public async Task A_very_large_brief_stays_usable()
    {
        var desk = OpenWindow(server.Address);
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var large = new
        {
            format = "plucky-rally/brief",
            version = 1,
            title = "Very large",
            measures = Enumerable
                .Range(1, 40)
                .Select(i => new
                {
                    id = $"m{i}",
                    name = $"Measure {i}",
                    kind = "length",
                    unit = "cm",
                }),
            rules = Enumerable
                .Range(1, 200)
                .Select(i => new
                {
                    id = $"r{i}",
                    sort = i % 2 == 0 ? "criterion" : "constraint",
                    text = $"Rule {i} is at least 3 cm",
                    check = new
                    {
                        kind = "limit",
                        value = $"m{(i % 40) + 1}",
                        comparison = "atLeast",
                        amount = "3 cm",
                    },
                    ifMissed = new { kind = "doesNotPlace" },
                }),
            method = new
            {
                parts = Enumerable
                    .Range(1, 40)
                    .Select(i => new
                    {
                        kind = "measured",
                        id = $"p{i}",
                        name = $"Part {i}",
                        value = $"m{i}",
                        better = "more",
                        curve = new { kind = "rate", perUnit = 1 },
                    }),
            },
        };
        var added = await http.PostAsJsonAsync("/api/briefs", large, TestContext.Current.CancellationToken);
        desk.Open(added.Headers.Location!.ToString().Replace("/api", "", StringComparison.Ordinal));
        desk.See("Add a constraint");
        desk.Type("Title", "Very large, and mine");
        desk.See("Saved at");
        desk.ClickTab("Method");
        desk.See("Add a tie-break");
        desk.All("field", "Name of the part").Count.ShouldBe(40);
    }

    [Fact]
    public void What_could_not_be_saved_is_offered_again()
    {
        using var own = new RunningServer(demo: false);
        var desk = OpenWindow(own.Address);
        Begin(desk);
        own.End();
        desk.Type("Title", "Written on the train");
        desk.See("no connection");
        own.Start();
        desk.See("Saved at");
        desk.Open(desk.Place);
        desk.Until(() => desk.Field("Title").GetAttribute("value") == "Written on the train", "the title");
    }

    [Fact]
    public void Rich_text_arrives_as_plain_text()
    {
        var desk = OpenWindow(server.Address);
        Begin(desk);
        var story = desk.Field("Story");
        story.Click();
        ((IJavaScriptExecutor)desk.Driver).ExecuteScript(
            """
            const box = document.createElement('div')
            box.innerHTML = '<h1>The <b>tide</b></h1><p style="color:red">turns at <i>noon</i>.</p>'
              + '<script>document.title = "taken"<\/script>'
            document.body.append(box)
            document.activeElement.blur()
            getSelection().selectAllChildren(box)
            document.execCommand('copy')
            box.remove()
            """
        );
        story.SendKeys(Keys.Control + "v");
        desk.Until(
            () => story.GetAttribute("value")!.Contains("turns at noon.", StringComparison.Ordinal),
            "the pasted text"
        );
        story.GetAttribute("value")!.ShouldNotContain("<");
        desk.Driver.Title.ShouldNotBe("taken");
    }

    private static string[] Rules(Browser desk) =>
        [.. desk.All("field", "The criterion in the students' words").Select(f => f.GetAttribute("value")!)];

    private static void Begin(Browser desk, string pattern, string? from = null)
    {
        if (from is not null)
            desk.Open(from);
        desk.ClickButton("New brief");
        desk.Click(() => desk.One("radio", pattern, exact: false));
        desk.ClickButton("Begin");
        desk.See("Your design must");
    }

    private static void Begin(Browser desk)
    {
        desk.Open("/");
        Begin(desk, "Blank");
    }
}
