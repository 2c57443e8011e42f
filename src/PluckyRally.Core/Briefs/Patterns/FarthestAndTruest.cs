using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief FarthestAndTruest(Draft d) =>
        d.Begin(Pattern.FarthestAndTruest, "Far and true", "Make it go far, and land close to the line.") with
        {
            Measures =
            [
                d.Length("far", "Distance", "From the start line to where it first touches the floor", 80, 600),
                d.Length("off", "Off the line", "From the middle line to where it first touches the floor", 0, 120) with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must(
                    "own",
                    "It goes by itself: nobody throws it",
                    when: CheckTime.EveryAttempt,
                    ifMissed: new Consequence.AttemptDoesNotCount()
                ),
                Draft.Must(
                    "behind",
                    "It starts behind the line",
                    RuleSort.Constraint,
                    CheckTime.EveryAttempt,
                    new Consequence.AttemptDoesNotCount()
                ),
            ],
            Materials =
            [
                Draft.Pieces(6),
                Draft.Stuff("cover", "something that covers", "covering", 4),
                d.Joining(40),
                Draft.Cutter,
            ],
            Conditions =
            [
                Draft.Same("start", "Where it starts", "behind the taped line"),
                Draft.Same("lane", "The lane", "the same floor, with doors shut"),
            ],
            Trials = new()
            {
                Attempts = d.ManyAttempts,
                How =
                    "One team at a time launches from the line. We measure how far it went and how far it "
                    + "is off the middle line.",
                IfItFalls = "If it breaks, you may fix it for any attempts that are left.",
            },
            Method = new()
            {
                Parts =
                [
                    Draft.Points("distance", "Distance", "far", Better.More, new Curve.ShareOfBest(60), d.Usual),
                    Draft.Points(
                        "aim",
                        "Aim",
                        "off",
                        Better.Less,
                        new Curve.Between(d.Whole(120), 0, 40),
                        d.Usual,
                        failureValue: d.Whole(120)
                    ),
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "the smaller miss",
                        Value = "off",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(12, 0.8m, d.ManyAttempts),
            Words = [new() { Word = "trial", Meaning = "one go at the test" }],
            Hazards = Draft.Beware(HazardKind.Projectiles, HazardKind.Cutters),
        };
}
