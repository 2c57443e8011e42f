using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Teams;

/// <summary>A line of the attendance list: a student, or a team none of whose students is named.</summary>
/// <param name="Id">The id of the student or of the team.</param>
/// <param name="Name">What is read out.</param>
/// <param name="Here">Whether they take part.</param>
/// <param name="Note">Where they work and at what, or where they would.</param>
public sealed record AttendanceLine(string Id, string Name, bool Here, string Note);

/// <summary>
/// Who is here. Whoever is absent is in no team: the others of the team take over the jobs, and amounts for each
/// student follow. Whoever comes after all goes back to the same team and jobs.
/// </summary>
public static class Attendance
{
    private const string NobodyHere = "everyone is absent";

    /// <summary>The list of a round, by name.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    /// <param name="ofClass">The students of the rally's own classes.</param>
    public static IReadOnlyList<AttendanceLine> Of(OpenedRally opened, int round, IReadOnlyList<Student> ofClass)
    {
        var run = opened.In(round);
        var jobs = Jobs.Of(run.Compiled.Brief).ToDictionary(j => j.Id, j => j.Name);
        var here = run
            .Teams.SelectMany(t =>
                t.Students.Select(p => new AttendanceLine(
                    p.Id.Value,
                    p.Name,
                    true,
                    string.Join(" · ", p.Jobs.Where(jobs.ContainsKey).Select(j => jobs[j]).Prepend(t.Name))
                ))
            )
            .ToList();
        var known = here.Select(l => l.Id).ToHashSet(StringComparer.Ordinal);
        var names = run.Teams.ToDictionary(t => t.Id, t => t.Name);
        var absent = opened
            .Joined.SelectMany(t => t.Students)
            .Select(p => new Student(p.Id, p.Name))
            .Concat(opened.Rally.Latecomers)
            .Concat(ofClass)
            .Where(p => known.Add(p.Id.Value))
            .Select(p => new AttendanceLine(
                p.Id.Value,
                p.Name,
                false,
                Before(opened, round, p.Id) is { } was && names.TryGetValue(was.Team, out var team) ? team : ""
            ));
        var unnamed = run
            .Teams.Where(t => t is { Students.Count: 0, Away: not NobodyHere })
            .Select(t => new AttendanceLine(
                t.Id.Value,
                t.Name,
                t.Away is null,
                t.Members > 0 ? English.Count(t.Members, "student") : ""
            ));
        return [.. here.Concat(absent).Concat(unnamed).OrderBy(l => l.Name, StringComparer.OrdinalIgnoreCase)];
    }

    /// <summary>
    /// What is to be recorded when a student or a team turns out to be here or absent; nothing where that is so
    /// already.
    /// </summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">From which round on.</param>
    /// <param name="who">The id of a line of the list.</param>
    /// <param name="here">Whether they are here.</param>
    /// <param name="preferences">What the class prefers, for whoever has not been in a team yet.</param>
    /// <returns>The entries, without an id, a time and a writer.</returns>
    public static IReadOnlyList<Entry.OfTeams> Turn(
        OpenedRally opened,
        int round,
        string who,
        bool here,
        TeamPreferences preferences
    )
    {
        var teams = opened.In(round).Teams;
        if (teams.FirstOrDefault(t => t.Id.Value == who) is { } whole)
            return (here, whole.Away) switch
            {
                (true, not null) => [Back(whole.Id)],
                (false, null) => [Away(whole.Id, "")],
                _ => [],
            };
        var student = new StudentId(who);
        var team = teams.FirstOrDefault(t => t.Students.Any(p => p.Id == student));
        if (here == team is not null)
            return [];
        return team is not null ? Leave(team) : Come();

        IReadOnlyList<Entry.OfTeams> Leave(Team left)
        {
            var others = left.Students.Where(p => p.Id != student).ToList();
            var held = others.ToDictionary(p => p.Id, p => p.Jobs.ToList());
            var takers = new HashSet<StudentId>();
            foreach (var job in left.Students.First(p => p.Id == student).Jobs)
                if (others.MinBy(p => held[p.Id].Count) is { } taker)
                {
                    held[taker.Id].Add(job);
                    takers.Add(taker.Id);
                }

            return
            [
                Placed(student, default, []),
                .. others.Where(p => takers.Contains(p.Id)).Select(p => Placed(p.Id, left.Id, held[p.Id])),
                .. left is { Members: 1, Away: null } ? new[] { Away(left.Id, NobodyHere) } : [],
            ];
        }

        IReadOnlyList<Entry.OfTeams> Come()
        {
            var was = Before(opened, round, student);
            var to = teams.FirstOrDefault(t => t.Id == was?.Team) ?? Roomiest();
            if (to is null)
                return [];
            var free = Jobs.Of(opened.In(round).Compiled.Brief)
                .Select(j => j.Id)
                .Where(j => to.Students.All(p => !p.Jobs.Contains(j)));
            return
            [
                .. to.Away == NobodyHere ? new[] { Back(to.Id) } : [],
                Placed(
                    student,
                    to.Id,
                    was is { } before && before.Team == to.Id ? before.Jobs
                        : to.Students.Any(p => p.Jobs.Count > 0) ? [.. free]
                        : []
                ),
            ];
        }

        // The smallest team against which the class's preferences have nothing to say.
        Team? Roomiest() =>
            teams
                .Where(t => t.Away is null)
                .OrderBy(t => Placing.Says(teams, student, t.Id, preferences).Count > 0)
                .ThenBy(t => t.Members)
                .FirstOrDefault();

        Entry.StudentPlaced Placed(StudentId placed, TeamId into, IReadOnlyList<string> jobs) =>
            new()
            {
                Id = default,
                Round = round,
                Team = into,
                Student = placed,
                Jobs = jobs,
            };

        Entry.TeamAway Away(TeamId left, string why) =>
            new()
            {
                Id = default,
                Round = round,
                Team = left,
                Reason = why,
            };

        Entry.TeamBack Back(TeamId came) =>
            new()
            {
                Id = default,
                Round = round,
                Team = came,
            };
    }

    /// <summary>The last team that a student was in, and the jobs held there; null for whoever was in none.</summary>
    private static (TeamId Team, IReadOnlyList<string> Jobs)? Before(
        OpenedRally opened,
        int round,
        StudentId student
    ) =>
        opened
            .Stands.OfType<Entry.StudentPlaced>()
            .Where(e => e.HoldsIn(round) && e.Student == student && e.Team != default)
            .OrderBy(e => e.Round)
            .Select(e => ((TeamId, IReadOnlyList<string>)?)(e.Team, e.Jobs))
            .LastOrDefault()
        ?? opened
            .Joined.Where(t => t.Students.Any(p => p.Id == student))
            .Select(t => ((TeamId, IReadOnlyList<string>)?)(t.Id, t.Students.First(p => p.Id == student).Jobs))
            .FirstOrDefault();
}
