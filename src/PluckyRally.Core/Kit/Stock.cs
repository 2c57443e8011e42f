using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Kit;

/// <summary>What a rally takes out of the cupboard, and what comes back into it.</summary>
public static class Stock
{
    /// <summary>What there is to take of what the class needs.</summary>
    /// <param name="list">What the class needs.</param>
    /// <param name="cupboard">What there is.</param>
    public static IReadOnlyList<CupboardItem> ToTake(KitList list, IReadOnlyList<CupboardItem> cupboard)
    {
        var there = new OnHand(cupboard);
        return
        [
            .. list
                .Lines.Where(l => l.Total > 0)
                .SelectMany(l => there.Take(l.Material, Math.Min(l.Total!.Value, l.InCupboard))),
        ];
    }

    /// <summary>What the class needs and was not there when its kit was taken out.</summary>
    /// <param name="list">What the class needs.</param>
    /// <param name="taken">What was taken.</param>
    public static IReadOnlyList<CupboardItem> NotThere(KitList list, IReadOnlyList<CupboardItem> taken)
    {
        var had = new OnHand(taken);
        return
        [
            .. list
                .Lines.Where(l => l.Total > had.Of(l.Material))
                .Select(l => new CupboardItem(l.Material.Name, l.Material.Unit, l.Total!.Value - had.Of(l.Material))),
        ];
    }

    /// <summary>
    /// What should come back of what was taken: less what teams did not count back, and less what is used up by teams
    /// that did not count. Of what no team counts, all that is reusable comes back.
    /// </summary>
    public static IReadOnlyList<CupboardItem> ToBringBack(
        IReadOnlyList<CupboardItem> taken,
        Brief brief,
        IReadOnlyList<TeamKit> kits
    )
    {
        var materials = brief
            .Materials.GroupBy(m => Thing.Of(m.Name, m.Unit).Key)
            .ToDictionary(g => g.Key, g => g.First());
        return
        [
            .. taken.Select(t =>
                t with
                {
                    Amount = Back(t, materials.GetValueOrDefault(Thing.Of(t.Name, t.Unit).Key), kits),
                }
            ),
        ];
    }

    private static decimal Back(CupboardItem taken, Material? material, IReadOnlyList<TeamKit> kits)
    {
        var lines = kits.SelectMany(k => k.Lines).Where(l => l.Material == material?.Id).ToList();
        if (lines.Any(l => l.Back is not null))
            return Math.Clamp(taken.Amount - lines.Sum(Gone), 0, taken.Amount);
        return material is { Reusable: true } or { IsRig: true } ? taken.Amount : 0;
    }

    private static decimal Gone(TeamKitLine line) =>
        line.Back is { } back ? (line.Out ?? line.Due) - back
        : line.Reusable ? 0
        : line.Out ?? line.Due;
}
