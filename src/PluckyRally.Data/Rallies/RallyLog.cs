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
public sealed class RallyLog(RallyDb db, RallyOwners owners, LogWriter writer, LateTeams late, TimeProvider clock)
{
    /// <summary>All rallies, the newest first, as a list shows them.</summary>
    public async Task<IReadOnlyList<ListedRally>> All(CancellationToken stop)
    {
        var begun = await db
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
        return await late.AddTo(begun, db, stop);
    }

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
        return owners.Find(id) ?? await Read(id, stop);
    }

    /// <summary>
    /// Records in a rally, and in those that are run with it, in one transaction; one recording after the other. The
    /// same entry again changes nothing.
    /// </summary>
    /// <param name="rally">The rally.</param>
    /// <param name="wanted">What is to be recorded.</param>
    /// <param name="stop">Ends the wait for others; once it is being written it is written.</param>
    /// <returns>
    /// What was recorded, or why nothing is; null where there is no such rally. Whatever it says rests on what is on
    /// the disk.
    /// </returns>
    public async Task<Result<Recorded>?> Record(RallyId rally, Recording wanted, CancellationToken stop)
    {
        if (await LessonOf(rally, stop) is not { Count: > 0 } lesson)
            return null;
        for (; ; )
        {
            var join = await Join(lesson, wanted, stop);
            if (join is { } joined)
            {
                // The next one is looked at while this one is being written; many are then written together.
                await joined.Written;
                return joined.Answer;
            }

            // It was forgotten while something was on its way to the disk, and is read again when that is there.
            await writer.Written().WaitAsync(stop);
        }
    }

    /// <summary>Decides, and hands over what is to be written; null where a rally cannot be read whole yet.</summary>
    private async Task<(Task Written, Result<Recorded>? Answer)?> Join(
        IReadOnlyList<RallyId> lesson,
        Recording wanted,
        CancellationToken stop
    )
    {
        using var _ = await owners.Alone(lesson, stop);
        var joins = new List<Joining>();
        foreach (var id in lesson)
        {
            if (owners.Newest(id) is null && !writer.IsQuiet(id))
                return null;
            if ((owners.Newest(id) ?? await Read(id, stop)) is { } found)
                joins.Add(new(found));
            else if (id == lesson[0])
                return (Task.CompletedTask, null);
        }

        var (own, others) = (joins[0], joins[1..]);
        var entries = own.Now.Opened.IsOk
            ? wanted.Decide(own.Now)
            : Result<IReadOnlyList<Entry>>.Refused(own.Now.Opened.Problems);
        if (!entries.IsOk)
            return (Settled(joins.Select(j => j.Begun)), Result<Recorded>.Refused(entries.Problems));
        var students = await Latecomers.Of(db, own.Now.Rally, entries.Value, stop);
        foreach (var entry in entries.Value)
        {
            var sent = Lesson.AsWritten(entry, TeamsBeside(own));
            var taken = own.Take(sent, wanted.Refuse, students);
            if (!taken.IsOk && wanted.Whole)
                return (Settled(joins.Select(j => j.Begun)), Result<Recorded>.Refused(taken.Problems));

            // What only one tier knows is refused by the others, and is in its own log alone.
            if (taken.IsOk && Lesson.IsForAll(sent, own.Now.Rally.Entries))
                foreach (var beside in others)
                    beside.Take(
                        Lesson.AsWritten(entry, TeamsBeside(beside)) with
                        {
                            EditionAsOf = null,
                        },
                        (_, _) => null,
                        students
                    );
        }

        var grown = joins.Where(j => j.New.Count > 0).ToList();
        foreach (var join in grown)
            owners.Expect(join.Now);
        return (
            grown.Count > 0
                ? writer.Append([.. joins.Select(j => j.Now)], [.. grown.SelectMany(j => j.New)])
                : Settled(joins.Select(j => j.Begun)),
            Result<Recorded>.Ok(
                new(own.Now, entries.Value, own.Answers, [.. others.Where(j => j.New.Count > 0).Select(j => j.Now)])
            )
        );

        IReadOnlyList<Team> TeamsBeside(Joining one) =>
            [.. joins.Where(j => j != one).SelectMany(j => j.Now.Rally.Teams)];
    }

    /// <summary>
    /// Done when what an answer rests on is on the disk: nobody is told of what is still on its way there.
    /// </summary>
    private Task Settled(IEnumerable<KeptRally> rallies)
    {
        var open = rallies.Where(r => !ReferenceEquals(owners.Find(r.Stored.Id), r)).ToList();
        return open.Count > 0 ? writer.Append(open, []) : Task.CompletedTask;
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
        /// <summary>The rally before.</summary>
        public KeptRally Begun { get; } = begun;

        /// <summary>The rally with what was taken.</summary>
        public KeptRally Now { get; private set; } = begun;

        /// <summary>For each entry whether it is new, or why it was refused.</summary>
        public List<Result<bool>> Answers { get; } = [];

        /// <summary>What the log did not have before.</summary>
        public List<(RallyId Rally, Entry Entry)> New { get; } = [];

        public Result<bool> Take(Entry entry, Func<KeptRally, Entry, Problem?> refuse, IReadOnlyList<Student> newcomers)
        {
            var answer = Answer(entry, refuse, newcomers);
            Answers.Add(answer);
            return answer;
        }

        /// <summary>What was accepted once is not asked about again.</summary>
        private Result<bool> Answer(
            Entry entry,
            Func<KeptRally, Entry, Problem?> refuse,
            IReadOnlyList<Student> newcomers
        )
        {
            if (!Now.Opened.IsOk)
                return Result<bool>.Refused(Now.Opened.Problems);
            var opened = Now.Opened.Value;
            if (Now.Rally.Entries.FirstOrDefault(e => e.Id == entry.Id) is { } known)
                return SentAgain.Check(opened.In(known.Round).Compiled, known, entry) is { } other
                    ? Result<bool>.Refused(other)
                    : Result<bool>.Ok(false);
            if (refuse(Now, entry) is { } forbidden)
                return Result<bool>.Refused(forbidden);
            if (entry is Entry.StudentPlaced placed && !Now.Rally.Knows(placed.Student))
            {
                if (newcomers.FirstOrDefault(s => s.Id == placed.Student) is not { } newcomer)
                    return Result<bool>.Refused(
                        new Problem(
                            "/pupil",
                            "There is no such student in the classes here.",
                            "Add the student to the class first, then choose them."
                        )
                    );
                opened = opened with
                {
                    Rally = opened.Rally with { Latecomers = [.. opened.Rally.Latecomers, newcomer] },
                };
            }

            var accepted = Recorder.Accept(opened, entry);
            if (!accepted.IsOk)
                return Result<bool>.Refused(accepted.Problems);

            // What would make the rally impossible to open again is not written down.
            var grown = opened.With(accepted.Value);
            if (!grown.IsOk)
                return Result<bool>.Refused(grown.Problems);
            Now = Now with
            {
                Rally = Now.Rally with { Entries = grown.Value.Received, Latecomers = grown.Value.Rally.Latecomers },
                Opened = grown,
            };
            New.Add((Now.Stored.Id, grown.Value.Received[^1]));
            return Result<bool>.Ok(true);
        }
    }

    /// <summary>
    /// Reads a rally, for whoever holds its turn. It is kept where it is all that was accepted; otherwise it is what
    /// the disk has by now.
    /// </summary>
    private async Task<KeptRally?> Read(RallyId id, CancellationToken stop)
    {
        var whole = writer.IsQuiet(id);
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
        var (entries, unread) = RallyRows.Entries(
            await db
                .Entries.AsNoTracking()
                .Where(e => e.RallyId == id)
                .OrderBy(e => e.Sequence)
                .Select(e => e.Document)
                .ToListAsync(stop)
        );
        var begun = RallyRows.Read(stored, entries, unread);
        var rally = begun with { Latecomers = await Latecomers.Of(db, begun, entries, stop) };
        var read = new KeptRally(ground, stored, rally, RallyRows.Opened(stored, rally));
        if (whole)
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
    /// for a rally from a file, the only one with that name. Others are not kept.
    /// </summary>
    private async Task<Dictionary<StudentId, Guid>> Known(Rally rally, CancellationToken stop)
    {
        var students = rally
            .Teams.SelectMany(t => t.Students)
            .Select(p => new Student(p.Id, p.Name))
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
