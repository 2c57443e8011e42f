using PluckyRally.Core.Ids;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Run;

/// <summary>Which team is testing in a phase that goes team by team.</summary>
/// <param name="On">The teams that are on, by id: the first one at the first place.</param>
/// <param name="Next">The teams that come next.</param>
/// <param name="Done">How many have had their turn before, or have made their attempts.</param>
/// <param name="All">How many there are.</param>
/// <param name="Since">When this turn was begun, later by as long as the clock stood.</param>
/// <param name="Seconds">How long a turn is planned to be.</param>
public sealed record TurnNow(
    IReadOnlyList<TeamId> On,
    IReadOnlyList<TeamId> Next,
    int Done,
    int All,
    DateTimeOffset Since,
    decimal Seconds
)
{
    /// <summary>Since when the clock is stopped in this turn; absent while it goes.</summary>
    public DateTimeOffset? Stopped { get; init; }

    /// <summary>Which team is testing now; null where the phase is for all at once.</summary>
    /// <param name="phase">The phase that runs.</param>
    /// <param name="so">The clock.</param>
    /// <param name="order">The teams in the order in which they come.</param>
    /// <param name="attempts">Attempts of the test.</param>
    /// <param name="tested">The teams that have made their attempts.</param>
    internal static TurnNow? Of(
        Phase? phase,
        ClockSoFar so,
        IReadOnlyList<TeamId> order,
        int attempts,
        Func<IReadOnlySet<TeamId>>? tested
    )
    {
        if (phase is not { TeamByTeam: true } || so.TurnAt is not { } begun || order.Count == 0)
            return null;
        var places = Math.Max(1, phase.TestBays);

        // Before anybody touched the remote the first ones are on.
        var turns = so.Turns.Count > 0 ? so.Turns : [order.Take(places).ToList()];
        var on = turns[^1].Where(order.Contains).ToList();
        var through = tested?.Invoke() ?? new HashSet<TeamId>();
        var had = turns.SelectMany(t => t).Concat(through).ToHashSet();
        var before = turns.Take(turns.Count - 1).SelectMany(t => t).Concat(through).Distinct().Count(order.Contains);
        return new(
            on,
            [.. order.Where(t => !had.Contains(t)).Take(places)],
            before,
            order.Count,
            begun,
            Minutes.OfTurn(phase, attempts) * 60
        )
        {
            Stopped = so.StoppedAt is { } stood ? (stood > begun ? stood : begun) : null,
        };
    }
}
