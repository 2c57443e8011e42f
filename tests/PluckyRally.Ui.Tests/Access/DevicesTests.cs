using System.Diagnostics;
using System.Text.Json;

namespace PluckyRally.Ui.Tests.Access;

/// <summary>
/// Devices of a classroom over a plain line: a tab that was closed, one that keeps nothing, one that is handed on, a
/// long queue.
/// </summary>
public sealed class DevicesTests : ScreenTest
{
    /// <summary>
    /// One for each test: codes can be tried ten times a minute, and all devices of a test are one computer's.
    /// </summary>
    private readonly ClassroomServer _server = new();

    protected override void Close() => _server.Dispose();

    [Fact]
    public void A_tab_that_was_closed_opens_again_without_a_line()
    {
        var (rally, code) = Prepare("Closed tabs");
        var tablet = Join(code, "Pell");
        tablet.See("Observations");
        tablet.Run("return window.isSecureContext").ShouldBe(false, "a classroom without certificates");
        Record(tablet, "57");
        tablet.See("57 cm");
        tablet.Until(
            () => (bool)tablet.Run("return !Object.keys(localStorage).some((k) => k.startsWith('taken:'))")!,
            "the sheet to be kept on the device"
        );
        var place = tablet.Place;
        tablet.Driver.Navigate().GoToUrl("about:blank");
        _server.End();
        tablet.Open(place);
        tablet.See("This is what was known at");
        tablet.See("57 cm");
        Record(tablet, "63");
        tablet.See("1 kept on this device, not sent yet.");
        _server.Start();
        tablet.See("Complete");
        tablet.SeeNot("not sent yet");
        tablet.ShouldHaveCleanConsole("net::ERR_");
        rally.ShouldNotBeEmpty();
    }

    /// <summary>
    /// On the computer itself, and over an encrypted line, a worker keeps the page; there it is also loaded anew
    /// without a line.
    /// </summary>
    [Fact]
    public void Where_the_line_is_encrypted_a_page_is_loaded_anew_without_one()
    {
        var (rally, _) = Prepare("Loaded anew");
        var desk = OpenWindow(_server.Address, 800, 1280);
        desk.Open("/sign-in");
        desk.Type("The teacher’s password", "boats in the bay");
        desk.ClickButton("Sign in");
        desk.See("New brief");
        desk.Open($"/rallies/{rally}/score");
        desk.See("Observations");
        desk.Until(() => (bool)desk.Run("return navigator.serviceWorker.controller !== null")!, "the worker");
        desk.Driver.Navigate().Refresh();
        desk.See("Observations");
        Record(desk, "57");
        desk.See("57 cm");
        _server.End();
        desk.Driver.Navigate().Refresh();
        desk.See("This is what was known at");
        desk.See("57 cm");
        _server.Start();
        desk.SeeNot("This is what was known at");
    }

    [Fact]
    public void A_code_is_taken_out_of_the_address_at_once()
    {
        var (_, code) = Prepare("Codes in links");
        var phone = OpenWindow(_server.Door, 390, 844);
        phone.Open($"/join#{code.Replace(" ", "", StringComparison.Ordinal)}");
        phone.See("Join with a code");
        phone.Driver.Url.ShouldBe($"{_server.Door}/join");
        phone.Field("The rally’s code").GetAttribute("value").ShouldBe(code.Replace(" ", "", StringComparison.Ordinal));
        phone.Type("Your name", "Teacher");
        phone.ClickButton("Join");
        phone.See("The log says “Teacher” of the teacher alone.");
        phone.Type("Your name", "Sorrel");
        phone.ClickButton("Join");
        phone.See("Observations");
    }

    [Fact]
    public void A_name_in_use_is_told()
    {
        var (_, code) = Prepare("Two of one name");
        Join(code, "Aide").See("Observations");
        var other = Join(code, "aide");
        other.See("Another device judges here as aide.");
        other.ShouldBeAccessible();
        other.ClickButton("Yes, that is me");
        other.See("Observations");
    }

    [Fact]
    [Trait("run", "short")]
    public void One_code_opens_the_tables_of_a_day_and_another_lets_a_team_speak()
    {
        var (one, _) = Prepare("The north table");
        var (two, _) = Prepare("The south table");
        var judge = Join(
            _server
                .Post(
                    $"/api/rallies/{one}/passes",
                    JsonSerializer.Serialize(new { kind = "judge", also = new[] { two } })
                )
                .GetProperty("code")
                .GetString()!,
            "Pell"
        );
        judge.See("The north table");
        judge.See("You also score in");
        judge.ClickLink("The south table");
        judge.Until(
            () => judge.Place.StartsWith($"/rallies/{two}/score", StringComparison.Ordinal),
            "the pad of the other table"
        );
        Record(judge, "57");
        judge.See("57 cm");

        var team = OpenWindow(_server.Door, 390, 844);
        team.Open("/join");
        team.Type(
            "The rally’s code",
            _server.Post($"/api/rallies/{one}/passes", """{"kind":"team"}""").GetProperty("code").GetString()!
        );
        team.ClickButton("Join");
        team.See("Which team are you?");
        team.ClickButton("Plovers");
        team.See("What we learned");
        team.ShouldBeAccessible();
        team.Open($"/rallies/{one}/score");
        team.See("What we learned");
    }

    [Fact]
    public void A_device_that_keeps_nothing_sends_all_the_same_and_says_so()
    {
        var (rally, code) = Prepare("Nothing kept");
        var tablet = OpenWindow(_server.Door, 800, 1280);
        tablet.BeforeEachPage("indexedDB.open = () => { throw new DOMException('private', 'SecurityError') }");
        tablet.Join(code, "Pell");
        tablet.See("This device cannot keep anything by itself.");
        tablet.ShouldBeAccessible();
        Record(tablet, "57");
        tablet.See("57 cm");
        tablet.Offline(true);
        Record(tablet, "63");
        tablet.See("1 kept in this window, not sent yet.");
        tablet.Offline(false);
        tablet.See("Complete");
        Entries(rally).Count(e => e.Kind == "trialRecorded").ShouldBe(2);
    }

    [Fact]
    [Trait("run", "short")]
    public void What_waits_keeps_the_judge_who_made_it()
    {
        var (rally, code) = Prepare("Handed on");
        var tablet = Join(code, "Pell");
        tablet.See("Observations");
        tablet.Offline(true);
        tablet.ClickButton("tests early");
        ShowWhatWaits(tablet);
        tablet.See("by Pell");
        tablet.Run("window.was = 'Pell'");
        tablet.Offline(false);
        tablet.SeeNot("not sent yet");
        tablet.Offline(true);
        tablet.ClickButton("tests early");
        tablet.See("1 kept on this device");
        // The page that is open is left before the line is back, or it would send what waits.
        tablet.Driver.Navigate().GoToUrl("about:blank");
        tablet.BeforeEachPage(
            "const real = window.fetch; window.fetch = (...sent) => String(sent[0].url ?? "
                + "sent[0]).includes('/entries') && !window.go ? Promise.reject(new TypeError('held')) : "
                + "real(...sent)"
        );
        tablet.Offline(false);
        tablet.Join(code, "Sorrel");
        ShowWhatWaits(tablet);
        tablet.See("by Pell");
        tablet.Run("window.go = true");
        tablet.SeeNot("not sent yet");
        tablet.ClickButton("tests early");
        tablet.Until(() => Entries(rally).Count == 3, "the three notes");
        Entries(rally).Select(e => e.By).ShouldBe(["Pell", "Pell", "Sorrel"]);
    }

    /// <summary>Cookies belong to all windows of a browser; who judges in one is nobody else in another.</summary>
    [Fact]
    public void A_window_of_the_teachers_own_browser_is_a_judges_and_the_other_stays_the_teachers()
    {
        var (rally, code) = Prepare("Own browser");
        var desk = OpenWindow(_server.Address, 800, 1280);
        desk.Open("/sign-in");
        desk.Type("The teacher’s password", "boats in the bay");
        desk.ClickButton("Sign in");
        desk.See("New brief");
        var (teacher, driver) = (desk.Driver.CurrentWindowHandle, desk.Driver);
        driver.SwitchTo().NewWindow(WindowType.Tab);
        desk.Join(code, "Wren");
        desk.See("You are Wren in this window.");
        desk.ShouldBeAccessible();
        Record(desk, "57");
        desk.See("57 cm");
        desk.Open("/");
        desk.Until(() => desk.Place.Contains("/score", StringComparison.Ordinal), "a judge's only page");
        var judge = driver.CurrentWindowHandle;

        driver.SwitchTo().Window(teacher);
        desk.Open("/classes");
        desk.See("New class");
        desk.Open($"/rallies/{rally}/score");
        desk.See("57 cm");
        Record(desk, "63");
        desk.See("63 cm");
        Entries(rally).Where(e => e.Kind == "trialRecorded").Select(e => e.By).ShouldBe(["Wren", "Teacher"]);

        driver.SwitchTo().Window(judge);
        desk.ClickButton("Sign out");
        desk.See("New brief");
        desk.ShouldHaveCleanConsole();
    }

    /// <summary>
    /// Five hundred entries that waited without a line are in the log, each once and in their order; how long that
    /// takes is written down.
    /// </summary>
    [Fact]
    public void A_queue_of_five_hundred_goes_in_its_order()
    {
        var (rally, code) = Prepare("A long queue");
        var tablet = Join(code, "Pell");
        tablet.See("Observations");
        tablet.Offline(true);
        Fill(tablet, rally, 500);
        var place = tablet.Place;
        tablet.Driver.Navigate().GoToUrl("about:blank");
        tablet.Open(place);
        tablet.See("500 kept on this device");
        var watch = Stopwatch.StartNew();
        tablet.Offline(false);
        tablet.Until(() => !tablet.Text.Contains("not sent yet", StringComparison.Ordinal), "the queue to be empty");
        TestContext.Current.TestOutputHelper?.WriteLine($"500 entries that waited: {watch.ElapsedMilliseconds} ms");
        Entries(rally).Select(e => e.Text).ShouldBe(Enumerable.Range(0, 500).Select(i => $"note {i}"));
    }

    private static void ShowWhatWaits(Browser judge) =>
        judge.Click(() =>
            judge.Until(
                () => judge.Driver.FindElements(By.TagName("summary")).SingleOrDefault(s => s.Text == "Show"),
                "what waits"
            )!
        );

    private static void Record(Browser judge, string height)
    {
        judge.Until(() => judge.All("field", "Height").Count == 1, "the pad");
        judge.Type("Height", height);
        judge.ClickButton("Record");
    }

    private Browser Join(string code, string name)
    {
        var device = OpenWindow(_server.Door, 800, 1280);
        device.Join(code, name);
        return device;
    }

    /// <summary>Entries as the page itself would put them in its queue.</summary>
    private static void Fill(Browser tablet, string rally, int entries) =>
        ((IJavaScriptExecutor)tablet.Driver).ExecuteAsyncScript(
            """
            const [rally, entries, done] = arguments;
            const open = indexedDB.open('plucky-rally');
            open.onsuccess = () => {
              const change = open.result.transaction('unsent', 'readwrite');
              for (let i = 0; i < entries; i++)
                {
                const random = crypto.getRandomValues(new Uint8Array(16));
                const hex = [...random].map((b) => b.toString(16).padStart(2, '0')).join('');
                const id = hex.replace(/^(.{8})(.{4})(.{4})(.{4})/, '$1-$2-$3-$4-');
                const made = { at: new Date().toISOString(), by: 'Pell', team: 't1', round: 1 };
                const entry = { kind: 'noteMade', id, ...made, text: `note ${i}` };
                change.objectStore('unsent').add({ rally, entry });
              }
              change.oncomplete = () => { open.result.close(); done() };
            };
            """,
            rally,
            entries
        );

    private List<(string Kind, string By, string Text)> Entries(string rally)
    {
        var http = _server.Teacher;
        var file = JsonDocument.Parse(
            http.GetStringAsync($"/api/rallies/{rally}/file", TestContext.Current.CancellationToken)
                .GetAwaiter()
                .GetResult()
        );
        return
        [
            .. file
                .RootElement.GetProperty("entries")
                .EnumerateArray()
                .Select(e =>
                    (
                        e.GetProperty("kind").GetString()!,
                        e.GetProperty("by").GetString()!,
                        e.TryGetProperty("text", out var text) ? text.GetString()! : ""
                    )
                ),
        ];
    }

    private (string Rally, string Code) Prepare(string name)
    {
        var brief = new
        {
            format = "plucky-rally/brief",
            version = 1,
            title = name,
            goal = "Build the tallest beacon.",
            measures = new[]
            {
                new
                {
                    id = "height",
                    name = "Height",
                    kind = "length",
                    unit = "cm",
                },
            },
            trials = new { attempts = 2, how = "From the table up." },
            method = new
            {
                parts = new[]
                {
                    new
                    {
                        kind = "measured",
                        id = "part",
                        name = "Height",
                        value = "height",
                        better = "more",
                        curve = new { kind = "rate", perUnit = 1 },
                    },
                },
            },
        };
        var id = _server.Post("/api/briefs", JsonSerializer.Serialize(brief)).GetProperty("id").GetString();
        var rally = _server
            .Post(
                "/api/rallies",
                JsonSerializer.Serialize(
                    new
                    {
                        brief = id,
                        name,
                        teams = new[] { new { name = "Plovers" } },
                    }
                )
            )
            .GetProperty("id")
            .GetString()!;
        return (
            rally,
            _server.Post($"/api/rallies/{rally}/passes", """{"kind":"judge"}""").GetProperty("code").GetString()!
        );
    }
}
