using BenchmarkDotNet.Attributes;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Benchmarks;

/// <summary>Reading a worksheet of one page. Yardstick: checking the brief that it makes, as each key does.</summary>
[MemoryDiagnoser]
public class ReaderBenchmark
{
    private string _page = "";
    private Brief _brief = new();

    [GlobalSetup]
    public void Begin()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder.FullName, "PluckyRally.slnx")))
            folder = folder.Parent!;
        var page = File.ReadAllText(
            Path.Combine(folder.FullName, "tests", "reader", "pages", "04-the-weather-mast.txt")
        );
        _page = page.Split("\n---\n")[0];
        var read = BriefReader.Read(_page, new Brief(), UnitSystem.Customary);
        _brief = Changes.Apply(new Brief(), read.Changes(_page, new Brief(), Taken.All)).OrThrow().Value;
    }

    [Benchmark]
    public int Read() => BriefReader.Read(_page, new Brief(), UnitSystem.Customary).Proposals.Count;

    [Benchmark(Baseline = true)]
    public int Check() => Snags.Of(_brief).Count;
}
