using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What teams' totals, or their pieces, are put together of.</summary>
internal static class PartsOfTeams
{
    public static IEnumerable<Plot> Of(PlotScene scene)
    {
        if (Points(scene) is { } points)
            yield return points;
        foreach (var pieces in scene.Run.Compiled.Parts.OfType<PartPlan.Pieces>())
        {
            foreach (
                var (side, label) in new[]
                {
                    (PieceSide.First, pieces.Definition.First),
                    (PieceSide.Second, pieces.Definition.Second),
                }
            )
            {
                if (label.Values.Count > 1 && Pieces(scene, pieces, side, label) is { } plot)
                    yield return plot;
            }
        }
    }

    private static Plot? Points(PlotScene scene)
    {
        var teams = scene.Teams.Where(t => t.Parts.Count > 0 && t.Parts.Any(p => p.Points is not null)).ToList();
        if (teams.Count == 0)
            return null;
        var precision = scene.Brief.Method.Precision;
        var sign = scene.Brief.Method.Wins == WinningDirection.Highest ? 1 : -1;
        var method = scene.Run.Compiled.Parts.Select(p => p.Part.Name).ToList();
        var rules = teams.Any(t =>
            t.Design.Bonuses.Count > 0 || t.Design.Deductions.Count > 0 || t.Design.Cards.Count > 0
        );
        IReadOnlyList<string> series = rules ? [.. method, PlotWords.MustHaves] : method;
        var values = teams
            .Select(t =>
                series.Select((_, i) => i < method.Count ? t.Parts[i].Points ?? 0 : sign * t.Design.Beside).ToList()
            )
            .ToList();
        return Stacked(
            PlotWords.PartByPart,
            Figure.Exact("points", "Points", precision),
            [.. teams.Select(t => t.Team)],
            series,
            values,
            value => ReadingFormat.Points(value, precision)
        );
    }

    private static Plot? Pieces(PlotScene scene, PartPlan.Pieces plan, PieceSide side, PieceLabel label)
    {
        var counts = scene
            .Teams.Select(t => (t.Team, Groups: plan.Answers(t.Assessment.Design).Pieces))
            .Where(t => t.Groups.Count > 0)
            .Select(t =>
                (
                    t.Team,
                    Counts: label
                        .Values.Select(v => (decimal)t.Groups.Where(g => g.Label(side) == v.Name).Sum(g => g.Count))
                        .ToList()
                )
            )
            .ToList();
        return counts.Count == 0
            ? null
            : Stacked(
                PlotWords.By(plan.Definition.Name, label.Name),
                Figure.Exact("pieces", "pieces", 1),
                [.. counts.Select(c => c.Team)],
                [.. label.Values.Select(v => v.Name)],
                [.. counts.Select(c => c.Counts)],
                Numerals.Write
            );
    }

    /// <summary>Pieces of bars beside each other; what takes away lies to the other side of zero.</summary>
    private static Plot Stacked(
        string title,
        Measure shown,
        IReadOnlyList<Team> teams,
        IReadOnlyList<string> series,
        List<List<decimal>> values,
        Func<decimal, string> write
    )
    {
        var marks = new List<PlotMark>();
        for (var row = 0; row < teams.Count; row++)
        {
            var (up, down) = (0m, 0m);
            for (var i = 0; i < series.Count; i++)
            {
                var value = values[row][i];
                if (value == 0)
                    continue;
                var from = value > 0 ? up : down;
                if (value > 0)
                    up += value;
                else
                    down += value;
                marks.Add(
                    new PlotMark.Bar
                    {
                        Row = row,
                        From = (double)from,
                        To = (double)(from + value),
                        Series = i,
                        Says = $"{teams[row].Name}, {series[i]}: {write(value)}",
                    }
                );
            }
        }

        return new()
        {
            Sort = PlotSort.StackedBars,
            SortName = PlotWords.Name(PlotSort.StackedBars),
            Title = title,
            X = PlotAxis.For(
                shown,
                values.SelectMany(v => new[] { v.Where(x => x > 0).Sum(), v.Where(x => x < 0).Sum() }),
                fromZero: true
            ),
            Rows = [.. teams.Select(t => new PlotRow(t.Id, t.Name))],
            Series = series,
            Marks = marks,
            Table = new(
                ["Team", .. series, PlotWords.Together],
                [
                    .. teams.Select(
                        (t, row) =>
                            (IReadOnlyList<string>)[t.Name, .. values[row].Select(write), write(values[row].Sum())]
                    ),
                ]
            ),
        };
    }
}
