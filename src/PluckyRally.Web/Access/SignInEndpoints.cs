using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Data.Days;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Sessions;
using PluckyRally.Web.Day;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Start;
using PluckyRally.Web.Status;

namespace PluckyRally.Web.Access;

/// <summary>The teacher comes in with a password; everybody asks who it is, and goes.</summary>
internal static class SignInEndpoints
{
    public static void MapSignIn(this IEndpointRouteBuilder api)
    {
        var access = api.MapGroup("").WithTags("Access").For(Operation.ComeIn);
        access.MapGet("/who", Who).WithName("whoAmI");
        access
            .MapPost("/sign-in", SignIn)
            .WithName("signIn")
            .Accepts<PasswordTyped>("application/json")
            .TakesAtMost(BodyLimit.Small)
            .CanBeGuessedAt();
        access
            .MapPost("/password", SetFirst)
            .WithName("setFirstPassword")
            .Accepts<PasswordTyped>("application/json")
            .TakesAtMost(BodyLimit.Small);
        access
            .MapPost("/password/strength", Strength)
            .WithName("passwordStrength")
            .Accepts<PasswordTyped>("application/json")
            .TakesAtMost(BodyLimit.Small);
        access.MapPost("/sign-out", (Delegate)SignOut).WithName("signOut");
        api.MapPut("/password", Change)
            .WithTags("Access")
            .WithName("changePassword")
            .Accepts<PasswordChange>("application/json")
            .TakesAtMost(BodyLimit.Small)
            .CanBeGuessedAt();
    }

    private static async Task<Ok<WhoAmI>> Who(
        HttpContext context,
        UserManager<Owner> owners,
        ServerSettings settings,
        PassBook book,
        DayBook days,
        CancellationToken stop
    )
    {
        var caller = Caller.Of(context.User);
        var rallies = new List<JoinedRally>();
        foreach (var rally in caller.Passes.Select(p => p.Rally).Distinct())
        {
            if (await caller.In(rally, book, stop) is var role and not CallerRole.Nobody)
                rallies.Add(new(rally, role));
        }

        var called = await book.Names([.. rallies.Select(r => r.Rally)], stop);

        return TypedResults.Ok(
            new WhoAmI(
                caller.IsTeacher
                    ? CallerRole.Teacher
                    : rallies.Select(r => r.Role).DefaultIfEmpty(CallerRole.Nobody).Max(),
                caller.IsTeacher || rallies.Count > 0 ? caller.Name : "",
                [.. rallies.Select(r => r with { Name = called.GetValueOrDefault(r.Rally, "") })],
                settings.Lan,
                await HasPassword(owners),
                AccessSetup.IsHere(context)
            )
            {
                DemoHome = settings.Home ?? "",
                Days =
                    rallies.Count == 0
                        ? []
                        :
                        [
                            .. (await days.All(stop))
                                .Where(d => d.Day.Slots.Any(s => rallies.Any(r => r.Rally == s.Rally)))
                                .Select(d => new DayListed(d.Id, d.Day.Name, d.Day.Date, d.Day.Slots.Count)),
                        ],
            }
        );
    }

    private static async Task<Results<Ok, Refused>> SignIn(
        SentJson sent,
        HttpContext context,
        UserManager<Owner> owners,
        SignInManager<Owner> signIn,
        SessionStore sessions,
        WrongGuesses guesses,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<PasswordTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var teacher = await Teacher(owners);
        var came = await signIn.CheckPasswordSignInAsync(
            teacher,
            request.Value.Value.Password,
            lockoutOnFailure: false
        );
        if (!came.Succeeded)
        {
            guesses.Add(context);
            return new Refused([
                new(
                    "/password",
                    "That is not the password.",
                    "Try again. If it is lost, see “A lost password” in the README."
                ),
            ]);
        }

        await Enter(teacher, signIn, sessions, stop);
        return TypedResults.Ok();
    }

    /// <summary>
    /// The first password is set at the computer itself, so that nobody on the network can be quicker.
    /// </summary>
    private static async Task<Results<Ok, Refused>> SetFirst(
        SentJson sent,
        HttpContext context,
        UserManager<Owner> owners,
        SignInManager<Owner> signIn,
        SessionStore sessions,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<PasswordTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (!AccessSetup.IsHere(context))
            return new Refused([
                new(
                    "/password",
                    "The first password is set at the computer that Plucky Rally runs on.",
                    "Open it there, set the password, then come back."
                ),
            ]);
        if (await HasPassword(owners))
            return new Refused([new("/password", "There is a password already.", "Sign in with it.")]);
        var teacher = await Teacher(owners);
        if (PasswordRule.Problem(request.Value.Value.Password) is { } wrong)
            return new Refused([wrong]);
        if (NotKept(await owners.AddPasswordAsync(teacher, request.Value.Value.Password), "/password") is { } lost)
            return new Refused([lost]);
        await Enter(teacher, signIn, sessions, stop);
        return TypedResults.Ok();
    }

    /// <summary>
    /// What the store of passwords says where it did not take one, for example since another window was quicker.
    /// </summary>
    private static Problem? NotKept(IdentityResult result, string at) =>
        result.Succeeded
            ? null
            : new(
                at,
                $"The password was not kept: {string.Join(" ", result.Errors.Select(e => e.Description))}",
                "Load the page again, and see whether it was set in another window."
            );

    /// <summary>Whoever comes in has a session of its own, whatever the device held before.</summary>
    private static async Task Enter(
        Owner teacher,
        SignInManager<Owner> signIn,
        SessionStore sessions,
        CancellationToken stop
    ) => await signIn.SignInWithClaimsAsync(teacher, isPersistent: true, [await sessions.Begin(teacher: true, stop)]);

    /// <summary>How hard a password is to guess, while it is chosen: for whoever may set one.</summary>
    private static Results<Ok<PasswordStrength>, Refused> Strength(SentJson sent, HttpContext context)
    {
        var request = DocumentReader.Request<PasswordTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (!AccessSetup.IsHere(context) && !Caller.Of(context.User).IsTeacher)
            return new Refused([
                new("/password", "A password is set at the computer that Plucky Rally runs on.", "Open it there."),
            ]);
        return TypedResults.Ok(new PasswordStrength(PasswordRule.Strength(request.Value.Value.Password)));
    }

    /// <summary>A new password ends the teacher's sessions on all devices; this one comes in again with it.</summary>
    private static async Task<Results<Ok, Refused>> Change(
        SentJson sent,
        UserManager<Owner> owners,
        SignInManager<Owner> signIn,
        SessionStore sessions,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<PasswordChange>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var (old, next) = (request.Value.Value.Old, request.Value.Value.New);
        var teacher = await Teacher(owners);
        if (!await owners.CheckPasswordAsync(teacher, old))
            return new Refused([new("/old", "That is not the password.", "Type the current one.")]);
        if (PasswordRule.Problem(next) is { } wrong)
            return new Refused([wrong with { At = "/new" }]);
        if (NotKept(await owners.ChangePasswordAsync(teacher, old, next), "/new") is { } lost)
            return new Refused([lost]);
        await sessions.EndTeachers(new(), stop);
        await Enter(teacher, signIn, sessions, stop);
        return TypedResults.Ok();
    }

    /// <summary>
    /// A device that speaks for a team stays the device it is, without its passes: whoever joins with it anew is the
    /// same team again.
    /// </summary>
    private static async Task<Ok> SignOut(
        HttpContext context,
        SessionStore sessions,
        SessionBook book,
        CancellationToken stop
    )
    {
        // A window of the teacher's browser lets its ticket go by itself; the teacher stays in.
        if (JudgingWindows.TicketOf(context.Request) is not null)
            return TypedResults.Ok();
        if ((await context.AuthenticateAsync(IdentityConstants.ApplicationScheme)).Principal is { } teacher)
            await sessions.End(teacher, stop);
        await context.SignOutAsync(IdentityConstants.ApplicationScheme);
        if ((await context.AuthenticateAsync(AccessSetup.PassScheme)).Principal is not { } device)
            return TypedResults.Ok();
        if (
            device.FindFirst(SessionStore.ClaimType) is { } session
            && await book.SpeaksForATeam(SessionStore.IdOf(device), stop)
        )
        {
            await context.SignInAsync(
                AccessSetup.PassScheme,
                new(new ClaimsIdentity([session], AccessSetup.PassScheme)),
                new() { IsPersistent = true }
            );
            return TypedResults.Ok();
        }

        await sessions.End(device, stop);
        await context.SignOutAsync(AccessSetup.PassScheme);
        return TypedResults.Ok();
    }

    private static async Task<Owner> Teacher(UserManager<Owner> owners) =>
        (await owners.FindByIdAsync(Owner.LocalTeacher.ToString()))!;

    private static async Task<bool> HasPassword(UserManager<Owner> owners) =>
        await owners.HasPasswordAsync(await Teacher(owners));
}

/// <summary>A password as it was typed.</summary>
public sealed record PasswordTyped(string Password);

/// <summary>How hard a password is to guess.</summary>
/// <param name="Strength">From 0, at once, to 4, hardly ever.</param>
public sealed record PasswordStrength(int Strength);

/// <summary>The teacher's password, and the one that it shall be from now on.</summary>
public sealed record PasswordChange(string Old, string New);

/// <summary>Who this device is to the server.</summary>
/// <param name="Role">The most that it may do anywhere.</param>
/// <param name="Name">What entries say of who wrote them.</param>
/// <param name="Rallies">The rallies that it was let into with a pass.</param>
/// <param name="Lan">Whether the classroom's devices are let in at all.</param>
/// <param name="HasPassword">Whether the teacher has set a password.</param>
/// <param name="Here">Whether this is the computer that the server runs on.</param>
public sealed record WhoAmI(
    CallerRole Role,
    string Name,
    IReadOnlyList<JoinedRally> Rallies,
    bool Lan,
    bool HasPassword,
    bool Here
)
{
    /// <summary>In a demo that was started beside somebody's own data: where that is; empty otherwise.</summary>
    public string DemoHome { get; init; } = "";

    /// <summary>The fair days of those rallies.</summary>
    public IReadOnlyList<DayListed> Days { get; init; } = [];
}
