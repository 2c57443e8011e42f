using PluckyRally.Core.Briefs;

namespace PluckyRally.Core.Time;

/// <summary>A school year of twelve months.</summary>
/// <param name="From">Its first day.</param>
public sealed record SchoolYear(DateOnly From)
{
    /// <summary>The day after its last.</summary>
    public DateOnly To => From.AddYears(1);

    /// <summary>The year of a school that a day belongs to.</summary>
    public static SchoolYear Of(DateOnly day, School school)
    {
        var begins = DayIn(day.Year, school.BeginsMonth, school.BeginsDay);
        return new(day >= begins ? begins : DayIn(day.Year - 1, school.BeginsMonth, school.BeginsDay));
    }

    /// <summary>The year of a school that begins in a calendar year.</summary>
    /// <param name="year">From 2000 to 2100.</param>
    /// <param name="school">The school.</param>
    public static SchoolYear Beginning(int year, School school) =>
        new(DayIn(year, school.BeginsMonth, school.BeginsDay));

    /// <summary>What it is called: 2025–26, or 2026 where it is the calendar's.</summary>
    public string Name => From.DayOfYear == 1 ? $"{From.Year}" : $"{From.Year}–{To.Year % 100:00}";

    /// <summary>
    /// How far along the year a day is, from 0 to 1; each month takes a twelfth, whatever the number of its days.
    /// </summary>
    public decimal Along(DateOnly day)
    {
        if (day < From)
            return 0;
        if (day >= To)
            return 1;
        return (At(day) - At(From)) / 12;
    }

    /// <summary>
    /// The seasons along the year, three months each from the first of March, June, September and December
    /// (meteorological seasons).
    /// </summary>
    /// <param name="south">Whether the school lies south of the equator.</param>
    public IReadOnlyList<SeasonSpan> Seasons(bool south)
    {
        var spans = new List<SeasonSpan>();
        for (var day = From; day < To; )
        {
            var next = NextSeason(day) is var n && n < To ? n : To;
            spans.Add(new(SeasonOf(day, south), Along(day), Along(next)));
            day = next;
        }

        return spans;
    }

    /// <summary>The terms along the year, in order.</summary>
    public IReadOnlyList<TermSpan> Terms(School school) =>
        [.. Begins(school).Select(t => new TermSpan(t.Name, Along(t.Day)))];

    /// <summary>The last day of the term in which a day lies: before the next one begins, or the year ends.</summary>
    /// <param name="school">The school with its terms.</param>
    /// <param name="day">A day of this year.</param>
    public DateOnly EndOfTerm(School school, DateOnly day) =>
        Begins(school).Select(t => t.Day).Where(d => d > day).DefaultIfEmpty(To).First().AddDays(-1);

    private IEnumerable<(string Name, DateOnly Day)> Begins(School school) =>
        school
            .Terms.Select(t =>
                (
                    t.Name,
                    Day: DayIn(From.Year, t.Month, t.Day) is var d && d >= From
                        ? d
                        : DayIn(From.Year + 1, t.Month, t.Day)
                )
            )
            .OrderBy(t => t.Day);

    private static Season SeasonOf(DateOnly day, bool south) =>
        (day.Month % 12 / 3, south) switch
        {
            (0, false) or (2, true) => Season.Winter,
            (1, false) or (3, true) => Season.Spring,
            (2, false) or (0, true) => Season.Summer,
            _ => Season.Autumn,
        };

    private static DateOnly NextSeason(DateOnly day) =>
        new DateOnly(day.Year, day.Month, 1).AddMonths(3 - (day.Month % 3));

    private static decimal At(DateOnly day) =>
        (day.Year * 12) + day.Month + ((day.Day - 1) / (decimal)DateTime.DaysInMonth(day.Year, day.Month));

    private static DateOnly DayIn(int year, int month, int day) =>
        new(year, month, Math.Min(day, DateTime.DaysInMonth(year, month)));
}

/// <summary>A season, or what of it lies in a school year.</summary>
/// <param name="Season">Which.</param>
/// <param name="From">Where it begins along the year, from 0 to 1.</param>
/// <param name="To">Where it ends.</param>
public sealed record SeasonSpan(Season Season, decimal From, decimal To);

/// <summary>A term along a school year.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="From">Where it begins, from 0 to 1.</param>
public sealed record TermSpan(string Name, decimal From);
