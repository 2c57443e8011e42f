using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief FillTheOutline(Draft d) =>
        d.Begin(
            Pattern.FillTheOutline,
            "No gaps",
            "Fill the shape with tiles so that they are worth as much as they can be."
        ) with
        {
            Materials =
            [
                Draft.Stuff("small", "small tiles", "covering", 12, reusable: true),
                Draft.Stuff("middle", "middle tiles", "covering", 8, reusable: true),
                Draft.Stuff("large", "large tiles", "covering", 4, reusable: true),
                Draft.Stuff("outline", "outline", "rig", 1, reusable: true, note: "on paper"),
            ],
            Rules =
            [
                Draft.Must("inside", "Every tile lies inside the line"),
                Draft.Must("flat", "No tile lies on another", RuleSort.Constraint),
            ],
            Conditions = [Draft.Same("shape", "The outline", "the same printed shape")],
            Trials = new() { How = "When time is up, hands off. We count the tiles of each size inside the line." },
            Method = new()
            {
                Parts =
                [
                    new Part.Pieces
                    {
                        Id = "tiles",
                        Name = "Tiles",
                        First = new() { Name = "size", Values = [new("small", 1), new("middle", 3), new("large", 6)] },
                        Second = new() { Name = "color", Values = [new("light"), new("dark")] },
                        Each = "first",
                        Unit = d.HandedUnit,
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer tiles",
                        Value = "tiles.count",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(12, 1.5m, 1),
            Words = [new() { Word = "area", Meaning = "how much flat space something covers" }],
            Hazards = Draft.Beware(HazardKind.SmallParts),
        };
}
