using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Results;

/// <summary>Holds what was recorded against the rules.</summary>
/// <param name="run">The round as it is run.</param>
/// <param name="lastRoundOf">What is known of the design that was a team's result in the round before; null where there
/// is none.</param>
internal sealed class RuleChecker(RunRound run, Func<TeamId, DesignFacts?> lastRoundOf)
{
    private readonly CompiledEdition compiled = run.Compiled;

    /// <summary>
    /// How the rules came out whose miss fails the attempt, once for each attempt, and the record that is left: from
    /// here on nothing reads an attempt that does not count.
    /// </summary>
    public (DesignRecord Left, IReadOnlyDictionary<RulePlan, IReadOnlyList<RuleOutcome>> Failing) Failing(
        DesignRecord recorded
    )
    {
        var within = recorded.Within(compiled.Brief.Trials);
        var facts = new DesignFacts(within, []);
        var failing = compiled.Rules.Where(r => r.FailsAttempts).ToDictionary(plan => plan, plan => Check(plan, facts));
        var failed = failing
            .Values.SelectMany(outcomes => outcomes)
            .Where(o => o.State == RuleState.Missed)
            .Select(o => o.Attempt!.Value)
            .ToHashSet();
        return (within.With(failed), failing);
    }

    /// <summary>
    /// How every rule came out for a design; a rule checked in every attempt comes out once for each.
    /// </summary>
    public IReadOnlyList<RuleOutcome> Outcomes(
        IReadOnlyDictionary<RulePlan, IReadOnlyList<RuleOutcome>> failing,
        DesignFacts facts
    ) => [.. compiled.Rules.SelectMany(plan => failing.TryGetValue(plan, out var known) ? known : Check(plan, facts))];

    /// <summary>
    /// How the rules came out over all attempts where these are only passed or not: an attempt that counts and met a
    /// rule is enough, and a failed one met none.
    /// </summary>
    /// <param name="byAttempt">How they came out in each attempt, and those that are checked outside of
    /// attempts.</param>
    /// <param name="design">The design.</param>
    public IReadOnlyList<RuleOutcome> OverAttempts(IReadOnlyList<RuleOutcome> byAttempt, DesignRecord design) =>
        [
            .. compiled
                .Rules.Where(plan => plan.IsFor(design.Team.Team))
                .SelectMany(plan =>
                    plan.Rule.When != CheckTime.EveryAttempt
                        ? byAttempt.Where(o => o.Rule == plan.Rule)
                        : [OverAttempts(plan.Rule, byAttempt, design)]
                ),
        ];

    private RuleOutcome OverAttempts(Rule rule, IReadOnlyList<RuleOutcome> byAttempt, DesignRecord design)
    {
        // One that begins with the second round has nothing to say of any attempt of the first.
        if (byAttempt.FirstOrDefault(o => o.Rule == rule && o.Attempt is null) is { } later)
            return later;
        var tried = design
            .Attempts.Where(a => a.Outcome != TrialOutcome.Failed)
            .Select(a => (a.Outcome, Came: byAttempt.First(o => o.Rule == rule && o.Attempt == a.Number)))
            .ToList();
        return tried
            .Find(t => t is { Outcome: TrialOutcome.Counted, Came.State: RuleState.Met or RuleState.NotChecked })
            .Came
            ?? tried.Find(t => t.Came.State == RuleState.ToCheck).Came
            ?? (tried.Select(t => t.Came).MinBy(o => o.Excess) ?? new(rule, RuleState.Missed)) with
            {
                Attempt = null,
                State = design.Waits(compiled.Brief.Trials) is null ? RuleState.Missed : RuleState.ToCheck,
            };
    }

    /// <summary>
    /// Whether a rule that came with a card held already when an attempt was recorded, as far as the judge knew.
    /// </summary>
    private bool HeldThen(RulePlan plan, Team team, Attempt attempt) =>
        plan.Rule.OnlyFor.Length == 0
        || HeldCard.Of(compiled.Brief, team).FirstOrDefault(h => h.Card.Id == plan.Rule.OnlyFor) is not { } held
        || attempt.Trials.Any(t => held.WasKnown(t));

    private IReadOnlyList<RuleOutcome> Check(RulePlan plan, DesignFacts facts)
    {
        var team = facts.Design.Team.Team;
        if (!plan.IsFor(team))
            return [];
        if (plan.BeginsLater && run.Before is null)
            return [new(plan.Rule, RuleState.NotChecked)];
        var before = lastRoundOf(team.Id);
        return plan.Rule.When == CheckTime.EveryAttempt
            ?
            [
                .. facts.Design.Attempts.Select(a =>
                    HeldThen(plan, team, a)
                        ? plan.Check(facts, before, a)
                        : new(plan.Rule, RuleState.NotChecked, a.Number)
                ),
            ]
            : [plan.Check(facts, before, null)];
    }
}
