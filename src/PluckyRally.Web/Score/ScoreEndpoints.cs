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
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Score").ForJudges();
        rally.MapGet("/score", Sheets).WithName("openTeamSheets");
        rally.MapPost("/answers/{part}", ReadAnswer).WithName("readAnswer").Accepts<AnswerTyped>("application/json");
        rally.MapPost("/entries", Record).WithName("recordEntry").Accepts<Entry>("application/json").TakesAtMost(Most.EntryBytes);
    }

    /// <summary>All sheets at once, so that a judge who loses the connection still has every team; the log only of the team that is asked for.</summary>
    private static async Task<Results<Ok<IReadOnlyList<TeamSheet>>, Missing, Refused>> Sheets(Guid id, RallyLog log, CancellationToken stop, int round = 1, string team = "")
    {
        if (await log.Open(id, stop) is not { } found) return new Missing("rally");
        if (round is < 1 or > Most.Rounds) return new Missing("round");
        return found.Opened.IsOk ? TypedResults.Ok(TeamSheet.Of(found.Opened.Value, round, team)) : new Refused(found.Opened.Problems);
    }

    /// <summary>Understands a pasted answer; nothing is recorded yet.</summary>
    private static async Task<Results<Ok<AnswerRead>, Missing, Refused>> ReadAnswer(Guid id, string part, SentJson sent, RallyLog log, CancellationToken stop)
    {
        var request = DocumentReader.Request<AnswerTyped>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found || found.Rally.Edition.Brief.Method.Parts.FirstOrDefault(p => p.Id == part) is not { } sorted) return new Missing("part");
        var read = AnswerText.Read(sorted, request.Value.Value.Text);
        return read.IsOk ? TypedResults.Ok(read.Value) : new Refused(read.Problems);
    }

    private static async Task<Results<Created<EntryTaken>, Ok<EntryTaken>, Missing, Refused>> Record(
        Guid id, SentJson sent, HttpContext context, RallyLog log, IHubContext<LiveHub> live, TimeProvider time, CancellationToken stop)
    {
        var document = DocumentReader.Entry(sent.Text);
        if (!document.IsOk) return new Refused(document.Problems);
        var caller = Caller.Of(context.User);
        var came = document.Value.Value;
        if (came is IClockEntry) return new Refused([new("/kind", "The clock is not set here.", "Use the remote of the Run station; its times are the server's.")]);
        if (!caller.IsTeacher && came is (Entry.RoundClosed or Entry.RoundReopened)) return new Refused([new("/kind", "Rounds are closed and opened by the teacher.", "Ask the teacher.")]);

        // Order and time are the server's, and who wrote it is who came in; the device's own time is kept beside.
        var entry = came with { By = caller.Name, At = time.GetUtcNow(), DeviceAt = came.At };
        if (await log.Record(id, entry, stop) is not { } recorded) return new Missing("rally");
        if (!recorded.IsOk) return new Refused(recorded.Problems);
        var taken = new EntryTaken(entry.Id, recorded.Value.Rally.Rally.Entries.Count);
        if (!recorded.Value.Fresh) return TypedResults.Ok(taken);

        // The entry is kept whatever becomes of this request, so the news of it must not stop half-way either.
        await live.Clients.Group(LiveHub.GroupOf(id)).SendAsync(LiveHub.Recorded, new LiveNews(entry.Team, entry.Round), CancellationToken.None);
        return TypedResults.Created($"/api/rallies/{id}/score", taken);
    }
}

/// <summary>The log has the entry.</summary>
/// <param name="Id">The entry's id.</param>
/// <param name="AsOf">How many entries the log has with it: a sheet as of so many or more has it in.</param>
public sealed record EntryTaken(Guid Id, int AsOf);

/// <summary>A team's answer as it was typed or pasted.</summary>
public sealed record AnswerTyped(string Text);
