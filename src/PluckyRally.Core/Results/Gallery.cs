using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>All that teams made, side by side.</summary>
/// <param name="Figures">What they can be put in order by.</param>
/// <param name="Figure">The figure that they are in order by; empty where nothing is known of any.</param>
/// <param name="Cards">The teams that take part, the best first; those without a value last, in their own
/// order.</param>
/// <param name="Tags">The tags of the class on them, in the order in which it came up.</param>
public sealed record Gallery(
    IReadOnlyList<PlotFigure> Figures,
    string Figure,
    IReadOnlyList<GalleryCard> Cards,
    IReadOnlyList<TagCounted> Tags
)
{
    /// <summary>The gallery of a round.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round.</param>
    /// <param name="figure">The figure's id; the one that one looks at first where it is unknown.</param>
    public static Gallery Of(OpenedRally opened, int round, string figure) => Of(new PlotScene(opened, round), figure);

    internal static Gallery Of(PlotScene scene, string figure)
    {
        var by = scene.Figures.FirstOrDefault(f => f.Id == figure) ?? scene.Main;
        var values = by is null ? [] : scene.OfTeams(by);
        var tags = Debriefs.Tags.Of(scene.Entries, scene.Run.Number);
        var ordered = (
            by?.Direction == Better.Less ? values.OrderBy(v => v.Number) : values.OrderByDescending(v => v.Number)
        )
            .Select(v => v.Team.Id)
            .ToList();
        return new(
            [.. scene.Figures.Select(f => new PlotFigure(f.Id, SentenceCase.Beginning(f.Name)))],
            by?.Id ?? "",
            [
                .. scene
                    .Teams.OrderBy(t => ordered.IndexOf(t.Team.Id) is var at && at < 0 ? int.MaxValue : at)
                    .Select(t => new GalleryCard(
                        t.Team.Id,
                        t.Team.Name,
                        values.FirstOrDefault(v => v.Team.Id == t.Team.Id)?.Text ?? "",
                        [
                            .. scene
                                .Figures.Where(f =>
                                    f != by && f is Core.Figures.Figure.OfMeasure or Core.Figures.Figure.OfName
                                )
                                .Select(f => Other(by, f, t))
                                .OfType<string>()
                                .Take(Values),
                        ],
                        DesignLabels.Lines(t.Record.Entries, t.Assessment.Design.Name),
                        [
                            .. tags.SelectMany(tag =>
                                tag.Seen.Where(s => s.Team == t.Team.Id).Select(s => new TagOnCard(s.Id, tag.Word))
                            ),
                        ]
                    )),
            ],
            [
                .. tags.Select(tag => new TagCounted(
                    tag.Word,
                    [.. tag.Seen.Select(s => s.Team)],
                    by is null ? "" : GalleryWords.Counted(tag, by, values)
                )),
            ]
        );
    }

    /// <summary>
    /// Another figure of a team: of the attempt that the first one is of, where both are known in attempts; else the
    /// team's. Null where it has none.
    /// </summary>
    private static string? Other(Figure? by, Figure figure, TeamResult team)
    {
        var design = team.Assessment.Design;
        if (by is { PicksAnAttempt: true } && PlotScene.IsOfAttempts(figure))
        {
            var first = by.Of(team.Design.Facts);
            var counted = design.Attempts.Where(a => a.Outcome == TrialOutcome.Counted).ToList();
            if (
                first.HasValue
                && counted.Find(a => by.InAttempt(design, a) is { HasValue: true } own && own.Number == first.Number)
                    is { } attempt
            )
                return figure.InAttempt(design, attempt) is { HasValue: true } same
                    ? GalleryWords.Value(figure, same, counted.Count > 1)
                    : null;
        }

        return figure.Of(team.Design.Facts) is { HasValue: true } value ? GalleryWords.Value(figure, value) : null;
    }

    /// <summary>More values than these make a card a table.</summary>
    private const int Values = 4;
}

/// <summary>What a team made.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Value">The figure that the gallery is in order by, as shown; empty where it has none.</param>
/// <param name="Others">Other figures: "Mass: 84 g".</param>
/// <param name="Labels">How it is described: "arm: long".</param>
/// <param name="Tags">The tags of the class on it.</param>
public sealed record GalleryCard(
    TeamId Team,
    string Name,
    string Value,
    IReadOnlyList<string> Others,
    IReadOnlyList<string> Labels,
    IReadOnlyList<TagOnCard> Tags
);

/// <summary>A tag of a team.</summary>
/// <param name="Entry">The entry, to take it back.</param>
/// <param name="Word">The word.</param>
public sealed record TagOnCard(EntryId Entry, string Word);

/// <summary>A tag, counted.</summary>
/// <param name="Word">The word.</param>
/// <param name="Teams">The ids of the teams that it is seen on.</param>
/// <param name="Says">The figure with it and without it, in a sentence; empty where nothing is known of any
/// figure.</param>
public sealed record TagCounted(string Word, IReadOnlyList<TeamId> Teams, string Says);

/// <summary>A gallery as it was chosen for the wall.</summary>
/// <param name="Figure">The figure that it is in order by; empty for the first.</param>
/// <param name="Names">Whether the teams' names stand in it.</param>
public sealed record GalleryShown(string Figure, bool Names);
