using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Checks;

internal abstract partial record RuleFound
{
    /// <summary>The dimensions of a thing and the room for each.</summary>
    public sealed record OfFit(IReadOnlyList<(BoundedValue Value, decimal Room, Measure Measure)> Pairs) : RuleFound
    {
        public override string SayValue() =>
            string.Join(" × ", Pairs.Select(p => ReadingFormat.Value(p.Value.Number, p.Measure)));

        public override string SayLimit() =>
            string.Join(" × ", Pairs.Select(p => ReadingFormat.Value(p.Room, p.Measure)));
    }
}
