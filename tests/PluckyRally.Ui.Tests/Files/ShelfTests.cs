namespace PluckyRally.Ui.Tests.Files;

public sealed class ShelfTests(DemoServer server) : ScreenTest, IClassFixture<DemoServer>
{
    private readonly string _folder = Directory.CreateTempSubdirectory("plucky-rally-files-").FullName;

    [Fact]
    public void Many_files_are_looked_at_first_and_those_in_order_are_imported()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.See("The sand fence");
        var files = new[]
        {
            Write(
                "good.json",
                """{ "format": "plucky-rally/brief", "version": 1, "title": "<img src=x onerror=alert(1)>" }"""
            ),
            Write(
                "again.json",
                """{ "format": "plucky-rally/brief", "version": 1, "title": "The sand fence", "colour": "red" }"""
            ),
            Write("newer.json", """{ "format": "plucky-rally/brief", "version": 9, "title": "Newer" }"""),
            Write(
                "wrong.json",
                """{ "format": "plucky-rally/brief", "version": 1, "title": 5, "season": "monsoon" }"""
            ),
            Write("packed.json", "PK\u0003\u0004"),
            Write(
                "large.json",
                $$"""{ "format": "plucky-rally/brief", "version": 1, "story": "{{new string('x', 3_000_000)}}" }"""
            ),
        };
        desk.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(string.Join('\n', files));
        desk.See("It will be added to your briefs.");
        desk.See("You already have one with this title");
        desk.See("This field is not known; it is kept");
        desk.See("newer version of Plucky Rally");
        desk.See("/season");
        desk.See("This is not JSON");
        desk.See("larger than");
        desk.ShouldBeAccessible();
        desk.ClickButton("Import 2 files");
        desk.See("2 of 2 imported.");
        desk.ClickButton("Close");
        desk.Until(() => desk.Link("<img src=x onerror=alert(1)>").Displayed, "<img src=x onerror=alert(1)>");
        desk.All("link", "The sand fence").Count.ShouldBe(2);
        desk.SeeNot("Newer");
        desk.ShouldHaveCleanConsole("422");
    }

    [Fact]
    public void An_older_version_is_looked_at_and_brought_back()
    {
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("Pebbles by mass");
        desk.Type("Goal", "Something else");
        desk.See("Saved at");
        desk.ClickTab("Earlier");
        desk.Click(() => desk.Driver.FindElement(By.CssSelector("[aria-labelledby=earlier] [aria-expanded=false]")));
        desk.Row("Goal").Text.ShouldContain("Something else");
        desk.ShouldBeAccessible();
        desk.ClickButton("Restore this version");
        desk.Until(
            () => desk.Field("Goal").GetAttribute("value")!.StartsWith("Lay eight pebbles", StringComparison.Ordinal),
            "the goal as it was"
        );
    }

    protected override void Close() => Directory.Delete(_folder, recursive: true);

    private string Write(string name, string text)
    {
        var path = Path.Combine(_folder, name);
        File.WriteAllText(path, text);
        return path;
    }
}
