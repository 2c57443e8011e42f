using System.Security.Claims;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web.Access;

/// <summary>A pass that a device holds.</summary>
/// <param name="Pass">The pass.</param>
/// <param name="Rally">The rally that it is for.</param>
/// <param name="Kind">What it lets its holder do.</param>
internal sealed record HeldPass(Guid Pass, RallyId Rally, PassKind Kind)
{
    public const string ClaimType = "pass";

    public Claim AsClaim() => new(ClaimType, $"{Pass}/{Rally}/{Kind}");

    public static HeldPass Read(Claim claim) =>
        claim.Value.Split('/') is [var pass, var rally, var kind]
            ? new(Guid.Parse(pass), new(Guid.Parse(rally)), Enum.Parse<PassKind>(kind))
            : throw new FormatException("The claim is not a pass.");
}

/// <summary>Who asks.</summary>
/// <param name="IsTeacher">Whether it is the teacher.</param>
/// <param name="Name">What entries say of who wrote them.</param>
/// <param name="Passes">The passes that this device holds; each may have been ended meanwhile.</param>
/// <param name="Session">The session that it has; empty for the teacher alone at this computer.</param>
internal sealed record Caller(bool IsTeacher, string Name, IReadOnlyList<HeldPass> Passes, string Session)
{
    /// <summary>What entries say that the teacher wrote. Nobody else may go by it.</summary>
    public const string Teacher = Writers.Teacher;

    /// <summary>What entries say that came from a device of a team; which team stands in each.</summary>
    public const string Team = Writers.Team;

    public static Caller Of(ClaimsPrincipal user) =>
        new(
            user.Identities.Any(i => i.IsAuthenticated && i.AuthenticationType is not AccessSetup.PassScheme),
            user.Identity?.AuthenticationType == AccessSetup.PassScheme ? user.Identity.Name ?? "Judge" : Teacher,
            [.. user.FindAll(HeldPass.ClaimType).Select(HeldPass.Read)],
            SessionStore.IdOf(user)
        );

    /// <summary>What a pass lets its holder do.</summary>
    public static CallerRole Of(PassKind kind) =>
        kind switch
        {
            PassKind.Judge => CallerRole.Judge,
            PassKind.Helper => CallerRole.Helper,
            PassKind.Team => CallerRole.Team,
            PassKind.Wall => CallerRole.Wall,
        };

    /// <summary>Whether the passes of the caller make it a team, and no judge, in the rally of this id.</summary>
    public bool IsTeamIn(object? rally) =>
        !IsTeacher
        && RallyId.TryParse(rally?.ToString(), null, out var id)
        && Passes.Where(p => p.Rally == id).Select(p => Of(p.Kind)).DefaultIfEmpty().Max() == CallerRole.Team;

    /// <summary>What the caller is in a rally: the most that a pass that is still good makes it.</summary>
    public async Task<CallerRole> In(RallyId rally, PassBook book, CancellationToken stop) =>
        (await StandingIn(rally, book, stop)).Role;

    /// <summary>The same with the pass that makes it so; without one for the teacher and for strangers.</summary>
    public async Task<(CallerRole Role, Guid? Pass)> StandingIn(RallyId rally, PassBook book, CancellationToken stop)
    {
        if (IsTeacher)
            return (CallerRole.Teacher, null);
        foreach (
            var (pass, role) in Passes
                .Where(p => p.Rally == rally)
                .Select(p => (p.Pass, Role: Of(p.Kind)))
                .OrderByDescending(p => p.Role)
        )
        {
            if (await book.IsGood(pass, stop))
                return (role, pass);
        }

        return (CallerRole.Nobody, null);
    }
}
