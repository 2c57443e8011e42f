using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out a budget.</summary>
internal static class BudgetScore
{
    public static PartValue Value(Part.Budget part, DesignRecord design)
    {
        var entries = PartEntries.Of<Entry.OfSale>(design, part.Id);
        var steps = new List<Working>();
        decimal spent = 0;
        foreach (var price in part.Prices)
        {
            foreach (
                var lot in entries
                    .OfType<Entry.Purchased>()
                    .Where(b => b.Item == price.Id)
                    .GroupBy(b => b.Charged ?? new(price.Each))
            )
            {
                var step = new Working.Bought(part, price, lot.Sum(b => b.Count), lot.Key)
                {
                    Entries = [.. lot.Select(b => b.Id)],
                };
                spent += step.Cost;
                steps.Add(step);
            }

            foreach (var back in Back(price, entries.Where(e => e.Item == price.Id)).GroupBy(b => b.Each))
            {
                var step = new Working.GivenBack(part, price, back.Sum(b => b.Count), back.Key)
                {
                    Entries = [.. back.Select(b => b.Entry).Distinct()],
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

    /// <summary>What was given back of one thing, by what it had cost: what was bought last comes back first.</summary>
    private static IEnumerable<(int Count, decimal Each, EntryId Entry)> Back(
        Price price,
        IEnumerable<Entry.OfSale> entries
    )
    {
        var lots = new Stack<(int Count, decimal Each)>();
        var early = new List<Entry.Returned>();
        foreach (var entry in entries)
        {
            if (entry is Entry.Purchased bought)
                lots.Push((bought.Count, bought.Charged?.Each ?? price.Each));
            else if (entry is Entry.Returned returned && lots.Sum(l => l.Count) >= returned.Count)
                foreach (var (count, each) in Taken(lots, returned.Count))
                    yield return (count, each, entry.Id);
            else if (entry is Entry.Returned before)
                early.Add(before);
        }

        // A device that was without a line can tell of what was given back before another tells that it was bought.
        foreach (var entry in early)
        foreach (var (count, each) in Taken(lots, entry.Count))
            yield return (count, each, entry.Id);
    }

    private static IEnumerable<(int Count, decimal Each)> Taken(Stack<(int Count, decimal Each)> lots, int count)
    {
        while (count > 0 && lots.TryPop(out var lot))
        {
            var taken = Math.Min(count, lot.Count);
            if (taken < lot.Count)
                lots.Push(lot with { Count = lot.Count - taken });
            count -= taken;
            yield return (taken, lot.Each);
        }
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
