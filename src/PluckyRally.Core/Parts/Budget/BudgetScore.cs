namespace PluckyRally.Core;

/// <summary>Works out a budget.</summary>
internal static class BudgetScore
{
    public static PartValue Value(Part.Budget part, DesignRecord design)
    {
        var bought = PartEntries.Of<Entry.Purchased>(design, part.Id);
        var returned = PartEntries.Of<Entry.Returned>(design, part.Id);
        var steps = new List<Working>();
        decimal spent = 0;
        foreach (var price in part.Prices)
        {
            var taken = bought.Where(b => b.Item == price.Id).ToList();
            var back = returned.Where(r => r.Item == price.Id).ToList();
            if (taken.Count > 0)
            {
                var step = new Working.Bought(part, price, taken.Sum(b => b.Count))
                {
                    Entries = [.. taken.Select(b => b.Id)],
                };
                spent += step.Cost;
                steps.Add(step);
            }

            if (back.Count > 0)
            {
                var step = new Working.GivenBack(part, price, back.Sum(r => r.Count))
                {
                    Entries = [.. back.Select(r => r.Id)],
                };
                spent -= step.Back;
                steps.Add(step);
            }
        }

        var left = part.Funds - spent;
        steps.Add(new Working.Funds(part, spent));
        return PartValue.Scored(part.Value == BudgetValue.Left ? left : spent, steps) with
        {
            Facts = [new(spent), new(left), new(Math.Max(0, -left))],
        };
    }

    /// <summary>What a team has spent, less what it got back.</summary>
    public static decimal Spent(Part.Budget part, DesignRecord design) => Value(part, design).Facts[0].Number;

    /// <summary>How amounts of its money are shown.</summary>
    public static Measure Coins(Part.Budget part) =>
        new()
        {
            Id = part.Id,
            Kind = MeasureKind.Money,
            Unit = part.Money,
            Step = 0.01m,
            Negative = true,
        };

    public static string Show(decimal amount, Part.Budget part) => ReadingFormat.Value(amount, Coins(part));
}
