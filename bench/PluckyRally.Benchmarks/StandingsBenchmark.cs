using BenchmarkDotNet.Attributes;
using PluckyRally.Core;

namespace PluckyRally.Benchmarks;

/// <summary>Standings with all their reasons, beside a straight loop by hand for the same sums and the same order.</summary>
[MemoryDiagnoser]
public class StandingsBenchmark
{
    private OpenedRally _rally = null!;

    [Params("class", "fair")]
    public string Size { get; set; } = "";

    [GlobalSetup]
    public void Setup() => _rally = Size == "class" ? Sizes.Make(10, 6, 5) : Sizes.Make(200, 10, 30);

    [Benchmark(Baseline = true)]
    public int HandLoop()
    {
        var brief = _rally.Playbook.Brief;
        var totals = new Dictionary<string, decimal[]>();
        foreach (var entry in _rally.Rally.Entries)
        {
            if (entry is not Entry.TrialRecorded trial) continue;
            if (!totals.TryGetValue(trial.Team, out var best)) totals[trial.Team] = best = new decimal[brief.Measures.Count];
            for (var i = 0; i < best.Length; i++) best[i] = Math.Max(best[i], trial.Readings[i].Value!.Value);
        }

        return totals
            .Select(t => (t.Key, Total: t.Value.Sum(v => Math.Round(v * 0.2m, 1, MidpointRounding.AwayFromZero))))
            .OrderByDescending(t => t.Total)
            .ToList()
            .Count;
    }

    [Benchmark]
    public Standings Standings() => Scorer.Score(_rally.Playbook, _rally.Rally.Teams, _rally.Rally.Entries, 1);
}
