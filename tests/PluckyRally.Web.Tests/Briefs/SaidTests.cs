using System.Net;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Web.Briefs;

namespace PluckyRally.Web.Tests.Briefs;

/// <summary>A challenge in plain words, over the line.</summary>
public sealed class SaidTests : IDisposable
{
    private const string Text =
        "The raft\nIt must be at least 12 in long. Teams of 3 or 4.\nYou may use:\n- 20 straws\n";
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_text_is_read_and_nothing_is_kept()
    {
        var answer = await _app.Post("/api/drafts/read", new SaidText(Text, GradeBand.From3To5, UnitSystem.Metric));
        answer.StatusCode.ShouldBe(HttpStatusCode.OK);
        var read = await RunningApp.Read(answer);
        read.GetProperty("proposals")[1].GetProperty("at").GetString().ShouldBe("/rules/-");
        read.GetProperty("questions")[0].GetProperty("readings").GetArrayLength().ShouldBe(2);
        (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldBeEmpty();
    }

    [Fact]
    public async Task A_brief_is_begun_with_what_is_taken()
    {
        var said = new SaidBrief(Text, GradeBand.From3To5, UnitSystem.Metric, LeftOut: [2], [new(0, 1)]);
        (await _app.Post("/api/briefs/read", said)).StatusCode.ShouldBe(HttpStatusCode.Created);
        var listed = (await _app.Get<List<BriefOnShelf>>("/api/briefs")).ShouldHaveSingleItem();
        var brief = await _app.Get<Brief>($"/api/briefs/{listed.Id}");
        (brief.Title, brief.Grades, brief.Timing.TeamSize).ShouldBe(("The raft", GradeBand.From3To5, 4));
        brief.Materials.ShouldBeEmpty();
        brief.Rules.ShouldHaveSingleItem().Check.ShouldBeOfType<RuleCheck.Limit>().Amount.ShouldBe("12 in");
    }

    [Fact]
    public async Task A_text_that_is_too_long_is_refused_with_the_number_that_would_do()
    {
        var said = new SaidText(new('x', BriefReader.Longest + 1), GradeBand.From3To5, UnitSystem.Metric);
        var refused = await _app.Post("/api/drafts/read", said);
        refused.StatusCode.ShouldBe(HttpStatusCode.UnprocessableEntity);
        (await refused.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)).ShouldContain("20000");
    }

    public void Dispose() => AppPool.Return(_app);
}
