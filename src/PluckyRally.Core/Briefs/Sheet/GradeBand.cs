namespace PluckyRally.Core.Briefs;

/// <summary>The grades that a brief or a tier is for, youngest first.</summary>
public enum GradeBand
{
    /// <summary>Not said.</summary>
    Unsaid,

    /// <summary>Kindergarten to grade 2.</summary>
    KTo2,

    /// <summary>Grades 3 to 5.</summary>
    From3To5,

    /// <summary>Grades 6 to 8.</summary>
    From6To8,

    /// <summary>Grades 9 to 12.</summary>
    From9To12,
}

/// <summary>What is usual in a band of grades.</summary>
public static class GradeBands
{
    /// <summary>The bands that can be chosen, youngest first.</summary>
    public static IReadOnlyList<GradeBand> All { get; } =
    [GradeBand.KTo2, GradeBand.From3To5, GradeBand.From6To8, GradeBand.From9To12];

    /// <summary>What a band is called.</summary>
    public static string Name(GradeBand band) =>
        band switch
        {
            GradeBand.KTo2 => "Kindergarten to grade 2",
            GradeBand.From3To5 => "Grades 3 to 5",
            GradeBand.From6To8 => "Grades 6 to 8",
            GradeBand.From9To12 => "Grades 9 to 12",
            GradeBand.Unsaid => "any grade",
        };

    /// <summary>Whether those who read it begin to read, and get large letters (common practice, no source).</summary>
    public static bool ReadsLargePrint(GradeBand band) => band == GradeBand.KTo2;

    /// <summary>The highest school grade of a band; null where it is not said.</summary>
    public static int? Oldest(GradeBand band) =>
        band switch
        {
            GradeBand.KTo2 => 2,
            GradeBand.From3To5 => 5,
            GradeBand.From6To8 => 8,
            GradeBand.From9To12 => 12,
            GradeBand.Unsaid => null,
        };

    /// <summary>
    /// How many attempts are usual (common practice, no source): the youngest cannot wait, the oldest need numbers.
    /// </summary>
    public static int Attempts(GradeBand band) =>
        band switch
        {
            GradeBand.KTo2 => 1,
            GradeBand.Unsaid or GradeBand.From3To5 => 3,
            GradeBand.From6To8 => 5,
            GradeBand.From9To12 => 10,
        };

    /// <summary>
    /// What a class does with its numbers. Source: the progression of the Common Core State Standards for Mathematics,
    /// from memory: 4.MD.4 line plots; 5.NBT decimals; 6.SP.5 median, mean, interquartile range, mean absolute
    /// deviation and box plots; 8.SP.1 scatter plots; HSS-ID standard deviation.
    /// </summary>
    public static IReadOnlyList<SummaryKind> Summaries(GradeBand band) =>
        band switch
        {
            GradeBand.KTo2 => [SummaryKind.Order],
            GradeBand.From3To5 => [SummaryKind.Order, SummaryKind.LinePlot, SummaryKind.Range, SummaryKind.Mode],
            GradeBand.From6To8 =>
            [
                SummaryKind.Range,
                SummaryKind.Median,
                SummaryKind.Mean,
                SummaryKind.BoxPlot,
                SummaryKind.MeanAbsoluteDeviation,
            ],
            GradeBand.From9To12 =>
            [
                SummaryKind.Mean,
                SummaryKind.BoxPlot,
                SummaryKind.StandardDeviation,
                SummaryKind.Scatter,
                SummaryKind.Fit,
            ],
            GradeBand.Unsaid => [SummaryKind.Order, SummaryKind.Range],
        };

    /// <summary>
    /// How finely a length is usually read in a unit. Source: Common Core 1.MD.2 and 2.MD.1 whole units, 3.MD.4
    /// quarters of an inch, 5.NBT decimals, from memory.
    /// </summary>
    public static decimal LengthStep(GradeBand band, string unit) =>
        (band, unit) switch
        {
            (GradeBand.KTo2, _) => 1,
            (GradeBand.From3To5, "in") => 0.25m,
            (_, "in") => 0.125m,
            (GradeBand.From3To5 or GradeBand.Unsaid, "cm") => 1,
            (GradeBand.From6To8, "cm") => 0.5m,
            (_, "cm") => 0.1m,
            (_, "m") => 0.01m,
            _ => 1,
        };
}

/// <summary>A summary that a class draws or works out from its readings.</summary>
public enum SummaryKind
{
    /// <summary>The readings put in order.</summary>
    Order,

    /// <summary>Dots over a number line.</summary>
    LinePlot,

    /// <summary>Largest less smallest.</summary>
    Range,

    /// <summary>The most frequent reading.</summary>
    Mode,

    /// <summary>The middle reading.</summary>
    Median,

    /// <summary>The mean.</summary>
    Mean,

    /// <summary>Quartiles, drawn as a box.</summary>
    BoxPlot,

    /// <summary>The mean distance from the mean.</summary>
    MeanAbsoluteDeviation,

    /// <summary>The standard deviation.</summary>
    StandardDeviation,

    /// <summary>Two measures against each other.</summary>
    Scatter,

    /// <summary>A line or curve through the points.</summary>
    Fit,
}

/// <summary>What summaries need.</summary>
public static class Summaries
{
    /// <summary>What a summary is called.</summary>
    public static string Name(SummaryKind kind) =>
        kind switch
        {
            SummaryKind.Order => "put in order",
            SummaryKind.LinePlot => "line plot",
            SummaryKind.Range => "range",
            SummaryKind.Mode => "mode",
            SummaryKind.Median => "median",
            SummaryKind.Mean => "mean",
            SummaryKind.BoxPlot => "box plot",
            SummaryKind.MeanAbsoluteDeviation => "mean absolute deviation",
            SummaryKind.StandardDeviation => "standard deviation",
            SummaryKind.Scatter => "scatter plot",
            SummaryKind.Fit => "line or curve of best fit",
        };

    /// <summary>
    /// The fewest readings of one team from which a summary says anything (common practice, no source).
    /// </summary>
    public static int Needs(SummaryKind kind) =>
        kind switch
        {
            SummaryKind.Range or SummaryKind.Order => 1,
            SummaryKind.Mean or SummaryKind.Median or SummaryKind.Mode or SummaryKind.LinePlot => 3,
            SummaryKind.MeanAbsoluteDeviation or SummaryKind.Scatter or SummaryKind.Fit or SummaryKind.BoxPlot => 5,
            SummaryKind.StandardDeviation => 10,
        };
}
