using BenchmarkDotNet.Attributes;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Benchmarks;

/// <summary>
/// Drawing all readings of a class again 10,000 times, a limit in every attempt among its rules. Aim: under 300 ms on
/// one core.
/// </summary>
[MemoryDiagnoser]
public class ConfidenceBenchmark
{
    private OpenedRally _rally = null!;

    [GlobalSetup]
    public void Setup() => _rally = Sizes.Make(10, 6, 5);

    [Benchmark]
    public Confidence Class() => Confidence.Of(_rally, 1);
}
