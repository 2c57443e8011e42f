using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using PluckyRally.Core.Time;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Year;

namespace PluckyRally.Web.Files;

/// <summary>The year's rallies and plans as iCalendar (RFC 5545), as whole days.</summary>
internal static class YearCalendar
{
    /// <summary>An event for each.</summary>
    /// <param name="rallies">The rallies that have a day.</param>
    /// <param name="plans">What is planned; a week is an event of seven days.</param>
    /// <param name="school">Says on which day a week begins.</param>
    /// <param name="now">When the file is written.</param>
    public static string Write(
        IReadOnlyList<ListedRally> rallies,
        IReadOnlyList<PlannedBrief> plans,
        School school,
        DateTimeOffset now
    )
    {
        var calendar = new Calendar { ProductId = "-//Plucky Rally//Year//EN" };
        foreach (var rally in rallies)
            calendar.Events.Add(Event($"{rally.Id}", $"{rally.BriefTitle}, {rally.Name}", rally.Date!.Value, 1));
        foreach (var plan in plans)
        {
            var name = plan.Plan.For.Length > 0 ? $"{plan.Title}, {plan.Plan.For}" : plan.Title;
            calendar.Events.Add(Event($"{plan.Id}", name, plan.Plan.From(school), plan.Plan.WholeWeek ? 7 : 1));
        }

        return new CalendarSerializer().SerializeToString(calendar)!;

        CalendarEvent Event(string id, string name, DateOnly from, int days) =>
            new()
            {
                Uid = $"{id}@plucky-rally",
                Summary = name,
                Start = new CalDateTime(from),
                End = new CalDateTime(from.AddDays(days)),
                DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
            };
    }
}
