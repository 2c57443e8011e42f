using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace PluckyRally.Data.Owners;

internal sealed class OwnerConfiguration : IEntityTypeConfiguration<Owner>
{
    public void Configure(EntityTypeBuilder<Owner> owner) =>
        owner.HasData(new Owner { Id = Owner.LocalTeacher, Name = "Teacher" });
}
