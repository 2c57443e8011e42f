using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Briefs;

/// <summary>A brief as it stood earlier.</summary>
public sealed class StoredVersion
{
    /// <summary>The brief.</summary>
    public BriefId BriefId { get; init; }

    /// <summary>The save that made it.</summary>
    public int Revision { get; init; }

    /// <summary>The brief in the open format.</summary>
    public required string Document { get; init; }

    /// <summary>What it was called.</summary>
    public required string Title { get; init; }

    /// <summary>When it was saved.</summary>
    public DateTimeOffset SavedAt { get; init; }
}

internal sealed class StoredVersionConfiguration : IEntityTypeConfiguration<StoredVersion>
{
    public void Configure(EntityTypeBuilder<StoredVersion> version)
    {
        version.HasKey(v => new { v.BriefId, v.Revision });
        version.HasOne<StoredBrief>().WithMany().HasForeignKey(v => v.BriefId).OnDelete(DeleteBehavior.Cascade);
    }
}
