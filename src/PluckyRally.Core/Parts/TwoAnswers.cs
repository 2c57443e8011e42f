namespace PluckyRally.Core;

/// <summary>Finds what several people answered as a whole: the last answer stands, and that is said.</summary>
internal static class TwoAnswers
{
    /// <summary>The part's value, with a step that names them.</summary>
    public static PartValue Marked(PartValue value, Part part, DesignRecord design)
    {
        var several = PartEntries.Of<Entry.OfPart>(design, part.Id).Where(e => e.Answers is not null)
            .GroupBy(e => (e.GetType(), e.Answers))
            .Where(g => g.Select(e => e.By).Distinct().Count() > 1)
            .SelectMany(g => g)
            .ToList();
        return several.Count == 0 ? value : value with { Steps = [.. value.Steps, new Working.SeveralAnswered([.. several.Select(e => e.By).Distinct()]) { Entries = [.. several.Select(e => e.Id)] }] };
    }
}
