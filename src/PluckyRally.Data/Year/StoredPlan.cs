using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Time;
using PluckyRally.Data.Briefs;

namespace PluckyRally.Data.Year;

/// <summary>A brief with its place in the year.</summary>
public sealed class StoredPlan
{
    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>The brief.</summary>
    public BriefId BriefId { get; set; }

    /// <summary>The day, or a day of the week.</summary>
    public DateOnly Date { get; set; }

    /// <summary>Whether it is that week.</summary>
    public bool WholeWeek { get; set; }

    /// <summary>For whom.</summary>
    public required string For { get; set; }

    /// <summary>The same as the core has it.</summary>
    public BriefPlan Plan =>
        new()
        {
            Brief = BriefId,
            Date = Date,
            WholeWeek = WholeWeek,
            For = For,
        };
}

internal sealed class StoredPlanConfiguration : IEntityTypeConfiguration<StoredPlan>
{
    public void Configure(EntityTypeBuilder<StoredPlan> plan)
    {
        plan.HasOne<StoredBrief>().WithMany().HasForeignKey(p => p.BriefId).OnDelete(DeleteBehavior.Cascade);
        plan.Property(p => p.For).HasMaxLength(Limits.Name);
        plan.HasIndex(p => p.Date);
        plan.Ignore(p => p.Plan);
    }
}
