using MathNet.Numerics.Random;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Draws a round's readings anew and says the totals, not rounded, of the teams that place.</summary>
internal interface IRedraw
{
    /// <summary>
    /// Fills in the totals of one draw, in the order of the teams; null for a team that a draw leaves without one.
    /// </summary>
    void Next(Span<decimal?> totals);
}

/// <summary>Scores every draw as a whole rally: for whatever a method may hold.</summary>
internal sealed class Redraw : IRedraw
{
    private readonly RunRound _exact;
    private readonly IReadOnlyList<TeamId> _placed;
    private readonly StandingLog _entries;
    private readonly Random _random;

    public Redraw(RunRound run, IReadOnlyList<TeamId> placed, StandingLog entries, int seed)
    {
        _placed = placed;
        _random = new Xoshiro256StarStar(seed, threadSafe: false);
        _entries = entries;
        _exact = run with { Compiled = run.Compiled.WithPrecision(0.000_000_001m) };
    }

    public void Next(Span<decimal?> totals)
    {
        foreach (var result in RoundResult.Of(_exact, _entries.Each(e => IsDrawn(e) ? e.With(Draw) : e)).Teams)
        {
            for (var i = 0; i < _placed.Count; i++)
            {
                if (_placed[i] == result.Team.Id)
                    totals[i] = result.Status == StandingStatus.DidNotPlace ? null : result.Total;
            }
        }
    }

    private bool IsDrawn(Entry entry) =>
        entry.Round == _exact.Number
        && entry is Entry.TrialRecorded { Outcome: TrialOutcome.Counted } or Entry.MeasureRead;

    private Reading Draw(Reading reading) =>
        reading.Value is { } value && _exact.Compiled.Measures.TryGetValue(reading.Measure, out var measure)
            ? reading with
            {
                Value = ReadingDraw.Next(value, measure, reading.NextTried, _random),
            }
            : reading;
}
