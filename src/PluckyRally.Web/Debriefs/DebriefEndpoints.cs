using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Rehearsals;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Access;
using PluckyRally.Web.Files;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Debriefs;

/// <summary>
/// Station Debrief: the talk after a round. What is said in it is recorded like everything else, as entries.
/// </summary>
internal static class DebriefEndpoints
{
    public static void MapDebrief(this IEndpointRouteBuilder api)
    {
        api.MapGet("/rallies/{id:guid}/debrief", Open).WithTags("Debrief").WithName("openDebrief");
        api.MapGet("/rallies/{id:guid}/talk", Talk).WithTags("Debrief").WithName("openTalk").For(Operation.Talk);
        api.MapGet("/rallies/{id:guid}/memory", Remember).WithTags("Debrief").WithName("rememberRally");
        api.MapGet("/rallies/{id:guid}/expected", Expected).WithTags("Debrief").WithName("expectedAndCame");
        api.MapGet("/rallies/{id:guid}/notebook", Pages).WithTags("Debrief").WithName("openNotebook");
        api.MapGet("/rallies/{id:guid}/marks", Marks).WithTags("Debrief").WithName("openMarks");
        api.MapGet("/rallies/{id:guid}/marks.csv", MarksFile).WithTags("Debrief").WithName("marksFile");
    }

    private static Task<Results<Ok<Debrief>, Missing, Refused>> Open(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    ) => log.Open(id, stop).InRound(round, (_, rally) => Debrief.Of(rally, round));

    /// <summary>What the rally leaves for whoever runs its brief again.</summary>
    private static async Task<Results<Ok<RallyMemory>, Missing, Refused>> Remember(
        RallyId id,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(RallyMemory.Of(found.Opened.Value))
            : new Refused(found.Opened.Problems);
    }

    /// <summary>What was expected of the class, and what came in a round.</summary>
    private static Task<Results<Ok<ClassAsExpected>, Missing, Refused>> Expected(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    ) =>
        log.Open(id, stop)
            .InRound(round, (found, rally) =>
                new ClassAsExpected(found.Stored.BriefId, ExpectedAndCame.Of(rally, round))
            );

    private static async Task<Results<Ok<Notebook>, Missing, Refused>> Pages(
        RallyId id,
        RallyLog log,
        CancellationToken stop
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(Notebook.Of(found.Opened.Value))
            : new Refused(found.Opened.Problems);
    }

    private static Task<Results<Ok<MarkSheet>, Missing, Refused>> Marks(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    ) => log.Open(id, stop).InRound(round, (_, rally) => MarkSheet.Of(rally, round));

    /// <summary>The marks as a table, a line a team and a student.</summary>
    private static async Task<Results<FileContentHttpResult, Missing, Refused>> MarksFile(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (round is < 1 or > Limits.Rounds)
            return new Missing("round");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var sheet = MarkSheet.Of(found.Opened.Value, round);
        return CsvText.File(
            "marks.csv",
            ["team", "student", .. sheet.Criteria.Select(c => c.Name)],
            sheet.Rows.Select(r =>
                (IReadOnlyList<object?>)
                    [
                        r.Name,
                        r.StudentName,
                        .. r.Levels.Select(
                            (level, at) =>
                                level == 0 ? "" : sheet.Criteria[at].Levels.ElementAtOrDefault(level - 1) ?? ""
                        ),
                    ]
            )
        );
    }

    /// <summary>
    /// The talk of the round that runs, for a team's own device: what is asked, and what that team said.
    /// </summary>
    private static async Task<Results<Ok<TalkOfTeam>, Missing, Refused>> Talk(
        RallyId id,
        HttpContext context,
        RallyLog log,
        SessionBook sessions,
        CancellationToken stop,
        TeamId team = default
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var own = await sessions.TeamOf(id, Caller.Of(context.User).Session, stop);
        return TypedResults.Ok(TalkOfTeam.Of(found.Opened.Value, own ?? team) with { Chosen = own is not null });
    }
}

/// <summary>The talk as a team's own device has it.</summary>
/// <param name="Name">What the rally is called.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Round">The round that is talked about.</param>
/// <param name="Teams">The teams that take part, to choose one's own.</param>
/// <param name="Team">What the chosen team takes along; absent until one is chosen.</param>
/// <param name="Questions">The questions, with what that team answered.</param>
/// <param name="Votes">The awards that the class gives.</param>
public sealed record TalkOfTeam(
    string Name,
    string Title,
    int Round,
    IReadOnlyList<TeamNamed> Teams,
    TeamDebrief? Team,
    IReadOnlyList<DebriefQuestion> Questions,
    IReadOnlyList<VoteOfTeam> Votes
)
{
    /// <summary>Whether this device has spoken for that team, and speaks for no other.</summary>
    public bool Chosen { get; init; }

    internal static TalkOfTeam Of(OpenedRally opened, TeamId team)
    {
        var run = opened.In(opened.Running);
        var debrief = Debrief.Of(opened, opened.Running);
        return new(
            opened.Rally.Name,
            run.Compiled.Brief.Title,
            opened.Running,
            [.. run.Present.Select(t => TeamNamed.Of(run, t))],
            debrief.Teams.FirstOrDefault(t => t.Team == team) is { } own ? own with { Noted = [] } : null,
            [
                .. debrief.Questions.Select(q =>
                    q with
                    {
                        Answers = [.. q.Answers.Where(a => a.Team == team && team != default)],
                    }
                ),
            ],
            VoteOfTeam.All(opened, opened.Running, team)
        );
    }
}

/// <summary>What was expected of a class, and what came.</summary>
/// <param name="Brief">The brief on the shelf that could learn from it; absent where it was begun from none.</param>
/// <param name="Things">Thing by thing.</param>
public sealed record ClassAsExpected(BriefId? Brief, IReadOnlyList<ExpectedAndCame> Things);
