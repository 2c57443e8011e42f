using MathNet.Numerics.Distributions;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Rehearsals;

/// <summary>
/// What is expected of a value, in three numbers. Between them lies a beta distribution with the mean (low + 4 usual +
/// high) / 6. Source: the estimate of the Program Evaluation and Review Technique (D. G. Malcolm, J. H. Roseboom, C. E.
/// Clark and W. Fazar, Operations Research 7, 1959); its usual shape with λ = 4, whose variance is (mean − low)(high −
/// mean) / 7 (from memory).
/// </summary>
/// <param name="Low">The smallest that is expected.</param>
/// <param name="Usual">The one expected most.</param>
/// <param name="High">The largest.</param>
public sealed record Pert(decimal Low, decimal Usual, decimal High)
{
    /// <summary>The mean.</summary>
    internal double Mean => (double)(Low + (4 * Usual) + High) / 6;

    /// <summary>The variance.</summary>
    internal double Variance => (Mean - (double)Low) * ((double)High - Mean) / 7;

    /// <summary>Whether the three stand in their order.</summary>
    internal bool IsOrdered => Low <= Usual && Usual <= High;

    /// <summary>
    /// The three through values that really came: the smallest, the largest, and the usual one at which the mean is
    /// theirs.
    /// </summary>
    /// <param name="came">What came; at least one.</param>
    /// <param name="step">How finely it is read.</param>
    internal static Pert Through(IReadOnlyList<decimal> came, decimal step)
    {
        var (low, high, mean) = (came.Min(), came.Max(), came.Average());
        return new(low, Math.Clamp(Rounding.ToStep(((6 * mean) - low - high) / 4, step), low, high), high);
    }

    /// <summary>Values at even steps of chance, from low to high: what lies at 0, 1/n, … 1 of it.</summary>
    internal double[] Quantiles(int steps)
    {
        var (low, high, length) = ((double)Low, (double)High, (double)(High - Low));
        if (length <= 0)
            return [.. Enumerable.Repeat(low, steps + 1)];
        var beta = new Beta(1 + (4 * ((double)Usual - low) / length), 1 + (4 * (high - (double)Usual) / length));
        return
        [
            .. Enumerable
                .Range(0, steps + 1)
                .Select(i =>
                    i == 0 ? low
                    : i == steps ? high
                    : low + (length * beta.InverseCumulativeDistribution((double)i / steps))
                ),
        ];
    }
}
