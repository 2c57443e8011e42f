using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Kit;

/// <summary>Something that a rally took out of the cupboard, and what of it came back.</summary>
public sealed class StoredStockMove
{
    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>What names have in common that mean the same thing.</summary>
    public required string Key { get; init; }

    /// <summary>What it is.</summary>
    public required string Name { get; init; }

    /// <summary>Its unit; empty for pieces.</summary>
    public required string Unit { get; init; }

    /// <summary>How much was taken out.</summary>
    public decimal Taken { get; init; }

    /// <summary>How much came back; null while the rally still has it.</summary>
    public decimal? Back { get; set; }
}

internal sealed class StoredStockMoveConfiguration : IEntityTypeConfiguration<StoredStockMove>
{
    public void Configure(EntityTypeBuilder<StoredStockMove> move)
    {
        move.HasKey(m => new { m.RallyId, m.Key });
        move.HasOne<StoredRally>().WithMany().HasForeignKey(m => m.RallyId).OnDelete(DeleteBehavior.Cascade);
    }
}
