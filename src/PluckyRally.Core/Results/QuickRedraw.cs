namespace PluckyRally.Core;

/// <summary>
/// Scores draws without making a rally of each: for methods in which a draw changes nothing but the values of measured
/// parts. It uses the same expressions, combining and curves; where a rule could come out otherwise, or teams are compared,
/// <see cref="Redraw"/> does the work.
/// </summary>
internal sealed class QuickRedraw : IRedraw
{
    private readonly TeamDraw[] _teams;
    private readonly Random _random;
    private readonly decimal? _floor;

    private QuickRedraw(TeamDraw[] teams, decimal? floor, int seed) => (_teams, _floor, _random) = (teams, floor, new Random(seed));

    /// <summary>A way to draw quickly, or null where a draw could change more than values.</summary>
    public static QuickRedraw? For(Playbook playbook, IReadOnlyList<TeamResult> placed, int seed)
    {
        if (playbook.Parts.Any(p => p.Curve.ComparesTeams || p is PartPlan.OfFigures or PartPlan.Measured { Is.Work: Work.Combined })) return null;
        var plans = playbook.Rules.ToDictionary(r => r.Rule);
        if (placed.Any(r => r.Record.Designs.Count > 1 || r.Assessment.Rules.Any(o => plans[o.Rule].CouldDiffer(o)))) return null;
        return new([.. placed.Select(r => TeamDraw.Of(r, playbook))], playbook.Brief.Method.Floor, seed);
    }

    public void Next(Span<decimal?> totals)
    {
        for (var i = 0; i < _teams.Length; i++)
        {
            var total = _teams[i].Total(_random);
            totals[i] = total is null ? null : Math.Max(total.Value, _floor ?? decimal.MinValue);
        }
    }

    /// <summary>A team: what every draw has alike, its readings, each drawn once for all parts that look at it, and those parts.</summary>
    private sealed class TeamDraw
    {
        private readonly List<(Reading Reading, Measure Measure)> _readings = [];
        private readonly List<PartDraw> _parts = [];
        private decimal[] _drawn = [];
        private decimal _always;

        public static TeamDraw Of(TeamResult result, Playbook playbook)
        {
            var draw = new TeamDraw();
            var sign = playbook.Brief.Method.Wins == Wins.Highest ? 1 : -1;
            draw._always = sign * (result.Design.Bonuses.Sum(b => b.Points) - result.Design.Deductions.Sum(d => d.Points));
            foreach (var part in result.Parts)
            {
                if (part is { Plan: PartPlan.Measured measured, State: PartState.Scored }) draw._parts.Add(draw.Part(measured, part, result.Assessment.Design, playbook.Brief.Method.Wins));
                else draw._always += part.Clamped * part.Plan.Part.Weight;
            }

            draw._drawn = new decimal[draw._readings.Count];
            return draw;
        }

        /// <summary>The total of one draw, not rounded; null where the draw leaves a part without a value.</summary>
        public decimal? Total(Random random)
        {
            for (var i = 0; i < _drawn.Length; i++) _drawn[i] = ReadingDraw.Next(_readings[i].Reading.Value!.Value, _readings[i].Measure, _readings[i].Reading.NextTried, random);
            var total = _always;
            foreach (var part in _parts)
            {
                if (part.Points(_drawn) is not { } points) return null;
                total += points;
            }

            return total;
        }

        private PartDraw Part(PartPlan.Measured plan, PartResult result, DesignRecord design, Wins wins)
        {
            var numbered = design.Attempts.ToDictionary(a => a.Number);
            IEnumerable<int[][]?> attempts = result.Value.Attempts.Count == 0
                ? [Slots(plan.Expression, design, null)]
                : result.Value.Attempts
                    .Where(a => a.Outcome == TrialOutcome.Counted || plan.Way.TakesFailed)
                    .Select(a => a.Outcome == TrialOutcome.Counted ? Slots(plan.Expression, design, numbered[a.Number]) : null);
            return new(plan, wins, result.Pool, [.. attempts]);
        }

        /// <summary>For each measure of an expression, where its readings are among the team's.</summary>
        private int[][] Slots(Expression expression, DesignRecord design, Attempt? attempt) =>
        [
            .. expression.Measures.Select(m =>
            {
                var readings = m.Taken == Taken.Once || attempt is null
                    ? design.Readings(m)
                    : attempt.Trials.SelectMany(t => t.Readings).Where(r => r.Measure == m.Id && r.Value is not null);
                return readings.Select(r => Slot(r, m)).ToArray();
            }),
        ];

        private int Slot(Reading reading, Measure measure)
        {
            var at = _readings.FindIndex(r => ReferenceEquals(r.Reading, reading));
            if (at >= 0) return at;
            _readings.Add((reading, measure));
            return _readings.Count - 1;
        }
    }

    /// <summary>A measured part of a team: its attempts, each with the readings that its expression wants; null for a failed one.</summary>
    private sealed class PartDraw(PartPlan.Measured plan, Wins wins, Pool pool, int[][]?[] attempts)
    {
        private readonly Worth[] _inputs = new Worth[plan.Expression.Measures.Count];
        private readonly Worth[] _values = new Worth[attempts.Length];

        /// <summary>The points of one draw, weighted and not rounded; null where the draw has no value.</summary>
        public decimal? Points(decimal[] drawn)
        {
            var part = plan.Is;
            for (var i = 0; i < attempts.Length; i++) _values[i] = attempts[i] is { } slots ? Value(slots, drawn) : new Worth(part.FailureValue ?? 0);
            var value = plan.Way.Combined(_values);
            var points = part.Curve.PointsFor(value, new(plan.Better, wins, pool));
            return points.HasValue ? Arithmetic.Clamp(points, part.Floor, part.Cap).Number * part.Weight : null;
        }

        private Worth Value(int[][] slots, decimal[] drawn)
        {
            for (var m = 0; m < slots.Length; m++)
            {
                decimal sum = 0;
                foreach (var slot in slots[m]) sum += drawn[slot];
                _inputs[m] = new(slots[m].Length == 1 ? sum : sum / slots[m].Length);
            }

            return plan.Expression.Run(_inputs);
        }
    }
}
