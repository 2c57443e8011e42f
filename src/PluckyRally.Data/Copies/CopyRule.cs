namespace PluckyRally.Data.Copies;

/// <summary>
/// Which copies are kept: all of the last week, then one for each week of two months, then one for each month of a
/// year.
/// </summary>
public static class CopyRule
{
    /// <summary>The rule in words, as the page says it.</summary>
    public const string Says =
        "Every one of the last seven days is kept, then one a week for eight weeks, then one a month for a year.";

    /// <summary>When so long nothing is recorded any more, the lesson is taken to be over.</summary>
    private static readonly TimeSpan Quiet = TimeSpan.FromMinutes(30);

    private const int Days = 7;
    private const int Weeks = 8;
    private const int Months = 12;

    /// <summary>The copies that are kept, of those made at these times; the newest is always among them.</summary>
    /// <param name="made">When copies were made, in any order.</param>
    /// <param name="now">The time it is.</param>
    public static IReadOnlySet<DateTimeOffset> Kept(IReadOnlyCollection<DateTimeOffset> made, DateTimeOffset now)
    {
        var kept = new HashSet<DateTimeOffset>();
        var newestFirst = made.OrderDescending().ToList();
        if (newestFirst.Count > 0)
            kept.Add(newestFirst[0]);
        foreach (var at in newestFirst.Where(at => at > now.AddDays(-Days)))
            kept.Add(at);
        foreach (var week in newestFirst.Where(at => at > now.AddDays(-7 * Weeks)).GroupBy(Week))
            kept.Add(week.Max());
        foreach (var month in newestFirst.Where(at => at > now.AddMonths(-Months)).GroupBy(at => (at.Year, at.Month)))
            kept.Add(month.Max());
        return kept;
    }

    /// <summary>Whether a lesson that nobody ended by the clock or by closing its round is to be copied.</summary>
    /// <param name="recorded">When something was recorded last; null where nothing was.</param>
    /// <param name="copied">When the newest copy was made; null where there is none.</param>
    /// <param name="now">The time it is.</param>
    public static bool IsDue(DateTimeOffset? recorded, DateTimeOffset? copied, DateTimeOffset now) =>
        recorded is { } at && now - at >= Quiet && !(copied >= at);

    private static (int, int) Week(DateTimeOffset at) =>
        (
            System.Globalization.ISOWeek.GetYear(at.UtcDateTime),
            System.Globalization.ISOWeek.GetWeekOfYear(at.UtcDateTime)
        );
}
