namespace PluckyRally.Core;

/// <summary>A rally that joins a list over several.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Opened">The rally.</param>
/// <param name="Round">Which of its rounds.</param>
public sealed record RallyJoining(Guid Id, OpenedRally Opened, int Round);

/// <summary>
/// Rallies of one brief as one list: classes, days, years, the tables of a fair. Each keeps its own points; what makes
/// them incomparable is named, and then nobody has a place.
/// </summary>
/// <param name="Classes">The rallies, in the order in which they were named.</param>
/// <param name="Differs">Why there are no places over all, a sentence each; empty where there are.</param>
/// <param name="Figures">What the list can be in order of: the total, then figures.</param>
/// <param name="Figure">What it is in order of.</param>
/// <param name="WinsText">Which way is better, for the class.</param>
/// <param name="Rows">The teams: in order over all, or where there are no places class by class, each in its own
/// order.</param>
/// <param name="Plots">The figure class by class.</param>
public sealed record OverAll(
    IReadOnlyList<ClassInList> Classes,
    IReadOnlyList<string> Differs,
    IReadOnlyList<PlotFigure> Figures,
    string Figure,
    string WinsText,
    IReadOnlyList<RowOverAll> Rows,
    IReadOnlyList<Plot> Plots
)
{
    /// <summary>The list over rallies.</summary>
    /// <param name="rallies">The rallies, at least one.</param>
    /// <param name="figure">The figure's id; the total where it is unknown.</param>
    public static OverAll Of(IReadOnlyList<RallyJoining> rallies, string figure)
    {
        var scenes = rallies.Select(r => (Rally: r, Scene: new PlotScene(r.Opened, r.Round))).ToList();
        var first = scenes[0].Scene;
        // Without places nobody is told a total first, nor are there any where no part gives points.
        var ranking = first.Brief.Method.Ranking;
        var figures = first
            .Figures.Where(f => ranking || !IsTotal(f))
            .OrderByDescending(f => f is Core.Figure.OfTeam)
            .ToList();
        var by = figures.FirstOrDefault(f => f.Id == figure) ?? (figures.Count > 0 ? figures[0] : null);
        var differs = OverAllWords.Differs(rallies, IsTotal(by));
        var rows =
            by is null ? []
            : IsTotal(by) ? Totals(scenes, differs.Count == 0)
            : Values(scenes, by, ranking && differs.Count == 0);
        return new(
            [
                .. scenes.Select(s => new ClassInList(
                    s.Rally.Id,
                    s.Rally.Opened.Rally.Name,
                    s.Rally.Opened.Rally.Date,
                    s.Rally.Round,
                    s.Scene.Teams.Count
                )),
            ],
            differs,
            [.. figures.Select(f => new PlotFigure(f.Id, SentenceCase.Beginning(f.Name)))],
            by?.Id ?? "",
            by is null ? ""
                : IsTotal(by) ? MethodWords.Wins(first.Brief.Method)
                : by is Core.Figure.OfTeam { Fact: TeamFact.DidIt } ? OverAllWords.HowManyDidIt(rows)
                : BoardWords.Wins(by.Direction ?? Better.More, values: true),
            rows,
            by is null ? [] : [.. Plot(scenes, by)]
        )
        {
            Ranking = ranking,
        };
    }

    /// <summary>Whether teams have places at all.</summary>
    public bool Ranking { get; init; } = true;

    private static bool IsTotal(Figure? figure) => figure is Core.Figure.OfTeam { Fact: TeamFact.Total };

    /// <summary>How many places are revealed one by one.</summary>
    public int Places => Reveal.Places(Rows, HasPlace);

    /// <summary>As far as it is revealed: so many places from the last.</summary>
    public OverAll Revealed(int places) => this with { Rows = Reveal.Rows(Rows, places, HasPlace), Plots = [] };

    private static bool HasPlace(RowOverAll row) => row.Place is not null;

    /// <summary>
    /// The totals as each class was told them: over all, or where they do not compare class by class.
    /// </summary>
    private static IReadOnlyList<RowOverAll> Totals(
        IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes,
        bool ranked
    )
    {
        var compiled = scenes[0].Scene.Run.Compiled;
        var byClass = scenes
            .SelectMany(s => s.Scene.Teams.OrderBy(t => t.Rank ?? int.MaxValue).Select(t => (s.Rally, Team: t)))
            .ToList();
        var of = byClass.ToDictionary(t => t.Team.Record);
        return
        [
            .. (
                ranked ? Core.Ranking.Order(compiled, [.. byClass.Select(t => t.Team)]) : byClass.Select(t => t.Team)
            ).Select(r =>
            {
                var (rally, inClass) = of[r.Record];
                var total = r.Status == StandingStatus.Placed ? r.Total : null;
                return new RowOverAll(
                    rally.Id,
                    rally.Opened.Rally.Name,
                    r.Team.Id,
                    r.Team.Name,
                    ranked ? r.Rank : null,
                    inClass.Rank,
                    total,
                    total is { } points
                        ? ReadingFormat.WithBound(
                            ReadingFormat.Points(points, compiled.Brief.Method.Precision),
                            r.Bound
                        )
                        : "",
                    r.Reason
                );
            }),
        ];
    }

    private static IReadOnlyList<RowOverAll> Values(
        IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes,
        Figure by,
        bool ranked
    )
    {
        var better = by.Direction ?? Better.More;
        var byClass = scenes
            .SelectMany(s =>
                ValuePlaces
                    .Order(better, [.. s.Scene.Teams.Select(t => (t, InOrder(s.Scene, by, t)))], t => t.Team.Name)
                    .Select(v => (s.Rally, Team: v.Of, v.Value, InClass: v.Place))
            )
            .ToList();
        return
        [
            .. (
                ranked
                    ? ValuePlaces.Order(better, [.. byClass.Select(v => (v, v.Value))], v => v.Team.Team.Name)
                    : byClass.Select(v => (Of: v, v.Value, Place: (int?)null))
            ).Select(r => new RowOverAll(
                r.Of.Rally.Id,
                r.Of.Rally.Opened.Rally.Name,
                r.Of.Team.Team.Id,
                r.Of.Team.Team.Name,
                r.Place,
                r.Of.InClass,
                r.Value.HasValue ? r.Value.Number : null,
                r.Value.HasValue ? by.Show(r.Value) : "",
                r.Value.Absent?.Say() ?? ""
            )),
        ];
    }

    /// <summary>A figure of another class's brief by the same id; what is not there has no value.</summary>
    private static BoundedValue InOrder(PlotScene scene, Figure by, TeamResult team) =>
        scene.Run.Compiled.Figures.All.FirstOrDefault(f => f.Id == by.Id) is { } own
            ? team.InOrder(own)
            : BoundedValue.None(new Absence.NoPointsYet());

    /// <summary>The figure class by class: a row for each.</summary>
    private static IEnumerable<Plot> Plot(IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes, Figure by)
    {
        var rows = new List<(PlotRow Row, IReadOnlyList<PlotValue> Of)>();
        foreach (var (rally, scene) in scenes)
        {
            if (
                scene.Run.Compiled.Figures.All.FirstOrDefault(f => f.Id == by.Id) is { } own
                && scene.Each(own).Where(v => own.SaysWhoDidIt || scene.Places(v.Row)).ToList() is { Count: > 0 } values
            )
                rows.Add((new("", rally.Opened.Rally.Name), [.. values.Select(v => v with { Row = rows.Count })]));
        }

        if (rows.Count == 0)
            yield break;
        var all = rows.SelectMany(r => r.Of).ToList();
        var title = PlotWords.By(by.Name, OverAllWords.Class);
        if (rows.All(r => r.Of.Count >= Summaries.Needs(SummaryKind.BoxPlot)))
            yield return OneFigure.Boxes(scenes[0].Scene, by, all, rows) with
            {
                Title = title,
            };
        yield return OneFigure.Strip(scenes[0].Scene, by, all) with
        {
            Title = title,
            Rows = [.. rows.Select(r => r.Row)],
        };
    }
}

/// <summary>A rally in a list over several.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called, usually the class.</param>
/// <param name="Date">The day it is run; absent where that is not said.</param>
/// <param name="Round">Which of its rounds stands in the list.</param>
/// <param name="Teams">How many teams take part.</param>
public sealed record ClassInList(Guid Id, string Name, DateOnly? Date, int Round, int Teams);

/// <summary>A team in a list over several rallies.</summary>
/// <param name="Rally">The rally's id.</param>
/// <param name="Class">What the rally is called.</param>
/// <param name="Team">The team's id within it.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Place">The place over all, from 1; absent where there is none.</param>
/// <param name="InClass">The place in its own class; absent where there is none.</param>
/// <param name="Value">The number; absent where there is none.</param>
/// <param name="Text">The number as it is shown.</param>
/// <param name="Reason">Why there is none; empty where there is one.</param>
public sealed record RowOverAll(
    Guid Rally,
    string Class,
    string Team,
    string Name,
    int? Place,
    int? InClass,
    decimal? Value,
    string Text,
    string Reason
);

/// <summary>A list over several rallies as it was chosen for the wall.</summary>
/// <param name="Rallies">The rallies beside the one whose wall it is.</param>
/// <param name="Figure">What it is in order of; empty for the total.</param>
public sealed record OverAllShown(IReadOnlyList<Guid> Rallies, string Figure)
{
    /// <summary>A fair has no more tables.</summary>
    public const int Most = 40;
}
