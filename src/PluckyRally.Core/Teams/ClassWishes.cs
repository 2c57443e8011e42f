namespace PluckyRally.Core;

/// <summary>
/// What a teacher wishes for the teams of a class, whatever they are made for. Wishes are the class's and last.
/// </summary>
/// <param name="Together">Pupils who should be in one team, by id.</param>
/// <param name="Apart">Pupils of whom no two should be in one team, by id.</param>
/// <param name="Spread">Pupils to be spread over the teams, by id.</param>
public sealed record ClassWishes(
    IReadOnlyList<IReadOnlyList<string>> Together,
    IReadOnlyList<IReadOnlyList<string>> Apart,
    IReadOnlyList<IReadOnlyList<string>> Spread
)
{
    /// <summary>Nothing is wished.</summary>
    public static ClassWishes None { get; } = new([], [], []);

    /// <summary>What makes them no wishes.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        foreach (var (groups, at) in new[] { (Together, "/together"), (Apart, "/apart"), (Spread, "/spread") })
        {
            found.Count(groups, Limits.Items, at, "groups");
            for (var i = 0; i < groups.Count; i++)
                found.Count(groups[i], Limits.Items, $"{at}/{i}", "pupils");
        }

        return found.Problems;
    }
}
