using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.SignalR;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Run: the clock of the lesson. Its times are the server's, whatever a device's own clock says.</summary>
internal static class RunEndpoints
{
    public static void MapRun(this IEndpointRouteBuilder api)
    {
        var clock = api.MapGroup("/rallies/{id:guid}/clock").WithTags("Run");
        clock.MapGet("", Read).WithName("readClock");
        clock.MapPost("", Set).WithName("setClock").Accepts<ClockTouch>("application/json");
    }

    private static async Task<Results<Ok<ClockRead>, Missing>> Read(Guid id, RallyLog log, TimeProvider time, CancellationToken stop) =>
        await log.Open(id, stop) is { } found ? TypedResults.Ok(Of(found.Rally, time)) : new Missing("rally");

    private static async Task<Results<Ok<ClockRead>, Missing, Refused>> Set(Guid id, SentJson sent, RallyLog log, TimeProvider time, IHubContext<LiveHub> live, CancellationToken stop)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        var request = DocumentReader.Request<ClockTouch>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        var opened = OpenedRally.Open(found.Rally);
        if (!opened.IsOk) return new Refused(opened.Problems);
        var entry = request.Value.Value.AsEntry(time.GetUtcNow());
        var accepted = Recorder.Accept(opened.Value.Playbook, found.Rally.Teams, entry, found.Rally.Entries);
        if (!accepted.IsOk) return new Refused(accepted.Problems);
        await log.Append(id, accepted.Value, stop);
        await live.Clients.Group(LiveHub.GroupOf(id)).SendAsync(LiveHub.Recorded, new LiveNews("", 1), CancellationToken.None);
        return TypedResults.Ok(Of(found.Rally with { Entries = [.. found.Rally.Entries, accepted.Value] }, time));
    }

    private static ClockRead Of(Rally rally, TimeProvider time) => new(LessonClock.Of(rally.Edition.Brief, rally.Teams.Count, rally.Entries), time.GetUtcNow());
}

/// <summary>What a touch on the remote does.</summary>
public enum ClockDoes
{
    /// <summary>Begins a phase; without one the lesson is over.</summary>
    Begin,

    /// <summary>Stops the clock.</summary>
    Pause,

    /// <summary>Lets it go on.</summary>
    Resume,

    /// <summary>Adds minutes.</summary>
    Add,
}

/// <summary>A touch on the remote.</summary>
/// <param name="Does">What it does.</param>
/// <param name="Phase">For beginning: the phase's id; empty where the lesson is over.</param>
/// <param name="Minutes">For adding: how many.</param>
/// <param name="By">Who touched it.</param>
public sealed record ClockTouch(ClockDoes Does, string Phase = "", decimal Minutes = 0, string By = "")
{
    internal Entry AsEntry(DateTimeOffset now)
    {
        var id = Guid.CreateVersion7(now);
        return Does switch
        {
            ClockDoes.Begin => new Entry.PhaseBegun { Id = id, At = now, By = By, Phase = Phase },
            ClockDoes.Pause => new Entry.ClockPaused { Id = id, At = now, By = By },
            ClockDoes.Resume => new Entry.ClockResumed { Id = id, At = now, By = By },
            ClockDoes.Add => new Entry.MinutesAdded { Id = id, At = now, By = By, Minutes = Minutes },
            _ => throw new System.Diagnostics.UnreachableException(),
        };
    }
}

/// <summary>The clock, and what time it is at the server.</summary>
public sealed record ClockRead(LessonClock Clock, DateTimeOffset Now);
