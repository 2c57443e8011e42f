using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Rallies;

internal sealed class StoredRallyConfiguration
    : IEntityTypeConfiguration<StoredRally>,
        IEntityTypeConfiguration<StoredTeam>,
        IEntityTypeConfiguration<StoredEntry>
{
    public void Configure(EntityTypeBuilder<StoredRally> rally)
    {
        rally.HasOne<Owner>().WithMany().HasForeignKey(r => r.OwnerId).OnDelete(DeleteBehavior.Restrict);
        rally.HasOne<StoredBrief>().WithMany().HasForeignKey(r => r.BriefId).OnDelete(DeleteBehavior.SetNull);
        rally.HasMany(r => r.Teams).WithOne().HasForeignKey(t => t.RallyId).OnDelete(DeleteBehavior.Cascade);
        rally.Property(r => r.Name).HasMaxLength(Limits.Name);
        rally.Property(r => r.Archived).HasColumnName("PutAway");
        rally.HasQueryFilter(r => r.DeletedAt == null);
        rally.HasIndex(r => new { r.OwnerId, r.MadeAt });
    }

    public void Configure(EntityTypeBuilder<StoredTeam> team)
    {
        team.HasKey(t => new { t.RallyId, t.Id });
        team.Property(t => t.Name).HasMaxLength(Limits.Name);
        team.Property(t => t.ShortCode).HasColumnName("CallSign");
    }

    public void Configure(EntityTypeBuilder<StoredEntry> entry)
    {
        entry.HasKey(e => e.Sequence);
        entry.Property(e => e.Sequence).ValueGeneratedOnAdd();
        entry.HasOne<StoredRally>().WithMany().HasForeignKey(e => e.RallyId).OnDelete(DeleteBehavior.Cascade);

        // This is what makes sending an entry twice change nothing.
        entry.HasIndex(e => new { e.RallyId, e.EntryId }).IsUnique();
    }
}
