using PluckyRally.Core.Route;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Live;

/// <summary>What changes of a rally while it is run, beside its entries; the rest of it is asked for once.</summary>
/// <param name="AsOf">How many entries its log has.</param>
/// <param name="Edition">How many there were when the brief as it is run last changed; 0 where it never did.</param>
/// <param name="Rounds">How many rounds there are, the one that is being scored included.</param>
/// <param name="Running">The round that runs: the last one in which something was done.</param>
/// <param name="Route">How far along the route the round is.</param>
/// <param name="GoesOn">The station where it goes on.</param>
public sealed record RallyProgress(
    int AsOf,
    int Edition,
    int Rounds,
    int Running,
    IReadOnlyList<Pennant> Route,
    Station GoesOn
)
{
    internal static RallyProgress Of(RoundSheets sheets)
    {
        var route = Bunting.OfRally(sheets.Opened, sheets.Round, sheets);
        return new(
            sheets.AsOf,
            sheets.Touched.Edition,
            sheets.Opened.Rounds,
            sheets.Opened.Running,
            route,
            Bunting.GoesOn(sheets.Opened, sheets.Round, route)
        );
    }
}
