namespace PluckyRally.Core;

/// <summary>What a rehearsal says: no word of statistics.</summary>
internal static class RehearsalWords
{
    public const string Said = "as you wrote";
    public const string OfBrief = "what the brief expects";
    public const string Guess = "a guess: the brief does not say what to expect";

    /// <summary>From here on a tie for first is worth a word, and so is a part that decides nearly all (common practice, no source).</summary>
    private const decimal ManyTies = 10, NearlyAll = 80, MoreThanALittle = 5, FewDiffer = 5;

    public static IReadOnlyList<string> Say(Brief brief, RehearsalAsked asked, decimal tie, decimal wins, decimal gone, IReadOnlyList<PartDecides> parts)
    {
        var says = new List<string>();
        if (brief.Method.Ranking)
        {
            says.Add(tie >= ManyTies ? $"The first place is shared in {InAHundred(tie)} classes. Another tie-break, or a finer step, would part them." : tie > 0 ? $"The first place is shared in {InAHundred(tie)} classes." : "The first place is never shared.");
            says.Add($"The best team wins in {InAHundred(wins)} classes; else luck does. By luck alone it would be {InAHundred(Math.Round(100m / asked.Teams, 1))}.");
        }

        if (parts is [var most, _, ..])
        {
            says.Add(most.Share >= NearlyAll ? $"“{most.Name}” decides nearly everything: {Numerals.Write(most.Share)} of a hundred parts of what sets teams apart." : $"What sets teams apart is {English.List([.. parts.Where(p => p.Share > 0).Select(p => $"“{p.Name}” for {Numerals.Write(p.Share)}")])} of a hundred parts.");
        }

        foreach (var part in parts.Where(p => p.Differs <= FewDiffer)) says.Add($"“{part.Name}” hardly ever gives two teams different points: it could be left out, or its steps made finer.");
        if (gone > MoreThanALittle) says.Add($"{InAHundred(gone)} teams do not place. Look at the must-haves that put them out.");
        return says;
    }

    private static string InAHundred(decimal share) => share > 0 && share < 1 ? "less than one of a hundred" : $"{Numerals.Write(Math.Round(share, 0))} of a hundred";
}
