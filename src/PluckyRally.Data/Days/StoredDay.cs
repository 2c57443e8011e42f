using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Days;

/// <summary>A fair day.</summary>
public sealed class StoredDay
{
    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>The day.</summary>
    public DateOnly Date { get; set; }

    /// <summary>The <see cref="FairDay"/> as JSON.</summary>
    public required string Document { get; set; }

    /// <summary>The same, understood; null where a newer version wrote it.</summary>
    public KeptDay? Read() =>
        DocumentReader.Request<FairDay>(Document) is { IsOk: true } read ? new(Id, read.Value.Value) : null;
}

internal sealed class StoredDayConfiguration : IEntityTypeConfiguration<StoredDay>
{
    public void Configure(EntityTypeBuilder<StoredDay> day) =>
        day.HasOne<Owner>().WithMany().HasForeignKey(d => d.OwnerId).OnDelete(DeleteBehavior.Restrict);
}
