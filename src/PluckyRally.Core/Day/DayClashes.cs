using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Day;

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
            .. Crowds(slots).SelectMany(c => Needed(c, cupboard)),
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

    /// <summary>Rallies that run at one time, as many as there are at any.</summary>
    /// <param name="At">Where the last of them stands in the day, from 0.</param>
    /// <param name="Slots">The rallies, in the order of the day, at least two.</param>
    internal sealed record Crowd(int At, IReadOnlyList<PlannedSlot> Slots);

    /// <summary>
    /// Whoever runs when somebody begins; a crowd that is a part of another one says nothing that the other does not.
    /// </summary>
    private static IReadOnlyList<Crowd> Crowds(IReadOnlyList<PlannedSlot> slots)
    {
        var all = slots
            .Select(begins =>
                slots
                    .Index()
                    .Where(s => s.Item == begins || (s.Item.Overlaps(begins) && s.Item.Slot.From <= begins.Slot.From))
                    .Select(s => s.Index)
                    .ToHashSet()
            )
            .Where(c => c.Count > 1)
            .ToList();
        return
        [
            .. all.Where(
                    (c, i) => !all.Where((other, j) => j < i ? c.IsSubsetOf(other) : c.IsProperSubsetOf(other)).Any()
                )
                .Select(c => new Crowd(c.Max(), [.. c.Order().Select(at => slots[at])])),
        ];
    }

    /// <summary>
    /// What rallies need at once: things of which there would be enough if one came after the other, and which are too
    /// few for all together.
    /// </summary>
    private static IEnumerable<Problem> Needed(Crowd crowd, IReadOnlyList<CupboardItem> cupboard)
    {
        var after = Missing(crowd, 1, cupboard).ToDictionary(l => (l.Name, l.Unit), l => l.Buying.Short);
        var together = Missing(crowd, 0, cupboard)
            .Where(l => l.Buying.Short > after.GetValueOrDefault((l.Name, l.Unit)))
            .ToList();
        return together.Count > 0 ? [DayWords.NeededAtOnce(crowd, together)] : [];
    }

    /// <summary>What is missing for all where each comes so many days after the one before.</summary>
    private static IEnumerable<ShoppingLine> Missing(Crowd crowd, int days, IReadOnlyList<CupboardItem> cupboard) =>
        ShoppingList
            .Of(
                [.. crowd.Slots.Select((s, at) => s.Kit with { Date = DateOnly.MinValue.AddDays(at * days) })],
                cupboard
            )
            .Where(l => l.Buying.Short > 0);
}
