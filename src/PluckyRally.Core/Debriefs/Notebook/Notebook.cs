using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>
/// A page for each team's notebook, and one for the class: filled from what is there; the rest is lines to write on.
/// </summary>
/// <param name="Title">The brief's title.</param>
/// <param name="Goal">What was to be built.</param>
/// <param name="Pages">A page a team.</param>
/// <param name="Class">The class's page.</param>
public sealed record Notebook(string Title, string Goal, IReadOnlyList<NotebookPage> Pages, ClassPage Class)
{
    /// <summary>The notebook of a rally, over all its rounds.</summary>
    public static Notebook Of(OpenedRally opened)
    {
        var rounds = Enumerable
            .Range(1, opened.Rounds)
            .Select(round =>
                (
                    Number: round,
                    Scene: new PlotScene(opened, round),
                    Debrief: Debrief.Of(opened, round),
                    Standings: opened.Result(round).Standings
                )
            )
            .ToList();
        var (last, brief) = (rounds[^1], rounds[^1].Scene.Brief);
        var main = last.Scene.Main;
        var values = main is null ? [] : last.Scene.Each(main);
        var materials = TeamKit.Of(last.Scene.Run, opened.Stands).ToDictionary(t => t.Team, t => t.Lines);
        return new(
            brief.Title,
            brief.Goal,
            [
                .. last.Scene.Run.Present.Select(team => new NotebookPage(
                    team.Id,
                    team.Name,
                    [
                        .. materials
                            .GetValueOrDefault(team.Id, [])
                            .Where(l => l.Due > 0)
                            .Select(l => Material.So(l.Due, l.Unit, l.Name)),
                    ],
                    [
                        .. from r in rounds
                        from row in r.Standings.Rows
                        where row.Team == team.Id
                        select Round(r.Number, r.Scene, r.Debrief.Teams.FirstOrDefault(t => t.Team == team.Id), row),
                    ],
                    main is null ? null : Own(last.Scene, main, values, team)
                )),
            ],
            new(
                [
                    .. rounds.SelectMany(r =>
                        r.Debrief.Questions.Where(q => q.Answers.Count > 0)
                            .Select(q => new QuestionAnswered(q.Text, [.. q.Answers.Select(a => a.Text)]))
                    ),
                ],
                [
                    .. last.Standings.Findings,
                    .. Gallery.Of(last.Scene, "").Tags.Select(t => t.Says).Where(s => s.Length > 0),
                ],
                main is { } figure
                    ? OneFigure.Of(last.Scene, figure).OrderByDescending(p => p.Taught).FirstOrDefault()
                    : null
            )
        );
    }

    private static NotebookRound Round(int number, PlotScene scene, TeamDebrief? said, Standing row)
    {
        var measures = scene.Brief.Measures;
        var result = scene.Teams.FirstOrDefault(t => t.Team.Id == row.Team);
        var design = result?.Assessment.Design;
        return new(
            number,
            [.. measures.Where(m => m.Taken == ReadOccasion.EachAttempt).Select(m => m.Name)],
            design is null
                ? []
                :
                [
                    .. design.Attempts.Select(a =>
                        (IReadOnlyList<string>)
                            [
                                .. measures
                                    .Where(m => m.Taken == ReadOccasion.EachAttempt)
                                    .Select(m =>
                                        a.Outcome == TrialOutcome.Counted
                                        && design.Read(m, a) is { HasValue: true } read
                                            ? ReadingFormat.Reading(read.Number, read.Bound, m)
                                            : ""
                                    ),
                            ]
                    ),
                ],
            design is null
                ? []
                :
                [
                    .. measures
                        .Where(m => m.Taken == ReadOccasion.Once)
                        .Select(m => (m, Value: design.ReadOnce(m)))
                        .Where(m => m.Value.HasValue)
                        .Select(m => $"{m.m.Name}: {ReadingFormat.Reading(m.Value.Number, m.Value.Bound, m.m)}"),
                ],
            [.. row.Parts.Where(p => p.PointsText.Length > 0).Select(p => $"{p.Name}: {p.PointsText}")],
            row.TotalText,
            row.Reason,
            design is null ? [] : DesignLabels.Lines(result!.Record.Entries, design.Name),
            row.Changed,
            said?.Since ?? [],
            said?.Worked ?? "",
            said?.DidNot ?? "",
            said?.Change ?? "",
            said?.Why ?? ""
        );
    }

    /// <summary>More dots than these on a page are a smear.</summary>
    private const int MostDots = 300;

    /// <summary>A team's own values over those of the class, without saying whose those are.</summary>
    private static Plot? Own(PlotScene scene, Figure figure, IReadOnlyList<PlotValue> values, Team team)
    {
        var own = values.Where(v => v.Team.Id == team.Id).Select(v => v with { Row = 0 }).ToList();
        if (own.Count == 0)
            return null;

        // Of a fair, one value a team: thousands of dots say no more.
        var others = (values.Count > MostDots ? scene.OfTeams(figure) : values)
            .Where(v => v.Team.Id != team.Id)
            .Select(v => v with { Row = 1 })
            .ToList();
        var strip = OneFigure.Strip(scene, figure, [.. own, .. others]);
        return strip with
        {
            Rows = [new(team.Id, NotebookWords.We), new(default, NotebookWords.Others)],
            Marks = [.. strip.Marks.Select((m, at) => at < own.Count ? m : m.WithoutNames())],
            Says = [],
            Table = new([], []),
        };
    }
}

/// <summary>A team's page.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Materials">What it had, a line each.</param>
/// <param name="Rounds">Round by round.</param>
/// <param name="Plot">Its own values over those of the class; absent while there are none.</param>
public sealed record NotebookPage(
    TeamId Team,
    string Name,
    IReadOnlyList<string> Materials,
    IReadOnlyList<NotebookRound> Rounds,
    Plot? Plot
);

/// <summary>A round of a team.</summary>
/// <param name="Round">The round.</param>
/// <param name="Measures">What is read in every attempt.</param>
/// <param name="Attempts">The readings, a line an attempt; empty where it did not succeed.</param>
/// <param name="Once">What was measured once.</param>
/// <param name="Points">The points, part by part.</param>
/// <param name="Total">The total; empty where there is none.</param>
/// <param name="Reason">Why there is none; empty where there is one.</param>
/// <param name="Labels">What the design was like.</param>
/// <param name="Changed">What was changed.</param>
/// <param name="Since">How it came out against the round before.</param>
/// <param name="Worked">What worked.</param>
/// <param name="DidNot">What did not.</param>
/// <param name="Change">What the team would change.</param>
/// <param name="Why">Why.</param>
public sealed record NotebookRound(
    int Round,
    IReadOnlyList<string> Measures,
    IReadOnlyList<IReadOnlyList<string>> Attempts,
    IReadOnlyList<string> Once,
    IReadOnlyList<string> Points,
    string Total,
    string Reason,
    IReadOnlyList<string> Labels,
    IReadOnlyList<string> Changed,
    IReadOnlyList<string> Since,
    string Worked,
    string DidNot,
    string Change,
    string Why
);

/// <summary>The class's page.</summary>
/// <param name="Questions">What was asked, with the answers.</param>
/// <param name="Findings">What decided, and what the class saw.</param>
/// <param name="Plot">The class's numbers; absent while there are none.</param>
public sealed record ClassPage(IReadOnlyList<QuestionAnswered> Questions, IReadOnlyList<string> Findings, Plot? Plot);

/// <summary>A question with its answers.</summary>
/// <param name="Question">The question.</param>
/// <param name="Answers">The answers.</param>
public sealed record QuestionAnswered(string Question, IReadOnlyList<string> Answers);
