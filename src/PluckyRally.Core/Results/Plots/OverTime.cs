using PluckyRally.Core.Figures;

namespace PluckyRally.Core.Results;

/// <summary>How a figure went from the round before to this one.</summary>
internal static class OverTime
{
    public static IEnumerable<Plot> Of(PlotScene scene, Figure figure)
    {
        var before = scene.Before(figure);
        var rows = scene
            .OfTeams(figure)
            .Where(v => before.ContainsKey(v.Team.Id))
            .Select(v => (Now: v, Before: before[v.Team.Id]))
            .ToList();
        if (rows.Count == 0)
            yield break;
        var (last, lines) = (scene.Run.Number - 1, scene.Lines(figure));
        var better = rows.Count(r => Better(figure, r.Before.Number, r.Now.Number) == true);
        yield return new()
        {
            Sort = PlotSort.RoundArrows,
            SortName = PlotWords.Name(PlotSort.RoundArrows),
            Title = PlotWords.FromRound(figure, last),
            Taught = true,
            X = PlotAxis.For(
                figure.Shown,
                rows.SelectMany(r => new[] { r.Before.Number, r.Now.Number }).Concat(lines.Select(l => (decimal)l.At)),
                room: true
            ),
            Rows = [.. rows.Select(r => new PlotRow(r.Now.Team.Id, r.Now.Team.Name))],
            Marks =
            [
                .. rows.Select(
                    (r, row) =>
                        new PlotMark.Arrow
                        {
                            Row = row,
                            From = (double)r.Before.Number,
                            To = (double)r.Now.Number,
                            Better = Better(figure, r.Before.Number, r.Now.Number),
                            Says = $"{r.Now.Team.Name}: from {figure.Show(r.Before)} to {r.Now.Text}",
                        }
                ),
            ],
            Lines = lines,
            Says = figure.Direction is null ? [] : [PlotWords.GotBetter(better, rows.Count)],
            Table = new(
                PlotWords.OfRounds(last),
                [
                    .. rows.Select(r =>
                        (IReadOnlyList<string>)
                            [
                                r.Now.Team.Name,
                                figure.Show(r.Before),
                                r.Now.Text,
                                PlotWords.Change(
                                    figure,
                                    r.Before.Number,
                                    r.Now.Number,
                                    Better(figure, r.Before.Number, r.Now.Number)
                                ),
                            ]
                    ),
                ]
            ),
        };
    }

    private static bool? Better(Figure figure, decimal before, decimal now) =>
        figure.Direction is not { } direction || before == now
            ? null
            : now > before == (direction == Readings.Better.More);
}
