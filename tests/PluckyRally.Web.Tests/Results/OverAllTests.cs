using System.Net;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;
using PluckyRally.Web.Access;
using PluckyRally.Web.Run;
using PluckyRally.Web.Tests.Access;

namespace PluckyRally.Web.Tests.Results;

/// <summary>Several rallies as one list, on the desk and on a wall, and one code for a judge of all of them.</summary>
public sealed class OverAllTests : IDisposable
{
    private readonly Classroom _class = new();

    [Fact]
    public async Task Classes_are_one_list_and_a_wall_is_sent_what_is_revealed()
    {
        var (four, five) = (await _class.Begin(), await _class.App.Begin(Sample.Brief(), "Curlew", "Dunlin"));
        foreach (var rally in new[] { four, five })
        {
            await Classroom.Record(_class.Teacher, rally, Sample.Stands(true));
            for (var attempt = 0; attempt < 2; attempt++)
                await Classroom.Record(_class.Teacher, rally, Sample.Caught(rally == four ? "210" : "180"));
        }

        var all = await RunningApp.Read(
            await _class.Teacher.GetAsync(
                $"/api/over-all?rally={four}&rally={five}",
                TestContext.Current.CancellationToken
            )
        );
        var list = all.GetProperty("lists")[0];
        list.GetProperty("differs").ToString().ShouldBe("[]");
        list.GetProperty("rows")
            .EnumerateArray()
            .Select(r => r.GetProperty("name").GetString())
            .Take(2)
            .ShouldBe(["Able", "Curlew"]);

        using var wall = await _class.Wall(four);
        (await Rows()).ShouldBe(0);
        (
            await Classroom.Send(
                _class.Teacher,
                $"/api/rallies/{four}/clock",
                new ClockTouch(ClockDoes.Show, Number: 1, Shows: WallShows.OverAll)
                {
                    OverAll = new() { Rallies = [five] },
                }
            )
        ).EnsureSuccessStatusCode();
        (await Rows()).ShouldBe(1);
        (
            await _class.Teacher.DeleteAsync($"/api/rallies/{five}", TestContext.Current.CancellationToken)
        ).EnsureSuccessStatusCode();
        (await Rows()).ShouldBe(2, "the one place that is left is revealed, and with it who has none");
        (await wall.GetAsync($"/api/over-all?rally={four}", TestContext.Current.CancellationToken)).StatusCode.ShouldBe(
            HttpStatusCode.Forbidden
        );
        (
            await RunningApp.Places(
                await Classroom.Send(
                    _class.Teacher,
                    $"/api/rallies/{four}/clock",
                    new ClockTouch(ClockDoes.Show, Shows: WallShows.OverAll)
                )
            )
        ).ShouldBe(["/overAll"]);
        (
            await _class.Teacher.GetAsync($"/api/over-all?rally={five}", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (
            await RunningApp.Places(
                await _class.Teacher.GetAsync("/api/over-all", TestContext.Current.CancellationToken)
            )
        ).ShouldBe(["/rally"]);
        (
            await RunningApp.Places(
                await _class.Teacher.GetAsync(
                    $"/api/over-all?rally={four}&by=luck&placePoints=1,2",
                    TestContext.Current.CancellationToken
                )
            )
        ).ShouldBe(["/by"]);

        async Task<int> Rows() =>
            (
                await RunningApp.Read(
                    await wall.GetAsync($"/api/rallies/{four}/wall/over-all", TestContext.Current.CancellationToken)
                )
            )
                .GetProperty("rows")
                .GetArrayLength();
    }

    [Fact]
    public async Task One_code_lets_a_judge_into_several_rallies_and_out_of_all_of_them()
    {
        var (four, five) = (await _class.Begin(), await _class.App.Begin(Sample.Brief(), "Curlew", "Dunlin"));
        var made = await RunningApp.Read(
            await Classroom.Send(
                _class.Teacher,
                $"/api/rallies/{four}/passes",
                new NewPass(PassKind.Judge) { Also = [five] }
            )
        );
        made.GetProperty("also").GetArrayLength().ShouldBe(1);
        using var judge = _class.App.Device();
        (
            await Classroom.Send(judge, "/api/join", new CodeTyped(made.GetProperty("code").GetString()!, "Aide"))
        ).EnsureSuccessStatusCode();
        (await Classroom.Who(judge))
            .Rallies.Select(r => (r.Rally, r.Role))
            .ShouldBe([(four, CallerRole.Judge), (five, CallerRole.Judge)]);
        (await Classroom.Who(judge)).Rallies.ShouldAllBe(r => r.Name.Length > 0);
        foreach (var rally in new[] { four, five })
            await Classroom.Record(judge, rally, Sample.Caught("210"));
        (
            await _class.Teacher.DeleteAsync(
                $"/api/rallies/{four}/passes/{made.GetProperty("id").GetGuid()}",
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();
        (await Classroom.Who(judge)).Rallies.ShouldBeEmpty();
        (
            await Classroom.Send(
                _class.Teacher,
                $"/api/rallies/{four}/passes",
                new NewPass(PassKind.Judge) { Also = [new RallyId(Guid.NewGuid())] }
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (
            await RunningApp.Places(
                await Classroom.Send(
                    _class.Teacher,
                    $"/api/rallies/{four}/passes",
                    new NewPass(PassKind.Judge)
                    {
                        Also = [.. Enumerable.Range(0, 10).Select(_ => new RallyId(Guid.NewGuid()))],
                    }
                )
            )
        ).ShouldBe(["/also"]);
    }

    public void Dispose() => _class.Dispose();
}
