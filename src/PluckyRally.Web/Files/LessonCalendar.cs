using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Time;

namespace PluckyRally.Web.Files;

/// <summary>The lessons of a brief as iCalendar (RFC 5545), at local times of whoever reads them.</summary>
internal static class LessonCalendar
{
    /// <summary>An event for each lesson, its phases in the description.</summary>
    /// <param name="brief">The brief.</param>
    /// <param name="id">Names the events, so that a calendar that reads the file again changes them.</param>
    /// <param name="begins">When the first lesson begins.</param>
    /// <param name="everyDays">Days from one lesson to the next, from 1.</param>
    /// <param name="now">When the file is written.</param>
    public static string Write(Brief brief, BriefId id, DateTime begins, int everyDays, DateTimeOffset now)
    {
        var calendar = new Calendar { ProductId = "-//Plucky Rally//Lessons//EN" };
        var lessons = Timetable.Of(brief).Lessons;
        foreach (var lesson in lessons)
        {
            var start = begins.AddDays((lesson.Number - 1) * (double)everyDays);
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{id}-{lesson.Number}@plucky-rally",
                    Summary =
                        lessons.Count > 1 ? $"{brief.Title}, lesson {lesson.Number} of {lessons.Count}" : brief.Title,
                    Description = string.Join(
                        '\n',
                        lesson.Blocks.Select(b => $"{start.AddMinutes((double)b.From):h:mm tt} {b.Name}")
                    ),
                    Start = new CalDateTime(start, null),
                    End = new CalDateTime(start.AddMinutes((double)lesson.Length), null),
                    DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
                }
            );
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }
}
