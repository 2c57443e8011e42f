using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>A rally that joins a list over several.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Opened">The rally.</param>
/// <param name="Round">Which of its rounds.</param>
public sealed record RallyJoining(RallyId Id, OpenedRally Opened, int Round);

/// <summary>
/// Rallies of one brief as one list, a list for each tier, or one for each class: classes, days, years, the tables of a
/// fair. Each keeps its own points; what makes those of one list incomparable is named beside it, and then nobody there
/// has a place, unless the teacher wants places all the same.
/// </summary>
/// <param name="Classes">The rallies, in the order in which they were named.</param>
/// <param name="Figures">What the list can be in order of: the total, then figures.</param>
/// <param name="Figure">What it is in order of.</param>
/// <param name="WinsText">Which way is better, for the class.</param>
/// <param name="Lists">The lists, each with its teams.</param>
/// <param name="Plots">The figure class by class.</param>
public sealed record OverAll(
    IReadOnlyList<ClassInList> Classes,
    IReadOnlyList<PlotFigure> Figures,
    string Figure,
    string WinsText,
    IReadOnlyList<CombinedList> Lists,
    IReadOnlyList<Plot> Plots
)
{
    /// <summary>The lists over rallies.</summary>
    /// <param name="rallies">The rallies, at least one.</param>
    /// <param name="chosen">How they are combined; the total where its figure is unknown.</param>
    public static OverAll Of(IReadOnlyList<RallyJoining> rallies, Combined chosen)
    {
        var scenes = rallies.Select(r => (Rally: r, Scene: new PlotScene(r.Opened, r.Round))).ToList();
        var first = scenes[0].Scene;
        // Without places nobody is told a total first, nor are there any where no part gives points.
        var ranking = first.Brief.Method.Ranking;
        var figures = first
            .Figures.Where(f => ranking || !IsTotal(f))
            .OrderByDescending(f => f is Figures.Figure.OfTeam)
            .ToList();
        var noShare = ranking ? rallies.Select(OverAllWords.NoShare).FirstOrDefault(w => w.Length > 0, "") : "";
        var order = chosen.By switch
        {
            CombinedBy.PlacePoints when ranking => CombinedBy.PlacePoints,
            CombinedBy.Share when ranking && noShare.Length == 0 => CombinedBy.Share,
            CombinedBy.Value or CombinedBy.PlacePoints or CombinedBy.Share => CombinedBy.Value,
        };
        var by = figures.FirstOrDefault(f => order == CombinedBy.Share ? IsTotal(f) : f.Id == chosen.Figure)
            ?? figures.FirstOrDefault();
        var lists = by is null
            ? []
            : Grouped(scenes, chosen.Lists).Select(g => List(g.Name, g.Scenes, by, order, chosen)).ToList();
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
            [.. figures.Select(f => new PlotFigure(f.Id, SentenceCase.Beginning(f.Name)))],
            by?.Id ?? "",
            by is null ? "" : Wins(order, by, lists, chosen, first.Brief.Method),
            lists,
            by is null ? [] : [.. Plot(scenes, by)]
        )
        {
            Ranking = ranking,
            NoShare = noShare,
            Chosen = chosen,
            Shown = order switch
            {
                CombinedBy.PlacePoints => OverAllWords.PointsForPlaces,
                CombinedBy.Share => OverAllWords.ShareOfMost,
                CombinedBy.Value => by is null ? "" : SentenceCase.Beginning(by.Name),
            },
        };
    }

    /// <summary>One of the lists: its teams in order, or class by class where they do not compare.</summary>
    private static CombinedList List(
        string name,
        IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes,
        Figure by,
        CombinedBy order,
        Combined chosen
    )
    {
        // A place in one's own class needs no comparing.
        IReadOnlyList<string> differs =
            order == CombinedBy.PlacePoints
                ? []
                : OverAllWords.Differs([.. scenes.Select(s => s.Rally)], IsTotal(by), order == CombinedBy.Share);
        var compare = differs.Count == 0 || chosen.Anyway;
        var ranked = order == CombinedBy.Value && compare;
        var rows = IsTotal(by)
            ? Totals(scenes, ranked)
            : Values(scenes, by, ranked && scenes[0].Scene.Brief.Method.Ranking);
        return new(
            name,
            differs,
            order switch
            {
                CombinedBy.Value => rows,
                CombinedBy.PlacePoints => ByPlace(rows, chosen.PlacePoints),
                CombinedBy.Share => ByShare(rows, scenes, compare),
            }
        );
    }

    private static string Wins(
        CombinedBy order,
        Figure by,
        IReadOnlyList<CombinedList> lists,
        Combined chosen,
        Method method
    ) =>
        order switch
        {
            CombinedBy.PlacePoints => OverAllWords.PlacePoints(chosen.PlacePoints),
            CombinedBy.Share => OverAllWords.SharesWin,
            CombinedBy.Value when IsTotal(by) => MethodWords.Wins(method),
            CombinedBy.Value when by is Figures.Figure.OfTeam { Fact: TeamFact.DidIt } => OverAllWords.HowManyDidIt([
                .. lists.SelectMany(l => l.Rows),
            ]),
            CombinedBy.Value => BoardWords.Wins(by.Direction ?? Better.More, values: true),
        };

    /// <summary>The choice that it was made by.</summary>
    public Combined Chosen { get; init; } = new();

    /// <summary>Whether teams have places at all.</summary>
    public bool Ranking { get; init; } = true;

    /// <summary>What stands behind each team, as the head of its column.</summary>
    public string Shown { get; init; } = "";

    /// <summary>Why shares of the most points are not offered; empty where they are.</summary>
    public string NoShare { get; init; } = "";

    /// <summary>The teams of all lists, list by list.</summary>
    [JsonIgnore]
    public IReadOnlyList<RowOverAll> Rows => [.. Lists.SelectMany(l => l.Rows)];

    private static bool IsTotal(Figure? figure) => figure is Figures.Figure.OfTeam { Fact: TeamFact.Total };

    /// <summary>How many places are revealed one by one: those of the longest list.</summary>
    public int Places => Lists.Select(l => Reveal.Places(l.Rows, HasPlace)).DefaultIfEmpty(0).Max();

    /// <summary>
    /// As far as it is revealed: so many places from the last. Shorter lists begin later, so that every first place
    /// comes at the end.
    /// </summary>
    public OverAll Revealed(int places) =>
        this with
        {
            Lists =
            [
                .. Lists.Select(l =>
                    l with
                    {
                        Rows = Reveal.Rows(
                            l.Rows,
                            Math.Max(0, places - (Places - Reveal.Places(l.Rows, HasPlace))),
                            HasPlace
                        ),
                    }
                ),
            ],
            Plots = [],
        };

    private static bool HasPlace(RowOverAll row) => row.Place is not null;

    private static IReadOnlyList<(string Name, IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> Scenes)> Grouped(
        IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes,
        CombinedLists lists
    ) =>
        lists switch
        {
            CombinedLists.One => [("", scenes)],
            CombinedLists.Tier =>
            [
                .. scenes
                    .GroupBy(s => s.Rally.Opened.Rally.Edition.Tier)
                    .Select(g => (OverAllWords.ListOfTier(g.Key), (IReadOnlyList<(RallyJoining, PlotScene)>)[.. g])),
            ],
            CombinedLists.Class =>
            [
                .. scenes.Select(s => (s.Rally.Opened.Rally.Name, (IReadOnlyList<(RallyJoining, PlotScene)>)[s])),
            ],
        };

    /// <summary>Each total as a share of the most that its own edition could give, as it is shown: to 0.1%.</summary>
    private static IReadOnlyList<RowOverAll> ByShare(
        IReadOnlyList<RowOverAll> rows,
        IReadOnlyList<(RallyJoining Rally, PlotScene Scene)> scenes,
        bool ranked
    )
    {
        var most = scenes.ToDictionary(
            s => s.Rally.Id,
            s =>
                s.Scene.Run.Compiled.Parts.Sum(p => p.MostPoints ?? 0)
                + s.Scene.Run.Compiled.Rules.Sum(r => r.Rule.Bonus)
        );
        var shares = rows.Select(r =>
                (
                    Of: r,
                    Value: r.Value is { } total && most[r.Rally] > 0
                        ? new BoundedValue(Math.Round(100 * total / most[r.Rally], 1, MidpointRounding.AwayFromZero))
                        : BoundedValue.None(new Absence.NoPointsYet())
                )
            )
            .ToList();
        return
        [
            .. (
                ranked
                    ? ValuePlaces.Order(Better.More, shares, r => r.Name)
                    : shares.Select(s => (s.Of, s.Value, Place: (int?)null))
            ).Select(v =>
                v.Of with
                {
                    Place = v.Place,
                    Value = v.Value.HasValue ? v.Value.Number : null,
                    Text = v.Value.HasValue ? $"{ReadingFormat.Points(v.Value.Number, 0.1m)}%" : "",
                }
            ),
        ];
    }

    /// <summary>
    /// Each team's points for its place in its own class; who shares a place has its points. Who has no place there has
    /// none here.
    /// </summary>
    private static IReadOnlyList<RowOverAll> ByPlace(IReadOnlyList<RowOverAll> rows, IReadOnlyList<decimal> points) =>
        [
            .. ValuePlaces
                .Order(
                    Better.More,
                    [
                        .. rows.Select(r =>
                            (
                                r,
                                r.InClass is { } place
                                    ? new BoundedValue(place <= points.Count ? points[place - 1] : 0)
                                    : BoundedValue.None(new Absence.NoPointsYet())
                            )
                        ),
                    ],
                    r => r.Name
                )
                .Select(v =>
                    v.Of with
                    {
                        Place = v.Place,
                        Value = v.Value.HasValue ? v.Value.Number : null,
                        Text = v.Value.HasValue ? Numerals.Write(v.Value.Number) : "",
                        Reason =
                            v.Value.HasValue ? ""
                            : v.Of.Reason.Length > 0 ? v.Of.Reason
                            : OverAllWords.NoPlaceInClass,
                    }
                ),
        ];

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
                ranked ? Results.Ranking.Order(compiled, [.. byClass.Select(t => t.Team)]) : byClass.Select(t => t.Team)
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
                rows.Add((new(default, rally.Opened.Rally.Name), [.. values.Select(v => v with { Row = rows.Count })]));
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
public sealed record ClassInList(RallyId Id, string Name, DateOnly? Date, int Round, int Teams);

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
    RallyId Rally,
    string Class,
    TeamId Team,
    string Name,
    int? Place,
    int? InClass,
    decimal? Value,
    string Text,
    string Reason
);

/// <summary>One list of several rallies.</summary>
/// <param name="Name">Of which tier or class; empty where it is the only one.</param>
/// <param name="Differs">Why its rallies do not compare, a sentence each; empty where they do.</param>
/// <param name="Rows">The teams: in order over all, or where there are no places class by class, each in its own
/// order.</param>
public sealed record CombinedList(string Name, IReadOnlyList<string> Differs, IReadOnlyList<RowOverAll> Rows);
