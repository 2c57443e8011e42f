using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Run;

namespace PluckyRally.Web.Score;

/// <summary>Station Score: what a judge needs of a rally and of its teams, and what a judge records.</summary>
internal static class ScoreEndpoints
{
    /// <summary>Entries that a device may send in one go.</summary>
    private const int Together = 100;

    /// <summary>
    /// Sheets that are sent in one go: what is behind comes in pieces, so that nobody at a pad waits for it.
    /// </summary>
    private const int SheetsTogether = 25;

    public static void MapScore(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}").WithTags("Score").For(Operation.Score);
        var entries = api.MapGroup("/rallies/{id:guid}").WithTags("Score").For(Operation.Record);
        rally.MapGet("/walk", Walk).WithName("openJudgeRally").AddEndpointFilter<StateTag>();
        rally.MapGet("/score", Changes).WithName("followSheets");
        rally.MapGet("/score/sheets", Sheets).WithName("openTeamSheets");
        rally.MapGet("/labels", Labels).WithName("readLabels");
        rally.MapPost("/answers/{part}", ReadAnswer).WithName("readAnswer").Accepts<AnswerTyped>("application/json");
        entries
            .MapPost("/entries", Record)
            .WithName("recordEntry")
            .Accepts<Entry>("application/json")
            .TakesAtMost(Limits.EntryBytes);
        entries
            .MapPost("/entries/many", RecordMany)
            .WithName("recordEntries")
            .Accepts<IReadOnlyList<Entry>>("application/json")
            .TakesAtMost(Limits.BriefBytes);
    }

    private static Task<Results<Ok<JudgeRallyView>, Missing, Refused>> Walk(
        RallyId id,
        HttpContext context,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, async (found, rally) =>
            {
                var teacher = Caller.Of(context.User).IsTeacher;
                return JudgeRallyView.Of(
                    id,
                    rally,
                    await log.Together(id, stop),
                    round,
                    rounds.Progress(rounds.SheetsOf(found, round, teacher)),
                    teacher
                );
            });

    /// <summary>
    /// What is new since a device heard of the sheets last: how far each team is, and the one sheet that is open on it.
    /// A device that says what it was told is content with that: what came since it is told of next.
    /// </summary>
    private static Task<Results<Ok<SheetChanges>, Missing, Refused>> Changes(
        RallyId id,
        HttpContext context,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1,
        int? since = null,
        TeamId team = default,
        int held = 0,
        string ground = "",
        [FromHeader] int? announced = null
    ) =>
        log.Open(id, stop)
            .AsAnnounced(rounds, announced)
            .InRound(round, async (found, _) =>
            {
                var caller = Caller.Of(context.User);
                var sheets = rounds.SheetsOf(found, round, caller.IsTeacher);
                return SheetChanges.Of(
                    sheets,
                    rounds.Progress(sheets),
                    new(since, team, held, ground),
                    RoundCache.GroundOf(found),
                    found.Stored.JudgesStrikeOthers,
                    caller
                ) with
                {
                    Queue = await log.Together(id, stop) is { Count: > 1 } lesson
                        ? [.. lesson.Opened().Teams(round).Select(t => t.Team)]
                        : [],
                };
            });

    /// <summary>
    /// Sheets of some teams without their logs, so that a judge who loses the connection still has every team.
    /// </summary>
    private static Task<Results<Ok<IReadOnlyList<JudgeSheetView>>, Missing, Refused>> Sheets(
        RallyId id,
        [FromQuery] TeamId[] team,
        HttpContext context,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, (found, _) =>
            {
                var caller = Caller.Of(context.User);
                var sheets = rounds.SheetsOf(found, round, caller.IsTeacher);
                return (IReadOnlyList<JudgeSheetView>)
                    [
                        .. team.Distinct()
                            .Take(SheetsTogether)
                            .Select(sheets.For)
                            .OfType<TeamSheet>()
                            .Select(s => JudgeSheetView.Of(s, caller)),
                    ];
            });

    /// <summary>What the class calls what designs are like.</summary>
    private static async Task<Results<Ok<LabelsSoFar>, Missing, Refused>> Labels(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        TeamId team = default,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(LabelsSoFar.Of(found.Opened.Value, team, round))
            : new Refused(found.Opened.Problems);
    }

    /// <summary>Understands a pasted answer; nothing is recorded yet.</summary>
    private static async Task<Results<Ok<AnswerRead>, Missing, Refused>> ReadAnswer(
        RallyId id,
        string part,
        SentJson sent,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        var request = DocumentReader.Request<AnswerTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (
            await log.Open(id, stop) is not { } found
            || found.Opened is not { IsOk: true } opened
            || opened.Value.In(round).Compiled.Brief.Method.Parts.FirstOrDefault(p => p.Id == part) is not { } sorted
        )
            return new Missing("part");
        var read = AnswerText.Read(sorted, request.Value.Value.Text);
        return read.IsOk ? TypedResults.Ok(read.Value) : new Refused(read.Problems);
    }

    private static async Task<
        Results<Created<EntryTaken>, Ok<EntryTaken>, Missing, Refused, StatusCodeHttpResult>
    > Record(RallyId id, SentJson sent, HttpContext context, SentEntries entries, TeamPace pace, CancellationToken stop)
    {
        var document = DocumentReader.Entry(sent.Text);
        if (!document.IsOk)
            return new Refused(document.Problems);
        if (!pace.Allows(context, 1))
            return TypedResults.StatusCode(StatusCodes.Status429TooManyRequests);
        if (await entries.Take(id, [document.Value.Value], context, stop) is not { } recorded)
            return new Missing("rally");
        if (!recorded.IsOk)
            return new Refused(recorded.Problems);
        if (recorded.Value.Answers is [{ IsOk: false } refused])
            return new Refused(refused.Problems);
        var taken = new EntryTaken(document.Value.Value.Id, recorded.Value.Rally.Version.Entries);
        return recorded.Value.New.Any()
            ? TypedResults.Created($"/api/rallies/{id}/score", taken)
            : TypedResults.Ok(taken);
    }

    /// <summary>
    /// Takes what has waited on a device, in its order. Each entry has an answer of its own; one that is refused holds
    /// up no other.
    /// </summary>
    private static async Task<
        Results<Ok<IReadOnlyList<EntryAnswer>>, Missing, Refused, StatusCodeHttpResult>
    > RecordMany(
        RallyId id,
        SentJson sent,
        HttpContext context,
        SentEntries entries,
        TeamPace pace,
        CancellationToken stop
    )
    {
        var documents = DocumentReader.Entries(sent.Text, Together);
        if (!documents.IsOk)
            return new Refused(documents.Problems);
        var came = documents.Value.Where(d => d.IsOk).Select(d => d.Value!.Value).ToList();
        if (!pace.Allows(context, documents.Value.Count))
            return TypedResults.StatusCode(StatusCodes.Status429TooManyRequests);
        if (await entries.Take(id, came, context, stop) is not { } recorded)
            return new Missing("rally");
        if (!recorded.IsOk)
            return new Refused(recorded.Problems);
        var asOf = recorded.Value.Rally.Version.Entries;
        var answers = new Queue<(Entry Came, Result<bool> Answer)>(came.Zip(recorded.Value.Answers));
        return TypedResults.Ok<IReadOnlyList<EntryAnswer>>([
            .. documents.Value.Select(d => d.IsOk ? Answer(answers.Dequeue()) : new EntryAnswer(d.Problems)),
        ]);

        EntryAnswer Answer((Entry Came, Result<bool> Answer) of) =>
            of.Answer.IsOk ? new([], new(of.Came.Id, asOf)) : new(of.Answer.Problems);
    }
}

/// <summary>The log has the entry.</summary>
/// <param name="Id">The entry's id.</param>
/// <param name="AsOf">How many entries the log has with it: a sheet as of so many or more has it in.</param>
public sealed record EntryTaken(EntryId Id, int AsOf);

/// <summary>What came of one of many entries.</summary>
/// <param name="Problems">Why it was refused; empty where it was taken.</param>
/// <param name="Taken">The log has it; absent where it was refused.</param>
public sealed record EntryAnswer(IReadOnlyList<Problem> Problems, EntryTaken? Taken = null);

/// <summary>A team's answer as it was typed or pasted.</summary>
public sealed record AnswerTyped(string Text);
