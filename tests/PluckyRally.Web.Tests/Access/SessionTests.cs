using System.Net;
using Microsoft.AspNetCore.Http;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.RateLimiting;
using Microsoft.AspNetCore.SignalR.Client;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Options;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Tests.Access;

/// <summary>Sessions are kept by the server: what ends one ends it everywhere at once.</summary>
public sealed class SessionTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task A_cookie_that_was_copied_is_worth_nothing_after_signing_out()
    {
        await _class.Begin();
        var (device, cookie) = await SignIn();
        using var thief = Holding(cookie);
        (await Classroom.Who(thief)).Role.ShouldBe(CallerRole.Teacher);
        await Classroom.Send(device, "/api/sign-out", "");
        (await Classroom.Who(thief)).Role.ShouldBe(CallerRole.Nobody);
    }

    [Fact]
    public async Task A_new_password_ends_all_sessions_but_the_one_that_set_it()
    {
        await _class.Begin();
        var (device, _) = await SignIn();
        (await RunningApp.Places(await Change(_class.Teacher, "a wrong password", "moon over mudflats"))).ShouldBe([
            "/old",
        ]);
        (await RunningApp.Places(await Change(_class.Teacher, Classroom.Password, "password1234"))).ShouldBe(["/new"]);
        (await Change(_class.Teacher, Classroom.Password, "moon over mudflats")).EnsureSuccessStatusCode();
        (await Classroom.Who(device)).Role.ShouldBe(CallerRole.Nobody);
        (await Classroom.Who(_class.Teacher)).Role.ShouldBe(CallerRole.Teacher);
        (await Classroom.Send(device, "/api/sign-in", new PasswordTyped("moon over mudflats"))).StatusCode.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task Ending_a_code_cuts_the_live_line_too()
    {
        var rally = await _class.Begin();
        using var judge = await _class.Judge(rally, "Aide");
        await using var hub = await Follow(judge, rally);
        var cut = new TaskCompletionSource();
        hub.Closed += _ =>
        {
            cut.TrySetResult();
            return Task.CompletedTask;
        };
        var pass = (await _class.App.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes.Single();
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{rally}/passes/{pass.Id}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        await cut.Task.WaitAsync(TimeSpan.FromSeconds(60), TestContext.Current.CancellationToken);
    }

    [Fact]
    public async Task Sessions_outlive_the_server_and_hold_no_key_in_its_file()
    {
        var rally = await _class.Begin();
        var cookie = CookieOf(
            await Classroom.Send(_class.App.Device(), "/api/sign-in", new PasswordTyped(Classroom.Password))
        );
        _class.App.Stop();
        using var again = new RunningApp(lan: true, folder: _class.App.Folder);
        using var device = new HttpClient(new HttpClientHandler { UseCookies = false })
        {
            BaseAddress = again.Client.BaseAddress,
        };
        device.DefaultRequestHeaders.Add("Cookie", cookie);
        (await Classroom.Who(device)).Role.ShouldBe(CallerRole.Teacher);
        rally.ShouldNotBe(default);
        await using var db = again.OpenDb();
        db.Sessions.Select(s => s.Id)
            .ToList()
            .ShouldAllBe(id => id.Length == 64, "the SHA-256 of the key and not the key");
    }

    [Theory]
    [InlineData("passwordpassword")]
    [InlineData("123456789012")]
    [InlineData("qwertyuiop12")]
    [InlineData("aaaaaaaaaaaaaaaa")]
    [InlineData("teacherteacher")]
    [InlineData("pluckyrally1")]
    public void Passwords_that_are_tried_first_are_refused(string password) =>
        PasswordRule.Problem(password).ShouldNotBeNull();

    [Theory]
    [InlineData("", 0)]
    [InlineData("short", 0)]
    [InlineData("passwordpassword", 0)]
    [InlineData("tide tables on Tuesday", 4)]
    public async Task How_hard_it_is_to_guess_is_said_while_it_is_thought_up(string password, int strength) =>
        (
            await RunningApp.Read(
                await Classroom.Send(_class.Teacher, "/api/password/strength", new PasswordTyped(password))
            )
        )
            .GetProperty("strength")
            .GetInt32()
            .ShouldBe(strength);

    [Theory]
    [InlineData("tide tables on Tuesday")]
    [InlineData("boats in the bay")]
    [InlineData("korrekt häst öken")]
    public void A_few_words_will_do(string password) => PasswordRule.Problem(password).ShouldBeNull();

    /// <summary>
    /// 210,000 rounds of PBKDF2 with HMAC-SHA-512, as the hash itself says (OWASP Password Storage Cheat Sheet, from
    /// memory). Servers of tests do fewer, by a step after all of the application's own.
    /// </summary>
    [Fact]
    public void The_hash_says_how_much_work_it_was()
    {
        var asked = new PasswordHasherOptions();
        foreach (var step in _class.App.Service<IEnumerable<IConfigureOptions<PasswordHasherOptions>>>())
            step.Configure(asked);
        var hasher = new PasswordHasher<Owner>(Options.Create(asked));
        var hash = Convert.FromBase64String(hasher.HashPassword(new Owner { Name = "Teacher" }, Classroom.Password));
        hash[0].ShouldBe((byte)1, "the framework's third format");
        System.Buffers.Binary.BinaryPrimitives.ReadUInt32BigEndian(hash.AsSpan(1)).ShouldBe(2u, "HMAC-SHA-512");
        System
            .Buffers.Binary.BinaryPrimitives.ReadUInt32BigEndian(hash.AsSpan(5))
            .ShouldBeGreaterThanOrEqualTo(210_000u);
    }

    /// <summary>One phone that guesses without end is held up alone: everybody else still comes in.</summary>
    [Fact]
    public async Task One_device_cannot_lock_anybody_else_out()
    {
        var limits = new ServiceCollection()
            .Also(s => s.AddRateLimits())
            .BuildServiceProvider()
            .GetRequiredService<IOptions<RateLimiterOptions>>()
            .Value.GlobalLimiter!;
        for (var i = 0; i < 500; i++)
            (
                await limits.AcquireAsync(
                    From("192.168.1.66"),
                    cancellationToken: TestContext.Current.CancellationToken
                )
            ).Dispose();
        (
            await limits.AcquireAsync(From("192.168.1.66"), cancellationToken: TestContext.Current.CancellationToken)
        ).IsAcquired.ShouldBeFalse();
        (
            await limits.AcquireAsync(From("192.168.1.7"), cancellationToken: TestContext.Current.CancellationToken)
        ).IsAcquired.ShouldBeTrue();
        for (var device = 0; device < 40; device++)
        for (var i = 0; i < 10; i++)
            (
                await limits.AcquireAsync(
                    From($"10.0.0.{device}"),
                    cancellationToken: TestContext.Current.CancellationToken
                )
            ).Dispose();
        (
            await limits.AcquireAsync(From("192.168.1.8"), cancellationToken: TestContext.Current.CancellationToken)
        ).IsAcquired.ShouldBeFalse("many devices together are held up");
        (
            await limits.AcquireAsync(From("127.0.0.1"), cancellationToken: TestContext.Current.CancellationToken)
        ).IsAcquired.ShouldBeTrue("and the teacher's own computer is not");
    }

    public void Dispose() => _class.Dispose();

    private static DefaultHttpContext From(string address)
    {
        var context = new DefaultHttpContext();
        context.Connection.RemoteIpAddress = IPAddress.Parse(address);
        context.SetEndpoint(
            new Endpoint(null, new EndpointMetadataCollection(new EnableRateLimitingAttribute("guessing")), "join")
        );
        return context;
    }

    private static Task<HttpResponseMessage> Change(HttpClient device, string old, string next) =>
        device.PutAsync(
            "/api/password",
            RunningApp.Body(Json.Write(new PasswordChange(old, next))),
            TestContext.Current.CancellationToken
        );

    private async Task<(HttpClient Device, string Cookie)> SignIn()
    {
        var device = _class.App.Device();
        return (device, CookieOf(await Classroom.Send(device, "/api/sign-in", new PasswordTyped(Classroom.Password))));
    }

    private static string CookieOf(HttpResponseMessage answer) =>
        answer
            .Headers.GetValues("Set-Cookie")
            .Single(c => c.StartsWith("rally-teacher", StringComparison.Ordinal))
            .Split(';')[0];

    private HttpClient Holding(string cookie)
    {
        var client = new HttpClient(new HttpClientHandler { UseCookies = false })
        {
            BaseAddress = _class.Teacher.BaseAddress,
        };
        client.DefaultRequestHeaders.Add("Cookie", cookie);
        return client;
    }

    /// <summary>The device's cookies go along: a hub client has none of its own.</summary>
    private async Task<HubConnection> Follow(HttpClient judge, RallyId rally)
    {
        using var probe = new HttpRequestMessage(HttpMethod.Post, "/api/join")
        {
            Content = RunningApp.Body(Json.Write(new CodeTyped(await _class.Code(rally, PassKind.Wall)))),
        };
        var came = await judge.SendAsync(probe, TestContext.Current.CancellationToken);
        var cookie = came
            .Headers.GetValues("Set-Cookie")
            .Single(c => c.StartsWith("rally-pass", StringComparison.Ordinal))
            .Split(';')[0];
        var passes = (await _class.App.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes;
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{rally}/passes/{passes.Single(p => p.Kind == PassKind.Wall).Id}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        var hub = new HubConnectionBuilder()
            .WithUrl(new Uri(_class.Teacher.BaseAddress!, "/live"), options => options.Headers["Cookie"] = cookie)
            .Build();
        await hub.StartAsync(TestContext.Current.CancellationToken);
        await hub.InvokeAsync("Follow", rally, TestContext.Current.CancellationToken);
        return hub;
    }
}

internal static class Chaining
{
    public static T Also<T>(this T it, Action<T> does)
    {
        does(it);
        return it;
    }
}
