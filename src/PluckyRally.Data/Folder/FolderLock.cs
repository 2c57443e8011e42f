namespace PluckyRally.Data.Folder;

/// <summary>
/// Held by the one program that uses the data. The system lets go of it when the program ends, however it ends, so it
/// never has to be cleared by hand.
/// </summary>
public sealed class FolderLock : IDisposable
{
    private readonly DataFolder _folder;
    private readonly FileStream _held;

    private FolderLock(DataFolder folder, FileStream held)
    {
        _folder = folder;
        _held = held;
    }

    /// <summary>Takes the lock; null where another program holds it.</summary>
    /// <exception cref="UnauthorizedAccessException">The folder cannot be written to.</exception>
    /// <exception cref="IOException">The disk is full, or there is no such folder.</exception>
    public static FolderLock? Take(DataFolder folder)
    {
        OwnFiles.Close(folder.Lock);
        try
        {
            return new(folder, new(folder.Lock, FileMode.Open, FileAccess.ReadWrite, FileShare.None));
        }
        catch (IOException held) when (held is not (FileNotFoundException or DirectoryNotFoundException))
        {
            return null;
        }
    }

    /// <summary>
    /// Where the server is that uses the data, as it said itself; empty where it has not said so yet.
    /// </summary>
    public static string HolderOf(DataFolder folder) =>
        File.Exists(folder.Running) ? File.ReadAllText(folder.Running).Trim() : "";

    /// <summary>Says where this server is, for whoever finds the lock taken.</summary>
    public void Say(string where)
    {
        using var says = new StreamWriter(_folder.Running, OwnFiles.Fresh);
        says.WriteLine(where);
    }

    /// <inheritdoc/>
    public void Dispose()
    {
        File.Delete(_folder.Running);
        _held.Dispose();
    }
}
