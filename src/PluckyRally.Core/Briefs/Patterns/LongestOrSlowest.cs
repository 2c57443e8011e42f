using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief LongestOrSlowest(Draft d) =>
        d.Begin(Pattern.LongestOrSlowest, "Take your time", "Make it last as long as you can.") with
        {
            Measures =
            [
                new()
                {
                    Id = "time",
                    Name = "Time",
                    Kind = MeasureKind.Duration,
                    Unit = "s",
                    Step = 0.1m,
                    How = "From letting go until it reaches the end",
                    Expected = new(2, 25),
                },
            ],
            Rules =
            [
                Draft.Must(
                    "moves",
                    "It keeps moving by itself from start to end",
                    when: CheckTime.EveryAttempt,
                    ifMissed: new Consequence.AttemptDoesNotCount()
                ),
                Draft.Must("board", "Everything is on the board", RuleSort.Constraint),
            ],
            Materials =
            [
                Draft.Stuff("board", "board", "rig", 1, reusable: true),
                Draft.Pieces(12),
                d.Joining(80),
                Draft.Cutter,
                Draft.Stuff("ball", "ball", "thing carried", 1, reusable: true),
            ],
            Conditions =
            [
                Draft.Same("slope", "How steep the board is", $"its top is {d.LengthOf(40)} high"),
                Draft.Same("ball", "What runs down", "the class's ball"),
            ],
            Trials = new()
            {
                Attempts = d.ManyAttempts,
                How = "We let go at the top and time it to the end.",
                OverWhen = "If it stops for 3 seconds, that try does not count.",
                IfItFalls = "If a part falls off, you may fix it for any attempts that are left.",
            },
            Method = new()
            {
                Parts =
                [
                    Draft.Points("slow", "Time", "time", Better.More, new Curve.Rate(2), d.Usual) with
                    {
                        Cap = 60,
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "the longer time",
                        Value = "time",
                        Better = Better.More,
                    },
                ],
            },
            Timing = Draft.Lesson(14, 0.6m, d.ManyAttempts),
            Words = [new() { Word = "friction", Meaning = "rubbing that slows things down" }],
            Hazards = Draft.Beware(HazardKind.Cutters, HazardKind.SmallParts),
        };
}
