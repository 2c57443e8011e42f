using System.Diagnostics;
using Microsoft.Data.Sqlite;

namespace PluckyRally.LoadRun;

/// <summary>
/// The yardstick: the same documents at the same pace, each in a transaction of its own, into a table like the
/// product's, with nothing around it.
/// </summary>
internal static class SqliteAlone
{
    public static async Task<string> Insert(Hall hall, int perSecond, TimeSpan length)
    {
        var folder = Directory.CreateTempSubdirectory("plucky-rally-yardstick-").FullName;
        try
        {
            using var connection = new SqliteConnection(
                $"Data Source={Path.Combine(folder, "alone.db")};Pooling=false"
            );
            connection.Open();
            Do("PRAGMA journal_mode = WAL");
            Do(
                """
                CREATE TABLE "Entries" ("Sequence" INTEGER PRIMARY KEY AUTOINCREMENT, "RallyId" TEXT NOT NULL,
                "EntryId" TEXT NOT NULL, "Document" TEXT NOT NULL)
                """
            );
            Do("""CREATE UNIQUE INDEX "Unique" ON "Entries" ("RallyId", "EntryId")""");
            using var insert = connection.CreateCommand();
            insert.CommandText =
                """INSERT INTO "Entries" ("RallyId", "EntryId", "Document") VALUES ('r', $id, $document)""";
            var (id, document) = (
                insert.Parameters.Add("$id", SqliteType.Text),
                insert.Parameters.Add("$document", SqliteType.Text)
            );
            var times = new List<double>();
            var watch = Stopwatch.StartNew();
            for (var i = 0; watch.Elapsed < length; i++)
            {
                var entry = Guid.CreateVersion7();
                var began = Stopwatch.GetTimestamp();
                (id.Value, document.Value) = (entry.ToString(), hall.Entry(i % 12, i, entry));
                using (var transaction = connection.BeginTransaction())
                {
                    insert.Transaction = transaction;
                    insert.ExecuteNonQuery();
                    transaction.Commit();
                }

                times.Add(Stopwatch.GetElapsedTime(began).TotalMilliseconds);
                var next = TimeSpan.FromSeconds((i + 1) / (double)perSecond) - watch.Elapsed;
                if (next > TimeSpan.Zero)
                    await Task.Delay(next);
            }

            return Spread.Of(times);

            void Do(string sql)
            {
                using var command = connection.CreateCommand();
                command.CommandText = sql;
                command.ExecuteNonQuery();
            }
        }
        finally
        {
            Directory.Delete(folder, recursive: true);
        }
    }
}
