namespace PluckyRally.Core;

/// <summary>A rally that is planned, for shopping.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">The brief as it is run.</param>
/// <param name="Teams">The teams, with what they were dealt and have drawn.</param>
public sealed record PlannedKit(string Name, Brief Brief, IReadOnlyList<Team> Teams)
{
    /// <summary>A brief that is planned before there are teams: for as many as it expects, at least one.</summary>
    public static PlannedKit Expected(string name, Brief brief)
    {
        var timing = brief.Timing.InRange;
        return new(name, brief, KitList.Unmade([.. Enumerable.Repeat(timing.TeamSize, Math.Max(1, timing.Teams))]));
    }
}

/// <summary>One thing of a shopping list.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="Needed">What is needed in all.</param>
/// <param name="InCupboard">What there is of it.</param>
/// <param name="Buying">What has to be bought.</param>
/// <param name="Money">The currency of its cost.</param>
/// <param name="For">The rallies that need it, by name.</param>
public sealed record ShoppingLine(
    string Name,
    string Unit,
    decimal Needed,
    decimal InCupboard,
    Buying Buying,
    string Money,
    IReadOnlyList<string> For
);

/// <summary>What something costs in all.</summary>
/// <param name="Money">The currency.</param>
/// <param name="Amount">How much of it.</param>
public sealed record MoneyAmount(string Money, decimal Amount);

/// <summary>What to buy for several rallies.</summary>
public static class ShoppingList
{
    /// <summary>What buying all of it costs, in each currency.</summary>
    public static IReadOnlyList<MoneyAmount> Costs(IReadOnlyList<ShoppingLine> lines) =>
        [
            .. lines
                .Where(l => l.Buying.Cost > 0)
                .GroupBy(l => l.Money)
                .Select(g => new MoneyAmount(g.Key, g.Sum(l => l.Buying.Cost!.Value))),
        ];

    /// <summary>
    /// What is needed for all: what is used up is added, what is given back goes from one rally to the next and is
    /// needed once. Things are one where name and unit are; pack and price are those of the first brief that says them.
    /// </summary>
    public static IReadOnlyList<ShoppingLine> Of(
        IReadOnlyList<PlannedKit> planned,
        IReadOnlyList<CupboardItem> cupboard
    )
    {
        var stock = KitList.InStock(cupboard);
        return
        [
            .. planned
                .SelectMany(p =>
                    KitList.Of(p.Brief, p.Teams, []).Lines.Where(l => l.Total > 0).Select(l => (Plan: p, Line: l))
                )
                .GroupBy(need => KitList.Key(need.Line.Material.Name, need.Line.Material.Unit))
                .Select(g =>
                {
                    var (first, priced) = (
                        g.First().Line.Material,
                        g.FirstOrDefault(n => n.Line.Material.Price is not null)
                    );
                    var needed =
                        g.Where(n => !n.Line.Material.Reusable).Sum(n => n.Line.Total!.Value)
                        + g.Where(n => n.Line.Material.Reusable)
                            .Select(n => n.Line.Total!.Value)
                            .DefaultIfEmpty(0)
                            .Max();
                    var there = stock.GetValueOrDefault(g.Key);
                    var pack = g.Select(n => n.Line.Material.Pack).FirstOrDefault(p => p is not null);
                    return new ShoppingLine(
                        first.Name,
                        first.Unit,
                        needed,
                        there,
                        Buying.Of(needed, there, pack, priced.Line?.Material.Price),
                        priced.Plan?.Brief.Money ?? "",
                        [.. g.Select(n => n.Plan.Name).Distinct()]
                    );
                })
                .OrderBy(l => l.Name, StringComparer.OrdinalIgnoreCase),
        ];
    }
}
