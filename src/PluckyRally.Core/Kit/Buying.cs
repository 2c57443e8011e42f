using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Kit;

/// <summary>What has to be bought of one thing.</summary>
/// <param name="Short">What is missing.</param>
/// <param name="Packs">Packs to buy; absent where it is bought by the piece.</param>
/// <param name="Over">What of the last pack is left over.</param>
/// <param name="Cost">What it costs; absent where it has no price.</param>
public sealed record Buying(decimal Short, int? Packs, decimal Over, decimal? Cost)
{
    /// <summary>Nothing has to be bought of what there is always enough of.</summary>
    internal static Buying Nothing { get; } = new(0, null, 0, null);

    /// <summary>What is missing of a total, in whole packs where it comes in packs.</summary>
    internal static Buying Of(decimal total, decimal inCupboard, decimal? pack, decimal? price)
    {
        var missing = Math.Max(0, total - inCupboard);
        var packs = pack is { } size and > 0 ? Rounding.Whole(Math.Ceiling(missing / size)) : (int?)null;
        return new(
            missing,
            packs,
            packs is > 0 ? (packs.Value * pack!.Value) - missing : 0,
            price is { } each ? each * (packs ?? missing) : null
        );
    }
}
