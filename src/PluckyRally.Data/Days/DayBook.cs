using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Day;
using PluckyRally.Core.Files;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Days;

/// <summary>Keeps the fair days.</summary>
public sealed class DayBook(RallyDb db)
{
    /// <summary>All of them, the latest first; those that a newer version wrote are not among them.</summary>
    public async Task<IReadOnlyList<KeptDay>> All(CancellationToken stop) =>
        [
            .. (await db.Days.AsNoTracking().OrderByDescending(d => d.Date).ToListAsync(stop))
                .Select(d => d.Read())
                .OfType<KeptDay>(),
        ];

    /// <summary>A day, or null.</summary>
    public async Task<KeptDay?> Find(Guid id, CancellationToken stop) =>
        (await db.Days.AsNoTracking().FirstOrDefaultAsync(d => d.Id == id, stop))?.Read();

    /// <summary>Keeps a new day.</summary>
    public async Task<Guid> Add(FairDay day, CancellationToken stop)
    {
        var stored = new StoredDay
        {
            Id = Guid.CreateVersion7(),
            OwnerId = Owner.LocalTeacher,
            Date = day.Date,
            Document = Json.Write(day),
        };
        db.Days.Add(stored);
        await db.SaveChangesAsync(stop);
        return stored.Id;
    }

    /// <summary>Changes a day that is still as it was when the change was begun; gives it as it stands.</summary>
    public async Task<(SaveOutcome Outcome, FairDay? Stands)> Change(
        Guid id,
        FairDay was,
        FairDay day,
        CancellationToken stop
    )
    {
        await using var whole = await db.Database.BeginTransactionAsync(stop);
        if (await db.Days.FindAsync([id], stop) is not { } there || there.Read() is not { Day: var stands })
            return (SaveOutcome.NotFound, null);
        if (!Json.Same(stands, was))
            return (SaveOutcome.Conflict, stands);
        (there.Date, there.Document) = (day.Date, Json.Write(day));
        await db.SaveChangesAsync(stop);
        await whole.CommitAsync(stop);
        return (SaveOutcome.Saved, day);
    }

    /// <summary>Sets what the board of a day shows; false where there is no such day.</summary>
    public async Task<bool> Set(Guid id, BoardOfDay board, CancellationToken stop)
    {
        var text = Json.Write(board);
        return await db.Days.Where(d => d.Id == id).ExecuteUpdateAsync(d => d.SetProperty(x => x.Board, text), stop)
            > 0;
    }

    /// <summary>Takes a day away; its rallies stay. False where there is none.</summary>
    public async Task<bool> Remove(Guid id, CancellationToken stop) =>
        await db.Days.Where(d => d.Id == id).ExecuteDeleteAsync(stop) > 0;
}

/// <summary>A day that is kept.</summary>
public sealed record KeptDay(Guid Id, FairDay Day)
{
    /// <summary>What its board shows.</summary>
    public BoardOfDay Board { get; init; } = new();
}
