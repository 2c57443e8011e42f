using PluckyRally.Core.Ids;
using PluckyRally.Core.Teams;
using PluckyRally.Data.Classes;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web.Teams;

/// <summary>The rallies of a class.</summary>
internal static class ClassLessons
{
    /// <summary>What the rallies of a class say of its students; one that cannot be read says nothing.</summary>
    public static async Task<ClassHistory> HistoryOf(
        StoredClass found,
        ClassRegister register,
        RallyLog log,
        CancellationToken stop
    )
    {
        var own = await register.RalliesOf(found.Id, stop);
        var lessons = new List<ClassLesson>();
        foreach (var rally in (await log.All(stop)).Where(r => own.Contains(r.Id)))
            if (await log.Open(rally.Id, stop) is { Opened: { IsOk: true } opened })
                lessons.Add(
                    new(
                        $"{rally.Id}",
                        opened.Value,
                        [
                            .. found
                                .Students.Where(p => !(p.EnteredAt > rally.MadeAt))
                                .Select(p => StudentId.OfClass(p.Id)),
                        ]
                    )
                );
        return ClassHistory.Of(lessons);
    }
}
