using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.SignalR;
using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web;

/// <summary>Station Score: what a judge needs of a team, and what a judge records.</summary>
internal static class ScoreEndpoints
{
    public static void MapScore(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Score");
        rally.MapGet("/score/{team}", Sheet).WithName("openTeamSheet");
        rally.MapPost("/entries", Record).WithName("recordEntry").Accepts<Entry>("application/json").TakesAtMost(Most.EntryBytes);
    }

    private static async Task<Results<Ok<TeamSheet>, Missing, Refused>> Sheet(Guid id, string team, RallyLog log, CancellationToken stop, int round = 1)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        var opened = OpenedRally.Open(found.Rally);
        if (!opened.IsOk) return new Refused(opened.Problems);
        if (round is < 1 or > Most.Rounds) return new Missing("round");
        return TeamSheet.For(opened.Value, team, round) is { } sheet ? TypedResults.Ok(sheet) : new Missing("team");
    }

    private static async Task<Results<Created<EntryTaken>, Ok<EntryTaken>, Missing, Refused>> Record(
        Guid id, SentJson sent, RallyLog log, IHubContext<LiveHub> live, CancellationToken stop)
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        var document = DocumentReader.Entry(sent.Text);
        if (!document.IsOk) return new Refused(document.Problems);
        var entry = document.Value.Value;

        if (entry is IClockEntry) return new Refused([new("/kind", "The clock is not set here.", "Use the remote of the Run station; its times are the server's.")]);

        // What is in the log already was accepted once; the same entry again, from a device that missed the answer, changes nothing.
        if (found.Rally.Entries.FirstOrDefault(e => e.Id == entry.Id) is { } known) return TypedResults.Ok(new EntryTaken(known.Id));
        var opened = OpenedRally.Open(found.Rally);
        if (!opened.IsOk) return new Refused(opened.Problems);
        var accepted = Recorder.Accept(opened.Value.Playbook, found.Rally.Teams, entry, found.Rally.Entries);
        if (!accepted.IsOk) return new Refused(accepted.Problems);
        if (!await log.Append(id, accepted.Value, stop)) return TypedResults.Ok(new EntryTaken(entry.Id));

        // The entry is kept whatever becomes of this request, so the news of it must not stop half-way either.
        await live.Clients.Group(LiveHub.GroupOf(id)).SendAsync(LiveHub.Recorded, new LiveNews(entry.Team, entry.Round), CancellationToken.None);
        return TypedResults.Created($"/api/rallies/{id}/score/{entry.Team}", new EntryTaken(entry.Id));
    }
}

/// <summary>The log has the entry.</summary>
public sealed record EntryTaken(Guid Id);
