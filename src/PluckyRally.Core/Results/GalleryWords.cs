using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What stands on the cards of a gallery, and under it.</summary>
internal static class GalleryWords
{
    /// <summary>A figure beside the one that a gallery is in order by.</summary>
    /// <param name="figure">The figure.</param>
    /// <param name="value">Its value.</param>
    /// <param name="ofSame">Whether it is of the same attempt as the other, and the team made several.</param>
    public static string Value(Figure figure, BoundedValue value, bool ofSame = false) =>
        $"{SentenceCase.Beginning(figure.Name)}{(ofSame ? " in the same attempt" : "")}: {figure.Show(value)}";

    /// <summary>
    /// The figure with a tag and without it: "With triangles: 4 teams, median 41 cm; without: 3 teams, median 28 cm."
    /// </summary>
    public static string Counted(Tag tag, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var (with, without) = (
            values.Where(v => tag.Has(v.Team.Id)).ToList(),
            values.Where(v => !tag.Has(v.Team.Id)).ToList()
        );
        return $"{SentenceCase.Beginning(ComparedWords.With(tag.Word))}: {Group(with, figure)}; without: "
            + $"{Group(without, figure)}.";
    }

    private static string Group(IReadOnlyList<PlotValue> values, Figure figure) =>
        Summary.Of([.. values.Select(v => v.Value)]) is { } summary
            ? $"{English.Count(values.Count, "team")}, "
                + (values.Count == 1 ? values[0].Text : $"median {PlotSummaryWords.Finer(summary.Median, figure)}")
            : "no team";
}
