using System.Net;
using System.Net.Http.Headers;
using System.Net.Http.Json;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;

namespace PluckyRally.Web.Tests.Access;

/// <summary>
/// Whoever comes in by a code is that judge in that window, also in the teacher's own browser, whose other windows stay
/// the teacher's.
/// </summary>
public sealed class JudgingWindowTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task Four_windows_of_the_teachers_browser_are_four_judges_and_the_fifth_is_the_teachers()
    {
        var rally = await _class.Begin();
        foreach (var name in new[] { "Wren", "Torin", "Mika", "Sena" })
        {
            var ticket = await Join(rally, name);
            (await Who(ticket)).ShouldSatisfyAllConditions(
                w => w.Role.ShouldBe(CallerRole.Judge),
                w => w.Name.ShouldBe(name)
            );
            (await Send(ticket, $"/api/rallies/{rally}/entries", Note())).EnsureSuccessStatusCode();
            (await Get(ticket, "/api/briefs")).StatusCode.ShouldBe(HttpStatusCode.Forbidden);
        }

        (await Classroom.Who(_class.Teacher)).Role.ShouldBe(CallerRole.Teacher);
        await Classroom.Record(_class.Teacher, rally, Note());

        // What waited in a judge's window, and is sent by the teacher's, is that judge's; no other name is taken.
        await Classroom.Record(_class.Teacher, rally, Note() with { By = "Mika" });
        await Classroom.Record(_class.Teacher, rally, Note() with { By = "Somebody" });
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file"))
            .Entries.Select(e => e.By)
            .ShouldBe(["Wren", "Torin", "Mika", "Sena", "Teacher", "Mika", "Teacher"]);
    }

    [Fact]
    public async Task A_window_whose_code_is_ended_is_nobodys_and_leaving_it_leaves_the_teacher_in()
    {
        var rally = await _class.Begin();
        var ticket = await Join(rally, "Wren");
        var pass = (await _class.App.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes[0].Id;
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{rally}/passes/{pass}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        (await Who(ticket)).Role.ShouldBe(CallerRole.Nobody);
        (await Send(ticket, $"/api/rallies/{rally}/entries", (Entry)Sample.Caught("210"))).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (await Get("no ticket of ours", "/api/briefs")).StatusCode.ShouldBe(HttpStatusCode.Unauthorized);
        (await Send(ticket, "/api/sign-out", new { })).EnsureSuccessStatusCode();
        (await Classroom.Who(_class.Teacher)).Role.ShouldBe(CallerRole.Teacher);
    }

    [Fact]
    public async Task A_wall_that_the_teacher_opens_leaves_the_teacher_who_it_is()
    {
        var rally = await _class.Begin();
        using var joined = await Classroom.Send(
            _class.Teacher,
            "/api/join",
            new CodeTyped(await _class.Code(rally, PassKind.Wall))
        );
        (await Read<JoinedRally>(joined)).ShouldBe(new JoinedRally(rally, CallerRole.Wall));
        (await Classroom.Who(_class.Teacher)).Role.ShouldBe(CallerRole.Teacher);
    }

    /// <summary>The check comes first, then the wait for the rally; a code that is ended meanwhile is ended.</summary>
    [Fact]
    public async Task A_code_that_is_ended_while_an_entry_waits_to_be_written_writes_nothing()
    {
        var rally = await _class.Begin();
        using var judge = await _class.Judge(rally, "Aide");
        var pass = (await _class.App.Get<RallyPasses>($"/api/rallies/{rally}/passes")).Passes[0].Id;
        using var scope = _class.App.Service<IServiceScopeFactory>().CreateScope();
        var (log, passes) = (
            scope.ServiceProvider.GetRequiredService<RallyLog>(),
            scope.ServiceProvider.GetRequiredService<PassBook>()
        );
        using var gate = new ManualResetEventSlim();
        var inside = new TaskCompletionSource();
        var holding = Task.Run(
            () =>
                log.Record(
                    rally,
                    new Recording(_ =>
                    {
                        inside.SetResult();
                        gate.Wait(TestContext.Current.CancellationToken);
                        return Result<IReadOnlyList<Entry>>.Refused(
                            new Problem("/kind", "This holds the rally.", "It is let go.")
                        );
                    }),
                    TestContext.Current.CancellationToken
                ),
            TestContext.Current.CancellationToken
        );
        await (await Task.WhenAny(inside.Task, holding));
        var sent = Classroom.Send(judge, $"/api/rallies/{rally}/entries", (Entry)Sample.Caught("210"));
        while (!passes.IsKnown(pass))
            await Task.Delay(10, TestContext.Current.CancellationToken);
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{rally}/passes/{pass}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        gate.Set();
        await holding;
        (await sent).IsSuccessStatusCode.ShouldBeFalse();
        (await _class.App.Get<Rally>($"/api/rallies/{rally}/file")).Entries.ShouldBeEmpty();
    }

    public void Dispose() => _class.Dispose();

    private static Entry Note() => new Entry.NoteMade { Id = new(Guid.CreateVersion7()), Text = "It leans." };

    private async Task<string> Join(RallyId rally, string name)
    {
        using var joined = await Classroom.Send(
            _class.Teacher,
            "/api/join",
            new CodeTyped(await _class.Code(rally), name)
        );
        return (await Read<JoinedRally>(joined)).Window.ShouldNotBeNull();
    }

    private async Task<WhoAmI> Who(string ticket) => await Read<WhoAmI>(await Get(ticket, "/api/who"));

    private static async Task<T> Read<T>(HttpResponseMessage answer) =>
        (await answer.Content.ReadFromJsonAsync<T>(Json.Options, TestContext.Current.CancellationToken))!;

    private Task<HttpResponseMessage> Get(string ticket, string path) => Ask(ticket, new(HttpMethod.Get, path));

    private Task<HttpResponseMessage> Send<T>(string ticket, string path, T value) =>
        Ask(ticket, new(HttpMethod.Post, path) { Content = RunningApp.Body(Json.Write(value)) });

    private Task<HttpResponseMessage> Ask(string ticket, HttpRequestMessage request)
    {
        request.Headers.Authorization = new AuthenticationHeaderValue("Bearer", ticket);
        return _class.Teacher.SendAsync(request, TestContext.Current.CancellationToken);
    }
}
