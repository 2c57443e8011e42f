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
public sealed class BriefShelf(RallyDb db, BriefHistory history, TimeProvider clock)
{
    /// <summary>The briefs that hold every word of a search, the last changed first.</summary>
    /// <param name="search">Words; all briefs where empty.</param>
    /// <param name="archived">Those put away, instead of those on the shelf.</param>
    /// <param name="stop">Stops it.</param>
    public Task<List<StoredBrief>> All(string search, bool archived, CancellationToken stop)
    {
        var briefs = db.Briefs.AsNoTracking().Where(b => b.OwnerId == Owner.LocalTeacher && b.Archived == archived);
        foreach (var word in search.ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(20)) briefs = briefs.Where(b => b.SearchText.Contains(word));
        return briefs.OrderByDescending(b => b.ChangedAt).ToListAsync(stop);
    }

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
        await history.Keep(brief, always: false, stop);
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

    /// <summary>Puts a brief away or back on the shelf; false where there is none.</summary>
    public async Task<bool> Archive(Guid id, bool archived, CancellationToken stop) =>
        await db.Briefs.Where(b => b.Id == id && b.OwnerId == Owner.LocalTeacher).ExecuteUpdateAsync(set => set.SetProperty(b => b.Archived, archived), stop) > 0;

    /// <summary>Brings back an older version; what stands now becomes a version too.</summary>
    public async Task<(SaveOutcome Outcome, StoredBrief? Brief)> Restore(Guid id, int openedAt, int revision, CancellationToken stop)
    {
        var brief = await db.Briefs.FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);
        if (brief is null || await history.Find(id, revision, stop) is not { } version) return (SaveOutcome.NotFound, null);
        if (brief.Revision != openedAt) return (SaveOutcome.Conflict, brief);
        await history.Keep(brief, always: true, stop);
        await db.SaveChangesAsync(stop);
        return await Save(id, openedAt, DocumentReader.Brief(version.Document).OrThrow(), stop);
    }
}
