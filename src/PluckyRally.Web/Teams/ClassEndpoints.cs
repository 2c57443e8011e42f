using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core;
using PluckyRally.Data.Classes;

namespace PluckyRally.Web;

/// <summary>Station Teams: classes, pupils, and teams made of them.</summary>
internal static class ClassEndpoints
{
    public static void MapClasses(this IEndpointRouteBuilder api)
    {
        var classes = api.MapGroup("/classes").WithTags("Teams");
        classes.MapGet("", All).WithName("listClasses");
        classes.MapPost("/look", Look).WithName("lookAtClassList").Accepts<ClassListSent>("application/json");
        classes.MapPost("", Add).WithName("addClass").Accepts<NewClass>("application/json");
        classes.MapPost("/{id:guid}/teams", Make).WithName("makeTeams").Accepts<TeamsWanted>("application/json");
        api.MapDelete("/pupils/{id:guid}", Remove).WithTags("Teams").WithName("removePupil");
        api.MapGet("/jobs", () => TypedResults.Ok(Jobs.Usual)).WithTags("Teams").WithName("usualJobs");
    }

    private static async Task<Ok<IReadOnlyList<ClassOpened>>> All(ClassRegister register, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<ClassOpened>>([.. (await register.All(stop)).Select(ClassOpened.Of)]);

    private static Results<Ok<ClassList>, Refused> Look(SentJson sent)
    {
        var request = DocumentReader.Request<ClassListSent>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        var list = ClassList.Read(ClassListText.Rows(request.Value.Value.Text), request.Value.Value.Given, request.Value.Value.Family);
        return list.IsOk ? TypedResults.Ok(list.Value) : new Refused(list.Problems);
    }

    private static async Task<Results<Created<ClassOpened>, Refused>> Add(SentJson sent, ClassRegister register, CancellationToken stop)
    {
        var request = DocumentReader.Request<NewClass>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        var wanted = request.Value.Value;
        if (ClassList.Problems(wanted.Name, wanted.Pupils) is { Count: > 0 } problems) return new Refused(problems);
        var made = await register.Add(wanted.Name.Trim(), [.. wanted.Pupils.Select(p => p.Trim())], stop);
        return TypedResults.Created($"/api/classes/{made.Id}", ClassOpened.Of(made));
    }

    private static async Task<Results<Ok<TeamsWithJobs>, Missing, Refused>> Make(Guid id, SentJson sent, ClassRegister register, CancellationToken stop)
    {
        var request = DocumentReader.Request<TeamsWanted>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        if (await register.Find(id, stop) is not { } found) return new Missing("class");
        var wanted = request.Value.Value;
        var history = await register.History(id, stop);
        var here = found.Pupils.Where(p => !wanted.Absent.Contains(p.Id)).OrderBy(p => p.Order).Select(p => new Pupil(p.Id.ToString(), p.Name)).ToList();
        var made = TeamMaker.Make(here, wanted.Wishes with { Earlier = history.Pairs });
        if (!made.IsOk) return new Refused(made.Problems);
        return TypedResults.Ok(new TeamsWithJobs(made.Value, [.. made.Value.Teams.Select((t, i) => Jobs.Deal(t, Jobs.Usual, history.Jobs, wanted.Wishes.Seed + i))]));
    }

    private static async Task<Results<NoContent, Missing>> Remove(Guid id, ClassRegister register, CancellationToken stop) =>
        await register.Remove(id, stop) ? TypedResults.NoContent() : new Missing("pupil");
}

/// <summary>A class list to be looked at.</summary>
/// <param name="Text">What was pasted, or a file's text.</param>
/// <param name="Given">The column with the given name, from 0; found by its title where absent.</param>
/// <param name="Family">The column with the family name; −1 for none.</param>
public sealed record ClassListSent(string Text, int? Given = null, int? Family = null);

/// <summary>A class to be made.</summary>
public sealed record NewClass(string Name, IReadOnlyList<string> Pupils);

/// <summary>A pupil of a class.</summary>
public sealed record PupilOpened(Guid Id, string Name);

/// <summary>A class with its pupils.</summary>
public sealed record ClassOpened(Guid Id, string Name, IReadOnlyList<PupilOpened> Pupils)
{
    internal static ClassOpened Of(StoredClass stored) => new(stored.Id, stored.Name, [.. stored.Pupils.OrderBy(p => p.Order).Select(p => new PupilOpened(p.Id, p.Name))]);
}

/// <summary>Teams that are wanted of a class.</summary>
/// <param name="Absent">Pupils who are not here today.</param>
/// <param name="Wishes">What the teams should be like; whom they have worked with is known here.</param>
public sealed record TeamsWanted(IReadOnlyList<Guid> Absent, TeamWishes Wishes);

/// <summary>Teams that were made, and the jobs dealt in each.</summary>
/// <param name="Made">The teams.</param>
/// <param name="Jobs">For each team, in order: who has which job.</param>
public sealed record TeamsWithJobs(TeamsMade Made, IReadOnlyList<IReadOnlyList<JobDealt>> Jobs);
