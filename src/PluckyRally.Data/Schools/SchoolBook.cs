using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Files;
using PluckyRally.Core.Time;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Schools;

/// <summary>Keeps what is the school's own.</summary>
public sealed class SchoolBook(RallyDb db)
{
    /// <summary>The school; the usual where nothing was set, or a newer version set it.</summary>
    public async Task<School> Read(CancellationToken stop) =>
        (await db.Schools.AsNoTracking().FirstOrDefaultAsync(s => s.OwnerId == Owner.LocalTeacher, stop))?.Read()
        ?? new();

    /// <summary>Sets it, where it is still as it was when the change was begun; gives it as it stands.</summary>
    public async Task<(SaveOutcome Outcome, School Stands)> Put(School was, School school, CancellationToken stop)
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        var stands = await Read(stop);
        if (!Json.Same(stands, was))
            return (SaveOutcome.Conflict, stands);
        if (await db.Schools.FindAsync([Owner.LocalTeacher], stop) is { } there)
            there.Document = Json.Write(school);
        else
            db.Schools.Add(new() { OwnerId = Owner.LocalTeacher, Document = Json.Write(school) });
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, school);
    }
}
