using MathNet.Numerics.Random;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Kit;

/// <summary>Something that can be drawn into a bag.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Category">What it is good for.</param>
/// <param name="Count">How many there are, 0 or more.</param>
/// <param name="Value">What one is worth, to balance the bags.</param>
/// <param name="Material">The material's id.</param>
public sealed record BagItem(string Name, string Category, int Count, decimal Value = 1, string Material = "");

/// <summary>How many of a category go into a bag.</summary>
/// <param name="Category">The category.</param>
/// <param name="Least">At least so many, from 0.</param>
/// <param name="Most">At most.</param>
public sealed record BagShare(string Category, int Least, int Most);

/// <summary>A bag that was drawn.</summary>
/// <param name="Team">The team's name.</param>
/// <param name="Items">What is in it, alike things beside each other.</param>
/// <param name="Value">What it is worth in all.</param>
/// <param name="Amounts">The same by material.</param>
public sealed record Bag(TeamId Team, IReadOnlyList<string> Items, decimal Value, IReadOnlyList<KitAmount> Amounts);

/// <summary>
/// Draws bags and cards. The same seed gives the same draw (Mersenne Twister, Matsumoto and Nishimura 1998).
/// </summary>
public static class Draws
{
    /// <summary>Draws made before the fairest of them is taken.</summary>
    private const int Tries = 400;

    /// <summary>
    /// A bag for each team, with equal numbers of pieces; or the same bag for all. Where each has its own, bags are
    /// drawn anew until their values lie within the spread, and the fairest draw is taken where they never do.
    /// </summary>
    /// <param name="stock">What there is.</param>
    /// <param name="shares">What goes into a bag.</param>
    /// <param name="teams">The teams' names.</param>
    /// <param name="same">Whether all bags are alike.</param>
    /// <param name="spread">How far the values of bags may lie apart.</param>
    /// <param name="seed">Any whole number.</param>
    public static Result<IReadOnlyList<Bag>> Bags(
        IReadOnlyList<BagItem> stock,
        IReadOnlyList<BagShare> shares,
        IReadOnlyList<TeamId> teams,
        bool same,
        decimal spread,
        int seed
    )
    {
        var found = new ProblemCollector();
        found.Unless(teams.Count > 0, "/teams", "There is no team to draw for.", "Make teams first.");
        found.Unless(
            shares.Any(s => s.Most > 0),
            "/shares",
            "Nothing goes into a bag.",
            "Say how many pieces of at least one kind go into each."
        );
        for (var i = 0; i < shares.Count; i++)
        {
            var share = shares[i];
            var there = stock.Where(s => s.Category == share.Category).Sum(s => s.Count);
            found.Unless(
                share.Least >= 0 && share.Most >= share.Least,
                $"/shares/{i}",
                "The range is empty.",
                "Write the smaller number first."
            );
            found.Unless(
                share.Least * teams.Count <= there,
                $"/shares/{i}",
                $"There are {there} of “{share.Category}”, "
                    + $"and {teams.Count} bags need {share.Least * teams.Count}.",
                "Draw fewer, or find more."
            );
        }

        if (found.Problems.Count > 0)
            return Result<IReadOnlyList<Bag>>.Refused(found.Problems);
        var random = new MersenneTwister(seed);
        var counts = shares
            .Select(s =>
                Math.Min(
                    random.Next(s.Least, s.Most + 1),
                    stock.Where(i => i.Category == s.Category).Sum(i => i.Count) / teams.Count
                )
            )
            .ToList();
        IReadOnlyList<Bag>? best = null;
        for (var attempt = 0; attempt < Tries; attempt++)
        {
            var bags = same ? Alike(stock, shares, counts, teams, random) : Own(stock, shares, counts, teams, random);
            if (bags is null)
                continue;
            if (best is null || Spread(bags) < Spread(best))
                best = bags;
            if (Spread(best) <= spread)
                break;
        }

        return best is null
            ? Result<IReadOnlyList<Bag>>.Refused(
                new Problem(
                    "/stock",
                    "There are not enough of the same things to give every team the same bag.",
                    "Let each team have its own bag, or draw fewer."
                )
            )
            : Result<IReadOnlyList<Bag>>.Ok(best);
    }

    /// <summary>
    /// Deals the cards of a deal to teams: each as often as there are of it; those without a number as evenly as they
    /// come. Null where there are fewer cards than teams.
    /// </summary>
    /// <param name="deal">The deal.</param>
    /// <param name="teams">The teams' ids.</param>
    /// <param name="seed">Any whole number.</param>
    public static IReadOnlyDictionary<TeamId, string>? Deal(Deal deal, IReadOnlyList<TeamId> teams, int seed)
    {
        var random = new MersenneTwister(seed);
        var counted = deal
            .Cards.Where(c => c.Count is not null)
            .SelectMany(c => Enumerable.Repeat(c.Id, Math.Min(c.Count!.Value, teams.Count)))
            .ToList();
        var open = deal.Cards.Where(c => c.Count is null).Select(c => c.Id).ToList();
        var pile = Shuffled(counted, random)
            .Take(
                open.Count > 0 ? Math.Min(counted.Count, teams.Count - Math.Min(open.Count, teams.Count)) : teams.Count
            )
            .ToList();
        while (open.Count > 0 && pile.Count < teams.Count)
            pile.AddRange(Shuffled(open, random).Take(teams.Count - pile.Count));
        if (pile.Count < teams.Count)
            return null;
        var drawn = Shuffled(pile, random);
        return teams.Select((team, i) => (team, Card: drawn[i])).ToDictionary(t => t.team, t => t.Card);
    }

    /// <summary>The next card of a pile; none comes again before all have come.</summary>
    /// <param name="deal">The deal, with at least one card; one without a number is there once.</param>
    /// <param name="drawn">The ids of the cards that were drawn so far.</param>
    /// <param name="seed">Any whole number.</param>
    public static DealCard Next(Deal deal, IReadOnlyList<string> drawn, int seed)
    {
        var all = deal.Cards.SelectMany(c => Enumerable.Repeat(c, c.Count ?? 1)).ToList();
        List<DealCard> pile = [.. all];
        foreach (var card in drawn)
        {
            pile.Remove(pile.Find(c => c.Id == card)!);
            if (pile.Count == 0)
                pile.AddRange(all);
        }

        return Shuffled(pile, new MersenneTwister(seed))[0];
    }

    /// <summary>
    /// Things in an order that is drawn once for a part and is the same for all teams: whoever writes a brief often
    /// writes things down as the key has them. Should the draw fall on the key, it is turned round.
    /// </summary>
    /// <param name="part">The part's id, which the draw hangs on.</param>
    /// <param name="inKey">The things as the key has them.</param>
    public static IReadOnlyList<T> OffTheKey<T>(string part, IEnumerable<T> inKey)
    {
        var key = inKey.ToList();
        var drawn = Shuffled(
            key,
            new MersenneTwister(part.Aggregate(key.Count, (seed, letter) => unchecked((seed * 31) + letter)))
        );
        if (drawn.SequenceEqual(key))
            drawn.Reverse();
        return drawn;
    }

    /// <summary>The things of a sorting part in an order that gives no bin away: on a pad and on paper alike.</summary>
    public static IReadOnlyList<BinItem> OffTheKey(Part.Bins part) =>
        OffTheKey(part.Id, part.Items.OrderBy(i => part.Names.ToList().IndexOf(i.Bin)));

    /// <summary>
    /// The things of an ordering part in an order that does not give theirs away: on a pad and on paper alike.
    /// </summary>
    public static IReadOnlyList<OrderItem> OffTheKey(Part.Ordering part) =>
        OffTheKey(part.Id, part.Items.OrderBy(i => i.Key));

    internal static List<T> Shuffled<T>(IEnumerable<T> items, Random random)
    {
        var list = items.ToList();
        for (var i = list.Count - 1; i > 0; i--)
        {
            var j = random.Next(i + 1);
            (list[i], list[j]) = (list[j], list[i]);
        }

        return list;
    }

    private static decimal Spread(IReadOnlyList<Bag> bags) => bags.Max(b => b.Value) - bags.Min(b => b.Value);

    private static List<Bag> Own(
        IReadOnlyList<BagItem> stock,
        IReadOnlyList<BagShare> shares,
        List<int> counts,
        IReadOnlyList<TeamId> teams,
        Random random
    )
    {
        var piles = shares
            .Select(s =>
                Shuffled(
                    stock.Where(i => i.Category == s.Category).SelectMany(i => Enumerable.Repeat(i, i.Count)),
                    random
                )
            )
            .ToList();
        return
        [
            .. teams.Select(
                (team, t) => Make(team, piles.SelectMany((pile, s) => pile.Skip(t * counts[s]).Take(counts[s])))
            ),
        ];
    }

    private static IReadOnlyList<Bag>? Alike(
        IReadOnlyList<BagItem> stock,
        IReadOnlyList<BagShare> shares,
        List<int> counts,
        IReadOnlyList<TeamId> teams,
        Random random
    )
    {
        var picked = new List<BagItem>();
        for (var s = 0; s < shares.Count; s++)
        {
            var each = Shuffled(
                stock
                    .Where(i => i.Category == shares[s].Category)
                    .SelectMany(i => Enumerable.Repeat(i, i.Count / teams.Count)),
                random
            );
            if (each.Count < counts[s])
                return null;
            picked.AddRange(each.Take(counts[s]));
        }

        return [.. teams.Select(team => Make(team, picked))];
    }

    private static Bag Make(TeamId team, IEnumerable<BagItem> items)
    {
        var list = items.ToList();
        return new(
            team,
            [.. list.Select(i => i.Name).Order(StringComparer.Ordinal)],
            list.Sum(i => i.Value),
            [.. list.GroupBy(i => i.Material).Select(g => new KitAmount(g.Key, g.Count()))]
        );
    }
}
