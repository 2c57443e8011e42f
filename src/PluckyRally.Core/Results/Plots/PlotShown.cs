using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>
/// A picture as it was chosen for the wall: what it is of, not what it shows, so that it goes on with the readings.
/// </summary>
/// <param name="See">What was wanted.</param>
/// <param name="Figure">The figure's id; empty where it is of none.</param>
/// <param name="Other">The second figure's id; empty where it is of one.</param>
/// <param name="Sort">What sort of picture.</param>
/// <param name="Title">Its heading, which tells it apart from others of its sort.</param>
/// <param name="Names">Whether the teams' names stand in it.</param>
public sealed record PlotShown(PlotSee See, string Figure, string Other, PlotSort Sort, string Title, bool Names)
{
    /// <summary>The picture as it is now; null where nothing is known of it any more.</summary>
    public Plot? Of(OpenedRally opened, int round)
    {
        var plots = PlotsSeen.Of(opened, round, See, Figure, Other).Plots;
        var plot = plots.FirstOrDefault(p => p.Sort == Sort && p.Title == Title)
            ?? plots.FirstOrDefault(p => p.Sort == Sort);
        return Names ? plot : plot?.WithoutNames();
    }
}
