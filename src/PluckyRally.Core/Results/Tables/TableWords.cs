using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Headings and words of a rally's tables.</summary>
internal static class TableWords
{
    public const string Results = "results",
        Figures = "figures",
        Readings = "readings",
        Rounds = "rounds",
        Why = "why";

    public static readonly IReadOnlyList<string> OfRounds = ["team", "place", "total"];

    public static string Round(int round) => $"round {round}";

    public static readonly IReadOnlyList<string> OfResults = ["round", "team", "place", "status", "total", "why not"];

    public static readonly IReadOnlyList<string> OfFigures = ["round", "team"];

    public static readonly IReadOnlyList<string> OfReadings =
    [
        "round",
        "team",
        "design",
        "attempt",
        "outcome",
        "measure",
        "typed",
        "value",
        "unit",
        "bound",
        "by",
        "at (UTC)",
    ];

    public static IEnumerable<string> OfPart(string name) => [name, $"{name}, points"];

    /// <summary>A figure's name with its unit.</summary>
    public static string Heading(Figure figure) =>
        figure.Shown.Unit.Length > 0 ? $"{figure.Name} ({figure.Shown.Unit})" : figure.Name;

    public static string Status(StandingStatus status) =>
        status switch
        {
            StandingStatus.Placed => "placed",
            StandingStatus.Unfinished => "not finished",
            StandingStatus.DidNotPlace => "not placed",
            StandingStatus.Away => "away",
        };

    public static string Outcome(TrialOutcome outcome) =>
        outcome switch
        {
            TrialOutcome.Counted => "counted",
            TrialOutcome.Failed => "failed",
            TrialOutcome.Void => "void",
            TrialOutcome.Waiting => "waiting",
        };

    public static string Bound(Bound bound) =>
        bound switch
        {
            Core.Readings.Bound.Exact => "",
            Core.Readings.Bound.AtLeast => "at least",
            Core.Readings.Bound.AtMost => "at most",
            Core.Readings.Bound.Unclear => "both ways",
        };
}
