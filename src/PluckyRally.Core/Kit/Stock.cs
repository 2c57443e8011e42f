namespace PluckyRally.Core;

/// <summary>What a rally takes out of the cupboard, and what comes back into it.</summary>
public static class Stock
{
    /// <summary>What there is to take of what the class needs.</summary>
    public static IReadOnlyList<CupboardItem> ToTake(KitList list) =>
        [
            .. list
                .Lines.Where(l => l.Total > 0 && l.InCupboard > 0)
                .Select(l => new CupboardItem(
                    l.Material.Name,
                    l.Material.Unit,
                    Math.Min(l.Total!.Value, l.InCupboard)
                )),
        ];

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
            .Materials.GroupBy(m => KitList.Key(m.Name, m.Unit))
            .ToDictionary(g => g.Key, g => g.First());
        return
        [
            .. taken.Select(t =>
                t with
                {
                    Amount = Back(t, materials.GetValueOrDefault(KitList.Key(t.Name, t.Unit)), kits),
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
