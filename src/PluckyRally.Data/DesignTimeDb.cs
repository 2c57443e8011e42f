using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace PluckyRally.Data;

/// <summary>Lets the migrations tool make a model without starting the server.</summary>
internal sealed class DesignTimeDb : IDesignTimeDbContextFactory<RallyDb>
{
    public RallyDb CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<RallyDb>().UseSqlite("Data Source=design-time.db").Options);
}
