using PluckyRally.Core.Curves;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief Relay(Draft d) =>
        d.Begin(Pattern.Relay, "Pass it on", "Bring it home together, leg by leg.") with
        {
            Materials =
            [
                Draft.Stuff("carried", "thing to carry", "thing carried", 1, reusable: true),
                Draft.Stuff("cones", "cones", "rig", 5, reusable: true),
            ],
            Conditions =
            [
                Draft.Same("course", "The course", "marked with cones"),
                Draft.Same("start", "How it starts", "on the word go"),
            ],
            Trials = new()
            {
                How =
                    "Each runner does one leg and passes on. The clock runs from start to end. Drops and "
                    + "missed cones add seconds.",
                IfItFalls = "If you drop it, pick it up where it fell and go on.",
            },
            Method = new()
            {
                Parts =
                [
                    new Part.Relay
                    {
                        Id = "relay",
                        Name = "Relay",
                        Legs = ["first leg", "second leg", "third leg", "last leg"],
                        Faults =
                        [
                            new()
                            {
                                Id = "drop",
                                Name = "drop",
                                Seconds = 3,
                            },
                            new()
                            {
                                Id = "cone",
                                Name = "missed cone",
                                Seconds = 5,
                            },
                        ],
                        Curve = new Curve.Place([20, 16, 13, 11, 10, 9, 8]),
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer faults",
                        Value = "relay.faults",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(10, 2, 1, ifLate: "A team that is late at the start runs last."),
            Words = [new() { Word = "leg", Meaning = "one runner's part of the way" }],
            Hazards = Draft.Beware(HazardKind.SlipperyFloors),
        };
}
