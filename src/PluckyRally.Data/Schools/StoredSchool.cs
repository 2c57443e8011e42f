using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Time;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Schools;

/// <summary>What is the school's own.</summary>
public sealed class StoredSchool
{
    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The <see cref="School"/> as JSON.</summary>
    public required string Document { get; set; }

    /// <summary>The same, understood; null where a newer version wrote it.</summary>
    public School? Read() => DocumentReader.Request<School>(Document) is { IsOk: true } read ? read.Value.Value : null;
}

internal sealed class StoredSchoolConfiguration : IEntityTypeConfiguration<StoredSchool>
{
    public void Configure(EntityTypeBuilder<StoredSchool> school)
    {
        school.HasKey(s => s.OwnerId);
        school.HasOne<Owner>().WithOne().HasForeignKey<StoredSchool>(s => s.OwnerId).OnDelete(DeleteBehavior.Restrict);
    }
}
