using System.Globalization;
using System.Net;
using CsvHelper;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Route;
using PluckyRally.Core.Teams;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Kit;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Kit;

public sealed class KitTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task What_is_in_the_cupboard_is_shared_by_all_briefs_and_taken_off()
    {
        var (one, other) = (await Brief("straws", 10), await Brief("Straws", 2));
        await Put("""{ "name": "straws", "unit": "", "typed": "30", "was": 0 }""");
        (await Sheet(one, "?teams=5"))
            .Lines.ShouldHaveSingleItem()
            .ShouldSatisfyAllConditions(l => l.Total.ShouldBe(50), l => l.Short.ShouldBe(20));
        (await Sheet(other, "?teams=5")).Missing.ShouldBe(0);
        await Put("""{ "name": "STRAWS", "unit": "", "typed": "0", "was": 30 }""");
        (await _app.Get<List<CupboardItem>>("/api/cupboard")).ShouldBeEmpty();
    }

    [Fact]
    public async Task The_bunting_counts_what_is_short()
    {
        var id = await Brief("straws", 10);
        (await _app.Get<BriefCheckup>($"/api/briefs/{id}/check"))
            .Route.Single(p => p.Station == Station.Kit)
            .ShouldSatisfyAllConditions(p => p.Readiness.ShouldBe(Readiness.InProgress), p => p.Missing.ShouldBe(1));
        await Put("""{ "name": "straws", "unit": "", "typed": "1000", "was": 0 }""");
        (await _app.Get<BriefCheckup>($"/api/briefs/{id}/check"))
            .Route.Single(p => p.Station == Station.Kit)
            .Readiness.ShouldBe(Readiness.Done);
    }

    [Theory]
    [InlineData("""{ "name": "", "unit": "", "typed": "1", "was": 0 }""", "/name")]
    [InlineData("""{ "name": "x", "unit": "", "typed": "-1", "was": 0 }""", "/typed")]
    [InlineData("""{ "name": "x", "unit": "", "typed": "some", "was": 0 }""", "/typed")]
    public async Task What_cannot_be_in_a_cupboard_is_refused(string item, string at) =>
        (await RunningApp.Places(await Put(item))).ShouldBe([at]);

    /// <summary>RFC 4180, and no formula for a spreadsheet to run (OWASP: CSV injection).</summary>
    [Theory]
    [InlineData("=1+1", "'=1+1")]
    [InlineData("+cmd", "'+cmd")]
    [InlineData("@sum", "'@sum")]
    [InlineData("straws, \"long\"\nones", "straws, \"long\"\nones")]
    public async Task The_shopping_list_is_safe_to_open(string name, string written)
    {
        var file = await _app.Client.GetAsync(
            $"/api/briefs/{await Brief(name, 3)}/shopping?teams=4",
            TestContext.Current.CancellationToken
        );
        file.Content.Headers.ContentType!.MediaType.ShouldBe("text/csv");
        using var csv = new CsvReader(
            new StreamReader(await file.Content.ReadAsStreamAsync(TestContext.Current.CancellationToken)),
            CultureInfo.InvariantCulture
        );
        await csv.ReadAsync();
        csv.ReadHeader();
        (await csv.ReadAsync()).ShouldBeTrue();
        (csv.GetField("material"), csv.GetField("needed"), csv.GetField("money")).ShouldBe((written, "12", "€"));
        (await csv.ReadAsync()).ShouldBeFalse();
    }

    [Fact]
    public async Task How_many_teams_are_expected_is_the_briefs_own_number()
    {
        var id = await _app.AddBrief(
            Sample.Brief() with
            {
                Timing = new() { Teams = 3, TeamSize = 5 },
                Materials =
                [
                    new()
                    {
                        Id = "m",
                        Name = "pens",
                        Amount = 2,
                        Per = Per.Member,
                    },
                ],
            }
        );
        (await _app.Get<KitSheet>($"/api/briefs/{id}/kit")).ShouldSatisfyAllConditions(
            k => (k.Teams, k.TeamSize).ShouldBe((3, 5)),
            k => k.List.Lines.Single().Total.ShouldBe(30)
        );
        (await _app.Get<BriefCheckup>($"/api/briefs/{id}/check"))
            .Route.Single(p => p.Station == Station.Kit)
            .Missing.ShouldBe(1);
        await Put("""{ "name": "pens", "unit": "", "typed": "30", "was": 0 }""");
        (await _app.Get<BriefCheckup>($"/api/briefs/{id}/check"))
            .Route.Single(p => p.Station == Station.Kit)
            .Readiness.ShouldBe(Readiness.Done);
    }

    [Fact]
    public async Task How_much_there_is_may_be_typed_with_its_unit()
    {
        await Put("""{ "name": "tape", "unit": "cm", "typed": "2 m", "was": 0 }""");
        await Put("""{ "name": "rope", "unit": null, "typed": "1 1/2 m", "was": 0 }""");
        (await _app.Get<List<CupboardItem>>("/api/cupboard")).ShouldBe(
            [new("rope", "m", 1.5m), new("tape", "cm", 200)],
            ignoreOrder: true
        );
        (
            await RunningApp.Places(await Put("""{ "name": "tape", "unit": "cm", "typed": "2 kg", "was": 200 }"""))
        ).ShouldBe(["/typed"]);
    }

    [Theory]
    [InlineData("?teams=0", HttpStatusCode.UnprocessableEntity)]
    [InlineData("?teams=7&members=99", HttpStatusCode.UnprocessableEntity)]
    [InlineData("?tier=none", HttpStatusCode.UnprocessableEntity)]
    [InlineData("?teams=many", HttpStatusCode.BadRequest)]
    public async Task A_class_that_cannot_be_is_refused(string query, HttpStatusCode status) =>
        (
            await _app.Client.GetAsync(
                $"/api/briefs/{await Brief("straws", 1)}/kit{query}",
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(status);

    [Fact]
    public async Task Only_what_a_brief_has_is_planned_and_its_cards_are_drawn_as_for_a_rally()
    {
        var bare = await _app.Get<KitSheet>($"/api/briefs/{await Brief("straws", 10)}/kit");
        (bare.IsLoaded, bare.Bags.Count, bare.Deals.Count).ShouldBe((false, 0, 0));
        var dealt = Sample.Brief() with
        {
            Pattern = Pattern.DrawABag,
            Timing = new() { Teams = 3 },
            Materials =
            [
                new()
                {
                    Id = "w",
                    Name = "washers",
                    Category = "weight",
                    Amount = 9,
                },
                new()
                {
                    Id = "c",
                    Name = "card",
                    Category = "covering",
                    Amount = 2,
                },
            ],
            Deals =
            [
                new()
                {
                    Id = "machine",
                    Name = "Machine",
                    Cards =
                    [
                        new() { Id = "a", Name = "Lever" },
                        new() { Id = "b", Name = "Pulley" },
                        new() { Id = "c", Name = "Ramp" },
                    ],
                },
            ],
        };
        var id = await _app.AddBrief(dealt);
        var sheet = await _app.Get<KitSheet>($"/api/briefs/{id}/kit");
        sheet.IsLoaded.ShouldBeTrue();
        sheet.Bags.ShouldHaveSingleItem().Name.ShouldBe("card");
        sheet.Deals.ShouldHaveSingleItem().ShouldBe(new("machine", "Machine"));

        var rally = await _app.Begin(dealt, "Able", "Bold", "Cool");
        (
            await _app.Post($"/api/rallies/{rally}/draws/cards", new CardsWanted("machine", Seed: 7))
        ).EnsureSuccessStatusCode();
        var opened = await _app.Get<RallyOpened>($"/api/rallies/{rally}");
        (await _app.Get<List<CardShown>>($"/api/briefs/{id}/cards?deal=machine&seed=7"))
            .Select(c => c.Name)
            .ShouldBe(opened.Teams.Select(t => opened.Cards[t.Id].Single().Name), "the same number, the same cards");
        using var none = await _app.Client.GetAsync(
            $"/api/briefs/{id}/cards?deal=none&seed=7",
            TestContext.Current.CancellationToken
        );
        none.StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Loads_and_bags_are_planned()
    {
        (await _app.Get<LoadingPlan>("/api/loading?expected=240&roll=50")).Placements.Count.ShouldBe(14);
        var bags = await RunningApp.Read(
            await _app.Post(
                "/api/bags",
                new BagDraw(
                    [new("string", "joining", 9)],
                    [new("joining", 2, 3)],
                    [new("A"), new("B")],
                    Same: false,
                    Spread: 0,
                    Seed: 4
                )
            )
        );
        bags.GetArrayLength().ShouldBe(2);
        (
            await RunningApp.Places(
                await _app.Post(
                    "/api/bags",
                    new BagDraw([], [new("joining", 2, 3)], [new("A")], Same: false, Spread: 0, Seed: 4)
                )
            )
        ).ShouldBe(["/shares/0"]);
    }

    [Fact]
    public async Task The_bags_of_a_brief_by_a_number_are_those_of_its_rally()
    {
        var brief = Sample.Brief() with
        {
            Pattern = Pattern.DrawABag,
            Timing = new() { Teams = 2 },
            Materials =
            [
                Piece("straws", "joining", 4),
                Piece("pegs", "joining", 3),
                Piece("cards", "covering", 2),
                Piece("bags", "covering", 2),
            ],
        };
        var id = await _app.AddBrief(brief);
        var sheet = await _app.Get<KitSheet>($"/api/briefs/{id}/kit");
        BagShare[] shares = [new("joining", 2, 3), new("covering", 1, 2)];
        var drawn = await RunningApp.Read(
            await _app.Post(
                "/api/bags",
                new BagDraw(sheet.Bags, shares, [new("A"), new("B")], Same: false, Spread: 2, Seed: 31)
            )
        );
        using var made = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = id,
                Name = "A class",
                Teams = [new("Able"), new("Bold")],
            }
        );
        var rally = (await RunningApp.Read(made)).GetProperty("id").GetGuid();
        (
            await _app.Post($"/api/rallies/{rally}/draws/bags", new BagsWanted(shares, false, 2, 31, "", 1))
        ).EnsureSuccessStatusCode();
        var kit = await _app.Get<RallyKit>($"/api/rallies/{rally}/kit");
        for (var team = 0; team < 2; team++)
            kit.Teams[team]
                .Lines.Where(l => l.Due > 0)
                .Select(l => (l.Material, l.Due))
                .ShouldBe(
                    drawn[team]
                        .GetProperty("amounts")
                        .EnumerateArray()
                        .Select(a => (a.GetProperty("material").GetString()!, a.GetProperty("amount").GetDecimal())),
                    ignoreOrder: true
                );

        static Material Piece(string name, string category, int amount) =>
            new()
            {
                Id = name,
                Name = name,
                Amount = amount,
                Category = category,
            };
    }

    public void Dispose() => AppPool.Return(_app);

    private Task<BriefId> Brief(string material, decimal amount) =>
        _app.AddBrief(
            Sample.Brief() with
            {
                Money = "€",
                Materials =
                [
                    new()
                    {
                        Id = "m",
                        Name = material,
                        Amount = amount,
                        Price = 0.5m,
                    },
                ],
            }
        );

    private async Task<KitList> Sheet(BriefId id, string query) =>
        (await _app.Get<KitSheet>($"/api/briefs/{id}/kit{query}")).List;

    private Task<HttpResponseMessage> Put(string json) =>
        _app.Client.PutAsync("/api/cupboard", RunningApp.Body(json), TestContext.Current.CancellationToken);
}
