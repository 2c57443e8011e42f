using System.Net.Http.Json;
using System.Text.Json;

namespace PluckyRally.Ui.Tests.Run;

/// <summary>Cards that are drawn while the class works: on Run, on the wall, at the pad, also without a line.</summary>
public sealed class CardsInLessonTests(WorkingServer server) : ScreenTest
{
    private readonly RunningServer _server = server;

    /// <summary>
    /// Of 24 tokens 2 balls for 5, then one for 10, are 4 left. Without a line, the pad does not know that foil is
    /// forbidden and sells a sheet for 4: 0 left.
    /// </summary>
    [Fact]
    public async Task A_card_changes_a_price_and_a_pad_without_a_line_sells_by_what_it_showed()
    {
        var (walk, rally) = await BeginToJudge(_server, "A cold box for the catch");
        var score = walk.Place;
        walk.See("24 tokens left");
        walk.Type("balls of sheep wool: how many", "2");
        walk.ClickButton("balls of sheep wool: buy 2");
        walk.See("14 tokens left");

        walk.Open($"/rallies/{rally}/run");
        walk.ClickButton("Start: Introduce");
        walk.Choose("draw", "“No shearing this week”");
        walk.ClickButton("Draw");
        walk.See("Balls of sheep wool: twice the price from now on.");
        walk.See("News from the quay: “No shearing this week” chosen for all");
        walk.ShouldBeAccessible();
        walk.Open($"/rallies/{rally}/wall");
        walk.See("No shearing this week");

        walk.Open(score);
        walk.See("10 tokens each, because of “No shearing this week”");
        walk.ClickButton("balls of sheep wool: buy 1");
        walk.See("4 tokens left");
        walk.Offline(true);
        await Draw(rally, "gulls");
        walk.ClickButton("sheets of foil: buy 1");
        walk.See("1 kept on this device, not sent yet.");
        walk.See("Left: not known without a connection");
        walk.Offline(false);
        walk.See("0 tokens left");
        walk.See("the card “Gulls at the foil” forbids it, and the device did not know that yet.");
        walk.See("No more: the card “Gulls at the foil” forbids it.");
        walk.Button("sheets of foil: buy 1").Enabled.ShouldBeFalse();
        walk.Button("sheets of foil: give back 1").Enabled.ShouldBeTrue();
        walk.ShouldBeAccessible();
    }

    /// <summary>2 balls for 5 leave 14; changed to 6 for everything they leave 12, from now on still 14.</summary>
    [Fact]
    public async Task Whoever_mends_a_price_says_from_when_it_holds_and_sees_the_money()
    {
        var (walk, rally) = await BeginToJudge(_server, "A cold box for the catch");
        walk.See("24 tokens left");
        walk.Type("balls of sheep wool: how many", "2");
        walk.ClickButton("balls of sheep wool: buy 2");
        walk.See("14 tokens left");
        walk.Open($"/rallies/{rally}/change");
        walk.See("a team pays");
        walk.Driver.FindElements(By.CssSelector("input[data-at$='/prices/wool/each']"))
            .Single(price => price.Displayed)
            .SendKeys(Keys.Control + "a" + Keys.Null + "6");
        walk.ClickButton("Preview changes");
        walk.See("The price of something already bought changes.");
        walk.Text.ShouldNotContain("spent 12 tokens");
        walk.Click(() => walk.One("field", "to everything that was bought", exact: false));
        walk.See("spent 10 tokens");
        walk.See("spent 12 tokens");
        walk.ShouldBeAccessible();
    }

    private async Task Draw(string rally, string card)
    {
        using var http = new HttpClient { BaseAddress = new Uri(_server.Address) };
        using var drawn = await http.PostAsJsonAsync(
            $"/api/rallies/{rally}/draws/card",
            new
            {
                deal = "news",
                team = "",
                card,
            },
            TestContext.Current.CancellationToken
        );
        drawn.EnsureSuccessStatusCode();
        (await drawn.Content.ReadFromJsonAsync<JsonElement>(TestContext.Current.CancellationToken))
            .GetProperty("does")
            .GetArrayLength()
            .ShouldBe(1);
    }
}
