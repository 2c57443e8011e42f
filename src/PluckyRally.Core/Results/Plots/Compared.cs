using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Results;

/// <summary>
/// One figure of designs side by side on one scale, with whether the test was fair and what luck alone does.
/// </summary>
internal static class Compared
{
    public static IEnumerable<Plot> Of(PlotScene scene, Figure figure, Grouping by)
    {
        var groups = by.Groups.Select((g, row) => Values(figure, g, row)).Where(g => g.Shown.Count > 0).ToList();
        if (groups.Count < 2)
            yield break;
        if (by.HasNoOrder)
            groups = [.. groups.OrderBy(g => g.Shown.Average(v => v.Number))];
        groups = [.. groups.Select((g, row) => g with { Shown = [.. g.Shown.Select(v => v with { Row = row })] })];
        var values = groups.SelectMany(g => g.Shown).ToList();
        var rows = groups.Select(g => new PlotRow(default, g.Of.Name)).ToList();
        var says = Says(scene, figure, by, groups).ToList();
        if (groups.All(g => g.Shown.Count >= Summaries.Needs(SummaryKind.BoxPlot)))
            yield return OneFigure.Boxes(
                scene,
                figure,
                values,
                [.. groups.Select(g => (rows[g.Shown[0].Row], g.Shown))]
            ) with
            {
                Title = PlotWords.By(figure.Name, by.Name),
                Says = says,
            };
        yield return OneFigure.Strip(scene, figure, values) with
        {
            Title = PlotWords.By(figure.Name, by.Name),
            Rows = rows,
            Says = says,
            Table = Table(figure, groups),
        };
    }

    private static Group Values(Figure figure, DesignGroup group, int row)
    {
        var designs = group
            .Designs.Select(d => (Design: d, Value: figure.Of(d.Facts)))
            .Where(d => d.Value.HasValue)
            .ToList();
        var attempts = group.Designs.SelectMany(d => PlotScene.OfAttempts(figure, d, row)).ToList();
        return new(
            group,
            attempts.Count > 0
                ? attempts
                :
                [
                    .. designs.Select(d => new PlotValue(
                        row,
                        d.Design.Design.Team.Team,
                        null,
                        d.Value,
                        null,
                        figure.Show(d.Value)
                    )),
                ],
            [.. designs.Select(d => (d.Design.Design.Team.Team.Id, (double)d.Value.Number))]
        );
    }

    private static IEnumerable<string> Says(PlotScene scene, Figure figure, Grouping by, IReadOnlyList<Group> groups)
    {
        foreach (var group in groups)
            if (Summary.Of([.. group.Shown.Select(v => v.Value)], scene.Brief.Quartiles) is { } summary)
                yield return ComparedWords.Group(
                    group.Of.Name,
                    group.Shown.Select(v => v.Team.Id).Distinct().Count(),
                    summary,
                    scene.Taught,
                    figure
                );
        if (
            groups is [var one, var other]
            && ComparedWords.Apart(one.Of.Whose, one.Shown, other.Of.Whose, other.Shown) is { } apart
        )
            yield return apart;
        yield return by.OnlySeen ? ComparedWords.OnlySeen : FairTest.Compare([.. groups.Select(g => g.Of.Labels)]).Says;

        // What luck does is for classes that are taught how values spread.
        if (
            !scene.Taught.Any(k =>
                k is SummaryKind.MeanAbsoluteDeviation or SummaryKind.StandardDeviation or SummaryKind.BoxPlot
            ) && scene.Brief.Grades is not (GradeBand.From6To8 or GradeBand.From9To12)
        )
            yield break;
        if (Luck(by, groups) is not { } luck)
        {
            yield return ComparedWords.TooFewForLuck;
            yield break;
        }

        yield return ComparedWords.Luck(luck);
        if (
            luck > ComparedWords.Rare
            && groups.Count == 2
            && Needed([.. groups.Select(g => Units(by, g))]) is { } needed
        )
            yield return ComparedWords.Needed(needed, by.OfAttempts ? "reading" : "design");
    }

    /// <summary>
    /// How often luck alone parts the groups as far. Teams that stand in both of two groups are compared with
    /// themselves.
    /// </summary>
    private static double? Luck(Grouping by, IReadOnlyList<Group> groups)
    {
        if (!by.OfAttempts && groups is [var one, var other])
        {
            var pairs = one
                .Designs.Join(other.Designs, d => d.Team, d => d.Team, (a, b) => (a.Team, Apart: b.Value - a.Value))
                .ToList();
            var once = new[] { one, other }.All(g =>
                g.Designs.Select(d => d.Team).Distinct().Count() == g.Designs.Count
            );
            if (once && pairs.Count > 1 && pairs.Count == one.Designs.Count && pairs.Count == other.Designs.Count)
                return PermutationTest.Paired([.. pairs.Select(p => p.Apart)]);
        }

        return PermutationTest.BetweenGroups([.. groups.Select(g => Units(by, g))]);
    }

    private static IReadOnlyList<double> Units(Grouping by, Group group) =>
        by.OfAttempts ? [.. group.Shown.Select(v => (double)v.Number)] : [.. group.Designs.Select(d => d.Value)];

    /// <summary>
    /// How many in each group would show a difference as large as this one in four of five classes: sixteen times the
    /// variance over the squared difference (R. Lehr, Statistics in Medicine 11, 1992; for a normal spread and one time
    /// in twenty), from memory. At least four, since of fewer even the best deal is not rare, and more than there are.
    /// </summary>
    private static int? Needed(IReadOnlyList<IReadOnlyList<double>> groups)
    {
        var apart = groups[0].Average() - groups[1].Average();
        var free = groups.Sum(g => g.Count) - groups.Count;
        if (apart == 0 || free < 1)
            return null;
        var variance = groups.Sum(g => g.Sum(v => (v - g.Average()) * (v - g.Average()))) / free;
        return (int)
            Math.Clamp(
                Math.Ceiling(16 * variance / (apart * apart)),
                Math.Max(4, groups.Max(g => g.Count) + 1),
                10_000
            );
    }

    private static PlotTable Table(Figure figure, IReadOnlyList<Group> groups) =>
        new(
            ComparedWords.Columns(figure),
            [
                .. groups.SelectMany(g =>
                    g.Shown.Select(v =>
                        (IReadOnlyList<string>)
                            [g.Of.Name, v.Team.Name, v.Attempt is { } attempt ? $"{attempt}" : "", v.Text]
                    )
                ),
            ]
        );

    /// <summary>A group with its values: those that are drawn, and what each of its designs came to.</summary>
    private sealed record Group(
        DesignGroup Of,
        IReadOnlyList<PlotValue> Shown,
        IReadOnlyList<(TeamId Team, double Value)> Designs
    );
}
