using System.Diagnostics;
using System.Net;
using System.Net.Sockets;
using Microsoft.Extensions.Configuration;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Start;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Start;

public sealed class ServerTests : IDisposable
{
    private readonly RunningApp _app = new();

    [Fact]
    public async Task Another_sites_name_for_this_computer_is_refused()
    {
        var request = new HttpRequestMessage(HttpMethod.Get, "/api/briefs");
        request.Headers.Host = "rally.example";
        (await _app.Client.SendAsync(request, TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.BadRequest
        );
    }

    [Fact]
    public async Task A_body_over_the_limit_is_refused_without_being_kept()
    {
        var response = await _app.Post("/api/briefs", new string(' ', Core.Problems.Limits.BriefBytes + 1000));
        response.StatusCode.ShouldBe(HttpStatusCode.RequestEntityTooLarge);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
    }

    [Fact]
    public async Task Every_answer_says_what_the_page_may_load()
    {
        var response = await _app.Client.GetAsync("/api/briefs", TestContext.Current.CancellationToken);
        response.Headers.GetValues("Content-Security-Policy").Single().ShouldStartWith("default-src 'self'");
        response.Headers.GetValues("X-Content-Type-Options").ShouldBe(["nosniff"]);
    }

    [Fact]
    public async Task The_demo_comes_in_through_the_importer_into_a_file_of_its_own()
    {
        using var demo = new RunningApp(demo: true);
        (await demo.Get<List<RallyOnShelf>>("/api/rallies")).Count.ShouldBeGreaterThanOrEqualTo(2);
        (await demo.Get<List<BriefOnShelf>>("/api/briefs")).ShouldNotBeEmpty();
        Directory.GetFiles(demo.Folder, "*.db").Select(Path.GetFileName).ShouldBe(["demo.db"]);
    }

    [Fact]
    public async Task The_teachers_file_begins_empty()
    {
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
        Directory.GetFiles(_app.Folder, "*.db").Select(Path.GetFileName).ShouldBe(["rally.db"]);
    }

    [Theory]
    [InlineData("-1")]
    [InlineData("70000")]
    [InlineData("http")]
    public void A_port_that_is_none_is_refused_with_a_remedy(string port) =>
        Should
            .Throw<StartRefusedException>(() =>
                ServerSettings.Read(new ConfigurationBuilder().AddInMemoryCollection([new("port", port)]).Build())
            )
            .Message.ShouldContain("--port 5080");

    [Fact]
    public async Task A_port_that_is_taken_is_said_in_a_line_and_no_data_is_touched()
    {
        using var taken = new TcpListener(IPAddress.Loopback, 0);
        taken.Start();
        var port = ((IPEndPoint)taken.LocalEndpoint).Port;
        var folder = Path.Combine(_app.Folder, "other");
        var start = new ProcessStartInfo(
            "dotnet",
            [Path.Combine(AppContext.BaseDirectory, "PluckyRally.Web.dll"), "--port", $"{port}", "--data", folder]
        )
        {
            RedirectStandardError = true,
            RedirectStandardOutput = true,
        };
        using var process = Process.Start(start)!;
        var said = await process.StandardError.ReadToEndAsync(TestContext.Current.CancellationToken);
        await process.WaitForExitAsync(TestContext.Current.CancellationToken);
        process.ExitCode.ShouldBe(2);
        said.ShouldStartWith($"Port {port} cannot be used");
        said.Split('\n', StringSplitOptions.RemoveEmptyEntries).ShouldHaveSingleItem();
        Directory.Exists(folder).ShouldBeFalse();
    }

    public void Dispose() => _app.Dispose();
}
