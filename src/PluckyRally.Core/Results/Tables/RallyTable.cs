using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>Something of a rally as a table, for a spreadsheet.</summary>
/// <param name="Name">What it is called, in a word: it names a sheet, or a file.</param>
/// <param name="Columns">The headings; a number's unit stands in its heading.</param>
/// <param name="Rows">The cells: text, numbers, or nothing; as many in each row as there are headings.</param>
public sealed record RallyTable(string Name, IReadOnlyList<string> Columns, IReadOnlyList<IReadOnlyList<object?>> Rows)
{
    /// <summary>All tables of a rally: results, figures and readings, over its rounds.</summary>
    public static IReadOnlyList<RallyTable> All(OpenedRally opened)
    {
        var rounds = Enumerable.Range(1, opened.Rounds).ToList();
        var together = RoundsStanding.Of(opened) is { } standing ? [Rounds(standing)] : Array.Empty<RallyTable>();
        return [Results(opened, rounds), .. together, Figures(opened, rounds), Readings(opened)];
    }

    /// <summary>A line a team: its total in each round, and what they come to together.</summary>
    private static RallyTable Rounds(RoundsStanding standing) =>
        new(
            TableWords.Rounds,
            [.. TableWords.OfRounds, .. standing.Rounds.Select(TableWords.Round), TableWords.Why],
            [
                .. standing.Rows.Select(r =>
                    (IReadOnlyList<object?>)[r.Name, r.Place, r.Total, .. r.Totals.Select(t => (object?)t), r.Why]
                ),
            ]
        );

    /// <summary>A line a team and round: place, total, and each part's value and points.</summary>
    private static RallyTable Results(OpenedRally opened, IReadOnlyList<int> rounds)
    {
        // A part that only some rounds have keeps its column; it is empty in the others.
        var standings = rounds.Select(round => opened.Result(round).Standings).ToList();
        var parts = standings
            .SelectMany(s => s.Rows)
            .SelectMany(r => r.Parts)
            .DistinctBy(p => p.Part)
            .Select(p => (p.Part, p.Name))
            .ToList();
        return new(
            TableWords.Results,
            [.. TableWords.OfResults, .. parts.SelectMany(p => TableWords.OfPart(p.Name))],
            [
                .. from standing in standings
                from row in standing.Rows
                select (IReadOnlyList<object?>)
                    [
                        standing.Round,
                        row.Name,
                        row.Place,
                        TableWords.Status(row.Status),
                        row.Status == StandingStatus.Placed ? row.Total : null,
                        row.Reason,
                        .. parts.SelectMany(p =>
                            row.Parts.FirstOrDefault(o => o.Part == p.Part) is { } own
                                ? new object?[] { own.Value, own.Points }
                                : [null, null]
                        ),
                    ],
            ]
        );
    }

    /// <summary>A line a team and round: every figure that is one of its own.</summary>
    private static RallyTable Figures(OpenedRally opened, IReadOnlyList<int> rounds)
    {
        var scenes = rounds.Select(round => new PlotScene(opened, round)).ToList();
        var figures = scenes
            .SelectMany(s => s.Run.Compiled.Figures.All.Where(PlotScene.IsPlotted))
            .DistinctBy(f => f.Id)
            .ToList();
        return new(
            TableWords.Figures,
            [.. TableWords.OfFigures, .. figures.Select(TableWords.Heading)],
            [
                .. from scene in scenes
                from team in scene.Teams
                select (IReadOnlyList<object?>)
                    [
                        scene.Run.Number,
                        team.Team.Name,
                        .. figures.Select(f =>
                            (object?)(
                                scene.Run.Compiled.Figures.All.FirstOrDefault(o => o.Id == f.Id)?.Of(team.Design.Facts)
                                    is { HasValue: true } value
                                    ? value.Number
                                    : null
                            )
                        ),
                    ],
            ]
        );
    }

    /// <summary>A line a reading, as it was typed and as it was understood, with who read it and when.</summary>
    private static RallyTable Readings(OpenedRally opened) =>
        new(
            TableWords.Readings,
            TableWords.OfReadings,
            [
                .. from entry in opened.Stands
                from reading in entry.ReadingsAt.Select(r => r.Reading)
                let measure = opened
                    .In(entry.Round)
                    .Compiled.Brief.Measures.FirstOrDefault(m => m.Id == reading.Measure)
                let trial = entry as Entry.TrialRecorded
                select (IReadOnlyList<object?>)
                    [
                        entry.Round,
                        opened.NameOf(entry),
                        trial?.Design ?? "",
                        trial?.Attempt,
                        trial is null ? "" : TableWords.Outcome(trial.Outcome),
                        measure?.Name ?? reading.Measure,
                        reading.Typed,
                        reading.Value,
                        measure?.Unit ?? "",
                        TableWords.Bound(reading.Bound),
                        entry.By,
                        entry.At.UtcDateTime,
                    ],
            ]
        );
}
