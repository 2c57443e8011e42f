using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Figures;

/// <summary>What is worked out of a design so far: figures read this, and nothing else.</summary>
/// <param name="Design">The record without attempts that do not count.</param>
/// <param name="Values">The parts' values, in the method's order.</param>
/// <param name="Points">The parts' points, in the same order; null before they are given.</param>
/// <param name="Total">The total; null before it is added up.</param>
internal sealed record DesignFacts(
    DesignRecord Design,
    IReadOnlyList<PartValue> Values,
    IReadOnlyList<PartResult>? Points = null,
    BoundedValue? Total = null
);
