using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Briefs;

internal sealed class StoredBriefConfiguration : IEntityTypeConfiguration<StoredBrief>
{
    public void Configure(EntityTypeBuilder<StoredBrief> brief)
    {
        brief.HasOne<Owner>().WithMany().HasForeignKey(b => b.OwnerId).OnDelete(DeleteBehavior.Restrict);
        brief.Property(b => b.Revision).IsConcurrencyToken();
        brief.Property(b => b.Title).HasMaxLength(Limits.Name);
        brief
            .Property(b => b.Season)
            .HasConversion(season => season.ToString(), text => WordOr(text, Season.Any))
            .HasMaxLength(20);
        brief
            .Property(b => b.Pattern)
            .HasConversion(pattern => pattern.ToString(), text => WordOr(text, Pattern.Blank))
            .HasMaxLength(40);
        brief.HasQueryFilter(b => b.DeletedAt == null);
        brief.HasIndex(b => new { b.OwnerId, b.ChangedAt });
    }

    /// <summary>A word that a newer version wrote must not close the shelf.</summary>
    private static T WordOr<T>(string text, T usual)
        where T : struct, Enum => Enum.TryParse<T>(text, out var word) && Enum.IsDefined(word) ? word : usual;
}
