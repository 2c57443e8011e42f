using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Spending), "spending")]
public abstract partial record RuleCheck
{
    /// <summary>The team has spent no more than its funds.</summary>
    /// <param name="Part">The id of the part with the budget.</param>
    public sealed record Spending(string Part) : RuleCheck
    {
        internal override bool HasAmount => true;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found) =>
            sources.Part<PartPlan.Budget>(Part, "budget", found) is { } budget
                ? new RulePlan.Spending(rule, budget.Definition)
                : null;
    }
}

internal abstract partial record RulePlan
{
    /// <summary>A rule about spending no more than there is.</summary>
    public sealed record Spending(Rule Rule, Part.Budget Budget) : RulePlan(Rule)
    {
        public override string SayAmount(decimal amount) => BudgetScore.Show(amount, Budget);

        public override RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt)
        {
            var spent = BudgetScore.Spent(Budget, facts.Design);
            var over = Math.Max(0, spent - Budget.Funds);
            return new(
                Rule,
                over == 0 ? RuleState.Met : RuleState.Missed,
                attempt?.Number,
                false,
                new RuleFound.OfSpending(Budget, spent),
                over
            );
        }
    }
}
