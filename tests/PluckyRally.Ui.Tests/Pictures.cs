using PluckyRally.Tests;
using Xunit;

namespace PluckyRally.Ui.Tests;

/// <summary>Takes the pictures of docs/screenshots anew, from the demo's data. Run by ./test pictures.</summary>
public sealed class Pictures(DemoServer demo) : ScreenTest
{
    private static readonly string Folder = Path.Combine(ProjectFolder.Root, "docs", "screenshots");

    [Fact(Explicit = true)]
    public void Take()
    {
        Directory.CreateDirectory(Folder);
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.See("Class 5, today");
        Save(desk, "home");

        desk.ClickButton("Write a brief");
        desk.See("Draw a bag and invent");
        Save(desk, "patterns");

        desk.Open("/");
        desk.ClickLink("A beacon for Gannet Holm");
        desk.See("Nothing stops this. A class can run it.");
        Save(desk, "brief");
        desk.ClickTab("Method");
        desk.See("Height for each sheet");
        Save(desk, "method");
        desk.ClickTab("Try it");
        desk.See("Why Able");
        Save(desk, "tryit");
        desk.ClickTab("Tiers");
        desk.See("Kindergarten to grade 2");
        Save(desk, "tiers");
        desk.ClickLink("Print");
        desk.See("Back to the brief");
        Save(desk, "print");

        desk.Open("/");
        desk.ClickLink("A cold box for the catch");
        desk.ClickTab("Time");
        desk.See("Lesson 2 ends after");
        Save(desk, "time");
        desk.Click(() => desk.One("link", "Kit", exact: false));
        desk.See("Loading plan");
        Save(desk, "kit");

        desk.Open("/");
        desk.ClickLink("Make teams for Foil ferry across the Kelp Channel");
        desk.Type("Class or name of the rally", "Class 3, before half-term");
        desk.Click(() => desk.One("radio", "From a class", exact: false));
        desk.ClickButton("New class");
        desk.Type("Name of the class", "Class 3");
        desk.Paste("Pupils, one on each line, or a table with given and family names", "Wren A.\nTorin B.\nMika C.\nSena D.\nIdris E.\nLowri F.\nOtto G.\nPia H.\nRuna I.\nBram J.\nNia K.\nJory L.");
        desk.See("12 pupils");
        desk.ClickButton("Make the class");
        desk.See("Here today: 12 of 12");
        desk.ClickButton("Make teams");
        desk.See("Nobody meets a partner");
        Save(desk, "teams");

        desk.Open("/cupboard");
        desk.See("To buy for what is planned");
        desk.See("table tennis balls");
        Save(desk, "cupboard");
        desk.Open("/classes");
        desk.See("Has worked with");
        Save(desk, "classes");
        desk.Open("/");
        desk.ClickLink("Class 4, Lantern term");
        desk.ClickButton("Count out: Oystercatchers");
        desk.See("Signed by");
        Save(desk, "rally-kit");
        desk.Click(() => desk.One("link", "Run", exact: false));
        desk.ClickButton("Jump here: Build");
        desk.See("On to: Test");
        Save(desk, "run");
        desk.ClickLink("Put the clock on the wall");
        desk.See("then: test");
        Save(desk, "clock");

        desk.Open("/");
        desk.ClickLink("Class 4, Shingle term");
        desk.See("Why: Kittiwakes");
        desk.Click(() => desk.Button("Razor Shells"));
        desk.See("Why: Razor Shells");
        Save(desk, "results");

        desk.ClickLink("Show on the wall");
        desk.See("Sandhoppers");
        Save(desk, "wall");

        var walk = OpenWindow(demo.Address, 800, 1280);
        walk.Open("/");
        walk.ClickLink("Score Class 5, today");
        walk.See("Plovers");
        walk.ClickLink("Eelgrass open");
        walk.See("Attempt 2 of 2");
        Save(walk, "score");
    }

    private static void Save(Browser window, string name)
    {
        // Fonts are shipped with the page and must be in it before it is looked at.
        window.Until(() => (bool)((OpenQA.Selenium.IJavaScriptExecutor)window.Driver).ExecuteScript("return document.fonts.status === 'loaded'")!, "the fonts");
        window.Picture(Path.Combine(Folder, name + ".png"));
    }
}
