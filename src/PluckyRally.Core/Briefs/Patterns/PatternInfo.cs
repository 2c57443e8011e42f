namespace PluckyRally.Core.Briefs;

/// <summary>A pattern to begin a brief from.</summary>
/// <param name="Pattern">Which one.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Says">What it is good for, in a sentence.</param>
public sealed record PatternInfo(Pattern Pattern, string Name, string Says)
{
    /// <summary>All patterns, in the order in which they are offered.</summary>
    public static IReadOnlyList<PatternInfo> All { get; } =
    [
        new(Pattern.Tallest, "Tallest", "Build as high as the material allows, and stand by itself."),
        new(Pattern.Strongest, "Strongest", "Hold as much load as it can; the last load held counts."),
        new(Pattern.LightestThatProtects, "Lightest that protects", "Keep something whole with as little as possible."),
        new(Pattern.FarthestAndTruest, "Farthest and truest", "Go far, and land where you aimed."),
        new(
            Pattern.LongestOrSlowest,
            "Longest or slowest",
            "Make it last: a slow run, a long fall, ice that stays ice."
        ),
        new(Pattern.CarryAcross, "Carry across", "Bring as much as possible to the other side."),
        new(Pattern.LeastEffort, "Least effort", "Move a load with the smallest pull; the lowest total wins."),
        new(Pattern.SortIt, "Sort it", "Put things where they belong, or in order."),
        new(Pattern.Relay, "Relay", "Take turns against the clock, with faults that cost seconds."),
        new(Pattern.FillTheOutline, "Fill the outline", "Cover a shape with pieces of different worth."),
        new(
            Pattern.DrawABag,
            "Draw a bag and invent",
            "Solve a problem with whatever your team drew, judged by levels."
        ),
        new(Pattern.Blank, "Blank", "Nothing on the page. The snags say what to write first."),
    ];
}
