using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Days;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Status;

namespace PluckyRally.Web.Access;

/// <summary>Others than the teacher come in with a code: judges, teams, walls.</summary>
internal static class JoinEndpoints
{
    public static void MapJoin(this IEndpointRouteBuilder api)
    {
        var access = api.MapGroup("").WithTags("Access").For(Operation.ComeIn);
        access
            .MapPost("/join", Join)
            .WithName("join")
            .Accepts<CodeTyped>("application/json")
            .TakesAtMost(BodyLimit.Small)
            .CanBeGuessedAt();
    }

    /// <summary>A device may hold passes of several rallies at once.</summary>
    private static async Task<Results<Ok<JoinedRally>, Refused>> Join(
        SentJson sent,
        HttpContext context,
        PassBook book,
        SessionBook names,
        SessionStore sessions,
        JudgingWindows windows,
        DayBook days,
        WrongGuesses guesses,
        ILogger<SessionStore> logger,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CodeTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (code, name) = (request.Value.Value.Code, request.Value.Value.Name.Trim());
        if (await book.Find(code, stop) is not [var pass, ..] passes)
        {
            guesses.Add(context);
            return new Refused([
                new(
                    "/code",
                    "No rally has this code.",
                    "Check the code; it may have been ended. The teacher can show it under Judges."
                ),
            ]);
        }

        if (pass.Kind.IsNamed() && name.Length is 0 or > 40)
            return new Refused([
                new(
                    "/name",
                    "Your name is missing.",
                    "Type a name for the log, for example a first name; at most 40 characters."
                ),
            ]);
        // A window of the teacher's own browser becomes the judge's or the team's; the others stay the teacher's. A
        // wall that the teacher opens changes nobody.
        var ofTeacher = Caller.Of(context.User).IsTeacher || JudgingWindows.TicketOf(context.Request) is not null;
        if (ofTeacher && pass.Kind == PassKind.Wall)
            return TypedResults.Ok(new JoinedRally(pass.RallyId, CallerRole.Wall));
        var device = (await context.AuthenticateAsync(AccessSetup.PassScheme)).Principal;
        foreach (var one in passes.Where(p => p.Kind.IsNamed()))
            if (await NameProblem(one.RallyId, name, request.Value.Value.Same, device, names, stop) is { } taken)
                return new Refused([taken]);

        // A device keeps its session when another judge takes it over: what waits on it is still that device's.
        var session = device?.FindFirst(SessionStore.ClaimType) ?? await sessions.Begin(teacher: false, stop);
        var before = ofTeacher ? await windows.Of(context.Request, stop) : device;
        var principal = new ClaimsPrincipal(Identity(passes, name, session, before));
        await context.SignInAsync(
            AccessSetup.PassScheme,
            ofTeacher ? new(new ClaimsIdentity([session], AccessSetup.PassScheme)) : principal,
            new() { IsPersistent = true }
        );
        foreach (var one in passes)
        {
            if (one.Kind.IsNamed())
                await names.Hold(one.RallyId, one.Id, name, SessionStore.IdOf(principal), stop);
            LogMessages.Joined(logger, one.RallyId);
        }

        // A code that opens several rallies of a fair day leads to the page of that day.
        var day =
            passes.Count < 2
                ? null
                : (await days.All(stop)).FirstOrDefault(d =>
                    passes.Count(p => d.Day.Slots.Any(s => s.Rally == p.RallyId)) > 1
                );
        return TypedResults.Ok(
            new JoinedRally(pass.RallyId, Caller.Of(pass.Kind))
            {
                Day = day?.Id,
                Window = ofTeacher ? windows.Write(principal) : null,
            }
        );
    }

    /// <summary>Who comes in: with the passes that were held before, and those of the code.</summary>
    private static ClaimsIdentity Identity(
        IReadOnlyList<StoredPass> passes,
        string name,
        Claim session,
        ClaimsPrincipal? before
    )
    {
        var others = before is { } known
            ? Caller.Of(known).Passes.Where(p => passes.All(now => now.Id != p.Pass)).ToList()
            : [];

        // Whoever judges elsewhere with this device goes on under that name.
        var nameless = passes[0].Kind == PassKind.Team && !others.Any(p => p.Kind.IsNamed());
        var called =
            nameless ? Caller.Team
            : name.Length > 0 ? name
            : before?.Identity?.Name ?? "Wall";
        return new(
            [
                new(ClaimTypes.Name, called),
                session,
                .. others
                    .Concat(passes.Select(p => new HeldPass(p.Id, p.RallyId, p.Kind)))
                    .TakeLast(NewPass.Most)
                    .Select(p => p.AsClaim()),
            ],
            AccessSetup.PassScheme
        );
    }

    /// <summary>Nobody is taken for somebody else without being told.</summary>
    private static async Task<Problem?> NameProblem(
        RallyId rally,
        string name,
        bool same,
        ClaimsPrincipal? device,
        SessionBook sessions,
        CancellationToken stop
    )
    {
        if (Writers.NotOneself(name, "/name") is { } wrong)
            return wrong;
        var session = device is null ? "" : SessionStore.IdOf(device);
        return !same && await sessions.IsTaken(rally, name, session, stop)
            ? new(
                "/same",
                $"Another device judges here as {name}.",
                "If that is you too, say so. If not, use another name, so that the log tells you apart."
            )
            : null;
    }
}

/// <summary>A code as it was typed or came with a link.</summary>
/// <param name="Code">The code.</param>
/// <param name="Name">For a judge: what the log shall say.</param>
/// <param name="Same">Whether somebody with this name on another device is the same person.</param>
public sealed record CodeTyped(string Code, string Name = "", bool Same = false);

/// <summary>A rally that a device was let into.</summary>
/// <param name="Rally">The rally.</param>
/// <param name="Role">What it may do there.</param>
public sealed record JoinedRally(RallyId Rally, CallerRole Role)
{
    /// <summary>What it is called, where one is asked who one is.</summary>
    public string Name { get; init; } = "";

    /// <summary>The fair day that the code was made for; absent where it was made for none.</summary>
    public Guid? Day { get; init; }

    /// <summary>
    /// What this window sends as a bearer token from now on, so that it is the judge's; only in the teacher's own
    /// browser, whose other windows stay the teacher's.
    /// </summary>
    public string? Window { get; init; }
}
