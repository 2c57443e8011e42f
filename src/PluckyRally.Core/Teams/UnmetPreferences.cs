using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Teams;

/// <summary>Says which preferences could not be kept, and why.</summary>
internal static class UnmetPreferences
{
    public static IEnumerable<string> Of(
        IReadOnlyList<Student> students,
        TeamPreferences preferences,
        IReadOnlyList<IReadOnlyList<int>> teams,
        Dictionary<StudentId, int> here
    )
    {
        var teamOf = teams.SelectMany((t, i) => t.Select(p => (p, i))).ToDictionary(p => p.p, p => p.i);
        var apart = preferences.Apart.SelectMany(g => TeamMaker.Pairs(Here(g, here))).Select(Ordered).ToHashSet();
        var together = preferences.Together.SelectMany(g => TeamMaker.Pairs(Here(g, here))).Select(Ordered).ToHashSet();
        string Name(int student) => students[student].Name;

        foreach (
            var group in preferences
                .Together.Select(g => Here(g, here))
                .Where(g => g.Select(p => teamOf[p]).Distinct().Count() > 1)
        )
        {
            var names = string.Join(", ", group.Select(Name));
            var clash = TeamMaker.Pairs(group).Select(Ordered).FirstOrDefault(apart.Contains, (-1, -1));
            yield return clash.Item1 >= 0
                ? $"{names} are not all together: {Name(clash.Item1)} and {Name(clash.Item2)} are to be kept apart too."
            : group.Count > teams.Max(t => t.Count)
                ? $"{names} are not all together: there are more of them than a team holds."
            : $"{names} are not all together: other preferences stood in the way.";
        }

        foreach (
            var (a, b) in preferences
                .Apart.SelectMany(g => TeamMaker.Pairs(Here(g, here)))
                .Select(Ordered)
                .Distinct()
                .Where(p => teamOf[p.A] == teamOf[p.B])
        )
        {
            yield return together.Contains((a, b))
                ? $"{Name(a)} and {Name(b)} are in one team: they are to be kept together too."
            : teams.Count == 1 ? $"{Name(a)} and {Name(b)} are in one team: there is only one."
            : preferences.Apart.Any(g =>
                g.Count > teams.Count && g.Contains(students[a].Id) && g.Contains(students[b].Id)
            )
                ? $"{Name(a)} and {Name(b)} are in one team: more are to be kept apart than there are teams."
            : $"{Name(a)} and {Name(b)} are in one team: other preferences stood in the way.";
        }

        foreach (var group in preferences.Spread.Select(g => Here(g, here)))
        {
            var most = teams.Max(t => t.Count(group.Contains));
            var fair = (group.Count + teams.Count - 1) / teams.Count;
            if (most > fair)
                yield return $"{string.Join(", ", group.Select(Name))} are not spread evenly: {most} are in one team, "
                    + $"and {fair} would be even.";
        }
    }

    private static List<int> Here(IReadOnlyList<StudentId> group, Dictionary<StudentId, int> here) =>
        [.. group.Distinct().Where(here.ContainsKey).Select(id => here[id])];

    private static (int A, int B) Ordered((int A, int B) pair) => pair.A < pair.B ? pair : (pair.B, pair.A);
}
