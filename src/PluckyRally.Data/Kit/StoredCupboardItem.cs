using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;
using PluckyRally.Core.Files;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Kit;

/// <summary>Something in a teacher's cupboard.</summary>
public sealed class StoredCupboardItem
{
    /// <summary>Whose it is.</summary>
    public Guid OwnerId { get; init; }

    /// <summary>What its names have in common when it came into the cupboard; tells rows apart.</summary>
    public required string Key { get; init; }

    /// <summary>What it is.</summary>
    public required string Name { get; set; }

    /// <summary>Its unit; empty for pieces.</summary>
    public required string Unit { get; set; }

    /// <summary>How much there is.</summary>
    public decimal Amount { get; set; }

    /// <summary>Whether there is always enough of it.</summary>
    public bool AlwaysThere { get; set; }

    /// <summary>What else it is called, as JSON; empty where it has one name.</summary>
    public string OtherNames { get; set; } = "";

    /// <summary>The same as the core has it.</summary>
    public CupboardItem Item =>
        new(Name, Unit, Amount)
        {
            AlwaysThere = AlwaysThere,
            OtherNames =
                OtherNames.Length > 0
                    ? JsonSerializer.Deserialize<IReadOnlyList<OtherName>>(OtherNames, Json.Options)
                    : null,
        };

    /// <summary>A row of it.</summary>
    public static StoredCupboardItem Of(Guid owner, CupboardItem item) =>
        new()
        {
            OwnerId = owner,
            Key = Thing.Of(item.Name, item.Unit).Key,
            Name = item.Name.Trim(),
            Unit = item.Unit.Trim(),
            Amount = item.Amount,
            AlwaysThere = item.AlwaysThere,
            OtherNames = Written(item.OtherNames),
        };

    /// <summary>Says whether there is always enough of it, and what else it is called.</summary>
    public void Describe(bool alwaysThere, IReadOnlyList<OtherName>? otherNames) =>
        (AlwaysThere, OtherNames) = (alwaysThere, Written(otherNames));

    private static string Written(IReadOnlyList<OtherName>? names) =>
        names is { Count: > 0 } ? JsonSerializer.Serialize(names, Json.Options) : "";
}

internal sealed class StoredCupboardItemConfiguration : IEntityTypeConfiguration<StoredCupboardItem>
{
    public void Configure(EntityTypeBuilder<StoredCupboardItem> item)
    {
        item.HasKey(i => new { i.OwnerId, i.Key });
        item.HasOne<Owner>().WithMany().HasForeignKey(i => i.OwnerId).OnDelete(DeleteBehavior.Restrict);
        item.Property(i => i.Name).HasMaxLength(Limits.Name);
        item.Ignore(i => i.Item);
    }
}
