using System.Text.Json;
using System.Text.RegularExpressions;

namespace PluckyRally.Ui.Tests.Guide;

/// <summary>
/// The guide is played: each numbered step of each page is done as it is written, and each word in bold stands on the
/// screen that it speaks of. The demo is changed by it, so it is this class's own.
/// </summary>
public sealed class GuideTests(DemoServer demo) : ScreenTest, IClassFixture<DemoServer>
{
    private static string Folder => Path.Combine(ProjectFolder.Root, "docs", "guide");

    /// <summary>It explains what is on all pages; <c>web/src/shared/ourWords.test.ts</c> reads it.</summary>
    private const string Words = "words.md";

    public static TheoryData<string> Pages =>
        new(
            Directory
                .GetFiles(Folder, "*.md")
                .Select(f => Path.GetFileName(f)!)
                .Where(f => f is not "first-rally.md" and not Words)
                .Order(StringComparer.Ordinal)
        );

    [Fact]
    public void The_first_rally_goes_as_it_is_written()
    {
        using var empty = new RunningServer(demo: false);
        Play(OpenWindow(empty.Address), picture: null).ShouldBeGreaterThan(20, "steps were done");
    }

    /// <summary>Only when asked for: <c>./test pictures</c>.</summary>
    [Fact(Explicit = true)]
    public void Take_the_pictures_anew()
    {
        using var empty = new RunningServer(demo: false);
        Play(OpenWindow(empty.Address), picture: file => Path.Combine(Folder, file));

        // Those of the pages, where they look; pages that show what docs/screenshots has need none of their own.
        var desk = OpenWindow(demo.Address);
        var parts = Directory
            .GetFiles(Folder, "*.md")
            .Where(f => Path.GetFileName(f) != "first-rally.md")
            .SelectMany(f => LookOrPicture.Matches(File.ReadAllText(f)));
        foreach (var part in parts)
        {
            if (part.Groups["look"] is { Success: true } look)
            {
                desk.Open(Address(look.Value.Trim()));
            }
            else
            {
                // The page with its head, and where it is of papers the sheets that are loaded after it.
                desk.Until(
                    () =>
                        (bool)
                            desk.Run(
                                "return document.querySelector('main h1') !== null && "
                                    + "!document.body.innerText.includes('Fetching') && "
                                    + "[...document.querySelectorAll('.on-paper')].every((p) => "
                                    + "p.children.length > 0) && document.fonts.status === 'loaded'"
                            )!,
                    "the page to be whole"
                );
                desk.StandStill();
                desk.Picture(Path.Combine(Folder, part.Groups["picture"].Value));
            }
        }
    }

    [Theory]
    [MemberData(nameof(Pages))]
    public void Every_page_goes_as_it_is_written(string page)
    {
        var desk = OpenWindow(demo.Address);
        var (steps, words) = (0, 0);
        foreach (Match part in LookStepOrBold.Matches(File.ReadAllText(Path.Combine(Folder, page))))
        {
            if (part.Groups["look"] is { Success: true } look)
            {
                desk.Open(Address(look.Value.Trim()));
                desk.SeeNot("Fetching");
            }
            else if (part.Groups["step"].Success)
            {
                steps += DoStep(desk, part.Value);
            }
            else
            {
                desk.Until(
                    () => OnScreen(desk).Contains(part.Groups["bold"].Value, StringComparison.OrdinalIgnoreCase),
                    $"“{part.Groups["bold"].Value}” on {desk.Place}, as {page} says"
                );
                words++;
            }
        }

        steps.ShouldBeGreaterThan(0, "something is done");
        words.ShouldBeGreaterThan(0);
        desk.ShouldHaveCleanConsole();
    }

    [Fact]
    public void The_guide_is_in_the_product_opens_where_one_is_and_is_searched()
    {
        var desk = OpenWindow(demo.Address);
        desk.Open("/");
        desk.ClickButton("Continue scoring");
        desk.See("Must-haves");
        desk.ClickLink("Guide");
        desk.See("Record an attempt");
        desk.See("Must-haves");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Click(() => desk.One("link", "Results", exact: false));
        desk.See("Record an attempt");
        desk.ClickButton("See who won, and why");
        desk.See("See why a team has its points");
        desk.ClickLink("All pages and search");
        desk.See("Plan the year");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.Type("Search the guide", "large print");
        desk.ClickLink("Print, fill in, type in");
        desk.See("Choose score slips in What to print");
        desk.ClickLink("Your first rally in fifteen minutes");
        desk.Until(
            () =>
                (bool)
                    desk.Run(
                        "return [...document.images].length > 2 && [...document.images].every((i) => "
                            + "i.complete && i.naturalWidth > 0)"
                    )!,
            "the pictures"
        );
        desk.Resize(390, 844);
        desk.ShouldFit();
        desk.ShouldHaveCleanConsole();
    }

    /// <summary>
    /// The demo beside one's own data: looked at, changed, left with one touch, and nothing of it has come over.
    /// </summary>
    [Fact]
    [Trait("run", "short")]
    public void A_first_start_offers_the_demo_apart_from_ones_own_data_and_copies_of_its_briefs()
    {
        using var empty = new RunningServer(demo: false, process: true);
        var desk = OpenWindow(empty.Address);
        desk.Open("/");
        desk.See("Where to begin");
        desk.ShouldBeAccessible();
        desk.ShouldFit();
        desk.ClickButton("Look around in the demo");
        desk.See("This is the demo. Nothing here touches your own data.");
        desk.See("Class 5, today");
        desk.Driver.Url.ShouldNotStartWith(empty.Address);
        desk.ShouldBeAccessible();
        var away = new Uri(desk.Driver.Url).GetLeftPart(UriPartial.Authority);
        desk.Click(() => desk.Link("Leave the demo"));
        desk.See("Where to begin");
        desk.Driver.Url.ShouldStartWith(empty.Address);
        desk.SeeNot("This is the demo.");
        desk.Until(() => !Answers(away), "the demo to end");

        // From a copy of one of its briefs to the first recorded attempt it is five steps.
        desk.ClickButton("Choose one");
        desk.ShouldBeAccessible();
        desk.ClickButton("Copy Foil ferry across the Kelp Channel");
        desk.ClickButton("Make teams");
        desk.ClickButton("Begin the rally");
        desk.Click(() => desk.One("link", "Score, not started", exact: false));
        desk.Type("Cargo", "35");
        desk.ClickButton("Record");
        desk.See("35 beads");
        desk.ShouldHaveCleanConsole();
    }

    private static bool Answers(string address)
    {
        using var client = new System.Net.Sockets.TcpClient();
        try
        {
            client.Connect("127.0.0.1", new Uri(address).Port);
            return true;
        }
        catch (System.Net.Sockets.SocketException)
        {
            return false;
        }
    }

    private static int Play(Browser desk, Func<string, string>? picture)
    {
        desk.Open("/");
        var done = 0;
        foreach (Match step in StepOrPicture.Matches(File.ReadAllText(Path.Combine(Folder, "first-rally.md"))))
        {
            if (step.Groups["picture"] is { Success: true } file)
            {
                if (picture is null)
                    File.Exists(Path.Combine(Folder, file.Value)).ShouldBeTrue(file.Value);
                else
                {
                    desk.Run("window.scrollTo(0, 0)");
                    desk.StandStill();
                    desk.Picture(picture(file.Value));
                }

                continue;
            }

            done += DoStep(desk, step.Value);
        }

        desk.ShouldHaveCleanConsole();
        return done;
    }

    private static int DoStep(Browser desk, string step)
    {
        var actions = Action.Matches(step);
        actions.Count.ShouldBeGreaterThan(0, $"nothing is done in “{step}”");
        foreach (Match action in actions)
            Do(desk, action);
        return actions.Count;
    }

    private static void Do(Browser desk, Match action)
    {
        var (verb, name) = (action.Groups["verb"].Value.ToLowerInvariant(), action.Groups["name"].Value);
        switch (verb)
        {
            case "type":
                desk.Paste(name, action.Groups["text"].Value.Replace(" ↵ ", "\n", StringComparison.Ordinal));
                break;
            case "choose":
                desk.Choose(name, action.Groups["text"].Value);
                break;
            case "choose the tab":
                desk.ClickTab(name);
                break;
            case "you see":
                desk.See(name);
                break;
            case "open":
                desk.Click(() => desk.One("link", name, exact: false));
                break;
            case "press the second":
                desk.Click(() => desk.Until(() => Titled(desk, name).ElementAtOrDefault(1), $"a second “{name}”")!);
                break;
            case "press":
                desk.Click(() => desk.Until(() => Titled(desk, name).FirstOrDefault(), $"“{name}” to press")!);
                break;
            default:
                throw new InvalidOperationException($"The guide says “{verb}”, and nobody knows how that is done.");
        }
    }

    /// <summary>What can be pressed, by its words; where each row has one, its whole name says of what it is.</summary>
    private static List<OpenQA.Selenium.IWebElement> Titled(Browser desk, string name)
    {
        string[] roles = ["button", "link", "menuitem"];
        var exact = roles.SelectMany(role => desk.All(role, name));
        return
        [
            .. exact.Concat(roles.SelectMany(role => desk.All(role, $"{name}: ", exact: false))).Where(e => e.Enabled),
        ];
    }

    /// <summary>
    /// What can be read on a screen, or is read out: texts, names, what stands in empty fields, what can be chosen.
    /// </summary>
    private static string OnScreen(Browser desk) =>
        (string)
            desk.Run(
                """
                return [document.body.innerText, document.title,
                  ...[...document.querySelectorAll('[aria-label]')].map((e) => e.ariaLabel),
                  ...[...document.querySelectorAll('[placeholder]')].map((e) => e.placeholder),
                  ...[...document.querySelectorAll('option')].map((e) => e.text),
                  ...[...document.querySelectorAll('summary')].map((e) => e.innerText),
                ].join('\n').replace(/[\s\u00a0]+/g, ' ')
                """
            )!;

    /// <summary>Where a page looks: a path, or something of the demo by its name.</summary>
    private string Address(string look)
    {
        if (look.StartsWith('/'))
            return look;
        var named = Named.Match(look);
        var (sort, name, station) = (
            named.Groups["sort"].Value,
            named.Groups["name"].Value,
            named.Groups["station"].Value
        );
        var (list, field) =
            sort == "brief" ? ("briefs", "title")
            : sort == "day" ? ("days", "name")
            : ("rallies", "name");
        using var http = new HttpClient { BaseAddress = new Uri(demo.Address) };
        var all = JsonElement.Parse(http.GetStringAsync($"/api/{list}", TestContext.Current.CancellationToken).Result);
        return $"/{list}/"
            + all.EnumerateArray().First(a => a.GetProperty(field).GetString() == name).GetProperty("id").GetString()
            + $"{(station.Length > 0 ? $"/{station}" : "")}";
    }

    private static readonly Regex StepOrPicture = new(
        @"^\d+\. .*$|\]\((?<picture>pictures/[^)]+)\)",
        RegexOptions.Multiline
    );

    private static readonly Regex Action = new(
        @"(?<verb>type) `(?<text>[^`]+)` into \*\*(?<name>[^*]+)\*\*"
            + @"|(?<verb>choose) `(?<text>[^`]+)` in \*\*(?<name>[^*]+)\*\*"
            + @"|(?<verb>choose the tab|press the second|press|open|you see) \*\*(?<name>[^*]+)\*\*",
        RegexOptions.IgnoreCase
    );

    private static readonly Regex LookStepOrBold = new(
        @"<!-- look:(?<look>[^>]+?)-->|^(?<step>\d+\. .*)$|\*\*(?<bold>[^*]+)\*\*",
        RegexOptions.Multiline
    );

    private static readonly Regex LookOrPicture = new(@"<!-- look:(?<look>[^>]+?)-->|\]\((?<picture>pictures/[^)]+)\)");

    private static readonly Regex Named = new("(?<sort>brief|rally|day) \"(?<name>[^\"]+)\" ?(?<station>[\\w?=]*)");
}
