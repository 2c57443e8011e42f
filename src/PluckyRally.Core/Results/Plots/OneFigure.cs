using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Pictures of one figure.</summary>
internal static class OneFigure
{
    /// <summary>More boxes than these nobody counts.</summary>
    private const int MostHits = 30;

    /// <summary>More places than these on a number line are no places any more.</summary>
    private const int MostPlaces = 60;

    /// <summary>All pictures that the figure's values allow.</summary>
    public static IEnumerable<Plot> Of(PlotScene scene, Figure figure)
    {
        var (each, teams) = (scene.Each(figure), scene.OfTeams(figure));
        if (
            teams.Count > 0
            && figure.Shown.Kind is MeasureKind.Count
            && teams.All(v => v.Number is >= 0 and <= MostHits && v.Number == decimal.Truncate(v.Number))
        )
            yield return Frame(scene, figure, teams);
        if (teams.Count > 0)
            yield return Bars(scene, figure, teams);
        if (each.Count >= Summaries.Needs(SummaryKind.LinePlot) && Places(figure, each) <= MostPlaces)
            yield return Line(scene, figure, each);
        if (each.Count > 0)
            yield return Strip(scene, figure, each);
        if (each.Count >= Summaries.Needs(SummaryKind.BoxPlot))
            yield return Boxes(scene, figure, each);
    }

    private static decimal Places(Figure figure, IReadOnlyList<PlotValue> values) =>
        (values.Max(v => v.Number) - values.Min(v => v.Number)) / Math.Max(figure.Shown.Step, 0.000001m);

    private static Plot Frame(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var boxes = (int)Math.Max(10, decimal.Ceiling(values.Max(v => v.Number) / 10) * 10);
        return Base(scene, figure, values, PlotSort.CountingFrame, scene.Brief.Grades == GradeBand.KTo2) with
        {
            X = new(figure.Name, 0, boxes, []),
            Rows = Rows(scene),
            Lines = [],
            Marks =
            [
                .. values.SelectMany(v =>
                    Enumerable
                        .Range(0, boxes)
                        .Select(at => new PlotMark.Cell
                        {
                            Row = v.Row,
                            At = at,
                            Filled = at < v.Number,
                            Says = v.Says,
                        })
                ),
            ],
        };
    }

    private static Plot Bars(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var ordered = (
            figure.Direction == Better.Less ? values.OrderBy(v => v.Number) : values.OrderByDescending(v => v.Number)
        ).ToList();
        var plot = Base(scene, figure, ordered, PlotSort.OrderedBars, scene.Taught.Contains(SummaryKind.Order));
        return plot with
        {
            X = PlotAxis.For(figure.Shown, With(values, plot.Lines), fromZero: true),
            Rows = [.. ordered.Select(v => new PlotRow(v.Team.Id, v.Team.Name))],
            Marks =
            [
                .. ordered.Select(
                    (v, row) =>
                        new PlotMark.Bar
                        {
                            Row = row,
                            From = 0,
                            To = (double)v.Number,
                            Name = v.Text,
                            Says = v.Says,
                        }
                ),
            ],
        };
    }

    private static Plot Line(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var plot = Base(scene, figure, values, PlotSort.LinePlot, scene.Taught.Contains(SummaryKind.LinePlot));
        var stacks = values.GroupBy(v => v.Number).OrderBy(g => g.Key).ToList();
        var highest = stacks.Max(s => s.Count());
        return plot with
        {
            X = PlotAxis.For(figure.Shown, With(values, plot.Lines)),
            Y = new(
                PlotWords.HowOften,
                0,
                highest,
                [.. Enumerable.Range(0, highest + 1).Select(n => new PlotTick(n, $"{n}"))]
            ),
            Marks =
            [
                .. stacks.SelectMany(s =>
                    s.Select(
                        (v, i) =>
                            new PlotMark.Dot
                            {
                                X = (double)v.Number,
                                Y = i + 1,
                                Says = v.Says,
                            }
                    )
                ),
            ],
        };
    }

    internal static Plot Strip(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values)
    {
        var plot = Base(scene, figure, values, PlotSort.DotStrip, taught: false);
        return plot with
        {
            X = PlotAxis.For(
                figure.Shown,
                With(values, plot.Lines)
                    .Concat(
                        values
                            .Where(v => v.Range is not null)
                            .SelectMany(v => new[] { v.Range!.Value.Low, v.Range.Value.High })
                    ),
                room: true
            ),
            Rows = Rows(scene),
            Marks =
            [
                .. values.Select(v => new PlotMark.Dot
                {
                    X = (double)v.Number,
                    Y = v.Row,
                    Low = (double?)v.Range?.Low,
                    High = (double?)v.Range?.High,
                    Says = v.Says,
                }),
            ],
        };
    }

    private static Plot Boxes(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values) =>
        Boxes(
            scene,
            figure,
            values,
            [
                (new(default, PlotWords.TheClass), values),
                .. values
                    .GroupBy(v => v.Row)
                    .Where(g => g.Count() >= Summaries.Needs(SummaryKind.BoxPlot))
                    .Select(g =>
                        (new PlotRow(g.First().Team.Id, g.First().Team.Name), (IReadOnlyList<PlotValue>)[.. g])
                    ),
            ]
        );

    /// <summary>A box a row.</summary>
    internal static Plot Boxes(
        PlotScene scene,
        Figure figure,
        IReadOnlyList<PlotValue> values,
        IReadOnlyList<(PlotRow Row, IReadOnlyList<PlotValue> Of)> of
    )
    {
        var plot = Base(scene, figure, values, PlotSort.BoxPlots, scene.Taught.Contains(SummaryKind.BoxPlot));
        var rows = of.Select(r => (r.Row, Of: Summary.Of([.. r.Of.Select(v => v.Value)], scene.Brief.Quartiles)!))
            .ToList();
        return plot with
        {
            X = PlotAxis.For(figure.Shown, With(values, plot.Lines)),
            Rows = [.. rows.Select(r => r.Row)],
            Marks =
            [
                .. rows.Select(
                    (r, row) =>
                        new PlotMark.Box
                        {
                            Row = row,
                            Smallest = r.Of.Smallest,
                            Lower = r.Of.LowerQuartile,
                            Median = r.Of.Median,
                            Upper = r.Of.UpperQuartile,
                            Largest = r.Of.Largest,
                            Says =
                                $"{r.Row.Name}: {PlotSummaryWords.Write(r.Of.Smallest, figure)}, "
                                + $"{PlotSummaryWords.Finer(r.Of.LowerQuartile, figure)}, "
                                + $"{PlotSummaryWords.Finer(r.Of.Median, figure)}, "
                                + $"{PlotSummaryWords.Finer(r.Of.UpperQuartile, figure)}, "
                                + $"{PlotSummaryWords.Write(r.Of.Largest, figure)}",
                        }
                ),
            ],
            Table = new(
                PlotWords.OfBoxes,
                [
                    .. rows.Select(r =>
                        (IReadOnlyList<string>)
                            [
                                r.Row.Name,
                                PlotSummaryWords.Write(r.Of.Smallest, figure),
                                PlotSummaryWords.Finer(r.Of.LowerQuartile, figure),
                                PlotSummaryWords.Finer(r.Of.Median, figure),
                                PlotSummaryWords.Finer(r.Of.UpperQuartile, figure),
                                PlotSummaryWords.Write(r.Of.Largest, figure),
                                $"{r.Of.Count}",
                            ]
                    ),
                ]
            ),
        };
    }

    private static Plot Base(
        PlotScene scene,
        Figure figure,
        IReadOnlyList<PlotValue> values,
        PlotSort sort,
        bool taught
    ) =>
        new()
        {
            Sort = sort,
            SortName = PlotWords.Name(sort),
            Title = PlotWords.Title(figure, everyAttempt: values.Any(v => v.Attempt is not null)),
            Taught = taught,
            X = new(figure.Name, 0, 1, []),
            Marks = [],
            Lines = scene.Lines(figure),
            Says = PlotSummaryWords.Of(scene, figure, values),
            Table = values.Any(v => v.Attempt is not null)
                ? new(
                    ["Team", "Attempt", SentenceCase.Beginning(figure.Name)],
                    [.. values.Select(v => (IReadOnlyList<string>)[v.Team.Name, $"{v.Attempt}", v.Text])]
                )
                : new(
                    ["Team", SentenceCase.Beginning(figure.Name)],
                    [.. values.Select(v => (IReadOnlyList<string>)[v.Team.Name, v.Text])]
                ),
        };

    private static IReadOnlyList<PlotRow> Rows(PlotScene scene) =>
        [.. scene.Teams.Select(t => new PlotRow(t.Team.Id, t.Team.Name))];

    private static IEnumerable<decimal> With(IReadOnlyList<PlotValue> values, IReadOnlyList<PlotLine> lines) =>
        values.Select(v => v.Number).Concat(lines.Select(l => (decimal)l.At));
}
