namespace PluckyRally.Core;

/// <summary>What cannot work on a fair day as it is planned, seen beforehand.</summary>
public static class DayClashes
{
    /// <summary>Each clash at its slot, with what would help. All are warnings: the plan can be saved.</summary>
    /// <param name="slots">The day's rallies, in its order.</param>
    /// <param name="cupboard">What there is of things.</param>
    public static IReadOnlyList<Problem> Of(IReadOnlyList<PlannedSlot> slots, IReadOnlyList<CupboardItem> cupboard) =>
        [
            .. Pairs(slots).Where(p => SamePlace(p.One.Slot, p.Other.Slot)).Select(DayWords.SamePlace),
            .. Pairs(slots).SelectMany(HelpersAtTwo),
            .. slots.SelectMany(HelpersTwice),
            .. Unmanned(slots),
            .. slots.Index().Where(s => s.Item.Testing > s.Item.Room).Select(s => DayWords.TooShort(s.Index, s.Item)),
            .. Pairs(slots).SelectMany(p => Needed(p, cupboard)),
            .. Alike(slots),
        ];

    /// <summary>Two slots that overlap.</summary>
    /// <param name="At">Where the second stands in the day, from 0.</param>
    /// <param name="One">The first in the order of the day.</param>
    /// <param name="Other">The second.</param>
    internal sealed record Pair(int At, PlannedSlot One, PlannedSlot Other);

    private static IEnumerable<Problem> Alike(IReadOnlyList<PlannedSlot> slots) =>
        TeamsApart.Alike([.. slots.Select(s => s.Kit.Teams)]) is > 0 and var alike ? [DayWords.Alike(alike)] : [];

    private static IEnumerable<Pair> Pairs(IReadOnlyList<PlannedSlot> slots) =>
        from later in Enumerable.Range(0, slots.Count)
        from earlier in Enumerable.Range(0, later)
        where slots[earlier].Overlaps(slots[later])
        select new Pair(later, slots[earlier], slots[later]);

    internal static bool SamePlace(DaySlot one, DaySlot other) =>
        one.Where.Trim().Length > 0 && one.Where.Trim().Equals(other.Where.Trim(), StringComparison.OrdinalIgnoreCase);

    private static IEnumerable<Problem> HelpersAtTwo(Pair pair) =>
        pair
            .Other.Slot.Named()
            .Intersect(pair.One.Slot.Named(), StringComparer.OrdinalIgnoreCase)
            .Select(name => DayWords.AtTwoTables(pair, name));

    private static IEnumerable<Problem> HelpersTwice(PlannedSlot slot, int at) =>
        slot
            .Slot.Named()
            .GroupBy(n => n, StringComparer.OrdinalIgnoreCase)
            .Where(g => g.Count() > 1)
            .Select(g => DayWords.TwiceInOne(at, slot.Name, g.Key));

    /// <summary>
    /// Tables without a helper. Whoever names none at all is told once, and not at all where one table is served at a
    /// time.
    /// </summary>
    private static IEnumerable<Problem> Unmanned(IReadOnlyList<PlannedSlot> slots)
    {
        if (slots.All(s => s.Slot.Named().Count == 0))
            return slots.Any(s => s.Slot.Tables > 1) || Pairs(slots).Any() ? [DayWords.NoHelpers] : [];
        return slots
            .Index()
            .Select(s =>
                (
                    s.Index,
                    s.Item.Name,
                    Tables: Enumerable.Range(0, s.Item.Slot.Tables).Where(t => s.Item.Slot.HelperAt(t).Length == 0)
                )
            )
            .Where(s => s.Tables.Any())
            .Select(s => DayWords.NobodyAt(s.Index, s.Name, [.. s.Tables.Select(t => t + 1)]));
    }

    /// <summary>
    /// What both need at once: things of which there would be enough if one came after the other, and which are too few
    /// for both together.
    /// </summary>
    private static IEnumerable<Problem> Needed(Pair pair, IReadOnlyList<CupboardItem> cupboard)
    {
        var after = Missing(pair, 1, cupboard).ToDictionary(l => (l.Name, l.Unit), l => l.Buying.Short);
        var both = Missing(pair, 0, cupboard)
            .Where(l => l.Buying.Short > after.GetValueOrDefault((l.Name, l.Unit)))
            .ToList();
        return both.Count > 0 ? [DayWords.NeededTwice(pair, both)] : [];
    }

    /// <summary>What is missing for both where the other one comes so many days later.</summary>
    private static IEnumerable<ShoppingLine> Missing(Pair pair, int days, IReadOnlyList<CupboardItem> cupboard) =>
        ShoppingList
            .Of(
                [
                    pair.One.Kit with
                    {
                        Date = DateOnly.MinValue,
                    },
                    pair.Other.Kit with
                    {
                        Date = DateOnly.MinValue.AddDays(days),
                    },
                ],
                cupboard
            )
            .Where(l => l.Buying.Short > 0);
}
