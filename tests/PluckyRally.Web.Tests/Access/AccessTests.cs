using System.Net;
using System.Net.Http.Json;
using Microsoft.AspNetCore.SignalR;
using Microsoft.AspNetCore.SignalR.Client;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Run;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// A classroom's devices: without a password or a pass nobody reads or writes anything, with one no more than it is
/// for.
/// </summary>
public sealed class AccessTests : IDisposable
{
    private const string Password = "tide tables on Tuesday";

    private readonly RunningApp _app = AppPool.Lend(lan: true);

    [Fact]
    public async Task Who_was_not_let_in_gets_nothing()
    {
        var rally = await Begin();
        using var stranger = _app.Device();
        string[] reads =
        [
            "/api/briefs",
            "/api/rallies",
            "/api/classes",
            "/api/cupboard",
            .. new[] { "", "/score", "/results", "/clock", "/file", "/photos", "/instruments", "/passes" }.Select(p =>
                $"/api/rallies/{rally}{p}"
            ),
        ];
        string[] writes =
        [
            "/api/files",
            "/api/briefs",
            $"/api/rallies/{rally}/entries",
            $"/api/rallies/{rally}/clock",
            $"/api/rallies/{rally}/photos?photo={Guid.NewGuid()}&team=t1",
            $"/api/rallies/{rally}/passes",
        ];
        foreach (
            var (method, path) in reads
                .Select(p => (HttpMethod.Get, p))
                .Concat(writes.Select(p => (HttpMethod.Post, p)))
        )
        {
            using var request = new HttpRequestMessage(method, path)
            {
                Content = method == HttpMethod.Post ? RunningApp.Body("{}") : null,
            };
            var answer = await stranger.SendAsync(request, TestContext.Current.CancellationToken);
            answer.StatusCode.ShouldBe(HttpStatusCode.Unauthorized, $"{method} {path}");
            (await RunningApp.Read(answer))
                .GetProperty("title")
                .GetString()
                .ShouldBe("This device has not been let in.");
        }
    }

    /// <summary>What an endpoint does not open to others is the teacher's: none is forgotten.</summary>
    [Fact]
    public void Every_endpoint_of_the_api_asks_who_it_is_unless_it_is_the_way_in()
    {
        var open = _app
            .Endpoints.Where(e =>
                e.Metadata.GetMetadata<Microsoft.AspNetCore.Authorization.IAllowAnonymous>() is not null
            )
            .Select(e => e.RoutePattern.RawText)
            .Distinct();
        open.Where(p => p!.StartsWith("/api", StringComparison.Ordinal))
            .ShouldBe(
                [
                    "/api/who",
                    "/api/sign-in",
                    "/api/password",
                    "/api/password/strength",
                    "/api/join",
                    "/api/sign-out",
                    "/api/authority",
                    "/api/authority/file",
                    "/api/about",
                ],
                ignoreOrder: true
            );
    }

    [Fact]
    public async Task The_password_is_set_once_at_this_computer_and_wrong_ones_do_not_open()
    {
        (await Who(_app.Client)).ShouldSatisfyAllConditions(
            w => w.Role.ShouldBe(CallerRole.Nobody),
            w => w.HasPassword.ShouldBeFalse(),
            w => w.Here.ShouldBeTrue()
        );
        (await RunningApp.Places(await Send(_app.Client, "/api/password", new PasswordTyped("eleven long")))).ShouldBe(
            ["/password"],
            "shorter than 12 (OWASP ASVS 4.0.3, 2.1.1)"
        );
        (await Send(_app.Client, "/api/password", new PasswordTyped(Password))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Who(_app.Client)).Role.ShouldBe(CallerRole.Teacher);
        using var other = _app.Device();
        (await RunningApp.Places(await Send(other, "/api/password", new PasswordTyped("mine from now on")))).ShouldBe([
            "/password",
        ]);
        (
            await RunningApp.Places(await Send(other, "/api/sign-in", new PasswordTyped("tide tables on Monday")))
        ).ShouldBe(["/password"]);
        (await Who(other)).Role.ShouldBe(CallerRole.Nobody);
        (await Send(other, "/api/sign-in", new PasswordTyped(Password))).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Who(other)).Role.ShouldBe(CallerRole.Teacher);
        await Send(other, "/api/sign-out", "");
        (await Who(other)).Role.ShouldBe(CallerRole.Nobody);
    }

    [Fact]
    public async Task Guessing_is_slowed()
    {
        using var guesser = _app.Device();
        var answers = new List<HttpStatusCode>();
        for (var i = 0; i < 14; i++)
            answers.Add((await Send(guesser, "/api/join", new CodeTyped($"BCDF{i:00}", "Guess"))).StatusCode);
        answers.Take(10).ShouldAllBe(a => a == HttpStatusCode.UnprocessableEntity);
        answers.Skip(10).ShouldAllBe(a => a == HttpStatusCode.TooManyRequests);
        var refused = await Send(guesser, "/api/sign-in", new PasswordTyped("x"));
        refused.StatusCode.ShouldBe(HttpStatusCode.TooManyRequests);
        refused.Headers.RetryAfter.ShouldNotBeNull();
        (await RunningApp.Read(refused)).GetProperty("title").GetString().ShouldBe("Too many attempts.");
    }

    [Fact]
    public async Task A_judge_records_in_one_rally_under_a_name_and_nowhere_else()
    {
        var (rally, other) = (await Begin(), await Begin("Another brief"));
        using var judge = await Join(rally, PassKind.Judge, "Aide");
        (await Who(judge)).ShouldSatisfyAllConditions(
            w => w.Role.ShouldBe(CallerRole.Judge),
            w => w.Name.ShouldBe("Aide"),
            w => w.Rallies.Single().Rally.ShouldBe(rally)
        );
        (
            await Send<Entry>(
                judge,
                $"/api/rallies/{rally}/entries",
                Sample.Caught("210") with
                {
                    By = "Somebody else",
                    At = DateTimeOffset.UnixEpoch,
                }
            )
        ).StatusCode.ShouldBe(HttpStatusCode.Created);
        var entry = (await _app.Get<Rally>($"/api/rallies/{rally}/file")).Entries.Single();
        entry.By.ShouldBe("Aide", "who wrote it is who came in");
        entry.DeviceAt.ShouldBe(DateTimeOffset.UnixEpoch, "the device's own time is kept beside");
        (DateTimeOffset.UtcNow - entry.At).ShouldBeLessThan(TimeSpan.FromMinutes(1), "the time is the server's");
        (await Get(judge, $"/api/rallies/{rally}/score")).ShouldBe(HttpStatusCode.OK);

        (await Get(judge, $"/api/rallies/{other}/score")).ShouldBe(HttpStatusCode.Forbidden);
        (await Send<Entry>(judge, $"/api/rallies/{other}/entries", Sample.Caught("210"))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await Get(judge, "/api/rallies")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(judge, $"/api/rallies/{rally}/file")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(judge, $"/api/rallies/{rally}/passes")).ShouldBe(HttpStatusCode.Forbidden);
        (await Send(judge, $"/api/rallies/{rally}/clock", new ClockTouch(ClockDoes.Pause))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (
            await RunningApp.Places(
                await Send<Entry>(
                    judge,
                    $"/api/rallies/{rally}/entries",
                    new Entry.RoundClosed { Id = new(Guid.CreateVersion7()) }
                )
            )
        ).ShouldBe(["/kind"]);
    }

    [Fact]
    public async Task A_code_that_is_ended_lets_nobody_in_and_whoever_came_with_it_is_out()
    {
        var rally = await Begin();
        using var judge = await Join(rally, PassKind.Judge, "Aide");
        var pass = (await _app.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes.Single();
        (
            await _app.Client.DeleteAsync(
                $"/api/rallies/{rally}/passes/{pass.Id}",
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Get(judge, $"/api/rallies/{rally}/score")).ShouldBe(HttpStatusCode.Forbidden);
        (await Who(judge)).Role.ShouldBe(CallerRole.Nobody);
        (await RunningApp.Places(await Send(judge, "/api/join", new CodeTyped(pass.Code, "Aide")))).ShouldBe(["/code"]);
    }

    [Fact]
    public async Task A_judge_may_hold_the_codes_of_two_rallies()
    {
        var (one, two) = (await Begin(), await Begin("Another brief"));
        using var judge = await Join(one, PassKind.Judge, "Aide");
        await Join(judge, two, PassKind.Judge, "Aide");
        (await Get(judge, $"/api/rallies/{one}/score")).ShouldBe(HttpStatusCode.OK);
        (await Get(judge, $"/api/rallies/{two}/score")).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_judge_without_a_name_is_asked_for_one_and_a_code_may_be_typed_in_any_way()
    {
        var rally = await Begin();
        var pass = await Make(rally, PassKind.Judge);
        using var device = _app.Device();
        (await RunningApp.Places(await Send(device, "/api/join", new CodeTyped(pass.Code, " ")))).ShouldBe(["/name"]);
        (
            await Send(
                device,
                "/api/join",
                new CodeTyped($" {pass.Code.ToLowerInvariant().Replace(' ', '-')} ", "Pell")
            )
        ).StatusCode.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_wall_reads_what_is_revealed_and_can_change_nothing()
    {
        var rally = await Begin();
        foreach (var team in new[] { "t1", "t2" })
        foreach (
            var entry in new Entry[]
            {
                Sample.Stands(true, team),
                Sample.Caught("210", team),
                Sample.Caught("180", team),
            }
        )
            await Send(_app.Client, $"/api/rallies/{rally}/entries", entry);
        using var wall = await Join(rally, PassKind.Wall, "");
        (await Get(wall, $"/api/rallies/{rally}/wall/clock")).ShouldBe(HttpStatusCode.OK);
        (await Rows(wall, rally)).ShouldBe(0, "hidden until the teacher shows it");
        await Send(
            _app.Client,
            $"/api/rallies/{rally}/clock",
            new ClockTouch(ClockDoes.Show, Number: 1, Shows: WallShows.Board)
        );
        (await Rows(wall, rally)).ShouldBe(1);
        (await _app.Get<Standings>($"/api/rallies/{rally}/results")).Rows.Count.ShouldBe(2, "the teacher sees all");
        (await Get(wall, $"/api/rallies/{rally}/results")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(wall, $"/api/rallies/{rally}/clock")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(wall, $"/api/rallies/{rally}")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(wall, $"/api/rallies/{rally}/score")).ShouldBe(HttpStatusCode.Forbidden);
        (await Get(wall, $"/api/rallies/{rally}/photos")).ShouldBe(HttpStatusCode.Forbidden);
        (await Send<Entry>(wall, $"/api/rallies/{rally}/entries", Sample.Caught("210"))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await Send(wall, $"/api/rallies/{rally}/clock", new ClockTouch(ClockDoes.Pause))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
    }

    [Fact]
    public async Task A_wall_shows_the_picture_that_the_teacher_hung_and_says_who_is_who_only_where_that_was_wanted()
    {
        var rally = await Begin();
        await Send<Entry>(_app.Client, $"/api/rallies/{rally}/entries", Sample.Caught("210"));
        using var wall = await Join(rally, PassKind.Wall, "");
        (await Picture()).ShouldBe("{}", "nothing was hung yet");
        (await Get(wall, $"/api/rallies/{rally}/plots")).ShouldBe(HttpStatusCode.Forbidden);
        var seen = await _app.Get<PlotsSeen>($"/api/rallies/{rally}/plots?see=oneFigure");
        var plot = seen.Plots[0];
        foreach (var names in new[] { false, true })
        {
            (
                await Send(
                    _app.Client,
                    $"/api/rallies/{rally}/clock",
                    new ClockTouch(ClockDoes.Show, Shows: WallShows.Plot)
                    {
                        Plot = new(seen.See, seen.Figure, seen.Other, plot.Sort, plot.Title, names),
                    }
                )
            ).StatusCode.ShouldBe(HttpStatusCode.OK);
            var shown = await Picture();
            shown.ShouldContain(plot.Title);
            shown.Contains(plot.Rows[0].Name, StringComparison.Ordinal).ShouldBe(names);
        }

        (
            await RunningApp.Places(
                await Send(
                    _app.Client,
                    $"/api/rallies/{rally}/clock",
                    new ClockTouch(ClockDoes.Show, Shows: WallShows.Plot)
                )
            )
        ).ShouldBe(["/plot"]);
        (
            await RunningApp.Places(
                await _app.Client.GetAsync($"/api/rallies/{rally}/plots?see=pie", TestContext.Current.CancellationToken)
            )
        ).ShouldBe(["/see"]);

        async Task<string> Picture() =>
            await wall.GetStringAsync($"/api/rallies/{rally}/wall/plot", TestContext.Current.CancellationToken);
    }

    [Fact]
    public async Task News_of_a_rally_are_only_for_who_was_let_in()
    {
        var rally = await Begin();
        await using var hub = new HubConnectionBuilder().WithUrl(new Uri(_app.Client.BaseAddress!, "/live")).Build();
        (
            await Should.ThrowAsync<HttpRequestException>(() => hub.StartAsync(TestContext.Current.CancellationToken))
        ).StatusCode.ShouldBe(HttpStatusCode.Unauthorized, "a stranger has no line at all");

        // Somebody who was let into one rally is not let into another.
        var other = await Begin();
        using var probe = _app.Device();
        var came = await probe.PostAsync(
            "/api/join",
            RunningApp.Body(Json.Write(new CodeTyped((await Make(rally, PassKind.Wall)).Code))),
            TestContext.Current.CancellationToken
        );
        var cookie = came
            .Headers.GetValues("Set-Cookie")
            .Single(c => c.StartsWith("rally-pass", StringComparison.Ordinal))
            .Split(';')[0];
        await using var guest = new HubConnectionBuilder()
            .WithUrl(new Uri(_app.Client.BaseAddress!, "/live"), options => options.Headers["Cookie"] = cookie)
            .Build();
        await guest.StartAsync(TestContext.Current.CancellationToken);
        (
            await Should.ThrowAsync<HubException>(() =>
                guest.InvokeAsync("Follow", other, TestContext.Current.CancellationToken)
            )
        ).Message.ShouldContain("has not been let in");
    }

    [Fact]
    public async Task Where_only_this_computer_is_served_nobody_is_asked()
    {
        using var alone = new RunningApp();
        (await Who(alone.Client)).ShouldSatisfyAllConditions(
            w => w.Role.ShouldBe(CallerRole.Teacher),
            w => w.Lan.ShouldBeFalse()
        );
    }

    [Fact]
    public async Task A_lost_password_is_forgotten_when_the_server_is_started_so_and_nothing_else_is()
    {
        var rally = await Begin();
        _app.Stop();
        using var again = new RunningApp(lan: true, newPassword: true, folder: _app.Folder);
        (await Who(again.Client)).ShouldSatisfyAllConditions(
            w => w.Role.ShouldBe(CallerRole.Nobody),
            w => w.HasPassword.ShouldBeFalse()
        );
        (await Send(again.Client, "/api/password", new PasswordTyped("another tide table"))).EnsureSuccessStatusCode();
        (await again.Get<List<RallyOnShelf>>("/api/rallies")).Single().Id.ShouldBe(rally);
    }

    [Fact]
    public async Task The_link_of_a_pass_is_the_address_in_the_network_and_the_picture_is_drawn()
    {
        var pass = await Make(await Begin(), PassKind.Judge);
        pass.Code.Replace(" ", "", StringComparison.Ordinal).ShouldMatch("^[BCDFGHJKMNPQRTVWXYZ2346789]{6}$");
        pass.Link.ShouldEndWith($"/join#{pass.Code.Replace(" ", "", StringComparison.Ordinal)}");
        pass.Picture.ShouldStartWith("<svg");
    }

    public void Dispose() => AppPool.Return(_app, lan: true);

    private static Task<HttpResponseMessage> Send<T>(HttpClient device, string path, T value) =>
        device.PostAsync(path, RunningApp.Body(Json.Write(value)), TestContext.Current.CancellationToken);

    private static async Task<HttpStatusCode> Get(HttpClient device, string path) =>
        (await device.GetAsync(path, TestContext.Current.CancellationToken)).StatusCode;

    private static async Task<WhoAmI> Who(HttpClient device) =>
        (await device.GetFromJsonAsync<WhoAmI>("/api/who", Json.Options, TestContext.Current.CancellationToken))!;

    private static async Task<int> Rows(HttpClient device, RallyId rally)
    {
        using var answer = await device.GetAsync(
            $"/api/rallies/{rally}/wall/board",
            TestContext.Current.CancellationToken
        );
        return (await RunningApp.Read(answer)).GetProperty("rows").GetArrayLength();
    }

    /// <summary>A rally, made by the teacher, who sets the password at the first one.</summary>
    private async Task<RallyId> Begin(string title = "Rain catcher")
    {
        if ((await Who(_app.Client)).Role != CallerRole.Teacher)
            (await Send(_app.Client, "/api/password", new PasswordTyped(Password))).EnsureSuccessStatusCode();
        return await _app.Begin(Sample.Brief(title), "Able", "Baker");
    }

    private async Task<Pass> Make(RallyId rally, PassKind kind)
    {
        using var made = await Send(_app.Client, $"/api/rallies/{rally}/passes", new NewPass(kind));
        return (await made.Content.ReadFromJsonAsync<Pass>(Json.Options, TestContext.Current.CancellationToken))!;
    }

    private async Task<HttpClient> Join(RallyId rally, PassKind kind, string name)
    {
        var device = _app.Device();
        await Join(device, rally, kind, name);
        return device;
    }

    private async Task Join(HttpClient device, RallyId rally, PassKind kind, string name) =>
        (
            await Send(device, "/api/join", new CodeTyped((await Make(rally, kind)).Code, name))
        ).EnsureSuccessStatusCode();
}
