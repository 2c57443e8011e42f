using System.Globalization;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Classes;

/// <summary>A class.</summary>
public sealed class StoredClass
{
    /// <summary>Its id.</summary>
    public Guid Id { get; init; }

    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>What it is called.</summary>
    public required string Name { get; set; }

    /// <summary>Whether no photos are taken in its rallies.</summary>
    public bool NoPhotos { get; set; }

    /// <summary>
    /// Who should be together, apart or spread over the teams, as JSON; empty where nothing is preferred.
    /// </summary>
    public string Preferences { get; set; } = "";

    /// <summary>The same, understood; none where a newer version wrote them.</summary>
    public ClassPreferences Preferred()
    {
        if (Preferences.Length == 0)
            return ClassPreferences.None;
        var read = DocumentReader.Request<ClassPreferences>(Preferences);
        return read.IsOk ? read.Value.Value : ClassPreferences.None;
    }

    /// <summary>When it was deleted; it is gone for good some time later. Null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    /// <summary>Its students.</summary>
    public List<StoredStudent> Students { get; init; } = [];
}

/// <summary>A student: a given name and an initial, and nothing else.</summary>
public sealed class StoredStudent
{
    /// <summary>The student's id.</summary>
    public Guid Id { get; init; }

    /// <summary>The class.</summary>
    public Guid ClassId { get; init; }

    /// <summary>Given name and initial.</summary>
    public required string Name { get; set; }

    /// <summary>The place in the list.</summary>
    public int Order { get; init; }

    /// <summary>Whether the student may not be in photos.</summary>
    public bool NoPhotos { get; set; }

    /// <summary>When the student was entered: an id of version 7 begins with it; null for another one.</summary>
    public DateTimeOffset? EnteredAt =>
        Id.Version == 7
            ? DateTimeOffset.FromUnixTimeMilliseconds(
                long.Parse(Id.ToString("N")[..12], NumberStyles.HexNumber, CultureInfo.InvariantCulture)
            )
            : null;

    /// <summary>When it was deleted; it is gone for good some time later. Null while it is there.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}

/// <summary>
/// A student in a team that a rally was begun with, and the job held there. Goes when the student is removed; the
/// team's entries stay.
/// </summary>
public sealed class StoredTeamStudent
{
    /// <summary>The rally.</summary>
    public RallyId RallyId { get; init; }

    /// <summary>The team's id within the rally.</summary>
    public required TeamId TeamId { get; init; }

    /// <summary>The student.</summary>
    public Guid StudentId { get; init; }

    /// <summary>The student, for the name.</summary>
    public StoredStudent? Student { get; init; }

    /// <summary>The jobs held, by their ids with commas between; empty for none.</summary>
    public string Jobs { get; init; } = "";
}

internal sealed class StoredClassConfiguration
    : IEntityTypeConfiguration<StoredClass>,
        IEntityTypeConfiguration<StoredStudent>,
        IEntityTypeConfiguration<StoredTeamStudent>
{
    public void Configure(EntityTypeBuilder<StoredClass> group)
    {
        group.HasOne<Owner>().WithMany().HasForeignKey(c => c.OwnerId).OnDelete(DeleteBehavior.Restrict);
        group.HasMany(c => c.Students).WithOne().HasForeignKey(p => p.ClassId).OnDelete(DeleteBehavior.Cascade);
        group.Property(c => c.Name).HasMaxLength(Limits.Name);
        group.Property(c => c.Preferences).HasColumnName("Wishes");
        group.HasQueryFilter(c => c.DeletedAt == null);
    }

    public void Configure(EntityTypeBuilder<StoredStudent> student)
    {
        student.ToTable("Pupils");
        student.Property(p => p.Name).HasMaxLength(Limits.Name);
        student.HasQueryFilter(p => p.DeletedAt == null);
    }

    public void Configure(EntityTypeBuilder<StoredTeamStudent> member)
    {
        member.ToTable("TeamPupils");
        member.Property(m => m.StudentId).HasColumnName("PupilId");
        member.HasQueryFilter(m => m.Student!.DeletedAt == null);
        member.HasKey(m => new
        {
            m.RallyId,
            m.TeamId,
            m.StudentId,
        });
        member
            .HasOne<StoredTeam>()
            .WithMany(t => t.Students)
            .HasForeignKey(m => new { m.RallyId, m.TeamId })
            .OnDelete(DeleteBehavior.Cascade);
        member.HasOne(m => m.Student).WithMany().HasForeignKey(m => m.StudentId).OnDelete(DeleteBehavior.Cascade);
    }
}
