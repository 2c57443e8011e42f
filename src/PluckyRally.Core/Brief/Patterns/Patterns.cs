namespace PluckyRally.Core;

/// <summary>
/// Begins briefs: measures, rules, trials, points, minutes, cautions and questions that are usual for a sort of
/// challenge (common practice, no source), and no solution.
/// </summary>
public static class Patterns
{
    /// <summary>A brief begun from a pattern, fitted to the grades and the units.</summary>
    public static Brief Begin(Pattern pattern, GradeBand grades, UnitSystem units)
    {
        var draft = new Draft(grades, units);
        return pattern switch
        {
            Pattern.Tallest => Tallest(draft),
            Pattern.Strongest => Strongest(draft),
            Pattern.LightestThatProtects => LightestThatProtects(draft),
            Pattern.FarthestAndTruest => FarthestAndTruest(draft),
            Pattern.LongestOrSlowest => LongestOrSlowest(draft),
            Pattern.CarryAcross => CarryAcross(draft),
            Pattern.LeastEffort => LeastEffort(draft),
            Pattern.SortIt => SortIt(draft),
            Pattern.Relay => Relay(draft),
            Pattern.FillTheOutline => FillTheOutline(draft),
            Pattern.DrawABag => DrawABag(draft),
            Pattern.Blank => new Brief { Grades = grades },
        };
    }

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
                ),
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
                    Unit = d.Units == UnitSystem.Metric ? "N" : "ozf",
                    Step = d.Units == UnitSystem.Metric ? 0.1m : 0.5m,
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

    private static Brief SortIt(Draft d) =>
        d.Begin(Pattern.SortIt, "Where does it belong?", "Put each find where it belongs.") with
        {
            Materials =
            [
                Draft.Stuff("finds", "finds", "thing carried", 9, reusable: true, note: "a set"),
                Draft.Stuff("trays", "trays", "rig", 3, reusable: true),
            ],
            Conditions = [Draft.Same("set", "The finds", "the same set for every team")],
            Trials = new()
            {
                How = "Look, talk, and put each find in a tray. When time is up, hands off. Then we look at the key.",
            },
            Method = new()
            {
                Parts =
                [
                    new Part.Bins
                    {
                        Id = "trays",
                        Name = "In the right tray",
                        Names = ["made by animals", "made by plants", "made by people"],
                        Items =
                        [
                            .. Enumerable
                                .Range(1, 9)
                                .Select(i => new BinItem
                                {
                                    Id = $"find{i}",
                                    Name = $"find {i}",
                                    Bin =
                                        i <= 3 ? "made by animals"
                                        : i <= 6 ? "made by plants"
                                        : "made by people",
                                }),
                        ],
                        Right = 2,
                        Wrong = -1,
                        AllRightBonus = 3,
                        Floor = 0,
                    },
                ],
                TieBreaks =
                [
                    new()
                    {
                        Name = "fewer in a wrong tray",
                        Value = "trays.wrong",
                        Better = Better.Less,
                    },
                ],
            },
            Timing = Draft.Lesson(10, 1, 1),
            Words = [new() { Word = "key", Meaning = "the list of right answers" }],
            Hazards = Draft.Beware(HazardKind.SmallParts),
        };

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
                        Unit = d.Units == UnitSystem.Metric ? "cm" : "in",
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
