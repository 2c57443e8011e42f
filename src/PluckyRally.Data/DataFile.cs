using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using PluckyRally.Core.Documents;
using PluckyRally.Data.Archive;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Days;
using PluckyRally.Data.Files;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Passes;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Removals;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Sessions;
using PluckyRally.Data.Year;

namespace PluckyRally.Data;

/// <summary>The data file, and whoever reads and writes it.</summary>
public static class DataFile
{
    /// <summary>Adds the data file and what reads and writes it.</summary>
    public static IServiceCollection AddDataFile(this IServiceCollection services, DataFolder folder) =>
        services
            .AddSingleton(folder)
            .AddDbContextPool<RallyDb>(options => options.UseSqlite(Connection(folder.File)))
            .AddSingleton(services => new LogWriter(
                Connection(folder.File),
                services.GetRequiredService<RallyOwners>()
            ))
            .AddScoped<BriefShelf>()
            .AddScoped<BriefHistory>()
            .AddScoped<ClassRegister>()
            .AddScoped<Cupboard>()
            .AddScoped<SchoolBook>()
            .AddScoped<PlanBook>()
            .AddScoped<DayBook>()
            .AddSingleton<RallyOwners>()
            .AddSingleton<LateTeams>()
            .AddScoped<RallyLog>()
            .AddSingleton<GoodPasses>()
            .AddScoped<PassBook>()
            .AddScoped<SessionBook>()
            .AddScoped<PhotoAlbum>()
            .AddScoped<Importer>()
            .AddScoped<RemovedThings>()
            .AddScoped<ArchiveReader>();

    private static string Connection(string path) =>
        new SqliteConnectionStringBuilder
        {
            DataSource = path,
            ForeignKeys = true,
            DefaultTimeout = 20,
        }.ToString();

    /// <summary>
    /// Makes the file or brings it up to date, after a copy of it was made; whoever calls this holds the folder's lock.
    /// Gives what stands in the way, and changes nothing then.
    /// </summary>
    public static async Task<DataTrouble?> Prepare(DataFolder folder, TimeProvider clock, CancellationToken stop)
    {
        try
        {
            DataFileUpdate.Clear(folder);
            if (!DataTrouble.HasRoom(folder.Path))
                return DataTrouble.Full(folder.Path);
            if (!File.Exists(folder.File) || NeverUsed(folder))
                await MakeAnew(folder, stop);
            if (DataFileCheck.Look(folder.File, DataFileUpdate.Known, out var applied) is { } trouble)
                return trouble;
            if (DataFileUpdate.Known.Except(applied).Any())
            {
                new CopyShelf(folder.Copies).Make(folder, CopyReason.BeforeUpdate, clock.GetUtcNow());
                await DataFileUpdate.BringUpToDate(folder, stop);
            }

            OwnFiles.Close(folder.File);
            using var connection = DataFileCheck.Open(folder.File);
            DataFileCheck.Rows(connection, "PRAGMA journal_mode = WAL");
            return null;
        }
        catch (Exception wrong) when (wrong is SqliteException or IOException or UnauthorizedAccessException)
        {
            return DataTrouble.Of(wrong, folder.File);
        }
    }

    /// <summary>
    /// Briefs that an earlier version of the program kept are not described for lists and searches yet.
    /// </summary>
    public static async Task DescribeOlder(RallyDb db, CancellationToken stop)
    {
        foreach (var stored in await db.Briefs.IgnoreQueryFilters().Where(b => b.SearchText == "").ToListAsync(stop))
        {
            var read = DocumentReader.Brief(stored.Document);
            if (read.IsOk)
                stored.Describe(read.Value.Value);
        }

        await db.SaveChangesAsync(stop);
    }

    /// <summary>Removes the file with all that belongs to it. For demo data, which is rebuilt on demand.</summary>
    public static void Remove(DataFolder folder)
    {
        SqliteConnection.ClearAllPools();
        foreach (var file in new[] { folder.File, folder.File + "-wal", folder.File + "-shm" })
            File.Delete(file);
        if (Directory.Exists(folder.Photos))
            Directory.Delete(folder.Photos, recursive: true);
    }

    /// <summary>An empty file that is all there is was left by a first start that was cut off.</summary>
    private static bool NeverUsed(DataFolder folder) =>
        new FileInfo(folder.File).Length == 0
        && !File.Exists(folder.File + "-wal")
        && !Directory.Exists(folder.Copies)
        && !Directory.Exists(folder.Photos);

    private static async Task MakeAnew(DataFolder folder, CancellationToken stop)
    {
        // What an older file left beside its place would be taken for the new one's.
        foreach (var left in new[] { folder.File, folder.File + "-wal", folder.File + "-shm" }.Where(File.Exists))
            SetAside(folder, left);
        await DataFileUpdate.Make(folder, stop);
    }

    /// <summary>Moves a file out of the way, under a name of its own.</summary>
    internal static void SetAside(DataFolder folder, string file)
    {
        OwnFiles.Folder(folder.SetAside);
        var to = Path.Combine(folder.SetAside, Path.GetFileName(file));
        for (var again = 2; File.Exists(to); again++)
            to = Path.Combine(folder.SetAside, $"{again}-{Path.GetFileName(file)}");
        File.Move(file, to);
    }
}
