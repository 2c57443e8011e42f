using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief CarryAcross(Draft d) =>
        d.Begin(Pattern.CarryAcross, "To the other side", "Bring as many things as you can to the other side.") with
        {
            Measures =
            [
                Draft.Count("over", "Brought over", "things", 2, 30, "Things that are on the other side at the end"),
                d.Mass("own", "Own mass", "Empty and dry, on the scale", 5, 60, ReadOccasion.Once) with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must(
                    "hands",
                    "Nobody touches it on the way",
                    when: CheckTime.EveryAttempt,
                    ifMissed: new Consequence.AttemptDoesNotCount()
                ),
                Draft.Must("only", "Only what was handed out is in it", RuleSort.Constraint),
            ],
            Materials =
            [
                Draft.Pieces(8),
                Draft.Stuff("cover", "something that covers", "covering", 2),
                d.Joining(40),
                Draft.Cutter,
                Draft.Stuff("things", "things to carry", "thing carried", 30, reusable: true),
            ],
            Conditions =
            [
                Draft.Same("way", "The way across", d.LengthOf(100)),
                Draft.Same("load", "What is carried", "things of one sort"),
            ],
            Trials = new()
            {
                Attempts = 2,
                How = "Load it, let go, and let it cross. We count what arrives.",
                OverWhen = "A try is over when it stops or tips.",
                IfItFalls = "If it tips, only what is already over counts.",
            },
            Method = new()
            {
                Parts =
                [
                    Draft.Points("brought", "Brought over", "over", Better.More, new Curve.Rate(2)),
                    Draft.Points("light", "Things for its mass", "over / own", Better.More, new Curve.ShareOfBest(20)),
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "the lighter build",
                        Value = "own",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(14, 0.8m, 2),
            Words = [new() { Word = "float", Meaning = "to be held up by water or air" }],
            Hazards = Draft.Beware(HazardKind.Cutters, HazardKind.SmallParts),
        };
}
