using MathNet.Numerics.Statistics;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Statistics;

/// <summary>
/// What a class finds in its readings. Counted readings only; bounded ones stand at their value and are marked.
/// </summary>
public sealed record Summary
{
    /// <summary>How many readings there are.</summary>
    public required int Count { get; init; }

    /// <summary>The mean.</summary>
    public required double Mean { get; init; }

    /// <summary>The median.</summary>
    public required double Median { get; init; }

    /// <summary>The smallest.</summary>
    public required double Smallest { get; init; }

    /// <summary>The largest.</summary>
    public required double Largest { get; init; }

    /// <summary>Largest less smallest.</summary>
    public required double Range { get; init; }

    /// <summary>Every value that is most frequent; none where all are equally frequent.</summary>
    public required IReadOnlyList<double> Modes { get; init; }

    /// <summary>The mean of the distances from the mean.</summary>
    public required double MeanAbsoluteDeviation { get; init; }

    /// <summary>The standard deviation as of a sample (divided by n − 1); absent for one reading.</summary>
    public double? SampleDeviation { get; init; }

    /// <summary>The standard deviation as of the whole (divided by n).</summary>
    public required double PopulationDeviation { get; init; }

    /// <summary>The lower quartile, by the method that was asked for.</summary>
    public required double LowerQuartile { get; init; }

    /// <summary>The upper quartile.</summary>
    public required double UpperQuartile { get; init; }

    /// <summary>Upper less lower quartile.</summary>
    public required double InterquartileRange { get; init; }

    /// <summary>How many of the readings are bounds.</summary>
    public int Bounded { get; init; }

    /// <summary>
    /// Whether it is too early for a conclusion: fewer than 30 readings (common practice, no source).
    /// </summary>
    public required bool Early { get; init; }

    /// <summary>Whether there are enough readings, ten, to speak of a shape (common practice, no source).</summary>
    public required bool ShapeCanBeJudged { get; init; }

    /// <summary>The summary of readings; null where there are none.</summary>
    public static Summary? Of(
        IReadOnlyList<BoundedValue> readings,
        QuartileMethod method = QuartileMethod.HalvesWithoutMedian
    )
    {
        var counted = readings.Where(r => r.HasValue).ToList();
        if (counted.Count == 0)
            return null;
        var values = counted.Select(r => (double)r.Number).Order().ToArray();
        var mean = values.Mean();
        var (lower, upper) = Quartiles.Of(values, method)!.Value;
        return new()
        {
            Count = values.Length,
            Mean = mean,
            Median = values.Median(),
            Smallest = values[0],
            Largest = values[^1],
            Range = values[^1] - values[0],
            Modes = ModesOf(values),
            MeanAbsoluteDeviation = values.Select(v => Math.Abs(v - mean)).Mean(),
            SampleDeviation = values.Length > 1 ? values.StandardDeviation() : null,
            PopulationDeviation = values.Length > 1 ? values.PopulationStandardDeviation() : 0,
            LowerQuartile = lower,
            UpperQuartile = upper,
            InterquartileRange = upper - lower,
            Bounded = counted.Count(r => r.Bound != Bound.Exact),
            Early = values.Length < 30,
            ShapeCanBeJudged = values.Length >= 10,
        };
    }

    private static IReadOnlyList<double> ModesOf(double[] values)
    {
        var groups = values.GroupBy(v => v).Select(g => (g.Key, Count: g.Count())).ToList();
        var most = groups.Max(g => g.Count);
        return groups.All(g => g.Count == most) ? [] : [.. groups.Where(g => g.Count == most).Select(g => g.Key)];
    }
}
