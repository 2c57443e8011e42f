namespace PluckyRally.Core.Kit;

/// <summary>How much there is of each thing, whatever it is called and measured in.</summary>
public sealed class OnHand
{
    /// <summary>What things come in; a brief says how much is in one.</summary>
    private static readonly string[] PackWords = ["pack", "packet", "box", "roll", "bag", "bundle", "tube"];

    private readonly Dictionary<string, Thing> _others = [];
    private readonly Dictionary<string, decimal> _amounts;
    private readonly HashSet<string> _always;

    /// <param name="cupboard">What is in the cupboard.</param>
    public OnHand(IReadOnlyList<CupboardItem> cupboard)
    {
        foreach (var item in cupboard)
        foreach (var other in item.OtherNames ?? [])
        {
            var (main, called) = (Thing.Of(item.Name, item.Unit), Thing.Of(other.Name, other.Unit));
            _others[called.Key] = new(main.Key, main.Each * other.Each / called.Each);
        }

        _amounts = cupboard
            .Select(i => (Thing: Find(i.Name, i.Unit), i.Amount))
            .GroupBy(i => i.Thing.Key)
            .ToDictionary(g => g.Key, g => g.Sum(i => i.Amount * i.Thing.Each));
        _always = [.. cupboard.Where(i => i.AlwaysThere).Select(i => Find(i.Name, i.Unit).Key)];
    }

    /// <summary>The thing that is called so, here also by a name that the teacher said is another one of it.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="unit">Its unit; empty for pieces.</param>
    public Thing Find(string name, string unit)
    {
        var thing = Thing.Of(name, unit);
        return _others.TryGetValue(thing.Key, out var main) ? new(main.Key, main.Each * thing.Each) : thing;
    }

    /// <summary>How much there is of it, in that unit.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="unit">Its unit; empty for pieces.</param>
    public decimal Of(string name, string unit)
    {
        var thing = Find(name, unit);
        return Math.Round(_amounts.GetValueOrDefault(thing.Key) / thing.Each, 6);
    }

    /// <summary>How much there is of a material, whole packs of it included, in its unit.</summary>
    /// <param name="material">The material.</param>
    public decimal Of(Material material) =>
        Of(material.Name, material.Unit) + Packed(material).Sum(p => p.Amount) * (material.Pack ?? 0);

    /// <summary>Whether there is always enough of it, so that it is never bought for one lesson.</summary>
    /// <param name="name">Its name.</param>
    /// <param name="unit">Its unit; empty for pieces.</param>
    public bool IsAlwaysThere(string name, string unit) => _always.Contains(Find(name, unit).Key);

    /// <summary>What to open for an amount of a material: what is loose first, then of its packs.</summary>
    /// <param name="material">The material.</param>
    /// <param name="amount">How much, in its unit; at most what there is.</param>
    public IEnumerable<CupboardItem> Take(Material material, decimal amount)
    {
        var loose = Math.Min(amount, Of(material.Name, material.Unit));
        if (loose > 0)
            yield return new(material.Name, material.Unit, loose);
        var left = amount - loose;
        foreach (var pack in Packed(material).TakeWhile(_ => left > 0))
        {
            var taken = Math.Min(left, pack.Amount * material.Pack!.Value);
            yield return pack with
            {
                Amount = taken / material.Pack.Value,
            };
            left -= taken;
        }
    }

    private IEnumerable<CupboardItem> Packed(Material material)
    {
        if (material.Pack is not > 0)
            return [];
        var own = Find(material.Name, material.Unit).Key;
        return PackWords
            .Where(word => Find(material.Name, word).Key != own)
            .Select(word => new CupboardItem(material.Name, word, Of(material.Name, word)))
            .Where(item => item.Amount > 0);
    }
}
