using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests.Score;

/// <summary>
/// The Score station without a connection: every pad goes on from what was recorded on this device, and all of it
/// arrives once.
/// </summary>
public sealed class LineCutTests(WorkingServer server) : ScreenTest
{
    private const string Cut = "ERR_INTERNET_DISCONNECTED";

    private readonly RunningServer _server = server;

    [Fact]
    public async Task Attempts_go_on_in_order_and_the_last_one_can_be_undone()
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "slow-millrace.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        (brief["title"], brief["trials"]!["freshBuildAfterFailure"]) = ("A millrace built anew", true);
        PreparedRally.Shelve(_server.Address, brief);
        var (walk, rally) = await Begin("A millrace built anew");
        Record(walk, "10");
        walk.See("Attempt 1: 10.0 s");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("a fresh build, number 2");
        walk.Offline(true);
        Press(walk, Keys.Alt + "u");
        walk.SeeNot("The last build failed");
        walk.See("Attempt 2 of 3");
        walk.ClickButton("Failed…");
        walk.ClickButton("it broke");
        walk.See("Attempt 3 of 3");
        walk.See("failed, not sent yet");
        walk.See("The last build failed: this attempt is made with a fresh build, number 2.");
        Press(walk, Keys.Alt + "u");
        walk.See("Attempt 2 of 3");
        walk.SeeNot("The last build failed");
        Record(walk, "12");
        walk.See("Attempt 3 of 3");
        Record(walk, "14");
        walk.See("All attempts have been made.");
        walk.ClickButton("Met");
        walk.Until(() => walk.Button("Met").GetAttribute("aria-pressed") == "true", "the answer to be seen");
        walk.See("6 kept on this device, not sent yet.");
        walk.ShouldBeAccessible();
        walk.Offline(false);
        walk.See("Complete");
        walk.SeeNot("on this device");
        walk.Text.ShouldNotContain("recorded twice");
        walk.See("Attempt 3: 14.0 s");
        await PreparedRally.Agrees(_server, walk, rally, "24.0", Cut);
    }

    [Fact]
    public async Task Tasks_levels_and_must_haves_show_what_was_touched()
    {
        var (walk, rally) = await Begin("The bird ringer's third hand");
        walk.Offline(true);
        foreach (var i in new[] { 0, 1 })
            walk.Click(() => walk.All("button", "Met")[i]);
        foreach (
            var touched in new[]
            {
                "Gives a hand more: for two things",
                "Gentle to the bird: never touches it",
                "Explained: says why it works",
                "takes a ring from the peg: done",
                "turns the light on the bird: 1 of 2 steps",
                "writes two letters: done",
            }
        )
        {
            walk.ClickButton(touched);
            walk.Until(() => walk.Pressed(touched), $"“{touched}” to be pressed");
        }

        walk.ClickButton("writes two letters: done");
        walk.Until(() => !walk.Pressed("writes two letters: done"), "the task to be taken back");
        walk.ClickButton("Plan approved");
        walk.Until(() => walk.Pressed("Plan approved"), "the plan to be approved");
        walk.ClickButton("Plan approved");
        walk.Until(() => !walk.Pressed("Plan approved"), "the plan to be open again");
        walk.Offline(false);
        walk.See("Complete");
        walk.SeeNot("on this device");
        await PreparedRally.Agrees(_server, walk, rally, "34.0", Cut);
    }

    [Fact]
    public async Task A_relay_and_its_counters_run_on()
    {
        var (walk, rally) = await Begin("Bucket chain to the boathouse");
        walk.Offline(true);
        foreach (var leg in new[] { 1, 2, 3, 4 })
        {
            walk.Type($"Time of leg {leg}", "20.0");
            walk.ClickButton($"Record: Time of leg {leg}");
            walk.Until(() => walk.Field($"Time of leg {leg}").GetAttribute("value") == "", "the time to be taken");
        }

        walk.See("All legs are in.");
        foreach (var n in new[] { "1", "2" })
        {
            // The watch has just gone from above it, and a finger would be held back: the keyboard means it.
            walk.Button("+1 spill").SendKeys(Keys.Enter);
            walk.Until(() => walk.Item("spill").Text.Contains($"{n}\n", StringComparison.Ordinal), $"{n} spills");
        }

        walk.ClickButton("+5 cheer for another team");
        walk.ClickButton("+1 cheer for another team");
        walk.Until(() => walk.Item("cheer for another team").Text.Contains('6', StringComparison.Ordinal), "6 cheers");
        walk.Type("How many were brought over", "7");
        walk.ClickButton("Record: brought over");

        // A page that was never fetched leaves this one where it is; the judge's other page goes on from the same.
        walk.ForgetFiles();
        walk.Click(() => walk.One("link", "Results", exact: false));
        walk.See("Results cannot be opened without a connection.");
        walk.ClickLink("All teams together");
        walk.ClickButton("6 +1: Plovers, cheer for another team");
        walk.Until(
            () => walk.Button("7 +1: Plovers, cheer for another team").Displayed,
            "7 +1: Plovers, cheer for another team"
        );
        walk.Offline(false);
        walk.SeeNot("on this device");
        await PreparedRally.Agrees(_server, walk, rally, "45.0", Cut);
    }

    [Fact]
    public async Task What_is_bought_counted_and_laid_is_there_to_go_on_from()
    {
        var (walk, _) = await Begin("A cold box for the catch");
        walk.Offline(true);
        walk.ClickButton("sheets of foil: buy 1");
        walk.Until(() => walk.Button("sheets of foil: give back 1").Enabled, "the sheet to be there");
        walk.ClickButton("sheets of foil: give back 1");
        walk.Until(() => !walk.Button("sheets of foil: give back 1").Enabled, "the sheet to be gone");
        walk.Offline(false);
        walk.SeeNot("on this device");
        walk.Button("sheets of foil: give back 1").Enabled.ShouldBeFalse();

        var (other, rally) = await Begin("Pebbles by mass");
        other.Offline(true);
        foreach (var pebble in "CGEAHFDB")
            other.ClickButton($"{pebble}");
        other.ClickButton("Record this order");
        other.See("an order");
        other.Until(() => !other.Button("Record this order").Enabled, "the order to be as it was recorded");
        other.Offline(false);
        other.See("27 of 28 pairs");
        await PreparedRally.Agrees(_server, other, rally, null, Cut);
    }

    [Fact]
    public async Task What_is_half_laid_stays_when_something_else_is_recorded_meanwhile()
    {
        var (walk, rally) = await Begin("Pebbles by mass");
        foreach (var pebble in "CGE")
            walk.ClickButton($"{pebble}");
        await Note(rally, "tests early");
        walk.See("Note: tests early");
        walk.Until(
            () => walk.Button("Move E, place 3, with the arrow keys").Displayed,
            "Move E, place 3, with the arrow keys"
        );

        var (pieces, mosaic) = await Begin("Tide-pool mosaic");
        pieces.Type("How many, small, deep blue", "4");
        await Note(mosaic, "tests early");
        pieces.See("Note: tests early");
        pieces.Field("How many, small, deep blue").GetAttribute("value").ShouldBe("4");

        var (sorting, strandline) = await Begin("Along the strandline");
        sorting.ClickButton("mussel shell in animals");
        await Note(strandline, "tests early");
        sorting.See("Note: tests early");
        sorting.Pressed("mussel shell in animals").ShouldBeTrue();
    }

    [Fact]
    public async Task A_photo_waits_for_the_line_and_what_is_none_is_said_to_be_none()
    {
        var (walk, rally) = await Begin("Pebbles by mass");
        walk.See("Take a photo");
        walk.Offline(true);
        Photo(walk, Path.Combine(ProjectFolder.Root, "demo", "class-5-today.t1.jpg"));
        walk.See("Kept on this device. It is sent automatically when the connection is back.");
        walk.Until(
            () =>
                (bool)walk.Run("return document.querySelector('img[alt=\"The photo that waits\"]')?.naturalWidth > 0")!,
            "the picture to be shown"
        );
        walk.ShouldBeAccessible();
        Photo(walk, Path.Combine(ProjectFolder.Root, "README.md"));
        walk.Until(() => walk.All("status", "Kept on this device", exact: false).Count == 2, "both to wait");
        walk.Offline(false);
        walk.Until(
            () => walk.Driver.FindElements(By.CssSelector("img[alt^='Photo']")).Count == 1,
            "the photo to be sent"
        );
        walk.See("This is not a photo.");
        walk.ShouldBeAccessible();
        walk.ClickButton("Discard");
        walk.SeeNot("This is not a photo.");
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        var album = await http.GetFromJsonAsync<JsonElement>(
            $"/api/rallies/{rally}/photos",
            TestContext.Current.CancellationToken
        );
        album.GetProperty("photos").GetArrayLength().ShouldBe(1);
    }

    [Fact]
    [Trait("run", "short")]
    public async Task A_line_that_hangs_holds_nobody_up()
    {
        var (walk, rally) = await Begin("The slowest millrace");
        walk.ClickButton("Met");
        walk.Until(() => walk.Button("Met").GetAttribute("aria-pressed") == "true", "the answer to be seen");
        walk.SeeNot("not sent yet");
        walk.BeforeEachPage(
            """
            const real = window.fetch
            window.hanging = true
            window.fetch = (...sent) => window.hanging && sent[0].method === 'POST'
              ? new Promise((_, gone) => sent[0].signal.addEventListener('abort', () => gone(sent[0].signal.reason)))
              : real(...sent)
            """
        );
        walk.Open(walk.Place);
        Record(walk, "10");
        walk.See("1 kept on this device, not sent yet.");
        Record(walk, "12");
        walk.See("2 kept on this device, not sent yet.");
        walk.See("Attempt 3 of 3");
        walk.Run("window.hanging = false");
        walk.See("Attempt 2: 12.0 s");
        walk.SeeNot("on this device");
        Record(walk, "14");
        walk.See("Complete");
        await PreparedRally.Agrees(_server, walk, rally, "24.0");
    }

    private static void Photo(Browser walk, string file) =>
        walk.Until(
                    () => walk.Driver.FindElements(By.CssSelector("input[type=file]")).FirstOrDefault(),
                    "the place for a photo"
                )!
            .SendKeys(file);

    private async Task Note(string rally, string text)
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        var note = new
        {
            kind = "noteMade",
            id = Guid.CreateVersion7(),
            team = "t1",
            round = 1,
            text,
        };
        (
            await http.PostAsJsonAsync($"/api/rallies/{rally}/entries", note, TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
    }

    private Task<(Browser Walk, string Rally)> Begin(string title) => BeginToJudge(_server, title);

    private static void Record(Browser walk, string typed) => walk.Field("Time").SendKeys(typed + Keys.Enter);

    private static void Press(Browser window, string keys) => window.Driver.SwitchTo().ActiveElement().SendKeys(keys);
}
