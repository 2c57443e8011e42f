using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Schools;

/// <summary>Keeps what is the school's own.</summary>
public sealed class SchoolBook(RallyDb db)
{
    /// <summary>The school; the usual where nothing was set, or a newer version set it.</summary>
    public async Task<School> Read(CancellationToken stop) =>
        (await db.Schools.AsNoTracking().FirstOrDefaultAsync(s => s.OwnerId == Owner.LocalTeacher, stop))?.Read()
        ?? new();

    /// <summary>Sets it.</summary>
    public async Task Put(School school, CancellationToken stop)
    {
        if (await db.Schools.FindAsync([Owner.LocalTeacher], stop) is { } there)
            there.Document = Json.Write(school);
        else
            db.Schools.Add(new() { OwnerId = Owner.LocalTeacher, Document = Json.Write(school) });
        await db.SaveChangesAsync(stop);
    }
}
