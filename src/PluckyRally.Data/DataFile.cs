using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Files;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data;

/// <summary>Where the data is kept: one SQLite file in a folder.</summary>
public static class DataFile
{
    /// <summary>Adds the data file and what reads and writes it.</summary>
    public static IServiceCollection AddDataFile(this IServiceCollection services, string path) => services
        .AddDbContext<RallyDb>(options => options.UseSqlite(Connection(path)))
        .AddSingleton(_ => new LogWriter(Connection(path)))
        .AddScoped<BriefShelf>()
        .AddScoped<BriefHistory>()
        .AddScoped<ClassRegister>()
        .AddScoped<Cupboard>()
        .AddSingleton<KeptRallies>()
        .AddScoped<RallyLog>()
        .AddScoped<PassBook>()
        .AddSingleton(PhotoFolder.Beside(path))
        .AddScoped<PhotoAlbum>()
        .AddScoped<Importer>();

    private static string Connection(string path) => new SqliteConnectionStringBuilder { DataSource = path, ForeignKeys = true, DefaultTimeout = 20 }.ToString();

    /// <summary>Makes the file or brings it up to date; readers do not wait for writers (WAL).</summary>
    public static async Task Prepare(RallyDb db, CancellationToken stop)
    {
        await db.Database.MigrateAsync(stop);
        await db.Database.ExecuteSqlRawAsync("PRAGMA journal_mode = WAL;", stop);
        await DescribeOlder(db, stop);
    }

    /// <summary>Briefs that an earlier version of the program kept are not described for lists and searches yet.</summary>
    private static async Task DescribeOlder(RallyDb db, CancellationToken stop)
    {
        foreach (var stored in await db.Briefs.Where(b => b.SearchText == "").ToListAsync(stop))
        {
            var read = DocumentReader.Brief(stored.Document);
            if (read.IsOk) stored.Describe(read.Value.Value);
        }

        await db.SaveChangesAsync(stop);
    }

    /// <summary>Removes the file with all that belongs to it. For demo data, which is rebuilt on demand.</summary>
    public static void Remove(string path)
    {
        SqliteConnection.ClearAllPools();
        foreach (var file in new[] { path, path + "-wal", path + "-shm" }) File.Delete(file);
        var photos = PhotoFolder.Beside(path).Path;
        if (Directory.Exists(photos)) Directory.Delete(photos, recursive: true);
    }
}
