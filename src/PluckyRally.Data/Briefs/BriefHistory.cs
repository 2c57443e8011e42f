using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Briefs;

/// <summary>
/// How briefs stood earlier. A brief is saved every few words; a version is kept when at least five minutes of writing
/// lie behind it, and always before an older one is brought back.
/// </summary>
public sealed class BriefHistory(RallyDb db)
{
    private static readonly TimeSpan Apart = TimeSpan.FromMinutes(5);

    /// <summary>Versions kept of a brief; the oldest go first.</summary>
    private const int Most = 100;

    /// <summary>The versions of a brief, the newest first.</summary>
    public Task<List<ListedVersion>> All(BriefId brief, CancellationToken stop) =>
        db
            .Versions.AsNoTracking()
            .Where(v => v.BriefId == brief)
            .OrderByDescending(v => v.Revision)
            .Select(v => new ListedVersion(v.Revision, v.Title, v.SavedAt))
            .ToListAsync(stop);

    /// <summary>One version, or null.</summary>
    public Task<StoredVersion?> Find(BriefId brief, int revision, CancellationToken stop) =>
        db.Versions.AsNoTracking().FirstOrDefaultAsync(v => v.BriefId == brief && v.Revision == revision, stop);

    /// <summary>
    /// Keeps what stands before it is overwritten, if it has stood long enough; saved with the next save.
    /// </summary>
    internal async Task Keep(StoredBrief brief, bool always, CancellationToken stop)
    {
        var kept = await db
            .Versions.Where(v => v.BriefId == brief.Id)
            .OrderByDescending(v => v.Revision)
            .Select(v => new { v.Revision, v.SavedAt })
            .ToListAsync(stop);
        if (
            kept is [{ } last, ..]
            && (last.Revision == brief.Revision || (!always && brief.ChangedAt - last.SavedAt < Apart))
        )
            return;
        db.Versions.Add(
            new()
            {
                BriefId = brief.Id,
                Revision = brief.Revision,
                Document = brief.Document,
                Title = brief.Title,
                SavedAt = brief.ChangedAt,
            }
        );
        if (kept.Count >= Most)
        {
            // It goes with the save that brings the new one, or stays with it.
            var oldest = kept[^1].Revision;
            db.Versions.Remove(await db.Versions.FirstAsync(v => v.BriefId == brief.Id && v.Revision == oldest, stop));
        }
    }
}

/// <summary>A version as a list shows it.</summary>
public sealed record ListedVersion(int Revision, string Title, DateTimeOffset SavedAt);
