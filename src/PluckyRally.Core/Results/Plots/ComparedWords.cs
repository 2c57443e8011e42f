using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Score;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What stands beside designs that are compared.</summary>
internal static class ComparedWords
{
    /// <summary>What happens less often than this is called rare: once in twenty times (common practice).</summary>
    public const double Rare = 0.05;

    public const string Rounds = "Round";

    public const string TooFewForLuck = "There are too few values to tell a difference from luck.";

    public const string OnlySeen =
        "This was observed, not tested: other things may differ too. To find out whether it is the cause, have one "
        + "team build it both ways.";

    public static string Round(int number) => $"round {number}";

    public static string Tag(string word) => $"“{word}”";

    public static string With(string word) => $"with {word}";

    public static string With(string label, string value) => $"with {SentenceCase.Sentence(label)} {value}";

    public static string Without(string word) => $"without {word}";

    public static string Of(string name) => $"of {name}";

    public static string DesignsOf(Team team) => $"Designs of {team.Name}";

    public static string Design(string name) => name.Length > 0 ? name : "first design";

    public static IReadOnlyList<string> Columns(Figure figure) =>
        ["", "Team", "Attempt", SentenceCase.Beginning(figure.Name)];

    /// <summary>The values of a label in a group: one, or how often each stands.</summary>
    public static string Values(IReadOnlyList<string> values)
    {
        var each = values
            .GroupBy(v => v, StringComparer.OrdinalIgnoreCase)
            .OrderBy(g => g.Key, StringComparer.OrdinalIgnoreCase)
            .ToList();
        return each.Count == 1
            ? each[0].Key
            : English.List([
                .. each.Select(g =>
                    $"{(g.Key.Length > 0 ? g.Key : "not noted")} ({Math.Round(100.0 * g.Count() / values.Count)}%)"
                ),
            ]);
    }

    /// <summary>What a group came to, as far as the class is taught to say it.</summary>
    public static string Group(
        string name,
        int teams,
        Summary summary,
        IReadOnlyList<SummaryKind> taught,
        Figure figure
    )
    {
        var parts = new List<string>
        {
            teams > 1 ? English.Count(teams, "team") : English.Count(summary.Count, "value"),
        };
        if (summary.Range == 0)
        {
            parts.Add((summary.Count > 1 ? "all " : "") + PlotSummaryWords.Write(summary.Smallest, figure));
            return $"{SentenceCase.Beginning(name)}: {string.Join(", ", parts)}.";
        }

        if (taught.Contains(SummaryKind.Median) || taught.Contains(SummaryKind.BoxPlot))
            parts.Add($"median {PlotSummaryWords.Finer(summary.Median, figure)}");
        if (taught.Contains(SummaryKind.Mean))
            parts.Add($"mean {PlotSummaryWords.Finer(summary.Mean, figure)}");
        parts.Add(
            $"from {PlotSummaryWords.Write(summary.Smallest, figure)} to "
                + $"{PlotSummaryWords.Write(summary.Largest, figure)}"
        );
        return $"{SentenceCase.Beginning(name)}: {string.Join(", ", parts)}.";
    }

    /// <summary>Whether two groups lie apart or reach into each other.</summary>
    public static string? Apart(
        string one,
        IReadOnlyList<PlotValue> ones,
        string other,
        IReadOnlyList<PlotValue> others
    )
    {
        if (ones.Min(v => v.Number) > others.Max(v => v.Number))
            return $"Every value {one} is above every value {other}.";
        if (others.Min(v => v.Number) > ones.Max(v => v.Number))
            return $"Every value {other} is above every value {one}.";
        var (upper, lower, below, name) =
            ones.Average(v => v.Number) >= others.Average(v => v.Number)
                ? (ones, others, other, one)
                : (others, ones, one, other);
        var reaching = lower.Count(v => v.Number >= upper.Min(u => u.Number));
        return $"They overlap: {reaching} of {English.Count(lower.Count, "value")} {below} "
            + $"{(reaching == 1 ? "reaches" : "reach")} into the range {name}.";
    }

    /// <summary>How often luck alone would do as much.</summary>
    public static string Luck(double share) =>
        share switch
        {
            > 0.5 => "By luck alone, a difference this large happens more often than not, so it tells you nothing.",
            > Rare => $"By luck alone, a difference this large happens about once in {Times(share)} tries: "
                + "often enough that it may be luck.",
            _ => $"By luck alone, a difference this large happens about once in {Times(share)} tries, "
                + "which is rare.",
        };

    /// <summary>How many would be needed to say more.</summary>
    public static string Needed(int each, string of) =>
        each > 100
            ? $"If the difference is real, it would take more than 100 {English.Several(of)} of each to show it."
            : $"If the difference is real, about {English.Count(each, of)} of each would show it.";

    private static string Times(double share) => Numerals.Write((decimal)Math.Max(2, Math.Round(1 / share)));
}
