using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Time;

/// <summary>A brief that has its place in the year before any team exists.</summary>
public sealed record BriefPlan
{
    /// <summary>The brief's id.</summary>
    public required BriefId Brief { get; init; }

    /// <summary>The day, or a day of the week.</summary>
    public required DateOnly Date { get; init; }

    /// <summary>Whether it is that week, on whichever day.</summary>
    public bool WholeWeek { get; init; }

    /// <summary>For whom: a class; empty where that is open.</summary>
    public string For { get; init; } = "";

    /// <summary>The first of its days.</summary>
    public DateOnly From(School school) => WholeWeek ? school.WeekOf(Date) : Date;

    /// <summary>The day to make teams for: today in a planned week that has begun, else its first.</summary>
    public DateOnly DayFor(School school, DateOnly today)
    {
        var from = From(school);
        return WholeWeek && from < today && today < from.AddDays(DaysOfWeek) ? today : from;
    }

    /// <summary>
    /// Whether what is planned for a day comes before the rally that is next: a rally of today comes first, and one
    /// whose day is over or open waits only for what is planned for today.
    /// </summary>
    /// <param name="planned">The day of the plan.</param>
    /// <param name="rally">The day of the rally that is next; null where it has none.</param>
    /// <param name="today">The day it is.</param>
    public static bool ComesBefore(DateOnly planned, DateOnly? rally, DateOnly today) =>
        rally > today ? planned < rally : rally != today && planned == today;

    private const int DaysOfWeek = 7;

    /// <summary>Where another state of it differs from this one.</summary>
    public IReadOnlyList<Difference> DifferencesTo(BriefPlan after)
    {
        var found = new DifferenceCollector();
        found.At("/date", "When", When(this), When(after));
        found.At("/for", "For whom", For.Trim(), after.For.Trim());
        return found.Found;

        static string When(BriefPlan plan) =>
            plan.WholeWeek ? $"the week of {English.Day(plan.Date)}" : English.Day(plan.Date);
    }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.Length(For, Limits.Name, "/for", "For whom");
        found.Unless(
            Date.Year is >= 2000 and <= 2100,
            "/date",
            "That is not in this century.",
            "Choose a day of this school year or the next."
        );
        return found.Problems;
    }
}
