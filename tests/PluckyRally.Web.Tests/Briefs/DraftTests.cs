using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Readings;
using PluckyRally.Web.Briefs;
using PluckyRally.Web.Teams;

namespace PluckyRally.Web.Tests.Briefs;

public sealed class DraftTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_brief_begun_from_a_pattern_is_on_the_shelf_with_its_grades()
    {
        var begun = await _app.Post(
            "/api/briefs/begun",
            new NewBrief(Pattern.LeastEffort, GradeBand.From6To8, UnitSystem.Customary)
        );
        begun.StatusCode.ShouldBe(HttpStatusCode.Created);
        var shelf = (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldHaveSingleItem();
        shelf.Grades.ShouldBe([GradeBand.From6To8]);
        shelf.Pattern.ShouldBe(Pattern.LeastEffort);
        shelf.Minutes.ShouldBeGreaterThan(20);
    }

    [Fact]
    public async Task A_fix_is_made_and_fields_that_are_not_known_stay()
    {
        var draft = JsonNode.Parse(Json.Write(Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Metric)))!;
        draft["colour"] = "red";
        var check = BriefCheckup.Of(DocumentReader.Brief(draft.ToJsonString()).OrThrow().Value, []);
        var fix = check.Snags.First(s => s.Id == "caution").Fix!;
        var corrected = await _app.Post(
            "/api/drafts/changed",
            new JsonObject
            {
                ["brief"] = draft,
                ["changes"] = JsonSerializer.SerializeToNode(fix.Changes, Json.Options),
            }.ToJsonString()
        );
        corrected.StatusCode.ShouldBe(HttpStatusCode.OK);
        var brief = await RunningApp.Read(corrected);
        brief.GetProperty("hazards")[0].GetProperty("acknowledged").GetBoolean().ShouldBeTrue();
        brief.GetProperty("colour").GetString().ShouldBe("red");
    }

    [Fact]
    public async Task A_draft_of_version_1_that_a_browser_kept_is_saved_as_the_newest()
    {
        var draft = JsonNode.Parse(Json.Write(Patterns.Begin(Pattern.Relay, GradeBand.From3To5, UnitSystem.Metric)))!;
        draft["version"] = 1;
        draft["method"]!["tieBreaks"]![0]!["value"] = "relay_value";
        var shelved = await _app.Post("/api/briefs", draft.ToJsonString());
        shelved.StatusCode.ShouldBe(HttpStatusCode.Created);
        var kept = await _app.Get<JsonElement>(
            $"/api/briefs/{(await RunningApp.Read(shelved)).GetProperty("id").GetGuid()}/file"
        );
        kept.GetProperty("version").GetInt32().ShouldBe(Brief.NewestVersion);
        kept.GetProperty("method").GetProperty("tieBreaks")[0].GetProperty("value").GetString().ShouldBe("relay.value");
    }

    [Fact]
    public async Task A_change_whose_place_is_gone_is_refused_by_name()
    {
        var response = await _app.Post(
            "/api/drafts/changed",
            new DraftChanges(Sample.Brief(), [Change.Set("/rules/gone/text", "x")])
        );
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(response)).ShouldBe(["/rules/gone/text"]);
    }

    [Fact]
    public async Task Pretend_results_come_back_with_points_curves_and_reasons()
    {
        var response = await _app.Post(
            "/api/drafts/tryout",
            new DraftTryout(
                Sample.Brief(),
                "",
                [
                    new()
                    {
                        Name = "Able",
                        Values = new Dictionary<string, decimal> { ["caught"] = 200 },
                    },
                ]
            )
        );
        response.StatusCode.ShouldBe(HttpStatusCode.OK);
        var row = (await RunningApp.Read(response)).GetProperty("standings").GetProperty("rows")[0];
        row.GetProperty("total").GetDecimal().ShouldBe(20);
        row.GetProperty("why").GetArrayLength().ShouldBeGreaterThan(3);
    }

    [Fact]
    public async Task What_cannot_be_run_cannot_be_tried_and_says_why() =>
        (
            await RunningApp.Places(
                await _app.Post("/api/drafts/tryout", new DraftTryout(Sample.Brief() with { Title = "" }, "", []))
            )
        ).ShouldBe(["/title"]);

    [Fact]
    public async Task A_tier_shows_its_sheet_and_what_differs()
    {
        var brief = Sample.Brief() with
        {
            Tiers =
            [
                new()
                {
                    Id = "young",
                    Name = "Young",
                    Overrides = [new("/trials/attempts", JsonElement.Parse("1"))],
                },
            ],
        };
        var sheet = await RunningApp.Read(await _app.Post("/api/drafts/edition", new DraftInTier(brief, "young")));
        sheet.GetProperty("tier").GetString().ShouldBe("Young");
        sheet.GetProperty("sheet").GetProperty("test")[0].GetString().ShouldBe("You have one attempt.");
        sheet.GetProperty("differences")[0].GetProperty("where").GetString().ShouldBe("Test: attempts");
    }

    [Fact]
    public async Task A_tier_is_proposed_from_its_grades()
    {
        var tier = await RunningApp.Read(
            await _app.Post("/api/drafts/tier", new DraftForGrades(Sample.Brief(), GradeBand.KTo2))
        );
        tier.GetProperty("name").GetString().ShouldBe("Kindergarten to grade 2");
    }

    [Fact]
    public async Task A_rally_does_not_begin_while_a_caution_is_unread()
    {
        var brief = Sample.Brief() with { Hazards = [new Hazard { Kind = HazardKind.SlipperyFloors }] };
        var refused = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(brief),
                Name = "A class",
                Teams = [new("Terns")],
            }
        );
        refused.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(refused)).ShouldBe(["/edition/brief/hazards/0/acknowledged"]);
    }

    [Fact]
    public async Task A_rally_is_begun_in_a_tier()
    {
        var brief = Sample.Brief() with
        {
            Tiers =
            [
                new()
                {
                    Id = "young",
                    Name = "Young",
                    Overrides = [new("/trials/attempts", JsonElement.Parse("1"))],
                },
            ],
        };
        var begun = await _app.Post(
            "/api/rallies",
            new NewRally
            {
                Brief = await _app.AddBrief(brief),
                Name = "A class",
                Tier = "young",
                Teams = [new("Terns")],
            }
        );
        var rally = await _app.Client.GetFromJsonAsync<JsonElement>(
            $"/api/rallies/{(await RunningApp.Read(begun)).GetProperty("id").GetGuid()}",
            TestContext.Current.CancellationToken
        );
        rally.GetProperty("tier").GetString().ShouldBe("Young");
        rally.GetProperty("brief").GetProperty("trials").GetProperty("attempts").GetInt32().ShouldBe(1);
    }

    public void Dispose() => AppPool.Return(_app);
}
