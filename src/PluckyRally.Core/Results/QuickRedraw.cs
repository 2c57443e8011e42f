using MathNet.Numerics.Random;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// Scores draws without making a rally of each: for methods in which a draw changes nothing but the values of measured
/// parts and which attempts a limit in every attempt fails. It uses the same expressions, limits, combining and curves;
/// where another rule could come out otherwise, or teams are compared, <see cref="Redraw"/> does the work.
/// </summary>
internal sealed class QuickRedraw : IRedraw
{
    private readonly TeamDraw[] _teams;
    private readonly Random _random;
    private readonly decimal? _floor;

    private QuickRedraw(TeamDraw[] teams, decimal? floor, int seed) =>
        (_teams, _floor, _random) = (teams, floor, new Xoshiro256StarStar(seed, threadSafe: false));

    /// <summary>A way to draw quickly, or null where a draw could change more than values.</summary>
    public static QuickRedraw? For(CompiledEdition compiled, IReadOnlyList<TeamResult> placed, int seed)
    {
        if (
            compiled.Parts.Any(p =>
                p.Curve.ComparesTeams || p is PartPlan.OfFigures or PartPlan.Measured { Definition.Work: Work.Combined }
            )
        )
            return null;
        var plans = compiled.Rules.ToDictionary(r => r.Rule);
        if (placed.Any(r => r.Record.Designs.Count > 1))
            return null;
        var open = placed
            .SelectMany(r => r.Assessment.Rules)
            .Where(o => plans[o.Rule].CouldDiffer(o))
            .Select(o => plans[o.Rule])
            .ToHashSet();
        if (!open.All(FailsByReadings))
            return null;

        // Whether an attempt counts reaches every other rule that looks at values.
        if (open.Count > 0 && compiled.Rules.Any(r => r is not RulePlan.Inspection && !FailsByReadings(r)))
            return null;
        return new([.. placed.Select(r => TeamDraw.Of(r, compiled))], compiled.Brief.Method.Floor, seed);
    }

    public void Next(Span<decimal?> totals)
    {
        for (var i = 0; i < _teams.Length; i++)
        {
            var total = _teams[i].Total(_random);
            totals[i] = total is null ? null : Math.Max(total.Value, _floor ?? decimal.MinValue);
        }
    }

    /// <summary>
    /// Whether it is a written limit on readings that fails an attempt: that is drawn along with them.
    /// </summary>
    private static bool FailsByReadings(RulePlan plan) =>
        plan
            is RulePlan.Limit
            {
                FailsAttempts: true,
                IsDerived: false,
                Definition.PerMember: false,
                Rule.Bonus: 0
            } limit
        && limit.Value.Figures.All(f => f is Figure.OfMeasure);

    /// <summary>
    /// A team: what every draw has alike, its readings, each drawn once for all that look at it, the rules that fail
    /// attempts, and its parts.
    /// </summary>
    private sealed class TeamDraw
    {
        private readonly List<(Reading Reading, Measure Measure)> _readings = [];
        private readonly List<PartDraw> _parts = [];
        private readonly List<RuleDraw> _rules = [];
        private ReadingDraw.Source[] _sources = [];
        private decimal[] _drawn = [];
        private bool[] _fails = [];
        private decimal _always;

        public static TeamDraw Of(TeamResult result, CompiledEdition compiled)
        {
            var draw = new TeamDraw();
            var design = result.Assessment.Design;
            var sign = compiled.Brief.Method.Wins == WinningDirection.Highest ? 1 : -1;
            draw._always = sign * result.Design.Beside;
            draw._fails = new bool[design.Attempts.Count];
            var rules = compiled
                .Rules.Where(r => FailsByReadings(r) && r.IsFor(result.Team))
                .Cast<RulePlan.Limit>()
                .ToList();
            var missed = new HashSet<int>();
            for (var i = 0; i < design.Attempts.Count; i++)
            {
                var attempt = design.Attempts[i] with { FailedByRule = false };
                if (attempt.Outcome != TrialOutcome.Counted)
                    continue;
                foreach (var rule in rules)
                {
                    var surely = Surely(rule, design, attempt);
                    if (surely is null)
                        draw._rules.Add(new(rule, i, draw.Slots(rule.Value.Expression, design, attempt)));
                    else if (surely == RuleState.Missed)
                        missed.Add(i);
                }
            }

            foreach (var part in result.Parts)
            {
                if (
                    part.Plan is PartPlan.Measured measured
                    && (
                        part.State == PartState.Scored
                        || (
                            part.State == PartState.NoSuccess
                            && rules.Count > 0
                            && PartPoints.FailedBy(part.Plan, result.Assessment) is null
                        )
                    )
                )
                    draw._parts.Add(draw.Part(measured, part, design, missed, compiled.Brief.Method.Wins));
                else
                    draw._always += part.Clamped * part.Plan.Part.Weight;
            }

            draw._sources =
            [
                .. draw._readings.Select(r => ReadingDraw.Of(r.Reading.Value!.Value, r.Measure, r.Reading.NextTried)),
            ];
            draw._drawn = new decimal[draw._readings.Count];
            return draw;
        }

        /// <summary>The total of one draw, not rounded; null where the draw leaves a part without a value.</summary>
        public decimal? Total(Random random)
        {
            for (var i = 0; i < _drawn.Length; i++)
                _drawn[i] = _sources[i].Next(random);
            Array.Clear(_fails);
            foreach (var rule in _rules)
                _fails[rule.Attempt] |= rule.IsMissed(_drawn);
            var total = _always;
            foreach (var part in _parts)
            {
                if (part.Points(_drawn, _fails) is not { } points)
                    return null;
                total += points;
            }

            return total;
        }

        private PartDraw Part(
            PartPlan.Measured plan,
            PartResult result,
            DesignRecord design,
            HashSet<int> missed,
            WinningDirection wins
        )
        {
            if (result.Value.Attempts.Count == 0)
                return new(plan, wins, result.Pool, [new(null, Slots(plan.Expression, design, null))]);
            var counted = Enumerable
                .Range(0, design.Attempts.Count)
                .Where(i =>
                    !missed.Contains(i)
                    && (design.Attempts[i] with { FailedByRule = false }).Outcome == TrialOutcome.Counted
                )
                .ToList();
            var beaten =
                plan.Definition.Combine == Combine.Best && plan.Way.Mark is null ? Beaten(plan, design, counted) : [];
            return new(
                plan,
                wins,
                result.Pool,
                [
                    .. Enumerable
                        .Range(0, design.Attempts.Count)
                        .Where(i => !beaten.Contains(i))
                        .Select(i => new AttemptDraw(
                            i,
                            counted.Contains(i) ? Slots(plan.Expression, design, design.Attempts[i]) : null
                        )),
                ]
            );
        }

        /// <summary>
        /// Attempts that no draw makes the best: another one, which no rule can fail, is better wherever the two are
        /// drawn.
        /// </summary>
        private HashSet<int> Beaten(PartPlan.Measured plan, DesignRecord design, List<int> counted)
        {
            var turns = _rules.Select(r => r.Attempt).ToHashSet();
            var ranges = counted.ToDictionary(i => i, i => Range(plan.Expression, design, design.Attempts[i]));
            var sure = ranges
                .Where(r => !turns.Contains(r.Key) && r.Value is not null)
                .Select(r => r.Value!.Value)
                .ToList();
            if (sure.Count == 0)
                return [];
            return plan.Definition.Better == Better.More
                ? [.. ranges.Where(r => r.Value is { } range && range.High < sure.Max(s => s.Low)).Select(r => r.Key)]
                : [.. ranges.Where(r => r.Value is { } range && range.Low > sure.Min(s => s.High)).Select(r => r.Key)];
        }

        /// <summary>How a limit comes out wherever the readings are drawn; null where that is open.</summary>
        private static RuleState? Surely(RulePlan.Limit rule, DesignRecord design, Attempt attempt)
        {
            if (
                rule.Definition.Comparison is Comparison.Between or Comparison.Exactly
                || Range(rule.Value.Expression, design, attempt) is not { } range
            )
                return null;
            var (low, high) = (IsMissed(range.Low), IsMissed(range.High));
            return low != high ? null
                : low ? RuleState.Missed
                : RuleState.Met;

            bool IsMissed(decimal value) =>
                RulePlan.Limit.Excess(rule.Definition.Comparison, value, rule.Amount, rule.Upper) is not null;
        }

        /// <summary>
        /// The smallest and the largest that can be drawn of a measure in an attempt; null for any other expression,
        /// and where there is no end.
        /// </summary>
        private static (decimal Low, decimal High)? Range(Expression expression, DesignRecord design, Attempt attempt)
        {
            if (expression.Plain is not { } measure)
                return null;
            var ranges = Read(measure, design, attempt)
                .Select(r => ReadingDraw.Of(r.Value!.Value, measure, r.NextTried).Range)
                .ToList();
            return ranges.Count == 0 || ranges.Contains(null)
                ? null
                : (ranges.Average(r => r!.Value.Low), ranges.Average(r => r!.Value.High));
        }

        /// <summary>For each measure of an expression, where its readings are among the team's.</summary>
        private int[][] Slots(Expression expression, DesignRecord design, Attempt? attempt) =>
            [.. expression.Measures.Select(m => Read(m, design, attempt).Select(r => Slot(r, m)).ToArray())];

        private static IEnumerable<Reading> Read(Measure measure, DesignRecord design, Attempt? attempt) =>
            measure.Taken == ReadOccasion.Once || attempt is null
                ? design.Readings(measure)
                : attempt.Trials.SelectMany(t => t.Readings).Where(r => r.Measure == measure.Id && r.Value is not null);

        private int Slot(Reading reading, Measure measure)
        {
            var at = _readings.FindIndex(r => ReferenceEquals(r.Reading, reading));
            if (at >= 0)
                return at;
            _readings.Add((reading, measure));
            return _readings.Count - 1;
        }
    }

    /// <summary>An expression over readings, worked out for one draw of them.</summary>
    private static BoundedValue Worked(Expression expression, int[][] slots, decimal[] drawn, BoundedValue[] inputs)
    {
        for (var m = 0; m < slots.Length; m++)
        {
            decimal sum = 0;
            foreach (var slot in slots[m])
                sum += drawn[slot];
            inputs[m] = new(slots[m].Length == 1 ? sum : sum / slots[m].Length);
        }

        return expression.Run(inputs);
    }

    /// <summary>A limit in one attempt.</summary>
    private sealed class RuleDraw(RulePlan.Limit plan, int attempt, int[][] slots)
    {
        private readonly BoundedValue[] _inputs = new BoundedValue[slots.Length];

        public int Attempt => attempt;

        public bool IsMissed(decimal[] drawn) =>
            Worked(plan.Value.Expression, slots, drawn, _inputs) is { HasValue: true } value
            && RulePlan.Limit.Excess(plan.Definition.Comparison, value.Number, plan.Amount, plan.Upper) is not null;
    }

    /// <summary>An attempt in one part.</summary>
    /// <param name="At">Its place among the design's attempts; null for a part over what is measured once.</param>
    /// <param name="Slots">The readings that the expression wants; null where a judge failed it.</param>
    private readonly record struct AttemptDraw(int? At, int[][]? Slots);

    /// <summary>A measured part of a team.</summary>
    private sealed class PartDraw(PartPlan.Measured plan, WinningDirection wins, Pool pool, AttemptDraw[] attempts)
    {
        private readonly BoundedValue[] _inputs = new BoundedValue[plan.Expression.Measures.Count];
        private readonly List<BoundedValue> _values = new(attempts.Length);

        /// <summary>The points of one draw, weighted and not rounded; null where the draw has no value.</summary>
        public decimal? Points(decimal[] drawn, bool[] fails)
        {
            var part = plan.Definition;
            var counted = 0;
            _values.Clear();
            foreach (var (at, slots) in attempts)
            {
                if (slots is not null && (at is null || !fails[at.Value]))
                {
                    counted++;
                    _values.Add(Worked(plan.Expression, slots, drawn, _inputs));
                }
                else if (plan.Way.TakesFailed)
                {
                    _values.Add(new(part.FailureValue ?? 0));
                }
            }

            if (counted == 0)
                return part.Combine == Combine.Successes
                    ? Added(plan, new(0))
                    : (part.FailurePoints ?? 0) * part.Weight;
            if (part.Combine == Combine.BestMean && counted < plan.Way.BestOf)
                return null;
            return Added(plan, plan.Way.Combined(_values));
        }

        private decimal? Added(PartPlan.Measured measured, BoundedValue value)
        {
            var points = measured.Definition.Curve.PointsFor(value, new(measured.Better, wins, pool));
            return points.HasValue
                ? Arithmetic.Clamp(points, measured.Definition.Floor, measured.Definition.Cap).Number
                    * measured.Definition.Weight
                : null;
        }
    }
}
