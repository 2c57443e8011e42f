using BenchmarkDotNet.Attributes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Benchmarks;

/// <summary>
/// A thousand classes of eight teams play a brief. Aim: under two seconds on one core. Yardstick: a class's standings
/// with their words, a thousand times.
/// </summary>
[MemoryDiagnoser]
public class RehearsalBenchmark
{
    private Rehearsal _rehearsal = null!;
    private OpenedRally _class = null!;

    /// <summary>Two parts, and five parts with three attempts.</summary>
    [Params(2, 5)]
    public int Parts { get; set; }

    [GlobalSetup]
    public void Setup()
    {
        _class = Sizes.Make(8, Parts, 3);
        _rehearsal = Rehearsal
            .Of(_class.In(1).Compiled, new RehearsalAsked { Teams = 8, Classes = 1000 }, ThingsRemembered.Nothing)
            .OrThrow();
    }

    [Benchmark]
    public RehearsalReport Thousand() => RehearsalReport.Of(_rehearsal, _ => { }, CancellationToken.None);

    [Benchmark(Baseline = true)]
    public int Standings()
    {
        var placed = 0;
        for (var i = 0; i < 1000; i++)
            placed += RoundResult.Of(_class.In(1), _class.Stands).Standings.Rows.Count;
        return placed;
    }

    /// <summary>How long each brief of a folder takes.</summary>
    public static IEnumerable<string> Each(string folder)
    {
        foreach (var file in Directory.GetFiles(folder, "*.brief.json").Order(StringComparer.Ordinal))
        {
            var compiled = CompiledEdition
                .For(Editions.Resolve(DocumentReader.Brief(File.ReadAllText(file)).OrThrow().Value, "").OrThrow())
                .OrThrow();
            var rehearsal = Rehearsal
                .Of(compiled, new RehearsalAsked { Teams = 8, Classes = 1000 }, ThingsRemembered.Nothing)
                .OrThrow();
            var from = TimeProvider.System.GetTimestamp();
            var report = RehearsalReport.Of(rehearsal, _ => { }, CancellationToken.None);
            yield return $"{TimeProvider.System.GetElapsedTime(from).TotalSeconds:0.00} s  {Path.GetFileName(file)}";
            foreach (var finding in report.Findings)
                yield return $"    {finding.Weight}: {finding.Says}";
        }
    }
}
