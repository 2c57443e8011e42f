namespace PluckyRally.Core;

/// <summary>What stands on the cards of a gallery, and under it.</summary>
internal static class GalleryWords
{
    public static string Value(Figure figure, BoundedValue value) =>
        $"{Within.Beginning(figure.Name)}: {figure.Show(value)}";

    /// <summary>
    /// The figure with a tag and without it: "With triangles: 4 teams, median 41 cm; without: 3 teams, median 28 cm."
    /// </summary>
    public static string Counted(Tag tag, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var (with, without) = (
            values.Where(v => tag.Has(v.Team.Id)).ToList(),
            values.Where(v => !tag.Has(v.Team.Id)).ToList()
        );
        return $"{Within.Beginning(ComparedWords.With(tag.Word))}: {Group(with, figure)}; without: "
            + $"{Group(without, figure)}.";
    }

    private static string Group(IReadOnlyList<PlotValue> values, Figure figure) =>
        Summary.Of([.. values.Select(v => v.Value)]) is { } summary
            ? $"{English.Count(values.Count, "team")}, "
                + (values.Count == 1 ? values[0].Text : $"median {PlotSummaryWords.Finer(summary.Median, figure)}")
            : "no team";
}
