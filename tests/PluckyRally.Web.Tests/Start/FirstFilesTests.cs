namespace PluckyRally.Web.Tests.Start;

/// <summary>
/// With a page comes word of what it takes first (RFC 8288; “preload” and “modulepreload” of the HTML standard).
/// </summary>
public sealed class FirstFilesTests : IDisposable
{
    private const string Pages = """
        [
          { "path": "/", "files": ["/assets/home.js"], "asks": ["/api/rallies"] },
          {
            "path": "/rallies/{rally}/score/{team?}",
            "files": ["/assets/frame.js", "/assets/score.js"],
            "asks": ["/api/rallies/{rally}/score?round=1&team={team}"]
          }
        ]
        """;

    private readonly string _folder = Directory.CreateTempSubdirectory("plucky-rally-").FullName;

    [Fact]
    public async Task A_page_comes_with_the_names_of_its_files_and_of_what_it_asks()
    {
        using var app = Serve(Pages);
        (await Links(app, "/")).ShouldBe([
            "</assets/home.js>; rel=modulepreload; crossorigin",
            "</api/rallies>; rel=preload; as=fetch; crossorigin",
        ]);
        (await Links(app, "/rallies/7/score/t%202")).ShouldBe([
            "</assets/frame.js>; rel=modulepreload; crossorigin",
            "</assets/score.js>; rel=modulepreload; crossorigin",
            "</api/rallies/7/score?round=1&team=t%202>; rel=preload; as=fetch; crossorigin",
        ]);
        (await Links(app, "/rallies/7/score"))[^1].ShouldStartWith("</api/rallies/7/score?round=1&team=>");
    }

    [Fact]
    public async Task What_was_chosen_in_the_address_is_asked_for_by_the_page_itself()
    {
        using var app = Serve(Pages);
        (await Links(app, "/rallies/7/score?round=2")).ShouldBe([
            "</assets/frame.js>; rel=modulepreload; crossorigin",
            "</assets/score.js>; rel=modulepreload; crossorigin",
        ]);
    }

    [Fact]
    public async Task Whoever_has_not_been_let_in_is_told_of_files_alone()
    {
        using var app = Serve(Pages, ("lan", "true"));
        (await Links(app, "/")).ShouldBe(["</assets/home.js>; rel=modulepreload; crossorigin"]);
    }

    [Theory]
    [InlineData("/rallies/7/results")]
    [InlineData("/api/who")]
    [InlineData("/index.html")]
    public async Task Nothing_is_said_where_no_page_is(string address)
    {
        using var app = Serve(Pages);
        (await Links(app, address)).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_front_end_that_was_not_built_says_nothing()
    {
        using var app = Serve(null);
        (await Links(app, "/")).ShouldBeEmpty();
    }

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private ServedApp Serve(string? pages, params (string, string)[] settings)
    {
        var root = Directory.CreateDirectory(Path.Combine(_folder, "built")).FullName;
        File.WriteAllText(Path.Combine(root, "index.html"), "<!doctype html>");
        if (pages is not null)
            File.WriteAllText(Path.Combine(root, "pages.json"), pages);
        return new ServedApp(Path.Combine(_folder, "data"), [("webroot", root), .. settings]);
    }

    private static async Task<string[]> Links(ServedApp app, string address)
    {
        using var browser = new HttpClient { BaseAddress = app.Address };
        using var page = await browser.GetAsync(
            new Uri(address, UriKind.Relative),
            TestContext.Current.CancellationToken
        );
        return page.Headers.TryGetValues("Link", out var links) ? [.. links] : [];
    }
}
