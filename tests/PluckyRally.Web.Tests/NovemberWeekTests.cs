using System.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Papers;
using PluckyRally.Core.Route;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Year;

namespace PluckyRally.Web.Tests;

/// <summary>
/// A week in November: three classes and their attendance, four briefs from one cupboard in mixed units, a shopping
/// list by day, a class's paper typed in, last year beside this one. Sums are added up by hand; an inch is 2.54 cm
/// (international yard and pound agreement, 1959).
/// </summary>
public sealed class NovemberWeekTests : IDisposable
{
    private static readonly DateOnly Today = DateOnly.FromDateTime(DateTime.Now);
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_week_adds_up()
    {
        foreach (
            var (name, unit, amount) in new[]
            {
                ("string", "m", "5"),
                ("Straw", "", "20"),
                ("tape", "rolls", "2"),
                ("flour", "kg", "1"),
            }
        )
            (await _app.Put("/api/cupboard", new CupboardTyped(name, unit, amount, 0))).EnsureSuccessStatusCode();

        var bridge = await _app.AddBrief(
            Kit("Bridge", Of("string", 140, "cm"), Of("straws", 10)) with
            {
                Measures = [Sample.Brief().Measures[0] with { Expected = new(10, 400) }],
            }
        );
        var monday = await Begin(bridge, "Class 3", Today, teams: 4);
        var tuesday = await Begin(
            await _app.AddBrief(Kit("Sail", Of("tape", 90, "cm") with { Pack = 1000 }, Of("straws", 5))),
            "Class 4",
            Today.AddDays(1),
            teams: 3
        );
        var wednesday = await Begin(
            await _app.AddBrief(Kit("Dough", Of("flour", 30, "g") with { Per = Per.Member })),
            "Class 5",
            Today.AddDays(2),
            teams: 4
        );
        (
            await _app.Post(
                "/api/year/plans",
                new BriefPlan
                {
                    Brief = await _app.AddBrief(
                        Kit("Kite", Of("string", 40, "in")) with
                        {
                            Timing = new() { Teams = 6 },
                        }
                    ),
                    Date = Today.AddDays(20),
                }
            )
        ).EnsureSuccessStatusCode();

        // Of Class 3 one student is absent, of Class 4 both of one team, of Class 5 one.
        await Absent(monday, "Class 3, 1");
        await Absent(tuesday, "Class 4, 1");
        await Absent(tuesday, "Class 4, 2");
        await Absent(wednesday, "Class 5, 8");

        var all = await _app.Get<Shopping>("/api/shopping");
        Line(all, "string").ShouldBe((1169.6m, 500m, 669.6m, Today), "4 × 140 cm and 6 × 101.6 cm; 5 m there");
        Line(all, "straws").ShouldBe((50m, 20m, 30m, Today), "4 × 10 and 2 × 5: one team is away");
        Line(all, "tape").ShouldBe((180m, 2000m, 0m, null), "2 × 90 cm; 2 rolls of 1000 cm");
        Line(all, "flour").ShouldBe((210m, 1000m, 0m, null), "7 students × 30 g");
        var until = all.Spans.Single(s => s.Name == "The next 2 weeks").Until;
        Line(await _app.Get<Shopping>($"/api/shopping?until={until:yyyy-MM-dd}"), "string")
            .ShouldBe((560m, 500m, 60m, Today), "the kites are later");

        // Home leads to Monday's lesson, and that to where it goes on.
        var next = (await _app.Get<YearLine>("/api/year")).Next.ShouldNotBeNull();
        (next.Name, next.GoesOn).ShouldBe(("Class 3", Station.Kit));

        // A page of paper with one reading that surprises: it is asked about, and kept when it is right.
        var sheet = new SheetTyped
        {
            Id = Guid.CreateVersion7(),
            Team = new("t1"),
            JudgedBy = "Wren S.",
            JudgedOn = Today,
            Fields = new Dictionary<string, string>
            {
                ["rule.stands"] = "met",
                ["attempt.1.caught"] = "210",
                ["attempt.2.caught"] = "1950",
            },
        };
        using var asked = await _app.Post($"/api/rallies/{monday}/papers/judged", sheet);
        (await RunningApp.Places(asked)).ShouldBe(["/fields/attempt.2.caught/sure"]);
        var sure = sheet with { Sure = new Dictionary<string, string> { ["attempt.2.caught"] = "1950" } };
        (await _app.Post($"/api/rallies/{monday}/papers/judged", sure)).EnsureSuccessStatusCode();
        (await _app.Get<Shopping>("/api/shopping")).Lines.ShouldNotContain(l => l.For.Any(f => f.Name == "Class 3"));

        // Class 3's list says who was absent; last year's rally of the brief stands beside this one.
        var group = (await _app.Get<List<ClassOpened>>("/api/classes")).Single(c => c.Name == "Class 3");
        var absent = (await _app.Get<ClassHistory>($"/api/classes/{group.Id}/history")).Absences.ShouldHaveSingleItem();
        group.Students.Single(s => StudentId.OfClass(s.Id) == absent.Student).Name.ShouldBe("Class 3, 1");
        var last = await Begin(bridge, "Class 2", Today.AddYears(-1), teams: 1);
        foreach (var entry in new Entry[] { Sample.Caught("310"), Sample.Caught("290"), Sample.Stands(met: true) })
            (await _app.Post($"/api/rallies/{last}/entries", entry)).EnsureSuccessStatusCode();
        var memory = await _app.Get<BriefMemory>($"/api/briefs/{bridge}/memory");
        memory
            .Rallies.Select(r => (r.Name, r.Memory.Best?.Text))
            .ShouldBe([("Class 3", "1950 mL"), ("Class 2", "310 mL")]);
    }

    public void Dispose() => AppPool.Return(_app);

    private static Brief Kit(string title, params Material[] materials) =>
        Sample.Brief(title) with
        {
            Materials = materials,
        };

    private static Material Of(string name, decimal amount, string unit = "") =>
        new()
        {
            Id = name,
            Name = name,
            Amount = amount,
            Unit = unit,
        };

    /// <summary>A rally of a class of its own, two students in each team.</summary>
    private async Task<Guid> Begin(BriefId brief, string name, DateOnly day, int teams)
    {
        using var made = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = name,
                Date = day,
                Class = name,
                Teams =
                [
                    .. Enumerable
                        .Range(0, teams)
                        .Select(t => new NewTeam($"Team {t + 1}")
                        {
                            Names = [$"{name}, {(2 * t) + 1}", $"{name}, {(2 * t) + 2}"],
                        }),
                ],
            }
        );
        made.StatusCode.ShouldBe(HttpStatusCode.Created);
        return (await RunningApp.Read(made)).GetProperty("id").GetGuid();
    }

    private async Task Absent(Guid rally, string name)
    {
        var who = (await _app.Get<List<AttendanceLine>>($"/api/rallies/{rally}/attendance")).Single(l =>
            l.Name == name
        );
        (
            await _app.Put($"/api/rallies/{rally}/attendance/{who.Id}", new Presence(Here: false))
        ).EnsureSuccessStatusCode();
    }

    private static (decimal Needed, decimal There, decimal Short, DateOnly? On) Line(Shopping shopping, string name)
    {
        var line = shopping.Lines.Single(l => l.Name == name);
        return (line.Needed, line.InCupboard, line.Buying.Short, line.ShortOn);
    }
}
