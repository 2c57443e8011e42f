using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief LightestThatProtects(Draft d) =>
        d.Begin(
            Pattern.LightestThatProtects,
            "Safe and light",
            "Pack it so that it lands whole, with as little as you can."
        ) with
        {
            Measures =
            [
                new()
                {
                    Id = "damage",
                    Name = "Damage",
                    Kind = MeasureKind.Level,
                    Levels = ["whole", "marked", "cracked", "broken"],
                    How = "Open it slowly, look on all sides, then choose the word",
                    Expected = new(0, 3),
                    Better = Better.Less,
                },
                d.Mass("mass", "Mass of the pack", "Closed, without what is in it", 20, 120, ReadOccasion.Once) with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must("inside", "What it protects can be put in and removed again"),
                Draft.Must(
                    "whole",
                    "It lands without a crack",
                    when: CheckTime.AfterTest,
                    ifMissed: new Consequence.FailurePoints("light")
                ) with
                {
                    // The word for the damage says it: nobody records a crack twice.
                    Check = new RuleCheck.Limit
                    {
                        Value = "damage",
                        Comparison = Comparison.AtMost,
                        Amount = "marked",
                    },
                },
            ],
            Materials =
            [
                Draft.Pieces(6),
                Draft.Stuff("soft", "something soft", "covering", 2),
                d.Joining(50),
                Draft.Cutter,
                Draft.Stuff("load", "thing to protect", "thing carried", 1),
            ],
            Conditions =
            [
                Draft.Same("height", "The height of the drop", d.LengthOf(150)),
                Draft.Same("floor", "What it lands on", "the bare floor"),
            ],
            Trials = new()
            {
                Attempts = 1,
                How = "Your teacher drops each pack once. Then we open it and look.",
                IfItFalls = "If the pack comes open in the air, we still look at what is in it.",
            },
            Method = new()
            {
                Parts =
                [
                    Draft.Points(
                        "safe",
                        "Landed safe",
                        "damage",
                        Better.Less,
                        new Curve.Bands([new(0, 50), new(1, 30), new(2, 10), new(3, 0)]),
                        failureValue: 3
                    ),
                    Draft.Points(
                        "light",
                        "Light",
                        "mass",
                        Better.Less,
                        new Curve.Between(
                            d.Units == UnitSystem.Metric ? 120 : 4,
                            d.Units == UnitSystem.Metric ? 20 : 1,
                            50
                        )
                    ),
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "the lighter pack",
                        Value = "mass",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(14, 1.5m, 1),
            Words = [new() { Word = "cushion", Meaning = "something soft that slows the blow" }],
            Hazards = Draft.Beware(HazardKind.Heights, HazardKind.Cutters),
        };
}
