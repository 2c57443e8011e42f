using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Metadata.Builders;

namespace PluckyRally.Data.Owners;

internal sealed class OwnerConfiguration : IEntityTypeConfiguration<Owner>
{
    public void Configure(EntityTypeBuilder<Owner> owner)
    {
        owner.ToTable("Owners");

        // The teacher is there from the beginning, so that there is somebody to own things; the password comes when it
        // is set.
        owner.HasData(
            new Owner
            {
                Id = Owner.LocalTeacher,
                Name = "Teacher",
                UserName = "teacher",
                NormalizedUserName = "TEACHER",
                SecurityStamp = "01900000-0000-7000-8000-000000000002",
                ConcurrencyStamp = "01900000-0000-7000-8000-000000000003",
            }
        );
    }
}
