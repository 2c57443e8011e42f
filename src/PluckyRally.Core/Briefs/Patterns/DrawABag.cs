using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief DrawABag(Draft d) =>
        d.Begin(
            Pattern.DrawABag,
            "What did your team draw?",
            "Use what is in your bag to solve the problem on your card."
        ) with
        {
            Materials =
            [
                Draft.Stuff("join", "things that join", Material.Joining, 3, note: "drawn"),
                Draft.Stuff("cover", "things that cover", "covering", 3, note: "drawn"),
                Draft.Stuff("stiff", "things that stiffen", "stiffening", 4, note: "drawn"),
                Draft.Cutter,
            ],
            Rules =
            [
                Draft.Must("bag", "Only what your team drew is used", RuleSort.Constraint),
                Draft.Must("shown", "You show it working in front of the class"),
            ],
            Conditions = [Draft.Same("bag", "The bags", "the same number of things of each kind")],
            Trials = new() { How = "Show your invention in 1 minute. Say what the problem was and show it solved." },
            Method = new()
            {
                Parts =
                [
                    new Part.Rubric
                    {
                        Id = "judged",
                        Name = "How well it does it",
                        Criteria =
                        [
                            Criterion(
                                "solves",
                                "Solves the problem",
                                "not yet",
                                "sometimes",
                                "nearly always",
                                "every time"
                            ),
                            Criterion(
                                "uses",
                                "Uses the things in new ways",
                                "one thing as usual",
                                "one new way",
                                "two new ways",
                                "three or more"
                            ),
                            Criterion(
                                "explains",
                                "Says how it works",
                                "names the parts",
                                "says what each does",
                                "says why it works",
                                "says what would be better"
                            ),
                        ],
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "how well it solves the problem",
                        Value = "judged.criteria.solves",
                        Better = Better.More,
                    },
                ],
            },
            Timing = Draft.Lesson(16, 1, 1),
            Words = [new() { Word = "prototype", Meaning = "a first try that you can test" }],
            Hazards = Draft.Beware(HazardKind.Cutters, HazardKind.SmallParts),
        };

    private static RubricCriterion Criterion(string id, string name, params string[] levels) =>
        new()
        {
            Id = id,
            Name = name,
            Levels = [.. levels.Select((l, i) => new RubricLevel(l, i * 4))],
        };
}
