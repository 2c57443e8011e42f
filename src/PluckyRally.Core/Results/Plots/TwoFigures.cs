using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Statistics;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Pictures of two figures of each team.</summary>
internal static class TwoFigures
{
    /// <summary>Points of a flight's path: enough for a smooth line.</summary>
    private const int Points = 41;

    public static IEnumerable<Plot> Of(PlotScene scene, Figure along, Figure up)
    {
        var pairs = scene.Pairs(along, up);
        if (pairs.Count == 0)
            yield break;
        yield return Scatter(scene, along, up, pairs);
        if (
            along.Shown.FixedUnit is { Kind: MeasureKind.Length } unit
            && up.Shown.FixedUnit is { Kind: MeasureKind.Length } height
            && along.Id != up.Id
            && pairs.All(p => p.X.Number > 0 && p.Y.Number > 0)
        )
            yield return Flight(along, up, pairs, value => height.To(unit, value));
    }

    private static Plot Scatter(
        PlotScene scene,
        Figure along,
        Figure up,
        IReadOnlyList<(PlotValue X, PlotValue Y)> pairs
    )
    {
        var fit =
            pairs.Count >= Summaries.Needs(SummaryKind.Scatter)
                ? Fits.Line([.. pairs.Select(p => (double)p.X.Number)], [.. pairs.Select(p => (double)p.Y.Number)])
                : null;
        var axis = PlotAxis.For(along.Shown, pairs.Select(p => p.X.Number), room: true);
        var line =
            fit is not null && scene.Taught.Contains(SummaryKind.Fit)
                ? new PlotMark.Path
                {
                    X = [axis.From, axis.To],
                    Y = [fit.Intercept + (fit.Slope * axis.From), fit.Intercept + (fit.Slope * axis.To)],
                    Name = PlotWords.BestLine,
                    Says = PlotWords.Equation(fit),
                }
                : null;
        return new()
        {
            Sort = PlotSort.Scatter,
            SortName = PlotWords.Name(PlotSort.Scatter),
            Title = PlotWords.By(up.Name, along.Name),
            Taught = scene.Taught.Contains(SummaryKind.Scatter),
            X = axis,
            Y = PlotAxis.For(up.Shown, pairs.Select(p => p.Y.Number), room: true),
            Marks =
            [
                .. pairs.Select(p =>
                    (PlotMark)
                        new PlotMark.Dot
                        {
                            X = (double)p.X.Number,
                            Y = (double)p.Y.Number,
                            Name = p.X.Team.Name,
                            Says = $"{PlotWords.Of(p.X)}: {p.X.Text}, {p.Y.Text}",
                        }
                ),
                .. line is null ? Array.Empty<PlotMark>() : [line],
            ],
            Lines = scene.Lines(along),
            Says = PlotWords.GoTogether(fit, line is not null, along, up, pairs),
            Table = new(
                ["Team", SentenceCase.Beginning(along.Name), SentenceCase.Beginning(up.Name)],
                [.. pairs.Select(p => (IReadOnlyList<string>)[PlotWords.Of(p.X), p.X.Text, p.Y.Text])]
            ),
        };
    }

    private static Plot Flight(
        Figure along,
        Figure up,
        IReadOnlyList<(PlotValue X, PlotValue Y)> pairs,
        Func<decimal, decimal> inUnitOfLength
    )
    {
        var flights = pairs
            .Select(p => (p.X, p.Y, Distance: (double)p.X.Number, Peak: (double)inUnitOfLength(p.Y.Number)))
            .Select(p => (p.X, p.Y, p.Distance, p.Peak, Path: Fits.Path(p.Distance, p.Peak)!.Value))
            .ToList();
        return new()
        {
            Sort = PlotSort.Flight,
            SortName = PlotWords.Name(PlotSort.Flight),
            Title = PlotWords.Flight(along, up),
            X = PlotAxis.For(along.Shown, pairs.Select(p => p.X.Number), fromZero: true),
            Y = PlotAxis.For(along.Shown with { Name = up.Name }, flights.Select(f => (decimal)f.Peak), fromZero: true),
            Marks =
            [
                .. flights.Select(f => new PlotMark.Path
                {
                    X = [.. Enumerable.Range(0, Points).Select(i => f.Distance * i / (Points - 1))],
                    Y =
                    [
                        .. Enumerable
                            .Range(0, Points)
                            .Select(i => f.Distance * i / (Points - 1))
                            .Select(x => (f.Path.A * x * x) + (f.Path.B * x)),
                    ],
                    Name = f.X.Team.Name,
                    Says = $"{f.X.Team.Name}: {PlotWords.Equation(f.Path)}",
                }),
            ],
            Says = [PlotWords.Parabola(along)],
            Table = new(
                ["Team", along.Name, up.Name, .. PlotWords.OfFlights],
                [
                    .. flights.Select(f =>
                        (IReadOnlyList<string>)
                            [
                                f.X.Team.Name,
                                f.X.Text,
                                f.Y.Text,
                                PlotWords.Equation(f.Path),
                                PlotWords.Angle(f.Path.Angle),
                            ]
                    ),
                ]
            ),
        };
    }
}
