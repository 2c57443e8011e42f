using PluckyRally.Core.Briefs;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Checks;

internal abstract partial record RulePlan
{
    /// <summary>A value that is compared with a limit.</summary>
    /// <param name="Rule">The rule.</param>
    /// <param name="Definition">The check.</param>
    /// <param name="Value">What is compared with the limit.</param>
    /// <param name="Amount">The limit, or the amount for each member, in the unit of the value.</param>
    /// <param name="Upper">The upper limit, for between.</param>
    public sealed record Limit(
        Rule Rule,
        RuleCheck.Limit Definition,
        FigureExpression Value,
        decimal Amount,
        decimal Upper
    ) : RulePlan(Rule)
    {
        /// <summary>Whether the limit comes from the round before.</summary>
        public bool IsDerived => Definition.PercentOfLastRound is not null;

        /// <summary>
        /// The measure that it is about, where it is about nothing else and the limit is written down.
        /// </summary>
        public Measure? Of => IsDerived ? null : Value.Plain?.Shown;

        public override bool BeginsLater => IsDerived;

        public override string SayAmount(decimal amount) =>
            ReadingFormat.Amount(amount, Rounding.Decimals(amount), Value.Expression.Unit);

        public override IEnumerable<Measure> Measures => Value.Measures;

        public override bool KeepsAboveZero(Measure measure) =>
            Of?.Id == measure.Id
            && Definition.Comparison switch
            {
                Comparison.MoreThan => Amount >= 0,
                Comparison.AtLeast or Comparison.Exactly or Comparison.Between => Amount > 0,
                Comparison.AtMost or Comparison.LessThan => false,
            };

        public override bool CouldDiffer(RuleOutcome outcome)
        {
            if (Rule is { IfMissed: Consequence.NoteOnly, Bonus: 0 })
                return false;
            if (Value.Figures.Any(f => f is not (Figure.OfMeasure or Figure.OfTeam)))
                return true;
            if (Measures.All(m => !ReadingDraw.Varies(m, nextTried: 0)))
                return false;
            var sure = Of is { GoodTo: null, LoadTest: false } && !outcome.TooNear;
            return !sure
                || (
                    outcome.State == RuleState.Missed && Rule.IfMissed is Consequence.Deduct { Per: not DeductPer.Once }
                );
        }

        public override RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt)
        {
            if (attempt is { Outcome: not TrialOutcome.Counted })
                return new(Rule, RuleState.NotChecked, attempt.Number);
            var value = attempt is null ? Value.Of(facts) : Value.InAttempt(facts.Design, attempt);
            if (LimitsFor(facts.Design.Team.Team, before) is not { } limits)
                return ByHand(facts, attempt);
            var found = new RuleFound.OfLimit(this, value, limits);
            if (value.Absent is { } why)
                return new(Rule, why.NotYet ? RuleState.ToCheck : RuleState.NotChecked, attempt?.Number, Found: found);

            var excess = Excess(Definition.Comparison, value.Number, limits.Low, limits.High);
            var near = TooNear(Value.Expression, Definition.Comparison, value, limits);
            var open = BoundLeavesOpen(Definition.Comparison, value, limits);
            return new(
                Rule,
                excess is null ? RuleState.Met : RuleState.Missed,
                attempt?.Number,
                near || open,
                found,
                excess ?? 0,
                excess is null ? Bound.Exact : BoundOfExcess(Definition.Comparison, value, limits)
            )
            {
                LeftOpen = open && !near,
            };
        }

        /// <summary>
        /// A team without an earlier result has no limit of its own: somebody says whether it meets the rule.
        /// </summary>
        private RuleOutcome ByHand(DesignFacts facts, Attempt? attempt)
        {
            var looked = IsDerived ? facts.Design.Check(Rule.Id, attempt?.Number) : Looked.NotYet;
            return new(Rule, Inspection.State(looked, asked: true), attempt?.Number)
            {
                Disputed = looked == Looked.Differently,
            };
        }

        /// <summary>The limits for one team, in the unit of the value; the second one for between.</summary>
        public readonly record struct LimitRange(decimal Low, decimal High);

        /// <summary>The limits for a team; null where what they come from is not known.</summary>
        private LimitRange? LimitsFor(Team team, DesignFacts? before)
        {
            if (Definition.PercentOfLastRound is { } percent)
                return before is not null && Value.Of(before) is { HasValue: true } last
                    ? new(last.Number * percent / 100, 0)
                    : null;
            if (!Definition.PerMember)
                return new(Amount, Upper);
            return team.Members > 0 ? new(Amount * team.Members, Upper * team.Members) : null;
        }

        /// <summary>
        /// What is missed by grows with the value where it lies above the limit, and shrinks where it lies below. A
        /// value that could lie on the other side of what is allowed says nothing of it.
        /// </summary>
        private static Bound BoundOfExcess(Comparison comparison, BoundedValue value, LimitRange limits) =>
            comparison switch
            {
                Comparison.AtLeast or Comparison.MoreThan => Bounds.Flip(value.Bound),
                Comparison.AtMost or Comparison.LessThan => value.Bound,
                Comparison.Between => Beyond(value, limits.High),
                Comparison.Exactly => Beyond(value, limits.Low),
            };

        private static Bound Beyond(BoundedValue value, decimal high) =>
            value.Number > high
                ? (value.Bound == Bound.AtMost ? Bound.Unclear : value.Bound)
                : (value.Bound == Bound.AtLeast ? Bound.Unclear : Bounds.Flip(value.Bound));

        /// <summary>By how much the comparison is missed; null where it is met.</summary>
        internal static decimal? Excess(Comparison comparison, decimal value, decimal low, decimal high)
        {
            var by = Rounding.Sound(
                comparison switch
                {
                    Comparison.AtLeast or Comparison.MoreThan => low - value,
                    Comparison.AtMost or Comparison.LessThan => value - low,
                    Comparison.Between => Math.Max(low - value, value - high),
                    Comparison.Exactly => Math.Abs(value - low),
                }
            );
            var kept = comparison is Comparison.MoreThan or Comparison.LessThan ? by < 0 : by <= 0;
            return kept ? null : by;
        }

        private static bool TooNear(Expression expression, Comparison comparison, BoundedValue value, LimitRange limits)
        {
            if (expression.Plain is not { IsExact: false } measure)
                return false;
            var half = measure.Step / 2;
            return Math.Abs(value.Number - limits.Low) <= half
                || (comparison == Comparison.Between && Math.Abs(value.Number - limits.High) <= half);
        }

        /// <summary>Whether the true value, somewhere beyond the bound, could come out the other way.</summary>
        private static bool BoundLeavesOpen(Comparison comparison, BoundedValue value, LimitRange limits)
        {
            if (value.Bound == Bound.Exact)
                return false;
            var met = Excess(comparison, value.Number, limits.Low, limits.High) is null;
            var beyond = new[]
            {
                limits.Low,
                limits.High,
                limits.Low + 1,
                limits.High + 1,
                limits.Low - 1,
                limits.High - 1,
                (limits.Low + limits.High) / 2,
            }.Where(v =>
                value.Bound == Bound.Unclear || (value.Bound == Bound.AtLeast ? v >= value.Number : v <= value.Number)
            );
            return beyond.Any(v => Excess(comparison, v, limits.Low, limits.High) is null != met);
        }
    }
}
