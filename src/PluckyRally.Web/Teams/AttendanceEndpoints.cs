using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Teams;

/// <summary>Station Teams: who is here. Teams, jobs and amounts follow at once.</summary>
internal static class AttendanceEndpoints
{
    public static void MapAttendance(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}/attendance").WithTags("Teams");
        rally.MapGet("", Open).WithName("takeAttendance");
        rally.MapPut("/{who}", Turn).WithName("setAttendance").Accepts<Presence>("application/json");
    }

    private static async Task<Results<Ok<IReadOnlyList<AttendanceLine>>, Missing, Refused>> Open(
        RallyId id,
        ClassRegister register,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        return TypedResults.Ok(await List(found.Opened.Value, round, register, stop));
    }

    /// <summary>One more is here, or one fewer. What belongs together is taken whole.</summary>
    private static async Task<Results<Ok<IReadOnlyList<AttendanceLine>>, Missing, Refused>> Turn(
        RallyId id,
        string who,
        SentJson sent,
        ClassRegister register,
        RallyLog log,
        EntryIntake intake,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<Presence>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        if (!found.Opened.IsOk)
            return new Refused(found.Opened.Problems);
        var (wanted, opened) = (request.Value.Value, found.Opened.Value);
        if ((await List(opened, wanted.Round, register, stop)).All(l => l.Id != who))
            return new Missing("student");
        // Only whoever comes is given a team: for that the class's year is looked through.
        var preferences =
            wanted.Here && Guid.TryParse(who, out var student) && await register.ClassOf(student, stop) is { } group
                ? group.Preferred().With(await ClassLessons.HistoryOf(group, register, log, stop))
                : new TeamPreferences();
        // Two windows may call the register at once: each decides on what the other has recorded.
        var recorded = await intake.Take(
            id,
            now => Result<IReadOnlyList<Entry>>.Ok(Attendance.Turn(now, wanted.Round, who, wanted.Here, preferences)),
            stop
        );
        return recorded switch
        {
            null => new Missing("rally"),
            { IsOk: true, Value: var taken } => TypedResults.Ok(
                await List(taken.Rally.Opened.OrThrow(), wanted.Round, register, stop)
            ),
            _ => new Refused(recorded.Problems),
        };
    }

    private static async Task<IReadOnlyList<AttendanceLine>> List(
        OpenedRally opened,
        int round,
        ClassRegister register,
        CancellationToken stop
    ) =>
        Attendance.Of(
            opened,
            round,
            [
                .. Placing
                    .OwnClasses(
                        opened,
                        await register.All(stop),
                        c => c.Name,
                        c => c.Students.Select(p => StudentId.OfClass(p.Id))
                    )
                    .SelectMany(c => c.Students)
                    .Select(p => new Student(StudentId.OfClass(p.Id), p.Name)),
            ]
        );
}

/// <summary>Whether somebody is here.</summary>
/// <param name="Here">Here, or absent.</param>
/// <param name="Round">From which round on.</param>
public sealed record Presence(bool Here, int Round = 1);
