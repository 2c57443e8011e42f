using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief Tallest(Draft d) =>
        d.Begin(Pattern.Tallest, "As high as we can", "Build the tallest thing that stands by itself.") with
        {
            Measures =
            [
                d.Length("height", "Height", "Straight up from the table to the highest point", 15, 90),
                Draft.Count(
                    "pieces",
                    "Pieces used",
                    "pieces",
                    4,
                    12,
                    "Every piece that was taken, broken ones too",
                    ReadOccasion.Once
                ) with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must(
                    "stands",
                    "It stands by itself while we count",
                    when: CheckTime.EveryAttempt,
                    ifMissed: new Consequence.AttemptDoesNotCount()
                ),
                Draft.Must("free", "It is not fixed to the table, the wall or a person", RuleSort.Constraint),
            ],
            Materials = [Draft.Pieces(12), d.Joining(60), Draft.Cutter],
            Conditions =
            [
                Draft.Same("place", "Where it is measured", "on your own table"),
                Draft.Same("tool", "What it is measured with", "the class's tape measure"),
            ],
            Trials = new()
            {
                Attempts = 2,
                HoldSeconds = 5,
                How = "When time is up, everybody lets go. We count, then we measure the height.",
                IfItFalls = "If it falls, you may fix it for any attempts that are left.",
            },
            Method = new()
            {
                Parts = [Draft.Points("tall", "Height", "height", Better.More, new Curve.Rate(1))],
                Precision = d.ShownPoints,
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer pieces",
                        Value = "pieces",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(15, 0.5m, 2),
            Words = [new() { Word = "stable", Meaning = "it goes back when you push it a bit" }],
            Hazards = Draft.Beware(HazardKind.Cutters),
        };
}
