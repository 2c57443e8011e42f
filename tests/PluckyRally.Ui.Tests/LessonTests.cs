using System.Text.Json;

namespace PluckyRally.Ui.Tests;

/// <summary>A whole lesson in a few minutes: the desk, a wall, a judge's tablet and a judge's phone.</summary>
public sealed class LessonTests(ClassroomServer server) : ScreenTest, IClassFixture<ClassroomServer>
{
    [Fact]
    [Trait("run", "short")]
    public async Task A_class_is_led_and_scored_by_two_judges_and_nothing_is_lost_or_doubled()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.See("Set a password");
        desk.ShouldBeAccessible();
        desk.Type("A password, at least 12 characters", "boats in the bay");
        desk.ClickButton("Set password and sign in");
        desk.See("New brief");
        var rally = Import(
            desk,
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "class-4-lantern.rally.json"),
                TestContext.Current.CancellationToken
            )
        );

        // The teacher lets two judges and a wall in.
        desk.Open($"/rallies/{rally}/judges");
        desk.ClickButton("Make a code for judges");
        var code = desk.Until(
            () => desk.Driver.FindElements(By.CssSelector(".code")).FirstOrDefault()?.Text,
            "the code"
        )!;
        desk.ClickButton("Make a link for a wall");
        var link = desk.Until(
            () =>
                desk
                    .Driver.FindElements(By.CssSelector(".link"))
                    .Select(l => l.Text)
                    .FirstOrDefault(l => l.Contains("/show#", StringComparison.Ordinal)),
            "the link"
        )!;
        desk.ShouldBeAccessible();
        var wall = OpenWindow(server.Address);
        wall.Open(new Uri(link).PathAndQuery + new Uri(link).Fragment);
        wall.See("Lay the tallest cairn");
        var tablet = Join(code, "Pell", 800, 1280, rally);
        var phone = Join(code, "Sorrel", 390, 844, rally);
        phone.BeforeEachPage(
            "const real = window.fetch; window.fetch = (...sent) => window.hanging ? new Promise(() => {}) "
                + ": real(...sent)"
        );
        phone.Open($"/rallies/{rally}/run");
        phone.Until(
            () => phone.Place.EndsWith("/score/t1", StringComparison.Ordinal),
            "the one station that a judge has"
        );

        // Plans are approved, a phase runs, one team is late; the wall follows.
        desk.Open($"/rallies/{rally}/run");
        desk.ClickButton("Jump here: Build");
        desk.See("The build phase is running.");
        desk.ClickButton("Plan approved: Oystercatchers");
        tablet.All("button", "Plan approved").ShouldBeEmpty("plans are the teacher's");
        wall.See("Cleared to build: OY Oystercatchers");
        desk.ClickButton("Late: Periwinkles");
        desk.See("A team that does not let go when time is up is tested last.");
        wall.See("Late: Periwinkles.");
        desk.ClickButton("Let go: count 8 s");
        wall.See("Hands off. It must stand by itself.");
        wall.ShouldBeAccessible();
        wall.ShouldFit();
        desk.ClickButton("Next phase: Test");
        wall.See("Watch each test.");

        // Two judges at once: the tablet has the first team, the phone the second.
        Score(tablet, sheets: "9", "57", "63");
        phone.ClickLink("Sea Kale open");
        Score(phone, sheets: "8", "71", "68");
        tablet.Until(
            () =>
                tablet
                    .All("link", "Sea Kale", exact: false)
                    .Any(l => !l.Text.Contains("open", StringComparison.Ordinal)),
            "the other judge's team on the tablet"
        );

        // From team to team nobody is asked, so a line that hangs holds nobody up.
        phone.Run("window.hanging = true");
        phone.ClickLink("Barnacles open");
        phone.Until(() => phone.Heading("Barnacles").Displayed, "the next team");
        phone.Run("window.hanging = false");

        // An unlikely reading is asked about; the device that lost its line keeps it and sends it once.
        ReadOnce(phone, "10");
        phone.Field("Height").SendKeys("900" + Keys.Enter);
        phone.See("Really? 900 cm is far from what was expected, 22 cm to 118 cm.");
        phone.ShouldBeAccessible();
        phone.Offline(true);
        phone.Type("Height", "90");
        phone.ClickButton("Record");
        phone.See("1 kept on this device, not sent yet.");
        var place = phone.Place;
        phone.Driver.Navigate().GoToUrl("about:blank");
        phone.Offline(false);
        phone.Open(place);
        phone.See("Attempt 1: 90 cm");

        // Both recorded the same attempt: it is noticed, and settled as one.
        tablet.ClickLink("Barnacles open");
        tablet.See("Attempt 2 of 2");
        phone.See("Attempt 2 of 2");
        tablet.Offline(true);
        tablet.Field("Height").SendKeys("92" + Keys.Enter);
        tablet.See("1 kept on this device");
        phone.Field("Height").SendKeys("93" + Keys.Enter);
        phone.See("Attempt 2: 93 cm");
        tablet.Offline(false);
        tablet.See("Attempt 2 was recorded twice: 93 cm by Sorrel, and 92 cm by Pell. What is it?");
        tablet.ShouldBeAccessible();
        tablet.ClickButton("Two readings of it");
        tablet.See("readings apart by Height: 1 cm");
        tablet.SeeNot("was recorded twice");
        tablet.ClickButton("Met");
        tablet.See("Complete");

        // The round is closed; what comes too late is refused, kept, and moved.
        desk.Open($"/rallies/{rally}/score/t5");
        desk.ClickButton("Close round 1…");
        desk.ClickButton("Close round 1");
        phone.ClickLink("Shearwaters open");
        phone.See("Round 1 is closed.");
        phone.Field("Height").SendKeys("44" + Keys.Enter);
        phone.See("Round 1 is closed. Move it to round 2, or ask the teacher to open round 1 again.");
        phone.ShouldBeAccessible();
        phone.ClickButton("Move to round 2");
        phone.SeeNot("Refused, and kept here until you decide.");

        // The code is ended: the phone is out at once, says so, and keeps what it had; with a new code it is sent.
        desk.Open($"/rallies/{rally}/judges");
        desk.ClickButton($"End this code: {code}");
        desk.ClickButton("End");
        desk.Until(() => desk.All("button", "End this code", exact: false).Count == 0, "the code to be ended");
        phone.ClickButton("tests early");
        phone.See("1 kept on this device, not sent yet. It is sent automatically when this device is let in again");
        desk.ClickButton("Make a code for judges");
        var next = desk.Until(
            () => desk.Driver.FindElements(By.CssSelector(".code")).FirstOrDefault()?.Text,
            "another code"
        )!;
        phone.ClickLink("join with a code");
        phone.Type("The rally’s code", next);
        phone.ClickButton("Join");
        phone.See("Observations");
        phone.Until(() => !phone.Text.Contains("kept on this device", StringComparison.Ordinal), "the note to be sent");

        // The board, revealed from the last place to the first.
        desk.Open($"/rallies/{rally}/run");
        desk.ClickButton("Board");
        wall.See("The highest total wins");
        wall.Text.ShouldNotContain("Sea Kale");
        desk.ClickButton("Reveal all");
        wall.See("Sea Kale");
        wall.ShouldBeAccessible();
        wall.ShouldFit();

        var file = Get(desk, $"/api/rallies/{rally}/file");
        var scored = ScoredFile.Totals(file);
        var shown = JsonDocument
            .Parse(Get(desk, $"/api/rallies/{rally}/results"))
            .RootElement.GetProperty("rows")
            .EnumerateArray();
        shown
            .ToDictionary(r => r.GetProperty("name").GetString()!, r => r.GetProperty("totalText").GetString()!)
            .ShouldBe(scored, ignoreOrder: true);
        scored["Sea Kale"].ShouldNotBeEmpty();
        wall.Text.ShouldContain(scored["Sea Kale"]);
        var entries = JsonDocument.Parse(file).RootElement.GetProperty("entries").EnumerateArray().ToList();
        entries.Select(e => e.GetProperty("id").GetString()).ShouldBeUnique();
        entries
            .Single(e =>
                e.GetProperty("team").GetString() == "t5" && e.GetProperty("kind").GetString() == "trialRecorded"
            )
            .GetProperty("round")
            .GetInt32()
            .ShouldBe(2, "moved out of the closed round");
        entries
            .Where(e => e.GetProperty("kind").GetString() == "trialRecorded")
            .Select(e => e.GetProperty("by").GetString())
            .Distinct()
            .ShouldBe(["Pell", "Sorrel"], ignoreOrder: true);
    }

    private static string Import(Browser desk, string file) =>
        (string)Run(
            desk,
            "const r = await fetch('/api/files', { method: 'POST', headers: { 'Content-Type': "
                + "'application/json' }, body: arguments[0] }); return "
                + "r.headers.get('Location').split('/').at(-1)",
            file
        );

    private static string Get(Browser desk, string path) =>
        (string)Run(desk, "const r = await fetch(arguments[0]); return r.text()", path);

    /// <summary>Asks the server as this window, with what let it in.</summary>
    private static object Run(Browser window, string script, string argument) =>
        ((IJavaScriptExecutor)window.Driver).ExecuteAsyncScript(
            "const done = arguments[arguments.length - 1]; const args = arguments; (async function () { "
                + $"{script} }}).apply(null, args).then(done)",
            argument
        )!;

    private Browser Join(string code, string name, int width, int height, string rally)
    {
        var device = OpenWindow(server.Address, width, height);
        device.Open($"/rallies/{rally}/score");
        device.See("Enter the teacher’s password to use Plucky Rally on this device.");
        device.ClickLink("Join with the code of the rally");
        device.Type("The rally’s code", "WRONG1");
        device.Type("Your name", name);
        device.ClickButton("Join");
        device.See("No rally has this code.");
        device.ShouldBeAccessible();
        device.Type("The rally’s code", code);
        device.ClickButton("Join");
        device.See("Attempt 1 of 2");
        return device;
    }

    private static void ReadOnce(Browser judge, string sheets)
    {
        judge.Type("Offcuts used", sheets);
        judge.ClickButton("Record: Offcuts used");
        judge.See("Read again");
    }

    private static void Score(Browser judge, string sheets, params string[] heights)
    {
        judge.ClickButton("Met");
        ReadOnce(judge, sheets);
        foreach (var height in heights)
        {
            judge.Until(() => judge.All("field", "Height").Count == 1, "the pad");
            judge.Type("Height", height);
            judge.ClickButton("Record");
            judge.See($"{height} cm");
        }

        judge.See("All attempts have been made.");
    }
}
