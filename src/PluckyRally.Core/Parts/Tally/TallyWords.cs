using PluckyRally.Core.Words;

namespace PluckyRally.Core.Parts;

internal abstract partial record Working
{
    /// <summary>Something was counted.</summary>
    /// <param name="Counter">What.</param>
    /// <param name="Count">How often.</param>
    /// <param name="Each">Points for one, with the sign that helps or hurts.</param>
    public sealed record Counted(Counter Counter, int Count, decimal Each) : Working
    {
        public override decimal Adds => Count * Each;

        public override string Say() => $"{Counter.Name}: {Count} × {Numerals.Factor(Each)} = {Numerals.Write(Adds)}.";
    }

    /// <summary>Nothing was.</summary>
    public sealed record NothingCounted : Working
    {
        public override string Say() => "Nothing was counted.";
    }
}
