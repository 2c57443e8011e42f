using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Teams;

/// <summary>
/// Station Teams, while a rally is run: who could still come in, and what the class's preferences say to it.
/// </summary>
internal static class PlacingEndpoints
{
    public static void MapPlacing(this IEndpointRouteBuilder api)
    {
        var rally = api.MapGroup("/rallies/{id:guid}/placing").WithTags("Teams");
        rally.MapGet("", Choices).WithName("whoCouldCome");
        rally.MapGet("/log", Changes).WithName("listTeamChanges");
        rally.MapGet("/{student:guid}", Look).WithName("lookAtPlacing");
    }

    /// <summary>Who of the rally's own class is in none of its teams.</summary>
    private static async Task<Results<Ok<IReadOnlyList<ClassOpened>>, Missing, Refused>> Choices(
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
        var placed = found.Opened.Value.In(round).Teams.SelectMany(t => t.Students).Select(p => p.Id).ToHashSet();
        var own = Placing.OwnClasses(
            found.Opened.Value,
            (await register.All(stop)).Select(ClassOpened.Of),
            c => c.Name,
            c => c.Students.Select(p => StudentId.OfClass(p.Id))
        );
        return TypedResults.Ok<IReadOnlyList<ClassOpened>>([
            .. own.Select(c =>
                c with
                {
                    Students = [.. c.Students.Where(p => !placed.Contains(StudentId.OfClass(p.Id)))],
                }
            ),
        ]);
    }

    /// <summary>What was changed of the teams for a round, the newest first.</summary>
    private static async Task<Results<Ok<IReadOnlyList<LogLine>>, Missing, Refused>> Changes(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(LogLine.OfTeams(found.Opened.Value, round))
            : new Refused(found.Opened.Problems);
    }

    /// <summary>What the preferences of the student's class say to a team; nothing is changed.</summary>
    private static async Task<Results<Ok<IReadOnlyList<string>>, Missing, Refused>> Look(
        RallyId id,
        Guid student,
        TeamId team,
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
        if (await register.ClassOf(student, stop) is not { } group)
            return new Missing("student");
        var teams = found.Opened.Value.In(round).Teams;

        // Whoever is in none of the teams yet is in none of their lists either.
        var known = teams.SelectMany(t => t.Students).Any(p => p.Id == StudentId.OfClass(student))
            ? teams
            :
            [
                .. teams,
                new Team
                {
                    Id = default,
                    Name = "",
                    Students = [new(StudentId.OfClass(student), group.Students.First(p => p.Id == student).Name, [])],
                },
            ];
        return TypedResults.Ok(
            Placing.Says(
                known,
                StudentId.OfClass(student),
                team,
                group.Preferred().With(await ClassLessons.HistoryOf(group, register, log, stop))
            )
        );
    }
}
