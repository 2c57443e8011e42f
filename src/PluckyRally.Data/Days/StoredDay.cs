using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
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

    /// <summary>The <see cref="BoardOfDay"/> as JSON; null until it is first set.</summary>
    public string? Board { get; set; }

    /// <summary>The day, understood; null where a newer version wrote it.</summary>
    public KeptDay? Read() =>
        DocumentReader.Request<FairDay>(Document) is { IsOk: true } read
            ? new(Id, read.Value.Value)
            {
                Board =
                    Board is { } kept && DocumentReader.Request<BoardOfDay>(kept) is { IsOk: true } board
                        ? board.Value.Value
                        : new(),
            }
            : null;
}

internal sealed class StoredDayConfiguration : IEntityTypeConfiguration<StoredDay>
{
    public void Configure(EntityTypeBuilder<StoredDay> day) =>
        day.HasOne<Owner>().WithMany().HasForeignKey(d => d.OwnerId).OnDelete(DeleteBehavior.Restrict);
}
