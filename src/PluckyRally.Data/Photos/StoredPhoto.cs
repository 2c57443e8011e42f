using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Photos;

/// <summary>A photo of a team's work: who and when. The picture itself is a file beside the data file.</summary>
public sealed class StoredPhoto
{
    /// <summary>Its id, and the file's name.</summary>
    public Guid Id { get; init; }

    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>The team's id within the rally.</summary>
    public required TeamId TeamId { get; init; }

    /// <summary>The round, from 1.</summary>
    public int Round { get; init; }

    /// <summary>Width in pixels.</summary>
    public int Width { get; init; }

    /// <summary>Height in pixels.</summary>
    public int Height { get; init; }

    /// <summary>Who took it.</summary>
    public required string By { get; init; }

    /// <summary>When it was received.</summary>
    public DateTimeOffset At { get; init; }

    /// <summary>When it was deleted; it is gone for good some time later. Null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}

internal sealed class StoredPhotoConfiguration : IEntityTypeConfiguration<StoredPhoto>
{
    public void Configure(EntityTypeBuilder<StoredPhoto> photo)
    {
        photo.HasOne<StoredRally>().WithMany().HasForeignKey(p => p.RallyId).OnDelete(DeleteBehavior.Cascade);
        photo.HasQueryFilter(p => p.DeletedAt == null);
        photo.Property(p => p.By).HasMaxLength(Limits.Name);
    }
}
