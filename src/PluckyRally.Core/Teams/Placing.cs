using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>
/// What the class's preferences say when one student is put into a team: it is said, and the teacher decides.
/// </summary>
public static class Placing
{
    /// <summary>
    /// Preferences that are not kept with the student in that team, and partners met before, as sentences.
    /// </summary>
    /// <param name="teams">The teams as they are.</param>
    /// <param name="student">The student's id.</param>
    /// <param name="team">The id of the team to come into.</param>
    /// <param name="preferences">The preferences of the class, and who has worked with whom.</param>
    public static IReadOnlyList<string> Says(
        IReadOnlyList<Team> teams,
        StudentId student,
        TeamId team,
        TeamPreferences preferences
    )
    {
        var name = NameIn(teams, student);
        var partners = teams.Where(t => t.Id == team).SelectMany(t => t.Students).Where(p => p.Id != student).ToList();
        var others = teams.Where(t => t.Id != team).SelectMany(t => t.Students).Where(p => p.Id != student).ToList();
        bool Preferred(IReadOnlyList<IReadOnlyList<StudentId>> groups, StudentId other) =>
            groups.Any(g => g.Contains(student) && g.Contains(other));
        int Times(StudentId other) =>
            preferences
                .Earlier.Where(e => (e.One, e.Other) == (student, other) || (e.Other, e.One) == (student, other))
                .Sum(e => e.Times);
        return
        [
            .. partners
                .Where(p => Preferred(preferences.Apart, p.Id))
                .Select(p => $"{name} and {p.Name} are to be kept apart."),
            .. others
                .Where(p => Preferred(preferences.Together, p.Id))
                .Select(p => $"{name} and {p.Name} should be together."),
            .. partners
                .Where(p => Preferred(preferences.Spread, p.Id))
                .Select(p => $"{name} and {p.Name} are to be spread over the teams."),
            .. partners
                .Where(p => Times(p.Id) > 0)
                .Select(p =>
                    $"{name} has worked with {p.Name} {(Times(p.Id) == 1 ? "once" : $"{Times(p.Id)} times")} before."
                ),
        ];
    }

    /// <summary>
    /// The classes that are a rally's own, from which latecomers come: those whose students it was begun with, else the
    /// ones that it is named after.
    /// </summary>
    /// <param name="opened">The rally.</param>
    /// <param name="classes">All classes.</param>
    /// <param name="name">What a class is called.</param>
    /// <param name="students">The ids of its students.</param>
    public static IReadOnlyList<T> OwnClasses<T>(
        OpenedRally opened,
        IEnumerable<T> classes,
        Func<T, string> name,
        Func<T, IEnumerable<StudentId>> students
    )
    {
        var begun = opened.Joined.SelectMany(t => t.Students).Select(p => p.Id).ToHashSet();
        var all = classes.ToList();
        var own = all.Where(c => students(c).Any(begun.Contains)).ToList();
        return own.Count > 0 ? own : [.. all.Where(c => IsNamedAfter(opened.Rally.Name, name(c)))];
    }

    /// <summary>"Class 5" and "Class 5, the hoist" are named after Class 5; "Class 51" is not.</summary>
    private static bool IsNamedAfter(string rally, string group) =>
        rally.StartsWith(group, StringComparison.OrdinalIgnoreCase)
        && (rally.Length == group.Length || !char.IsLetterOrDigit(rally[group.Length]));

    private static string NameIn(IReadOnlyList<Team> teams, StudentId student) =>
        teams.SelectMany(t => t.Students).FirstOrDefault(p => p.Id == student)?.Name ?? "The student";
}
