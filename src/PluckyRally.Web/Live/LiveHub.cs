using Microsoft.AspNetCore.SignalR;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web;

/// <summary>Tells open windows that a rally has a new entry. They ask for the standings again; nothing is computed there.</summary>
internal sealed class LiveHub(PassBook book, LiveLines lines) : Hub
{
    /// <summary>The message that an entry was recorded, with <see cref="LiveNews"/>.</summary>
    public const string Recorded = "recorded";

    /// <summary>Follows a rally that the device was let into.</summary>
    /// <exception cref="HubException">It was not.</exception>
    public async Task Follow(Guid rally)
    {
        if (await Caller.Of(Context.User!).In(rally, book, Context.ConnectionAborted) == CallerRole.Nobody) throw new HubException("This device has not been let in.");
        await Groups.AddToGroupAsync(Context.ConnectionId, GroupOf(rally));
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

    internal static string GroupOf(Guid rally) => $"rally:{rally}";
}

/// <summary>What is new.</summary>
/// <param name="Team">The team's id; empty for the whole class.</param>
/// <param name="Round">The round.</param>
public sealed record LiveNews(string Team, int Round);
