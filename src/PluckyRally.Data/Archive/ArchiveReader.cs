using System.IO.Compression;
using System.Text;
using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Briefs;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Folder;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Archive;

/// <summary>What came of bringing an archive in.</summary>
/// <param name="Briefs">Briefs that are new here.</param>
/// <param name="Rallies">Rallies that are new here.</param>
/// <param name="Classes">Classes that are new here.</param>
/// <param name="Photos">Photos that are new here.</param>
/// <param name="Same">Briefs, rallies and classes that were here already.</param>
/// <param name="Back">What was in the bin and is back, by name.</param>
/// <param name="Beside">Briefs and rallies that are here in another state: both are kept.</param>
public sealed record BroughtIn(
    int Briefs,
    int Rallies,
    int Classes,
    int Photos,
    int Same,
    IReadOnlyList<string> Back,
    IReadOnlyList<string> Beside
);

/// <summary>
/// Brings an archive in, into empty data or beside what is there, whole or not at all. What is here already stays as it
/// is, and comes out of the bin where it lies there; a brief or a rally that is here in another state is put beside it
/// under an id of its own.
/// </summary>
public sealed class ArchiveReader(RallyDb db, DataFolder folder, RallyOwners owners)
{
    private readonly List<string> _beside = [];
    private readonly List<string> _back = [];
    private readonly Dictionary<BriefId, BriefId> _briefs = [];
    private readonly Dictionary<RallyId, RallyId> _rallies = [];
    private int _addedBriefs;
    private int _addedRallies;
    private int _addedClasses;
    private int _same;

    /// <summary>Brings in an archive, or says what is wrong with it.</summary>
    /// <exception cref="IOException">The disk is full, or the file cannot be read.</exception>
    public async Task<Result<BroughtIn>> Read(string file, CancellationToken stop)
    {
        var written = new List<string>();
        try
        {
            using var zip = ZipFile.OpenRead(file);
            var index = JsonSerializer.Deserialize<Everything>(
                zip.Text(Everything.File, Limits.RallyBytes),
                Json.Options
            )!;
            if (index.Format != Everything.FormatName)
                return Refuse(
                    "This is not a Plucky Rally archive.",
                    "Choose a file that was saved with “./rally save” or under Backups."
                );
            if (index.Version > Everything.NewestVersion)
                return Refuse(
                    "This archive was saved by a newer version of Plucky Rally.",
                    "Update Plucky Rally, then import it."
                );
            EverythingCheck.Check(index);
            await Classes(index, stop);
            await Cupboard(index, stop);
            foreach (var brief in index.Briefs)
                await Brief(zip, brief, stop);
            var photos = new List<(string Entry, string File)>();
            foreach (var rally in index.Rallies)
                photos.AddRange(await Rally(zip, rally, stop));

            await YearAndDays(index, stop);

            // Pictures first, so that no row is without its picture.
            foreach (var (entry, to) in photos)
            {
                written.Add(to);
                zip.SavePicture(entry, to);
            }

            await db.SaveChangesAsync(stop);
            owners.ForgetAll();
            return Result<BroughtIn>.Ok(
                new(_addedBriefs, _addedRallies, _addedClasses, photos.Count, _same, _back, _beside)
            );
        }
        catch (Exception wrong)
            when (wrong
                    is InvalidDataException
                        or JsonException
                        or FormatException
                        or DecoderFallbackException
                        or NotSupportedException
            )
        {
            foreach (var picture in written)
                File.Delete(picture);
            return Refuse(
                $"The file cannot be read as an archive: {wrong.Message}",
                "Nothing was changed. Save it again on the other computer, and copy it again."
            );
        }
    }

    private async Task Classes(Everything index, CancellationToken stop)
    {
        foreach (var group in index.Classes)
        {
            if (
                await db
                    .Classes.IgnoreQueryFilters()
                    .Include(c => c.Students)
                    .FirstOrDefaultAsync(c => c.Id == group.Id, stop) is
                { } known
            )
            {
                if (known.DeletedAt is null)
                    _same++;
                else
                    _back.Add(known.Name);
                foreach (
                    var student in known.Students.Where(p =>
                        p.DeletedAt is not null && group.Students.Any(archived => archived.Id == p.Id)
                    )
                )
                {
                    // Who went with the class comes back with it.
                    if (known.DeletedAt is null)
                        _back.Add(student.Name);
                    student.DeletedAt = null;
                }

                known.DeletedAt = null;
                continue;
            }

            if (ClassList.Problems(group.Name, [.. group.Students.Select(p => p.Name)]) is [var wrong, ..])
                throw new InvalidDataException($"class {group.Name}: {wrong.What}");
            var there = (
                await db
                    .Students.IgnoreQueryFilters()
                    .Where(p => group.Students.Select(x => x.Id).Contains(p.Id))
                    .Select(p => p.Id)
                    .ToListAsync(stop)
            ).ToHashSet();
            db.Classes.Add(
                new()
                {
                    Id = group.Id,
                    OwnerId = Owner.LocalTeacher,
                    Name = group.Name,
                    NoPhotos = group.NoPhotos,
                    Preferences = group.Wishes,
                    Students =
                    [
                        .. group
                            .Students.Where(p => there.Add(p.Id))
                            .Select(p => new StoredStudent
                            {
                                Id = p.Id,
                                ClassId = group.Id,
                                Name = p.Name,
                                Order = p.Order,
                                NoPhotos = p.NoPhotos,
                            }),
                    ],
                }
            );
            _addedClasses++;
        }
    }

    /// <summary>What is in the cupboard here is counted here; only what it has nothing of is added.</summary>
    private async Task Cupboard(Everything index, CancellationToken stop)
    {
        var here = (await db.Cupboard.AsNoTracking().ToListAsync(stop)).Select(i => i.Item).ToList();
        var names = new OnHand(here);
        var there = here.Select(i => names.Find(i.Name, i.Unit).Key).ToHashSet();
        db.Cupboard.AddRange(
            CupboardList
                .Merged([.. index.Cupboard.Where(i => i.Problems().Count == 0)])
                .Where(i => there.Add(names.Find(i.Name, i.Unit).Key))
                .Select(i => StoredCupboardItem.Of(Owner.LocalTeacher, i))
        );
    }

    /// <summary>
    /// What is set here stays; plans and days that are here already do too. They name briefs and rallies by the ids
    /// that these have here.
    /// </summary>
    private async Task YearAndDays(Everything index, CancellationToken stop)
    {
        if (index.School is { } school && school.Problems().Count == 0 && !await db.Schools.AnyAsync(stop))
            db.Schools.Add(new() { OwnerId = Owner.LocalTeacher, Document = Json.Write(school) });
        foreach (var (id, plan) in index.Plans)
        {
            if (
                plan.Problems().Count > 0
                || !_briefs.TryGetValue(plan.Brief, out var brief)
                || await db.Plans.AnyAsync(p => p.Id == id, stop)
            )
                continue;
            db.Plans.Add(
                new()
                {
                    Id = id,
                    BriefId = brief,
                    Date = plan.Date,
                    WholeWeek = plan.WholeWeek,
                    For = plan.For,
                }
            );
        }

        foreach (var (id, day) in index.Days)
        {
            if (day.Problems().Count > 0 || await db.Days.AnyAsync(d => d.Id == id, stop))
                continue;
            var here = day with
            {
                Slots =
                [
                    .. day
                        .Slots.Where(s => _rallies.ContainsKey(s.Rally))
                        .Select(s => s with { Rally = _rallies[s.Rally] }),
                ],
            };
            db.Days.Add(
                new()
                {
                    Id = id,
                    OwnerId = Owner.LocalTeacher,
                    Date = here.Date,
                    Document = Json.Write(here),
                }
            );
        }
    }

    private async Task Brief(ZipArchive zip, ArchivedBrief archived, CancellationToken stop)
    {
        var text = zip.Text(archived.File, Limits.BriefBytes);
        var known = await db.Briefs.IgnoreQueryFilters().FirstOrDefaultAsync(b => b.Id == archived.Id, stop);
        var here = known?.Document;
        if (known is not null && here == text)
        {
            if (known.DeletedAt is null)
                _same++;
            else
                _back.Add(known.Title);
            known.DeletedAt = null;
            _briefs[archived.Id] = archived.Id;
            return;
        }

        var id = here is null ? archived.Id : new BriefId(Guid.CreateVersion7());
        var brief = new StoredBrief
        {
            Id = id,
            OwnerId = Owner.LocalTeacher,
            Revision = archived.Revision,
            Document = text,
            Title = "",
            Goal = "",
            Theme = "",
            Archived = archived.Archived,
            ChangedAt = archived.ChangedAt,
        };

        // A brief that this version does not understand is on the shelf under the title that it had.
        var read = DocumentReader.Brief(text);
        if (read.IsOk)
            brief.Describe(read.Value.Value);
        else
            brief.Title = archived.Versions is [.., var last] ? last.Title : "A brief that is not understood";
        db.Briefs.Add(brief);
        foreach (var version in archived.Versions)
            db.Versions.Add(
                new()
                {
                    BriefId = id,
                    Revision = version.Revision,
                    Title = version.Title,
                    SavedAt = version.SavedAt,
                    Document = zip.Text(archived.FileOf(version), Limits.BriefBytes),
                }
            );
        if (here is not null)
            _beside.Add(brief.Title);
        _briefs[archived.Id] = id;
        _addedBriefs++;
    }

    /// <summary>Adds a rally, and gives the pictures that go with it.</summary>
    private async Task<IReadOnlyList<(string Entry, string File)>> Rally(
        ZipArchive zip,
        ArchivedRally archived,
        CancellationToken stop
    )
    {
        var text = zip.Text(archived.File, Limits.RallyBytes);
        var read = DocumentReader.Rally(text);
        if (!read.IsOk)
            throw new InvalidDataException($"rally {archived.Id}: {read.Problems[0]}");
        var rally = read.Value.Value;

        // What goes into the rows is what stands in the file, fields that this version does not know too.
        var file = JsonElement.Parse(text);
        var raw = file.GetProperty("entries").EnumerateArray().Select(e => e.GetRawText()).ToList();
        var rows = Rows(archived.Id, rally, raw);
        var here = await db
            .Entries.Where(e => e.RallyId == archived.Id)
            .OrderBy(e => e.Sequence)
            .Select(e => e.Document)
            .ToListAsync(stop);
        var stored = await db.Rallies.IgnoreQueryFilters().FirstOrDefaultAsync(r => r.Id == archived.Id, stop);
        var known = stored is not null;
        if (stored is not null && here.Select(Compact).SequenceEqual(rows.Select(r => Compact(r.Document))))
        {
            if (stored.DeletedAt is null)
                _same++;
            else
                _back.Add(stored.Name);
            stored.DeletedAt = null;
            foreach (var photo in await PhotosInTheBin(archived, stop))
                photo.DeletedAt = null;
            _rallies[archived.Id] = archived.Id;
            return [];
        }

        var id = _rallies[archived.Id] = known ? new RallyId(Guid.CreateVersion7()) : archived.Id;
        var students = await Students(rally, stop);
        db.Rallies.Add(
            new StoredRally
            {
                Id = id,
                OwnerId = Owner.LocalTeacher,
                BriefId = await BriefOf(archived, stop),
                Name = rally.Name,
                Date = rally.Date,
                Edition = archived.UnreadEdition ?? file.GetProperty("edition").GetRawText(),
                BriefTitle = archived.BriefTitle,
                MadeAt = archived.MadeAt,
                JudgesStrikeOthers = archived.JudgesStrikeOthers,
                Archived = archived.PutAway,

                // Beside the one that is here already it is a record of its own, and takes no part in the lesson.
                LessonId = known ? null : archived.Lesson,
                Teams = RallyRows.Teams(id, rally, students.ToDictionary(StudentId.OfClass)),
            }
        );
        db.Entries.AddRange(id == archived.Id ? rows : Rows(id, rally, raw));
        foreach (var stock in archived.Stock)
            db.StockMoves.Add(
                new()
                {
                    RallyId = id,
                    Key = Thing.Of(stock.Name, stock.Unit).Key,
                    Name = stock.Name,
                    Unit = stock.Unit,
                    Taken = stock.Taken,
                    Back = stock.Back,
                }
            );
        if (known)
            _beside.Add(rally.Name);
        _addedRallies++;
        return await Photos(
            archived,
            id,
            [.. rally.Teams.Select(t => t.Id), .. rally.Entries.OfType<Entry.TeamJoined>().Select(j => j.Team)],
            stop
        );
    }

    private static List<StoredEntry> Rows(RallyId id, Rally rally, List<string> raw)
    {
        var texts = rally
            .Entries.Select((e, i) => (e.Id, Text: raw[i]))
            .DistinctBy(e => e.Id)
            .ToDictionary(e => e.Id, e => e.Text);
        return
        [
            .. RallyRows
                .Write(id, rally)
                .Select(row =>
                    texts.TryGetValue(row.EntryId, out var text)
                        ? new StoredEntry
                        {
                            RallyId = id,
                            EntryId = row.EntryId,
                            Document = text,
                        }
                        : row
                ),
        ];
    }

    /// <summary>Photos of the archive that are here and were deleted; their pictures are still there.</summary>
    private async Task<IReadOnlyList<StoredPhoto>> PhotosInTheBin(ArchivedRally archived, CancellationToken stop)
    {
        var named = archived.Photos.Select(p => p.Id).ToList();
        return await db
            .Photos.IgnoreQueryFilters()
            .Where(p => p.RallyId == archived.Id && p.DeletedAt != null && named.Contains(p.Id))
            .ToListAsync(stop);
    }

    private async Task<IReadOnlyList<(string Entry, string File)>> Photos(
        ArchivedRally archived,
        RallyId rally,
        IReadOnlyList<TeamId> teams,
        CancellationToken stop
    )
    {
        var pictures = new List<(string, string)>();
        foreach (var photo in archived.Photos.Where(p => teams.Contains(p.Team)))
        {
            var id = await db.Photos.IgnoreQueryFilters().AnyAsync(p => p.Id == photo.Id, stop)
                ? Guid.CreateVersion7()
                : photo.Id;
            db.Photos.Add(
                new()
                {
                    Id = id,
                    RallyId = rally,
                    TeamId = photo.Team,
                    Round = photo.Round,
                    Width = photo.Width,
                    Height = photo.Height,
                    By = photo.By,
                    At = photo.At,
                }
            );
            pictures.Add((archived.FileOf(photo), PhotoAlbum.FileOf(folder, rally, id)));
        }

        return pictures;
    }

    private async Task<BriefId?> BriefOf(ArchivedRally archived, CancellationToken stop) =>
        archived.Brief is not { } brief ? null
        : _briefs.TryGetValue(brief, out var here) ? here
        : await db.Briefs.AnyAsync(b => b.Id == brief, stop) ? brief
        : null;

    /// <summary>Which of a rally's students are here, in the classes that were here or have just been added.</summary>
    private async Task<HashSet<Guid>> Students(Rally rally, CancellationToken stop)
    {
        var named = rally.Teams.SelectMany(t => t.Students).Select(p => p.Id.InClass ?? Guid.Empty).ToList();
        var here = await db
            .Students.IgnoreQueryFilters()
            .Where(p => named.Contains(p.Id))
            .Select(p => p.Id)
            .ToListAsync(stop);
        return [.. here, .. db.ChangeTracker.Entries<StoredStudent>().Select(p => p.Entity.Id)];
    }

    /// <summary>White space does not make another entry.</summary>
    private static string Compact(string document)
    {
        try
        {
            return System.Text.Json.Nodes.JsonNode.Parse(document)?.ToJsonString() ?? "";
        }
        catch (JsonException)
        {
            // What is no JSON is compared as it is.
            return document;
        }
    }

    private static Result<BroughtIn> Refuse(string what, string remedy) =>
        Result<BroughtIn>.Refused(new Problem("/file", what, remedy));
}
