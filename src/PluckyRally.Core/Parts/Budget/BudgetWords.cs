using PluckyRally.Core.Briefs;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

/// <summary>Says what things cost.</summary>
internal static class BudgetWords
{
    /// <summary>What is left, or what was spent beyond it: "8 tokens left".</summary>
    public static string SayLeft(decimal left, Part.Budget part) =>
        left < 0 ? $"{BudgetScore.Show(-left, part)} over" : $"{BudgetScore.Show(left, part)} left";

    /// <summary>What is expected of one thing: "straws bought, of at most 20".</summary>
    public static string SayBought(Price price, int? most) =>
        most is { } number ? $"{price.Name} bought, of at most {number}" : $"{price.Name} bought";

    /// <summary>What a team spent, from each of its budgets; empty where it has none.</summary>
    public static string SaySpent(TeamResult result) =>
        English.List([
            .. from part in result.Parts
            where part.Plan is PartPlan.Budget && part.Value.Facts.Count > 0
            select $"spent {BudgetScore.Show(part.Value.Facts[0].Number, (Part.Budget)part.Plan.Part)}",
        ]);

    /// <summary>What there is to spend, each price, and what is given back for something returned.</summary>
    public static IEnumerable<string> SayPrices(Part.Budget part)
    {
        yield return $"You have {BudgetScore.Show(part.Funds, part)} to spend.";
        foreach (var price in part.Prices.Where(p => p.Name.Length > 0))
            yield return $"{SentenceCase.Beginning(price.Name)}: {BudgetScore.Show(price.Each, part)} each";
        yield return part.ReturnPercent switch
        {
            0 => "Nothing can be returned.",
            100 => "What you give back returns all that it cost.",
            var percent => $"What you give back returns {Numerals.Write(percent)}% of what it cost.",
        };
    }
}

internal abstract partial record Working
{
    /// <summary>Something was bought.</summary>
    public sealed record Bought(Part.Budget Part, Price Price, int Count, Charge Charge) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? Cost : -Cost;

        /// <summary>What it cost.</summary>
        public decimal Cost => Count * Charge.Each;

        public override string Say() =>
            $"{SentenceCase.Beginning(Price.Name)}: {Count} × {BudgetScore.Show(Charge.Each, Part)} = "
            + $"{BudgetScore.Show(Cost, Part)}{Charge.Why?.Say(Part)}.";
    }

    /// <summary>Something was given back, for a share of what it had cost.</summary>
    public sealed record GivenBack(Part.Budget Part, Price Price, int Count, decimal Each) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Spent ? -Back : Back;

        /// <summary>What it gave back.</summary>
        public decimal Back => Count * Each * Part.ReturnPercent / 100;

        public override string Say() =>
            $"{SentenceCase.Beginning(Price.Name)} given back: {Count} × "
            + $"{BudgetScore.Show(Each * Part.ReturnPercent / 100, Part)} = "
            + $"{BudgetScore.Show(Back, Part)} back.";
    }

    /// <summary>What is left of the funds.</summary>
    public sealed record Funds(Part.Budget Part, decimal Spent) : Working
    {
        public override decimal Adds => Part.Value == BudgetValue.Left ? Part.Funds : 0;

        public override string Say()
        {
            var left = Part.Funds - Spent;
            return $"Spent {Numerals.Write(Spent)} of {BudgetScore.Show(Part.Funds, Part)}, "
                + $"{BudgetWords.SayLeft(left, Part)}.";
        }
    }
}
