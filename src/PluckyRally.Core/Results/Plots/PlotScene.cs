using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>A round's values as plots draw them.</summary>
internal sealed class PlotScene
{
    private readonly RoundResult _came;

    public PlotScene(OpenedRally opened, int round)
    {
        _came = opened.Result(round);
        var results = _came.Teams.ToDictionary(r => r.Team.Id);
        Earlier = [.. _came.Earlier.Values.Where(e => e.Status != StandingStatus.Away)];
        Teams = [.. Run.Present.Select(t => results[t.Id])];
        Figures =
        [
            .. Run
                .Compiled.Figures.All.Where(IsPlotted)
                .Where(f => Teams.Any(t => f.Of(t.Design.Facts).HasValue) || OfAttempts(f).Count > 0),
        ];
    }

    public RunRound Run => _came.Run;

    public StandingLog Entries => _came.Log;

    /// <summary>The teams that take part, in their own order.</summary>
    public IReadOnlyList<TeamResult> Teams { get; }

    /// <summary>
    /// Whether the team of a row is complete and kept what it had to: others are not compared with other classes.
    /// </summary>
    public bool Places(int row) => Teams[row].Status == StandingStatus.Placed;

    /// <summary>The figures that something is known of.</summary>
    public IReadOnlyList<Figure> Figures { get; }

    /// <summary>
    /// The figure that one looks at first: one that is read in attempts, else the first of all; null where nothing is
    /// known.
    /// </summary>
    public Figure? Main =>
        Figures.FirstOrDefault(f => f is Figure.OfMeasure { Measure.Taken: ReadOccasion.EachAttempt })
        ?? (Figures.Count > 0 ? Figures[0] : null);

    public Brief Brief => Run.Compiled.Brief;

    /// <summary>What the class does with its numbers; as its grade usually does where the brief does not say.</summary>
    public IReadOnlyList<SummaryKind> Taught =>
        Brief.Summaries.Count > 0 ? Brief.Summaries : GradeBands.Summaries(Brief.Grades);

    /// <summary>Every attempt where the figure is known in one, else one value a team.</summary>
    public IReadOnlyList<PlotValue> Each(Figure figure) =>
        OfAttempts(figure) is { Count: > 0 } attempts ? attempts : OfTeams(figure);

    /// <summary>One value a team: what its design came to.</summary>
    public IReadOnlyList<PlotValue> OfTeams(Figure figure) =>
        [
            .. Teams
                .Select((team, row) => (team, row, Value: figure.Of(team.Design.Facts)))
                .Where(v => v.Value.HasValue)
                .Select(v => new PlotValue(
                    v.row,
                    v.team.Team,
                    null,
                    v.Value,
                    figure is Figure.OfMeasure { Measure: { Taken: ReadOccasion.Once } once }
                        ? Range(once, v.Value, null)
                        : null,
                    figure.Show(v.Value)
                )),
        ];

    /// <summary>
    /// The values of two figures that belong together: of the same attempt where both are known in one, else the
    /// team's.
    /// </summary>
    public IReadOnlyList<(PlotValue X, PlotValue Y)> Pairs(Figure along, Figure up)
    {
        if (!IsOfAttempts(along) || !IsOfAttempts(up))
            return [.. OfTeams(along).Join(OfTeams(up), v => v.Row, v => v.Row, (x, y) => (X: x, Y: y))];
        var pairs = Teams
            .SelectMany(
                (team, row) =>
                    team.Designs.SelectMany(design =>
                        OfAttempts(along, team, design, row)
                            .Join(
                                OfAttempts(up, team, design, row),
                                v => v.Attempt,
                                v => v.Attempt,
                                (x, y) => (X: x, Y: y)
                            )
                    )
            )
            .ToList();
        // A team that made one attempt stands for itself.
        return pairs.DistinctBy(p => p.X.Row).Count() < pairs.Count
            ? pairs
            : [.. pairs.Select(p => (p.X with { Attempt = null }, p.Y with { Attempt = null }))];
    }

    /// <summary>
    /// What the round before came to, by the team's id: worked out as this round does, and points as they were given
    /// then.
    /// </summary>
    public IReadOnlyDictionary<TeamId, BoundedValue> Before(Figure figure) =>
        (
            figure.Known < Availability.WithPoints
                ? Earlier.Select(e => (e.Design.Team.Team.Id, Value: figure.Of(e.Facts)))
                : Given(figure)
        )
            .Where(e => e.Value.HasValue)
            .ToDictionary(e => e.Id, e => e.Value);

    private IEnumerable<(TeamId Id, BoundedValue Value)> Given(Figure figure) =>
        _came.Before is { } before && before.Run.Compiled.Figures.All.FirstOrDefault(f => f.Id == figure.Id) is { } own
            ? before.Teams.Select(t => (t.Team.Id, own.Of(t.Design.Facts)))
            : [];

    /// <summary>What the class is compared with in a figure: references, its target, limits.</summary>
    public IReadOnlyList<PlotLine> Lines(Figure figure) =>
        [
            .. ReferenceFigure
                .Of(_came)
                .Where(r => r.Figure == figure.Id && r.Reference.Of == default)
                .Select(r => new PlotLine((double)r.Value, r.Reference.Name)),
            .. Run
                .Compiled.Targets.Where(t => t.Value.Plain?.Id == figure.Id)
                .Select(t => (t.Definition.Name, Amount: TargetOutcome.OfClass(t, Entries)))
                .Where(t => t.Amount is not null)
                .Select(t => new PlotLine((double)t.Amount!.Value, t.Name)),
            .. Run
                .Compiled.Rules.OfType<RulePlan.Limit>()
                .Where(l => !l.IsDerived && !l.Definition.PerMember && l.Value.Plain?.Id == figure.Id)
                .SelectMany(l =>
                    l.Definition.Comparison == Comparison.Between ? new[] { l.Amount, l.Upper } : [l.Amount]
                )
                .Distinct()
                .Select(at => new PlotLine((double)at, "limit")),
        ];

    /// <summary>Every attempt that counts, of every design, as summaries over attempts read them.</summary>
    private IReadOnlyList<PlotValue> OfAttempts(Figure figure) =>
        [.. Teams.SelectMany((team, row) => team.Designs.SelectMany(design => OfAttempts(figure, team, design, row)))];

    /// <summary>The same, each with its design where a team tried several.</summary>
    private static IEnumerable<PlotValue> OfAttempts(Figure figure, TeamResult team, Assessment design, int row)
    {
        var name = team.Designs.Count < 2 ? "" : PlotWords.Design(team, design);
        return OfAttempts(figure, design, row).Select(v => v with { Design = name });
    }

    /// <summary>What a figure came to in every attempt of a design; none where it is not known in attempts.</summary>
    public static IEnumerable<PlotValue> OfAttempts(Figure figure, Assessment assessment, int row) =>
        !IsOfAttempts(figure)
            ? []
            : from attempt in assessment.Design.Attempts
            where attempt.Outcome == TrialOutcome.Counted
            let value = figure.InAttempt(assessment.Design, attempt)
            where value.HasValue
            select new PlotValue(
                row,
                assessment.Design.Team.Team,
                attempt.Number,
                value,
                figure is Figure.OfMeasure { Measure: var measure } ? Range(measure, value, attempt) : null,
                ReadingFormat.WithBound(ReadingFormat.Value(value.Number, figure.Shown), value.Bound)
            );

    /// <summary>Whether a figure is known in each attempt.</summary>
    internal static bool IsOfAttempts(Figure figure) =>
        figure
            is Figure.OfMeasure { Measure.Taken: ReadOccasion.EachAttempt }
                or Figure.OfName { Definition.Work: Work.EachAttempt };

    /// <summary>The designs that stood for their teams in the round before, worked out as this round does.</summary>
    public IReadOnlyList<Assessment> Earlier { get; }

    /// <summary>
    /// What a reading can really be: within its step, what it is good to, or up to the next load that was tried.
    /// </summary>
    private static (decimal Low, decimal High)? Range(Measure measure, BoundedValue value, Attempt? attempt)
    {
        var next = attempt?.Trials is [var only]
            ? only.Readings.FirstOrDefault(r => r.Measure == measure.Id)?.NextTried
            : null;
        var source = ReadingDraw.Of(value.Number, measure, next);
        return source.Form == ReadingDraw.Form.Exact || value.Bound != Bound.Exact
            ? null
            : source.Range ?? (value.Number - source.Width, value.Number + source.Width);
    }

    /// <summary>
    /// Whether a figure is one of its own: a part that only reads a measure says nothing else, nor do points before
    /// their weight.
    /// </summary>
    internal static bool IsPlotted(Figure figure) =>
        figure
            is not (
                Figure.Unready
                or Figure.PointsOfPart { Weighted: false }
                or Figure.OfTeam { Fact: not (TeamFact.Total or TeamFact.DidIt or TeamFact.Done) }
                or Figure.OfPart { Plan: PartPlan.Measured { Expression.Plain: not null } }
            );
}

/// <summary>A value that is drawn.</summary>
/// <param name="Row">The team's place among the teams, from 0.</param>
/// <param name="Team">The team.</param>
/// <param name="Attempt">The attempt; null where it is the design's.</param>
/// <param name="Value">The value.</param>
/// <param name="Range">What it can really be; null where it is exact, or a bound.</param>
/// <param name="Text">As it is shown.</param>
internal sealed record PlotValue(
    int Row,
    Team Team,
    int? Attempt,
    BoundedValue Value,
    (decimal Low, decimal High)? Range,
    string Text
)
{
    public decimal Number => Value.Number;

    /// <summary>The design, where the team tried several.</summary>
    public string Design { get; init; } = "";

    public string Says =>
        $"{Team.Name}{(Attempt is { } number ? $", attempt {number}" : "")}"
        + $"{(Design.Length > 0 ? $", {Design}" : "")}: {Text}";
}
