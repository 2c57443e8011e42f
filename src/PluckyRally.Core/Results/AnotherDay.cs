using MathNet.Numerics.Random;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// Draws the attempts of another day: each about the mean of the team's own, as far apart as one team's attempts lie in
/// that part, and combined in the part's own way. The mean is known no better than from so many attempts, so it is
/// drawn too (the prediction of a further mean: variance s²/n + s²/m; the spread is taken as known). What was not
/// measured in attempts stays as it is.
/// </summary>
internal sealed class AnotherDay : IRedraw
{
    private readonly IReadOnlyList<(decimal Always, IReadOnlyList<PartDraw> Parts)> _teams;
    private readonly decimal? _floor;
    private readonly Random _random;

    private AnotherDay(
        IReadOnlyList<(decimal Always, IReadOnlyList<PartDraw> Parts)> teams,
        decimal? floor,
        int seed
    ) => (_teams, _floor, _random) = (teams, floor, new Xoshiro256StarStar(seed, threadSafe: false));

    /// <summary>A way to draw; null where no spread is known, or points hang on how all teams come out.</summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="placed">The teams that place.</param>
    /// <param name="spread">How far attempts of one team lie apart, in the parts where that is known.</param>
    /// <param name="seed">The same number gives the same draws.</param>
    public static AnotherDay? For(
        CompiledEdition compiled,
        IReadOnlyList<TeamResult> placed,
        IReadOnlyList<AttemptSpread> spread,
        int seed
    )
    {
        if (spread.Count == 0 || compiled.Parts.Any(p => p.Curve.ComparesTeams))
            return null;
        var method = compiled.Brief.Method;
        return new([.. placed.Select(t => Team(t, spread, method))], method.Floor, seed);
    }

    public void Next(Span<decimal?> totals)
    {
        for (var i = 0; i < _teams.Count; i++)
        {
            decimal? total = _teams[i].Always;
            foreach (var part in _teams[i].Parts)
                total += part.Points(_random);
            totals[i] = total is { } sum ? Math.Max(sum, _floor ?? decimal.MinValue) : null;
        }
    }

    private static (decimal Always, IReadOnlyList<PartDraw> Parts) Team(
        TeamResult team,
        IReadOnlyList<AttemptSpread> spread,
        Method method
    )
    {
        var always = (method.Wins == WinningDirection.Highest ? 1 : -1) * team.Design.Beside;
        var parts = new List<PartDraw>();
        foreach (var part in team.Parts)
        {
            var counting = AttemptSpread.Counting(part);
            if (
                part.State == PartState.Scored
                && counting.Count > 0
                && spread.FirstOrDefault(s => s.Plan == part.Plan) is { } known
            )
                parts.Add(new(known, part, counting, method.Wins));
            else
                always += part.Clamped * part.Plan.Part.Weight;
        }

        return (always, parts);
    }

    /// <summary>A part of a team on another day.</summary>
    private sealed class PartDraw(
        AttemptSpread spread,
        PartResult part,
        IReadOnlyList<decimal> counting,
        WinningDirection wins
    )
    {
        private readonly double _mean = (double)counting.Average();
        private readonly double _deviation = (double)spread.Deviation;
        private readonly int _failed = spread.Plan.Way.TakesFailed
            ? part.Value.Attempts.Count(a => a.Outcome == TrialOutcome.Failed)
            : 0;
        private readonly List<BoundedValue> _values = [];

        /// <summary>Its points, weighted and not rounded; null where the draw has no value.</summary>
        public decimal? Points(Random random)
        {
            var plan = spread.Plan;
            var mean = _mean + (_deviation / Math.Sqrt(counting.Count) * ReadingDraw.Normal(random));
            _values.Clear();
            for (var i = 0; i < counting.Count; i++)
            {
                var value = (decimal)(mean + (_deviation * ReadingDraw.Normal(random)));
                _values.Add(new(plan.Expression.Plain is { Negative: false } ? Math.Max(0, value) : value));
            }

            for (var i = 0; i < _failed; i++)
                _values.Add(new(plan.Definition.FailureValue ?? 0));
            var points = plan.Definition.Curve.PointsFor(plan.Way.Combined(_values), new(plan.Better, wins, part.Pool));
            return points.HasValue
                ? Arithmetic.Clamp(points, plan.Definition.Floor, plan.Definition.Cap).Number * plan.Definition.Weight
                : null;
        }
    }
}
