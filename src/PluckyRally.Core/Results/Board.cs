using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Something that can be revealed on the wall, from last to first.</summary>
/// <param name="Of">Its id: empty for the totals, "figure:…" or "award:…".</param>
/// <param name="Name">What it is called.</param>
public sealed record BoardChoice(string Of, string Name)
{
    /// <summary>All that a round can reveal.</summary>
    /// <param name="compiled">The edition of the round.</param>
    /// <param name="rounds">Whether there is a standing over the rounds.</param>
    public static IReadOnlyList<BoardChoice> All(CompiledEdition compiled, bool rounds) =>
        [
            new("", BoardWords.Totals),
            .. compiled
                .Figures.All.Where(PlotScene.IsPlotted)
                .Where(f => f is not Figure.OfTeam { Fact: TeamFact.Total })
                .Select(f => new BoardChoice($"{Board.OfFigure}{f.Id}", SentenceCase.Beginning(f.Name))),
            .. rounds ? [new BoardChoice(Board.OfRounds, RoundsStanding.Name)] : Array.Empty<BoardChoice>(),
            .. compiled.Awards.Select(a => new BoardChoice($"{Board.OfAward}{a.Definition.Id}", a.Definition.Name)),
        ];
}

/// <summary>The order in which something is revealed: the best first.</summary>
/// <param name="Title">What it is of; empty for the totals.</param>
/// <param name="Better">Which way is better.</param>
/// <param name="Rows">The teams, the best first.</param>
public sealed record Board(string Title, Better Better, IReadOnlyList<BoardRow> Rows)
{
    internal const string OfFigure = "figure:",
        OfAward = "award:",
        OfRounds = "rounds";

    /// <summary>
    /// The board of a figure or an award; null for the totals, and for what the brief does not have any more.
    /// </summary>
    public static Board? Of(OpenedRally opened, int round, string of)
    {
        if (of == OfRounds)
            return OfAllRounds(opened);
        var run = opened.In(round);
        if (
            of.StartsWith(OfFigure, StringComparison.Ordinal)
            && run.Compiled.Figures.All.FirstOrDefault(f => f.Id == of[OfFigure.Length..]) is { } figure
        )
            return Values(
                figure.Name,
                figure.Direction ?? Better.More,
                Present(opened, round).Select(r => (r, r.InOrder(figure))),
                figure.Show
            );
        if (
            !of.StartsWith(OfAward, StringComparison.Ordinal)
            || run.Compiled.Awards.FirstOrDefault(a => a.Definition.Id == of[OfAward.Length..]) is not { } award
        )
            return null;
        var results = Present(opened, round);
        if (award.Value is { } value)
            return Values(
                award.Definition.Name,
                award.Definition.Better,
                results.Where(r => Awarding.MayWin(award, r)).Select(r => (r, value.Compared(r.Design.Facts))),
                value.Show
            );
        var given = Awarding.Give(run.Compiled, results).First(a => a.Award == award.Definition.Id);
        return new(
            award.Definition.Name,
            Better.More,
            [
                .. results
                    .Where(r => given.Teams.Contains(r.Team.Id))
                    .Select(r => new BoardRow(
                        r.Team.Id,
                        r.Team.Name,
                        1,
                        null,
                        given
                            .Votes.Where(v => v.For == r.Team.Id && v.Why.Length > 0)
                            .Select(v => v.Why)
                            .FirstOrDefault()
                            ?? ""
                    )),
            ]
        );
    }

    /// <summary>What is said under the title, for the class; empty where nothing is counted.</summary>
    public string WinsText { get; init; } = BoardWords.Wins(Better, Rows.Any(r => r.Value is not null));

    /// <summary>Whether it is of all rounds together.</summary>
    public bool OverRounds { get; init; }

    /// <summary>The standing over the rounds; empty as long as a round in it was not revealed whole.</summary>
    private static Board OfAllRounds(OpenedRally opened)
    {
        var standing = RoundsStanding.Of(opened);
        return new(
            RoundsStanding.Name,
            opened.In(opened.Rounds).Compiled.Brief.Method.Better,
            standing is { Unrevealed.Count: 0 }
                ? [.. standing.Rows.Select(r => new BoardRow(r.Team, r.Name, r.Place, r.Total, r.TotalText))]
                : []
        )
        {
            OverRounds = true,
            WinsText = standing?.WayText ?? "",
        };
    }

    /// <summary>How many places are revealed one by one.</summary>
    public int Places => Reveal.Places(Rows, HasPlace);

    /// <summary>As far as it is revealed: so many places from the last.</summary>
    public Board Revealed(int places) => this with { Rows = Reveal.Rows(Rows, places, HasPlace) };

    private static bool HasPlace(BoardRow row) => row.Place is not null;

    private static IReadOnlyList<TeamResult> Present(OpenedRally opened, int round) =>
        [.. opened.Result(round).Teams.Where(r => r.Status != StandingStatus.Away)];

    private static Board Values(
        string name,
        Better better,
        IEnumerable<(TeamResult Team, BoundedValue Value)> values,
        Func<BoundedValue, string> show
    ) =>
        new(
            SentenceCase.Beginning(name),
            better,
            [
                .. ValuePlaces
                    .Order(better, [.. values], t => t.Team.Name)
                    .Select(v => new BoardRow(
                        v.Of.Team.Id,
                        v.Of.Team.Name,
                        v.Place,
                        v.Value.HasValue ? v.Value.Number : null,
                        v.Value.HasValue ? show(v.Value) : ""
                    )),
            ]
        );
}

/// <summary>A team on a board.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Place">The place, from 1; equal values share one. Absent where it has no value.</param>
/// <param name="Value">The value; absent where there is none, or none is counted.</param>
/// <param name="Text">The value as it is shown, or why it got the award.</param>
public sealed record BoardRow(TeamId Team, string Name, int? Place, decimal? Value, string Text);
