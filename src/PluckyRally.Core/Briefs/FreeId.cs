namespace PluckyRally.Core.Briefs;

/// <summary>Finds ids for what is added.</summary>
internal static class FreeId
{
    /// <summary>The first of stem, stem2, stem3 and so on that is not taken.</summary>
    public static string Of(string stem, IEnumerable<string> taken)
    {
        var there = taken.ToHashSet();
        return Enumerable
            .Range(1, there.Count + 1)
            .Select(i => i == 1 ? stem : $"{stem}{i}")
            .First(id => !there.Contains(id));
    }
}
