using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Parts;

/// <summary>Works out sorting into an order.</summary>
internal static class OrderingScore
{
    public static PartValue Value(Part.Ordering part, DesignRecord design)
    {
        if (PartEntries.Of<Entry.OrderGiven>(design, part.Id) is not [.., var given])
            return PartValue.Without(new Absence.NoOrder());
        var keys = part.Items.ToDictionary(i => i.Id, i => i.Key);
        var placed = given.Sequence.Where(id => id.Length > 0).Select(id => keys[id]).ToList();
        var (right, reversed, tied) = Pairs(placed);
        var all = part.Items.Count * (part.Items.Count - 1) / 2;
        var places = InPlace(part, given.Sequence);
        var missing = part.Items.Where(i => !given.Sequence.Contains(i.Id)).ToList();
        var tau = Tau(right, reversed, tied);
        List<Working> steps = [new Working.PairsRight(right + tied, all, part.PerPair) { Entries = [given.Id] }];
        if (part.PerPlace != 0)
            steps.Add(new Working.ItemsInPlace(places, part.Items.Count, part.PerPlace) { Entries = [given.Id] });
        if (missing.Count > 0)
            steps.Add(new Working.ItemsMissing(missing) { Entries = [given.Id] });
        if (tau is { } agreement)
            steps.Add(new Working.Agreement(agreement));
        return PartValue.Scored(steps.Sum(s => s.Adds), steps) with
        {
            Facts =
            [
                tau is { } known ? new(known) : BoundedValue.None(new Absence.NothingToCompare()),
                new(right + tied),
                new(places),
                new(missing.Count),
            ],
        };
    }

    /// <summary>Pairs the right way round, the wrong way round, and tied in the key.</summary>
    public static (int Right, int Reversed, int Tied) Pairs(IReadOnlyList<decimal> keysInOrder)
    {
        int right = 0,
            reversed = 0,
            tied = 0;
        for (var i = 0; i < keysInOrder.Count; i++)
        {
            for (var j = i + 1; j < keysInOrder.Count; j++)
            {
                var order = keysInOrder[i].CompareTo(keysInOrder[j]);
                if (order < 0)
                    right++;
                else if (order > 0)
                    reversed++;
                else
                    tied++;
            }
        }

        return (right, reversed, tied);
    }

    /// <summary>
    /// Kendall's τ between an order without ties and a key that may have some (τ-b); null for fewer than two different
    /// keys.
    /// </summary>
    public static decimal? Tau(int right, int reversed, int tied)
    {
        if (right + reversed == 0)
            return null;
        var all = right + reversed + tied;
        if (tied == 0)
            return (decimal)(right - reversed) / all;
        return (decimal)((right - reversed) / Math.Sqrt((double)all * (all - tied)));
    }

    /// <summary>
    /// Items whose place in the team's order is one that the key gives them; tied items may take any of theirs.
    /// </summary>
    private static int InPlace(Part.Ordering part, IReadOnlyList<string> sequence)
    {
        var sorted = part.Items.Select(i => i.Key).Order().ToList();
        var keys = part.Items.ToDictionary(i => i.Id, i => i.Key);
        return sequence.Where((id, i) => id.Length > 0 && keys[id] == sorted[i]).Count();
    }
}
