using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Readings;

/// <summary>How a load is laid on: rolls first, then equal small steps.</summary>
/// <param name="Rolls">Rolls that are laid first.</param>
/// <param name="Step">Pieces in each step after them.</param>
/// <param name="Placements">The load after each placement, in pieces.</param>
/// <param name="Minutes">How long it takes.</param>
/// <param name="Pieces">Pieces that are needed, the margin included.</param>
/// <param name="Loose">Those of them that are not in rolls.</param>
public sealed record LoadingPlan(
    int Rolls,
    int Step,
    IReadOnlyList<int> Placements,
    decimal Minutes,
    int Pieces,
    int Loose
)
{
    /// <summary>
    /// Rolls while the load stays under a declared share of what is expected, then equal steps; a step is rounded down
    /// to whole pieces, at least one. The result is good to one step.
    /// </summary>
    /// <param name="expected">Pieces that the strongest build is expected to hold, from 1.</param>
    /// <param name="roll">Pieces in a roll; 0 where there are none.</param>
    /// <param name="share">The share under which rolls are laid, in percent.</param>
    /// <param name="step">The size of a step, in percent of what is expected.</param>
    /// <param name="each">Pieces in a step, such as 1 for one coin at a time; 0 where the percentage says it.</param>
    /// <param name="margin">Pieces kept beyond what is expected, in percent.</param>
    /// <param name="seconds">Seconds that one placement takes, the wait included.</param>
    public static Result<LoadingPlan> Of(
        int expected,
        int roll = 0,
        decimal share = 60,
        decimal step = 5,
        int each = 0,
        decimal margin = 20,
        decimal seconds = 8
    )
    {
        var found = new ProblemCollector();
        found.Unless(
            expected is >= 1 and <= 100_000,
            "/expected",
            "The load that is expected is out of range.",
            "Use 1 to 100000 pieces."
        );
        found.Unless(
            roll is >= 0 and <= 100_000,
            "/roll",
            "The size of a roll is out of range.",
            "Use 0 where there are no rolls."
        );
        found.Unless(share is >= 0 and <= 100, "/share", "The share is out of range.", "Use 0 to 100 percent.");
        found.Unless(
            step is > 0 and <= 100,
            "/step",
            "The step is out of range.",
            "Use more than 0, up to 100 percent."
        );
        found.Unless(
            each is >= 0 and <= 100_000,
            "/each",
            "The pieces in a step are out of range.",
            "Use 1 for one at a time, or 0 to go by the percentage."
        );
        found.Unless(margin is >= 0 and <= 1000, "/margin", "The margin is out of range.", "Use 0 to 1000 percent.");
        found.Unless(
            seconds is > 0 and <= 600,
            "/seconds",
            "The seconds are out of range.",
            "Use more than 0, up to 600."
        );
        if (found.Problems.Count > 0)
            return Result<LoadingPlan>.Refused(found.Problems);

        var placements = new List<int>();
        var rolls = 0;
        while (roll > 0 && (rolls + 1) * roll < expected * share / 100)
            placements.Add(++rolls * roll);
        var pieces = each > 0 ? each : Math.Max(1, Rounding.Whole(Math.Floor(expected * step / 100)));
        for (var load = rolls * roll; load < expected; )
            placements.Add(load += pieces);
        var needed = Rounding.Whole(Math.Ceiling(expected * (1 + (margin / 100))));
        return Result<LoadingPlan>.Ok(
            new(rolls, pieces, placements, placements.Count * seconds / 60, needed, needed - (rolls * roll))
        );
    }
}
