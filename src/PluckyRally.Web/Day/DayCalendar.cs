using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using PluckyRally.Core.Day;

namespace PluckyRally.Web.Day;

/// <summary>A fair day as iCalendar (RFC 5545), at local times of whoever reads it.</summary>
internal static class DayCalendar
{
    /// <summary>An event for each rally; of the whole day where its time is open.</summary>
    /// <param name="day">The day.</param>
    /// <param name="slots">Its rallies as they are planned.</param>
    /// <param name="now">When the file is written.</param>
    public static string Write(FairDay day, IReadOnlyList<PlannedSlot> slots, DateTimeOffset now)
    {
        var calendar = new Calendar { ProductId = "-//Plucky Rally//Fair day//EN" };
        foreach (var planned in slots)
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{planned.Slot.Rally}@plucky-rally",
                    Summary = $"{day.Name}: {planned.Name}",
                    Location = planned.Slot.Where.Length > 0 ? planned.Slot.Where : null,
                    Description = planned.Who,
                    Start = planned.Slot.From is { } from ? At(from) : new CalDateTime(day.Date),
                    End = planned.Slot.From is not null && planned.Until is { } to ? At(to) : null,
                    DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
                }
            );
        return new CalendarSerializer().SerializeToString(calendar)!;

        CalDateTime At(TimeOnly time) => new(day.Date.ToDateTime(time), null);
    }
}
