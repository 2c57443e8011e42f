using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data.Briefs;

/// <summary>
/// Finds briefs by what was noted and said in their rallies. The words stand in an index of their own, which the data
/// file keeps by itself (the migration VoicesAndWords says of which entries and fields).
/// </summary>
internal static class SaidInRallies
{
    /// <summary>The briefs in whose rallies a word begins so, in capitals or small letters.</summary>
    /// <param name="db">The data file.</param>
    /// <param name="word">How the word begins.</param>
    /// <param name="stop">Stops it.</param>
    public static async Task<IReadOnlyList<BriefId>> Briefs(RallyDb db, string word, CancellationToken stop)
    {
        // Quoted, so that nothing in it is an operator of the index; of signs alone there is nothing to find.
        if (!word.Any(char.IsLetterOrDigit))
            return [];
        var match = $"\"{word.Replace("\"", "\"\"", StringComparison.Ordinal)}\"*";
        return await (
            from said in db.Database.SqlQuery<long>(
                $"""SELECT "rowid" AS "Value" FROM "Said" WHERE "Said" MATCH {match}"""
            )
            join entry in db.Entries on said equals entry.Sequence
            join rally in db.Rallies on entry.RallyId equals rally.Id
            where rally.BriefId != null
            select rally.BriefId!.Value
        )
            .Distinct()
            .ToListAsync(stop);
    }
}
