using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Debriefs;

/// <summary>The marks of a round, for the teacher alone.</summary>
/// <param name="Criteria">What is marked.</param>
/// <param name="Rows">Each team, and behind it its students.</param>
public sealed record MarkSheet(IReadOnlyList<MarkCriterion> Criteria, IReadOnlyList<MarkRow> Rows)
{
    /// <summary>The marks of a round.</summary>
    public static MarkSheet Of(OpenedRally opened, int round)
    {
        var run = opened.In(round);
        var given = opened
            .Stands.OfType<Entry.MarkGiven>()
            .Where(m => m.Round == round)
            .GroupBy(m => (m.Team, m.Student, m.Criterion))
            .ToDictionary(g => g.Key, g => g.Last().Level);
        var criteria = run.Compiled.Brief.Teacher.Marks;
        return new(
            criteria,
            [
                .. run.Present.SelectMany(t =>
                    t.Students.Select(p => (p.Id, p.Name))
                        .Prepend((default, ""))
                        .Select(p => new MarkRow(
                            t.Id,
                            t.Name,
                            p.Item1,
                            p.Item2,
                            [.. criteria.Select(c => given.GetValueOrDefault((t.Id, p.Item1, c.Id)))]
                        ))
                ),
            ]
        );
    }
}

/// <summary>The marks of a team, or of a student.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Student">The student's id; empty for the team as a whole.</param>
/// <param name="StudentName">The student's name; empty for the team as a whole.</param>
/// <param name="Levels">The level in each criterion, from 1; 0 where there is none.</param>
public sealed record MarkRow(
    TeamId Team,
    string Name,
    StudentId Student,
    string StudentName,
    IReadOnlyList<int> Levels
);
