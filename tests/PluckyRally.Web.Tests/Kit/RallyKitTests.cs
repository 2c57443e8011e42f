using System.Globalization;
using System.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Route;
using PluckyRally.Core.Score;
using PluckyRally.Core.Time;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Teams;
using PluckyRally.Web.Year;

namespace PluckyRally.Web.Tests.Kit;

/// <summary>A rally's kit leaves the cupboard once and comes back once.</summary>
public sealed class RallyKitTests : IDisposable
{
    private static readonly Brief WithKit = Sample.Brief() with
    {
        Materials =
        [
            new()
            {
                Id = "straws",
                Name = "straws",
                Amount = 10,
            },
            new()
            {
                Id = "scissors",
                Name = "scissors",
                Amount = 1,
                Reusable = true,
                Category = "tool",
            },
        ],
    };

    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_kit_is_taken_out_counted_and_brought_back()
    {
        await Stock("straws", 50);
        await Stock("scissors", 6);
        var id = await _app.Begin(WithKit, "Able", "Bold");
        (await _app.Get<RallyKit>($"/api/rallies/{id}/kit")).Stock.ShouldBeNull();
        (await _app.Post($"/api/rallies/{id}/kit/taken", "{}")).StatusCode.ShouldBe(HttpStatusCode.OK);
        (await Cupboard()).ShouldBe([new("scissors", "", 4), new("straws", "", 30)]);
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/kit/taken", "{}"))).ShouldBe(
            ["/items"],
            "it is taken once"
        );

        await Count(id, KitWay.Out, ("straws", 10), ("scissors", 1));
        await Count(id, KitWay.Back, ("straws", 4), ("scissors", 0));
        var kit = await _app.Get<RallyKit>($"/api/rallies/{id}/kit");
        kit.Teams[0].Says.ShouldBe("Missing: 1 pair of scissors.");
        kit.ToBringBack.ShouldBe(
            [new("scissors", "", 1), new("straws", "", 4)],
            "Bold has not counted: its scissors come back, its straws are used up"
        );

        (
            await _app.Post(
                $"/api/rallies/{id}/kit/back",
                new KitBack([new("scissors", "", 2), new("straws", "", 99), new("corks", "", 5)])
            )
        ).EnsureSuccessStatusCode();
        (await Cupboard()).ShouldBe(
            [new("scissors", "", 6), new("straws", "", 50)],
            "no more comes back than was taken, and nothing else"
        );
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/kit/back", new KitBack([])))).ShouldBe(["/items"]);
    }

    [Fact]
    public async Task What_cannot_be_is_refused()
    {
        var id = await _app.Begin(WithKit, "Able");
        (await RunningApp.Places(await _app.Post($"/api/rallies/{id}/kit/taken", "{}"))).ShouldBe(
            ["/items"],
            "the cupboard is empty"
        );
        (
            await RunningApp.Places(
                await _app.Post($"/api/rallies/{id}/kit/back", new KitBack([new("straws", "", -1)]))
            )
        ).ShouldBe(["/items/0/amount"]);
        (await _app.Post($"/api/rallies/{Guid.NewGuid()}/kit/taken", "{}")).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
        (
            await _app.Client.GetAsync($"/api/rallies/{Guid.NewGuid()}/kit", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Shopping_is_for_rallies_that_have_not_begun_nor_taken_their_kit()
    {
        await Stock("straws", 5);
        var (planned, taken, begun) = (
            await _app.Begin(WithKit, "Able"),
            await _app.Begin(WithKit, "Able", "Bold"),
            await _app.Begin(WithKit, "Able", "Bold", "Calm")
        );
        (await Straws()).Needed.ShouldBe(60);
        await _app.Post($"/api/rallies/{taken}/kit/taken", "{}");
        await _app.Post($"/api/rallies/{begun}/entries", Json.Write<Entry>(Sample.Caught("20")));
        (await Straws()).ShouldSatisfyAllConditions(
            l => l.Needed.ShouldBe(25, "10, and 15 that were not there when the kit was taken out"),
            l => l.InCupboard.ShouldBe(0),
            l => l.Buying.Short.ShouldBe(25)
        );
        var file = await _app.Client.GetStringAsync("/api/shopping/file", TestContext.Current.CancellationToken);
        file.ShouldContain("\r\nstraws,,25,0,25,,,,,A class\r\n");
        planned.ShouldNotBe(taken);
        await _app.Post($"/api/rallies/{taken}/kit/back", new KitBack([]));
        (await Straws()).Needed.ShouldBe(10, "its lesson is over");
    }

    [Fact]
    public async Task A_cupboard_goes_out_and_comes_in_as_a_table()
    {
        await Stock("tape", 250, "cm");
        var text = await _app.Client.GetStringAsync("/api/cupboard/file", TestContext.Current.CancellationToken);
        text.TrimStart('\uFEFF').ShouldBe("material,unit,amount\r\ntape,cm,250\r\n");
        (await Read("thing;unit;amount\ntape;cm;90\ncorks;;12")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await Cupboard()).ShouldBe([new("corks", "", 12), new("tape", "cm", 90)]);
        (await RunningApp.Places(await Read("corks;;7\ntape;cm;lots"))).ShouldBe(["/text"]);
        (await Cupboard())[0].Amount.ShouldBe(12, "nothing is half taken in");
    }

    [Fact]
    public async Task What_the_teacher_says_of_a_thing_holds_everywhere_and_is_remembered_when_none_is_left()
    {
        await Stock("tape", 500, "cm");
        await Stock("rolls of tape", 2);
        await About(new("tape", "cm", false, [new("tape", "roll", 1000)]));
        (await Cupboard()).Select(i => (i.Name, i.Unit, i.Amount)).ShouldBe([("tape", "cm", 2500m)]);
        await Stock("tape", 0, "rolls", was: 2.5m);
        (await Cupboard()).ShouldHaveSingleItem().Amount.ShouldBe(0, "its other name is remembered");
        await _app.Begin(WithKit, "Able", "Bold");
        await About(new("Straw", "", true, []));
        (await Straws()).ShouldSatisfyAllConditions(l => l.AlwaysThere.ShouldBeTrue(), l => l.Buying.Short.ShouldBe(0));
        await About(new("straws", "", false, []));
        (await Straws()).Buying.Short.ShouldBe(20);
        (await Cupboard()).ShouldHaveSingleItem().Name.ShouldBe("tape");
        using var wrong = await _app.Put(
            "/api/cupboard/about",
            new ThingDescribed("tape", "cm", false, [new("", "roll", 1)])
        );
        (await RunningApp.Places(wrong)).ShouldBe(["/otherNames/0/name"]);

        async Task About(ThingDescribed said) =>
            (await _app.Put("/api/cupboard/about", said)).EnsureSuccessStatusCode();
    }

    [Fact]
    public async Task What_is_bought_for_ends_where_the_teacher_says_and_what_was_not_there_is_named()
    {
        var today = DateOnly.FromDateTime(DateTime.Now);
        var brief = await _app.AddBrief(WithKit);
        foreach (var days in new[] { 3, 20, 40 })
            (
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = brief,
                        Name = $"In {days} days",
                        Date = today.AddDays(days),
                        Teams = [new("Able")],
                    }
                )
            ).EnsureSuccessStatusCode();
        (await Needed("The next 2 weeks")).ShouldBe(10);
        (await Needed("The next 4 weeks")).ShouldBe(20);
        (await Needed("Everything planned")).ShouldBe(30);

        await Stock("straws", 4);
        var soon = (await _app.Get<List<RallyOnShelf>>("/api/rallies")).Single(r => r.Name == "In 3 days").Id;
        (await _app.Post($"/api/rallies/{soon}/kit/taken", "{}")).EnsureSuccessStatusCode();
        (await _app.Get<RallyKit>($"/api/rallies/{soon}/kit")).NotThere.ShouldBe([
            new("straws", "", 6),
            new("scissors", "", 1),
        ]);
        (await Needed("The next 2 weeks")).ShouldBe(6, "what was taken out is not bought again");

        async Task<decimal> Needed(string span)
        {
            var until = (await _app.Get<Shopping>("/api/shopping")).Spans.Single(s => s.Name == span).Until;
            return (await _app.Get<Shopping>($"/api/shopping?until={until:yyyy-MM-dd}"))
                .Lines.Single(l => l.Name == "straws")
                .Needed;
        }
    }

    [Fact]
    public async Task The_year_line_has_the_rallies_of_this_year_and_what_is_next()
    {
        var brief = await _app.AddBrief(WithKit);
        var today = DateOnly.FromDateTime(DateTime.Now);
        foreach (var (name, days) in new[] { ("Past", -1), ("Later", 9), ("Soon", 2), ("Long ago", -800) })
            (
                await _app.Post(
                    "/api/rallies",
                    new NewRally
                    {
                        Brief = brief,
                        Name = name,
                        Date = today.AddDays(days),
                        Teams = [new("Able")],
                    }
                )
            ).EnsureSuccessStatusCode();
        var year = await _app.Get<YearLine>("/api/year");
        year.Stops.ShouldNotContain(s => s.Name == "Long ago");
        year.Stops.Select(s => s.Along).ShouldBeInOrder();
        year.Along.ShouldBe(SchoolYear.Of(today, new School()).Along(today));
        year.Next.ShouldNotBeNull();
        year.Next.Name.ShouldBe("Soon");
        year.Next.Route.Select(p => p.Station)
            .ShouldBe([
                Station.Brief,
                Station.Kit,
                Station.Teams,
                Station.Run,
                Station.Score,
                Station.Results,
                Station.Debrief,
            ]);
    }

    [Fact]
    public async Task Who_is_there_begins_no_lesson_and_what_is_scored_does()
    {
        var rally = await _app.Begin(WithKit, "Able", "Bold");
        var all = (await Straws()).Needed;
        await Write(new Entry.TeamAway { Id = new(Guid.CreateVersion7()), Team = new("t2") });
        (await Straws()).Needed.ShouldBe(all / 2, "it is still bought for, for the team that is there");
        await Write(Sample.Caught("210"));
        (await _app.Get<Shopping>("/api/shopping")).Lines.ShouldBeEmpty();

        async Task Write(Entry entry) =>
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<ShoppingLine> Straws() =>
        (await _app.Get<Shopping>("/api/shopping")).Lines.Single(l => l.Name == "straws");

    private Task<List<CupboardItem>> Cupboard() => _app.Get<List<CupboardItem>>("/api/cupboard");

    private Task<HttpResponseMessage> Read(string text) =>
        _app.Client.PutAsync(
            "/api/cupboard/file",
            RunningApp.Body(Json.Write(new TableSent(text))),
            TestContext.Current.CancellationToken
        );

    private async Task Stock(string name, decimal amount, string unit = "", decimal was = 0) =>
        (
            await _app.Client.PutAsync(
                "/api/cupboard",
                RunningApp.Body(
                    Json.Write(new CupboardTyped(name, unit, amount.ToString(CultureInfo.InvariantCulture), was))
                ),
                TestContext.Current.CancellationToken
            )
        ).EnsureSuccessStatusCode();

    private async Task Count(RallyId rally, KitWay way, params (string Material, decimal Amount)[] amounts) =>
        (
            await _app.Post<Entry>(
                $"/api/rallies/{rally}/entries",
                new Entry.KitCounted
                {
                    Id = new(Guid.CreateVersion7()),
                    Team = new("t1"),
                    Way = way,
                    Amounts = [.. amounts.Select(a => new KitAmount(a.Material, a.Amount))],
                }
            )
        ).EnsureSuccessStatusCode();
}
