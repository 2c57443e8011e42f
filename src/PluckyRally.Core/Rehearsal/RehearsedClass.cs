using MathNet.Numerics.Distributions;
using MathNet.Numerics.Random;

namespace PluckyRally.Core;

/// <summary>
/// Plays whole classes: what judges would have written down, as real entries. A value of a team is drawn between what is expected. A part of the
/// chance is the team's own, over all that it does; the rest is each thing's and each attempt's.
/// </summary>
internal sealed class RehearsedClass
{
    private const int Steps = 512;

    private readonly CompiledEdition _compiled;
    private readonly RehearsalAsked _asked;
    private readonly Dictionary<string, TryHandle> _handles;
    private readonly Dictionary<string, double[]> _quantiles;
    private readonly MersenneTwister _chance;

    public RehearsedClass(CompiledEdition compiled, RehearsalAsked asked, IReadOnlyList<TryHandle> handles, IReadOnlyList<RehearsalInput> inputs)
    {
        (_compiled, _asked, _handles, _chance) = (compiled, asked, handles.ToDictionary(h => h.Id), new MersenneTwister(asked.Seed));
        _quantiles = inputs.ToDictionary(i => i.Handle, i => i.Expected.Quantiles(Steps));
        Teams = [.. Enumerable.Range(1, asked.Teams).Select(n => new Team { Id = $"r{n}", Name = $"{n}", Members = 4 })];
    }

    /// <summary>The teams.</summary>
    public IReadOnlyList<Team> Teams { get; }

    /// <summary>The next class: its entries, and how good each team was at bottom.</summary>
    public (IReadOnlyList<Entry> Log, double[] Skill) Next()
    {
        var skill = new double[Teams.Count];
        var log = new List<Entry>();
        var found = new ProblemCollector();
        for (var at = 0; at < Teams.Count; at++)
        {
            skill[at] = Normal.Sample(_chance, 0, 1);
            foreach (var entry in Played(at, skill[at])) log.Add(Recorder.Understand(_compiled, Teams, entry with { Id = Pretend.Numbered(at, log.Count) }, found));
        }

        return found.Problems.Count == 0 ? (log, skill) : throw new InvalidOperationException($"A rehearsed entry was refused: {found.Problems[0]}");
    }

    private IEnumerable<Entry> Played(int at, double skill)
    {
        var parts = new PretendTeam { Name = Teams[at].Name, Values = _handles.Values.ToDictionary(h => h.Id, h => Drawn(h, skill)) };
        return Pretend.Written(_compiled, new(parts, _ => !Happens(_asked.Missed), () => Happens(_asked.Failed), m => Drawn(_handles[m.Id], skill)), Teams, at, _compiled.TakesAttempts);
    }

    /// <summary>A value as it would be read: drawn, and taken to its step.</summary>
    private decimal Drawn(TryHandle handle, double skill)
    {
        var own = Math.Sqrt((double)_asked.Alike / 100);
        var z = ((handle.LessIsBetter ? -1 : 1) * own * skill) + (Math.Sqrt(1 - (own * own)) * Normal.Sample(_chance, 0, 1));
        var quantiles = _quantiles[handle.Id];
        var at = Normal.CDF(0, 1, z) * Steps;
        var low = Math.Min(Steps - 1, (int)at);
        var value = quantiles[low] + ((quantiles[low + 1] - quantiles[low]) * (at - low));
        return handle.Low + Rounding.ToStep((decimal)value - handle.Low, handle.Step);
    }

    private bool Happens(decimal inAHundred) => _chance.NextDouble() * 100 < (double)inAHundred;
}
