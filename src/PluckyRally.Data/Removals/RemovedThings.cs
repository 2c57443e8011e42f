using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Removals;

/// <summary>What sort of thing was deleted.</summary>
public enum RemovedSort
{
    /// <summary>A brief with its earlier versions.</summary>
    Brief,

    /// <summary>A rally with its log and its photos.</summary>
    Rally,

    /// <summary>A class with its students.</summary>
    Class,

    /// <summary>A student.</summary>
    Student,

    /// <summary>A photo.</summary>
    Photo,
}

/// <summary>Something that was deleted and can still be restored.</summary>
/// <param name="Sort">What sort of thing it is.</param>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Of">What it belonged to: a student's class, a photo's rally; empty for what stands by itself.</param>
/// <param name="Brief">The brief's title, of a rally and of a photo of one; empty for others.</param>
/// <param name="Date">The day of that rally.</param>
/// <param name="Archived">Whether it was archived when it was deleted: so it is again when it is restored.</param>
/// <param name="RemovedAt">When it was deleted.</param>
/// <param name="GoneAt">When it is gone for good.</param>
public sealed record Removed(
    RemovedSort Sort,
    Guid Id,
    string Name,
    string Of,
    string Brief,
    DateOnly? Date,
    bool Archived,
    DateTimeOffset RemovedAt,
    DateTimeOffset GoneAt
);

/// <summary>What was deleted: shown, restored, and after some time gone for good.</summary>
public sealed class RemovedThings(RallyDb db, DataFolder folder, RallyOwners owners, TimeProvider clock)
{
    /// <summary>Days for which something can be restored.</summary>
    public const int Days = 30;

    /// <summary>
    /// Everything that can be restored, the last deleted first. What went with something else is not listed by
    /// itself.
    /// </summary>
    public async Task<IReadOnlyList<Removed>> All(CancellationToken stop)
    {
        var briefs = await db
            .Briefs.IgnoreQueryFilters()
            .Where(b => b.DeletedAt != null)
            .Select(b => new
            {
                b.Id,
                b.Title,
                b.Archived,
                b.DeletedAt,
            })
            .ToListAsync(stop);
        var rallies = await db
            .Rallies.IgnoreQueryFilters()
            .Where(r => r.DeletedAt != null)
            .Select(r => new
            {
                r.Id,
                r.Name,
                r.BriefTitle,
                r.Date,
                r.Archived,
                r.DeletedAt,
            })
            .ToListAsync(stop);
        var classes = await db
            .Classes.IgnoreQueryFilters()
            .Where(c => c.DeletedAt != null)
            .Select(c => new
            {
                c.Id,
                c.Name,
                c.DeletedAt,
            })
            .ToListAsync(stop);
        var students = await db
            .Students.IgnoreQueryFilters()
            .Where(p => p.DeletedAt != null)
            .Join(
                db.Classes.IgnoreQueryFilters(),
                p => p.ClassId,
                c => c.Id,
                (p, c) =>
                    new
                    {
                        p.Id,
                        p.Name,
                        Class = c.Name,
                        p.DeletedAt,
                        WithClass = c.DeletedAt != null,
                    }
            )
            .ToListAsync(stop);
        var photos = await db
            .Photos.IgnoreQueryFilters()
            .Where(p => p.DeletedAt != null)
            .Join(
                db.Rallies.IgnoreQueryFilters(),
                p => p.RallyId,
                r => r.Id,
                (p, r) =>
                    new
                    {
                        p.Id,
                        p.By,
                        Rally = r.Name,
                        r.BriefTitle,
                        r.Date,
                        p.DeletedAt,
                        WithRally = r.DeletedAt != null,
                    }
            )
            .ToListAsync(stop);
        return
        [
            .. briefs
                .Select(b => Thing(RemovedSort.Brief, b.Id.Value, b.Title, b.DeletedAt) with { Archived = b.Archived })
                .Concat(
                    rallies.Select(r =>
                        Thing(RemovedSort.Rally, r.Id.Value, r.Name, r.DeletedAt) with
                        {
                            Brief = r.BriefTitle,
                            Date = r.Date,
                            Archived = r.Archived,
                        }
                    )
                )
                .Concat(classes.Select(c => Thing(RemovedSort.Class, c.Id, c.Name, c.DeletedAt)))
                .Concat(
                    students
                        .Where(p => !p.WithClass)
                        .Select(p => Thing(RemovedSort.Student, p.Id, p.Name, p.DeletedAt) with { Of = p.Class })
                )
                .Concat(
                    photos
                        .Where(p => !p.WithRally)
                        .Select(p =>
                            Thing(RemovedSort.Photo, p.Id, p.By, p.DeletedAt) with
                            {
                                Of = p.Rally,
                                Brief = p.BriefTitle,
                                Date = p.Date,
                            }
                        )
                )
                .OrderByDescending(t => t.RemovedAt),
        ];
    }

    /// <summary>Restores something. False where there is nothing of this id to be restored.</summary>
    public async Task<bool> TakeBack(RemovedSort sort, Guid id, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var back = sort switch
        {
            RemovedSort.Brief => await db
                .Briefs.IgnoreQueryFilters()
                .Where(b => b.Id == new BriefId(id) && b.DeletedAt != null)
                .ExecuteUpdateAsync(set => set.SetProperty(b => b.DeletedAt, (DateTimeOffset?)null), stop),
            RemovedSort.Rally => await db
                .Rallies.IgnoreQueryFilters()
                .Where(r => r.Id == new RallyId(id) && r.DeletedAt != null)
                .ExecuteUpdateAsync(set => set.SetProperty(r => r.DeletedAt, (DateTimeOffset?)null), stop),
            RemovedSort.Class => await TakeClassBack(id, stop),
            RemovedSort.Student => await db
                .Students.IgnoreQueryFilters()
                .Where(p => p.Id == id && p.DeletedAt != null)
                .ExecuteUpdateAsync(set => set.SetProperty(p => p.DeletedAt, (DateTimeOffset?)null), stop),
            RemovedSort.Photo => await db
                .Photos.IgnoreQueryFilters()
                .Where(p => p.Id == id && p.DeletedAt != null)
                .ExecuteUpdateAsync(set => set.SetProperty(p => p.DeletedAt, (DateTimeOffset?)null), stop),
        };
        await whole.CommitAsync(stop);
        if (back > 0)
            owners.ForgetAll();
        return back > 0;
    }

    /// <summary>
    /// Deletes one thing for good that was deleted. False where there is nothing of this id to be deleted.
    /// </summary>
    public async Task<bool> Delete(RemovedSort sort, Guid id, CancellationToken stop)
    {
        var photos = await db
            .Photos.IgnoreQueryFilters()
            .Where(p =>
                (
                    sort == RemovedSort.Rally
                    && p.RallyId == new RallyId(id)
                    && db.Rallies.IgnoreQueryFilters().Any(r => r.Id == new RallyId(id) && r.DeletedAt != null)
                ) || (sort == RemovedSort.Photo && p.Id == id && p.DeletedAt != null)
            )
            .Select(p => new { p.RallyId, p.Id })
            .ToListAsync(stop);
        var gone = sort switch
        {
            RemovedSort.Brief => await db
                .Briefs.IgnoreQueryFilters()
                .Where(b => b.Id == new BriefId(id) && b.DeletedAt != null)
                .ExecuteDeleteAsync(stop),
            RemovedSort.Rally => await db
                .Rallies.IgnoreQueryFilters()
                .Where(r => r.Id == new RallyId(id) && r.DeletedAt != null)
                .ExecuteDeleteAsync(stop),
            RemovedSort.Class => await db
                .Classes.IgnoreQueryFilters()
                .Where(c => c.Id == id && c.DeletedAt != null)
                .ExecuteDeleteAsync(stop),
            RemovedSort.Student => await db
                .Students.IgnoreQueryFilters()
                .Where(p => p.Id == id && p.DeletedAt != null)
                .ExecuteDeleteAsync(stop),
            RemovedSort.Photo => await db
                .Photos.IgnoreQueryFilters()
                .Where(p => p.Id == id && p.DeletedAt != null)
                .ExecuteDeleteAsync(stop),
        };
        foreach (var photo in photos)
            File.Delete(PhotoAlbum.FileOf(folder, photo.RallyId, photo.Id));
        if (gone > 0)
            owners.ForgetAll();
        return gone > 0;
    }

    /// <summary>Deletes for good what was deleted long enough ago: rows first, then the pictures.</summary>
    public async Task Sweep(CancellationToken stop)
    {
        var before = clock.GetUtcNow().AddDays(-Days);
        var photos = await db
            .Photos.IgnoreQueryFilters()
            .Where(p =>
                p.DeletedAt < before
                || db.Rallies.IgnoreQueryFilters().Any(r => r.Id == p.RallyId && r.DeletedAt < before)
            )
            .Select(p => new { p.RallyId, p.Id })
            .ToListAsync(stop);
        await db.Photos.IgnoreQueryFilters().Where(p => p.DeletedAt < before).ExecuteDeleteAsync(stop);
        await db.Rallies.IgnoreQueryFilters().Where(r => r.DeletedAt < before).ExecuteDeleteAsync(stop);
        await db.Briefs.IgnoreQueryFilters().Where(b => b.DeletedAt < before).ExecuteDeleteAsync(stop);
        await db.Students.IgnoreQueryFilters().Where(p => p.DeletedAt < before).ExecuteDeleteAsync(stop);
        await db.Classes.IgnoreQueryFilters().Where(c => c.DeletedAt < before).ExecuteDeleteAsync(stop);
        foreach (var photo in photos)
            File.Delete(PhotoAlbum.FileOf(folder, photo.RallyId, photo.Id));
    }

    /// <summary>The students who went with their class come back with it, and no others.</summary>
    private async Task<int> TakeClassBack(Guid id, CancellationToken stop)
    {
        var at = await db
            .Classes.IgnoreQueryFilters()
            .Where(c => c.Id == id)
            .Select(c => c.DeletedAt)
            .FirstOrDefaultAsync(stop);
        if (at is null)
            return 0;
        await db
            .Students.IgnoreQueryFilters()
            .Where(p => p.ClassId == id && p.DeletedAt == at)
            .ExecuteUpdateAsync(set => set.SetProperty(p => p.DeletedAt, (DateTimeOffset?)null), stop);
        return await db
            .Classes.IgnoreQueryFilters()
            .Where(c => c.Id == id)
            .ExecuteUpdateAsync(set => set.SetProperty(c => c.DeletedAt, (DateTimeOffset?)null), stop);
    }

    private static Removed Thing(RemovedSort sort, Guid id, string name, DateTimeOffset? at) =>
        new(sort, id, name, "", "", null, Archived: false, at!.Value, at.Value.AddDays(Days));
}
