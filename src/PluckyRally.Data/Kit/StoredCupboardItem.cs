using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Kit;

/// <summary>Something in a teacher's cupboard.</summary>
public sealed class StoredCupboardItem
{
    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>What names have in common that mean the same thing.</summary>
    public required string Key { get; init; }

    /// <summary>What it is.</summary>
    public required string Name { get; set; }

    /// <summary>Its unit; empty for pieces.</summary>
    public required string Unit { get; set; }

    /// <summary>How much there is.</summary>
    public decimal Amount { get; set; }
}

internal sealed class StoredCupboardItemConfiguration : IEntityTypeConfiguration<StoredCupboardItem>
{
    public void Configure(EntityTypeBuilder<StoredCupboardItem> item)
    {
        item.HasKey(i => new { i.OwnerId, i.Key });
        item.HasOne<Owner>().WithMany().HasForeignKey(i => i.OwnerId).OnDelete(DeleteBehavior.Restrict);
        item.Property(i => i.Name).HasMaxLength(Limits.Name);
    }
}
