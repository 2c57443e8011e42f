namespace PluckyRally.Core.Day;

/// <summary>Times of one day, which ends at midnight.</summary>
internal static class DayTime
{
    /// <summary>So many minutes later, to the whole minute; the last minute of the day at the most.</summary>
    public static TimeOnly Later(TimeOnly time, double minutes)
    {
        var total = Math.Floor(time.ToTimeSpan().TotalMinutes + minutes);
        return TimeOnly.FromTimeSpan(TimeSpan.FromMinutes(Math.Clamp(total, 0, (24 * 60) - 1)));
    }

    /// <summary>As it is said: "9:05".</summary>
    public static string Say(TimeOnly time) => time.ToString("H:mm", System.Globalization.CultureInfo.InvariantCulture);
}
