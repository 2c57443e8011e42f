using System.Net;
using Ical.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Year;

namespace PluckyRally.Web.Tests.Year;

/// <summary>The school's own year, briefs planned in it before any team exists, and the year as a calendar.</summary>
public sealed class YearTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_planned_brief_is_on_the_line_in_the_shopping_and_in_the_calendar_until_it_is_taken_out()
    {
        var brief = await _app.AddBrief(
            Sample.Brief() with
            {
                Materials =
                [
                    new()
                    {
                        Id = "card",
                        Name = "card",
                        Amount = 2,
                    },
                ],
                Timing = new() { Teams = 6, TeamSize = 4 },
            }
        );
        var today = DateOnly.FromDateTime(DateTime.Now);
        using var made = await _app.Post(
            "/api/year/plans",
            new BriefPlan
            {
                Brief = brief,
                Date = today,
                WholeWeek = true,
                For = "Class 5",
            }
        );
        made.StatusCode.ShouldBe(HttpStatusCode.Created);
        var line = await _app.Get<YearLine>("/api/year");
        var plan = line.Plans.ShouldHaveSingleItem();
        (plan.Title, plan.Plan.For, plan.Plan.WholeWeek, plan.From).ShouldBe(
            ("Rain catcher", "Class 5", true, new School().WeekOf(today))
        );
        (await _app.Get<Shopping>("/api/shopping"))
            .Lines.ShouldHaveSingleItem()
            .Needed.ShouldBe(12, "two for each of six teams");

        (line.NextPlan?.Id, line.NextPlan?.Day, line.Next).ShouldBe((plan.Id, today, null), "its teams are to be made");

        var event1 = (await Calendar()).Events.ShouldHaveSingleItem();
        event1.Summary.ShouldBe("Rain catcher, Class 5");
        (event1.Start!.Date, event1.End!.Date).ShouldBe((plan.From, plan.From.AddDays(7)));

        using var changed = await _app.Put(
            $"/api/year/plans/{plan.Id}",
            new Edited<BriefPlan>(plan.Plan, new() { Brief = brief, Date = today.AddDays(3) })
        );
        changed.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Calendar()).Events.ShouldHaveSingleItem().Start!.Date.ShouldBe(today.AddDays(3));
        (
            await _app.Client.DeleteAsync($"/api/year/plans/{plan.Id}", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await _app.Get<YearLine>("/api/year")).Plans.ShouldBeEmpty();
    }

    [Fact]
    public async Task A_year_that_is_over_shows_what_was_run_and_what_came_of_it()
    {
        var brief = await _app.AddBrief(Sample.Brief());
        var today = DateOnly.FromDateTime(DateTime.Now);
        using var made = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = brief,
                Name = "Last year's class",
                Date = today.AddYears(-1),
                Teams = [new("Able")],
            }
        );
        var rally = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        foreach (var entry in new Entry[] { Sample.Caught("210"), Sample.Caught("195"), Sample.Stands(met: true) })
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
        (await _app.Put($"/api/rallies/{rally}/archived", new Archived(Away: true))).EnsureSuccessStatusCode();

        var line = await _app.Get<YearLine>("/api/year");
        (line.IsThisYear, line.Stops.Count, line.Years.Count).ShouldBe((true, 0, 2));
        var past = await _app.Get<YearLine>($"/api/year?begins={line.Years[0].Begins}");
        (past.IsThisYear, past.Name).ShouldBe((false, line.Years[0].Name));
        var ran = past.Stops.ShouldHaveSingleItem();
        (ran.Name, ran.Teams, ran.Archived, ran.Best!.Team, ran.Best.Text).ShouldBe(
            ("Last year's class", 1, true, "Able", "210 mL")
        );
        (await _app.Get<List<BriefOnShelf>>("/api/briefs"))
            .Single()
            .LastRun.ShouldBe(new BriefRun(new(rally), "Last year's class", today.AddYears(-1)));
        using var wrong = await _app.Client.GetAsync("/api/year?begins=1066", TestContext.Current.CancellationToken);
        (await RunningApp.Places(wrong)).ShouldBe(["/begins"]);
    }

    [Fact]
    public async Task The_year_line_is_the_schools_own()
    {
        using var set = await _app.Put(
            "/api/school",
            new Edited<School>(
                new(),
                new()
                {
                    BeginsMonth = 2,
                    South = true,
                    Terms = [new("Autumn term", 2, 1)],
                    Paper = PaperSize.Letter,
                    Units = UnitSystem.Customary,
                    FirstDay = DayOfWeek.Sunday,
                }
            )
        );
        set.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await _app.Get<School>("/api/school")).FirstDay.ShouldBe(DayOfWeek.Sunday);
        var line = await _app.Get<YearLine>("/api/year");
        (line.From.Month, line.From.Day).ShouldBe((2, 1));
        line.Seasons[0].Season.ShouldBe(Season.Summer);
        line.Terms.ShouldHaveSingleItem().From.ShouldBe(0);
        using var wrong = await _app.Put("/api/school", new Edited<School>(new(), new() { BeginsMonth = 14 }));
        (await RunningApp.Places(wrong)).ShouldBe(["/beginsDay"]);
        using var nobody = await _app.Post(
            "/api/year/plans",
            new BriefPlan { Brief = new(Guid.CreateVersion7()), Date = new(2026, 11, 27) }
        );
        nobody.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    public void Dispose() => AppPool.Return(_app);

    /// <summary>Read back with the calendar library, as a calendar would.</summary>
    private async Task<Calendar> Calendar() =>
        Ical.Net.Calendar.Load(
            await _app.Client.GetStringAsync("/api/year/calendar", TestContext.Current.CancellationToken)
        )!;
}
