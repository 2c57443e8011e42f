namespace PluckyRally.Core;

/// <summary>Draws all readings of a round anew and scores the draw, with totals that are not rounded.</summary>
internal sealed class Redraw
{
    private readonly Playbook _exact;
    private readonly IReadOnlyList<Team> _teams;
    private readonly Entry[] _entries;
    private readonly List<(int At, Entry Entry)> _drawn;
    private readonly int _round;
    private readonly Random _random;

    public Redraw(Playbook playbook, IReadOnlyList<Team> teams, IReadOnlyList<Entry> entries, int round, int seed)
    {
        _teams = teams;
        _round = round;
        _random = new Random(seed);
        _entries = [.. Log.Standing(entries)];
        _drawn = [.. _entries.Select((entry, i) => (i, entry)).Where(e => e.entry.Round == round && e.entry is Entry.TrialRecorded { Outcome: TrialOutcome.Counted } or Entry.MeasureRead)];
        _exact = playbook.WithPrecision(0.000_000_001m);
    }

    /// <summary>The totals of one draw; null for a team without one.</summary>
    public IReadOnlyList<(string Team, decimal? Total)> Next()
    {
        foreach (var (at, entry) in _drawn)
        {
            _entries[at] = entry switch
            {
                Entry.TrialRecorded trial => trial with { Readings = [.. trial.Readings.Select(Draw)] },
                Entry.MeasureRead read => read with { Reading = Draw(read.Reading) },
                _ => entry,
            };
        }

        return [.. Scorer.Results(_exact, _teams, _entries, _round).Select(r => (r.Team.Id, r.Status == StandingStatus.DidNotPlace ? null : r.Total))];
    }

    private Reading Draw(Reading reading)
    {
        if (reading.Value is not { } value || !_exact.Measures.TryGetValue(reading.Measure, out var measure)) return reading;
        if (measure.LoadTest && reading.NextTried is { } next) return reading with { Value = value + ((decimal)_random.NextDouble() * (next - value)) };
        if (measure.GoodTo is { } goodTo) return reading with { Value = value + ((decimal)Normal() * goodTo) };
        if (measure.IsExact) return reading;
        return reading with { Value = value + (((decimal)_random.NextDouble() - 0.5m) * measure.Step) };
    }

    /// <summary>A draw of the standard normal distribution (Box and Muller).</summary>
    private double Normal() => Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble());
}
