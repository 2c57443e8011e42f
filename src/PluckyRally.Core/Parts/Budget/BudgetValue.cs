namespace PluckyRally.Core.Parts;

/// <summary>What a budget is worth points for.</summary>
public enum BudgetValue
{
    /// <summary>What is left; more is better.</summary>
    Left,

    /// <summary>What was spent; less is better.</summary>
    Spent,
}
