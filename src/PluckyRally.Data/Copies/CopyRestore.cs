using PluckyRally.Data.Folder;

namespace PluckyRally.Data.Copies;

/// <summary>Brings a copy back in place of the data.</summary>
public static class CopyRestore
{
    /// <summary>
    /// Puts a copy where the data is. What stood there is set aside, never thrown away. Whoever calls this holds the
    /// folder's lock. Gives what is wrong with the copy, and changes nothing then.
    /// </summary>
    /// <param name="folder">The data.</param>
    /// <param name="file">The copy's data file; pictures are found beside it.</param>
    /// <exception cref="IOException">The disk is full, or the file cannot be read.</exception>
    /// <exception cref="Microsoft.Data.Sqlite.SqliteException">The copy cannot be read.</exception>
    public static DataTrouble? BringBack(DataFolder folder, string file)
    {
        DataFileUpdate.Clear(folder);
        OwnFiles.Close(folder.Unfinished);
        File.Copy(file, folder.Unfinished, overwrite: true);
        if (DataFileCheck.Look(folder.Unfinished, DataFileUpdate.Known, out _) is { } trouble)
        {
            DataFileUpdate.Clear(folder);
            return trouble with
            {
                What = trouble.What.Replace(folder.Unfinished, file, StringComparison.Ordinal),
                Remedy = "Restore another backup. Nothing was changed.",
            };
        }

        foreach (var old in new[] { folder.File, folder.File + "-wal", folder.File + "-shm" }.Where(File.Exists))
            DataFile.SetAside(folder, old);
        File.Move(folder.Unfinished, folder.File);
        OwnFiles.Close(folder.File);
        new CopyShelf(Path.GetDirectoryName(Path.GetFullPath(file))!).BringBackPictures(file, folder);
        return null;
    }
}
