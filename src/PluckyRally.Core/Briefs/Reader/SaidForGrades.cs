namespace PluckyRally.Core.Briefs;

/// <summary>Finds out what each thing that is said for some grades alone differs from.</summary>
internal static class SaidForGrades
{
    /// <summary>
    /// A limit that leaves open what it limits is about what is limited for all. Where a thing is said for several
    /// grades and not for all, the first are the brief's own; what is said for one alone stays as text.
    /// </summary>
    public static IReadOnlyList<Piece> Settle(string text, IReadOnlyList<Piece> pieces)
    {
        var settled = pieces.Select(p => p is Piece.ForGrades g ? Clear(g, pieces) : p).ToList();
        var alone = settled
            .OfType<Piece.ForGrades>()
            .Where(g => !settled.Any(p => p is not Piece.ForGrades && g.IsAbout(p)))
            .ToList();
        // The first thing that is said for two grades, each in its own way.
        if (
            alone.FirstOrDefault(g => alone.Any(o => o.Band != g.Band && o.IsAbout(g.Inner))) is not { } first
            || settled.OfType<Piece.Grades>().Any(g => g.Band != first.Band)
        )
            return
            [
                .. settled.Select(p => alone.Contains(p) ? new Piece.Unread(p.From, text[p.From.From..p.From.To]) : p),
            ];
        return
        [
            .. settled.OfType<Piece.Grades>().Any() ? [] : new[] { new Piece.Grades(first.From, first.Band) },
            .. settled.Select(p => p is Piece.ForGrades g && alone.Contains(g) && g.Band == first.Band ? g.Inner : p),
        ];
    }

    private static Piece.ForGrades Clear(Piece.ForGrades said, IReadOnlyList<Piece> pieces) =>
        said.Inner is Piece.Asked asked
        && asked.Readings.OfType<Piece.Limit>().Where(l => pieces.Any((said with { Inner = l }).IsAbout)).ToList()
            is [var only]
            ? said with
            {
                Inner = only,
            }
            : said;
}
