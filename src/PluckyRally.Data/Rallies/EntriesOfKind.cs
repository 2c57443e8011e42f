using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Data.Rallies;

/// <summary>Looks for entries of a kind in the logs of all rallies, without opening the rallies.</summary>
internal static class EntriesOfKind
{
    /// <summary>The entries of a kind in the order in which they were received, crossed out or not.</summary>
    /// <typeparam name="T">The kind.</typeparam>
    /// <param name="entries">The logs.</param>
    /// <param name="kind">The kind as documents call it.</param>
    /// <param name="stop">Stops it.</param>
    public static async Task<IReadOnlyList<(RallyId Rally, T Entry)>> Of<T>(
        this IQueryable<StoredEntry> entries,
        string kind,
        CancellationToken stop
    )
        where T : Entry
    {
        var rows = await entries
            .AsNoTracking()
            .Where(e => e.Document.Contains($"\"{kind}\""))
            .OrderBy(e => e.Sequence)
            .Select(e => new { e.RallyId, e.Document })
            .ToListAsync(stop);
        return
        [
            .. from row in rows
            let entry = DocumentReader.KeptEntry(row.Document) as T
            where entry is not null
            select (row.RallyId, entry),
        ];
    }
}
