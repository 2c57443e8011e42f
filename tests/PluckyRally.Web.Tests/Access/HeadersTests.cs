using System.Net;

namespace PluckyRally.Web.Tests.Access;

public sealed class HeadersTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData("/api/briefs")]
    [InlineData("/")]
    [InlineData("/api/nothing")]
    [InlineData("/api/rallies/00000000-0000-0000-0000-000000000001")]
    [InlineData("/assets/none.js")]
    public async Task Every_answer_has_them_errors_too(string path)
    {
        var answer = await _app.Client.GetAsync(path, TestContext.Current.CancellationToken);
        string Header(string name) => string.Join(',', answer.Headers.TryGetValues(name, out var values) ? values : []);
        Header("Content-Security-Policy").ShouldStartWith("default-src 'self'");
        Header("X-Content-Type-Options").ShouldBe("nosniff");
        Header("Referrer-Policy").ShouldBe("no-referrer");
        Header("X-Frame-Options").ShouldBe("DENY");
        Header("Cross-Origin-Opener-Policy").ShouldBe("same-origin");
        if (path.StartsWith("/api", StringComparison.Ordinal))
            Header("Cache-Control").ShouldBe("no-store", "somebody's data is not kept by a browser");
    }

    [Fact]
    public async Task A_refused_name_and_a_body_that_is_too_large_have_them_too()
    {
        using var named = new HttpRequestMessage(HttpMethod.Get, "/");
        named.Headers.Host = "rally.example";
        using var large = new HttpRequestMessage(HttpMethod.Post, "/api/join")
        {
            Content = RunningApp.Body(new string(' ', 100_000)),
        };
        foreach (var request in new[] { named, large })
        {
            var answer = await _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
            ((int)answer.StatusCode).ShouldBeInRange(400, 499);
            answer.Headers.Contains("Content-Security-Policy").ShouldBeTrue();
        }
    }

    [Theory]
    [InlineData("Origin", "http://elsewhere.example")]
    [InlineData("Origin", "null")]
    [InlineData("Sec-Fetch-Site", "cross-site")]
    [InlineData("Sec-Fetch-Site", "same-site")]
    public async Task What_another_sites_page_sends_changes_nothing(string header, string value)
    {
        foreach (
            var (method, path) in new[]
            {
                (HttpMethod.Post, "/api/sign-out"),
                (HttpMethod.Delete, $"/api/rallies/{Guid.NewGuid()}"),
                (HttpMethod.Put, "/api/cupboard"),
                (HttpMethod.Post, "/live/negotiate?negotiateVersion=1"),
                (HttpMethod.Get, "/live"),
            }
        )
        {
            using var request = new HttpRequestMessage(method, path)
            {
                Content = method == HttpMethod.Get ? null : RunningApp.Body("{}"),
            };
            request.Headers.TryAddWithoutValidation(header, value);
            (await _app.Client.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
                HttpStatusCode.Forbidden,
                $"{method} {path}"
            );
        }
    }

    [Fact]
    public async Task Our_own_page_may()
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, "/api/sign-out")
        {
            Content = RunningApp.Body("{}"),
        };
        request.Headers.Add("Origin", _app.Client.BaseAddress!.GetLeftPart(UriPartial.Authority));
        request.Headers.Add("Sec-Fetch-Site", "same-origin");
        (await _app.Client.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
    }

    public void Dispose() => AppPool.Return(_app);
}
