using PluckyRally.Core;

namespace PluckyRally.Benchmarks;

/// <summary>A rally of a size, with readings from a seed.</summary>
internal static class Sizes
{
    public static OpenedRally Make(int teams, int parts, int attempts)
    {
        var random = new Random(4711);
        var brief = new Brief
        {
            Title = "Benchmark",
            Measures = [.. Enumerable.Range(0, parts).Select(i => new Measure { Id = $"m{i}", Name = $"Measure {i}", Kind = MeasureKind.Length, Unit = "cm", Step = 0.5m })],
            Trials = new Trials { Attempts = attempts },
            Method = new Method
            {
                Parts = [.. Enumerable.Range(0, parts).Select(i => new Part.Measured { Id = $"p{i}", Name = $"Part {i}", Value = $"m{i}", Better = Better.More, Curve = new Curve.Rate(0.2m) })],
            },
        };
        var list = Enumerable.Range(1, teams).Select(i => new Team { Id = $"t{i}", Name = $"Team {i}" }).ToList();
        var count = 0;
        var entries = list.SelectMany(team => Enumerable.Range(0, attempts).Select(_ => (Entry)new Entry.TrialRecorded
        {
            Id = new Guid(++count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 3),
            Team = team.Id,
            Outcome = TrialOutcome.Counted,
            Readings = [.. brief.Measures.Select(m => new Reading { Measure = m.Id, Typed = $"{random.Next(100, 400) / 2m}" })],
        })).ToList();
        return OpenedRally.Open(new Rally { Name = "Benchmark", Edition = new Edition { Brief = brief }, Teams = list, Entries = entries }).OrThrow();
    }
}
