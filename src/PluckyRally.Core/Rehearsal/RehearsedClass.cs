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
    private readonly IReadOnlyList<TryHandle> _handles;
    private readonly Dictionary<string, double[]> _quantiles;
    private readonly HashSet<string> _less;
    private readonly MersenneTwister _chance;

    public RehearsedClass(CompiledEdition compiled, RehearsalAsked asked, IReadOnlyList<RehearsalInput> inputs)
    {
        (_compiled, _asked, _handles, _chance) = (compiled, asked, TryHandles.Of(compiled), new MersenneTwister(asked.Seed));
        _quantiles = inputs.ToDictionary(i => i.Handle, i => i.Expected.Quantiles(Steps));
        _less = [.. _handles.Where(h => h.LessIsBetter).Select(h => h.Id)];
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
            var number = 0;
            foreach (var entry in Played(at, skill[at])) log.Add(Recorder.Understand(_compiled, Teams, entry with { Id = new Guid(++number, (short)at, 1, new byte[8]) }, found));
        }

        return found.Problems.Count == 0 ? (log, skill) : throw new InvalidOperationException($"A rehearsed entry was refused: {found.Problems[0]}");
    }

    private IEnumerable<Entry> Played(int at, double skill)
    {
        var team = Teams[at].Id;
        var attempts = _compiled.Brief.Trials.Attempts;
        foreach (var rule in _compiled.Rules.Select(r => r.Rule).Where(r => r.Check is RuleCheck.Inspection))
        {
            if (rule.When != When.EveryAttempt) yield return new Entry.RuleChecked { Id = default, Team = team, Rule = rule.Id, Met = !Happens(_asked.Missed) };
            else for (var n = 1; n <= attempts; n++) yield return new Entry.RuleChecked { Id = default, Team = team, Rule = rule.Id, Met = !Happens(_asked.Missed), Attempt = n };
        }

        foreach (var measure in _compiled.Brief.Measures.Where(m => m.Taken == Taken.Once)) yield return new Entry.MeasureRead { Id = default, Team = team, Reading = Read(measure, skill) };
        var each = _compiled.Brief.Measures.Where(m => m.Taken == Taken.EachAttempt).ToList();
        for (var n = 1; n <= attempts && _compiled.TakesAttempts; n++)
        {
            yield return Happens(_asked.Failed)
                ? new Entry.TrialRecorded { Id = default, Team = team, Attempt = n, Outcome = TrialOutcome.Failed, Revision = n }
                : new Entry.TrialRecorded { Id = default, Team = team, Attempt = n, Outcome = TrialOutcome.Counted, Revision = n, Readings = [.. each.Select(m => Read(m, skill))] };
        }

        var pretended = new PretendTeam { Name = Teams[at].Name, Values = _handles.ToDictionary(h => h.Id, h => Drawn(h.Id, h.Step, h.Low, skill)) };
        foreach (var entry in _compiled.Parts.SelectMany(p => p.Rehearse(new(p.Part.Id, pretended, Teams, at)))) yield return entry;
    }

    private Reading Read(Measure measure, double skill)
    {
        var handle = _handles.First(h => h.Id == measure.Id);
        return new() { Measure = measure.Id, Typed = Pretend.Typed(measure, Drawn(handle.Id, handle.Step, handle.Low, skill)) };
    }

    /// <summary>A value as it would be read: drawn, and taken to its step.</summary>
    private decimal Drawn(string handle, decimal step, decimal from, double skill)
    {
        var own = Math.Sqrt((double)_asked.Alike / 100);
        var z = ((_less.Contains(handle) ? -1 : 1) * own * skill) + (Math.Sqrt(1 - (own * own)) * Normal.Sample(_chance, 0, 1));
        var quantiles = _quantiles[handle];
        var at = Normal.CDF(0, 1, z) * Steps;
        var low = Math.Min(Steps - 1, (int)at);
        var value = quantiles[low] + ((quantiles[low + 1] - quantiles[low]) * (at - low));
        return from + Rounding.ToStep((decimal)value - from, step);
    }

    private bool Happens(decimal inAHundred) => _chance.NextDouble() * 100 < (double)inAHundred;
}
