using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Tests.Live;

/// <summary>
/// Windows that were told of so many entries are content with a state that has them, so that a hall of them shares one.
/// </summary>
public sealed class ToldTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task Who_was_told_shares_the_state_of_the_others_and_who_says_nothing_gets_the_newest()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await Record(rally, 2);
        (await AsOf(rally, told: 1)).ShouldBe(2);
        await Record(rally, 3);
        (await AsOf(rally, told: 1)).ShouldBe(2, "another window was answered from that, and it is as new as told");
        (await AsOf(rally, told: 2)).ShouldBe(2);
        (await AsOf(rally, told: 3)).ShouldBe(5, "what has that many is the newest");
        (await AsOf(rally, told: 1)).ShouldBe(5);
        await Record(rally, 1);
        (await AsOf(rally, told: null)).ShouldBe(6);
        (await AsOf(rally, told: 99)).ShouldBe(6, "nothing is newer than the newest");
    }

    [Fact]
    public async Task What_is_read_again_is_not_answered_from_before()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        await Record(rally, 2);
        (await AsOf(rally, told: 1)).ShouldBe(2);
        await Record(rally, 1);
        _app.Service<PluckyRally.Data.Rallies.RallyOwners>().ForgetAll();
        (await AsOf(rally, told: 1)).ShouldBe(3);
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task Record(RallyId rally, int notes)
    {
        for (var i = 0; i < notes; i++)
            (
                await _app.Post<Entry>(
                    $"/api/rallies/{rally}/entries",
                    new Entry.NoteMade
                    {
                        Id = new(Guid.CreateVersion7()),
                        Team = new("t1"),
                        Text = "It leans.",
                    }
                )
            ).EnsureSuccessStatusCode();
    }

    private async Task<int> AsOf(RallyId rally, int? told)
    {
        using var request = new HttpRequestMessage(HttpMethod.Get, $"/api/rallies/{rally}/score?team=t1");
        if (told is { } known)
            request.Headers.Add("announced", $"{known}");
        using var answer = await _app.Client.SendAsync(request, TestContext.Current.CancellationToken);
        return (await RunningApp.Read(answer.EnsureSuccessStatusCode())).GetProperty("asOf").GetInt32();
    }
}
