using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Passes;

/// <summary>What a pass lets its holder do.</summary>
public enum PassKind
{
    /// <summary>Record in one rally.</summary>
    Judge,

    /// <summary>Show one rally on a wall.</summary>
    Wall,

    /// <summary>Say what a team has to say in the talk after a round.</summary>
    Team,

    /// <summary>Help at a table of a fair day.</summary>
    Helper,
}

/// <summary>What differs from kind to kind.</summary>
public static class PassKinds
{
    /// <summary>Whether its holder gives a name, since what is recorded says who recorded it.</summary>
    public static bool IsNamed(this PassKind kind) => kind is PassKind.Judge or PassKind.Helper;
}

/// <summary>
/// Lets a device into a rally until it is ended. A code that opens several rallies is a pass for each of them.
/// </summary>
public sealed class StoredPass
{
    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>What it lets its holder do.</summary>
    public PassKind Kind { get; init; }

    /// <summary>What is typed, or stands in the link: short for a judge, long for a wall.</summary>
    public required string Code { get; init; }

    /// <summary>When it was made.</summary>
    public DateTimeOffset MadeAt { get; init; }

    /// <summary>When it was ended; null while it is good.</summary>
    public DateTimeOffset? EndedAt { get; set; }
}

internal sealed class StoredPassConfiguration : IEntityTypeConfiguration<StoredPass>
{
    public void Configure(EntityTypeBuilder<StoredPass> pass)
    {
        pass.HasOne<StoredRally>().WithMany().HasForeignKey(p => p.RallyId).OnDelete(DeleteBehavior.Cascade);
        pass.HasIndex(p => new { p.Code, p.RallyId }).IsUnique();
    }
}
