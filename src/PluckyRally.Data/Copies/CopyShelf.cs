using System.Text.Json;
using Microsoft.Data.Sqlite;
using PluckyRally.Core.Files;
using PluckyRally.Data.Folder;

namespace PluckyRally.Data.Copies;

/// <summary>
/// A folder of copies. A copy is a data file, checked after it was written, and a small file that says what is in it;
/// the pictures of all copies stand there once.
/// </summary>
/// <param name="path">The folder.</param>
public sealed class CopyShelf(string path)
{
    /// <summary>Tables whose rows are counted in the copy and in what was copied.</summary>
    private static readonly string[] Counted =
    [
        "Briefs",
        "Versions",
        "Classes",
        "Pupils",
        "Cupboard",
        "Rallies",
        "Teams",
        "Entries",
        "Photos",
    ];

    private string Pictures => Path.Combine(path, "photos");

    /// <summary>The copies that are whole, the newest first. What cannot be read is left out.</summary>
    public IReadOnlyList<Copy> All() =>
        !Directory.Exists(path)
            ? []
            :
            [
                .. Directory
                    .GetFiles(path, "*.json")
                    .Select(Read)
                    .OfType<Copy>()
                    .Where(c => File.Exists(FileOf(c)))
                    .OrderByDescending(c => c.MadeAt),
            ];

    /// <summary>The data file of a copy.</summary>
    public string FileOf(Copy copy) => Path.Combine(path, copy.Name + ".db");

    /// <summary>How many bytes all copies take, pictures included.</summary>
    public long Bytes() => Directory.Exists(path) ? OwnFiles.BytesIn(path) : 0;

    /// <summary>Makes a copy while the data is in use, and checks it.</summary>
    /// <param name="folder">What is copied.</param>
    /// <param name="reason">Why.</param>
    /// <param name="now">When.</param>
    /// <exception cref="IOException">The disk is full, or the copy is not the same as what was copied.</exception>
    /// <exception cref="SqliteException">The disk is full, or the data cannot be read.</exception>
    public Copy Make(DataFolder folder, CopyReason reason, DateTimeOffset now)
    {
        OwnFiles.Folder(path);
        var name = FreeName(now);
        var unfinished = Path.Combine(path, name + ".unfinished");
        try
        {
            OwnFiles.Close(unfinished);
            var photos = Write(folder.File, unfinished);
            foreach (var photo in photos)
                KeepPicture(Path.Combine(folder.Photos, photo + ".jpg"), photo);
            var copy = new Copy(
                name,
                now,
                reason,
                new FileInfo(unfinished).Length,
                Count(unfinished, "Rallies"),
                Count(unfinished, "Briefs"),
                photos
            );
            File.Move(unfinished, FileOf(copy));
            Describe(copy);
            return copy;
        }
        finally
        {
            File.Delete(unfinished);
        }
    }

    /// <summary>Puts a copy of another shelf on this one too, and checks it.</summary>
    /// <exception cref="IOException">It cannot be written, or came out different.</exception>
    public void Take(CopyShelf other, Copy copy)
    {
        OwnFiles.Folder(path);
        var unfinished = Path.Combine(path, copy.Name + ".unfinished");
        try
        {
            File.Copy(other.FileOf(copy), unfinished, overwrite: true);
            Check(unfinished);
            foreach (var photo in copy.Photos)
                KeepPicture(Path.Combine(other.Pictures, photo + ".jpg"), photo);
            File.Move(unfinished, FileOf(copy), overwrite: true);
            Describe(copy);
        }
        finally
        {
            File.Delete(unfinished);
        }
    }

    /// <summary>Deletes copies that were being written when a program was ended by force.</summary>
    public void ClearUnfinished()
    {
        if (Directory.Exists(path))
            foreach (var left in Directory.GetFiles(path, "*.unfinished*"))
                File.Delete(left);
    }

    /// <summary>Deletes the copies that the rule does not keep, and pictures that are in no copy any more.</summary>
    public void Prune(DateTimeOffset now)
    {
        var all = All();
        var kept = CopyRule.Kept([.. all.Select(c => c.MadeAt)], now);
        foreach (var copy in all.Where(c => !kept.Contains(c.MadeAt)))
        {
            File.Delete(FileOf(copy));
            File.Delete(Path.Combine(path, copy.Name + ".json"));
        }

        if (!Directory.Exists(Pictures))
            return;
        var needed = all.Where(c => kept.Contains(c.MadeAt)).SelectMany(c => c.Photos).ToHashSet();
        foreach (var picture in Directory.GetFiles(Pictures, "*.jpg", SearchOption.AllDirectories))
        {
            if (
                !needed.Contains(Path.GetRelativePath(Pictures, Path.ChangeExtension(picture, null)).Replace('\\', '/'))
            )
                File.Delete(picture);
        }
    }

    /// <summary>Puts the pictures of a copy back where the data looks for them; those that are there stay.</summary>
    internal void BringBackPictures(string file, DataFolder folder)
    {
        if (All().FirstOrDefault(c => Path.GetFullPath(FileOf(c)) == Path.GetFullPath(file)) is not { } copy)
            return;
        foreach (var photo in copy.Photos)
        {
            var (from, to) = (Path.Combine(Pictures, photo + ".jpg"), Path.Combine(folder.Photos, photo + ".jpg"));
            if (File.Exists(to) || !File.Exists(from))
                continue;
            OwnFiles.Folder(Path.GetDirectoryName(to)!);
            File.Copy(from, to);
        }
    }

    /// <summary>Writes the copy, and says which photos are in it.</summary>
    private static List<string> Write(string from, string to)
    {
        using (var source = DataFileCheck.Open(from))
        {
            // What is counted and what is copied are one state, whatever is written meanwhile.
            using var one = source.BeginTransaction(deferred: true);
            var before = Counts(source);
            using (var target = DataFileCheck.Open(to))
                source.BackupDatabase(target);
            Check(to);
            using var copy = DataFileCheck.Open(to);
            if (!Counts(copy).SequenceEqual(before))
                throw new IOException("The backup does not have as many rows as the data.");
            DataFileCheck.Rows(copy, "PRAGMA journal_mode = DELETE");
            return DataFileCheck.Rows(copy, "SELECT name FROM sqlite_master WHERE name = 'Photos'").Count == 0
                ? []
                :
                [
                    .. DataFileCheck.Rows(
                        copy,
                        """SELECT lower("RallyId") || '/' || lower("Id") FROM "Photos" ORDER BY 1"""
                    ),
                ];
        }
    }

    private static void Check(string file)
    {
        using var copy = DataFileCheck.Open(file);
        if (DataFileCheck.Rows(copy, "PRAGMA integrity_check(1)") is not ["ok"])
            throw new IOException("The backup was damaged while it was written.");
    }

    private static List<string> Counts(SqliteConnection data)
    {
        var there = DataFileCheck.Rows(data, "SELECT name FROM sqlite_master WHERE type = 'table'");
        return
        [
            .. Counted
                .Where(there.Contains)
                .Select(table => $"{table} {DataFileCheck.Rows(data, $"SELECT count(*) FROM \"{table}\"")[0]}"),
        ];
    }

    private static long Count(string file, string table)
    {
        using var copy = DataFileCheck.Open(file, SqliteOpenMode.ReadOnly);
        return long.Parse(DataFileCheck.Rows(copy, $"SELECT count(*) FROM \"{table}\"")[0]);
    }

    /// <summary>
    /// Pictures never change, so one that is there is not written again. One that is missing in the data cannot be
    /// copied.
    /// </summary>
    private void KeepPicture(string from, string photo)
    {
        var to = Path.Combine(Pictures, photo + ".jpg");
        if (File.Exists(to) || !File.Exists(from))
            return;
        OwnFiles.Folder(Path.GetDirectoryName(to)!);
        var unfinished = to + ".unfinished";
        File.Copy(from, unfinished, overwrite: true);
        File.Move(unfinished, to, overwrite: true);
    }

    /// <summary>The copy counts from here on: what says what is in it comes last.</summary>
    private void Describe(Copy copy)
    {
        var whole = Path.Combine(path, copy.Name + ".json");
        // Moved into place whole: whoever lists the copies meanwhile never meets half a file.
        using (var says = new StreamWriter(whole + ".unfinished", OwnFiles.Fresh))
            says.Write(Json.Write(copy));
        File.Move(whole + ".unfinished", whole, overwrite: true);
    }

    private string FreeName(DateTimeOffset now)
    {
        // By the clock on the wall: people look for the copy of this morning.
        now = now.ToLocalTime();
        var name = now.ToString("yyyy-MM-dd-HHmmss");
        for (var again = 2; File.Exists(Path.Combine(path, name + ".db")); again++)
            name = $"{now:yyyy-MM-dd-HHmmss}-{again}";
        return name;
    }

    private static Copy? Read(string file)
    {
        try
        {
            return JsonSerializer.Deserialize<Copy>(File.ReadAllText(file), Json.Options);
        }
        catch (Exception wrong) when (wrong is JsonException or FileNotFoundException)
        {
            // A file that says nothing describes no copy (the data file beside it can still be named by hand), nor does
            // one that was thinned out since it was listed.
            return null;
        }
    }
}
