using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Folder;

namespace PluckyRally.Data.Photos;

/// <summary>The photos of all rallies.</summary>
public sealed class PhotoAlbum(RallyDb db, DataFolder folder, TimeProvider clock)
{
    /// <summary>Bytes of a picture that are taken; a phone's photo has a few millions.</summary>
    public const int MostBytes = 25_000_000;

    /// <summary>The photos of a rally, in the order in which they were taken.</summary>
    public async Task<IReadOnlyList<StoredPhoto>> Of(RallyId rally, CancellationToken stop) =>
        await db
            .Photos.AsNoTracking()
            .Where(p => p.RallyId == rally)
            .OrderBy(p => p.At)
            .ThenBy(p => p.Id)
            .ToListAsync(stop);

    /// <summary>A photo by its id, in whatever rally; null where there is none.</summary>
    public async Task<StoredPhoto?> Find(Guid photo, CancellationToken stop) =>
        await db.Photos.AsNoTracking().FirstOrDefaultAsync(p => p.Id == photo, stop);

    /// <summary>
    /// Keeps a photo: the file first, so that no row is without its picture. False where a photo of this id is kept
    /// already, or was deleted.
    /// </summary>
    public async Task<bool> Add(StoredPhoto photo, ReadOnlyMemory<byte> jpeg, CancellationToken stop)
    {
        // Whoever sends the same photo at the same moment waits here.
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await db.Photos.IgnoreQueryFilters().AnyAsync(p => p.Id == photo.Id, stop))
            return false;
        var file = FileOf(folder, photo.RallyId, photo.Id);
        OwnFiles.Folder(Path.GetDirectoryName(file)!);
        var unfinished = $"{file}.{Guid.NewGuid():N}";
        await using (var writing = new FileStream(unfinished, OwnFiles.Fresh))
            await writing.WriteAsync(jpeg, stop);
        File.Move(unfinished, file, overwrite: true);
        db.Photos.Add(photo);
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return true;
    }

    /// <summary>The file of a picture.</summary>
    internal static string FileOf(DataFolder folder, RallyId rally, Guid photo) =>
        Path.Combine(folder.Photos, rally.ToString(), $"{photo}.jpg");

    /// <summary>The file of a photo; null where there is none.</summary>
    public async Task<string?> FileOf(RallyId rally, Guid photo, CancellationToken stop) =>
        await db.Photos.AnyAsync(p => p.Id == photo && p.RallyId == rally, stop) ? FileOf(folder, rally, photo) : null;

    /// <summary>Deletes a photo; for some time it can be restored. False where there is none.</summary>
    public async Task<bool> Delete(RallyId rally, Guid photo, CancellationToken stop) =>
        await db
            .Photos.Where(p => p.Id == photo && p.RallyId == rally)
            .ExecuteUpdateAsync(set => set.SetProperty(p => p.DeletedAt, clock.GetUtcNow()), stop) > 0;

    /// <summary>
    /// Whether photos may be taken in a rally: not where a class of any of its students does without.
    /// </summary>
    /// <param name="rally">The rally.</param>
    /// <param name="placed">Who came into its teams later.</param>
    /// <param name="stop">Stops it.</param>
    public async Task<bool> MayTake(RallyId rally, IEnumerable<StudentId> placed, CancellationToken stop)
    {
        var later = placed.Select(s => s.InClass).OfType<Guid>().Distinct().ToList();
        return !await db
            .Students.IgnoreQueryFilters()
            .AnyAsync(
                p =>
                    db.Classes.Any(c => c.Id == p.ClassId && c.NoPhotos)
                    && (later.Contains(p.Id) || db.TeamStudents.Any(m => m.RallyId == rally && m.StudentId == p.Id)),
                stop
            );
    }

    /// <summary>Those of these students, by their ids in a rally, who may not be in photos.</summary>
    public async Task<HashSet<StudentId>> NotInPhotos(IReadOnlyList<StudentId> students, CancellationToken stop)
    {
        var known = students.Select(s => s.InClass ?? Guid.Empty).ToList();
        var not = await db.Students.Where(p => p.NoPhotos && known.Contains(p.Id)).Select(p => p.Id).ToListAsync(stop);
        return [.. not.Select(StudentId.OfClass)];
    }
}
