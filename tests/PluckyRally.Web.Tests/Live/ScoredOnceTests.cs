using System.Diagnostics.Metrics;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Tests.Live;

/// <summary>Whatever is shown of one state of a rally scores each of its rounds once.</summary>
[Collection(nameof(Counted))]
public sealed class ScoredOnceTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task Pad_wall_results_debrief_gallery_and_papers_of_a_state_score_each_round_once()
    {
        var rally = await _app.Begin(Sample.Brief(), "Able", "Baker");
        foreach (var round in new[] { 1, 2 })
        foreach (var entry in new Entry[] { Sample.Stands(true), Sample.Caught("210") })
            (await _app.Post($"/api/rallies/{rally}/entries", entry with { Round = round })).EnsureSuccessStatusCode();
        var scored = 0;
        using var listener = new MeterListener
        {
            InstrumentPublished = (instrument, self) =>
            {
                if (instrument.Meter.Name == "PluckyRally.Scoring")
                    self.EnableMeasurementEvents(instrument);
            },
        };
        listener.SetMeasurementEventCallback<long>((_, _, _, _) => Interlocked.Increment(ref scored));
        listener.Start();
        foreach (
            var page in new[]
            {
                "score?round=2",
                "score/sheets?team=t1&round=2",
                "wall/board?round=2",
                "results?round=2",
                "results?round=1&why=t1",
                "debrief?round=2",
                "gallery?round=2",
                "papers?round=2",
                "plots?round=2",
                "notebook",
                "memory",
                "tables/results.csv",
            }
        )
            (
                await _app.Client.GetAsync(
                    new Uri($"/api/rallies/{rally}/{page}", UriKind.Relative),
                    TestContext.Current.CancellationToken
                )
            ).EnsureSuccessStatusCode();
        scored.ShouldBe(2, "round 1 and round 2");
    }

    public void Dispose() => AppPool.Return(_app);
}

/// <summary>What counts what the whole program does runs when nothing else does.</summary>
[CollectionDefinition(nameof(Counted), DisableParallelization = true)]
public sealed class Counted;
