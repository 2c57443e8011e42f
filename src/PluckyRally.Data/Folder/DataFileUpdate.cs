using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;

namespace PluckyRally.Data.Folder;

/// <summary>
/// Makes a data file, or brings one up to date. Both are done on a file of their own that is then put in place in one
/// step: whenever the program is cut off, what stands there is the old file, whole, or the new one.
/// </summary>
internal static class DataFileUpdate
{
    /// <summary>The migrations that this version knows.</summary>
    public static IReadOnlyCollection<string> Known { get; } = Names();

    /// <summary>Makes the file where there is none.</summary>
    public static async Task Make(DataFolder folder, CancellationToken stop)
    {
        OwnFiles.Close(folder.Unfinished);
        await Migrate(folder.Unfinished, stop);
        File.Move(folder.Unfinished, folder.File);
    }

    /// <summary>Brings the file up to date.</summary>
    public static async Task BringUpToDate(DataFolder folder, CancellationToken stop)
    {
        OwnFiles.Close(folder.Unfinished);
        using (var old = DataFileCheck.Open(folder.File))
        {
            using (var fresh = DataFileCheck.Open(folder.Unfinished))
            {
                old.BackupDatabase(fresh);

                // Whoever held this lock is gone, since the folder's own lock is ours: a start that was cut off left
                // it.
                Run(fresh, """DROP TABLE IF EXISTS "__EFMigrationsLock";""");
            }

            await Migrate(folder.Unfinished, stop);

            // What the old file had beside it must not be taken for the new one's.
            Run(old, "PRAGMA wal_checkpoint(TRUNCATE);");
            Run(old, "PRAGMA journal_mode = DELETE;");
        }

        File.Move(folder.Unfinished, folder.File, overwrite: true);
    }

    /// <summary>Takes away what an earlier start left unfinished.</summary>
    public static void Clear(DataFolder folder)
    {
        foreach (var ending in new[] { "", "-wal", "-shm", "-journal" })
            File.Delete(folder.Unfinished + ending);
    }

    private static async Task Migrate(string file, CancellationToken stop)
    {
        await using (var db = Context(file))
            await db.Database.MigrateAsync(stop);
        using var connection = DataFileCheck.Open(file);
        Run(connection, "PRAGMA wal_checkpoint(TRUNCATE);");
        Run(connection, "PRAGMA journal_mode = DELETE;");
    }

    /// <summary>A file that is read or made by itself, outside of what a server uses.</summary>
    public static RallyDb Context(string file) =>
        new(
            new DbContextOptionsBuilder<RallyDb>()
                .UseSqlite(new SqliteConnectionStringBuilder { DataSource = file, Pooling = false }.ToString())
                .Options
        );

    private static IReadOnlyCollection<string> Names()
    {
        using var db = Context(":memory:");
        return [.. db.GetService<Microsoft.EntityFrameworkCore.Migrations.IMigrationsAssembly>().Migrations.Keys];
    }

    private static void Run(SqliteConnection connection, string command)
    {
        using var run = connection.CreateCommand();
        run.CommandText = command;
        run.ExecuteNonQuery();
    }
}
