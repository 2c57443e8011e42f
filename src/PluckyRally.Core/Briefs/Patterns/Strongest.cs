using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief Strongest(Draft d) =>
        d.Begin(Pattern.Strongest, "It holds", "Build a bridge that holds as much as it can.") with
        {
            Measures =
            [
                d.Mass("load", "Load", "The last load that it held for 3 seconds", 100, 1500) with
                {
                    LoadTest = true,
                },
                d.Mass("own", "Own mass", "On the scale, before the test", 10, 60, ReadOccasion.Once) with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must("spans", "It lies over the gap and touches only the two sides"),
                Draft.Must("only", "Only what was handed out is in it", RuleSort.Constraint),
            ],
            Materials =
            [
                Draft.Pieces(20),
                d.Joining(50),
                Draft.Stuff("weights", "weights", "weight", 40, reusable: true),
                Draft.Cutter,
            ],
            Conditions =
            [
                Draft.Same("gap", "The gap", d.LengthOf(30)),
                Draft.Same("where", "Where the load goes", "in the middle"),
            ],
            Trials = new()
            {
                Attempts = 1,
                How = "We put on the load bit by bit and wait 3 seconds each time.",
                OverWhen = "The test is over when it touches the floor or breaks. The last load that it held counts.",
                IfItFalls = "If it breaks, the test is over. You may look at it and say why.",
            },
            Method = new()
            {
                Parts =
                [
                    Draft.Points("held", "Load held", "load", Better.More, new Curve.ShareOfBest(50)),
                    Draft.Points("worth", "Load for its mass", "load / own", Better.More, new Curve.ShareOfBest(50)),
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
            Timing = Draft.Lesson(15, 2, 1),
            Words = [new() { Word = "load", Meaning = "what it has to hold" }],
            Hazards = Draft.Beware(HazardKind.Cutters, HazardKind.SmallParts),
        };
}
