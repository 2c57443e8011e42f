namespace PluckyRally.Ui.Tests;

/// <summary>
/// What the server names with a page is what that page takes: the browser fetches nothing for nobody, and nothing
/// twice.
/// </summary>
public sealed class FirstFilesTests(DemoServer demo) : ScreenTest
{
    [Fact]
    [Trait("run", "short")]
    public void What_is_named_with_a_page_is_taken_by_it()
    {
        var window = OpenWindow(demo.Address);
        window.BeforeEachPage(
            """
            window.asked = []
            const fetched = window.fetch
            window.fetch = (what, how) => {
              window.asked.push(new URL(what.url ?? what, location.href).href)
              return fetched(what, how)
            }
            """
        );
        window.Open("/");
        window.ClickButton("Continue scoring");
        window.See("Must-haves");
        var rally = window.Place.Split("/score")[0];
        foreach (
            var (path, says) in new[]
            {
                ("/", "The year"),
                ($"{rally}/brief", "Your goal"),
                ($"{rally}/kit", "Team by team"),
                ($"{rally}/teams", "Plovers"),
                ($"{rally}/run", "Phases"),
                ($"{rally}/score", "Must-haves"),
                ($"{rally}/results", "Why: "),
                ($"{rally}/debrief", "The talk"),
                ($"{rally}/wall", "Watch each test."),
            }
        )
        {
            window.Open(path);
            window.See(says);
            var named = Lines(window, NamedAt(path));
            named.ShouldNotBeEmpty(path);
            window.Until(() => !named.Except(Lines(window, Asked)).Any(), $"{path} to ask for all that was named");
            var (fetched, asked) = (Lines(window, Fetched), Lines(window, Asked));
            named.ShouldAllBe(
                n => fetched.Count(f => f == n) <= asked.Count(a => a == n),
                $"{path} takes what has come"
            );
        }
    }

    /// <summary>What the Link header of a page says that it will ask.</summary>
    private static string NamedAt(string path) =>
        $$"""
            const page = new XMLHttpRequest()
            page.open('GET', '{{path}}', false)
            page.send()
            return [...page.getResponseHeader('Link').matchAll(/<([^>]+)>; rel=preload/g)]
              .map((l) => new URL(l[1], location.href).href)
            """;

    /// <summary>The addresses that the page asked, each time that it did.</summary>
    private const string Asked = "return window.asked";

    /// <summary>The addresses that the browser fetched, each time that it did.</summary>
    private const string Fetched = "return performance.getEntriesByType('resource').map((e) => e.name)";

    private static IReadOnlyList<string> Lines(Browser window, string script) =>
        [.. ((IEnumerable<object>)window.Run(script)!).Cast<string>()];
}
