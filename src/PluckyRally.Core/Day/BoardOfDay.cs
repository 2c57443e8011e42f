using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Day;

/// <summary>What the board of a fair day shows.</summary>
public enum DayBoardShows
{
    /// <summary>
    /// Who is where, each rally with its tables, and the combined results where they are wanted, in turn.
    /// </summary>
    Everything,

    /// <summary>Who is tested at which table, and who is next.</summary>
    Tables,

    /// <summary>The combined results.</summary>
    List,

    /// <summary>The results of each class by itself.</summary>
    Class,

    /// <summary>The awards of all classes.</summary>
    Awards,

    /// <summary>The combined results place by place, from the last.</summary>
    Reveal,
}

/// <summary>The board of a fair day, as the teacher sets it.</summary>
public sealed record BoardOfDay
{
    /// <summary>What it shows.</summary>
    public DayBoardShows Shows { get; init; }

    /// <summary>For a reveal: how many places are shown, from the last.</summary>
    public int Revealed { get; init; }

    /// <summary>What is wrong with it.</summary>
    public IReadOnlyList<Problem> Problems()
    {
        var found = new ProblemCollector();
        found.Unless(
            Revealed is >= 0 and <= FairDay.Most * Limits.Teams,
            "/revealed",
            "That many places are not shown.",
            $"Use 0 to {FairDay.Most * Limits.Teams}."
        );
        return found.Problems;
    }
}
