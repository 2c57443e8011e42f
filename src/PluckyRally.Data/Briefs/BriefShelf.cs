using Microsoft.EntityFrameworkCore;
using PluckyRally.Core;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Briefs;

/// <summary>What became of a save.</summary>
public enum SaveOutcome
{
    /// <summary>It is saved.</summary>
    Saved,

    /// <summary>There is no such brief.</summary>
    NotFound,

    /// <summary>Somebody has saved another revision in the meantime; nothing was overwritten.</summary>
    Conflict,
}

/// <summary>The teacher's briefs.</summary>
public sealed class BriefShelf(RallyDb db, TimeProvider clock)
{
    /// <summary>All briefs, the last changed first.</summary>
    public Task<List<StoredBrief>> All(CancellationToken stop) =>
        db.Briefs.AsNoTracking().Where(b => b.OwnerId == Owner.LocalTeacher).OrderByDescending(b => b.ChangedAt).ToListAsync(stop);

    /// <summary>One brief, or null.</summary>
    public Task<StoredBrief?> Find(Guid id, CancellationToken stop) =>
        db.Briefs.AsNoTracking().FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);

    /// <summary>The brief that an imported rally was most likely made from: the last changed with its title.</summary>
    public Task<Guid?> FindByTitle(string title, CancellationToken stop) =>
        db.Briefs.Where(b => b.OwnerId == Owner.LocalTeacher && b.Title == title).OrderByDescending(b => b.ChangedAt).Select(b => (Guid?)b.Id).FirstOrDefaultAsync(stop);

    /// <summary>Puts a new brief on the shelf.</summary>
    public async Task<StoredBrief> Add(Document<Brief> document, CancellationToken stop)
    {
        var brief = new StoredBrief { Id = Guid.CreateVersion7(), OwnerId = Owner.LocalTeacher, Document = "", Title = "", Goal = "", Theme = "" };
        brief.Take(document, clock.GetUtcNow());
        db.Briefs.Add(brief);
        await db.SaveChangesAsync(stop);
        return brief;
    }

    /// <summary>Saves a brief that was opened at a revision; refuses if there is a newer one, and gives that back.</summary>
    public async Task<(SaveOutcome Outcome, StoredBrief? Brief)> Save(Guid id, int openedAt, Document<Brief> document, CancellationToken stop)
    {
        var brief = await db.Briefs.FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);
        if (brief is null) return (SaveOutcome.NotFound, null);
        if (brief.Revision != openedAt) return (SaveOutcome.Conflict, brief);
        brief.Take(document, clock.GetUtcNow());
        brief.Revision++;
        try
        {
            await db.SaveChangesAsync(stop);
            return (SaveOutcome.Saved, brief);
        }
        catch (DbUpdateConcurrencyException)
        {
            db.ChangeTracker.Clear();
            return (SaveOutcome.Conflict, await Find(id, stop));
        }
    }
}
