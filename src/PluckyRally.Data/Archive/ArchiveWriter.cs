using System.IO.Compression;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Data.Days;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Archive;

/// <summary>Writes everything into one file: a zip of the open formats.</summary>
public static class ArchiveWriter
{
    /// <summary>Writes an archive. The data may be in use; what is written is one state of it.</summary>
    /// <param name="folder">The data.</param>
    /// <param name="file">The archive; one that is there is replaced when the new one is whole.</param>
    /// <param name="now">When it is saved.</param>
    /// <param name="stop">Stops it; nothing is left then.</param>
    /// <exception cref="IOException">The disk is full, or the file cannot be written.</exception>
    /// <exception cref="SqliteException">The data cannot be read.</exception>
    public static async Task<Everything> Write(
        DataFolder folder,
        string file,
        DateTimeOffset now,
        CancellationToken stop
    )
    {
        Leftovers.Clear(file);
        var (state, unfinished) = ($"{file}.{Guid.NewGuid():N}.db", $"{file}.{Guid.NewGuid():N}.unfinished");
        try
        {
            OwnFiles.Close(state);
            using (var source = DataFileCheck.Open(folder.File))
            using (var target = DataFileCheck.Open(state))
            {
                source.BackupDatabase(target);
            }

            Everything everything;
            await using (
                var db = new RallyDb(
                    new DbContextOptionsBuilder<RallyDb>()
                        .UseSqlite(new SqliteConnectionStringBuilder { DataSource = state, Pooling = false }.ToString())
                        .Options
                )
            )
            await using (var zip = new ZipArchive(new FileStream(unfinished, OwnFiles.Fresh), ZipArchiveMode.Create))
            {
                everything = await Write(db, folder, zip, now, stop);
            }

            File.Move(unfinished, file, overwrite: true);
            return everything;
        }
        finally
        {
            foreach (var left in new[] { state, state + "-wal", state + "-shm", unfinished })
                File.Delete(left);
        }
    }

    private static async Task<Everything> Write(
        RallyDb db,
        DataFolder folder,
        ZipArchive zip,
        DateTimeOffset now,
        CancellationToken stop
    )
    {
        var briefs = new List<ArchivedBrief>();
        foreach (var brief in await db.Briefs.AsNoTracking().OrderBy(b => b.Id).ToListAsync(stop))
        {
            var versions = await db
                .Versions.AsNoTracking()
                .Where(v => v.BriefId == brief.Id)
                .OrderBy(v => v.Revision)
                .ToListAsync(stop);
            var archived = new ArchivedBrief(
                brief.Id,
                brief.Revision,
                brief.Archived,
                brief.ChangedAt,
                [.. versions.Select(v => new ArchivedVersion(v.Revision, v.Title, v.SavedAt))]
            );
            Put(zip, archived.File, brief.Document);
            for (var i = 0; i < versions.Count; i++)
                Put(zip, archived.FileOf(archived.Versions[i]), versions[i].Document);
            briefs.Add(archived);
        }

        var rallies = new List<ArchivedRally>();
        foreach (
            var stored in await db
                .Rallies.AsNoTracking()
                .AsSplitQuery()
                .Include(r => r.Teams)
                    .ThenInclude(t => t.Students)
                        .ThenInclude(p => p.Student)
                .OrderBy(r => r.Id)
                .ToListAsync(stop)
        )
        {
            var documents = await db
                .Entries.AsNoTracking()
                .Where(e => e.RallyId == stored.Id)
                .OrderBy(e => e.Sequence)
                .Select(e => e.Document)
                .ToListAsync(stop);
            var photos = await db
                .Photos.AsNoTracking()
                .Where(p => p.RallyId == stored.Id)
                .OrderBy(p => p.At)
                .ThenBy(p => p.Id)
                .ToListAsync(stop);
            var stock = await db
                .StockMoves.AsNoTracking()
                .Where(m => m.RallyId == stored.Id)
                .OrderBy(m => m.Key)
                .ToListAsync(stop);
            var there = photos
                .Where(p => File.Exists(PhotoAlbum.FileOf(folder, stored.Id, p.Id)))
                .Select(p => new ArchivedPhoto(p.Id, p.TeamId, p.Round, p.Width, p.Height, p.By, p.At))
                .ToList();
            var archived = new ArchivedRally(
                stored.Id,
                stored.BriefTitle,
                stored.MadeAt,
                stored.JudgesStrikeOthers,
                there,
                [.. stock.Select(m => new ArchivedStock(m.Name, m.Unit, m.Taken, m.Back))],
                stored.BriefId
            )
            {
                PutAway = stored.Archived,
                Lesson = stored.LessonId,
                UnreadEdition = DocumentReader.KeptEdition(stored.Edition) is null ? stored.Edition : null,
            };
            Put(zip, archived.File, await RallyFile(db, stored, documents, stop));
            foreach (var photo in archived.Photos)
                zip.CreateEntryFromFile(
                    PhotoAlbum.FileOf(folder, stored.Id, photo.Id),
                    archived.FileOf(photo),
                    CompressionLevel.NoCompression
                );
            rallies.Add(archived);
        }

        var classes = await db.Classes.AsNoTracking().Include(c => c.Students).OrderBy(c => c.Name).ToListAsync(stop);
        var cupboard = await db.Cupboard.AsNoTracking().OrderBy(i => i.Key).ToListAsync(stop);
        var school = await db.Schools.AsNoTracking().FirstOrDefaultAsync(stop);
        var plans = await db.Plans.AsNoTracking().OrderBy(p => p.Id).ToListAsync(stop);
        var days = await db.Days.AsNoTracking().OrderBy(d => d.Id).ToListAsync(stop);
        var everything = new Everything
        {
            SavedAt = now,
            School = school?.Read(),
            Plans = [.. plans.Select(p => new ArchivedPlan(p.Id, p.Plan))],
            Days = [.. days.Select(d => d.Read()).OfType<KeptDay>().Select(d => new ArchivedDay(d.Id, d.Day))],
            Classes =
            [
                .. classes.Select(c => new ArchivedClass(
                    c.Id,
                    c.Name,
                    c.NoPhotos,
                    [
                        .. c
                            .Students.OrderBy(p => p.Order)
                            .Select(p => new ArchivedStudent(p.Id, p.Name, p.Order, p.NoPhotos)),
                    ]
                )
                {
                    Wishes = c.Preferences,
                }),
            ],
            Cupboard = [.. cupboard.Select(i => i.Item)],
            Briefs = briefs,
            Rallies = rallies,
        };
        Put(zip, Everything.File, Json.Write(everything));
        return everything;
    }

    /// <summary>
    /// The rally in its open format. What was kept goes in to the letter, fields that this version does not know too.
    /// </summary>
    private static async Task<string> RallyFile(
        RallyDb db,
        StoredRally stored,
        List<string> documents,
        CancellationToken stop
    )
    {
        var (entries, unread) = RallyRows.Entries(documents);
        var rally = RallyRows.Read(stored, [], unread);
        var file = JsonSerializer
            .SerializeToNode(rally with { Latecomers = await Latecomers.Of(db, rally, entries, stop) }, Json.Options)!
            .AsObject();
        if (DocumentReader.KeptEdition(stored.Edition) is not null)
            file["edition"] = JsonNode.Parse(stored.Edition);
        file["entries"] = new JsonArray([
            .. documents.Where(d => DocumentReader.KeptEntry(d) is not null).Select(d => JsonNode.Parse(d)),
        ]);
        return file.ToJsonString(Json.Options);
    }

    private static void Put(ZipArchive zip, string name, string text)
    {
        using var writer = new StreamWriter(zip.CreateEntry(name).Open(), new UTF8Encoding(false));
        writer.Write(text);
    }
}
