using System.Net;
using System.Text.Json.Nodes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Web.Briefs;

namespace PluckyRally.Web.Tests.Briefs;

public sealed class BriefTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_brief_is_kept_with_fields_that_are_not_known()
    {
        var id = await Added("""{ "format": "plucky-rally/brief", "version": 1, "title": "Ferry", "colour": "red" }""");
        var kept = JsonNode.Parse(
            await _app.Client.GetStringAsync($"/api/briefs/{id}", TestContext.Current.CancellationToken)
        )!;
        kept["colour"]!.GetValue<string>().ShouldBe("red");
        kept["goal"]!.GetValue<string>().ShouldBe("");
    }

    [Fact]
    public async Task A_save_names_the_revision_it_was_made_from_and_gets_the_checkup_back()
    {
        var id = await _app.AddBrief(Sample.Brief());
        var saved = await Save(id, Sample.Brief("Rain catcher, larger"), "\"1\"");
        saved.StatusCode.ShouldBe(HttpStatusCode.OK);
        saved.Headers.ETag!.Tag.ShouldBe("\"2\"");
        (await RunningApp.Read(saved))
            .GetProperty("scoring")[0]
            .GetString()
            .ShouldBe("Water: 0.1 points for each mL. Your best attempt counts.");
    }

    [Fact]
    public async Task The_second_of_two_saves_from_one_revision_is_a_conflict_and_overwrites_nothing()
    {
        var id = await _app.AddBrief(Sample.Brief());
        await Save(id, Sample.Brief("First"), "\"1\"");
        var second = await Save(id, Sample.Brief("Second"), "\"1\"");
        second.StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        second.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        (await _app.Get<Brief>($"/api/briefs/{id}")).Title.ShouldBe("First");
    }

    [Fact]
    public async Task Two_saves_at_once_keep_one_and_refuse_the_other()
    {
        var id = await _app.AddBrief(Sample.Brief());
        var saves = await Task.WhenAll(
            Enumerable.Range(0, 8).Select(i => Save(id, Sample.Brief($"Save {i}"), "\"1\""))
        );
        saves.Count(s => s.StatusCode == HttpStatusCode.OK).ShouldBe(1);
        saves.Count(s => s.StatusCode == HttpStatusCode.PreconditionFailed).ShouldBe(7);
    }

    [Fact]
    public async Task A_save_without_a_revision_is_refused() =>
        (await Save(await _app.AddBrief(Sample.Brief()), Sample.Brief(), null)).StatusCode.ShouldBe(
            HttpStatusCode.UnprocessableEntity
        );

    [Theory]
    [InlineData("<script>alert(1)</script>")]
    [InlineData("🦀 🐚")]
    [InlineData("سفينة صغيرة")]
    [InlineData("Robert'); DROP TABLE Briefs;--")]
    public async Task Any_text_is_kept_to_the_letter(string title)
    {
        var id = await _app.AddBrief(Sample.Brief(title));
        (await _app.Get<Brief>($"/api/briefs/{id}")).Title.ShouldBe(title);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldContain(b => b.Title == title);
    }

    [Fact]
    public async Task A_title_of_5000_characters_is_kept_and_is_a_snag()
    {
        var id = await _app.AddBrief(Sample.Brief(new string('x', 5000)));
        var check = await _app.Get<BriefCheckup>($"/api/briefs/{id}/check");
        check.Problems.ShouldHaveSingleItem().At.ShouldBe("/title");
        (await _app.Get<Brief>($"/api/briefs/{id}")).Title.Length.ShouldBe(5000);
    }

    [Fact]
    public async Task Fields_of_the_wrong_sort_are_named_all_at_once()
    {
        var response = await _app.Post(
            "/api/briefs",
            """{ "format": "plucky-rally/brief", "version": 1, "title": 5, "trials": { "attempts": "many" } }"""
        );
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json");
        (await RunningApp.Places(response)).ShouldBe(["/title", "/trials/attempts"]);
    }

    [Theory]
    [InlineData("{ not json")]
    [InlineData("")]
    public async Task Malformed_JSON_is_refused(string text)
    {
        var response = await _app.Post("/api/briefs", text);
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Read(response)).GetProperty("title").GetString()!.ShouldContain("not JSON");
    }

    [Fact]
    public async Task What_is_not_declared_as_JSON_is_refused() =>
        (
            await _app.Client.PostAsync("/api/briefs", new StringContent("{}"), TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.UnsupportedMediaType);

    [Fact]
    public async Task An_unknown_brief_is_said_to_be_missing()
    {
        foreach (
            var path in new[]
            {
                $"/api/briefs/{Guid.NewGuid()}",
                $"/api/briefs/{Guid.NewGuid()}/check",
                "/api/briefs/x",
                "/api/nothing",
            }
        )
        {
            var response = await _app.Client.GetAsync(path, TestContext.Current.CancellationToken);
            response.StatusCode.ShouldBe(HttpStatusCode.NotFound, path);
            response.Content.Headers.ContentType!.MediaType.ShouldBe("application/problem+json", path);
        }
    }

    [Fact]
    public async Task A_brief_comes_out_as_a_file_and_goes_in_again()
    {
        var id = await _app.AddBrief(Sample.Brief());
        var file = await _app.Client.GetAsync($"/api/briefs/{id}/file", TestContext.Current.CancellationToken);
        file.Content.Headers.ContentDisposition!.FileName.ShouldBe("rain-catcher.brief.json");
        var again = await _app.Post(
            "/api/files",
            await file.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)
        );
        again.StatusCode.ShouldBe(HttpStatusCode.Created);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Count.ShouldBe(2);
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<Guid> Added(string json) =>
        (await RunningApp.Read(await _app.Post("/api/briefs", json))).GetProperty("id").GetGuid();

    private Task<HttpResponseMessage> Save(BriefId id, Brief brief, string? tag)
    {
        var request = new HttpRequestMessage(HttpMethod.Put, $"/api/briefs/{id}")
        {
            Content = RunningApp.Body(Json.Write(brief)),
        };
        if (tag is not null)
            request.Headers.TryAddWithoutValidation("If-Match", tag);
        return _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
    }
}
