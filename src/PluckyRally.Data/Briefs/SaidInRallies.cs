using System.Text.Json;
using Microsoft.EntityFrameworkCore;

namespace PluckyRally.Data.Briefs;

/// <summary>Finds briefs by what was noted and said in their rallies.</summary>
internal static class SaidInRallies
{
    /// <summary>Entries that hold words of people, and the fields in which those stand.</summary>
    private static readonly string[] Kinds = ["noteMade", "answerGiven", "lookedBack", "tagSeen", "designNoted"],
        Fields = ["text", "worked", "didNot", "change", "why", "together", "word", "changed"];

    /// <summary>The briefs in whose rallies a word stands.</summary>
    /// <param name="db">The data file.</param>
    /// <param name="word">The word, in small letters.</param>
    /// <param name="stop">Stops it.</param>
    public static async Task<IReadOnlyList<Guid>> Briefs(RallyDb db, string word, CancellationToken stop)
    {
        // First roughly, where the entries are; then in the fields that hold words, so that no field's name is found.
        var pattern =
            "%"
            + word.Replace("\\", "\\\\", StringComparison.Ordinal)
                .Replace("%", "\\%", StringComparison.Ordinal)
                .Replace("_", "\\_", StringComparison.Ordinal)
            + "%";
        var found = await (
            from entry in db.Entries.AsNoTracking()
            join rally in db.Rallies on entry.RallyId equals rally.Id
            where rally.BriefId != null && EF.Functions.Like(entry.Document, pattern, "\\")
            select new { Brief = rally.BriefId!.Value, entry.Document }
        ).ToListAsync(stop);
        return [.. found.Where(f => Says(f.Document, word)).Select(f => f.Brief).Distinct()];
    }

    private static bool Says(string document, string word)
    {
        using var entry = JsonDocument.Parse(document);
        return entry.RootElement.TryGetProperty("kind", out var kind)
            && Kinds.Contains(kind.GetString())
            && Fields.Any(f =>
                entry.RootElement.TryGetProperty(f, out var text)
                && text.ValueKind == JsonValueKind.String
                && text.GetString()!.Contains(word, StringComparison.OrdinalIgnoreCase)
            );
    }
}
