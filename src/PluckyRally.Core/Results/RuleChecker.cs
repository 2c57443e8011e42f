namespace PluckyRally.Core;

/// <summary>Holds what was recorded against the rules.</summary>
/// <param name="playbook">The edition.</param>
/// <param name="lastRoundOf">What is known of the design that was a team's result in the round before; null where there is none.</param>
internal sealed class RuleChecker(Playbook playbook, Func<string, DesignFacts?> lastRoundOf)
{
    /// <summary>
    /// How the rules came out whose miss fails the attempt, once for each attempt, and the record that is left: from here on nothing
    /// reads an attempt that does not count.
    /// </summary>
    public (DesignRecord Left, IReadOnlyDictionary<RulePlan, IReadOnlyList<RuleOutcome>> Failing) Failing(DesignRecord recorded)
    {
        var within = recorded.Within(playbook.Brief.Trials.Attempts);
        var facts = new DesignFacts(within, []);
        var failing = playbook.Rules.Where(FailsAttempts).ToDictionary(plan => plan, plan => Check(plan, facts));
        var failed = failing.Values.SelectMany(outcomes => outcomes).Where(o => o.State == RuleState.Missed).Select(o => o.Attempt!.Value).ToHashSet();
        return (within.With(failed), failing);
    }

    /// <summary>How every rule came out for a design; a rule checked in every attempt comes out once for each.</summary>
    public IReadOnlyList<RuleOutcome> Outcomes(IReadOnlyDictionary<RulePlan, IReadOnlyList<RuleOutcome>> failing, DesignFacts facts) =>
        [.. playbook.Rules.SelectMany(plan => failing.TryGetValue(plan, out var known) ? known : Check(plan, facts))];

    private static bool FailsAttempts(RulePlan plan) => plan.Rule is { When: When.EveryAttempt, IfMissed: Consequence.AttemptDoesNotCount };

    private IReadOnlyList<RuleOutcome> Check(RulePlan plan, DesignFacts facts) =>
        !plan.IsFor(facts.Design.Team.Team) ? []
        : plan.Rule.When == When.EveryAttempt ? [.. facts.Design.Attempts.Select(a => Check(plan, facts, a))]
        : [Check(plan, facts, null)];

    private RuleOutcome Check(RulePlan plan, DesignFacts facts, Attempt? attempt)
    {
        var rule = plan.Rule;
        switch (rule.Check)
        {
            case RuleCheck.Limit limit:
                return Limit(plan, limit, facts, attempt);
            case RuleCheck.Fits fits:
                return Fits(plan, fits, facts, attempt);
            case RuleCheck.Spending spending:
                return Spending(rule, spending, facts.Design, attempt);
            case RuleCheck.Share or RuleCheck.Ladder or RuleCheck.Ratio or RuleCheck.AllDifferent:
                return Pieces(rule, facts.Design, attempt);
            default:
                var looked = facts.Design.Check(rule.Id, attempt?.Number);
                return new(rule, State(looked, asked: attempt is null || rule.IsAsked), attempt?.Number) { Disputed = looked == Looked.Differently };
        }
    }

    /// <summary>How a rule came out that somebody looks at; where nobody is asked, counting the attempt says that it was kept.</summary>
    public static RuleState State(Looked looked, bool asked) => looked switch
    {
        Looked.Met => RuleState.Met,
        Looked.Missed => RuleState.Missed,
        Looked.Differently => RuleState.ToCheck,
        Looked.NotYet => asked ? RuleState.ToCheck : RuleState.Met,
    };

    private RuleOutcome Limit(RulePlan plan, RuleCheck.Limit limit, DesignFacts facts, Attempt? attempt)
    {
        var (rule, read) = (plan.Rule, plan.Value!);
        if (attempt is { Outcome: not TrialOutcome.Counted }) return new(rule, RuleState.NotChecked, attempt.Number);
        var value = attempt is null ? read.Of(facts) : read.InAttempt(facts.Design, attempt);
        if (Limits(plan, limit, facts.Design) is not { } limits) return new(rule, RuleState.ToCheck, attempt?.Number);
        var shown = Shown(plan, limit, limits);
        if (value.Absent is { } why) return new(rule, why.NotYet ? RuleState.ToCheck : RuleState.NotChecked, attempt?.Number, Limit: shown);

        var excess = Excess(limit.Comparison, value.Number, limits.Low, limits.High);
        return new(
            rule,
            excess is null ? RuleState.Met : RuleState.Missed,
            attempt?.Number,
            TooNear(read.Expression, limit.Comparison, value, limits),
            read.Show(value),
            shown,
            excess ?? 0,
            excess is null ? Bound.Exact : BoundOfExcess(limit.Comparison, value, limits));
    }

    /// <summary>What is missed by grows with the value where it lies above the limit, and shrinks where it lies below.</summary>
    private static Bound BoundOfExcess(Comparison comparison, Worth value, LimitValues limits) => comparison switch
    {
        Comparison.AtLeast or Comparison.MoreThan => Bounds.Flip(value.Bound),
        Comparison.AtMost or Comparison.LessThan => value.Bound,
        Comparison.Between => value.Number > limits.High ? value.Bound : Bounds.Flip(value.Bound),
        Comparison.Exactly => value.Number > limits.Low ? value.Bound : Bounds.Flip(value.Bound),
    };

    private static RuleOutcome Fits(RulePlan plan, RuleCheck.Fits fits, DesignFacts facts, Attempt? attempt)
    {
        if (attempt is { Outcome: not TrialOutcome.Counted }) return new(plan.Rule, RuleState.NotChecked, attempt.Number);
        var pairs = FitCheck.Pairs(fits, plan.Fit!, f => attempt is null ? f.Of(facts) : f.InAttempt(facts.Design, attempt));
        if (pairs.Select(p => p.Value.Absent).FirstOrDefault(a => a is not null) is { } why) return new(plan.Rule, why.NotYet ? RuleState.ToCheck : RuleState.NotChecked, attempt?.Number);
        var over = pairs.Sum(p => Math.Max(0, p.Value.Number - p.Room));
        return new(
            plan.Rule,
            over == 0 ? RuleState.Met : RuleState.Missed,
            attempt?.Number,
            pairs.Any(p => !p.Measure.IsExact && Math.Abs(p.Value.Number - p.Room) <= p.Measure.Step / 2),
            string.Join(" × ", pairs.Select(p => ReadingFormat.Value(p.Value.Number, p.Measure))),
            string.Join(" × ", pairs.Select(p => ReadingFormat.Value(p.Room, p.Measure))),
            over);
    }

    private RuleOutcome Spending(Rule rule, RuleCheck.Spending spending, DesignRecord design, Attempt? attempt)
    {
        var budget = playbook.Parts.OfType<PartPlan.Budget>().First(p => p.Is.Id == spending.Part).Is;
        var spent = BudgetScore.Value(budget, design).Facts[0].Number;
        var over = Math.Max(0, spent - budget.Funds);
        return new(rule, over == 0 ? RuleState.Met : RuleState.Missed, attempt?.Number, false, BudgetScore.Show(spent, budget), $"at most {BudgetScore.Show(budget.Funds, budget)}", over);
    }

    private RuleOutcome Pieces(Rule rule, DesignRecord design, Attempt? attempt)
    {
        var part = rule.Check switch
        {
            RuleCheck.Share share => share.Part,
            RuleCheck.Ladder ladder => ladder.Part,
            RuleCheck.Ratio ratio => ratio.Part,
            RuleCheck.AllDifferent different => different.Part,
            _ => throw new System.Diagnostics.UnreachableException(),
        };
        var plan = playbook.Parts.OfType<PartPlan.Pieces>().First(p => p.Is.Id == part);
        return PiecesRules.Check(rule.Check, plan, design) is { } found
            ? new(rule, found.Met ? RuleState.Met : RuleState.Missed, attempt?.Number, false, found.Value, found.Limit)
            : new(rule, RuleState.ToCheck, attempt?.Number);
    }

    private readonly record struct LimitValues(decimal Low, decimal High);

    private LimitValues? Limits(RulePlan plan, RuleCheck.Limit limit, DesignRecord design)
    {
        if (limit.PercentOfLastRound is { } percent)
        {
            return lastRoundOf(design.Team.Team.Id) is { } before && plan.Value!.Of(before) is { HasValue: true } last
                ? new(last.Number * percent / 100, 0)
                : null;
        }

        if (!limit.PerMember) return new(plan.Amount, plan.Upper);
        return design.Team.Team.Members > 0 ? new(plan.Amount * design.Team.Team.Members, plan.Upper * design.Team.Team.Members) : null;
    }

    /// <summary>By how much the comparison is missed; null where it is met.</summary>
    internal static decimal? Excess(Comparison comparison, decimal value, decimal low, decimal high) => comparison switch
    {
        Comparison.AtLeast => value >= low ? null : low - value,
        Comparison.MoreThan => value > low ? null : low - value,
        Comparison.AtMost => value <= low ? null : value - low,
        Comparison.LessThan => value < low ? null : value - low,
        Comparison.Between => value < low ? low - value : value > high ? value - high : null,
        Comparison.Exactly => value == low ? null : Math.Abs(value - low),
    };

    private static bool TooNear(Expression expression, Comparison comparison, Worth value, LimitValues limits)
    {
        if (expression.Plain is not { IsExact: false } measure) return BoundLeavesOpen(comparison, value, limits);
        var half = measure.Step / 2;
        return Math.Abs(value.Number - limits.Low) <= half
            || (comparison == Comparison.Between && Math.Abs(value.Number - limits.High) <= half)
            || BoundLeavesOpen(comparison, value, limits);
    }

    /// <summary>Whether the true value, somewhere beyond the bound, could come out the other way.</summary>
    private static bool BoundLeavesOpen(Comparison comparison, Worth value, LimitValues limits)
    {
        if (value.Bound == Bound.Exact) return false;
        var met = Excess(comparison, value.Number, limits.Low, limits.High) is null;
        var beyond = new[] { limits.Low, limits.High, limits.Low + 1, limits.High + 1, limits.Low - 1, limits.High - 1, (limits.Low + limits.High) / 2 }
            .Where(v => value.Bound == Bound.Unclear || (value.Bound == Bound.AtLeast ? v >= value.Number : v <= value.Number));
        return beyond.Any(v => Excess(comparison, v, limits.Low, limits.High) is null != met);
    }

    private static string Shown(RulePlan plan, RuleCheck.Limit limit, LimitValues limits)
    {
        var value = plan.Value!;
        var decimals = Rounding.Decimals(value.Plain?.Shown.Step ?? 0.1m) + (limit.PercentOfLastRound is null ? 0 : 1);

        // A derived limit is compared exactly and printed rounded to its strict side.
        string Strict(decimal number) => limit.PercentOfLastRound is null
            ? value.Expression.Show(new Worth(number))
            : ReadingFormat.Amount(ToStrictSide(number, decimals, limit.Comparison), decimals, value.Expression.Unit);
        return limit.Comparison switch
        {
            Comparison.AtLeast => $"at least {Strict(limits.Low)}",
            Comparison.MoreThan => $"more than {Strict(limits.Low)}",
            Comparison.AtMost => $"at most {Strict(limits.Low)}",
            Comparison.LessThan => $"less than {Strict(limits.Low)}",
            Comparison.Between => $"{Strict(limits.Low)} to {Strict(limits.High)}",
            Comparison.Exactly => $"exactly {Strict(limits.Low)}",
        };
    }

    internal static decimal ToStrictSide(decimal limit, int decimals, Comparison comparison)
    {
        decimal scale = 1;
        for (var i = 0; i < decimals; i++) scale *= 10;
        return comparison is Comparison.AtMost or Comparison.LessThan
            ? decimal.Floor(limit * scale) / scale
            : comparison is Comparison.AtLeast or Comparison.MoreThan ? decimal.Ceiling(limit * scale) / scale : limit;
    }
}
