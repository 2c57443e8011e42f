using Microsoft.Data.Sqlite;

namespace PluckyRally.Data.Folder;

/// <summary>Looks at a data file before it is used.</summary>
internal static class DataFileCheck
{
    /// <summary>Seconds that another program's lock is waited for.</summary>
    private const int Patience = 5;

    /// <summary>What is wrong with a file that is there; null where it is sound.</summary>
    /// <param name="file">The file.</param>
    /// <param name="known">The migrations that this version knows.</param>
    /// <param name="applied">The migrations that the file has had.</param>
    /// <exception cref="SqliteException">It cannot be read.</exception>
    public static DataTrouble? Look(string file, IReadOnlyCollection<string> known, out IReadOnlyList<string> applied)
    {
        applied = [];
        if (new FileInfo(file).Length == 0)
            return new(DataTroubleKind.Empty, $"The file {file} is empty.", "Restore the newest backup.");
        using var connection = Open(file);
        if (Rows(connection, "PRAGMA quick_check(1)") is not ["ok"])
            return Damaged(file);
        if (Rows(connection, "SELECT name FROM sqlite_master WHERE name = '__EFMigrationsHistory'").Count == 0)
            return new(
                DataTroubleKind.Damaged,
                $"The file {file} is not one of Plucky Rally's.",
                "Move it away, then start again; or restore the newest backup."
            );
        var had = Rows(connection, """SELECT "MigrationId" FROM "__EFMigrationsHistory" ORDER BY "MigrationId" """);
        applied = had;
        return had.Except(known).Any()
            ? new(
                DataTroubleKind.Newer,
                $"The file {file} was written by a newer version of Plucky Rally.",
                "Update Plucky Rally, or restore the backup that was made before the update."
            )
            : null;
    }

    /// <summary>Opens a file that is there; whoever keeps it locked is not waited for long.</summary>
    public static SqliteConnection Open(string file, SqliteOpenMode mode = SqliteOpenMode.ReadWrite)
    {
        var connection = new SqliteConnection(
            new SqliteConnectionStringBuilder
            {
                DataSource = file,
                Mode = mode,
                Pooling = false,
                DefaultTimeout = Patience,
            }.ToString()
        );
        connection.Open();
        return connection;
    }

    public static List<string> Rows(SqliteConnection connection, string query)
    {
        using var command = connection.CreateCommand();
        command.CommandText = query;
        using var reader = command.ExecuteReader();
        var rows = new List<string>();
        while (reader.Read())
            rows.Add(reader.GetValue(0).ToString() ?? "");
        return rows;
    }

    private static DataTrouble Damaged(string file) =>
        new(
            DataTroubleKind.Damaged,
            $"The file {file} is damaged.",
            "Restore the newest backup. The damaged file is kept beside it."
        );
}
