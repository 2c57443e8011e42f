using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Briefs;

internal sealed class StoredBriefConfiguration : IEntityTypeConfiguration<StoredBrief>
{
    public void Configure(EntityTypeBuilder<StoredBrief> brief)
    {
        brief.HasOne<Owner>().WithMany().HasForeignKey(b => b.OwnerId).OnDelete(DeleteBehavior.Restrict);
        brief.Property(b => b.Revision).IsConcurrencyToken();
        brief.Property(b => b.Title).HasMaxLength(Most.Name);
        brief.Property(b => b.Season).HasConversion<string>().HasMaxLength(20);
        brief.Property(b => b.Pattern).HasConversion<string>().HasMaxLength(40);
        brief.HasIndex(b => new { b.OwnerId, b.ChangedAt });
    }
}
