using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Time;

/// <summary>A size of paper.</summary>
public enum PaperSize
{
    /// <summary>ISO 216 A4.</summary>
    A4,

    /// <summary>US Letter (ANSI/ASME Y14.1).</summary>
    Letter,
}

/// <summary>A term of the school year.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Month">The month of its first day, 1 to 12.</param>
/// <param name="Day">Its first day.</param>
public sealed record SchoolTerm(string Name, int Month, int Day);

/// <summary>What is the school's own, set once.</summary>
public sealed record School
{
    /// <summary>The month in which the school year begins, 1 to 12.</summary>
    public int BeginsMonth { get; init; } = 9;

    /// <summary>The day of that month.</summary>
    public int BeginsDay { get; init; } = 1;

    /// <summary>Whether it lies south of the equator, where summer is in December.</summary>
    public bool South { get; init; }

    /// <summary>The terms, in any order; none where the seasons are enough.</summary>
    public IReadOnlyList<SchoolTerm> Terms { get; init; } = [];

    /// <summary>What it prints on.</summary>
    public PaperSize Paper { get; init; }

    /// <summary>The units of new briefs.</summary>
    public UnitSystem Units { get; init; }

    /// <summary>The first day of a week.</summary>
    public DayOfWeek FirstDay { get; init; } = DayOfWeek.Monday;

    /// <summary>Terms that a year has at the most.</summary>
    public const int MostTerms = 8;

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.Unless(
            IsDay(BeginsMonth, BeginsDay),
            "/beginsDay",
            "There is no such day.",
            "Use a month from 1 to 12 and one of its days."
        );
        found.Count(Terms, MostTerms, "/terms", "terms");
        for (var i = 0; i < Terms.Count; i++)
        {
            found.NotEmpty(
                Terms[i].Name,
                $"/terms/{i}/name",
                "The term has no name.",
                "Write what the school calls it."
            );
            found.Length(Terms[i].Name, Limits.Name, $"/terms/{i}/name", "The term's name");
            found.Unless(
                IsDay(Terms[i].Month, Terms[i].Day),
                $"/terms/{i}/day",
                "There is no such day.",
                "Use a month from 1 to 12 and one of its days."
            );
        }

        return found.Problems;
    }

    /// <summary>Where another state of it differs from this one.</summary>
    public IReadOnlyList<Difference> DifferencesTo(School after)
    {
        var found = new DifferenceCollector();
        found.At("/beginsDay", "The school year begins", Day(this), Day(after));
        found.At("/south", "Summer", Summer(this), Summer(after));
        found.At("/firstDay", "A week begins on", $"{FirstDay}", $"{after.FirstDay}");
        found.At("/units", "New briefs measure in", Measures(this), Measures(after));
        found.At("/paper", "It prints on", Sheets(this), Sheets(after));
        found.At("/terms", "Terms", Calendar(this), Calendar(after));
        return found.Found;

        static string Day(School school) => English.Day(new(2024, school.BeginsMonth, school.BeginsDay));
        static string Summer(School school) => school.South ? "December to February" : "June to August";
        static string Measures(School school) =>
            school.Units == UnitSystem.Metric ? "centimeters and grams" : "inches and ounces";
        static string Sheets(School school) => school.Paper == PaperSize.A4 ? "A4" : "US Letter";
        static string Calendar(School school) =>
            string.Join("; ", school.Terms.Select(t => $"{t.Name}, from {English.Day(new(2024, t.Month, t.Day))}"));
    }

    /// <summary>The first day of the week that a day lies in.</summary>
    public DateOnly WeekOf(DateOnly day) => day.AddDays(-(((int)day.DayOfWeek - (int)FirstDay + 7) % 7));

    // The 29th of February is a day of some years.
    private static bool IsDay(int month, int day) =>
        month is >= 1 and <= 12 && day >= 1 && day <= DateTime.DaysInMonth(2024, month);
}
