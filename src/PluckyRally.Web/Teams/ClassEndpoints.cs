using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;
using PluckyRally.Data;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Files;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Teams;

/// <summary>Station Teams: classes, students, and teams made of them.</summary>
internal static class ClassEndpoints
{
    public static void MapClasses(this IEndpointRouteBuilder api)
    {
        var classes = api.MapGroup("/classes").WithTags("Teams");
        classes.MapGet("", All).WithName("listClasses");
        classes.MapPost("/look", Look).WithName("lookAtClassList").Accepts<ClassListSent>("application/json");
        classes.MapPost("", Add).WithName("addClass").Accepts<NewClass>("application/json");
        classes.MapPost("/{id:guid}/teams", Make).WithName("makeTeams").Accepts<TeamsWanted>("application/json");
        classes.MapGet("/{id:guid}/history", History).WithName("classHistory");
        classes
            .MapPut("/{id:guid}/photos", SetPhotos)
            .WithName("setPhotosOfClass")
            .Accepts<PhotosTaken>("application/json");
        classes
            .MapPut("/{id:guid}/preferences", SetPreferences)
            .WithName("setClassPreferences")
            .Accepts<Edited<ClassPreferences>>("application/json");
        classes
            .MapPost("/{id:guid}/students", AddStudent)
            .WithName("addStudent")
            .Accepts<StudentNamed>("application/json");
        classes.MapDelete("/{id:guid}", Delete).WithName("deleteClass");
        api.MapPut("/students/{id:guid}", Rename)
            .WithTags("Teams")
            .WithName("renameStudent")
            .Accepts<Edited<StudentNamed>>("application/json");
        api.MapPut("/students/{id:guid}/photos", SetStudentPhotos)
            .WithTags("Teams")
            .WithName("setPhotosOfStudent")
            .Accepts<PhotosTaken>("application/json");
        api.MapDelete("/students/{id:guid}", Remove).WithTags("Teams").WithName("removeStudent");
    }

    private static async Task<Ok<IReadOnlyList<ClassOpened>>> All(ClassRegister register, CancellationToken stop) =>
        TypedResults.Ok<IReadOnlyList<ClassOpened>>([.. (await register.All(stop)).Select(ClassOpened.Of)]);

    private static Task<Results<NoContent, Missing, Refused>> SetPhotos(
        Guid id,
        SentJson sent,
        ClassRegister register,
        CancellationToken stop
    ) => LetPhotos(sent, taken => register.SetPhotos(id, taken, stop), "class");

    private static Task<Results<NoContent, Missing, Refused>> SetStudentPhotos(
        Guid id,
        SentJson sent,
        ClassRegister register,
        CancellationToken stop
    ) => LetPhotos(sent, taken => register.SetStudentPhotos(id, taken, stop), "student");

    private static async Task<Results<NoContent, Missing, Refused>> LetPhotos(
        SentJson sent,
        Func<bool, Task<bool>> set,
        string whose
    )
    {
        var request = DocumentReader.Request<PhotosTaken>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        return await set(request.Value.Value.Taken) ? TypedResults.NoContent() : new Missing(whose);
    }

    private static async Task<Results<NoContent, Missing, Refused, ChangedMeanwhile>> SetPreferences(
        Guid id,
        SentJson sent,
        ClassRegister register,
        CancellationToken stop
    )
    {
        var request = Edited<ClassPreferences>.Read(sent);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (was, now) = request.Value;
        if (now.Problems() is { Count: > 0 } problems)
            return new Refused(problems);
        var (outcome, stands) = await register.SetPreferences(id, was, now, stop);
        return outcome switch
        {
            SaveOutcome.Saved => TypedResults.NoContent(),
            SaveOutcome.Conflict => new ChangedMeanwhile("list of preferences", Differences(stands!, now)),
            _ => new Missing("class"),
        };
    }

    private static IReadOnlyList<Difference> Differences(StoredClass stands, ClassPreferences wanted) =>
        stands
            .Preferred()
            .DifferencesTo(wanted, id =>
                stands.Students.FirstOrDefault(p => StudentId.OfClass(p.Id) == id)?.Name ?? "a deleted student"
            );

    private static Results<Ok<ClassList>, Refused> Look(SentJson sent)
    {
        var request = DocumentReader.Request<ClassListSent>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var list = ClassList.Read(
            CsvText.Rows(request.Value.Value.Text),
            request.Value.Value.Given,
            request.Value.Value.Family
        );
        return list.IsOk ? TypedResults.Ok(list.Value) : new Refused(list.Problems);
    }

    private static async Task<Results<Created<ClassOpened>, Refused>> Add(
        SentJson sent,
        ClassRegister register,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<NewClass>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var wanted = request.Value.Value;
        if (ClassList.Problems(wanted.Name, wanted.Students) is { Count: > 0 } problems)
            return new Refused(problems);
        var made = await register.Add(wanted.Name.Trim(), [.. wanted.Students.Select(p => p.Trim())], stop);
        return TypedResults.Created($"/api/classes/{made.Id}", ClassOpened.Of(made));
    }

    private static async Task<Results<Ok<TeamsWithJobs>, Missing, Refused>> Make(
        Guid id,
        SentJson sent,
        ClassRegister register,
        RallyLog log,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<TeamsWanted>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (await register.Find(id, stop) is not { } found)
            return new Missing("class");
        var wanted = request.Value.Value;
        if (await shelf.Find(wanted.Brief, stop) is not { } stored)
            return new Missing("brief");
        var brief = DocumentReader.Brief(stored.Document);
        if (!brief.IsOk)
            return new Refused(brief.Problems);
        var jobs = Jobs.Of(brief.Value.Value);
        var history = await ClassLessons.HistoryOf(found, register, log, stop);
        var here = found
            .Students.Where(p => !wanted.Absent.Contains(p.Id))
            .OrderBy(p => p.Order)
            .Select(p => new Student(StudentId.OfClass(p.Id), p.Name))
            .ToList();
        var made = TeamMaker.Make(here, wanted.Preferences with { Earlier = history.Pairs });
        if (!made.IsOk)
            return new Refused(made.Problems);
        return TypedResults.Ok(
            new TeamsWithJobs(
                made.Value,
                jobs,
                Jobs.DealInEach(made.Value.Teams, jobs, history.Jobs, wanted.Preferences.Seed),
                history.Since
            )
        );
    }

    private static async Task<Results<Ok<ClassHistory>, Missing>> History(
        Guid id,
        ClassRegister register,
        RallyLog log,
        CancellationToken stop
    ) =>
        await register.Find(id, stop) is { } found
            ? TypedResults.Ok(await ClassLessons.HistoryOf(found, register, log, stop))
            : new Missing("class");

    private static async Task<Results<Created<StudentOpened>, Missing, Refused>> AddStudent(
        Guid id,
        SentJson sent,
        ClassRegister register,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<StudentNamed>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var name = request.Value.Value.Name.Trim();
        if (ClassList.StudentProblems(name) is { Count: > 0 } problems)
            return new Refused(problems);
        return await register.AddStudent(id, name, stop) is { } made
            ? TypedResults.Created($"/api/students/{made.Id}", new StudentOpened(made.Id, made.Name))
            : new Missing("class");
    }

    private static async Task<Results<NoContent, Missing, Refused, ChangedMeanwhile>> Rename(
        Guid id,
        SentJson sent,
        ClassRegister register,
        LiveTeller live,
        CancellationToken stop
    )
    {
        var request = Edited<StudentNamed>.Read(sent);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var name = request.Value.Now.Name.Trim();
        if (ClassList.StudentProblems(name) is { Count: > 0 } problems)
            return new Refused(problems);
        var (outcome, stands) = await register.Rename(id, request.Value.Was.Name, name, stop);
        return outcome switch
        {
            SaveOutcome.Saved => await Everywhere(live),
            SaveOutcome.Conflict => new ChangedMeanwhile("name", [new("/name", "Name", stands, name)]),
            _ => new Missing("student"),
        };
    }

    private static async Task<Results<NoContent, Missing>> Remove(
        Guid id,
        ClassRegister register,
        LiveTeller live,
        CancellationToken stop
    ) => await register.Remove(id, stop) ? await Everywhere(live) : new Missing("student");

    private static async Task<Results<NoContent, Missing>> Delete(
        Guid id,
        ClassRegister register,
        LiveTeller live,
        CancellationToken stop
    ) => await register.Delete(id, stop) ? await Everywhere(live) : new Missing("class");

    /// <summary>A name that has changed or is gone does not stay on any screen.</summary>
    private static async Task<NoContent> Everywhere(LiveTeller live)
    {
        await live.TellAll();
        return TypedResults.NoContent();
    }
}

/// <summary>A class list to be looked at.</summary>
/// <param name="Text">What was pasted, or a file's text.</param>
/// <param name="Given">The column with the given name, from 0; found by its title where absent.</param>
/// <param name="Family">The column with the family name; −1 for none.</param>
public sealed record ClassListSent(string Text, int? Given = null, int? Family = null);

/// <summary>A class to be made.</summary>
public sealed record NewClass(string Name, IReadOnlyList<string> Students);

/// <summary>What a student is called: given name and initial.</summary>
public sealed record StudentNamed(string Name);

/// <summary>A student of a class.</summary>
/// <param name="Id">The student's id.</param>
/// <param name="Name">Given name and initial.</param>
/// <param name="Photos">Whether the student may be in photos.</param>
public sealed record StudentOpened(Guid Id, string Name, bool Photos = true);

/// <summary>A class with its students.</summary>
public sealed record ClassOpened(
    Guid Id,
    string Name,
    bool Photos,
    IReadOnlyList<StudentOpened> Students,
    ClassPreferences Preferences
)
{
    internal static ClassOpened Of(StoredClass stored) =>
        new(
            stored.Id,
            stored.Name,
            !stored.NoPhotos,
            [.. stored.Students.OrderBy(p => p.Order).Select(p => new StudentOpened(p.Id, p.Name, !p.NoPhotos))],
            stored.Preferred()
        );
}

/// <summary>Teams that are wanted of a class.</summary>
/// <param name="Absent">Students who are not here today.</param>
/// <param name="Preferences">What the teams should be like; whom they have worked with is known here.</param>
/// <param name="Brief">The brief that they will run: it says which jobs there are.</param>
public sealed record TeamsWanted(IReadOnlyList<Guid> Absent, TeamPreferences Preferences, BriefId Brief);

/// <summary>Teams that were made, and the jobs dealt in each.</summary>
/// <param name="Made">The teams.</param>
/// <param name="Jobs">The jobs there are.</param>
/// <param name="Dealt">For each team, in order: who has which job.</param>
/// <param name="Since">The day of the class's first rally, from which partners are counted; absent before it.</param>
public sealed record TeamsWithJobs(
    TeamsMade Made,
    IReadOnlyList<Job> Jobs,
    IReadOnlyList<IReadOnlyList<JobDealt>> Dealt,
    DateOnly? Since
);

/// <summary>Whether photos are taken in a class's rallies, or a student may be in them.</summary>
public sealed record PhotosTaken(bool Taken);
