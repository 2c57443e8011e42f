using System.Text.Json;
using System.Threading.Channels;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// Appends entries of all rallies, one connection for all: SQLite lets only one write at a time, and what came
/// meanwhile is written together. An entry is acknowledged only when it is on the disk.
/// </summary>
public sealed class LogWriter : IAsyncDisposable
{
    /// <summary>So many entries are written together at most, so that the first of them does not wait long.</summary>
    private const int Together = 200;

    private readonly Channel<Pending> _pending = Channel.CreateUnbounded<Pending>();
    private readonly string _connection;
    private readonly Task _writing;

    /// <summary>Writes to a data file; nothing is opened before the first entry.</summary>
    public LogWriter(string connection)
    {
        _connection = connection;
        _writing = Task.Run(WriteAll);
    }

    /// <summary>
    /// Appends entries, all of them or none; done when they are on the disk. One that the log has already changes
    /// nothing.
    /// </summary>
    /// <exception cref="SqliteException">The disk is full, or the file cannot be written.</exception>
    /// <exception cref="ObjectDisposedException">The server is stopping.</exception>
    public Task Append(params IReadOnlyList<(RallyId Rally, Entry Entry)> entries)
    {
        var pending = new Pending([
            .. entries.Select(e => (e.Rally, e.Entry.Id, JsonSerializer.Serialize(e.Entry, Json.Options))),
        ]);
        ObjectDisposedException.ThrowIf(!_pending.Writer.TryWrite(pending), this);
        return pending.Done.Task;
    }

    /// <summary>How many times entries wait to be written; what belongs together waits once.</summary>
    public int Waiting => _pending.Reader.Count;

    /// <summary>Done when everything that was handed over before is on the disk, or could not be written.</summary>
    internal Task Written()
    {
        var mark = new Pending([]);
        return _pending.Writer.TryWrite(mark) ? mark.Done.Task : _writing;
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync()
    {
        _pending.Writer.TryComplete();
        await _writing;
    }

    private async Task WriteAll()
    {
        while (await _pending.Reader.WaitToReadAsync())
        {
            var batch = new List<Pending>();
            while (batch.Count < Together && _pending.Reader.TryRead(out var next))
                batch.Add(next);
            if (Attempt(batch) is null)
                continue;

            // One of them cannot be written; the others are not to suffer for it.
            foreach (var one in batch)
            {
                if (Attempt([one]) is { } wrong)
                    one.Done.SetException(wrong);
            }
        }
    }

    /// <summary>
    /// Writes, and gives what went wrong. Whatever that is, it is the answer to who waits; this writer goes on for the
    /// others.
    /// </summary>
#pragma warning disable CA1031 // The exception is handed on to whoever waits for the entry.
    private Exception? Attempt(IReadOnlyList<Pending> batch)
    {
        try
        {
            Write(batch);
            return null;
        }
        catch (Exception wrong)
        {
            return wrong;
        }
    }
#pragma warning restore CA1031

    private void Write(IReadOnlyList<Pending> batch)
    {
        using var connection = new SqliteConnection(_connection);
        connection.Open();
        using var transaction = connection.BeginTransaction();
        using var insert = connection.CreateCommand();
        insert.CommandText = """
            INSERT INTO "Entries" ("RallyId", "EntryId",
            "Document") VALUES ($rally, $entry, $document) ON CONFLICT ("RallyId", "EntryId") DO NOTHING
            """;
        var (rally, entry, document) = (
            insert.Parameters.Add("$rally", SqliteType.Text),
            insert.Parameters.Add("$entry", SqliteType.Text),
            insert.Parameters.Add("$document", SqliteType.Text)
        );
        foreach (var (of, id, written) in batch.SelectMany(b => b.Entries))
        {
            (rally.Value, entry.Value, document.Value) = (of.Value, id.Value, written);
            insert.ExecuteNonQuery();
        }

        transaction.Commit();
        foreach (var one in batch)
            one.Done.SetResult();
    }

    private sealed record Pending(IReadOnlyList<(RallyId Rally, EntryId Id, string Document)> Entries)
    {
        public TaskCompletionSource Done { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }
}
