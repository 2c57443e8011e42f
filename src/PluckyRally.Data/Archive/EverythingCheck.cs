namespace PluckyRally.Data.Archive;

/// <summary>Looks an archive's list through before anything of it is brought in.</summary>
internal static class EverythingCheck
{
    /// <summary>Nothing in an archive is empty, and nothing is in it twice.</summary>
    /// <exception cref="InvalidDataException">Something is.</exception>
    public static void Check(Everything index)
    {
        Once("classes", index.Classes, c => c.Id);
        foreach (var group in index.Classes)
            Once($"students of {group.Name}", group.Students, p => p.Id);
        Once("cupboard", index.Cupboard, i => (i.Name, i.Unit));
        Once("plans", index.Plans, p => p.Id);
        Once("days", index.Days, d => d.Id);
        Once("briefs", index.Briefs, b => b.Id);
        foreach (var brief in index.Briefs)
            Once($"versions of {brief.Id}", brief.Versions, v => v.Revision);
        Once("rallies", index.Rallies, r => r.Id);
        foreach (var rally in index.Rallies)
        {
            Once($"photos of {rally.Id}", rally.Photos, p => p.Id);
            Once($"stock of {rally.Id}", rally.Stock, i => (i.Name, i.Unit));
        }
    }

    private static void Once<T, TKey>(string where, IReadOnlyList<T>? rows, Func<T, TKey> key)
        where T : class
    {
        if (rows is null || rows.Any(r => r is null))
            throw new InvalidDataException($"a line of its {where} is empty");
        if (rows.GroupBy(key).FirstOrDefault(g => g.Count() > 1) is { } twice)
            throw new InvalidDataException($"{twice.Key} stands twice in its {where}");
    }
}
