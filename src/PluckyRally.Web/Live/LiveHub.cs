using Microsoft.AspNetCore.SignalR;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Instruments;

namespace PluckyRally.Web.Live;

/// <summary>
/// The live line of an open window. It says how far a rally's log has come; a window that has that asks nothing.
/// </summary>
internal sealed class LiveHub(PassBook book, LiveLines lines, RallyLog log, InstrumentBoard instruments) : Hub
{
    /// <summary>The message that something is new, with <see cref="LiveNews"/>.</summary>
    public const string News = "news";

    /// <summary>The message of what instruments show now.</summary>
    public const string Instruments = "instruments";

    /// <summary>Those who may take readings from instruments.</summary>
    internal const string Judges = "judges";

    /// <summary>
    /// Follows a rally that the device was let into, and says how far its log has come; null where that is not
    /// understood.
    /// </summary>
    /// <exception cref="HubException">It was not.</exception>
    public async Task<LiveNews?> Follow(RallyId rally)
    {
        var role = await Caller.Of(Context.User!).In(rally, book, Context.ConnectionAborted);
        if (!Rights.Allow(role, Operation.Follow))
            throw new HubException("This device has not been let in.");
        await Groups.AddToGroupAsync(Context.ConnectionId, GroupOf(rally));
        if (Rights.Allow(role, Operation.ReadInstruments))
        {
            await Groups.AddToGroupAsync(Context.ConnectionId, Judges);
            await Clients.Caller.SendAsync(Instruments, instruments.All(), Context.ConnectionAborted);
        }

        return await log.Open(rally, Context.ConnectionAborted) is { Opened: { IsOk: true } opened }
            ? LiveNews.Of(opened.Value)
            : null;
    }

    public override Task OnConnectedAsync()
    {
        lines.Add(Context.ConnectionId, Context.User!, Context.Abort);
        return base.OnConnectedAsync();
    }

    public override Task OnDisconnectedAsync(Exception? exception)
    {
        lines.Remove(Context.ConnectionId);
        return base.OnDisconnectedAsync(exception);
    }

    internal static string GroupOf(RallyId rally) => $"rally:{rally}";
}
