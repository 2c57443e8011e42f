using BenchmarkDotNet.Attributes;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;

namespace PluckyRally.Benchmarks;

/// <summary>
/// Teams of four for 36 students after ten rallies. Yardstick: adding up the partners of one such division.
/// </summary>
[MemoryDiagnoser]
public class TeamsBenchmark
{
    private readonly List<Student> _students =
    [
        .. Enumerable.Range(1, 36).Select(i => new Student(new($"p{i}"), $"Student {i}")),
    ];
    private TeamPreferences _preferences = new();
    private int[,] _met = new int[0, 0];

    [GlobalSetup]
    public void Begin()
    {
        _preferences = new() { Seed = 20261125, Earlier = Past(_students, 10) };
        _met = new int[36, 36];
        foreach (var pair in _preferences.Earlier)
            _met[int.Parse(pair.One.Value[1..]) - 1, int.Parse(pair.Other.Value[1..]) - 1] = pair.Times;
    }

    [Benchmark]
    public int Make() => TeamMaker.Make(_students, _preferences).OrThrow().Repeats;

    [Benchmark(Baseline = true)]
    public int AddUpOneDivision()
    {
        var sum = 0;
        for (var team = 0; team < 9; team++)
        for (var i = team * 4; i < (team * 4) + 4; i++)
        for (var j = i + 1; j < (team * 4) + 4; j++)
            sum += _met[i, j] + _met[j, i];
        return sum;
    }

    /// <summary>
    /// How good one making of teams is, beside the best of a long search: five hundred makings, each from other
    /// beginnings.
    /// </summary>
    public static string Repeats()
    {
        var lines = new List<string>();
        foreach (var rallies in new[] { 10, 20, 40 })
        {
            var bench = new TeamsBenchmark();
            var preferences = new TeamPreferences { Earlier = Past(bench._students, rallies) };
            var all = Enumerable
                .Range(1, 500)
                .Select(seed => TeamMaker.Make(bench._students, preferences with { Seed = seed }).OrThrow().Repeats)
                .Order()
                .ToList();
            lines.Add(
                $"after {rallies} rallies: one making repeats {all[all.Count / 2]} partnerships at the "
                    + $"median, {all[^1]} at worst; the best of 500 repeats {all[0]}"
            );
        }

        return string.Join(Environment.NewLine, lines);
    }

    /// <summary>How often who has met whom after so many rallies, each made as the one before.</summary>
    internal static List<EarlierPair> Past(IReadOnlyList<Student> students, int rallies)
    {
        var met = new Dictionary<(StudentId, StudentId), int>();
        for (var rally = 0; rally < rallies; rally++)
        {
            // Nobody looked at the history then: teams by lot, as the children came in.
            foreach (var team in TeamMaker.Make(students, new() { Seed = rally }).OrThrow().Teams)
                for (var i = 0; i < team.Count; i++)
                for (var j = i + 1; j < team.Count; j++)
                    met[(team[i], team[j])] = met.GetValueOrDefault((team[i], team[j])) + 1;
        }

        return [.. met.Select(m => new EarlierPair(m.Key.Item1, m.Key.Item2, m.Value))];
    }
}
