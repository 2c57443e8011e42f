using Microsoft.AspNetCore.Identity;

namespace PluckyRally.Data.Owners;

/// <summary>
/// Somebody to whom briefs and rallies belong, and who signs in. For now there is one, the teacher of this computer.
/// </summary>
public sealed class Owner : IdentityUser<Guid>
{
    /// <summary>The teacher of this computer.</summary>
    public static readonly Guid LocalTeacher = new("01900000-0000-7000-8000-000000000001");

    /// <summary>What entries say of who wrote them.</summary>
    public required string Name { get; init; }
}
