using Microsoft.AspNetCore.Identity.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage.ValueConversion;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Days;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Sessions;
using PluckyRally.Data.Year;

namespace PluckyRally.Data;

/// <summary>The data file.</summary>
public sealed class RallyDb(DbContextOptions<RallyDb> options) : IdentityUserContext<Owner, Guid>(options)
{
    /// <summary>The shelf.</summary>
    public DbSet<StoredBrief> Briefs => Set<StoredBrief>();

    /// <summary>Older versions of the briefs.</summary>
    public DbSet<StoredVersion> Versions => Set<StoredVersion>();

    /// <summary>The classes.</summary>
    public DbSet<StoredClass> Classes => Set<StoredClass>();

    /// <summary>The students of all classes.</summary>
    public DbSet<StoredStudent> Students => Set<StoredStudent>();

    /// <summary>Who has been in which team.</summary>
    public DbSet<StoredTeamStudent> TeamStudents => Set<StoredTeamStudent>();

    /// <summary>What teachers have.</summary>
    public DbSet<StoredCupboardItem> Cupboard => Set<StoredCupboardItem>();

    /// <summary>What rallies took out of the cupboard.</summary>
    public DbSet<StoredStockMove> StockMoves => Set<StoredStockMove>();

    /// <summary>The rallies.</summary>
    public DbSet<StoredRally> Rallies => Set<StoredRally>();

    /// <summary>The logs of all rallies.</summary>
    public DbSet<StoredEntry> Entries => Set<StoredEntry>();

    /// <summary>The photos; the pictures are files.</summary>
    public DbSet<StoredPhoto> Photos => Set<StoredPhoto>();

    /// <summary>What is the school's own.</summary>
    public DbSet<StoredSchool> Schools => Set<StoredSchool>();

    /// <summary>Which briefs are planned for when.</summary>
    public DbSet<StoredPlan> Plans => Set<StoredPlan>();

    /// <summary>The fair days.</summary>
    public DbSet<StoredDay> Days => Set<StoredDay>();

    /// <summary>Who may come into which rally.</summary>
    public DbSet<StoredPass> Passes => Set<StoredPass>();

    /// <summary>Devices that are signed in or were let in.</summary>
    public DbSet<StoredSession> Sessions => Set<StoredSession>();

    /// <inheritdoc/>
    protected override void OnModelCreating(ModelBuilder builder)
    {
        base.OnModelCreating(builder);
        builder.ApplyConfigurationsFromAssembly(typeof(RallyDb).Assembly);
    }

    /// <inheritdoc/>
    protected override void ConfigureConventions(ModelConfigurationBuilder configurationBuilder)
    {
        // SQLite compares times as text only if they are kept in one form.
        configurationBuilder.Properties<DateTimeOffset>().HaveConversion<DateTimeOffsetToBinaryConverter>();
        configurationBuilder.Properties<BriefId>().HaveConversion<IdColumn<BriefId, Guid>>();
        configurationBuilder.Properties<RallyId>().HaveConversion<IdColumn<RallyId, Guid>>();
        configurationBuilder.Properties<EntryId>().HaveConversion<IdColumn<EntryId, Guid>>();
        configurationBuilder.Properties<TeamId>().HaveConversion<IdColumn<TeamId, string>>();
    }
}
