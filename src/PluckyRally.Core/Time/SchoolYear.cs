namespace PluckyRally.Core;

/// <summary>A school year, from the first of September to the last of August: autumn, winter, spring and summer, three months each.</summary>
/// <param name="From">Its first day.</param>
public sealed record SchoolYear(DateOnly From)
{
    /// <summary>The day after its last.</summary>
    public DateOnly To => From.AddYears(1);

    /// <summary>The year that a day belongs to.</summary>
    public static SchoolYear Of(DateOnly day) => new(new DateOnly(day.Month >= 9 ? day.Year : day.Year - 1, 9, 1));

    /// <summary>How far along the year a day is, from 0 to 1; each season takes a quarter, whatever the number of its days.</summary>
    public decimal Along(DateOnly day)
    {
        if (day < From) return 0;
        if (day >= To) return 1;
        var months = ((day.Year - From.Year) * 12) + day.Month - From.Month;
        return (months + ((day.Day - 1) / (decimal)DateTime.DaysInMonth(day.Year, day.Month))) / 12;
    }
}
