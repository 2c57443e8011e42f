using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>A student's place in an earlier rally.</summary>
/// <param name="Team">Names the team of that rally; students with the same one have worked together.</param>
/// <param name="Student">The student's id.</param>
/// <param name="Jobs">The jobs held, by their ids.</param>
public sealed record PastPlace(string Team, StudentId Student, IReadOnlyList<string> Jobs);

/// <summary>A rally of a class.</summary>
/// <param name="Id">Names it.</param>
/// <param name="Opened">The rally.</param>
/// <param name="Members">Who was in the class when it was made, by their ids.</param>
public sealed record ClassLesson(string Id, OpenedRally Opened, IReadOnlyList<StudentId> Members);

/// <summary>A student was absent from a lesson.</summary>
/// <param name="Student">The student's id.</param>
/// <param name="Days">The days, in order; lessons without one are not among them.</param>
/// <param name="Times">How many lessons in all.</param>
public sealed record AbsentStudent(StudentId Student, IReadOnlyList<DateOnly> Days, int Times);

/// <summary>What the rallies of a class say of its students.</summary>
/// <param name="Pairs">Who has worked with whom.</param>
/// <param name="Jobs">Who has had which job.</param>
public sealed record ClassHistory(IReadOnlyList<EarlierPair> Pairs, IReadOnlyList<JobHeld> Jobs)
{
    /// <summary>Who was absent: in no team in the last round of a lesson that had begun.</summary>
    public IReadOnlyList<AbsentStudent> Absences { get; init; } = [];

    /// <summary>The day of the class's first rally, from which all is counted; absent where none has one.</summary>
    public DateOnly? Since { get; init; }

    /// <summary>What its rallies say: the teams as they were in the last round, whoever came or left.</summary>
    public static ClassHistory Of(IReadOnlyList<ClassLesson> lessons)
    {
        var days = lessons.Select(l => l.Opened.Rally.Date).Where(d => d is not null).Order().ToList();
        return OfPlaces([
            .. from lesson in lessons
            from team in TeamsOf(lesson)
            from student in team.Students
            select new PastPlace($"{lesson.Id}/{team.Id}", student.Id, student.Jobs),
        ]) with
        {
            Since = days.Count > 0 ? days[0] : null,
            Absences =
            [
                .. lessons
                    .Where(l => l.Opened.HasBegun)
                    .SelectMany(l =>
                        l.Members.Except(TeamsOf(l).SelectMany(t => t.Students).Select(p => p.Id))
                            .Select(student => (Student: student, l.Opened.Rally.Date))
                    )
                    .GroupBy(a => a.Student)
                    .Select(g => new AbsentStudent(
                        g.Key,
                        [.. g.Select(a => a.Date).OfType<DateOnly>().Order()],
                        g.Count()
                    )),
            ],
        };
    }

    private static IReadOnlyList<Team> TeamsOf(ClassLesson lesson) => lesson.Opened.In(lesson.Opened.Running).Teams;

    /// <summary>Counts the places of earlier rallies.</summary>
    public static ClassHistory OfPlaces(IReadOnlyList<PastPlace> places) =>
        new(
            [
                .. places
                    .GroupBy(p => p.Team)
                    .SelectMany(team =>
                        TeamMaker.Pairs([
                            .. team.Select(p => p.Student).Distinct().OrderBy(s => s.Value, StringComparer.Ordinal),
                        ])
                    )
                    .GroupBy(pair => pair)
                    .Select(g => new EarlierPair(g.Key.A, g.Key.B, g.Count())),
            ],
            [
                .. places
                    .SelectMany(p => p.Jobs.Select(job => (p.Student, Job: job)))
                    .GroupBy(h => h)
                    .Select(g => new JobHeld(g.Key.Student, g.Key.Job, g.Count())),
            ]
        );
}
