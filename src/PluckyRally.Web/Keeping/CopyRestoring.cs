using Microsoft.Data.Sqlite;
using PluckyRally.Data.Copies;
using PluckyRally.Data.Folder;

namespace PluckyRally.Web.Keeping;

/// <summary>
/// A backup that is to be restored in the browser: the server ends, puts it in place of the data while nobody uses it,
/// and starts again at the same port. One stands for all runs of a program.
/// </summary>
internal sealed class CopyRestoring
{
    private readonly Lock _gate = new();
    private (string Name, string File)? _wanted;
    private bool _closed;
    private int _inside;

    /// <summary>What was restored before this run began; null where nothing was.</summary>
    public RestoredCopy? Last { get; private set; }

    /// <summary>Where the server was, so that whoever waits for it finds it again.</summary>
    public int? Port { get; set; }

    /// <summary>Whether the server is to start again once it has ended.</summary>
    public bool IsWanted => _wanted is not null;

    /// <summary>Has a copy restored as soon as the server has ended.</summary>
    public void Want(string name, string file) => _wanted = (name, file);

    /// <summary>Whether something may be changed now; whoever may says when it is done.</summary>
    public bool Enter()
    {
        lock (_gate)
        {
            _inside += _closed ? 0 : 1;
            return !_closed;
        }
    }

    /// <summary>What was let in is done.</summary>
    public void Leave()
    {
        lock (_gate)
            _inside--;
    }

    /// <summary>
    /// Lets nothing more be changed, and waits until what is being changed is: only then does a backup of what there is
    /// now have everything that was acknowledged. Whoever asks has been let in too.
    /// </summary>
    /// <returns>Whether all was done in time; otherwise changes are let in again.</returns>
    public async Task<bool> Close(TimeSpan patience, TimeProvider clock, CancellationToken stop)
    {
        lock (_gate)
        {
            if (_closed)
                return false;
            _closed = true;
        }

        for (var began = clock.GetTimestamp(); clock.GetElapsedTime(began) < patience; )
        {
            lock (_gate)
                if (_inside == 1)
                    return true;
            await Task.Delay(TimeSpan.FromMilliseconds(20), clock, stop);
        }

        Open();
        return false;
    }

    /// <summary>Lets changes in again.</summary>
    public void Open()
    {
        lock (_gate)
            _closed = false;
    }

    /// <summary>
    /// Puts the copy that is wanted in place, for whoever holds the folder's lock. Where that cannot be done the data
    /// stays as it is, and the page says why.
    /// </summary>
    public void PutInPlace(DataFolder folder)
    {
        Open();
        if (_wanted is not { } wanted)
            return;
        _wanted = null;
        // Connections that the run before left open would go on with the file that is set aside.
        SqliteConnection.ClearAllPools();
        var trouble = BringBack(folder, wanted.File);
        Last = new(wanted.Name, trouble is null ? "" : $"{trouble.What} {trouble.Remedy}");
    }

    private static DataTrouble? BringBack(DataFolder folder, string file)
    {
        try
        {
            return CopyRestore.BringBack(folder, file);
        }
        catch (Exception wrong) when (wrong is SqliteException or IOException or UnauthorizedAccessException)
        {
            return DataTrouble.Of(wrong, file);
        }
    }
}

/// <summary>A backup that was restored before the server started.</summary>
/// <param name="Name">The backup's name.</param>
/// <param name="Trouble">Why it was not restored; empty where it was.</param>
public sealed record RestoredCopy(string Name, string Trouble);
