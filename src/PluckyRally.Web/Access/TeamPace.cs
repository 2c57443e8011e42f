using System.Threading.RateLimiting;

namespace PluckyRally.Web.Access;

/// <summary>A team's own device writes no faster than children do, however many entries it sends in one go.</summary>
internal sealed class TeamPace : IDisposable
{
    /// <summary>Entries in a minute of one device.</summary>
    private const int Entries = 30;

    private readonly PartitionedRateLimiter<string> _devices = PartitionedRateLimiter.Create<string, string>(session =>
        RateLimits.Window(session, Entries)
    );

    /// <summary>Whether a device may send so many entries now; nobody but teams is held up.</summary>
    public bool Allows(HttpContext context, int entries)
    {
        var caller = Caller.Of(context.User);
        if (!caller.IsTeamIn(context.GetRouteValue("id")))
            return true;
        if (entries > Entries)
            return false;
        using var lease = _devices.AttemptAcquire(caller.Session, entries);
        return lease.IsAcquired;
    }

    public void Dispose() => _devices.Dispose();
}
