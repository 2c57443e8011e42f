using System.Diagnostics;
using System.Net.Http.Json;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests;

/// <summary>
/// Measures what docs/performance.md quotes. Run by ./test measures; nothing here is asserted, since times depend on
/// the machine.
/// </summary>
public sealed class Measures(ITestOutputHelper output) : ScreenTest
{
    [Fact(Explicit = true)]
    public async Task Recorded_to_seen_in_another_window()
    {
        using var server = new RunningServer(demo: false, measured: true);
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var rally = await Begin(http);
        var other = OpenWindow(server.Address);
        other.Open($"/rallies/{rally}/score/t1");
        other.See("Attempt 1 of 100");
        var seen = new List<double>();
        var answered = new List<double>();
        for (var i = 1; i <= 60; i++)
        {
            var script = (IJavaScriptExecutor)other.Driver;
            script.ExecuteScript(
                """
                window.seenAt = new Promise((done) => {
                  const look = () => {
                    if (!document.body.innerText.includes(arguments[0])) return
                    watch.disconnect()
                    requestAnimationFrame(() => done(Date.now()))
                  }
                  const watch = new MutationObserver(look)
                  watch.observe(document.body, { subtree: true, childList: true, characterData: true })
                })
                """,
                $"Attempt {i + 1} of 100"
            );
            var entry = $$"""
                { "kind": "trialRecorded", "id": "{{Guid.CreateVersion7()}}", "team": "t1",
                "outcome": "counted", "readings": [{ "measure": "cargo", "typed": "{{100 + i}}",
                "sure": true }] }
                """;
            var start = DateTimeOffset.UtcNow;
            var watch = Stopwatch.StartNew();
            (
                await http.PostAsync(
                    $"/api/rallies/{rally}/entries",
                    new StringContent(entry, Encoding.UTF8, "application/json"),
                    TestContext.Current.CancellationToken
                )
            ).EnsureSuccessStatusCode();
            answered.Add(watch.Elapsed.TotalMilliseconds);
            var at = (long)
                script.ExecuteAsyncScript("const done = arguments[arguments.length - 1]; window.seenAt.then(done)")!;
            seen.Add(at - start.ToUnixTimeMilliseconds());
        }

        Say("entry sent to painted in the other window", seen);
        Say("yardstick: entry sent to answered", answered);
    }

    /// <summary>When each second of the clock is painted in two windows, by the same computer's time.</summary>
    [Fact(Explicit = true)]
    public async Task Clocks_of_two_screens()
    {
        using var server = new RunningServer(demo: true, measured: true);
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.Click(() => desk.One("link", "Open: Class 4, Lantern term", exact: false));
        desk.See("Team by team");
        var run = desk.Place.Split("/kit")[0] + "/run";
        desk.Open(run);
        desk.ClickButton("Jump here: Build");
        var wall = OpenWindow(server.Address);
        wall.Open(run.Replace("/run", "/wall", StringComparison.Ordinal));
        wall.See("Build to your plan.");
        const string Watch = """
            window.ticks = {}
            const tick = () => { window.ticks[document.querySelector('[role=timer]').innerText.trim()] ??= Date.now() }
            new MutationObserver(tick).observe(document.body, { subtree: true, childList: true, characterData: true })
            """;
        foreach (var window in new[] { desk, wall })
            ((IJavaScriptExecutor)window.Driver).ExecuteScript(Watch);
        await Task.Delay(TimeSpan.FromSeconds(30), TestContext.Current.CancellationToken);
        var (one, other) = (Ticks(desk), Ticks(wall));
        Say(
            "the same second in two windows, apart",
            [.. one.Keys.Intersect(other.Keys).Order().Skip(1).Select(t => (double)Math.Abs(one[t] - other[t]))]
        );

        static Dictionary<string, long> Ticks(Browser window) =>
            (
                (Dictionary<string, object>)((IJavaScriptExecutor)window.Driver).ExecuteScript("return window.ticks")!
            ).ToDictionary(t => t.Key, t => (long)t.Value);
    }

    /// <summary>
    /// The largest brief of the demo; from sending to the answer being read in the browser, as the page does it.
    /// </summary>
    [Fact(Explicit = true)]
    public void Snags_and_pretend_results()
    {
        using var server = new RunningServer(demo: true, measured: true);
        var desk = OpenWindow(server.Address);
        desk.Open("/");
        desk.ClickLink("Bridge to the drying racks");
        desk.See("Ready to run.");
        var times =
            (IEnumerable<object>)
                ((IJavaScriptExecutor)desk.Driver).ExecuteAsyncScript(
                    """
                    const done = arguments[arguments.length - 1]
                    ;(async () => {
                      const id = location.pathname.split('/').pop()
                      const opened = await fetch(`/api/briefs/${id}`)
                      const brief = await opened.json()
                      let etag = opened.headers.get('ETag')
                      const headers = { 'Content-Type': 'application/json' }
                    const kinds = { save: [], tryout: [], yardstick: [] }
                      for (let i = 0; i < 40; i++) {
                        brief.goal = `Goal ${i}`
                        let start = performance.now()
                        const held = { ...headers, 'If-Match': etag }
                    const put = { method: 'PUT', headers: held, body: JSON.stringify(brief) }
                    const saved = await fetch(`/api/briefs/${id}`, put)
                        await saved.json()
                        kinds.save.push(performance.now() - start)
                        etag = saved.headers.get('ETag')
                        start = performance.now()
                        const teams = [{ name: 'A', values: { load: 300 + i } }, { name: 'B' }, { name: 'C' }]
                    const body = JSON.stringify({ brief, tier: '', teams })
                    await (await fetch('/api/drafts/tryout', { method: 'POST', headers, body })).json()
                        kinds.tryout.push(performance.now() - start)
                        start = performance.now()
                        await (await fetch('/api/choices')).json()
                        kinds.yardstick.push(performance.now() - start)
                      }
                      done([kinds.save, kinds.tryout, kinds.yardstick])
                    })()
                    """
                )!;
        var kinds = times.Select(k => ((IEnumerable<object>)k).Select(Convert.ToDouble).ToList()).ToList();
        Say("a brief saved, with its snags", kinds[0]);
        Say("three pretend teams scored, with curves and reasons", kinds[1]);
        Say("yardstick: the list of choices, always the same", kinds[2]);
    }

    [Fact(Explicit = true)]
    public async Task Start_to_first_page()
    {
        var starts = new List<double>();
        for (var i = 0; i < 7; i++)
        {
            var watch = Stopwatch.StartNew();
            using var server = new RunningServer(demo: false, measured: true);
            using var http = new HttpClient();
            await http.GetStringAsync(server.Address, TestContext.Current.CancellationToken);
            starts.Add(watch.Elapsed.TotalMilliseconds);
        }

        var bare = new List<double>();
        for (var i = 0; i < 7; i++)
        {
            var watch = Stopwatch.StartNew();
            using var process = Process.Start(
                new ProcessStartInfo(
                    "dotnet",
                    [Path.Combine(AppContext.BaseDirectory, "PluckyRally.Web.dll"), "--port", "none"]
                )
                {
                    RedirectStandardError = true,
                }
            )!;
            await process.WaitForExitAsync(TestContext.Current.CancellationToken);
            bare.Add(watch.Elapsed.TotalMilliseconds);
        }

        Say("server's start to its first page, with a new data file", starts);
        Say("yardstick: the same program refusing its first argument", bare);
    }

    /// <summary>
    /// First visits on a slow line with a slow device: the processor four times slower, 1.6 Mbit/s, 150 ms, nothing
    /// kept. When something is painted, and when the page can be used; how much is fetched, in how many requests.
    /// </summary>
    [Fact(Explicit = true)]
    public async Task First_visits()
    {
        using var server = new RunningServer(demo: true, measured: true);
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var rally = await IdOf(http, "/api/rallies", "name", "Class 5, today");
        foreach (
            var (name, path, says) in new[]
            {
                ("Home", "/", "Continue scoring"),
                ("Brief", $"/rallies/{rally}/brief", "Your goal"),
                ("Score", $"/rallies/{rally}/score", "Must-haves"),
                ("Results", $"/rallies/{rally}/results", "Why: "),
                ("Wall", $"/rallies/{rally}/wall", "Watch each test."),
            }
        )
        {
            var (painted, usable, asked) = (new List<double>(), new List<double>(), "");
            for (var i = 0; i < 5; i++)
            {
                using var window = new Browser { Address = server.Address };
                window.Resize(1280, 800);
                window.Slow();
                window.BeforeEachPage(
                    $$"""
                    new MutationObserver((_, watch) => {
                      if (!document.body?.innerText.includes({{JsonSerializer.Serialize(says)}})) return
                      watch.disconnect()
                      requestAnimationFrame(() => (window.usableAt = performance.now()))
                    }).observe(document, { subtree: true, childList: true, characterData: true })
                    """
                );
                window.Open(path);
                window.Until(() => window.Run("return window.usableAt") is not null, says);
                var seen = (
                    (IEnumerable<object>)
                        window.Run(
                            """
                            const files = performance.getEntriesByType('resource')
                            const kB = [...files, ...performance.getEntriesByType('navigation')]
                              .reduce((sum, f) => sum + f.transferSize, 0) / 1000
                            const paint = performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? 0
                            return [paint, window.usableAt, files.length + 1, kB]
                            """
                        )!
                ).Select(Convert.ToDouble).ToList();
                painted.Add(seen[0]);
                usable.Add(seen[1]);
                asked = $"{seen[2]:0} requests, {seen[3]:0} kB";
            }

            Say($"{name}, first painted", painted);
            Say($"{name}, {asked}, usable", usable);
        }
    }

    /// <summary>From a press to the next picture of the page, as browsers time it (Event Timing API).</summary>
    [Fact(Explicit = true)]
    public async Task Next_teams_and_tabs()
    {
        using var server = new RunningServer(demo: true, measured: true);
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var rally = await IdOf(http, "/api/rallies", "name", "Class 5, today");
        var brief = await IdOf(http, "/api/briefs", "title", "Foil ferry across the Kelp Channel");
        using var window = new Browser { Address = server.Address };
        window.Resize(1280, 800);
        window.Slow();
        window.BeforeEachPage(
            """
            window.presses = []
            addEventListener(
              'click',
              (press) => {
                const seen = () => window.presses.push(performance.now() - press.timeStamp)
                requestAnimationFrame(() => setTimeout(seen))
              },
              true,
            )
            """
        );
        window.Open($"/rallies/{rally}/score");
        window.See("Recorded");
        Say("Next team", Pressed(20, _ => window.ClickButton("Next team")));
        window.Open($"/rallies/{rally}/results");
        window.See("Why: ");
        string[] sections = ["Numbers", "Standings"];
        Pressed(2, i => window.ClickLink(sections[i % 2]));
        Say("A section of Results that was open before", Pressed(20, i => window.ClickLink(sections[i % 2])));
        window.Open($"/briefs/{brief}");
        window.See("Your goal");
        string[] panels = ["Measures", "Tiers", "Time"];
        Pressed(3, i => window.ClickTab(panels[i % 3]));
        Say("A panel beside a brief that was open before", Pressed(21, i => window.ClickTab(panels[i % 3])));

        List<double> Pressed(int times, Action<int> press)
        {
            var took = new List<double>();
            for (var i = 0; i < times; i++)
            {
                window.Run("window.presses.length = 0");
                press(i);
                window.Until(() => window.Run("return window.presses.length > 0") is true, "the press to be timed");
                took.Add(Convert.ToDouble(window.Run("return Math.max(...window.presses)")));
            }

            return took;
        }
    }

    private static async Task<string> IdOf(HttpClient http, string list, string field, string called)
    {
        var all = await http.GetFromJsonAsync<JsonElement>(list, TestContext.Current.CancellationToken);
        return all.EnumerateArray()
            .Single(o => o.GetProperty(field).GetString() == called)
            .GetProperty("id")
            .GetString()!;
    }

    private static async Task<string> Begin(HttpClient http)
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "foil-ferry.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        brief["trials"]!["attempts"] = 100;
        var added = await (
            await http.PostAsJsonAsync("/api/briefs", brief, TestContext.Current.CancellationToken)
        ).Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken);
        var teams = Enumerable.Range(1, 10).Select(i => new { name = $"Team {i}" });
        var begun = await http.PostAsJsonAsync(
            "/api/rallies",
            new
            {
                brief = added.GetProperty("id").GetGuid(),
                name = "A class",
                teams,
            },
            TestContext.Current.CancellationToken
        );
        return (await begun.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
            .GetProperty("id")
            .GetString()!;
    }

    private void Say(string what, List<double> milliseconds)
    {
        milliseconds.Sort();
        output.WriteLine(
            $"{what}: median {milliseconds[milliseconds.Count / 2]:0} ms, {milliseconds[0]:0} to "
                + $"{milliseconds[^1]:0} ms, {milliseconds.Count} times"
        );
    }
}
