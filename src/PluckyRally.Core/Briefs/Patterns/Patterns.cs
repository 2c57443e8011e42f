using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Begins briefs: measures, rules, trials, points, minutes, cautions and questions that are usual for a sort of
/// challenge (common practice, no source), and no solution. Each pattern stands in a file of its own.
/// </summary>
public static partial class Patterns
{
    /// <summary>A brief begun from a pattern, fitted to the grades and the units.</summary>
    public static Brief Begin(Pattern pattern, GradeBand grades, UnitSystem units)
    {
        var draft = new Draft(grades, units);
        return pattern switch
        {
            Pattern.Tallest => Tallest(draft),
            Pattern.Strongest => Strongest(draft),
            Pattern.LightestThatProtects => LightestThatProtects(draft),
            Pattern.FarthestAndTruest => FarthestAndTruest(draft),
            Pattern.LongestOrSlowest => LongestOrSlowest(draft),
            Pattern.CarryAcross => CarryAcross(draft),
            Pattern.LeastEffort => LeastEffort(draft),
            Pattern.SortIt => SortIt(draft),
            Pattern.Relay => Relay(draft),
            Pattern.FillTheOutline => FillTheOutline(draft),
            Pattern.DrawABag => DrawABag(draft),
            Pattern.Blank => new Brief { Grades = grades },
        };
    }
}
