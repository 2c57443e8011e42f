using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Debriefs;

/// <summary>What earlier rallies say to whoever opens the brief again.</summary>
internal static class MemoryWords
{
    public const string ToBeat = "Best so far";

    public static string Took(PhaseTook took) =>
        $"{took.Name} took {Numerals.Write(took.Took)} minutes, planned {Numerals.Write(took.Planned)}.";

    public static string Take(decimal minutes, bool aTurn) =>
        $"Take {English.Count(minutes, "minute")}{(aTurn ? " a turn" : "")}";

    public static string Best(BestSoFar best, string rally) =>
        $"The best so far, {SentenceCase.Sentence(best.Name)}: {best.Text}, by {best.Team} of {rally}.";

    public static string SetTarget(BestSoFar best) => $"Make {best.Typed} the value to beat";

    public static string Heaviest(Measure measure, BoundedValue value) =>
        $"{SentenceCase.Beginning(measure.Name)}: {ReadingFormat.Reading(value.Number, value.Bound, measure)} "
        + "was the most.";
}
