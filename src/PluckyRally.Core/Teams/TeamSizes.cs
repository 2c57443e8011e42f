namespace PluckyRally.Core;

/// <summary>How many teams there are, and how large each is.</summary>
public static class TeamSizes
{
    /// <summary>The most pupils in a team.</summary>
    public const int Largest = 40;

    /// <summary>
    /// Teams = pupils / size, rounded up, with sizes as equal as they come, larger ones first. Nobody is left alone
    /// unless everyone works alone: then there is one team fewer.
    /// </summary>
    public static IReadOnlyList<int> Of(int pupils, int size)
    {
        if (pupils <= 0)
            return [];
        var teams = (pupils + Math.Max(1, size) - 1) / Math.Max(1, size);
        if (size > 1 && teams > 1 && pupils / teams < 2)
            teams--;
        return Into(pupils, teams);
    }

    /// <summary>
    /// So many teams, with sizes as equal as they come, larger ones first; no more teams than there are pupils.
    /// </summary>
    public static IReadOnlyList<int> Into(int pupils, int teams)
    {
        if (pupils <= 0)
            return [];
        var made = Math.Clamp(teams, 1, pupils);
        return [.. Enumerable.Range(0, made).Select(i => (pupils / made) + (i < pupils % made ? 1 : 0))];
    }
}
