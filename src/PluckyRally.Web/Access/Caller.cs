using System.Security.Claims;
using PluckyRally.Data.Passes;

namespace PluckyRally.Web;

/// <summary>What somebody may do here.</summary>
public enum CallerRole
{
    /// <summary>Nothing.</summary>
    Nobody,

    /// <summary>Show one rally on a wall.</summary>
    Wall,

    /// <summary>Speak for a team in the talk of one rally.</summary>
    Team,

    /// <summary>Record in one rally.</summary>
    Judge,

    /// <summary>Everything.</summary>
    Teacher,
}

/// <summary>A pass that a device holds.</summary>
/// <param name="Pass">The pass.</param>
/// <param name="Rally">The rally that it is for.</param>
/// <param name="Kind">What it lets its holder do.</param>
internal sealed record HeldPass(Guid Pass, Guid Rally, PassKind Kind)
{
    public const string ClaimType = "pass";

    public Claim AsClaim() => new(ClaimType, $"{Pass}/{Rally}/{Kind}");

    public static HeldPass Read(Claim claim) =>
        claim.Value.Split('/') is [var pass, var rally, var kind]
            ? new(Guid.Parse(pass), Guid.Parse(rally), Enum.Parse<PassKind>(kind))
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
    public const string Teacher = "Teacher";

    /// <summary>What entries say that came from a device of a team; which team stands in each.</summary>
    public const string Team = "A team";

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
            PassKind.Team => CallerRole.Team,
            PassKind.Wall => CallerRole.Wall,
        };

    /// <summary>What the caller may do in a rally: the most that a pass that is still good lets it.</summary>
    public async Task<CallerRole> In(Guid rally, PassBook book, CancellationToken stop)
    {
        if (IsTeacher)
            return CallerRole.Teacher;
        foreach (
            var (pass, role) in Passes
                .Where(p => p.Rally == rally)
                .Select(p => (p.Pass, Role: Of(p.Kind)))
                .OrderByDescending(p => p.Role)
        )
        {
            if (await book.IsGood(pass, stop))
                return role;
        }

        return CallerRole.Nobody;
    }
}
