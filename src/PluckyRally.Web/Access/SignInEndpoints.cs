using System.Security.Claims;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using PluckyRally.Core;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web;

/// <summary>Coming in: the teacher with a password, others with a pass.</summary>
internal static class SignInEndpoints
{
    public static void MapSignIn(this IEndpointRouteBuilder api)
    {
        var access = api.MapGroup("").WithTags("Access").AllowAnonymous();
        access.MapGet("/who", Who).WithName("whoAmI");
        access.MapPost("/sign-in", SignIn).WithName("signIn").Accepts<PasswordTyped>("application/json").RequireRateLimiting(AccessSetup.Guessing);
        access.MapPost("/password", SetFirst).WithName("setFirstPassword").Accepts<PasswordTyped>("application/json");
        access.MapPost("/join", Join).WithName("join").Accepts<CodeTyped>("application/json").RequireRateLimiting(AccessSetup.Guessing);
        access.MapPost("/sign-out", (Delegate)SignOut).WithName("signOut");
    }

    private static async Task<Ok<WhoAmI>> Who(HttpContext context, UserManager<Owner> owners, ServerSettings settings, PassBook book, CancellationToken stop)
    {
        var caller = Caller.Of(context.User);
        var rallies = new List<JoinedRally>();
        foreach (var rally in caller.Passes.Select(p => p.Rally).Distinct())
        {
            if (await caller.In(rally, book, stop) is var role and not CallerRole.Nobody) rallies.Add(new(rally, role));
        }

        return TypedResults.Ok(new WhoAmI(
            caller.IsTeacher ? CallerRole.Teacher : rallies.Select(r => r.Role).DefaultIfEmpty(CallerRole.Nobody).Max(),
            caller.IsTeacher || rallies.Count > 0 ? caller.Name : "",
            rallies,
            settings.Lan,
            await HasPassword(owners),
            AccessSetup.IsHere(context)));
    }

    private static async Task<Results<Ok, Refused>> SignIn(SentJson sent, UserManager<Owner> owners, SignInManager<Owner> signIn)
    {
        var request = DocumentReader.Request<PasswordTyped>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        var came = await signIn.PasswordSignInAsync(await Teacher(owners), request.Value.Value.Password, isPersistent: true, lockoutOnFailure: false);
        return came.Succeeded ? TypedResults.Ok() : new Refused([new("/password", "This is not the password.", "Try again. If it is lost, see “A lost password” in the README.")]);
    }

    /// <summary>The first password is set at the computer itself, so that nobody on the network can be quicker.</summary>
    private static async Task<Results<Ok, Refused>> SetFirst(SentJson sent, HttpContext context, UserManager<Owner> owners, SignInManager<Owner> signIn)
    {
        var request = DocumentReader.Request<PasswordTyped>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        if (!AccessSetup.IsHere(context)) return new Refused([new("/password", "The first password is set at the computer that Plucky Rally runs on.", "Open it there, set the password, then come back.")]);
        if (await HasPassword(owners)) return new Refused([new("/password", "There is a password already.", "Sign in with it.")]);
        var teacher = await Teacher(owners);
        var set = await owners.AddPasswordAsync(teacher, request.Value.Value.Password);
        if (!set.Succeeded) return new Refused([new("/password", "This password is too short.", $"Use at least {AccessSetup.ShortestPassword} characters; a few words are easy to remember.")]);
        await signIn.SignInAsync(teacher, isPersistent: true);
        return TypedResults.Ok();
    }

    /// <summary>A device may hold passes of several rallies at once.</summary>
    private static async Task<Results<Ok<JoinedRally>, Refused>> Join(SentJson sent, HttpContext context, PassBook book, CancellationToken stop)
    {
        var request = DocumentReader.Request<CodeTyped>(sent.Text);
        if (!request.IsOk) return new Refused(request.Problems);
        var (code, name) = (request.Value.Value.Code, request.Value.Value.Name.Trim());
        if (await book.Find(code, stop) is not { } pass) return new Refused([new("/code", "No rally has this code.", "Look at the code again; it may have been ended. The teacher can show it under Judges.")]);
        if (pass.Kind == PassKind.Judge && name.Length is 0 or > 40) return new Refused([new("/name", "The judge needs a name.", "Type what the log shall say, for example a first name; at most 40 characters.")]);
        var held = new HeldPass(pass.Id, pass.RallyId, pass.Kind);
        var before = await context.AuthenticateAsync(AccessSetup.PassScheme);
        var others = before.Principal is { } known ? Caller.Of(known).Passes.Where(p => p.Pass != pass.Id) : [];
        var identity = new ClaimsIdentity(AccessSetup.PassScheme);
        identity.AddClaim(new(ClaimTypes.Name, name.Length > 0 ? name : before.Principal?.Identity?.Name ?? "Wall"));
        foreach (var one in others.TakeLast(9).Append(held)) identity.AddClaim(one.AsClaim());
        await context.SignInAsync(AccessSetup.PassScheme, new(identity), new() { IsPersistent = true });
        return TypedResults.Ok(new JoinedRally(pass.RallyId, pass.Kind == PassKind.Judge ? CallerRole.Judge : CallerRole.Wall));
    }

    private static async Task<Ok> SignOut(HttpContext context)
    {
        await context.SignOutAsync(IdentityConstants.ApplicationScheme);
        await context.SignOutAsync(AccessSetup.PassScheme);
        return TypedResults.Ok();
    }

    private static async Task<Owner> Teacher(UserManager<Owner> owners) => (await owners.FindByIdAsync(Owner.LocalTeacher.ToString()))!;

    private static async Task<bool> HasPassword(UserManager<Owner> owners) => await owners.HasPasswordAsync(await Teacher(owners));
}

/// <summary>A password as it was typed.</summary>
public sealed record PasswordTyped(string Password);

/// <summary>A code as it was typed or came with a link.</summary>
/// <param name="Code">The code.</param>
/// <param name="Name">For a judge: what the log shall say.</param>
public sealed record CodeTyped(string Code, string Name = "");

/// <summary>A rally that a device was let into.</summary>
/// <param name="Rally">The rally.</param>
/// <param name="Role">What it may do there.</param>
public sealed record JoinedRally(Guid Rally, CallerRole Role);

/// <summary>Who this device is to the server.</summary>
/// <param name="Role">The most that it may do anywhere.</param>
/// <param name="Name">What entries say of who wrote them.</param>
/// <param name="Rallies">The rallies that it was let into with a pass.</param>
/// <param name="Lan">Whether the classroom's devices are let in at all.</param>
/// <param name="HasPassword">Whether the teacher has set a password.</param>
/// <param name="Here">Whether this is the computer that the server runs on.</param>
public sealed record WhoAmI(CallerRole Role, string Name, IReadOnlyList<JoinedRally> Rallies, bool Lan, bool HasPassword, bool Here);
