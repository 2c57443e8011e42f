namespace PluckyRally.Data.Owners;

/// <summary>Somebody to whom briefs and rallies belong. For now there is one, the teacher at this computer.</summary>
public sealed class Owner
{
    /// <summary>The teacher at this computer.</summary>
    public static readonly Guid LocalTeacher = new("01900000-0000-7000-8000-000000000001");

    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>What entries say of who wrote them.</summary>
    public required string Name { get; init; }
}
