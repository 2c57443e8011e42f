using PluckyRally.Core.Results;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Run;

/// <summary>Lines of several tiers as one list, for a class that works in all of them.</summary>
public static class TierLines
{
    /// <summary>
    /// A line that all tiers have stands there once; one that not all have says whose it is. The order is that of the
    /// first tier, with what the others have of their own behind.
    /// </summary>
    /// <param name="tiers">The tiers' names, empty for the brief itself, and their lines.</param>
    public static IReadOnlyList<string> Of(IReadOnlyList<(string Tier, IReadOnlyList<string> Lines)> tiers) =>
        [
            .. tiers
                .SelectMany(t => t.Lines)
                .Distinct()
                .Select(line =>
                    (Line: line, Having: tiers.Where(t => t.Lines.Contains(line)).Select(t => t.Tier).ToList())
                )
                .Select(l =>
                    l.Having.Count == tiers.Count
                        ? l.Line
                        : $"{English.List([.. l.Having.Select(OverAllWords.ListOfTier)])}: {l.Line}"
                ),
        ];
}
