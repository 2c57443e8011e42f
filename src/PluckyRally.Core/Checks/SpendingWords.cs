using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;

namespace PluckyRally.Core.Checks;

internal abstract partial record RuleFound
{
    /// <summary>What was spent, and what there is.</summary>
    public sealed record OfSpending(Part.Budget Budget, decimal Spent) : RuleFound
    {
        public override string SayValue() => BudgetScore.Show(Spent, Budget);

        public override string SayLimit() => $"at most {BudgetScore.Show(Budget.Funds, Budget)}";
    }
}
