using System.Globalization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What stands in plots, and under them.</summary>
internal static class PlotWords
{
    public const string PartByPart = "Points, part by part",
        MustHaves = "Must-haves",
        Together = "Together",
        HowOften = "how often",
        TheClass = "The class",
        BestLine = "best line";

    /// <summary>The headings of a table of boxes.</summary>
    public static readonly IReadOnlyList<string> OfBoxes =
    [
        "",
        "smallest",
        "lower quartile",
        "median",
        "upper quartile",
        "largest",
        "values",
    ];

    /// <summary>The last headings of a table of flights.</summary>
    public static readonly IReadOnlyList<string> OfFlights = ["Path", "Leaves at"];

    /// <summary>What a sort of picture is called.</summary>
    public static string Name(PlotSort sort) =>
        sort switch
        {
            PlotSort.CountingFrame => "Counting frame",
            PlotSort.LinePlot => "Line plot",
            PlotSort.DotStrip => "Dot plot",
            PlotSort.OrderedBars => "Bars in order",
            PlotSort.StackedBars => "Stacked bars",
            PlotSort.BoxPlots => "Box plot",
            PlotSort.Scatter => "Scatter plot",
            PlotSort.Flight => "Flight",
            PlotSort.RoundArrows => "Round to round",
        };

    /// <summary>The heading of a picture of one figure.</summary>
    public static string Title(Figure figure, bool everyAttempt) =>
        $"{SentenceCase.Beginning(figure.Name)}{(everyAttempt ? ", every attempt" : "")}";

    /// <summary>One thing against another.</summary>
    public static string By(string one, string other) =>
        $"{SentenceCase.Beginning(one)} by {SentenceCase.Sentence(other)}";

    /// <summary>The heading of flights.</summary>
    public static string Flight(Figure along, Figure up) =>
        $"The flight, from {SentenceCase.Sentence(along.Name)} and {SentenceCase.Sentence(up.Name)}";

    /// <summary>What is taken for granted in a flight.</summary>
    public static string Parabola(Figure along) =>
        "Drawn as a parabola from ground to ground, ignoring air: y = −4h/d²·x² + 4h/d·x, "
        + $"lengths in {Units.SeveralOf(along.Shown.Unit)}.";

    /// <summary>The heading of what changed since a round.</summary>
    public static string FromRound(Figure figure, int last) =>
        $"{SentenceCase.Beginning(figure.Name)}, from round {last} to round {last + 1}";

    /// <summary>The headings of a table of two rounds.</summary>
    public static IReadOnlyList<string> OfRounds(int last) => ["Team", $"Round {last}", $"Round {last + 1}", "Change"];

    /// <summary>How many teams got better.</summary>
    public static string GotBetter(int better, int of) => $"{better} of {English.Count(of, "team")} got better.";

    /// <summary>By how much a figure changed.</summary>
    public static string Change(Figure figure, decimal before, decimal now, bool? better) =>
        now == before ? "the same"
        : figure.Shown.Kind is MeasureKind.Level or MeasureKind.YesNo
            ? better switch
            {
                true => "better",
                false => "worse",
                null => "another",
            }
        : $"{(now > before ? "+" : "−")}"
            + $"{ReadingFormat.Amount(Math.Abs(now - before), figure.Decimals, figure.Shown.Unit)}"
            + $"{better switch { true => ", better", false => ", worse", null => "" }}";

    /// <summary>That there are fewer than 30 of something (common practice, no source).</summary>
    public static string TooFew(int count, string one) =>
        $"{English.Count(count, one)}: too few to be sure. About 30 would tell more.";

    /// <summary>Whose value it is: a team's, or one attempt's of it.</summary>
    public static string Of(PlotValue value) =>
        value.Attempt is { } attempt ? $"{value.Team.Name}, attempt {attempt}" : value.Team.Name;

    /// <summary>How two figures go together.</summary>
    public static IReadOnlyList<string> GoTogether(
        LineFit? fit,
        bool drawn,
        Figure along,
        Figure up,
        IReadOnlyList<(PlotValue X, PlotValue Y)> pairs
    )
    {
        var (one, many) = pairs.Any(p => p.X.Attempt is not null) ? ("attempt", "Attempts") : ("team", "Teams");
        if (fit is null)
            return [$"{English.Count(pairs.Count, one)}: too few, or too alike, to say whether the two are related."];
        if (fit.Correlation is not { } r)
            return [$"{SentenceCase.Beginning(up.Name)} is the same for all."];
        var (x, y) = (SentenceCase.Sentence(along.Name), SentenceCase.Sentence(up.Name));

        // Under 0.3 hardly anything, over 0.7 strongly: common practice, no source.
        var together =
            Math.Abs(r) < 0.3
                ? $"{SentenceCase.Beginning(up.Name)} and {x} are hardly related."
                : $"{many} with more {x} {(Math.Abs(r) > 0.7 ? "have" : "tend to have")} "
                    + $"{(r > 0 ? "more" : Less(up))} {y}.";
        return
        [
            $"{together} Correlation r = {Number(r, 2)}.",
            .. drawn ? new[] { $"Best line: {Equation(fit)}." } : [],
            "A relationship between two things does not mean that one causes the other.",
            .. pairs.Count < 30 ? new[] { TooFew(pairs.Count, one) } : [],
        ];
    }

    /// <summary>An angle in whole degrees.</summary>
    private static string Less(Figure figure) => figure.Shown.Kind == MeasureKind.Count ? "fewer" : "less";

    public static string Angle(double degrees) => $"{Number(degrees, 0)}°";

    /// <summary>A path as one writes it.</summary>
    public static string Equation((double A, double B, double Angle) path) =>
        $"y = {Significant(path.A)}x² + {Significant(path.B)}x";

    /// <summary>A line as one writes it.</summary>
    public static string Equation(LineFit fit) =>
        $"y = {Significant(fit.Slope)}x {(fit.Intercept < 0 ? "−" : "+")} {Significant(Math.Abs(fit.Intercept))}";

    private static string Number(double value, int decimals) =>
        Numerals.Minus(value.ToString("F" + decimals, CultureInfo.InvariantCulture));

    /// <summary>Three digits that mean something.</summary>
    private static string Significant(double value) =>
        Numerals.Minus(
            ((decimal)value).ToString("G3", CultureInfo.InvariantCulture).Contains('E', StringComparison.Ordinal)
                ? value.ToString("0.###e+0", CultureInfo.InvariantCulture)
                : ((decimal)value).ToString("G3", CultureInfo.InvariantCulture)
        );

    /// <summary>A design of a team that tried several.</summary>
    public static string Design(TeamResult team, Assessment design) =>
        ComparedWords.Design(team.Record.Called(design.Design.Name))
        + (design.Design.Name == team.Assessment.Design.Name ? ", which counts" : "");
}
