using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What a class's values come to, in the words that its grade is taught.</summary>
internal static class PlotSummaryWords
{
    /// <summary>A sentence for each summary that is taught and that there are enough values for.</summary>
    public static IReadOnlyList<string> Of(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values)
    {
        if (
            figure.Shown.Kind is MeasureKind.YesNo or MeasureKind.Level
            || Summary.Of([.. values.Select(v => v.Value)], scene.Brief.Quartiles) is not { } summary
        )
            return [];
        return
        [
            .. scene.Taught.Select(kind => Say(kind, summary, figure)).OfType<string>(),
            .. summary.Early
            && scene.Taught.Any(k =>
                k
                    is SummaryKind.Mean
                        or SummaryKind.Median
                        or SummaryKind.StandardDeviation
                        or SummaryKind.MeanAbsoluteDeviation
            )
                ? new[] { PlotWords.TooFew(summary.Count, "value") }
                : [],
            .. summary.Bounded > 0
                ? new[]
                {
                    $"{English.Count(summary.Bounded, "value")} "
                        + (
                            summary.Bounded == 1
                                ? "is a bound, shown at its number"
                                : "are bounds, shown at their numbers"
                        )
                        + ".",
                }
                : [],
        ];
    }

    private static string? Say(SummaryKind kind, Summary summary, Figure figure) =>
        kind switch
        {
            SummaryKind.Range when summary.Range == 0 =>
                $"Range: {Write(summary.Range, figure)}. Every value is {Write(summary.Smallest, figure)}.",
            SummaryKind.Range => $"Range: {Write(summary.Range, figure)}, from {Write(summary.Smallest, figure)} to "
                + $"{Write(summary.Largest, figure)}.",
            SummaryKind.Mode => summary.Modes.Count == 0
                ? "No mode: no value is more frequent than the others."
                : $"{(summary.Modes.Count == 1 ? "Mode" : "Modes")} (most frequent): "
                    + $"{English.List([.. summary.Modes.Select(m => Write(m, figure))])}.",
            SummaryKind.Median => $"Median: {Finer(summary.Median, figure)}.",
            SummaryKind.Mean => $"Mean: {Finer(summary.Mean, figure)}.",
            SummaryKind.BoxPlot when summary.Count >= Summaries.Needs(kind) =>
                $"The middle half is from {Finer(summary.LowerQuartile, figure)} to "
                    + $"{Finer(summary.UpperQuartile, figure)}: an interquartile range of "
                    + $"{Finer(summary.InterquartileRange, figure)}.",
            SummaryKind.MeanAbsoluteDeviation =>
                $"Mean distance from the mean: {Finer(summary.MeanAbsoluteDeviation, figure)}.",
            SummaryKind.StandardDeviation when summary.SampleDeviation is { } deviation =>
                $"Standard deviation: {Finer(deviation, figure)}, as of a sample.",
            SummaryKind.BoxPlot
            or SummaryKind.StandardDeviation
            or SummaryKind.Order
            or SummaryKind.LinePlot
            or SummaryKind.Scatter
            or SummaryKind.Fit => null,
        };

    /// <summary>A value that was read, or the difference of two.</summary>
    public static string Write(double value, Figure figure) =>
        ReadingFormat.Value(Rounding.ToDecimals((decimal)value, 9), figure.Shown);

    /// <summary>A number between readings: with one digit more.</summary>
    public static string Finer(double value, Figure figure) =>
        ReadingFormat.Amount((decimal)value, figure.Shown.Decimals + 1, figure.Shown.Unit);
}
