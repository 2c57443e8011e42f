namespace PluckyRally.Data.Folder;

/// <summary>Files and folders that nobody but their owner can read.</summary>
public static class OwnFiles
{
    /// <summary>How files are opened that are made here.</summary>
    public static FileStreamOptions Fresh =>
        new()
        {
            Mode = FileMode.Create,
            Access = FileAccess.Write,
            UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite,
        };

    private const UnixFileMode FolderMode = UnixFileMode.UserRead | UnixFileMode.UserWrite | UnixFileMode.UserExecute;

    /// <summary>Makes a folder where there is none, and closes one that stands open to others.</summary>
    /// <exception cref="IOException">The folder cannot be made.</exception>
    /// <exception cref="UnauthorizedAccessException">Its owner is somebody else.</exception>
    public static void Folder(string path)
    {
        if (!Directory.Exists(path))
            Directory.CreateDirectory(path, FolderMode);
        else if ((File.GetUnixFileMode(path) & ~FolderMode) != 0)
            File.SetUnixFileMode(path, FolderMode);
    }

    /// <summary>
    /// How many bytes the files in a folder have. One that goes while they are looked at counts nothing.
    /// </summary>
    public static long BytesIn(string folder) =>
        new DirectoryInfo(folder).EnumerateFiles("*", SearchOption.AllDirectories).Sum(f => f.Exists ? f.Length : 0);

    /// <summary>
    /// Makes a file where there is none, and closes one that stands open to others. SQLite gives what it puts beside a
    /// file the same rights.
    /// </summary>
    public static void Close(string path)
    {
        if (!File.Exists(path))
            new FileStream(path, Fresh).Dispose();
        else
            File.SetUnixFileMode(path, UnixFileMode.UserRead | UnixFileMode.UserWrite);
    }
}
