namespace PluckyRally.Core;

internal abstract partial record Working
{
    /// <summary>Something was bought.</summary>
    public sealed record Bought(Part.Budget Part, Price Price, int Count) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? Cost : -Cost;

        /// <summary>What it cost.</summary>
        public decimal Cost => Count * Price.Each;

        public override string Say() => $"{Price.Name}: {Count} × {BudgetScore.Show(Price.Each, Part)} = {BudgetScore.Show(Cost, Part)}.";
    }

    /// <summary>Something was given back, for a share of its price.</summary>
    public sealed record GivenBack(Part.Budget Part, Price Price, int Count) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? -Back : Back;

        /// <summary>What it gave back.</summary>
        public decimal Back => Count * Price.Each * Part.ReturnPercent / 100;

        public override string Say() => $"{Price.Name} given back: {Count} × {BudgetScore.Show(Price.Each * Part.ReturnPercent / 100, Part)} = {BudgetScore.Show(Back, Part)} back.";
    }

    /// <summary>What is left of the funds.</summary>
    public sealed record Funds(Part.Budget Part, decimal Spent) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Left ? Part.Funds : 0;

        public override string Say()
        {
            var left = Part.Funds - Spent;
            return $"Spent {BudgetScore.Show(Spent, Part)} of {BudgetScore.Show(Part.Funds, Part)}, {(left < 0 ? $"{BudgetScore.Show(-left, Part)} too much" : $"{BudgetScore.Show(left, Part)} left")}.";
        }
    }
}
