using System.Net;
using System.Net.Http.Json;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Day;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests;

/// <summary>
/// Two windows change the same thing: the second is told and shown both, nothing is overwritten, and what it then saves
/// knowing both stands.
/// </summary>
public sealed class TwoWindowsTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task With_the_school()
    {
        var was = await _app.Get<School>("/api/school");
        var first = was with { Paper = PaperSize.Letter, Terms = [new("Fall", 9, 1)] };
        await Second(
            "/api/school",
            new Edited<School>(was, first),
            new Edited<School>(was, was with { South = true }),
            new Edited<School>(first, was with { South = true }),
            ["Summer", "It prints on", "Terms"]
        );
        (await _app.Get<School>("/api/school")).Terms.ShouldBeEmpty();
    }

    [Fact]
    public async Task With_a_fair_day()
    {
        var (one, other) = (await _app.Begin(Sample.Brief(), "Able"), await _app.Begin(Sample.Brief(), "Baker"));
        var was = new FairDay
        {
            Name = "Spring fair",
            Date = new(2027, 4, 2),
            Slots = [new() { Rally = one }],
        };
        var id = (await RunningApp.Read(await _app.Post("/api/days", was))).GetProperty("id").GetGuid();
        var first = was with { Slots = [.. was.Slots, new() { Rally = other, Tables = 2 }] };
        var second = was with { Slots = [was.Slots[0] with { Where = "Gym", From = new(9, 0) }] };
        var told = await Second(
            $"/api/days/{id}",
            new Edited<FairDay>(was, first),
            new Edited<FairDay>(was, second),
            new Edited<FairDay>(first, second),
            ["A class", "A class"]
        );
        told[0]
            .ShouldSatisfyAllConditions(
                d => d.Before.ShouldBe("1 table"),
                d => d.After.ShouldBe("from 9:00, Gym, 1 table")
            );
        told[1]
            .ShouldSatisfyAllConditions(d => d.Before.ShouldBe("2 tables"), d => d.After.ShouldBe("not in this day"));
    }

    [Fact]
    public async Task With_a_plan()
    {
        var was = new BriefPlan { Brief = await _app.AddBrief(Sample.Brief()), Date = new(2027, 3, 1) };
        var id = (await RunningApp.Read(await _app.Post("/api/year/plans", was))).GetProperty("id").GetGuid();
        var first = was with { For = "5B" };
        await Second(
            $"/api/year/plans/{id}",
            new Edited<BriefPlan>(was, first),
            new Edited<BriefPlan>(was, was with { WholeWeek = true }),
            new Edited<BriefPlan>(first, was with { WholeWeek = true }),
            ["When", "For whom"]
        );
    }

    [Fact]
    public async Task With_a_class_and_its_students()
    {
        var (group, students) = await Class("Ana", "Bo", "Cai");
        var (was, now) = (
            ClassPreferences.None,
            ClassPreferences.None with
            {
                Apart =
                [
                    [new(students[0]), new(students[1])],
                ],
            }
        );
        var spread = ClassPreferences.None with
        {
            Spread =
            [
                [.. students.Select(StudentId.Of)],
            ],
        };
        var told = await Second(
            $"/api/classes/{group}/preferences",
            new Edited<ClassPreferences>(was, now),
            new Edited<ClassPreferences>(was, spread),
            new Edited<ClassPreferences>(now, spread),
            ["In different teams", "Spread over the teams"]
        );
        told.Select(d => (d.Before, d.After)).ShouldBe([("Ana and Bo", ""), ("", "Ana, Bo and Cai")]);

        told = await Second(
            $"/api/students/{students[0]}",
            new Edited<StudentNamed>(new("Ana"), new("Ana M.")),
            new Edited<StudentNamed>(new("Ana"), new("Anna")),
            new Edited<StudentNamed>(new("Ana M."), new("Anna")),
            ["Name"]
        );
        told[0].ShouldSatisfyAllConditions(d => d.Before.ShouldBe("Ana M."), d => d.After.ShouldBe("Anna"));
    }

    [Fact]
    public async Task With_the_cupboard()
    {
        var told = await Second(
            "/api/cupboard",
            new CupboardTyped("corks", "", "12", 0),
            new CupboardTyped("Corks", "", "7", 0),
            new CupboardTyped("Corks", "", "7", 12),
            ["Corks"]
        );
        told[0].ShouldSatisfyAllConditions(d => d.Before.ShouldBe("12"), d => d.After.ShouldBe("7"));

        // What cannot be told apart in a browser's numbers is no other window.
        await _app.Put("/api/cupboard", new CupboardTyped("string", "cm", "33.333333", 0));
        (await _app.Put("/api/cupboard", new CupboardTyped("string", "cm", "20", 33.3333333m))).StatusCode.ShouldBe(
            HttpStatusCode.NoContent
        );
    }

    [Fact]
    public async Task With_a_mending()
    {
        var id = await _app.Begin(Sample.Brief(), "Able");
        var was = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        var (first, second) = (was with { Goal = "Catch more" }, was with { Title = "Rain barrel" });
        (
            await _app.Post($"/api/rallies/{id}/brief-changes", new BriefToChange(was, first, Reason: "first"))
        ).EnsureSuccessStatusCode();
        var late = new BriefToChange(was, second, Reason: "second");
        foreach (var path in new[] { "brief-changes/preview", "brief-changes" })
            (await Told(await _app.Post($"/api/rallies/{id}/{path}", late)))
                .Select(d => (d.Before, d.After))
                .ShouldBe([(was.Title, "Rain barrel"), ("Catch more", was.Goal)]);
        (await _app.Post($"/api/rallies/{id}/brief-changes", late with { Was = first })).EnsureSuccessStatusCode();
        (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).BriefChanges.Count.ShouldBe(2);
    }

    /// <summary>Two of many windows that save at the same moment: one is taken, all others are told.</summary>
    [Fact]
    public async Task At_the_same_moment_one_is_taken()
    {
        var id = await _app.Begin(Sample.Brief(), "Able");
        var was = (await _app.Get<BriefForChange>($"/api/rallies/{id}/brief-changes")).Brief;
        var school = new School();
        var answers = await Task.WhenAll(
            Enumerable
                .Range(1, 8)
                .SelectMany(i =>
                    new[]
                    {
                        _app.Put("/api/school", new Edited<School>(school, school with { BeginsDay = i + 1 })),
                        _app.Post(
                            $"/api/rallies/{id}/brief-changes",
                            new BriefToChange(was, was with { Goal = $"Goal {i}" }, Reason: "at once")
                        ),
                    }
                )
        );
        answers.Count(a => a.IsSuccessStatusCode).ShouldBe(2);
        answers.Count(a => a.StatusCode == HttpStatusCode.PreconditionFailed).ShouldBe(14);
    }

    public void Dispose() => AppPool.Return(_app);

    /// <summary>Saves the first, is told of the second, and saves that again knowing the first.</summary>
    private async Task<IReadOnlyList<Difference>> Second<T>(string path, T first, T second, T knowing, string[] where)
    {
        (await _app.Put(path, first)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        var told = await Told(await _app.Put(path, second));
        told.Select(d => d.Where).ShouldBe(where);
        (await Told(await _app.Put(path, second))).Count.ShouldBe(told.Count, "nothing was overwritten");
        (await _app.Put(path, knowing)).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        return told;
    }

    private static async Task<IReadOnlyList<Difference>> Told(HttpResponseMessage answer)
    {
        answer.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        var refusal = await answer.Content.ReadFromJsonAsync<Refusal>(
            Json.Options,
            TestContext.Current.CancellationToken
        );
        return refusal!.Differences.ShouldNotBeNull();
    }

    private async Task<(Guid Id, string[] Students)> Class(params string[] names)
    {
        var made = await RunningApp.Read(await _app.Post("/api/classes", new NewClass("5B", names)));
        return (
            made.GetProperty("id").GetGuid(),
            [.. made.GetProperty("students").EnumerateArray().Select(p => p.GetProperty("id").GetString()!)]
        );
    }
}
