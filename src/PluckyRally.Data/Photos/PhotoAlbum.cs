using Microsoft.EntityFrameworkCore;

namespace PluckyRally.Data.Photos;

/// <summary>Where the pictures are: a folder beside the data file.</summary>
/// <param name="Path">The folder.</param>
public sealed record PhotoFolder(string Path)
{
    /// <summary>The folder of a data file's photos.</summary>
    public static PhotoFolder Beside(string dataFile) => new(System.IO.Path.Combine(System.IO.Path.GetDirectoryName(dataFile)!, System.IO.Path.GetFileNameWithoutExtension(dataFile) + "-photos"));

    internal string FileOf(Guid rally, Guid photo) => System.IO.Path.Combine(Path, rally.ToString(), $"{photo}.jpg");
}

/// <summary>The photos of all rallies.</summary>
public sealed class PhotoAlbum(RallyDb db, PhotoFolder folder)
{
    /// <summary>The photos of a rally, in the order in which they were taken.</summary>
    public async Task<IReadOnlyList<StoredPhoto>> Of(Guid rally, CancellationToken stop) =>
        await db.Photos.AsNoTracking().Where(p => p.RallyId == rally).OrderBy(p => p.At).ThenBy(p => p.Id).ToListAsync(stop);

    /// <summary>A photo by its id, in whatever rally; null where there is none.</summary>
    public async Task<StoredPhoto?> Find(Guid photo, CancellationToken stop) => await db.Photos.AsNoTracking().FirstOrDefaultAsync(p => p.Id == photo, stop);

    /// <summary>Keeps a photo: the file first, so that no row is without its picture.</summary>
    public async Task Add(StoredPhoto photo, ReadOnlyMemory<byte> jpeg, CancellationToken stop)
    {
        var file = folder.FileOf(photo.RallyId, photo.Id);
        Directory.CreateDirectory(Path.GetDirectoryName(file)!);
        await File.WriteAllBytesAsync(file, jpeg, stop);
        db.Photos.Add(photo);
        await db.SaveChangesAsync(stop);
    }

    /// <summary>The file of a photo; null where there is none.</summary>
    public async Task<string?> FileOf(Guid rally, Guid photo, CancellationToken stop) =>
        await db.Photos.AnyAsync(p => p.Id == photo && p.RallyId == rally, stop) ? folder.FileOf(rally, photo) : null;

    /// <summary>Deletes a photo, row and file. False where there is none.</summary>
    public async Task<bool> Delete(Guid rally, Guid photo, CancellationToken stop)
    {
        if (await db.Photos.Where(p => p.Id == photo && p.RallyId == rally).ExecuteDeleteAsync(stop) == 0) return false;
        File.Delete(folder.FileOf(rally, photo));
        return true;
    }

    /// <summary>Whether photos may be taken in a rally: not where a class of any of its pupils does without.</summary>
    public async Task<bool> MayTake(Guid rally, CancellationToken stop) =>
        !await db.TeamPupils.AnyAsync(m => m.RallyId == rally && db.Classes.Any(c => c.Id == m.Pupil!.ClassId && c.NoPhotos), stop);
}
