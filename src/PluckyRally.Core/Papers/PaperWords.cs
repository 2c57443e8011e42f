using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Papers;

/// <summary>What stands on paper.</summary>
internal static class PaperWords
{
    public static string Limited(string measure, IReadOnlyList<string> rules) =>
        rules.Count == 0
            ? measure
            : $"{measure} ({string.Join("; ", rules.Select(r => SentenceCase.Sentence(r.TrimEnd('.'))))})";

    public const string Met = "met";
    public const string Missed = "missed";
    public const string FailedValue = "failed";
    public const string VoidValue = "void";
    public const string Failed = "failed";
    public const string Void = "does not count: do it again";

    public const string Before = "Before the test";
    public const string After = "After the test";
    public const string MustHave = "Must have";
    public const string MetOrMissed = "Met or missed";
    public const string Once = "Measured once";
    public const string Measure = "What";
    public const string Reading = "Reading";
    public const string Attempts = "Attempts";
    public const string Attempt = "Attempt";
    public const string Design = "Design";
    public const string Outcome = "Outcome";
    public const string Why = "Why";
    public const string Noted = "Observations";

    public const string Task = "Task";
    public const string Done = "Done";
    public const string StepsDone = "Steps done";
    public const string Time = "Time";
    public const string Leg = "Leg";
    public const string Carried = "Brought over";
    public const string Thing = "Thing";
    public const string Bin = "Put where";
    public const string Place = "Place";
    public const string Piece = "Piece";
    public const string Pieces = "Pieces";
    public const string Length = "Length";
    public const string Width = "Width";
    public const string HowMany = "How many";
    public const string Criterion = "Criterion";
    public const string Level = "Level";
    public const string Bought = "Bought";
    public const string Counted = "Counted";

    public const string Total = "Total";

    /// <summary>Something with the points that it gives: "Penny (2 points each time)".</summary>
    public static string Worth(string name, string points) => $"{name} ({points})";

    public static string Bonus(string rule) => $"Bonus: {rule}";

    public static string IfMissed(string rule) => $"If missed: {rule}";

    public const string UseCount = "Write a whole number, 0 or more.";
    public const string NoJudge = "Enter the judge's name.";
    public const string StillToCome = "The day on the paper is still to come.";
    public const string WriteDay = "Write the day on which it was judged.";
    public const string WriteJudge = "Write the name that stands on the paper.";
    public const string NoField = "The sheet has no such field.";
    public const string LoadAgain = "The brief has changed since. Load the page again.";
    public const string OtherSheet = "This page was recorded before, with something else on it.";

    public const string StrikeOut = "Cross out what is wrong under Score, and record it there.";

    public const string KeepBoth = "Check that this is another page. If it is, save it too.";

    public static string PageIsIn(string team, int round, string writer, int things) =>
        $"A page of {team} for round {Numerals.Write(round)} is in already: {English.Count(things, "entry")} "
        + $"by {writer}.";

    public const string Empty = "Nothing is typed in.";
    public const string TypeSomething = "Type what stands on the paper, then save it.";
    public const string PlaceOnce = "Give each thing its own place.";

    public const string SortWay = "Write where each thing belongs.";
    public const string TaskWay = "Check off what you have done.";

    public static string OrderWay(int things, string ends) =>
        $"Write 1 to {Numerals.Write(things)} next to the things, in their order{ends}.";

    public static string Answer(string thing, string answer) => $"{thing}: {answer}";

    public static string Steps(string task, int steps) => $"{task} ({English.Count(steps, "step")})";

    /// <summary>The unit and how finely it is read: "cm, to 0.5".</summary>
    public static string Read(Measure measure) =>
        measure.Kind switch
        {
            MeasureKind.YesNo => "yes or no",
            MeasureKind.Level => string.Join(", ", measure.Levels),
            MeasureKind.Count => "",
            MeasureKind.Length
            or MeasureKind.Mass
            or MeasureKind.Force
            or MeasureKind.Volume
            or MeasureKind.Temperature
            or MeasureKind.Angle
            or MeasureKind.Money
            or MeasureKind.Percent
            or MeasureKind.Number
            or MeasureKind.Area
            or MeasureKind.Duration => string.Join(
                ", ",
                new[] { measure.Unit, $"to {ReadingFormat.Value(measure.Step, measure with { Weights = [] })}" }
                    .Where(t => t.Length > 0)
                    .DistinctBy(t => t)
            ),
        };

    public static string PlaceWon(int place, bool tied, int of) =>
        $"{English.Ordinal(place)} of {English.Count(of, "team")}{(tied ? ", tied" : "")}";

    public static string BestAt(string part, string value, PartPlace place) =>
        $"{part}: {value}, {(place.Shared ? "tied for " : "")}"
        + (place.Place == 1 ? "the best" : $"{English.Ordinal(place.Place)} best")
        + $" of {English.Count(place.Of, "team")}";

    /// <summary>With whom something is compared, where that is not everybody: "2nd of 12 teams in Class 7".</summary>
    public static string Among(string said, string whom) => whom.Length > 0 ? $"{said} in {whom}" : said;

    public static string Gained(string part, string since) => $"{part}: {SinceWords.WithoutVerdict(since)}";

    public static string Reached(string part, string value) => $"{part}: {value}";

    public static string AllMet(int musts) =>
        musts switch
        {
            1 => "Met the must-have",
            2 => "Met both must-haves",
            _ => $"Met all {Numerals.Write(musts)} must-haves",
        };

    public static string Plans(IReadOnlyList<string> plans) =>
        plans.Count switch
        {
            0 => "",
            1 => $"Draw this plan, or your own: {plans[0]}.",
            _ => $"Draw one of these plans, or your own: {string.Join(", ", plans)}.",
        };

    public static string NoCount(string typed) => $"“{ProblemCollector.Short(typed)}” is not a whole number.";

    public static string NoChoice(string typed) => $"“{ProblemCollector.Short(typed)}” cannot be chosen here.";

    public static string NoPlace(int places) => $"There are {English.Count(places, "place")}.";

    public static string PlaceTaken(string thing) => $"“{ProblemCollector.Short(thing)}” has that place already.";

    public static string Of(int most) => $"of {Numerals.Write(most)}";

    public static string OfRelay(string relay) => $"{relay}: what was counted";

    public static string Fault(string name, decimal seconds) => $"{name} ({Numerals.Write(seconds)} s each)";
}
