using PluckyRally.Core.Curves;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

public static partial class Patterns
{
    private static Brief LeastEffort(Draft d) =>
        d.Begin(Pattern.LeastEffort, "With one finger", "Move the load to the mark with the smallest pull.") with
        {
            Measures =
            [
                new()
                {
                    Id = "pull",
                    Name = "Pull",
                    Kind = MeasureKind.Force,
                    Unit = Units.Usual(MeasureKind.Force, d.Units),
                    Step = UsualMeasure.StepOf(MeasureKind.Force, Units.Usual(MeasureKind.Force, d.Units), d.Grades),
                    How = "The largest pull that the gauge shows on the way",
                    Better = Better.Less,
                    Expected = d.Units == UnitSystem.Metric ? new(1, 8) : new(4, 28),
                },
                Draft.Count("tangles", "Stops", "stops", 0, 4, "Times that it stuck or was touched") with
                {
                    Better = Better.Less,
                },
            ],
            Rules =
            [
                Draft.Must(
                    "mark",
                    "The load reaches the mark",
                    when: CheckTime.EveryAttempt,
                    ifMissed: new Consequence.AttemptDoesNotCount()
                ),
                Draft.Must(
                    "line",
                    "You pull only on the line",
                    RuleSort.Constraint,
                    CheckTime.EveryAttempt,
                    new Consequence.AttemptDoesNotCount()
                ),
            ],
            Materials =
            [
                Draft.Stuff("line", "line to pull", Material.Joining, d.Handed(200), d.HandedUnit),
                Draft.Stuff("turning", "things that turn", "stiffening", 3, reusable: true),
                Draft.Pieces(4),
                d.Joining(40),
                Draft.Cutter,
                Draft.Stuff("load", "load", "thing carried", 1, reusable: true),
            ],
            Conditions =
            [
                Draft.Same("load", "The load", "the same for all"),
                Draft.Same("way", "How far it moves", d.LengthOf(30)),
            ],
            Trials = new()
            {
                Attempts = 2,
                How = "Pull slowly on the line with the gauge. We read the largest pull. Each stop costs points.",
                IfItFalls = "If the load falls, that try does not count.",
            },
            Method = new()
            {
                Wins = WinningDirection.Lowest,
                Parts =
                [
                    Draft.Points(
                        "pull_points",
                        "Pull",
                        "pull",
                        Better.Less,
                        new Curve.Raw(),
                        failurePoints: d.Units == UnitSystem.Metric ? 15 : 50
                    ),
                    Draft.Points(
                        "stop_points",
                        "Stops",
                        "tangles",
                        Better.Less,
                        new Curve.Rate(d.Units == UnitSystem.Metric ? 1 : 4),
                        failurePoints: d.Units == UnitSystem.Metric ? 5 : 20
                    ),
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer stops",
                        Value = "tangles",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(14, 1, 2),
            Words = [new() { Word = "force", Meaning = "a push or a pull" }],
            Hazards = Draft.Beware(HazardKind.Cutters),
        };
}
