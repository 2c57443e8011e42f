using PluckyRally.Web.Live;

namespace PluckyRally.Web.Tests.Live;

/// <summary>What takes long waits for its turn, and leaves a processor to what judges touch.</summary>
public sealed class LongWorkTests
{
    [Fact]
    public async Task No_more_runs_at_once_than_half_of_the_processors()
    {
        using var work = new LongWork();
        using var go = new ManualResetEventSlim();
        var (running, most) = (0, 0);
        var all = Enumerable
            .Range(0, 4 * Environment.ProcessorCount)
            .Select(_ =>
                work.Run(
                    () =>
                    {
                        var now = Interlocked.Increment(ref running);
                        InterlockedMax(ref most, now);
                        go.Wait(TestContext.Current.CancellationToken);
                        return Interlocked.Decrement(ref running);
                    },
                    TestContext.Current.CancellationToken
                )
            )
            .ToList();
        go.Set();
        await Task.WhenAll(all);
        most.ShouldBeInRange(1, Math.Max(1, Environment.ProcessorCount / 2));
    }

    [Fact]
    public async Task One_that_fails_or_is_no_longer_wanted_gives_its_turn_back()
    {
        using var work = new LongWork();
        for (var i = 0; i < 2 * Environment.ProcessorCount; i++)
            await Should.ThrowAsync<InvalidOperationException>(() =>
                work.Run<int>(() => throw new InvalidOperationException(), TestContext.Current.CancellationToken)
            );
        await Should.ThrowAsync<OperationCanceledException>(() => work.Run(() => 1, new CancellationToken(true)));
        (await work.Run(() => 7, TestContext.Current.CancellationToken)).ShouldBe(7);
    }

    private static void InterlockedMax(ref int most, int now)
    {
        for (var known = most; now > known; known = most)
            Interlocked.CompareExchange(ref most, now, known);
    }
}
