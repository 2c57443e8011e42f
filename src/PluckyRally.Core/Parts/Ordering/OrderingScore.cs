namespace PluckyRally.Core;

/// <summary>Works out sorting into an order.</summary>
internal static class OrderingScore
{
    public static PartValue Value(Part.Ordering part, DesignRecord design)
    {
        if (PartEntries.Of<Entry.OrderGiven>(design, part.Id) is not [.., var given]) return PartValue.Without(new Absence.NoOrder());
        var keys = part.Items.ToDictionary(i => i.Id, i => i.Key);
        var placed = given.Sequence.Where(id => id.Length > 0).Select(id => keys[id]).ToList();
        var (right, reversed, tied) = Pairs(placed);
        var all = part.Items.Count * (part.Items.Count - 1) / 2;
        var points = (right + tied) * part.PerPair;
        List<PartLine> lines = [new($"{right + tied} of {all} pairs are the right way round{(part.PerPair != 0 ? $": {right + tied} × {Numerals.Write(part.PerPair)} = {Numerals.Write(points)}" : "")}.", given.Id)];
        var places = InPlace(part, given.Sequence);
        if (part.PerPlace != 0)
        {
            points += places * part.PerPlace;
            lines.Add(new($"{places} of {part.Items.Count} items are in their place: {places} × {Numerals.Write(part.PerPlace)} = {Numerals.Write(places * part.PerPlace)}.", given.Id));
        }

        var missing = part.Items.Where(i => !given.Sequence.Contains(i.Id)).ToList();
        if (missing.Count > 0) lines.Add(new($"Missing: {string.Join(", ", missing.Select(i => i.Name))}.", given.Id));
        var tau = Tau(right, reversed, tied);
        if (tau is { } agreement) lines.Add(new($"Agreement with the key (Kendall's τ, from −1 to 1): {ReadingFormat.Fixed(agreement, 3)}."));
        return PartValue.Scored(points, lines) with { Facts = [tau is { } known ? new(known) : Worth.None(new Absence.NothingToCompare()), new(right + tied), new(places), new(missing.Count)] };
    }

    /// <summary>Pairs the right way round, the wrong way round, and tied in the key.</summary>
    public static (int Right, int Reversed, int Tied) Pairs(IReadOnlyList<decimal> keysInOrder)
    {
        int right = 0, reversed = 0, tied = 0;
        for (var i = 0; i < keysInOrder.Count; i++)
        {
            for (var j = i + 1; j < keysInOrder.Count; j++)
            {
                var order = keysInOrder[i].CompareTo(keysInOrder[j]);
                if (order < 0) right++;
                else if (order > 0) reversed++;
                else tied++;
            }
        }

        return (right, reversed, tied);
    }

    /// <summary>Kendall's τ between an order without ties and a key that may have some (τ-b); null for fewer than two different keys.</summary>
    public static decimal? Tau(int right, int reversed, int tied)
    {
        if (right + reversed == 0) return null;
        var all = right + reversed + tied;
        if (tied == 0) return (decimal)(right - reversed) / all;
        return (decimal)((right - reversed) / Math.Sqrt((double)all * (all - tied)));
    }

    /// <summary>Items whose place in the team's order is one that the key gives them; tied items may take any of theirs.</summary>
    private static int InPlace(Part.Ordering part, IReadOnlyList<string> sequence)
    {
        var sorted = part.Items.Select(i => i.Key).Order().ToList();
        var keys = part.Items.ToDictionary(i => i.Id, i => i.Key);
        return sequence.Where((id, i) => id.Length > 0 && keys[id] == sorted[i]).Count();
    }
}
