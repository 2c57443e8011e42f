using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>Pairs the right way round.</summary>
    /// <param name="Right">How many.</param>
    /// <param name="All">How many there are.</param>
    /// <param name="Each">Points for one; 0 where they give none.</param>
    public sealed record PairsRight(int Right, int All, decimal Each) : Working
    {
        public override decimal Adds => Right * Each;

        public override string Say() =>
            $"{Right} of {All} pairs are the right way round"
            + $"{(Each != 0 ? $": {Right} × {Numerals.Write(Each)} = {Numerals.Write(Adds)}" : "")}.";
    }

    /// <summary>Items in their place.</summary>
    public sealed record ItemsInPlace(int InPlace, int All, decimal Each) : Working
    {
        public override decimal Adds => InPlace * Each;

        public override string Say() =>
            $"{InPlace} of {English.Count(All, "item")} "
            + $"{(InPlace == 1 ? "is in the right place" : "are in the right place")}: {InPlace} × "
            + $"{Numerals.Write(Each)} = {Numerals.Write(Adds)}.";
    }

    /// <summary>Items that are not there.</summary>
    public sealed record ItemsMissing(IReadOnlyList<OrderItem> Items) : Working
    {
        public override string Say() => $"Missing: {string.Join(", ", Items.Select(i => i.Name))}.";
    }

    /// <summary>How far an order agrees with the key.</summary>
    public sealed record Agreement(decimal Tau) : Working
    {
        public override string Say() =>
            "How well the order agrees with the key, from −1 (reversed) to 1 (all right): "
            + $"{ReadingFormat.Fixed(Tau, 3)}.";
    }
}

/// <summary>Says from where to where an order goes.</summary>
internal static class OrderingWords
{
    /// <summary>A clause such as " from lightest to heaviest"; empty where the ends have no names.</summary>
    public static string Ends(Part.Ordering part) =>
        part is { First.Length: > 0, Last.Length: > 0 } ? $" from {part.First} to {part.Last}" : "";
}
