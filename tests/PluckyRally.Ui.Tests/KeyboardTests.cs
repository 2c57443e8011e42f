using OpenQA.Selenium.Interactions;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// Pages without a mouse: Tab reaches every control and leaves the page again, the focus is seen wherever it is
/// (WCAG 2.2, 2.1.1, 2.1.2, 2.4.7 and 2.4.11), and it is not lost when what had it goes.
/// </summary>
public sealed class KeyboardTests(DemoServer demo, WorkingServer working) : ScreenTest
{
    [Fact]
    public void Tab_reaches_every_control_and_its_ring_is_seen()
    {
        var window = OpenWindow(demo.Address);
        foreach (var (path, says) in new[] { ("/", "Coming up"), ("/school", "Add a term"), ("/cupboard", "To buy") })
        {
            window.Open(path);
            window.See(says);
            Walk(window);
        }

        window.Open("/");
        window.ClickButton("Continue scoring");
        window.See("Must-haves");
        Walk(window);
        var rally = window.Place[..window.Place.LastIndexOf("/score", StringComparison.Ordinal)];
        foreach (
            var (station, says) in new[]
            {
                ("brief", "Your goal"),
                ("kit", "Team by team"),
                ("teams", "Lugworms"),
                ("run", "ring at warnings"),
                ("results", "Why: "),
                ("debrief", "What each team learned"),
            }
        )
        {
            window.Open($"{rally}/{station}");
            window.See(says);
            Walk(window);
        }
    }

    [Fact]
    [Trait("run", "short")]
    public void The_first_tab_leads_past_the_bar_and_a_new_page_is_read_out()
    {
        var window = OpenWindow(demo.Address);
        window.Open("/cupboard");
        window.See("To buy");
        Press(window, Keys.Tab + Keys.Tab + Keys.Enter);
        window.Until(() => Focused(window).Text == "In the cupboard", "the keyboard to be at the first part");
        // What is read out stands for a moment only; a busy machine asks too late for it.
        window.Driver.ExecuteScript(
            "window.readOut = []; const said = document.querySelector('[role=status]');"
                + "new MutationObserver(() => window.readOut.push(said.textContent.trim()))"
                + ".observe(said, { childList: true, characterData: true, subtree: true })"
        );
        window.ClickLink("Classes");
        window.Until(
            () => ((IEnumerable<object>)window.Driver.ExecuteScript("return window.readOut")!).Contains("Classes"),
            "the page to be read out"
        );
    }

    [Fact]
    public async Task A_line_that_is_removed_hands_the_keyboard_on_and_single_keys_can_be_switched_off()
    {
        var (window, _) = await BeginToJudge(working, "Bucket chain to the boathouse");
        Press(window, "?");
        window.See("Keys on this screen");
        window.Click(() => window.Driver.FindElement(By.CssSelector("label.switch")));
        Press(window, Keys.Escape);
        window.SeeNot("Keys on this screen");
        Press(window, "?");
        Press(window, Keys.Alt + "?" + Keys.Null);
        window.See("Keys on this screen");
        window.Click(() => window.Driver.FindElement(By.CssSelector("label.switch")));
        Press(window, Keys.Escape);
        window.SeeNot("Keys on this screen");

        window.Open("/school");
        window.ClickButton("Add a term");
        window.ClickButton("Add a term");
        var last = window.Driver.FindElements(By.CssSelector("button[aria-label^='Remove: term']"))[^1];
        last.SendKeys(Keys.Enter);
        window.Until(() => Focused(window).TagName != "body", "the keyboard to be handed on");
    }

    private static IWebElement Focused(Browser window) => window.Driver.SwitchTo().ActiveElement();

    private static void Press(Browser window, string keys) => Focused(window).SendKeys(keys);

    /// <summary>Presses Tab until it has been everywhere, and says what it missed or where it was not seen.</summary>
    private static void Walk(Browser window)
    {
        var trouble = Around(window);
        // What came while it went round is met in another round.
        if (trouble.Count > 0)
        {
            window.Run("document.querySelectorAll('[data-met]').forEach((e) => delete e.dataset.met)");
            trouble = Around(window);
        }

        trouble.Take(8).ShouldBeEmpty($"at {window.Place}");
    }

    private static List<string> Around(Browser window)
    {
        var controls = (long)window.Run(Controls + "; return controls.length")!;
        controls.ShouldBeGreaterThan(4);
        var trouble = new List<string>();
        // What scrolls by itself is a stop too; whoever is back at the first one has been everywhere.
        for (var i = 0; i < controls * 2; i++)
        {
            // Not sent to the element itself: a field for files would take it for a file's name.
            new Actions(window.Driver).SendKeys(Keys.Tab).Perform();
            if (window.Run(Arrived) is not string said)
                continue;
            if (said == "again")
                break;
            trouble.Add(said);
        }

        trouble.AddRange(
            ((IEnumerable<object>)window.Run(Controls + "; return controls.filter(missed).map(called)")!).Cast<string>()
        );
        return trouble;
    }

    /// <summary>What Tab stops at: of radio buttons of one name only one, of what is folded away nothing.</summary>
    private const string Controls = """
        const called = (e) => `${e.tagName}.${e.className} ${e.ariaLabel ?? e.innerText ?? ''}`.slice(0, 80)
        const shown = (e) => e.checkVisibility({ visibilityProperty: true }) && e.getClientRects().length > 0
        const of = 'a[href], button, input:not([type=hidden]), select, textarea, summary, [tabindex]'
        const controls = [...document.querySelectorAll(of)]
          .filter((e) => e.tabIndex >= 0 && !e.disabled && shown(e) && !e.closest('[inert]'))
        const missed = (e) => !e.dataset.met
          && !(e.type === 'radio' && controls.some((o) => o.type === 'radio' && o.name === e.name && o.dataset.met))
        """;

    private const string Arrived = """
        const at = document.activeElement
        if (!at || at === document.body) return null
        if (at.dataset.met) return 'again'
        at.dataset.met = 'yes'
        const style = getComputedStyle(at)
        const ring = (s) => (s.outlineStyle !== 'none' && parseFloat(s.outlineWidth) > 0) || s.boxShadow !== 'none'
        const around = [at, at.parentElement, at.closest('label, .p-select, .p-toggleswitch, .p-autocomplete')]
        const called = `${at.tagName}.${at.className} ${at.ariaLabel ?? at.innerText ?? ''}`.slice(0, 80)
        const neighbor = at.nextElementSibling ?? at.parentElement
        if (!around.some((e) => e && ring(getComputedStyle(e))) && !ring(getComputedStyle(neighbor)))
          return `no ring: ${called}`
        const r = at.getBoundingClientRect()
        const points = [[0.5, 0.5], [0.1, 0.5], [0.9, 0.5], [0.5, 0.1], [0.5, 0.9]]
        const seen = points.some(([x, y]) => {
          const top = document.elementFromPoint(r.left + r.width * x, r.top + r.height * y)
          return top && (at.contains(top) || top.contains(at) || at.closest('label, .p-toggleswitch')?.contains(top))
        })
        return seen ? null : `covered: ${called}`
        """;
}
