using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Something that the teacher marks by levels, for a team or a student. It gives no points and stands on no wall.
/// </summary>
/// <param name="Id">Names it in entries.</param>
/// <param name="Name">What is looked at: "explains why".</param>
/// <param name="Levels">The words of its levels, lowest first; two or more.</param>
public sealed record MarkCriterion(string Id, string Name, IReadOnlyList<string> Levels)
{
    /// <summary>More levels than these nobody tells apart.</summary>
    private const int MostLevels = 8;

    /// <summary>Checks what is marked.</summary>
    internal static void Check(IReadOnlyList<MarkCriterion> marks, ProblemCollector found)
    {
        const string At = "/teacher/marks";
        found.Count(marks, 20, At, "sets of levels");
        found.Ids(marks.Select(m => m.Id), At, "set of levels");
        foreach (var mark in marks)
        {
            found.NotEmpty(mark.Name, $"{At}/{mark.Id}/name", "The levels have no name.", "Enter what you look at.");
            found.Length(mark.Name, Limits.Name, $"{At}/{mark.Id}/name", "The name");
            found.Unless(
                mark.Levels.Count is >= 2 and <= MostLevels
                    && mark.Levels.All(l => l.Trim().Length > 0 && l.Length <= Limits.Name),
                $"{At}/{mark.Id}/levels",
                "Its levels are too few, too many, empty or too long.",
                $"Write 2 to {MostLevels}, the lowest first, a few words each."
            );
        }
    }
}
