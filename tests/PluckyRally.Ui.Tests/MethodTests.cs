using System.Text.Json;
using OpenQA.Selenium;
using Shouldly;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>Everything that the core can score is written in the browser, and is kept as it was written.</summary>
public sealed class MethodTests(EmptyServer server) : ScreenTest
{
    [Fact]
    public void Every_kind_of_part_is_written_without_a_file()
    {
        var desk = Begin("Method");

        Add(desk, "Tasks done", "tasks");
        Fill(desk, "tasks/items/task1/name", "Row over");
        Fill(desk, "tasks/items/task1/points", "4");
        Fill(desk, "tasks/items/task1/steps", "2");
        Fill(desk, "tasks/items/task1/firstTeams", "3");
        desk.Click(() => desk.Field("Points for time"));
        Fill(desk, "tasks/timePoints/from", "600");

        Add(desk, "A relay", "relay");
        Fill(desk, "relay/legs/0", "out to the buoy");
        Press(desk, "relay/faults", "Add a fault");
        Fill(desk, "relay/faults/fault/name", "spilled");
        Fill(desk, "relay/faults/fault/seconds", "5");
        Fill(desk, "relay/curve/points", "9, 6.5, 3");

        Add(desk, "Sorting into bins", "bins");
        Fill(desk, "bins/names/0", "sinks");
        Fill(desk, "bins/names/1", "floats");
        Press(desk, "bins/items", "Add an item");
        Fill(desk, "bins/items/item/name", "cork");
        Pick(desk, "bins/items/item/bin", "floats");
        Fill(desk, "bins/wrong", "-1");

        Add(desk, "Sorting into an order", "ordering");
        Press(desk, "ordering/items", "Add an item");
        Press(desk, "ordering/items", "Add an item");
        Fill(desk, "ordering/items/item/name", "flint");
        Fill(desk, "ordering/items/item2/name", "slate");
        Fill(desk, "ordering/items/item2/key", "2");
        Fill(desk, "ordering/perPlace", "0.5");

        Add(desk, "Pieces counted", "pieces");
        Fill(desk, "pieces/first/values/0/name", "tile");
        Fill(desk, "pieces/first/values/0/points", "3");
        Fill(desk, "pieces/each", "first + length");

        Add(desk, "Levels of a rubric", "rubric");
        Fill(desk, "rubric/criteria/criterion1/name", "Works together");
        Fill(desk, "rubric/criteria/criterion1/levels/1/points", "6");

        Add(desk, "What a budget leaves", "budget");
        Press(desk, "budget/prices", "Add a price");
        Fill(desk, "budget/prices/price/name", "cane");
        Fill(desk, "budget/prices/price/each", "3");
        Fill(desk, "budget/funds", "25");

        Add(desk, "A tally", "tally");
        Fill(desk, "tally/counters/counter1/name", "touches the rail");
        Fill(desk, "tally/counters/counter1/points", "2");
        desk.Choose("Helps or hurts", "hurts by");
        desk.ShouldBeAccessible();

        var parts = Kept(
            desk,
            b =>
                b.GetProperty("method").GetProperty("parts").GetArrayLength() == 8
                && b.ToString().Contains("\"hurts\": true", StringComparison.Ordinal),
            b => b.GetProperty("method").GetProperty("parts")
        );
        Has(
            parts[0],
            """{ "id": "task1", "name": "Row over", "points": 4, "steps": 2, "firstTeams": 3 }""",
            "items",
            0
        );
        Has(parts[0], "600", "timePoints", "from");
        Has(parts[1], "\"out to the buoy\"", "legs", 0);
        Has(parts[1], """{ "id": "fault", "name": "spilled", "seconds": 5 }""", "faults", 0);
        Has(parts[1], "[9, 6.5, 3]", "curve", "points");
        Has(parts[2], """["sinks", "floats"]""", "names");
        Has(parts[2], """{ "id": "item", "name": "cork", "bin": "floats" }""", "items", 0);
        Has(parts[2], "-1", "wrong");
        Has(parts[3], """{ "id": "item2", "name": "slate", "key": 2 }""", "items", 1);
        Has(parts[3], "0.5", "perPlace");
        Has(parts[4], "\"first + length\"", "each");
        Has(parts[5], "6", "criteria", 0, "levels", 1, "points");
        Has(parts[6], """{ "id": "price", "name": "cane", "each": 3 }""", "prices", 0);
        Has(parts[6], "25", "funds");
        Has(
            parts[7],
            """{ "id": "counter1", "name": "touches the rail", "points": 2, "hurts": true }""",
            "counters",
            0
        );

        desk.ClickTab("Try it");
        desk.See("Why Bold");
        desk.ShouldHaveCleanConsole("422");
    }

    /// <summary>All in one brief, since each is chosen over the last.</summary>
    [Fact]
    public void Every_curve_is_written_and_read_back_in_words()
    {
        var desk = WithLength();
        desk.ClickTab("Method");
        Add(desk, "Something measured", "measured");
        foreach (
            var (curve, field, typed, says) in new (string, string?, string?, string)[]
            {
                ("so many for each unit", "perUnit", "0.5", "0.5 points for each cm"),
                ("by bands", "below", "2", "0 points from 0 cm, 2 points below"),
                ("in proportion between two values", "to", "40", "from 0 points at 0 cm up to 10 points at 40 cm"),
                ("by place", "points", "7, 5", "7 points for 1st place, 5 for 2nd"),
                (
                    "as a share of the best team",
                    "points",
                    "30",
                    "30 points for the best team, the others in proportion"
                ),
                ("by closeness to a mark", "at", "25", "20 points for exactly 25 cm, 1 point less for each cm off it"),
                (
                    "for getting better than last round",
                    "perPercent",
                    "0.2",
                    "0.2 points for each percent better than the round before"
                ),
                ("the value itself", null, null, "1 point for each cm"),
            }
        )
        {
            desk.Choose("How points are worked out", curve);
            if (field is not null)
                Fill(desk, $"measured/curve/{field}", typed!);
            desk.See($"Something measured: {says}");
        }
    }

    [Fact]
    public void A_figure_has_a_name_a_unit_is_converted_and_what_rests_on_a_thing_is_said_before_it_goes()
    {
        var desk = WithLength();
        desk.ClickButton("Say what teams will reach");
        Kept(desk, b => b.ToString().Contains("\"expected\"", StringComparison.Ordinal), b => b);
        desk.Choose("Unit", "in");
        desk.See("Converted: the step is 0.5 in; teams will reach 0 to 39.5 in.");
        Kept(
                desk,
                b => b.GetProperty("measures")[0].GetProperty("unit").GetString() == "in",
                b => b.GetProperty("measures")[0].GetProperty("step")
            )
            .GetDecimal()
            .ShouldBe(0.5m);

        desk.ClickButton("Add a figure");
        desk.Type("Name of the figure", "Reach that counts");
        desk.See("Saved");
        desk.ShouldBeAccessible();
        desk.ClickTab("Method");
        Add(desk, "Something measured", "measured");
        desk.Choose("What the part looks at", "Reach that counts");
        desk.See("which says by itself what counts");
        Kept(
                desk,
                b =>
                    b.GetProperty("method")
                        .GetProperty("parts")
                        .EnumerateArray()
                        .Any(p => p.TryGetProperty("value", out var value) && value.GetString() == "figure"),
                b => b.GetProperty("figures")[0].GetProperty("value")
            )
            .GetString()
            .ShouldBe("length");

        desk.ClickTab("Measures");
        desk.ClickButton("Take out measure 1");
        desk.See("On this rests the figure Reach that counts.");
        desk.ClickButton("Keep it");
        desk.ClickButton("Take out figure 1");
        desk.See("On this rests the points of Something measured.");
        desk.ClickButton("Take it out all the same");
        Kept(desk, b => b.GetProperty("figures").GetArrayLength() == 0, b => b);
        desk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    public void Every_check_of_a_rule_is_written_as_a_sentence()
    {
        var desk = WithLength();
        desk.ClickTab("Method");
        Add(desk, "Pieces counted", "pieces");
        Add(desk, "What a budget leaves", "budget");
        desk.ClickButton("Add a constraint");
        desk.Type("The constraint in the pupils' words", "Keeps to the rule");
        foreach (
            var (way, kept) in new[]
            {
                ("fitting it into a box", """{ "kind": "fits", "dimensions": ["length"], "room": ["30 cm"] }"""),
                ("what was spent", """{ "kind": "spending", "part": "budget" }"""),
                ("a share of the pieces", """{ "kind": "share", "part": "pieces", "percent": 40, "group": "small" }"""),
                ("sizes that grow", """{ "kind": "ladder", "part": "pieces", "times": 1.5 }"""),
                ("length to width", """{ "kind": "ratio", "part": "pieces", "atMost": 3 }"""),
                ("proportions that differ", """{ "kind": "allDifferent", "part": "pieces", "decimals": 1 }"""),
            }
        )
        {
            desk.Choose("How it is checked", way);
            var check = JsonDocument.Parse(kept).RootElement;
            foreach (
                var (name, value) in check
                    .EnumerateObject()
                    .Where(p => p.Name is "room" or "percent" or "times" or "atMost" or "decimals")
                    .Select(p => (p.Name, p.Value))
            )
                At(desk, name == "room" ? "/rules/constraint/check/room/0" : $"/rules/constraint/check/{name}")
                    .SendKeys(Keys.Control + "a" + Keys.Null + (name == "room" ? "30 cm" : value.ToString()));
            if (check.TryGetProperty("group", out var group))
                PickAt(desk, "/rules/constraint/check/group", group.GetString()!);

            Kept(
                desk,
                b =>
                    b.GetProperty("rules") is var rules
                    && rules.GetArrayLength() == 1
                    && check
                        .EnumerateObject()
                        .All(p =>
                            rules[0].GetProperty("check").TryGetProperty(p.Name, out var is_)
                            && JsonElement.DeepEquals(is_, p.Value)
                        ),
                b => b.GetProperty("rules")
            );
        }
    }

    [Fact]
    public void Rich_text_arrives_as_plain_text()
    {
        var desk = Begin("Snags");
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

    private Browser Begin(string tab)
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickButton("Write a brief");
        desk.Click(() => desk.One("radio", "Blank", exact: false));
        desk.ClickButton("Begin");
        desk.Type("Title", "The long arm");
        desk.ClickTab(tab);
        return desk;
    }

    private Browser WithLength()
    {
        var desk = Begin("Measures");
        desk.ClickButton("Add a measure");
        desk.Type("Name of the measure", "Reach of the arm");
        return desk;
    }

    private static void Add(Browser desk, string kind, string id)
    {
        desk.Choose("Add a part", kind);
        At(desk, $"/method/parts/{id}/name").SendKeys(kind);
    }

    private static IWebElement At(Browser desk, string place) =>
        desk.Until(
            () =>
                desk
                    .Driver.FindElements(By.CssSelector($":is(input, select, textarea)[data-at='{place}']"))
                    .FirstOrDefault(),
            place
        )!;

    private static void Fill(Browser desk, string place, string text) =>
        At(desk, $"/method/parts/{place}").SendKeys(Keys.Control + "a" + Keys.Null + text + Keys.Tab);

    private static void Pick(Browser desk, string place, string option) =>
        PickAt(desk, $"/method/parts/{place}", option);

    private static void PickAt(Browser desk, string place, string option) =>
        desk.Until(
                    () =>
                        At(desk, place).FindElements(By.TagName("option")).FirstOrDefault(o => o.Text.Trim() == option),
                    option
                )!
            .Click();

    private static void Press(Browser desk, string place, string name) =>
        desk.Click(() =>
            desk
                .Driver.FindElements(By.CssSelector($"button[data-at='/method/parts/{place}']"))
                .Single(b => b.Text == name)
        );

    private static JsonElement Kept(Browser desk, Func<JsonElement, bool> when, Func<JsonElement, JsonElement> what)
    {
        using var http = new HttpClient { BaseAddress = new Uri(desk.Address) };
        var id = desk.Place.Split('/')[2];
        JsonElement brief = default;
        desk.Until(
            () =>
            {
                using var sent = http.Send(
                    new(HttpMethod.Get, $"/api/briefs/{id}"),
                    TestContext.Current.CancellationToken
                );
                using var body = sent.Content.ReadAsStream();
                brief = JsonDocument.Parse(body).RootElement;
                return when(brief);
            },
            "the brief to be kept"
        );
        return what(brief);
    }

    /// <summary>What stands at this way through the document is this, fields that are not named aside.</summary>
    private static void Has(JsonElement from, string json, params object[] way)
    {
        var there = way.Aggregate(from, (at, step) => step is int i ? at[i] : at.GetProperty((string)step));
        var wanted = JsonDocument.Parse(json).RootElement;
        if (wanted.ValueKind != JsonValueKind.Object)
        {
            JsonElement.DeepEquals(there, wanted).ShouldBeTrue($"{string.Join('/', way)} is {there}, not {wanted}");
            return;
        }

        foreach (var field in wanted.EnumerateObject())
            JsonElement
                .DeepEquals(there.GetProperty(field.Name), field.Value)
                .ShouldBeTrue($"{string.Join('/', way)}/{field.Name} is {there.GetProperty(field.Name)}");
    }
}
