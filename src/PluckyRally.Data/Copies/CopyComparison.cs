using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Problems;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Removals;

namespace PluckyRally.Data.Copies;

/// <summary>Holds a copy beside the data, so that whoever restores it knows beforehand what changes.</summary>
public static class CopyComparison
{
    /// <summary>
    /// What would change. The copy is read as this version would read it, on a file of its own that is cleared away.
    /// </summary>
    /// <param name="folder">The data.</param>
    /// <param name="file">The copy's data file.</param>
    /// <param name="stop">Stops it.</param>
    /// <returns>What would change, or what is wrong with the copy.</returns>
    /// <exception cref="IOException">The disk is full, or the copy cannot be read.</exception>
    public static async Task<Result<CopyPreview>> Of(DataFolder folder, string file, CancellationToken stop)
    {
        var passing = new DataFolder(folder.Path, $"{folder.Name}-{Guid.NewGuid():N}.compared");
        try
        {
            OwnFiles.Close(passing.File);
            File.Copy(file, passing.File, overwrite: true);
            if (DataFileCheck.Look(passing.File, DataFileUpdate.Known, out var applied) is { } trouble)
                return Refused(trouble, passing, file);
            if (DataFileUpdate.Known.Except(applied).Any())
                await DataFileUpdate.BringUpToDate(passing, stop);
            await using var copy = DataFileUpdate.Context(passing.File);
            await using var now = DataFileUpdate.Context(folder.File);
            return Result<CopyPreview>.Ok(Compare(await Contents.Of(now, stop), await Contents.Of(copy, stop)));
        }
        catch (SqliteException wrong)
        {
            return Refused(DataTrouble.Of(wrong, passing.File), passing, file);
        }
        finally
        {
            DataFileUpdate.Clear(passing);
            foreach (var ending in new[] { "", "-wal", "-shm", "-journal" })
                File.Delete(passing.File + ending);
        }
    }

    private static Result<CopyPreview> Refused(DataTrouble trouble, DataFolder passing, string file) =>
        Result<CopyPreview>.Refused(
            new Problem(
                "/name",
                trouble.What.Replace(passing.File, Path.GetFileName(file), StringComparison.Ordinal),
                "Choose another backup. Nothing was changed."
            )
        );

    private static CopyPreview Compare(Contents now, Contents then)
    {
        var before = then.Things.ToDictionary(t => (t.Sort, t.Id));
        var here = now.Things.ToDictionary(t => (t.Sort, t.Id));
        return new(
            [
                .. now
                    .Things.Where(t => !before.ContainsKey((t.Sort, t.Id)))
                    .Select(t => t.As(CopyFate.Goes, t.Count, 0))
                    .Concat(
                        now.Things.Where(t => before.TryGetValue((t.Sort, t.Id), out var old) && old.State != t.State)
                            .Select(t => t.As(CopyFate.Changes, t.Count, before[(t.Sort, t.Id)].Count))
                    )
                    .Concat(
                        then.Things.Where(t => !here.ContainsKey((t.Sort, t.Id)))
                            .Select(t => t.As(CopyFate.ComesBack, 0, t.Count))
                    ),
            ],
            now.Photos,
            then.Photos,
            now.Cupboard != then.Cupboard
        );
    }

    /// <summary>What a data file holds, as far as two are compared.</summary>
    private sealed record Contents(IReadOnlyList<Held> Things, int Photos, string Cupboard)
    {
        public static async Task<Contents> Of(RallyDb db, CancellationToken stop)
        {
            var rallies = await db
                .Rallies.AsNoTracking()
                .OrderByDescending(r => r.Date)
                .Select(r => new
                {
                    r.Id,
                    r.Name,
                    r.BriefTitle,
                    r.Date,
                    r.Archived,
                    Teams = r.Teams.Count,
                    Entries = db.Entries.Count(e => e.RallyId == r.Id),
                })
                .ToListAsync(stop);
            var briefs = await db
                .Briefs.AsNoTracking()
                .OrderBy(b => b.Title)
                .Select(b => new
                {
                    b.Id,
                    b.Title,
                    b.Revision,
                    b.Archived,
                })
                .ToListAsync(stop);
            var classes = await db
                .Classes.AsNoTracking()
                .Include(c => c.Students)
                .OrderBy(c => c.Name)
                .ToListAsync(stop);
            var cupboard = await db
                .Cupboard.AsNoTracking()
                .OrderBy(c => c.Key)
                .Select(c => new
                {
                    c.Name,
                    c.Amount,
                    c.Unit,
                    c.OtherNames,
                })
                .ToListAsync(stop);
            return new(
                [
                    .. rallies.Select(r => new Held(
                        RemovedSort.Rally,
                        r.Id.Value,
                        r.Name,
                        r.BriefTitle,
                        r.Date,
                        r.Entries,
                        $"{r.Name} {r.Date} {r.Archived} {r.Teams} {r.Entries}"
                    )),
                    .. briefs.Select(b => new Held(
                        RemovedSort.Brief,
                        b.Id.Value,
                        b.Title,
                        "",
                        null,
                        0,
                        $"{b.Revision} {b.Archived}"
                    )),
                    .. classes.Select(c => new Held(
                        RemovedSort.Class,
                        c.Id,
                        c.Name,
                        "",
                        null,
                        c.Students.Count,
                        string.Join(' ', c.Students.OrderBy(s => s.Order).Select(s => $"{s.Id} {s.Name}"))
                            + $"{c.Name} {c.NoPhotos} {c.Preferences}"
                    )),
                ],
                await db.Photos.CountAsync(stop),
                string.Join('\n', cupboard)
            );
        }
    }

    /// <summary>A thing of a data file.</summary>
    private sealed record Held(
        RemovedSort Sort,
        Guid Id,
        string Name,
        string Brief,
        DateOnly? Date,
        int Count,
        string State
    )
    {
        public CopyChange As(CopyFate fate, int now, int then) => new(Sort, Name, Brief, Date, fate, now, then);
    }
}
