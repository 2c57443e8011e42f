namespace PluckyRally.Core.Teams;

/// <summary>How many teams there are, and how large each is.</summary>
public static class TeamSizes
{
    /// <summary>The most students in a team.</summary>
    public const int Largest = 40;

    /// <summary>
    /// Teams = students / size, rounded up, with sizes as equal as they come, larger ones first. Nobody is left alone
    /// unless everyone works alone: then there is one team fewer.
    /// </summary>
    public static IReadOnlyList<int> Of(int students, int size)
    {
        if (students <= 0)
            return [];
        var teams = (students + Math.Max(1, size) - 1) / Math.Max(1, size);
        if (size > 1 && teams > 1 && students / teams < 2)
            teams--;
        return Into(students, teams);
    }

    /// <summary>
    /// The sizes of a number of teams, as equal as they come, larger ones first; no more teams than there are students.
    /// </summary>
    public static IReadOnlyList<int> Into(int students, int teams)
    {
        if (students <= 0)
            return [];
        var made = Math.Clamp(teams, 1, students);
        return [.. Enumerable.Range(0, made).Select(i => (students / made) + (i < students % made ? 1 : 0))];
    }
}
