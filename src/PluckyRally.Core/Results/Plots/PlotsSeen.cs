using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>What somebody wants to see of a class's numbers.</summary>
public enum PlotSee
{
    /// <summary>One figure.</summary>
    OneFigure,

    /// <summary>Two figures of each team.</summary>
    TwoFigures,

    /// <summary>What totals, or pieces, are put together of.</summary>
    Parts,

    /// <summary>From round to round.</summary>
    OverTime,

    /// <summary>One figure, by what designs are like, or what was seen of them.</summary>
    Compared,
}

/// <summary>A figure that can be looked at.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
public sealed record PlotFigure(string Id, string Name);

/// <summary>What designs can be compared by.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
public sealed record PlotGrouping(string Id, string Name);

/// <summary>The pictures that answer what somebody wants to see.</summary>
/// <param name="Can">What there is to be seen in this round.</param>
/// <param name="See">What is seen.</param>
/// <param name="Figures">The figures that something is known of.</param>
/// <param name="Figure">The figure that is looked at; empty where none is.</param>
/// <param name="Other">The second figure, or what designs are compared by; empty where none is.</param>
/// <param name="Groupings">What designs can be compared by, where they are.</param>
/// <param name="Plots">The pictures, those first that the class is taught.</param>
public sealed record PlotsSeen(
    IReadOnlyList<PlotSee> Can,
    PlotSee See,
    IReadOnlyList<PlotFigure> Figures,
    string Figure,
    string Other,
    IReadOnlyList<PlotGrouping> Groupings,
    IReadOnlyList<Plot> Plots
)
{
    /// <summary>The pictures of a round.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round.</param>
    /// <param name="see">What is wanted; null for what the class is taught first.</param>
    /// <param name="figure">The figure's id; the first that is read in attempts where it is unknown.</param>
    /// <param name="other">The second figure's id, or what designs are compared by; another one where it is
    /// unknown.</param>
    public static PlotsSeen Of(
        OpenedRally opened,
        int round,
        PlotSee? see = null,
        string figure = "",
        string other = ""
    )
    {
        var scene = new PlotScene(opened, round);
        var can = Enum.GetValues<PlotSee>().Where(s => Possible(scene, s)).ToList();
        var seen =
            see is { } wanted && can.Contains(wanted) ? wanted
            : can.Contains(PlotSee.TwoFigures) && scene.Taught is [SummaryKind.Scatter, ..] ? PlotSee.TwoFigures
            : can is [var first, ..] ? first
            : PlotSee.OneFigure;
        var one = scene.Figures.FirstOrDefault(f => f.Id == figure) ?? scene.Main;
        var two = scene.Figures.FirstOrDefault(f => f.Id == other && f != one)
            ?? scene.Figures.FirstOrDefault(f => f != one);
        var groupings = seen == PlotSee.Compared ? Grouping.All(scene) : [];
        var by = groupings.FirstOrDefault(g => g.Id == other) ?? (groupings.Count > 0 ? groupings[0] : null);
        var plots = (seen, one, two) switch
        {
            (PlotSee.Parts, _, _) => PartsOfTeams.Of(scene),
            (PlotSee.OneFigure, { }, _) => OneFigure.Of(scene, one),
            (PlotSee.TwoFigures, { }, { }) => TwoFigures.Of(scene, one, two),
            (PlotSee.OverTime, { }, _) => OverTime.Of(scene, one),
            (PlotSee.Compared, { }, _) when by is not null => Compared.Of(scene, one, by),
            _ => [],
        };
        return new(
            can,
            seen,
            [.. scene.Figures.Select(f => new PlotFigure(f.Id, SentenceCase.Beginning(f.Name)))],
            seen == PlotSee.Parts ? "" : one?.Id ?? "",
            seen switch
            {
                PlotSee.TwoFigures => two?.Id ?? "",
                PlotSee.Compared => by?.Id ?? "",
                PlotSee.OneFigure or PlotSee.Parts or PlotSee.OverTime => "",
            },
            [.. groupings.Select(g => new PlotGrouping(g.Id, g.Name))],
            [.. plots.OrderByDescending(p => p.Taught)]
        );
    }

    /// <summary>
    /// The same, with what is wanted as a word of an address; empty for what the class is taught first.
    /// </summary>
    public static Result<PlotsSeen> Asked(OpenedRally opened, int round, string see, string figure, string other)
    {
        var words = Enum.GetValues<PlotSee>().ToDictionary(s => Json.Word(s));
        if (see.Length == 0)
            return Result<PlotsSeen>.Ok(Of(opened, round, null, figure, other));
        return words.TryGetValue(see, out var wanted)
            ? Result<PlotsSeen>.Ok(Of(opened, round, wanted, figure, other))
            : Result<PlotsSeen>.Refused(
                new Problem(
                    "/see",
                    $"“{ProblemCollector.Short(see)}” is not something that can be shown.",
                    $"Use {English.List([.. words.Keys])}."
                )
            );
    }

    private static bool Possible(PlotScene scene, PlotSee see) =>
        see switch
        {
            PlotSee.OneFigure => scene.Figures.Count > 0,
            PlotSee.TwoFigures => scene.Figures.Count > 1,
            PlotSee.Parts => PartsOfTeams.Of(scene).Any(),
            PlotSee.Compared => scene.Figures.Count > 0 && Grouping.All(scene).Count > 0,
            PlotSee.OverTime => scene.Run.Before is not null && scene.Figures.Any(f => OverTime.Of(scene, f).Any()),
        };
}
