using PluckyRally.Core.Files;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Teams;

/// <summary>
/// What a teacher prefers for the teams of a class, whatever they are made for. Preferences are the class's and last.
/// </summary>
/// <param name="Together">Students who should be in one team, by id.</param>
/// <param name="Apart">Students of whom no two should be in one team, by id.</param>
/// <param name="Spread">Students to be spread over the teams, by id.</param>
public sealed record ClassPreferences(
    IReadOnlyList<IReadOnlyList<StudentId>> Together,
    IReadOnlyList<IReadOnlyList<StudentId>> Apart,
    IReadOnlyList<IReadOnlyList<StudentId>> Spread
)
{
    /// <summary>The same with who has worked with whom: what is asked when somebody is put into a team.</summary>
    public TeamPreferences With(ClassHistory history) =>
        new()
        {
            Together = Together,
            Apart = Apart,
            Spread = Spread,
            Earlier = history.Pairs,
        };

    /// <summary>Nothing is preferred.</summary>
    public static ClassPreferences None { get; } = new([], [], []);

    /// <summary>Where another state of them differs from this one.</summary>
    /// <param name="after">The other state.</param>
    /// <param name="name">What a student is called.</param>
    public IReadOnlyList<Difference> DifferencesTo(ClassPreferences after, Func<StudentId, string> name)
    {
        var found = new DifferenceCollector();
        found.At("/together", "Together in one team", Said(Together), Said(after.Together));
        found.At("/apart", "In different teams", Said(Apart), Said(after.Apart));
        found.At("/spread", "Spread over the teams", Said(Spread), Said(after.Spread));
        return found.Found;

        string Said(IReadOnlyList<IReadOnlyList<StudentId>> groups) =>
            string.Join("; ", groups.Select(g => English.List([.. g.Select(name)])));
    }

    /// <summary>Why they cannot be kept.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        foreach (var (groups, at) in new[] { (Together, "/together"), (Apart, "/apart"), (Spread, "/spread") })
        {
            found.Count(groups, Limits.Items, at, "groups");
            for (var i = 0; i < groups.Count; i++)
                found.Count(groups[i], Limits.Items, $"{at}/{i}", "students");
        }

        return found.Problems;
    }
}
