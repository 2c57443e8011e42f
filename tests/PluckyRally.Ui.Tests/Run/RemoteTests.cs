using System.Text;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Score;

namespace PluckyRally.Ui.Tests.Run;

/// <summary>What a teacher does with the remote, the wall's keys and the doors while the lesson runs.</summary>
public sealed class RemoteTests(EmptyServer server) : ScreenTest
{
    [Fact]
    [Trait("run", "short")]
    public async Task A_late_lesson_is_cut_teams_are_put_in_order_and_the_wall_is_turned_by_keys()
    {
        var rally = await Import("class-4-lantern.rally.json");
        var desk = OpenWindow(server.Address, 800, 1280);
        desk.Open($"/rallies/{rally}/run");
        desk.ClickButton("Start: Introduce");
        desk.Text.ShouldNotContain("Saves 2.8 minutes.", Case.Sensitive, "the lesson is on time");
        desk.ClickButton("+5 minutes");
        desk.See("Saves 2.8 minutes. Only each team's first attempt counts; later ones are kept and not scored.");
        desk.ClickButton("Test at 3 tables");
        desk.See("Test at 4 tables");
        desk.ClickButton("One attempt a team");
        desk.Until(() => desk.All("button", "One attempt a team").Count == 0, "nothing left to cut");
        desk.ClickButton("Late: Oystercatchers");
        desk.Until(() => Teams(desk)[^1] == "Oystercatchers", "the late team to be last");
        desk.Button("Move Thrift").SendKeys(Keys.ArrowUp);
        desk.Until(() => Teams(desk).IndexOf("Thrift") == 4, "the team to be a place further up");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Open($"/rallies/{rally}/score");
        desk.See("Attempt 1 of 1");

        // Each touch has a record, and can be taken back.
        desk.Open($"/rallies/{rally}/run");
        desk.See("The order of the test was set");
        desk.ClickButton("Cross out: Cut to 1 attempt");
        desk.Type("Why (if you like)", "we are in time after all");
        desk.ClickButton("Cross it out");
        desk.See("crossed out: we are in time after all");
        desk.Until(() => desk.Button("One attempt a team").Displayed, "One attempt a team");
        desk.Click(() => desk.One("button", "Cross out: The order of the test was set", exact: false));
        desk.ClickButton("Cross it out");
        desk.Until(() => Teams(desk).IndexOf("Thrift") != 4, "the order as it was");
        desk.Open($"/rallies/{rally}/score");
        desk.See("Attempt 1 of 2");
        desk.See("Oystercatchers open, late");

        var wall = OpenWindow(server.Address);
        wall.Open($"/rallies/{rally}/wall");
        wall.See("Listen, and ask about what is not clear.");
        var scored = await Import("class-7-hoist.rally.json");
        wall.Open($"/rallies/{scored}/wall");
        var page = wall.Driver.FindElement(By.TagName("body"));
        wall.See("Class 7, the hoist");
        page.SendKeys("b");
        wall.See("total wins");
        Rows(wall).ShouldBe(0, "hidden until it is shown");
        page = wall.Driver.FindElement(By.TagName("body"));
        page.SendKeys(Keys.ArrowRight);
        wall.Until(() => Rows(wall) == 1, "the last place");
        page.SendKeys(Keys.End);
        wall.Until(() => Rows(wall) == 10, "all places");
        page.SendKeys(Keys.ArrowLeft);
        wall.Until(() => Rows(wall) == 9, "one taken back");
        wall.ShouldHaveCleanConsole();
        page.SendKeys("c");
        wall.SeeNot("total wins");
    }

    [Fact]
    public async Task An_attempt_that_was_recorded_twice_can_be_kept_once_or_be_another()
    {
        var rally = await Import("class-5-today.rally.json");
        var walk = OpenWindow(server.Address, 390, 844);
        walk.Open($"/rallies/{rally}/score/t3");
        walk.See("Attempt 1 was recorded twice: 87 beads by Teacher, and 85 beads by Sorrel.");
        walk.ShouldFit();
        walk.ClickButton("It was attempt 2");
        walk.See("All attempts have been made.");
        walk.SeeNot("was recorded twice");
        walk.See("crossed out: another attempt");
        walk.ClickButton("Undo the last");
        walk.See("Attempt 2 of 2");
        walk.Open($"/rallies/{rally}/score/t5");
        walk.ClickButton("Decide now: attempt 1");
        walk.Field("Cargo").GetAttribute("value").ShouldBe("58", "what was read waits with it");
        walk.ClickButton("Record");
        walk.See("crossed out: decided");
        walk.See("Attempt 2 of 2");
        walk.See("All met.");
        walk.ClickButton("Show: must-haves");
        walk.See("One sheet of foil, 20 cm by 20 cm, and nothing that joins");
    }

    [Fact]
    public async Task Two_answers_to_one_thing_are_shown_and_one_is_kept()
    {
        var brief = DocumentReader
            .Brief(
                await File.ReadAllTextAsync(
                    Path.Combine(ProjectFolder.Root, "demo", "pebbles-by-mass.brief.json"),
                    TestContext.Current.CancellationToken
                )
            )
            .Value!.Value;
        var part = brief.Method.Parts.OfType<Part.Ordering>().Single();
        Entry Gave(string by, IEnumerable<OrderItem> items) =>
            new Entry.OrderGiven
            {
                Id = new(Guid.CreateVersion7()),
                Team = new("t1"),
                By = by,
                Part = part.Id,
                Sequence = [.. items.Select(i => i.Id)],
            };
        var rally = await Import(
            new Rally
            {
                Name = "Class 3",
                Edition = new Edition { Brief = brief with { Tiers = [] } },
                Teams = [new() { Id = new("t1"), Name = "Cowries" }, new() { Id = new("t2"), Name = "Limpets" }],
                Entries = [Gave("Sorrel", part.Items), Gave("Pell", part.Items.Reverse())],
            }
        );
        var walk = OpenWindow(server.Address, 390, 844);
        walk.Open($"/rallies/{rally}/score/t1");
        walk.See("Recorded by more than one person, and not the same.");
        walk.ShouldFit();
        walk.ShouldBeAccessible();
        walk.ClickButton("Keep Sorrel's");
        walk.SeeNot("Recorded by more than one");
        walk.See("crossed out: Sorrel's answer stands");
        walk.ClickButton("Undo the last");
        walk.See("Recorded by more than one person, and not the same.");
        walk.ClickButton("Neither: do it again");
        walk.SeeNot("Recorded by more than one");
        walk.See("crossed out: neither was right");
        walk.ShouldHaveCleanConsole();
    }

    [Fact]
    public async Task A_class_does_without_photos()
    {
        var desk = OpenWindow(server.Address);
        using (var http = new HttpClient { BaseAddress = new Uri(server.Address) })
        using (
            await http.PostAsync(
                "/api/classes",
                new StringContent(
                    """{ "name": "Class 4", "students": ["Arlo T.", "Bryn S."] }""",
                    Encoding.UTF8,
                    "application/json"
                ),
                TestContext.Current.CancellationToken
            )
        )
        {
            desk.Open("/classes");
        }

        desk.Click(() => desk.Field("Photos of their work may be taken"));
        desk.Until(
            () =>
            {
                // The page that is opened at once may be quicker than what was just touched.
                desk.Open("/classes");
                return !desk.Field("Photos of their work may be taken").Selected;
            },
            "it to be kept"
        );
        desk.ShouldBeAccessible();
    }

    private static List<string> Teams(Browser desk) =>
        [.. desk.Driver.FindElements(By.CssSelector("section[aria-labelledby=class] .name")).Select(n => n.Text)];

    private static int Rows(Browser wall) => wall.Driver.FindElements(By.CssSelector("tbody th")).Count;

    private Task<string> Import(string file) => PreparedRally.FromDemo(server.Address, file);

    private Task<string> Import(Rally rally) => PreparedRally.BringIn(server.Address, Json.Write(rally));
}
