using System.Net;
using System.Net.Http.Json;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Web.Briefs;

namespace PluckyRally.Web.Tests.Briefs;

public sealed class ShelfTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Theory]
    [InlineData("rain", 2)]
    [InlineData("CATCHER", 1)]
    [InlineData("catcher rain", 1)]
    [InlineData("stands by itself", 2)]
    [InlineData("kelp", 0)]
    [InlineData("%", 1)]
    [InlineData("_", 0)]
    [InlineData("100%", 1)]
    public async Task Searching_finds_every_word_in_titles_texts_and_rules(string search, int count)
    {
        await _app.AddBrief(Sample.Brief("Rain catcher"));
        await _app.AddBrief(Sample.Brief("Umbrella") with { Story = "It rains. 100% of the time." });
        (await _app.Get<List<BriefOnShelf>>($"/api/briefs?search={Uri.EscapeDataString(search)}")).Count.ShouldBe(
            count
        );
    }

    [Fact]
    public async Task What_could_not_have_been_recorded_is_said_before_a_file_is_taken_in_and_can_be_struck_out()
    {
        var entry = new Entry.TrialRecorded
        {
            Id = new(Guid.NewGuid()),
            Team = new("terns"),
            Outcome = TrialOutcome.Counted,
            Readings = [new() { Measure = "caught", Typed = "a lot" }],
        };
        var file = Json.Write(
            new Rally
            {
                Name = "Odd",
                Edition = new() { Brief = Sample.Brief() },
                Teams = [new() { Id = new("terns"), Name = "Terns" }],
                Entries = [entry],
            }
        );
        var looked = await RunningApp.Read(await _app.Post("/api/files/look", file));
        looked.GetProperty("says").GetString()!.ShouldContain("1 entry more is kept, but set aside and not scored");
        looked.GetProperty("warnings")[0].GetProperty("at").GetString().ShouldBe("/entries/0/readings/0/typed");

        var rally = (await RunningApp.Read(await _app.Post("/api/files", file))).GetProperty("id").GetGuid();
        var aside = (await _app.Get<JsonElement>($"/api/rallies/{rally}")).GetProperty("aside");
        aside[0].GetProperty("entry").GetProperty("id").GetGuid().ShouldBe(entry.Id.Value);
        aside[0]
            .GetProperty("problems")[0]
            .GetProperty("what")
            .GetString()!
            .ShouldContain("cannot be read as a number");
        (await _app.Get<JsonElement>($"/api/rallies/{rally}/file")).GetProperty("entries").GetArrayLength().ShouldBe(1);

        var strike = new Entry.StruckOut
        {
            Id = new(Guid.NewGuid()),
            Team = new("terns"),
            Entry = entry.Id,
            Reason = "set aside",
        };
        (await _app.Post($"/api/rallies/{rally}/entries", Json.Write<Entry>(strike))).StatusCode.ShouldBe(
            HttpStatusCode.Created
        );
        (await _app.Get<JsonElement>($"/api/rallies/{rally}")).GetProperty("aside").GetArrayLength().ShouldBe(0);
        (await _app.Get<JsonElement>($"/api/rallies/{rally}/file")).GetProperty("entries").GetArrayLength().ShouldBe(2);
    }

    [Fact]
    public async Task What_is_archived_is_off_the_shelf_and_comes_back()
    {
        var id = await _app.AddBrief(Sample.Brief());
        (await Put($"/api/briefs/{id}/archived", """{ "away": true }""")).StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
        (await _app.Get<List<BriefOnShelf>>("/api/briefs?archived=true")).ShouldHaveSingleItem().Id.ShouldBe(id);
        await Put($"/api/briefs/{id}/archived", """{ "away": false }""");
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).Count.ShouldBe(1);
        (await Put($"/api/briefs/{Guid.NewGuid()}/archived", """{ "away": true }""")).StatusCode.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task A_copy_stands_by_itself()
    {
        var id = await _app.AddBrief(Sample.Brief());
        var copy = (await RunningApp.Read(await _app.Post($"/api/briefs/{id}/copy", "{}"))).GetProperty("id").GetGuid();
        copy.ShouldNotBe(id.Value);
        (await _app.Get<Brief>($"/api/briefs/{copy}")).Title.ShouldBe("Rain catcher (copy)");
    }

    [Fact]
    public async Task A_version_is_kept_before_the_first_change_and_not_for_every_word()
    {
        var id = await _app.AddBrief(Sample.Brief("First"));
        await Save(id, "Second", 1);
        await Save(id, "Third", 2);
        var versions = await Versions(id);
        versions.Select(v => v.GetProperty("title").GetString()).ShouldBe(["First"]);
        var differences = await _app.Client.GetFromJsonAsync<JsonElement>(
            $"/api/briefs/{id}/versions/1",
            TestContext.Current.CancellationToken
        );
        differences[0].GetProperty("before").GetString().ShouldBe("First");
        differences[0].GetProperty("after").GetString().ShouldBe("Third");
    }

    [Fact]
    public async Task A_version_is_kept_again_after_five_minutes()
    {
        var id = await _app.AddBrief(Sample.Brief("First"));
        await Save(id, "Second", 1);
        var later = DateTimeOffset.UtcNow.AddMinutes(6);
        await using (var db = _app.OpenDb())
            await db.Briefs.ExecuteUpdateAsync(
                set => set.SetProperty(b => b.ChangedAt, later),
                TestContext.Current.CancellationToken
            );
        await Save(id, "Third", 2);
        (await Versions(id)).Select(v => v.GetProperty("title").GetString()).ShouldBe(["Second", "First"]);
    }

    [Fact]
    public async Task Bringing_back_a_version_loses_nothing()
    {
        var id = await _app.AddBrief(Sample.Brief("First"));
        await Save(id, "Second", 1);
        var restored = await Restore(id, 1, "\"2\"");
        restored.StatusCode.ShouldBe(HttpStatusCode.NoContent);
        (await _app.Get<Brief>($"/api/briefs/{id}")).Title.ShouldBe("First");
        (await Versions(id)).Select(v => v.GetProperty("title").GetString()).ShouldBe(["Second", "First"]);
        (await Restore(id, 1, "\"2\"")).StatusCode.ShouldBe(HttpStatusCode.PreconditionFailed);
        (await Restore(id, 99, "\"3\"")).StatusCode.ShouldBe(HttpStatusCode.NotFound);
        (await Restore(id, 1, null)).StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
    }

    [Fact]
    public async Task Looking_at_a_file_says_what_it_would_do_and_keeps_nothing()
    {
        var looked = await RunningApp.Read(await _app.Post("/api/files/look", Sample.Brief()));
        looked.GetProperty("says").GetString().ShouldBe("A brief. It will be added to your briefs.");
        looked.GetProperty("snags").GetInt32().ShouldBe(0);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
        await _app.AddBrief(Sample.Brief());
        (await RunningApp.Read(await _app.Post("/api/files/look", Sample.Brief())))
            .GetProperty("says")
            .GetString()!
            .ShouldContain("You already have one with this title.");
    }

    [Fact]
    public async Task A_file_that_is_no_brief_is_refused_whole_with_all_its_problems()
    {
        var response = await _app.Post(
            "/api/files/look",
            """{ "format": "plucky-rally/brief", "version": 1, "title": 5, "goal": 6 }"""
        );
        response.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await RunningApp.Places(response)).ShouldBe(["/title", "/goal"]);
    }

    [Theory]
    [InlineData("""{ "format": "plucky-rally/brief", "version": 4, "title": "Newer" }""", "newer version")]
    [InlineData("PK\u0003\u0004 a packed folder", "not JSON")]
    public async Task What_cannot_be_read_is_refused_by_name(string text, string says)
    {
        foreach (var path in new[] { "/api/files/look", "/api/files" })
            (await RunningApp.Read(await _app.Post(path, text))).GetProperty("title").GetString()!.ShouldContain(says);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_file_of_50_MB_is_refused_clearly()
    {
        var text = $$"""
            { "format": "plucky-rally/brief", "version": 1, "title": "Large",
            "story": "{{new string('x', 50_000_000)}}" }
            """;
        (await RunningApp.Read(await _app.Post("/api/files", text)))
            .GetProperty("title")
            .GetString()!
            .ShouldContain("larger than");
    }

    [Fact]
    public async Task A_packed_body_is_not_unpacked()
    {
        var bomb = new ByteArrayContent([0x1f, 0x8b, 8, 0, 0, 0, 0, 0]);
        bomb.Headers.ContentType = new("application/json");
        bomb.Headers.ContentEncoding.Add("gzip");
        var response = await _app.Client.PostAsync("/api/files", bomb, TestContext.Current.CancellationToken);
        response.StatusCode.ShouldBe(HttpStatusCode.BadRequest);
        (await RunningApp.Read(response)).GetProperty("title").GetString()!.ShouldContain("UTF-8");
    }

    [Fact]
    public async Task The_sheet_comes_out_as_Markdown_with_scripts_made_harmless()
    {
        var id = await _app.AddBrief(Sample.Brief("<script>alert(1)</script>"));
        var file = await _app.Client.GetAsync(
            $"/api/briefs/{id}/markdown?teacher=false",
            TestContext.Current.CancellationToken
        );
        file.Content.Headers.ContentType!.MediaType.ShouldBe("text/markdown");
        file.Content.Headers.ContentDisposition!.FileName.ShouldBe("script-alert-1---script.brief.md");
        (await file.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).ShouldStartWith(
            @"# \<script\>alert(1)\</script\>"
        );
        (
            await _app.Client.GetAsync($"/api/briefs/{id}/markdown?tier=none", TestContext.Current.CancellationToken)
        ).StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<IReadOnlyList<JsonElement>> Versions(BriefId id) =>
        [
            .. (
                await _app.Client.GetFromJsonAsync<JsonElement>(
                    $"/api/briefs/{id}/versions",
                    TestContext.Current.CancellationToken
                )
            ).EnumerateArray(),
        ];

    private async Task Save(BriefId id, string title, int revision)
    {
        var request = new HttpRequestMessage(HttpMethod.Put, $"/api/briefs/{id}")
        {
            Content = RunningApp.Body(Json.Write(Sample.Brief(title))),
        };
        request.Headers.TryAddWithoutValidation("If-Match", $"\"{revision}\"");
        (await _app.Client.SendAsync(request, TestContext.Current.CancellationToken)).EnsureSuccessStatusCode();
    }

    private Task<HttpResponseMessage> Restore(BriefId id, int version, string? tag)
    {
        var request = new HttpRequestMessage(HttpMethod.Post, $"/api/briefs/{id}/versions/{version}/restored");
        if (tag is not null)
            request.Headers.TryAddWithoutValidation("If-Match", tag);
        return _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
    }

    private Task<HttpResponseMessage> Put(string path, string json) =>
        _app.Client.PutAsync(path, RunningApp.Body(json), TestContext.Current.CancellationToken);
}
