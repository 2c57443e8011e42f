using System.Text.Json;
using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Rallies;

/// <summary>The teacher's rallies and their logs.</summary>
public sealed class RallyLog(RallyDb db, RallyOwners owners, LogWriter writer, TimeProvider clock)
{
    /// <summary>All rallies, the newest first, as a list shows them.</summary>
    public async Task<IReadOnlyList<ListedRally>> All(CancellationToken stop) =>
        await db
            .Rallies.AsNoTracking()
            .Where(r => r.OwnerId == Owner.LocalTeacher)
            .OrderByDescending(r => r.Date)
            .ThenByDescending(r => r.MadeAt)
            .ThenBy(r => r.Id)
            .Select(r => new ListedRally(
                r.Id,
                r.Name,
                r.Date,
                r.BriefTitle,
                r.BriefId,
                r.MadeAt,
                r.Teams.Count,
                db.Entries.Count(e => e.RallyId == r.Id),
                r.Archived
            ))
            .ToListAsync(stop);

    /// <summary>
    /// The rallies that are still to come: nothing is recorded in them, or, from today on, only who is there and what
    /// was drawn. One whose edition is not understood is left out.
    /// </summary>
    /// <param name="today">The day it is.</param>
    /// <param name="stop">Stops it.</param>
    public async Task<IReadOnlyList<RallyToCome>> ToCome(DateOnly today, CancellationToken stop)
    {
        var untouched = await db
            .Rallies.AsNoTracking()
            .Where(r => r.OwnerId == Owner.LocalTeacher && !r.Archived && !db.Entries.Any(e => e.RallyId == r.Id))
            .Select(r => new
            {
                r.Id,
                r.Name,
                r.Date,
                r.Edition,
                Members = r.Teams.OrderBy(t => t.Order).Select(t => t.Members).ToList(),
            })
            .ToListAsync(stop);
        var prepared = await db
            .Rallies.AsNoTracking()
            .Where(r =>
                r.OwnerId == Owner.LocalTeacher
                && !r.Archived
                && (r.Date == null || r.Date >= today)
                && db.Entries.Any(e => e.RallyId == r.Id)
            )
            .Select(r => r.Id)
            .ToListAsync(stop);
        var toCome = untouched
            .Select(r => (r.Id, r.Name, r.Date, Edition: DocumentReader.KeptEdition(r.Edition), r.Members))
            .Where(r => r.Edition is not null)
            .Select(r => new RallyToCome(r.Id, r.Name, r.Date, r.Edition!.Brief, KitList.Unmade(r.Members)))
            .ToList();
        foreach (var id in prepared)
        {
            if (await Open(id, stop) is not { Opened: { IsOk: true, Value: { HasBegun: false } opened } })
                continue;
            var first = opened.In(1);
            toCome.Add(new(id, opened.Rally.Name, opened.Rally.Date, first.Compiled.Brief, first.Present));
        }

        return toCome;
    }

    /// <summary>
    /// One rally with its whole log, or null. What was read once is kept, since a lesson asks for it many times a
    /// second.
    /// </summary>
    public async Task<KeptRally?> Open(RallyId id, CancellationToken stop)
    {
        if (owners.Find(id) is { } known)
            return known;
        using var _ = await owners.Alone([id], stop);
        return await OpenAlone(id, stop);
    }

    /// <summary>
    /// Takes an entry into a rally's log, one after the other. Null where there is no such rally; the same entry again
    /// changes nothing.
    /// </summary>
    /// <param name="rally">The rally.</param>
    /// <param name="entry">As it came.</param>
    /// <param name="refuse">Why whoever sent it may not write it, looking at what is in the log; null where that is all
    /// right.</param>
    /// <param name="stop">Ends the wait for others; once it is being written it is written.</param>
    public async Task<Result<Recorded>?> Record(
        RallyId rally,
        Entry entry,
        Func<KeptRally, Problem?> refuse,
        CancellationToken stop
    ) => (await Record(rally, [entry], (now, _) => refuse(now), whole: true, stop))?[0];

    /// <summary>
    /// Takes entries into a rally's log in their order: what is taken of them is written in one transaction.
    /// </summary>
    /// <param name="rally">The rally.</param>
    /// <param name="entries">As they came.</param>
    /// <param name="refuse">Why whoever sent one may not write it, looking at what is in the log; null where that is
    /// all right.</param>
    /// <param name="whole">Whether they belong together: then all are taken, or none is, and all answers are what is
    /// wrong with one. Otherwise one that is refused holds up no other.</param>
    /// <param name="stop">Ends the wait for others; once they are being written they are written.</param>
    /// <returns>
    /// An answer for each, with the rally as it is with all of them; null where there is no such rally.
    /// </returns>
    public async Task<IReadOnlyList<Result<Recorded>>?> Record(
        RallyId rally,
        IReadOnlyList<Entry> entries,
        Func<KeptRally, Entry, Problem?> refuse,
        bool whole,
        CancellationToken stop
    )
    {
        if (await LessonOf(rally, stop) is not { Count: > 0 } lesson)
            return null;
        var joins = new List<Joining>();
        Task written;
        using (await owners.Alone(lesson, stop))
        {
            foreach (var id in lesson)
                if ((owners.Newest(id) ?? await OpenAlone(id, stop)) is { } found)
                    joins.Add(new(found));
            if (joins.FirstOrDefault() is not { } own || own.Now.Stored.Id != rally)
                return null;
            foreach (var entry in entries)
            {
                var sent = Lesson.AsWritten(entry, TeamsBeside(own));
                var taken = own.Take(sent, refuse);
                if (!taken.IsOk && whole)
                    return [.. entries.Select(_ => Result<Recorded>.Refused(taken.Problems))];

                // What only one tier knows is refused by the others, and is in its own log alone.
                if (taken.IsOk && Lesson.IsForAll(sent, own.Now.Rally.Entries))
                    foreach (var beside in joins.Skip(1))
                        beside.Take(Lesson.AsWritten(entry, TeamsBeside(beside)) with { EditionAsOf = null }, (_, _) =>
                            null
                        );
            }

            foreach (var join in joins.Where(j => j.HasGrown))
                owners.Expect(join.Now);

            // What the log has may still be on its way to the disk: the answer waits for it, by writing it once more.
            var write = joins
                .SelectMany(j => j.Taken.Where(id => owners.Find(j.Rally)?.Has(id) is not true).Select(id => j.Of(id)))
                .ToList();
            written = write.Count > 0 ? writer.Append(write) : Task.CompletedTask;
        }

        // The next entry is looked at while these are being written; many are then written together.
        try
        {
            await written;
        }
        catch
        {
            // Those that came after it were accepted beside it: all is read again from what is on the disk.
            foreach (var join in joins)
                owners.Forget(join.Rally);
            throw;
        }

        foreach (var join in joins)
            owners.Keep(join.Now);
        var others = joins.Skip(1).Where(j => j.HasGrown).Select(j => j.Now).ToList();
        return
        [
            .. joins[0]
                .Answers.Select(f =>
                    f.IsOk
                        ? Result<Recorded>.Ok(new(joins[0].Now, f.Value) { Beside = others })
                        : Result<Recorded>.Refused(f.Problems)
                ),
        ];

        IReadOnlyList<Team> TeamsBeside(Joining one) =>
            [.. joins.Where(j => j != one).SelectMany(j => j.Now.Rally.Teams)];
    }

    /// <summary>
    /// The rallies that are run as one with a rally, in the order of the lesson; itself alone where it is run alone.
    /// Empty where there is no such rally.
    /// </summary>
    public async Task<IReadOnlyList<KeptRally>> Together(RallyId rally, CancellationToken stop)
    {
        var all = new List<KeptRally>();
        foreach (var id in (await LessonOf(rally, stop)).OrderBy(r => r.Value))
            if (await Open(id, stop) is { } found)
                all.Add(found);
        return all;
    }

    private async Task<IReadOnlyList<RallyId>> LessonOf(RallyId rally, CancellationToken stop)
    {
        if (await Open(rally, stop) is not { } found)
            return [];
        if (found.Stored.LessonId is not { } lesson)
            return [rally];
        var others = await db
            .Rallies.AsNoTracking()
            .Where(r => r.LessonId == lesson && r.Id != rally && r.OwnerId == Owner.LocalTeacher)
            .Select(r => r.Id)
            .ToListAsync(stop);
        return [rally, .. others];
    }

    /// <summary>A rally while entries join its log.</summary>
    private sealed class Joining(KeptRally begun)
    {
        public RallyId Rally => Now.Stored.Id;

        /// <summary>The rally with what was taken.</summary>
        public KeptRally Now { get; private set; } = begun;

        /// <summary>For each entry whether it is new, or why it was refused.</summary>
        public List<Result<bool>> Answers { get; } = [];

        /// <summary>The entries that the log has, by their ids.</summary>
        public List<EntryId> Taken { get; } = [];

        public bool HasGrown => Answers.Any(a => a is { IsOk: true, Value: true });

        public Result<Recorded> Take(Entry entry, Func<KeptRally, Entry, Problem?> refuse)
        {
            var taken = RallyLog.Take(Now, entry, refuse);
            Answers.Add(taken.IsOk ? Result<bool>.Ok(taken.Value.Fresh) : Result<bool>.Refused(taken.Problems));
            if (!taken.IsOk)
                return taken;
            Now = taken.Value.Rally;
            Taken.Add(entry.Id);
            return taken;
        }

        public (RallyId Rally, Entry Entry) Of(EntryId entry) => (Rally, Now.Rally.Entries.First(e => e.Id == entry));
    }

    /// <summary>
    /// The rally with an entry, or why it does not join. What was accepted once is not asked about again.
    /// </summary>
    private static Result<Recorded> Take(KeptRally now, Entry entry, Func<KeptRally, Entry, Problem?> refuse)
    {
        if (!now.Opened.IsOk)
            return Result<Recorded>.Refused(now.Opened.Problems);
        var opened = now.Opened.Value;
        if (now.Rally.Entries.FirstOrDefault(e => e.Id == entry.Id) is { } known)
            return SentAgain.Check(opened.In(known.Round).Compiled, known, entry) is { } other
                ? Result<Recorded>.Refused(other)
                : Result<Recorded>.Ok(new(now, Fresh: false));
        if (refuse(now, entry) is { } forbidden)
            return Result<Recorded>.Refused(forbidden);
        var accepted = Recorder.Accept(opened, entry);
        if (!accepted.IsOk)
            return Result<Recorded>.Refused(accepted.Problems);

        // What would make the rally impossible to open again is not written down.
        var grown = opened.With(accepted.Value);
        return grown.IsOk
            ? Result<Recorded>.Ok(
                new(now with { Rally = now.Rally with { Entries = grown.Value.Received }, Opened = grown }, Fresh: true)
            )
            : Result<Recorded>.Refused(grown.Problems);
    }

    private async Task<KeptRally?> OpenAlone(RallyId id, CancellationToken stop)
    {
        if (owners.Find(id) is { } known)
            return known;
        await writer.Written();
        var ground = owners.NewGround();
        var stored = await db
            .Rallies.AsNoTracking()
            .AsSplitQuery()
            .Include(r => r.Teams)
                .ThenInclude(t => t.Students)
                    .ThenInclude(p => p.Student)
            .FirstOrDefaultAsync(r => r.Id == id && r.OwnerId == Owner.LocalTeacher, stop);
        if (stored is null)
            return null;
        var entries = await db
            .Entries.AsNoTracking()
            .Where(e => e.RallyId == id)
            .OrderBy(e => e.Sequence)
            .Select(e => e.Document)
            .ToListAsync(stop);
        var read = RallyRows.Read(ground, stored, entries);
        owners.Keep(read);
        return read;
    }

    /// <summary>Makes a rally; entries that it brings are kept in their order.</summary>
    public async Task<RallyId> Add(Rally rally, BriefId? brief, CancellationToken stop) =>
        (await Add([rally], brief, stop))[0];

    /// <summary>Makes the rallies of one lesson, which are run as one; one by itself is run alone.</summary>
    /// <returns>Their ids, in the order of the rallies.</returns>
    public async Task<IReadOnlyList<RallyId>> Add(IReadOnlyList<Rally> rallies, BriefId? brief, CancellationToken stop)
    {
        // Ids that were made later are larger: the rallies of a lesson stay in their order.
        var now = clock.GetUtcNow();
        var ids = rallies.Select((_, at) => new RallyId(Guid.CreateVersion7(now.AddMilliseconds(at)))).ToList();
        foreach (var (id, rally) in ids.Zip(rallies))
        {
            db.Rallies.Add(
                new StoredRally
                {
                    Id = id,
                    OwnerId = Owner.LocalTeacher,
                    BriefId = brief,
                    Name = rally.Name,
                    Date = rally.Date,
                    Edition = JsonSerializer.Serialize(rally.Edition, Json.Options),
                    BriefTitle = rally.Edition.Brief.Title,
                    MadeAt = now,
                    LessonId = rallies.Count > 1 ? ids[0].Value : null,
                    Teams = RallyRows.Teams(id, rally, await Known(rally, stop)),
                }
            );
            foreach (var entry in RallyRows.Write(id, rally))
                db.Entries.Add(entry);
        }

        await db.SaveChangesAsync(stop);
        return ids;
    }

    /// <summary>
    /// Which student of the classes here each student of a rally is, by the id in the rally: the one with that id, or,
    /// for
    /// a rally from a file, the only one with that name. Others are not kept.
    /// </summary>
    private async Task<Dictionary<StudentId, Guid>> Known(Rally rally, CancellationToken stop)
    {
        var students = rally
            .Teams.SelectMany(t => t.Students)
            .Select(p => new Student(p.Id, p.Name))
            .Concat(rally.Latecomers)
            .DistinctBy(p => p.Id)
            .ToList();
        var (ids, names) = (
            students.Select(p => p.Id.InClass ?? Guid.Empty).ToList(),
            students.Select(p => p.Name).ToList()
        );
        var here = await db
            .Students.Where(p => ids.Contains(p.Id) || names.Contains(p.Name))
            .Select(p => new { p.Id, p.Name })
            .ToListAsync(stop);
        var byId = here.ToDictionary(p => StudentId.OfClass(p.Id), p => p.Id);
        var byName = here.GroupBy(p => p.Name).Where(g => g.Count() == 1).ToDictionary(g => g.Key, g => g.Single().Id);
        return students
            .Select(p => (p.Id, Here: byId.TryGetValue(p.Id, out var same) ? same : byName.GetValueOrDefault(p.Name)))
            .Where(p => p.Here != Guid.Empty)
            .ToDictionary(p => p.Id, p => p.Here);
    }

    /// <summary>
    /// The rally that is here already and is the same: it has the entries of this one, or, where nothing is recorded,
    /// its name, day, brief and teams. Said with how much is in it; null where there is none.
    /// </summary>
    public async Task<string?> FindSame(OpenedRally rally, CancellationToken stop)
    {
        var first = rally.Received.Select(e => e.Id).FirstOrDefault();
        var names = rally.Joined.Select(t => t.Name).ToList();
        var (name, date, title) = (rally.Rally.Name, rally.Rally.Date, rally.Rally.Edition.Brief.Title);
        var same = await db
            .Rallies.AsNoTracking()
            .Where(r =>
                r.OwnerId == Owner.LocalTeacher
                && (
                    rally.Received.Count > 0
                        ? db.Entries.Any(e => e.RallyId == r.Id && e.EntryId == first)
                        : r.Name == name
                            && r.Date == date
                            && r.BriefTitle == title
                            && r.Teams.Count == names.Count
                            && r.Teams.All(t => names.Contains(t.Name))
                )
            )
            .Select(r => new
            {
                r.Name,
                Entries = db.Entries.Count(e => e.RallyId == r.Id),
                r.Archived,
            })
            .FirstOrDefaultAsync(stop);
        return same is null
            ? null
            : $"{same.Name}, with {same.Entries} {(same.Entries == 1 ? "entry" : "entries")}"
                + $"{(same.Archived ? ", archived" : "")}";
    }

    /// <summary>Deletes a rally; for some time it can be restored. False where there is none.</summary>
    public async Task<bool> Delete(RallyId id, CancellationToken stop)
    {
        var gone =
            await db
                .Rallies.Where(r => r.Id == id && r.OwnerId == Owner.LocalTeacher)
                .ExecuteUpdateAsync(set => set.SetProperty(r => r.DeletedAt, clock.GetUtcNow()), stop) > 0;
        if (gone)
            owners.Forget(id);
        return gone;
    }

    /// <summary>Archives a rally, or puts it back on Home. False where there is no such rally.</summary>
    public async Task<bool> Archive(RallyId id, bool archived, CancellationToken stop) =>
        await db
            .Rallies.Where(r => r.Id == id && r.OwnerId == Owner.LocalTeacher)
            .ExecuteUpdateAsync(set => set.SetProperty(r => r.Archived, archived), stop) > 0;

    /// <summary>
    /// Makes sure that what an entry names is known here before it joins the log: the team that comes with it, the
    /// student whom it puts into a team. A name stands in no entry, so that it can be deleted. Nothing is kept for
    /// an
    /// entry that the log would not take.
    /// </summary>
    /// <returns>Why what it names cannot be known; null where it is.</returns>
    public async Task<Problem?> Know(RallyId rally, Entry.OfTeams entry, CancellationToken stop)
    {
        if (
            await Open(rally, stop) is not { } now
            || !Take(now, entry, (_, _) => null).IsOk
            || await db
                .Rallies.AsSplitQuery()
                .Include(r => r.Teams)
                    .ThenInclude(t => t.Students)
                .FirstOrDefaultAsync(r => r.Id == rally && r.OwnerId == Owner.LocalTeacher, stop)
                is not { } stored
        )
            return null;
        var team = stored.Teams.FirstOrDefault(t => t.Id == entry.Team);
        if (entry is Entry.TeamJoined joined && team is null)
            stored.Teams.Add(RallyRows.Joined(rally, joined, stored.Teams.Count));
        else if (entry is Entry.StudentPlaced placed && !IsOfTheRally(now.Rally, placed.Student))
        {
            if (placed.Student.InClass is not { } student || !await db.Students.AnyAsync(p => p.Id == student, stop))
                return new(
                    "/pupil",
                    "There is no such student in the classes here.",
                    "Add the student to the class first, then choose them."
                );
            if (team is not null && team.Students.All(p => p.StudentId != student))
                team.Students.Add(RallyRows.Student(rally, team.Id, student, placed.Jobs, later: true));
        }

        if (await db.SaveChangesAsync(stop) > 0)
            owners.Forget(rally);
        return null;
    }

    private static bool IsOfTheRally(Rally rally, StudentId student) =>
        rally.Teams.Any(t => t.Students.Any(p => p.Id == student)) || rally.Latecomers.Any(p => p.Id == student);

    /// <summary>Says whether judges may cross out what others recorded. False where there is no such rally.</summary>
    public async Task<bool> LetJudgesStrikeOthers(RallyId id, bool may, CancellationToken stop)
    {
        var there =
            await db
                .Rallies.Where(r => r.Id == id && r.OwnerId == Owner.LocalTeacher)
                .ExecuteUpdateAsync(set => set.SetProperty(r => r.JudgesStrikeOthers, may), stop) > 0;
        if (there)
            owners.Forget(id);
        return there;
    }
}
