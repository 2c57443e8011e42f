using Microsoft.EntityFrameworkCore;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;

namespace PluckyRally.Data.Rallies;

/// <summary>
/// Who came into the teams of a rally later. The log has their ids; their names are in the classes alone, so that they
/// can be deleted.
/// </summary>
internal static class Latecomers
{
    /// <summary>
    /// The students whom entries bring into a rally, in the order of their classes. Who is known to it already, and who
    /// is in no class here, is left out.
    /// </summary>
    public static async Task<IReadOnlyList<Student>> Of(
        RallyDb db,
        Rally rally,
        IReadOnlyList<Entry> entries,
        CancellationToken stop
    )
    {
        var ids = entries
            .OfType<Entry.StudentPlaced>()
            .Where(p => !rally.Knows(p.Student))
            .Select(p => p.Student.InClass)
            .OfType<Guid>()
            .Distinct()
            .ToList();
        if (ids.Count == 0)
            return [];
        var students = await db
            .Students.AsNoTracking()
            .Where(p => ids.Contains(p.Id))
            .OrderBy(p => p.Order)
            .Select(p => new { p.Id, p.Name })
            .ToListAsync(stop);
        return [.. students.Select(p => new Student(StudentId.OfClass(p.Id), p.Name))];
    }
}
