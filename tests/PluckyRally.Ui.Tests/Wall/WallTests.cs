using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;

namespace PluckyRally.Ui.Tests.Wall;

/// <summary>
/// The wall is read from eight meters: with few teams, many, and names of 60 letters nothing is small, nothing is cut,
/// and what does not fit comes on another page.
/// </summary>
public sealed class WallTests(EmptyServer server) : ScreenTest
{
    /// <summary>
    /// Letters that are smaller than 32 px, that a turning page cuts, or that stand outside the window.
    /// </summary>
    private const string Faults = """
        const faults = []
        const walker = document.createTreeWalker(document.querySelector('main'), NodeFilter.SHOW_TEXT)
        while (walker.nextNode()) {
          const node = walker.currentNode
          const of = node.parentElement
          if (!node.data.trim() || of.closest('.out-of-sight, caption')) continue
          // A pennant is a sign; its letters stand beside it as a name.
          if (of.closest('svg') && !of.closest('svg.plot')) continue
          const say = (fault) => faults.push(`${node.data.trim().slice(0, 30)}: ${fault}`)
          if (parseFloat(getComputedStyle(of).fontSize) < 32) say(getComputedStyle(of).fontSize)
          const range = document.createRange()
          range.selectNodeContents(node)
          const box = of.closest('.box')?.getBoundingClientRect()
          const flow = of.closest('.flow')
          for (const r of range.getClientRects()) {
            const within = box ?? { left: 0, top: 0, right: innerWidth, bottom: innerHeight, width: innerWidth }
            // A letter stands in its line; the box of its font is higher.
            const middle = (r.top + r.bottom) / 2
            const half = parseFloat(getComputedStyle(of).lineHeight) / 2 || (r.bottom - r.top) / 2
            if (middle - half < within.top - 2 || middle + half > within.bottom + 2)
              say(`cut at ${r.top} to ${r.bottom}, of ${within.top} to ${within.bottom}`)
            const step = flow ? box.width + parseFloat(getComputedStyle(flow).columnGap) : Infinity
            const from = flow ? ((r.left - flow.getBoundingClientRect().left + 2) % step) - 2 : r.left
            if (from < -2 || from + r.width > within.width + 2) say(`cut beside, from ${from}, ${r.width} wide`)
          }
        }
        if (document.documentElement.scrollHeight > innerHeight || document.documentElement.scrollWidth > innerWidth)
          faults.push('the page scrolls')
        return faults
        """;

    [Theory]
    [InlineData(4, false, 1280, 720)]
    [InlineData(12, true, 1280, 800)]
    [InlineData(40, false, 1280, 720)]
    [InlineData(40, true, 1920, 1080)]
    public async Task Nothing_is_small_and_nothing_is_cut(int teams, bool longNames, int width, int height)
    {
        using var http = new HttpClient { BaseAddress = new Uri(server.Address) };
        var rally = await Begin(http, teams, longNames);
        var wall = OpenWindow(server.Address, width, height);
        wall.Open($"/rallies/{rally}/wall");
        wall.See("Fold a ferry");
        Holds("waiting");
        await Touch("""{ "does": "begin", "phase": "build" }""", "Build to your plan.");
        wall.See("Nobody touches the ferry while it is being loaded");
        wall.See("School policy, local rules and trained staff come first.");
        Holds("building");
        await Touch("""{ "does": "begin", "phase": "test" }""", "Watch each test.");
        wall.See("Next: ");
        Holds("testing");
        for (var t = 1; t < teams; t++)
            await Send(
                "entries",
                $$"""
                { "kind": "trialRecorded", "id": "{{Guid.CreateVersion7()}}", "team": "t{{t}}", "outcome": "counted",
                  "readings": [{ "measure": "cargo", "typed": "{{10 + t}}", "sure": true }] }
                """
            );
        await Touch("""{ "does": "show", "shows": "board", "number": 1 }""", "1 team has no place yet");
        Holds("the first place revealed");
        await Touch($$"""{ "does": "show", "shows": "board", "number": {{teams}} }""", $"Team {teams}");
        wall.SeeNot("no place yet");
        Holds("all places revealed");
        await Touch(
            """{ "does": "show", "shows": "gallery", "gallery": { "figure": "cargo", "names": true } }""",
            $"{9 + teams} beads"
        );
        Holds("the gallery");
        await Touch(
            """
            { "does": "show", "shows": "plot", "plot": { "see": "oneFigure", "figure": "cargo", "other": "",
              "sort": "orderedBars", "title": "Cargo", "names": true } }
            """,
            "Range: "
        );
        wall.Until(() => wall.Run("return document.querySelectorAll('svg.plot').length > 0") is true, "the picture");
        Holds("a picture");
        foreach (var answer in new[] { "Flat ones", "Wide ones that spread their load over the water", "The long one" })
            await Send(
                "entries",
                $$"""
                { "kind": "answerGiven", "id": "{{Guid.CreateVersion7()}}", "team": "t1", "question": 1,
                  "text": "{{answer}}" }
                """
            );
        await Touch(
            """
            { "does": "show", "shows": "question", "number": 1, "plot": { "see": "oneFigure", "figure": "cargo",
              "other": "", "sort": "orderedBars", "title": "Cargo", "names": true } }
            """,
            "Flat ones"
        );
        wall.Until(() => wall.Run("return document.querySelectorAll('svg.plot').length > 0") is true, "the picture");
        Holds("a question");

        async Task Touch(string body, string seen)
        {
            await Send("clock", body);
            wall.See(seen);
        }

        async Task Send(string path, string body)
        {
            using var content = new StringContent(body, System.Text.Encoding.UTF8, "application/json");
            using var sent = await http.PostAsync(
                $"/api/rallies/{rally}/{path}",
                content,
                TestContext.Current.CancellationToken
            );
            sent.EnsureSuccessStatusCode();
        }

        void Holds(string state) =>
            ((IReadOnlyCollection<object>)wall.Run(Faults)!).ShouldBeEmpty($"{state}, {width} by {height}");
    }

    private static async Task<string> Begin(HttpClient http, int teams, bool longNames)
    {
        var brief = JsonNode.Parse(
            await File.ReadAllTextAsync(
                Path.Combine(ProjectFolder.Root, "demo", "foil-ferry.brief.json"),
                TestContext.Current.CancellationToken
            )
        )!;
        brief["trials"]!["attempts"] = 1;
        // What is looked at before a test would have to be looked at 40 times.
        foreach (var rule in brief["rules"]!.AsArray())
            rule!["when"] = "everyAttempt";
        foreach (var rule in brief["rules"]!.AsArray())
            rule!["ifMissed"] = JsonNode.Parse("""{ "kind": "attemptDoesNotCount" }""");
        brief["method"] = JsonNode.Parse(
            """
            { "parts": [{ "kind": "measured", "id": "carried", "name": "Cargo", "value": "cargo", "better": "more",
              "combine": "best", "curve": { "kind": "rate", "perUnit": 0.5, "start": 0 } }] }
            """
        );
        var shelved = await Posted("/api/briefs", brief);
        return await Posted(
            "/api/rallies",
            new
            {
                brief = shelved,
                name = $"Wall of {teams}",
                teams = Enumerable
                    .Range(1, teams)
                    .Select(i => new { name = longNames ? $"Team {i} {new string('w', 53)}"[..60] : $"Team {i}" }),
            }
        );

        async Task<string> Posted(string path, object body)
        {
            using var sent = await http.PostAsJsonAsync(path, body, TestContext.Current.CancellationToken);
            sent.EnsureSuccessStatusCode();
            return (await sent.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
                .GetProperty("id")
                .GetString()!;
        }
    }
}
