using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Data.Owners;

namespace PluckyRally.Data.Briefs;

/// <summary>The teacher's briefs.</summary>
public sealed class BriefShelf(RallyDb db, BriefHistory history, TimeProvider clock)
{
    /// <summary>
    /// The briefs that hold every word of a search, or in whose rallies it was said; the last changed first.
    /// </summary>
    /// <param name="search">Words; all briefs where empty.</param>
    /// <param name="archived">Those archived, instead of those on the shelf.</param>
    /// <param name="stop">Stops it.</param>
    public async Task<List<ListedBrief>> All(string search, bool archived, CancellationToken stop)
    {
        var briefs = db.Briefs.AsNoTracking().Where(b => b.OwnerId == Owner.LocalTeacher && b.Archived == archived);
        foreach (var word in Words(search))
        {
            var said = await SaidInRallies.Briefs(db, word, stop);
            briefs = briefs.Where(b => b.SearchText.Contains(word) || said.Contains(b.Id));
        }

        return await briefs
            .OrderByDescending(b => b.ChangedAt)
            .Select(b => new ListedBrief(
                b.Id,
                b.Title,
                b.Goal,
                b.Theme,
                b.Season,
                b.Grades,
                b.Pattern,
                b.Minutes,
                b.ChangedAt
            ))
            .ToListAsync(stop);
    }

    /// <summary>The words of a search, in small letters; nobody types more of them than are looked for.</summary>
    public static IReadOnlyList<string> Words(string search) =>
        [.. search.ToLowerInvariant().Split(' ', StringSplitOptions.RemoveEmptyEntries).Take(MostWords)];

    private const int MostWords = 20;

    /// <summary>One brief, or null.</summary>
    public Task<StoredBrief?> Find(BriefId id, CancellationToken stop) =>
        db.Briefs.AsNoTracking().FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);

    /// <summary>The brief that an imported rally was most likely made from: the last changed with its title.</summary>
    public Task<BriefId?> FindByTitle(string title, CancellationToken stop) =>
        db
            .Briefs.Where(b => b.OwnerId == Owner.LocalTeacher && b.Title == title)
            .OrderByDescending(b => b.ChangedAt)
            .Select(b => (BriefId?)b.Id)
            .FirstOrDefaultAsync(stop);

    /// <summary>Puts a new brief on the shelf.</summary>
    public async Task<StoredBrief> Add(Document<Brief> document, CancellationToken stop)
    {
        var brief = new StoredBrief
        {
            Id = new(Guid.CreateVersion7()),
            OwnerId = Owner.LocalTeacher,
            Document = "",
            Title = "",
            Goal = "",
            Theme = "",
        };
        brief.Take(document, clock.GetUtcNow());
        db.Briefs.Add(brief);
        await db.SaveChangesAsync(stop);
        return brief;
    }

    /// <summary>
    /// Saves a brief that was opened at a revision; refuses if there is a newer one, and gives that back.
    /// </summary>
    /// <param name="id">The brief.</param>
    /// <param name="openedAt">The revision that the window knows.</param>
    /// <param name="window">Names the window that saves. Where it saved all that is newer, it has only missed an
    /// answer.</param>
    /// <param name="document">What is saved.</param>
    /// <param name="stop">Stops it.</param>
    public async Task<(SaveOutcome Outcome, StoredBrief? Brief)> Save(
        BriefId id,
        int openedAt,
        string window,
        Document<Brief> document,
        CancellationToken stop
    )
    {
        var brief = await db.Briefs.FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);
        if (brief is null)
            return (SaveOutcome.NotFound, null);
        var own =
            window.Length > 0 && brief.Window == window && openedAt >= brief.WindowSince && openedAt <= brief.Revision;
        if (brief.Revision != openedAt && !own)
            return (SaveOutcome.Conflict, brief);
        if (brief.Window != window)
            (brief.Window, brief.WindowSince) = (window, brief.Revision);
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
    public async Task<bool> Archive(BriefId id, bool archived, CancellationToken stop) =>
        await db
            .Briefs.Where(b => b.Id == id && b.OwnerId == Owner.LocalTeacher)
            .ExecuteUpdateAsync(set => set.SetProperty(b => b.Archived, archived), stop) > 0;

    /// <summary>Brings back an older version; what stands now becomes a version too.</summary>
    /// <param name="id">The brief.</param>
    /// <param name="openedAt">The revision that the window knows.</param>
    /// <param name="revision">The older version's.</param>
    /// <param name="document">The older version, read.</param>
    /// <param name="stop">Stops it.</param>
    public async Task<(SaveOutcome Outcome, StoredBrief? Brief)> Restore(
        BriefId id,
        int openedAt,
        int revision,
        Document<Brief> document,
        CancellationToken stop
    )
    {
        var brief = await db.Briefs.FirstOrDefaultAsync(b => b.Id == id && b.OwnerId == Owner.LocalTeacher, stop);
        if (brief is null || brief.Revision < revision)
            return (SaveOutcome.NotFound, null);
        if (brief.Revision != openedAt)
            return (SaveOutcome.Conflict, brief);
        await history.Keep(brief, always: true, stop);
        await db.SaveChangesAsync(stop);
        return await Save(id, openedAt, "", document, stop);
    }

    /// <summary>Deletes a brief; for some time it can be restored. False where there is none.</summary>
    public async Task<bool> Delete(BriefId id, CancellationToken stop) =>
        await db
            .Briefs.Where(b => b.Id == id && b.OwnerId == Owner.LocalTeacher)
            .ExecuteUpdateAsync(set => set.SetProperty(b => b.DeletedAt, clock.GetUtcNow()), stop) > 0;
}

/// <summary>A brief as a list shows it.</summary>
public sealed record ListedBrief(
    BriefId Id,
    string Title,
    string Goal,
    string Theme,
    Season Season,
    string Grades,
    Pattern Pattern,
    int Minutes,
    DateTimeOffset ChangedAt
);
