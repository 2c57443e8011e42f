using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Sessions;

/// <summary>A device that is signed in or was let in. Its cookie is good for as long as this row is there.</summary>
public sealed class StoredSession
{
    /// <summary>The key's SHA-256, so that whoever reads the file cannot come in with it.</summary>
    public required string Id { get; init; }

    /// <summary>Whether it is the teacher's.</summary>
    public bool Teacher { get; init; }

    /// <summary>When it ends by itself.</summary>
    public DateTimeOffset ExpiresAt { get; set; }
}

/// <summary>A judge's name in a rally, held by a device.</summary>
public sealed class StoredJudgeName
{
    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>What names have in common that are read as the same.</summary>
    public required string Key { get; init; }

    /// <summary>The device that holds it: the id of its session.</summary>
    public required string SessionId { get; init; }

    /// <summary>The pass that it came in with; the name is in use while this is good.</summary>
    public Guid PassId { get; set; }

    /// <summary>The name as it was typed.</summary>
    public required string Name { get; set; }
}

/// <summary>The team of a rally that a device speaks for: the one that it said at first.</summary>
public sealed class StoredTeamDevice
{
    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>The device: the id of its session.</summary>
    public required string SessionId { get; init; }

    /// <summary>The team's id within the rally.</summary>
    public required TeamId TeamId { get; init; }
}

internal sealed class StoredSessionConfiguration
    : IEntityTypeConfiguration<StoredSession>,
        IEntityTypeConfiguration<StoredJudgeName>,
        IEntityTypeConfiguration<StoredTeamDevice>
{
    public void Configure(EntityTypeBuilder<StoredSession> session) => session.Property(s => s.Id).HasMaxLength(64);

    public void Configure(EntityTypeBuilder<StoredJudgeName> name)
    {
        name.HasKey(n => new
        {
            n.RallyId,
            n.Key,
            n.SessionId,
        });
        name.HasOne<StoredSession>().WithMany().HasForeignKey(n => n.SessionId).OnDelete(DeleteBehavior.Cascade);
    }

    public void Configure(EntityTypeBuilder<StoredTeamDevice> device)
    {
        device.ToTable("TeamVoices");
        device.HasKey(v => new { v.RallyId, v.SessionId });
        device.HasOne<StoredSession>().WithMany().HasForeignKey(v => v.SessionId).OnDelete(DeleteBehavior.Cascade);
        device.HasOne<StoredRally>().WithMany().HasForeignKey(v => v.RallyId).OnDelete(DeleteBehavior.Cascade);
    }
}
