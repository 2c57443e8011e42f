using OpenQA.Selenium.Chrome;
using OpenQA.Selenium.Support.UI;

namespace PluckyRally.Ui.Tests;

/// <summary>A window of headless Chromium, used as a person would: things are found by their role and name.</summary>
public sealed partial class Browser : IDisposable
{
    private static readonly TimeSpan Patience = TimeSpan.FromSeconds(60);

    // The name as assistive technology hears it, as far as these screens need it: aria-label, labels, text.
    private const string FindByName = """
        const [role, name, exact] = arguments
        const selectors = {
          radio: 'input[type=radio]', tab: '[role=tab]', link: 'a[href]',
          button: 'button, [role=button], input[type=submit]',
          heading: 'h1, h2, h3, h4',
          menuitem: '[role=menuitem]',
          field: 'input:not([type=hidden]):not([type=file]), textarea, select, [role=combobox]:not(input)',
          row: 'tbody tr, tfoot tr',
          group: '[role=group]', alert: '[role=alert]', status: '[role=status]', dialog: '[role=dialog]', item: 'li',
        }
        const hidden = (n) => n.nodeType !== 1 || n.getAttribute('aria-hidden') === 'true'
        const words = (n) => n.nodeType === 3 ? n.data : hidden(n) ? '' : [...n.childNodes].map(words).join(' ')
        const text = (e) => words(e).replace(/\s+/g, ' ').replaceAll(' ,', ',').trim()
        const nameOf = (e) => e.getAttribute('aria-label')
          ?? (e.getAttribute('aria-labelledby')
            ? text(document.getElementById(e.getAttribute('aria-labelledby'))) : null)
          ?? (e.labels && e.labels.length ? text(e.labels[0]) : null) ?? text(e)
        return [...document.querySelectorAll(selectors[role])].filter((e) => {
          const n = nameOf(e)
          return (exact ? n === name : n.includes(name)) && e.checkVisibility()
        })
        """;

    private readonly ChromeDriver _driver;
    private readonly NetworkLine _line;
    private readonly List<string> _scripts = [];

    public Browser()
    {
        // The build of Chromium without a window of its own: the same engine for a sixth less of the processor. It
        // comes up only in a profile that the driver makes for it.
        var options = new ChromeOptions { BinaryLocation = "/usr/lib/chromium/chromium-headless-shell" };
        // What a person at this window would not miss is left out, since it takes a third of the processor.
        options.AddArguments(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-dev-shm-usage",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            // A page of a test does not live long enough to win back what compiling it well would cost.
            "--js-flags=--no-turbofan --no-maglev",
            "--disable-extensions",
            $"--host-resolver-rules=MAP {Classroom} 127.0.0.1",
            "--no-first-run",
            "--hide-scrollbars",
            "--force-prefers-reduced-motion",
            "--disable-features=BackForwardCache,SpareRendererForSitePerProcess,Translate,OptimizationHints,"
                + "MediaRouter"
        );
        options.SetLoggingPreference(LogType.Browser, LogLevel.All);
        _driver = new ChromeDriver(
            ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver"),
            options,
            TimeSpan.FromSeconds(60)
        );
        _line = new(_driver);
    }

    /// <summary>
    /// This computer's name in a classroom's network. What is served under it is no secure context, as over a plain
    /// line in a classroom.
    /// </summary>
    public static string Classroom => $"{Environment.MachineName}.local".ToLowerInvariant();

    public ChromeDriver Driver => _driver;

    /// <summary>The server that it looks at.</summary>
    public required string Address { get; set; }

    public string Place => new Uri(_driver.Url).PathAndQuery;

    /// <summary>Makes the page itself this large, whatever the window's frame takes.</summary>
    public void Resize(int width, int height) =>
        _driver.ExecuteCdpCommand(
            "Emulation.setDeviceMetricsOverride",
            new()
            {
                ["width"] = width,
                ["height"] = height,
                ["deviceScaleFactor"] = 1,
                ["mobile"] = false,
            }
        );

    /// <summary>Gives the window the line that the run asks for.</summary>
    public void TakeLine() => _line.Take();

    /// <summary>
    /// Takes the window's connection away, or gives it back. What was pressed before is sent first: a page shows it at
    /// once, so that otherwise it would be chance how much waits.
    /// </summary>
    public void Offline(bool offline)
    {
        if (offline)
            Until(
                () => _driver.FindElements(By.CssSelector(".waiting.if-it-lasts")).Count == 0,
                "what was pressed to be sent"
            );
        _line.Cut(offline);
    }

    /// <summary>
    /// As a cheap tablet at the far end of a school's network: for measures, until the window is closed.
    /// </summary>
    public void Slow()
    {
        _driver.ExecuteCdpCommand("Emulation.setCPUThrottlingRate", new() { ["rate"] = 4 });
        _line.Slow();
    }

    /// <summary>Throws away the files that earlier tests have left in this window's cache.</summary>
    public void ForgetFiles() => _driver.ExecuteCdpCommand("Network.clearBrowserCache", []);

    /// <summary>Runs a script in every page before the page's own.</summary>
    public void BeforeEachPage(string script)
    {
        var added =
            (Dictionary<string, object>)
                _driver.ExecuteCdpCommand("Page.addScriptToEvaluateOnNewDocument", new() { ["source"] = script })!;
        _scripts.Add((string)added["identifier"]);
    }

    /// <summary>Does in the page what no touch can bring about, and gives back what came of it.</summary>
    public object? Run(string script) => _driver.ExecuteScript(script);

    /// <summary>
    /// Leaves the page and forgets what it kept in this browser, so that the next test finds it as new. Only the
    /// program's own files stay, which are the same for all.
    /// </summary>
    public void Forget()
    {
        foreach (var script in _scripts)
            _driver.ExecuteCdpCommand("Page.removeScriptToEvaluateOnNewDocument", new() { ["identifier"] = script });
        _scripts.Clear();
        Offline(false);
        CloseOthers();
        Driver.Navigate().GoToUrl("about:blank");
        _driver.ExecuteCdpCommand(
            "Storage.clearDataForOrigin",
            new() { ["origin"] = Address, ["storageTypes"] = "cookies,indexeddb,local_storage" }
        );
        _driver.ExecuteCdpCommand("Network.clearBrowserCookies", []);
        _driver.ExecuteCdpCommand("Emulation.setEmulatedMedia", new() { ["media"] = "" });
        Log();
    }

    /// <summary>Other windows of this browser would go on asking a server that has gone.</summary>
    private void CloseOthers()
    {
        var first = Driver.WindowHandles[0];
        foreach (var other in Driver.WindowHandles.Skip(1))
        {
            Driver.SwitchTo().Window(other);
            Driver.Close();
        }

        Driver.SwitchTo().Window(first);
    }

    public void Open(string path) => _driver.Navigate().GoToUrl(Address + path);

    public IWebElement Button(string name) => One("button", name);

    public IWebElement Link(string name) => One("link", name);

    public IWebElement Field(string name) => One("field", name);

    public IWebElement Heading(string name) => One("heading", name);

    public IWebElement Row(string text) => One("row", text, exact: false);

    public IWebElement Item(string text) => One("item", text, exact: false);

    public IReadOnlyList<IWebElement> All(string role, string name, bool exact = true) =>
        ((IEnumerable<object>?)_driver.ExecuteScript(FindByName, role, name, exact))?.Cast<IWebElement>().ToList()
        ?? [];

    /// <summary>Waits for the first thing of this role and name.</summary>
    public IWebElement One(string role, string name, bool exact = true) =>
        Until(
            () => Soon($"const all = () => {{ {FindByName} }}; return all()[0]", role, name, exact) as IWebElement,
            $"a {role} called “{name}”"
        )!;

    /// <summary>
    /// Clicks once it is there and nothing lies over it; what stands at the foot of the window is scrolled away from,
    /// as a person would.
    /// </summary>
    public void Click(Func<IWebElement> find) =>
        Until(
            () =>
            {
                IWebElement? found = null;
                try
                {
                    found = find();
                    found.Click();
                    return true;
                }
                catch (ElementClickInterceptedException)
                {
                    _driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", found);
                    return false;
                }
                catch (ElementNotInteractableException) when (found is not null)
                {
                    Touch(found);
                    return false;
                }
                catch (StaleElementReferenceException)
                {
                    return false;
                }
            },
            "something to click"
        );

    /// <summary>What opens only when its line is touched has to be, as by Tab.</summary>
    private void Touch(IWebElement element) => _driver.ExecuteScript("arguments[0].focus()", element);

    /// <summary>Whether a button that stays pressed is.</summary>
    public bool Pressed(string button) => Button(button).GetAttribute("aria-pressed") == "true";

    /// <summary>Joins with a code, as a judge's device does.</summary>
    public void Join(string code, string name)
    {
        Open("/join");
        Type("The rally’s code", code);
        Type("Your name", name);
        ClickButton("Join");
    }

    public void ClickButton(string name) => Click(() => Button(name));

    public void ClickTab(string name) => Click(() => One("tab", name, exact: false));

    public void ClickLink(string name) => Click(() => Link(name));

    /// <summary>Types into a field in place of what it holds.</summary>
    public void Type(string field, string text)
    {
        var element = Field(field);
        Touch(element);
        element.SendKeys(Keys.Control + "a");
        element.SendKeys(text.Length > 0 ? text : Keys.Delete);
    }

    /// <summary>Puts a text into a field in place of what it holds, as pasting does.</summary>
    public void Paste(string field, string text)
    {
        var element = Field(field);
        Touch(element);
        _driver.ExecuteScript(
            "arguments[0].select(); document.execCommand('insertText', false, arguments[1])",
            element,
            text
        );
    }

    public void Choose(string field, string option) => ChooseIn(() => Field(field), option);

    /// <summary>Does what stands in the menu of a row.</summary>
    public void ClickInMenu(string row, string action)
    {
        Click(() => One("button", $"More for {row}", exact: false));
        Click(() => One("menuitem", action));
    }

    /// <summary>Goes to a place that the bar on top has folded away.</summary>
    public void GoToPlace(string name)
    {
        ClickButton("More");
        ClickLink(name);
    }

    /// <summary>Chooses from a list, one of the browser's own or one that opens.</summary>
    public void ChooseIn(Func<IWebElement> list, string option)
    {
        var opens = list().GetAttribute("role") == "combobox";
        Click(() =>
            Until(
                () =>
                {
                    // A list that opens shuts again when the page moves beneath it, as it does when what was typed
                    // before is shown on the sheet.
                    if (opens && list().GetAttribute("aria-expanded") != "true")
                    {
                        // In the middle of the window, so that the driver need not scroll away from under its choices.
                        _driver.ExecuteScript("arguments[0].scrollIntoView({ block: 'center' })", list());
                        list().Click();
                    }
                    return (
                        opens
                            ? _driver.FindElements(By.CssSelector("[role=option]"))
                            : list().FindElements(By.TagName("option"))
                    ).FirstOrDefault(o => o.Text.Trim() == option);
                },
                $"the choice “{option}”"
            )!
        );
    }

    /// <summary>Waits until the page says this somewhere.</summary>
    public void See(string text) => Until(() => Says(text, true), $"the page to say “{text}”");

    public void SeeNot(string text) => Until(() => Says(text, false), $"“{text}” to go");

    /// <summary>What the page says, with spaces as they are read.</summary>
    public string Text =>
        (string)_driver.ExecuteScript("return document.body.innerText.replace(/[\\s\\u00a0]+/g, ' ')")!;

    /// <summary>Whether the page says this, or does not, now or within a second.</summary>
    private bool Says(string text, bool wanted) =>
        Soon(
            """
            const [text, wanted] = arguments
            const words = text.toLowerCase().split(' ')
            // What is shown is laid out first, which takes long; what is not there at all cannot be shown.
            const all = document.body.textContent.toLowerCase()
            const there = words.every((w) => all.includes(w))
            return (there && document.body.innerText.replace(/[\s\u00a0]+/g, ' ').includes(text)) === wanted
            """,
            text,
            wanted
        )
            is true;

    /// <summary>
    /// What this finds in the page, now or within a second; otherwise nothing. It is looked for when something in the
    /// page changes: asking the page from here again and again takes more than the page itself.
    /// </summary>
    private object? Soon(string find, params object[] arguments)
    {
        try
        {
            return _driver.ExecuteAsyncScript(
                $$"""
                const done = arguments[arguments.length - 1]
                const find = () => {
                  {{find}}
                }
                const now = find()
                if (now) return done(now)
                let soon = 0
                const end = (found) => {
                  watch.disconnect()
                  clearTimeout(soon)
                  clearTimeout(late)
                  done(found)
                }
                const look = () => {
                  soon = 0
                  const found = find()
                  if (found) end(found)
                }
                const watch = new MutationObserver(() => (soon ||= setTimeout(look, 30)))
                watch.observe(document, { subtree: true, childList: true, characterData: true, attributes: true })
                const late = setTimeout(() => end(find()), 1000)
                """,
                arguments
            );
        }
        catch (JavaScriptException)
        {
            // The page was left for another one meanwhile.
            return null;
        }
    }

    public T Until<T>(Func<T> condition, string what)
    {
        var wait = new WebDriverWait(_driver, Patience)
        {
            PollingInterval = TimeSpan.FromMilliseconds(50),
            Message = $"Waited in vain for {what}.",
        };
        wait.IgnoreExceptionTypes(typeof(StaleElementReferenceException));
        return wait.Until(_ => condition());
    }

    /// <summary>Waits until nothing on the page is moving.</summary>
    public void StandStill() =>
        Until(
            () =>
                (bool)_driver.ExecuteScript("return document.getAnimations().every((a) => a.playState !== 'running')")!,
            "the page to stand still"
        );

    public void Picture(string file) => _driver.GetScreenshot().SaveAsFile(file);

    public string Log() =>
        string.Join(
            "\n",
            _driver
                .Manage()
                .Logs.GetLog(LogType.Browser)
                .Select(l => $"{l.Timestamp:HH:mm:ss.fff} {l.Level} {l.Message}")
        );

    public void Dispose()
    {
        _driver.Quit();
        _driver.Dispose();
    }
}
