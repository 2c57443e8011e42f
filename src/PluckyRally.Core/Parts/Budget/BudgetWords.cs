namespace PluckyRally.Core;

/// <summary>Says what things cost.</summary>
internal static class BudgetWords
{
    /// <summary>What there is to spend, each price, and what is given back for something returned.</summary>
    public static IEnumerable<string> SayPrices(Part.Budget part)
    {
        yield return $"You have {BudgetScore.Show(part.Funds, part)} to spend.";
        foreach (var price in part.Prices.Where(p => p.Name.Length > 0))
            yield return $"{Within.Beginning(price.Name)}: {BudgetScore.Show(price.Each, part)} each";
        yield return part.ReturnPercent switch
        {
            0 => "Nothing is taken back.",
            100 => "What you give back returns all that it cost.",
            var percent => $"What you give back returns {Numerals.Write(percent)}% of what it cost.",
        };
    }
}

internal abstract partial record Working
{
    /// <summary>Something was bought.</summary>
    public sealed record Bought(Part.Budget Part, Price Price, int Count) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? Cost : -Cost;

        /// <summary>What it cost.</summary>
        public decimal Cost => Count * Price.Each;

        public override string Say() =>
            $"{Price.Name}: {Count} × {BudgetScore.Show(Price.Each, Part)} = {BudgetScore.Show(Cost, Part)}.";
    }

    /// <summary>Something was given back, for a share of its price.</summary>
    public sealed record GivenBack(Part.Budget Part, Price Price, int Count) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? -Back : Back;

        /// <summary>What it gave back.</summary>
        public decimal Back => Count * Price.Each * Part.ReturnPercent / 100;

        public override string Say() =>
            $"{Price.Name} given back: {Count} × "
            + $"{BudgetScore.Show(Price.Each * Part.ReturnPercent / 100, Part)} = "
            + $"{BudgetScore.Show(Back, Part)} back.";
    }

    /// <summary>What is left of the funds.</summary>
    public sealed record Funds(Part.Budget Part, decimal Spent) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Left ? Part.Funds : 0;

        public override string Say()
        {
            var left = Part.Funds - Spent;
            return $"Spent {BudgetScore.Show(Spent, Part)} of {BudgetScore.Show(Part.Funds, Part)}, "
                + (left < 0 ? $"{BudgetScore.Show(-left, Part)} too much" : $"{BudgetScore.Show(left, Part)} left")
                + ".";
        }
    }
}
