using System.Text.RegularExpressions;
using PluckyRally.Data.Copies;

namespace PluckyRally.Data.Folder;

/// <summary>
/// What was being written when a program was ended by force: whole copies of the data, known by the ids in their names.
/// </summary>
public static class Leftovers
{
    /// <summary>A file that is written to stays; what was not touched for so long belongs to nobody.</summary>
    private static readonly TimeSpan Untouched = TimeSpan.FromHours(1);

    /// <summary>
    /// Clears them out of a data folder. Whoever calls holds the folder's lock, so nobody is writing there.
    /// </summary>
    public static void Clear(DataFolder folder)
    {
        foreach (var file in Directory.EnumerateFiles(folder.Path, $"{folder.Name}-*").Where(f => Made.IsMatch(f)))
            File.Delete(file);
        if (Directory.Exists(folder.Photos))
            foreach (var photo in Directory.EnumerateFiles(folder.Photos).Where(f => Half.IsMatch(f)))
                File.Delete(photo);
        new CopyShelf(folder.Copies).ClearUnfinished();
    }

    /// <summary>Clears those of earlier attempts to write a file, beside it.</summary>
    internal static void Clear(string file)
    {
        foreach (
            var left in Directory
                .EnumerateFiles(Path.GetDirectoryName(Path.GetFullPath(file))!, $"{Path.GetFileName(file)}.*")
                .Where(f => Half.IsMatch(f) && DateTime.UtcNow - File.GetLastWriteTimeUtc(f) > Untouched)
        )
            File.Delete(left);
    }

    /// <summary>
    /// An archive or a picture that was on its way, with what it was made of; a copy that was held beside the data.
    /// </summary>
    private static readonly Regex Made = new(
        @"-[0-9a-f]{32}\.(zip|picture|compared(\.unfinished)?\.db(-wal|-shm|-journal)?)"
            + @"(\.[0-9a-f]{32}\.(db|unfinished)(-wal|-shm|-journal)?)?$"
    );

    /// <summary>What becomes a file when it is whole.</summary>
    private static readonly Regex Half = new(@"\.[0-9a-f]{32}(\.(db|unfinished)(-wal|-shm|-journal)?)?$");
}
