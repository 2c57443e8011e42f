using System.Collections.Concurrent;
using System.Text.Json;
using System.Threading.Channels;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// Appends entries of all rallies, one connection for all: SQLite lets only one write at a time, and what came
/// meanwhile is written together. What is on the disk becomes what stands of a rally here and nowhere else, before
/// anybody is told. Where a write fails, its rallies are forgotten before anybody is told, and whatever was accepted
/// on top of it fails with it.
/// </summary>
public sealed class LogWriter : IAsyncDisposable
{
    /// <summary>So many are written together at most, so that the first of them does not wait long.</summary>
    private const int Together = 200;

    /// <summary>SQLite's code for what the rows themselves do not allow: a rally that is gone, for example.</summary>
    private const int Constraint = 19;

    private readonly Channel<Pending> _pending = Channel.CreateUnbounded<Pending>();
    private readonly Dictionary<RallyId, (long Ground, Exception Wrong)> _failed = [];
    private readonly ConcurrentDictionary<RallyId, int> _onTheWay = new();
    private readonly string _connection;
    private readonly RallyOwners _owners;
    private readonly Task _writing;

    /// <summary>Writes to a data file; nothing is opened before the first entry.</summary>
    /// <param name="connection">The data file.</param>
    /// <param name="owners">Told what stands on the disk, and what does not after all.</param>
    public LogWriter(string connection, RallyOwners owners)
    {
        (_connection, _owners) = (connection, owners);
        _writing = Task.Run(WriteAll);
    }

    /// <summary>
    /// Appends entries, all of them or none; done when they, and everything that their rallies rest on, are on the
    /// disk. One that the log has already changes nothing.
    /// </summary>
    /// <param name="rallies">The rallies with the entries.</param>
    /// <param name="entries">The entries that are new; none to wait for what the rallies rest on.</param>
    /// <exception cref="SqliteException">The disk is full, or the file cannot be written.</exception>
    /// <exception cref="ObjectDisposedException">Nothing is recorded any more.</exception>
    internal Task Append(IReadOnlyList<KeptRally> rallies, IReadOnlyList<(RallyId Rally, Entry Entry)> entries)
    {
        var pending = new Pending(
            rallies,
            [.. entries.Select(e => (e.Rally, e.Entry.Id, JsonSerializer.Serialize(e.Entry, Json.Options)))]
        );
        foreach (var rally in rallies)
            _onTheWay.AddOrUpdate(rally.Stored.Id, 1, (_, count) => count + 1);
        ObjectDisposedException.ThrowIf(!_pending.Writer.TryWrite(pending), this);
        return pending.Done.Task;
    }

    /// <summary>
    /// Whether nothing of a rally is on its way to the disk, so that what is read there is all. Asked by whoever holds
    /// the rally's turn: meanwhile nothing is handed over.
    /// </summary>
    internal bool IsQuiet(RallyId rally) => _onTheWay.GetValueOrDefault(rally) == 0;

    /// <summary>How many times entries wait to be written; what belongs together waits once.</summary>
    public int Waiting => _pending.Reader.Count;

    /// <summary>Done when everything that was handed over before is on the disk, or could not be written.</summary>
    internal Task Written()
    {
        var mark = new Pending([], []);
        return _pending.Writer.TryWrite(mark) ? mark.Done.Task : _writing;
    }

    /// <summary>Takes nothing more; done when what was handed over before is on the disk, or could not be.</summary>
    public Task Close()
    {
        _pending.Writer.TryComplete();
        return _writing;
    }

    /// <inheritdoc/>
    public async ValueTask DisposeAsync() => await Close();

    private async Task WriteAll()
    {
        while (await _pending.Reader.WaitToReadAsync())
        {
            var batch = new List<Pending>();
            while (batch.Count < Together && _pending.Reader.TryRead(out var next))
                batch.Add(next);
            Finish(batch, Attempt(batch));
        }
    }

    /// <summary>Says what became of a batch to whoever waits.</summary>
    private void Finish(List<Pending> batch, Exception? wrong)
    {
        // Others are not to suffer for what one of them is about; a file that is locked is locked for each of them.
        if (wrong is SqliteException { SqliteErrorCode: Constraint } && batch.Count > 1)
        {
            foreach (var one in batch)
                Finish([one], Attempt([one]));
            return;
        }

        if (wrong is not null)
            foreach (var rally in batch.SelectMany(b => b.Entries).Select(e => e.Rally).Distinct())
                _failed[rally] = (_owners.Forget(rally), wrong);
        foreach (var rally in batch.Where(b => Lost(b) is null).SelectMany(b => b.Rallies))
            _owners.Keep(rally);
        foreach (var rally in batch.SelectMany(b => b.Rallies))
            _onTheWay.AddOrUpdate(rally.Stored.Id, 0, (_, count) => count - 1);
        foreach (var one in batch)
        {
            if (Lost(one) is { } why)
                one.Done.SetException(why);
            else
                one.Done.SetResult();
        }
    }

    /// <summary>Why something that it was accepted on top of is not in the log; null where all is.</summary>
    private Exception? Lost(Pending one) =>
        one
            .Rallies.Select(r =>
                _failed.TryGetValue(r.Stored.Id, out var last) && r.Ground < last.Ground ? last.Wrong : null
            )
            .FirstOrDefault(w => w is not null);

    /// <summary>
    /// Writes, and gives what went wrong. Whatever that is, it is the answer to who waits; this writer goes on for the
    /// others.
    /// </summary>
#pragma warning disable CA1031 // The exception is handed on to whoever waits for the entry.
    private Exception? Attempt(List<Pending> batch)
    {
        try
        {
            Write([.. batch.Where(b => Lost(b) is null).SelectMany(b => b.Entries)]);
            return null;
        }
        catch (Exception wrong)
        {
            return wrong;
        }
    }
#pragma warning restore CA1031

    private void Write(IReadOnlyList<(RallyId Rally, EntryId Id, string Document)> entries)
    {
        if (entries.Count == 0)
            return;
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
        foreach (var (of, id, written) in entries)
        {
            (rally.Value, entry.Value, document.Value) = (of.Value, id.Value, written);
            insert.ExecuteNonQuery();
        }

        transaction.Commit();
    }

    /// <param name="Rallies">As they are with the entries, and with everything that was accepted before.</param>
    /// <param name="Entries">What is to be written.</param>
    private sealed record Pending(
        IReadOnlyList<KeptRally> Rallies,
        IReadOnlyList<(RallyId Rally, EntryId Id, string Document)> Entries
    )
    {
        public TaskCompletionSource Done { get; } = new(TaskCreationOptions.RunContinuationsAsynchronously);
    }
}
