using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Owners;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Data.Classes;

/// <summary>The teacher's classes and their students.</summary>
public sealed class ClassRegister(RallyDb db, RallyOwners owners, TimeProvider clock)
{
    /// <summary>All classes with their students, by name.</summary>
    public Task<List<StoredClass>> All(CancellationToken stop) =>
        db
            .Classes.AsNoTracking()
            .Include(c => c.Students)
            .Where(c => c.OwnerId == Owner.LocalTeacher)
            .OrderBy(c => c.Name)
            .ToListAsync(stop);

    /// <summary>One class with its students, or null.</summary>
    public Task<StoredClass?> Find(Guid id, CancellationToken stop) =>
        db
            .Classes.AsNoTracking()
            .Include(c => c.Students)
            .FirstOrDefaultAsync(c => c.Id == id && c.OwnerId == Owner.LocalTeacher, stop);

    /// <summary>The names of students, by id; those who are not there are not in it.</summary>
    public Task<Dictionary<Guid, string>> Names(IReadOnlyList<Guid> students, CancellationToken stop) =>
        db
            .Students.Where(p =>
                students.Contains(p.Id) && db.Classes.Any(c => c.Id == p.ClassId && c.OwnerId == Owner.LocalTeacher)
            )
            .ToDictionaryAsync(p => p.Id, p => p.Name, stop);

    /// <summary>Makes a class.</summary>
    public async Task<StoredClass> Add(string name, IReadOnlyList<string> students, CancellationToken stop)
    {
        var made = new StoredClass
        {
            Id = Guid.CreateVersion7(),
            OwnerId = Owner.LocalTeacher,
            Name = name,
        };
        for (var i = 0; i < students.Count; i++)
            made.Students.Add(
                new()
                {
                    Id = Guid.CreateVersion7(),
                    ClassId = made.Id,
                    Name = students[i],
                    Order = i,
                }
            );
        db.Classes.Add(made);
        await db.SaveChangesAsync(stop);
        return made;
    }

    /// <summary>
    /// Which student each of these names is in the class called so: those who are there already by their ids, the
    /// others
    /// by new ones.
    /// </summary>
    public async Task<IReadOnlyDictionary<string, Guid>> Called(
        string name,
        IReadOnlyList<string> students,
        CancellationToken stop
    )
    {
        if (students.Count == 0)
            return new Dictionary<string, Guid>();
        var there = await db
            .Students.Where(p =>
                students.Contains(p.Name)
                && db.Classes.Any(c => c.Id == p.ClassId && c.Name == name && c.OwnerId == Owner.LocalTeacher)
            )
            .ToListAsync(stop);
        return students
            .Distinct()
            .ToDictionary(p => p, p => there.FirstOrDefault(t => t.Name == p)?.Id ?? Guid.CreateVersion7());
    }

    /// <summary>
    /// Enters those who are not there yet into the class called so, which is made where there is none.
    /// </summary>
    public async Task Enter(string name, IReadOnlyDictionary<string, Guid> students, CancellationToken stop)
    {
        var group = await db
            .Classes.Include(c => c.Students)
            .FirstOrDefaultAsync(c => c.Name == name && c.OwnerId == Owner.LocalTeacher, stop);
        if (group is null)
            db.Classes.Add(
                group = new()
                {
                    Id = Guid.CreateVersion7(),
                    OwnerId = Owner.LocalTeacher,
                    Name = name,
                }
            );
        var order = group.Students.Select(p => p.Order + 1).DefaultIfEmpty(0).Max();
        foreach (var (student, id) in students.Where(p => !group.Students.Any(there => there.Id == p.Value)))
            db.Students.Add(
                new()
                {
                    Id = id,
                    ClassId = group.Id,
                    Name = student,
                    Order = order++,
                }
            );
        await db.SaveChangesAsync(stop);
    }

    /// <summary>Adds a student at the end of a class. Null where there is no such class.</summary>
    public async Task<StoredStudent?> AddStudent(Guid id, string name, CancellationToken stop)
    {
        if (await Find(id, stop) is not { } found)
            return null;
        var student = new StoredStudent
        {
            Id = Guid.CreateVersion7(),
            ClassId = id,
            Name = name,
            Order = found.Students.Select(p => p.Order + 1).DefaultIfEmpty(0).Max(),
        };
        db.Students.Add(student);
        await db.SaveChangesAsync(stop);
        return student;
    }

    /// <summary>Says whether photos are taken in a class's rallies. False where there is no such class.</summary>
    public async Task<bool> SetPhotos(Guid id, bool taken, CancellationToken stop) =>
        await db
            .Classes.Where(c => c.Id == id && c.OwnerId == Owner.LocalTeacher)
            .ExecuteUpdateAsync(c => c.SetProperty(x => x.NoPhotos, !taken), stop) > 0;

    /// <summary>Says whether a student may be in photos. False where there is no such student.</summary>
    public async Task<bool> SetStudentPhotos(Guid id, bool taken, CancellationToken stop) =>
        await db
            .Students.Where(p =>
                p.Id == id && db.Classes.Any(c => c.Id == p.ClassId && c.OwnerId == Owner.LocalTeacher)
            )
            .ExecuteUpdateAsync(p => p.SetProperty(x => x.NoPhotos, !taken), stop) > 0;

    /// <summary>
    /// Keeps what is preferred for the teams of a class, where that is still as it was when the change was begun; gives
    /// the class as it stands.
    /// </summary>
    public async Task<(SaveOutcome Outcome, StoredClass? Stands)> SetPreferences(
        Guid id,
        ClassPreferences was,
        ClassPreferences preferences,
        CancellationToken stop
    )
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await Find(id, stop) is not { } stands)
            return (SaveOutcome.NotFound, null);
        if (!Json.Same(stands.Preferred(), was))
            return (SaveOutcome.Conflict, stands);
        var text = Json.Write(preferences);
        await db.Classes.Where(c => c.Id == id).ExecuteUpdateAsync(c => c.SetProperty(x => x.Preferences, text), stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, stands);
    }

    /// <summary>The class of a student, or null.</summary>
    public Task<StoredClass?> ClassOf(Guid student, CancellationToken stop) =>
        db
            .Classes.AsNoTracking()
            .Include(c => c.Students)
            .FirstOrDefaultAsync(c => c.OwnerId == Owner.LocalTeacher && c.Students.Any(p => p.Id == student), stop);

    /// <summary>
    /// Changes a student's name, in every rally too, where it is still the one that was seen; gives the name that
    /// stands.
    /// </summary>
    public async Task<(SaveOutcome Outcome, string Stands)> Rename(
        Guid student,
        string was,
        string name,
        CancellationToken stop
    )
    {
        var one = db.Students.Where(p =>
            p.Id == student && db.Classes.Any(c => c.Id == p.ClassId && c.OwnerId == Owner.LocalTeacher)
        );
        var rows = await one.Where(p => p.Name == was).ExecuteUpdateAsync(p => p.SetProperty(x => x.Name, name), stop);
        if (Changed(rows))
            return (SaveOutcome.Saved, name);
        var stands = await one.Select(p => p.Name).FirstOrDefaultAsync(stop);
        return stands is null ? (SaveOutcome.NotFound, "") : (SaveOutcome.Conflict, stands);
    }

    /// <summary>
    /// Takes a student out of the class and out of every rally at once; entries stay. For some time it can be taken
    /// back.
    /// False where there is none.
    /// </summary>
    public async Task<bool> Remove(Guid student, CancellationToken stop) =>
        Changed(
            await db
                .Students.Where(p =>
                    p.Id == student && db.Classes.Any(c => c.Id == p.ClassId && c.OwnerId == Owner.LocalTeacher)
                )
                .ExecuteUpdateAsync(p => p.SetProperty(x => x.DeletedAt, clock.GetUtcNow()), stop)
        );

    /// <summary>
    /// Deletes a class with its students; their rallies stay, without names. For some time it can be restored.
    /// False
    /// where there is none.
    /// </summary>
    public async Task<bool> Delete(Guid id, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var now = clock.GetUtcNow();
        await db
            .Students.Where(p => p.ClassId == id)
            .ExecuteUpdateAsync(p => p.SetProperty(x => x.DeletedAt, now), stop);
        var gone = await db
            .Classes.Where(c => c.Id == id && c.OwnerId == Owner.LocalTeacher)
            .ExecuteUpdateAsync(c => c.SetProperty(x => x.DeletedAt, now), stop);
        await whole.CommitAsync(stop);
        return Changed(gone);
    }

    /// <summary>The rallies in which students of a class are, from the beginning or since later.</summary>
    public async Task<HashSet<RallyId>> RalliesOf(Guid id, CancellationToken stop)
    {
        var students = await db.Students.Where(p => p.ClassId == id).Select(p => p.Id).ToListAsync(stop);
        var begun = await db
            .TeamStudents.AsNoTracking()
            .Where(m => students.Contains(m.StudentId))
            .Select(m => m.RallyId)
            .Distinct()
            .ToListAsync(stop);
        return
        [
            .. begun,
            .. (await db.Entries.Of<Entry.StudentPlaced>("pupilPlaced", stop))
                .Where(p => p.Entry.Student.InClass is { } student && students.Contains(student))
                .Select(p => p.Rally),
        ];
    }

    /// <summary>Rallies name their students, so they are read again when a name has changed.</summary>
    private bool Changed(int rows)
    {
        if (rows > 0)
            owners.ForgetAll();
        return rows > 0;
    }
}
