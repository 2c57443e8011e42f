namespace PluckyRally.Ui.Tests.Keeping;

/// <summary>
/// The page of what is kept, things that are deleted and restored, and an editor that loses nothing when the
/// server stumbles.
/// </summary>
public sealed class KeptTests(EmptyServer server) : ScreenTest, IClassFixture<EmptyServer>
{
    [Fact]
    [Trait("run", "short")]
    public async Task Backups_are_shown_and_what_is_deleted_comes_back()
    {
        var desk = OpenWindow(server.Address);
        PreparedRally.Shelve(server.Address, Brief("Sand fence"));
        await PreparedRally.Begin(server, await PreparedRally.OnShelf(server, "Sand fence"), "Class 6");
        desk.Open("/");
        desk.GoToPlace("Backups");
        desk.See("first start of the day");
        desk.ClickButton("Back up now");
        desk.See("made by you");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.ClickButton("Choose a folder");
        desk.Type("Full path of the folder", "stick");
        desk.ClickButton("Save");
        desk.See("This is not the whole path of a folder.");
        var stick = Directory.CreateTempSubdirectory("plucky-rally-stick-").FullName;
        desk.Type("Full path of the folder", stick);
        desk.ClickButton("Save");
        desk.See($"Every backup is also copied to {stick}.");
        Directory.GetFiles(stick, "*.db", SearchOption.AllDirectories).Length.ShouldBeGreaterThan(1);

        // The stick is pulled out: Home says so.
        Directory.Delete(stick, recursive: true);
        desk.ClickButton("Back up now");
        desk.See("It is not there.");
        desk.Open("/");
        desk.See($"Nothing could be copied to {stick}.");
        desk.ClickLink("Open Backups");
        desk.ClickButton("Stop copying there");
        desk.See("If this disk fails, backups on it are lost too.");

        desk.Open("/");
        desk.ClickInMenu("Class 6", "Delete…");
        desk.See("The rally with 2 teams, its photos, and the codes of its judges and walls.");
        desk.ShouldBeAccessible();
        desk.ClickButton("Delete");
        desk.See("No rallies yet.");
        desk.GoToPlace("Backups");
        desk.ClickButton("Restore: Rally Class 6, Sand fence");
        desk.See("Nothing was deleted in the last 30 days.");
        desk.Open("/");
        desk.See("Class 6");
        desk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    public void The_status_and_what_comes_along_stand_on_pages_of_their_own()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.GoToPlace("Status");
        desk.See("Connected windows");
        desk.See("started with the data in");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.GoToPlace("About");
        desk.See("Included software and licenses");
        desk.Until(
            () => desk.Driver.FindElements(By.CssSelector("main details")).Count > 30,
            "the licences to be listed"
        );
        desk.Driver.FindElement(By.CssSelector("main summary")).Click();
        desk.See("SIL OPEN FONT LICENSE");
        desk.ShouldBeAccessible();
        desk.ShouldHaveCleanConsole();
    }

    /// <summary>
    /// The answer to a save is lost on the way: the same window's next save is no conflict with itself.
    /// </summary>
    [Fact]
    public void The_lost_answer_of_a_save_is_no_conflict()
    {
        var desk = Writing(
            "Lost answers",
            "window.lose = 0; const real = window.fetch; window.fetch = async (...sent) => { const answer "
                + "= await real(...sent); if (window.lose > 0 && sent[0].method === 'PUT') { window.lose--; "
                + "throw new TypeError('lost') } return answer }"
        );
        desk.Run("window.lose = 2");
        desk.Type("Goal", "Keep the sand where it is.");
        desk.See("Not saved yet: no connection. It is kept in this browser, and saving is tried again automatically.");
        desk.Type("Theme", "Dunes");
        desk.Until(() => desk.Text.Contains("Saved at", StringComparison.Ordinal), "the brief to be saved");
        desk.Text.ShouldNotContain("another window");
        Reopened(desk).ShouldBe(("Keep the sand where it is.", "Dunes"));
    }

    [Fact]
    public void A_server_that_stumbles_is_said_and_asked_again()
    {
        var desk = Writing(
            "Stumbling",
            "window.fail = 0; const real = window.fetch; window.fetch = (...sent) => window.fail > 0 && "
                + "sent[0].method === 'PUT' ? (window.fail--, Promise.resolve(new Response(JSON.stringify({ "
                + "title: 'The disk is full.', detail: 'Make room.', problems: [] }), { status: 507, headers: { "
                + "'Content-Type': 'application/problem+json' } }))) : real(...sent)"
        );
        desk.Run("window.fail = 2");
        desk.Type("Goal", "Keep the sand where it is.");
        desk.See(
            "Not saved yet: the server could not take it. It is kept in this browser, and saving is tried again "
                + "automatically."
        );
        desk.ShouldBeAccessible();
        desk.See("Saved at");
        Reopened(desk).Goal.ShouldBe("Keep the sand where it is.");
    }

    [Fact]
    public void A_browser_whose_store_is_full_says_that_it_keeps_nothing()
    {
        var desk = Writing(
            "Full store",
            "window.full = false; const put = Storage.prototype.setItem; Storage.prototype.setItem = "
                + "function (...sent) { if (window.full) throw new DOMException('full', 'QuotaExceededError'); "
                + "return put.apply(this, sent) }"
        );
        desk.Run("window.full = true");
        desk.Offline(true);
        desk.Type("Goal", "Keep the sand where it is.");
        desk.See("This browser cannot store it: leave this page open. Saving is tried again automatically.");
        desk.Offline(false);
        desk.See("Saved at");
        Reopened(desk).Goal.ShouldBe("Keep the sand where it is.");
    }

    private static System.Text.Json.Nodes.JsonNode Brief(string title)
    {
        var brief = System.Text.Json.Nodes.JsonNode.Parse(
            File.ReadAllText(Path.Combine(ProjectFolder.Root, "demo", "sand-fence.brief.json"))
        )!;
        brief["title"] = title;
        return brief;
    }

    private Browser Writing(string title, string before)
    {
        PreparedRally.Shelve(server.Address, Brief(title));
        var desk = OpenWindow(server.Address);
        desk.BeforeEachPage(before);
        desk.Open("/");
        desk.ClickLink(title);
        desk.See("Saved");
        return desk;
    }

    private static (string Goal, string Theme) Reopened(Browser desk)
    {
        desk.Open(desk.Place);
        desk.Until(() => desk.All("field", "Goal").Count == 1, "the brief");
        return (desk.Field("Goal").GetAttribute("value")!, desk.Field("Theme").GetAttribute("value")!);
    }
}
