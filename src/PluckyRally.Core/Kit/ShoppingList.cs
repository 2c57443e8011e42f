using PluckyRally.Core.Briefs;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Kit;

/// <summary>A rally that is planned, for shopping.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">The brief as it is run.</param>
/// <param name="Teams">The teams, with what they were dealt and have drawn.</param>
public sealed record PlannedKit(string Name, Brief Brief, IReadOnlyList<Team> Teams)
{
    /// <summary>The day, or the first of the week; absent where none is said.</summary>
    public DateOnly? Date { get; init; }

    /// <summary>Whether it is on some day of that week.</summary>
    public bool WholeWeek { get; init; }

    /// <summary>What it has taken out of the cupboard already.</summary>
    public IReadOnlyList<CupboardItem> Taken { get; init; } = [];

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
/// <param name="For">The rallies that need it, by their days.</param>
public sealed record ShoppingLine(
    string Name,
    string Unit,
    decimal Needed,
    decimal InCupboard,
    Buying Buying,
    string Money,
    IReadOnlyList<ShoppingFor> For
)
{
    /// <summary>Whether there is always enough of it, so that none is bought.</summary>
    public bool AlwaysThere { get; init; }

    /// <summary>What in the cupboard may be the same under another name; absent where nothing is.</summary>
    public CupboardItem? Similar { get; init; }

    /// <summary>The day on which there is first too little of it; absent where none is short.</summary>
    public DateOnly? ShortOn => For.FirstOrDefault(f => f.Short > 0)?.Date;
}

/// <summary>A rally that needs something that is bought.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Date">The day, or the first of the week; absent where none is said.</param>
/// <param name="Needed">How much it needs.</param>
/// <param name="Short">How much of that is missing, after the rallies before it have theirs.</param>
public sealed record ShoppingFor(string Name, DateOnly? Date, decimal Needed, decimal Short);

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
    /// What is needed for all, by day: what is used up is added; what is given back goes from one day to the next, and
    /// is needed as often as rallies of one day need it. Pack and price are those of the first brief that says them.
    /// </summary>
    /// <param name="planned">What is planned.</param>
    /// <param name="cupboard">What there is.</param>
    public static IReadOnlyList<ShoppingLine> Of(
        IReadOnlyList<PlannedKit> planned,
        IReadOnlyList<CupboardItem> cupboard
    )
    {
        var there = new OnHand(cupboard);
        return
        [
            .. planned
                .OrderBy(p => p.Date ?? DateOnly.MaxValue)
                .SelectMany(p => Needs(p, there))
                .GroupBy(n => n.Thing.Key)
                .Select(g => Line([.. g], there))
                .Select(l => l.Buying.Short > 0 ? l with { Similar = SimilarThings.To(l.Name, l.Unit, cupboard) } : l)
                .OrderBy(l => l.Name, StringComparer.OrdinalIgnoreCase),
        ];
    }

    private static IEnumerable<Need> Needs(PlannedKit plan, OnHand there)
    {
        var taken = new OnHand(plan.Taken);
        return KitList
            .Of(plan.Brief, plan.Teams, [])
            .Lines.Select(l => new Need(
                plan,
                l.Material,
                there.Find(l.Material.Name, l.Material.Unit),
                Math.Max(0, (l.Total ?? 0) - taken.Of(l.Material))
            ))
            .Where(n => n.Amount > 0);
    }

    private static ShoppingLine Line(IReadOnlyList<Need> needs, OnHand there)
    {
        var first = needs[0];
        var (material, always) = (first.Material, there.IsAlwaysThere(first.Material.Name, first.Material.Unit));
        var inCupboard = there.Of(material);
        var priced = needs.FirstOrDefault(n => n.Material.Price is not null);
        var pack = needs.FirstOrDefault(n => n.Material.Pack is not null);
        var rallies = new List<ShoppingFor>();
        for (var i = 0; i < needs.Count; i++)
        {
            var (before, after) = (Short(i), Short(i + 1));
            rallies.Add(new(needs[i].Plan.Name, needs[i].Plan.Date, In(needs[i]), after - before));
        }

        var needed = Total(needs.Count);
        return new(
            material.Name,
            material.Unit,
            needed,
            inCupboard,
            always
                ? Buying.Nothing
                : Buying.Of(
                    needed,
                    inCupboard,
                    pack is null ? null : pack.Material.Pack * pack.Thing.Each / first.Thing.Each,
                    priced is null ? null
                        : pack is null ? priced.Material.Price * first.Thing.Each / priced.Thing.Each
                        : priced.Material.Price
                ),
            priced?.Plan.Brief.Money ?? "",
            rallies
        )
        {
            AlwaysThere = always,
        };

        decimal In(Need need) => need.Amount * need.Thing.Each / first.Thing.Each;

        decimal Short(int until) => always ? 0 : Math.Max(0, Total(until) - inCupboard);

        decimal Total(int until) =>
            needs.Take(until).Where(n => !n.Material.Reusable).Sum(In)
            + needs
                .Take(until)
                .Where(n => n.Material.Reusable)
                // Where the day is open, it need not be the same one.
                .GroupBy(n => (n.Plan.Date, n.Plan.Date is null || n.Plan.WholeWeek ? n.Plan : null))
                .Select(g => g.Sum(In))
                .DefaultIfEmpty(0)
                .Max();
    }

    private sealed record Need(PlannedKit Plan, Material Material, Thing Thing, decimal Amount);
}
