using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Time;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// One of every kind of part, check and curve, played by two teams. Every id begins with "zq", which no word does.
/// </summary>
internal static class EveryKind
{
    public static Brief Brief() =>
        new()
        {
            Title = "Everything at once",
            Goal = "Build it.",
            Money = "shells",
            Measures =
            [
                new()
                {
                    Id = "zqheight",
                    Name = "Height",
                    Kind = MeasureKind.Length,
                    Unit = "in",
                    Step = 0.5m,
                    How = "From the floor up",
                    Expected = new(5, 40),
                },
                new()
                {
                    Id = "zqsheets",
                    Name = "Sheets",
                    Kind = MeasureKind.Count,
                    Unit = "sheets",
                    Taken = ReadOccasion.Once,
                    Better = Better.Less,
                    Expected = new(1, 9),
                },
                new()
                {
                    Id = "zqlength",
                    Name = "Length",
                    Kind = MeasureKind.Length,
                    Unit = "cm",
                    Step = 1,
                    Taken = ReadOccasion.Once,
                    Expected = new(10, 40),
                },
                Sample.Measure("zqdry", MeasureKind.YesNo, name: "Stayed dry"),
                new()
                {
                    Id = "zqneat",
                    Name = "Neatness",
                    Kind = MeasureKind.Level,
                    Levels = ["rough", "fair", "fine"],
                    Taken = ReadOccasion.Once,
                },
            ],
            Figures =
            [
                new()
                {
                    Id = "zqslim",
                    Name = "Height for its sheets",
                    Value = "zqheight / zqsheets",
                    Better = Better.More,
                    Combine = Combine.Mean,
                },
            ],
            Trials = new() { Attempts = 3, How = "Let go." },
            Materials =
            [
                Sample.Material("zqcard", "index cards", amount: 1),
                Sample.Material("zqfoil", "foil", amount: 2, unit: "sheets"),
            ],
            Conditions =
            [
                new()
                {
                    Id = "zqfan",
                    Text = "The fan",
                    FixedAt = "step 2",
                },
            ],
            Timing = new()
            {
                Phases =
                [
                    Sample.Phase("zqbuild", PhaseKind.Build, minutes: 20),
                    Sample.Phase("zqtest", PhaseKind.Test, minutes: 2, teamByTeam: true),
                ],
            },
            Rules =
            [
                Rule("zqfloat", "Floats free", new RuleCheck.Inspection(), new Consequence.Deduct(2), bonus: 1),
                Rule(
                    "zqtall",
                    "At least 6 in high",
                    new RuleCheck.Limit
                    {
                        Value = "zqheight",
                        Comparison = Comparison.AtLeast,
                        Amount = "6 in",
                    },
                    new Consequence.AttemptDoesNotCount(),
                    CheckTime.EveryAttempt
                ),
                Rule(
                    "zqshort",
                    "No longer than 30 cm",
                    new RuleCheck.Limit
                    {
                        Value = "zqlength",
                        Comparison = Comparison.AtMost,
                        Amount = "30 cm",
                    },
                    new Consequence.Deduct(1, DeductPer.CompletedUnit, 2),
                    bonus: 0.5m
                ),
                Rule(
                    "zqbox",
                    "Fits the box",
                    new RuleCheck.Fits { Dimensions = ["zqlength"], Room = ["35 cm"] },
                    new Consequence.NoteOnly()
                ),
                Rule(
                    "zqspend",
                    "Spends no more than there is",
                    new RuleCheck.Spending("zqstore"),
                    new Consequence.Deduct(1, DeductPer.Unit),
                    bonus: 1
                ),
                Rule(
                    "zqshare",
                    "Half of it red",
                    new RuleCheck.Share
                    {
                        Part = "zqtiles",
                        Label = PieceSide.Second,
                        Group = "red",
                        Percent = 50,
                        Tolerance = 50,
                    },
                    new Consequence.NoteOnly()
                ),
                Rule(
                    "zqladder",
                    "Larger sizes are larger",
                    new RuleCheck.Ladder { Part = "zqtiles" },
                    new Consequence.NoteOnly()
                ),
                Rule(
                    "zqratio",
                    "Not too long",
                    new RuleCheck.Ratio { Part = "zqtiles", AtMost = 9 },
                    new Consequence.NoteOnly()
                ),
                Rule(
                    "zqdiffer",
                    "No two sizes alike in shape",
                    new RuleCheck.AllDifferent { Part = "zqtiles" },
                    new Consequence.NoteOnly()
                ),
            ],
            Method = new()
            {
                Parts =
                [
                    Measured("zqclimb", "Climb", "zqheight", new Curve.Rate(2, 1), Combine.Best) with
                    {
                        Cap = 60,
                        Weight = 2,
                    },
                    Measured("zqslender", "Slender", "zqslim", new Curve.Between(0, 20, 30), Combine.Mean),
                    Measured("zqdrytimes", "Stays dry", "zqdry", new Curve.Raw(), Combine.Sum),
                    Measured(
                        "zqmiddle",
                        "The middle",
                        "zqheight",
                        new Curve.Bands([new(6, 2), new(12, 5)]),
                        Combine.Median
                    ),
                    Measured("zqplace", "By place", "zqheight", new Curve.Place([5, 3]), Combine.Best),
                    Measured("zqbest", "By the best", "zqheight", new Curve.ShareOfBest(10), Combine.Worst),
                    Measured("zqmark", "Near the mark", "zqheight", new Curve.Target(12, 10, 1), Combine.Best),
                    Measured("zqsteps", "Full steps", "zqheight", new Curve.FullSteps(1, 2, 4), Combine.Best),
                    Measured(
                        "zqover",
                        "From the tally",
                        "zqtally.counters.zqhelp * 2 + team.members",
                        new Curve.Rate(1),
                        Combine.Best
                    ),
                    new Part.Tasks
                    {
                        Id = "zqtasks",
                        Name = "Jobs",
                        AllDoneBonus = 2,
                        TimePoints = new(300, 10, 1),
                        Items =
                        [
                            Sample.Task("zqlamp", "Lamp", points: 3, steps: 3),
                            Sample.Task("zqflag", "Flag", points: 2, firstTeams: 1),
                        ],
                    },
                    new Part.Relay
                    {
                        Id = "zqrelay",
                        Name = "Relay",
                        Legs = ["out", "home"],
                        Step = 0.1m,
                        PointsPerItem = 1,
                        Faults = [Sample.Fault("zqdrop", "Dropped", seconds: 5)],
                        Curve = new Curve.Between(120, 20, 30),
                    },
                    new Part.Bins
                    {
                        Id = "zqbins",
                        Name = "Strandline",
                        Names = ["shell", "wood"],
                        Right = 2,
                        Wrong = -1,
                        AllRightBonus = 3,
                        Items =
                        [
                            Sample.BinItem("zqa", "Whelk", bin: "shell"),
                            Sample.BinItem("zqb", "Plank", bin: "wood"),
                        ],
                    },
                    new Part.Bins
                    {
                        Id = "zqquick",
                        Name = "Quick sort",
                        Names = ["shell", "wood"],
                        SecondsPerWrong = 5,
                        SecondsPerLeft = 5,
                        Curve = new Curve.Between(300, 0, 20),
                        Items = [Sample.BinItem("zqc", "Cockle", bin: "shell")],
                    },
                    new Part.Ordering
                    {
                        Id = "zqorder",
                        Name = "By mass",
                        PerPair = 1,
                        PerPlace = 0.5m,
                        Items =
                        [
                            Sample.OrderItem("zqp", "Pebble", key: 1),
                            Sample.OrderItem("zqk", "Cobble", key: 2),
                            Sample.OrderItem("zqs", "Boulder", key: 3),
                        ],
                    },
                    new Part.Pieces
                    {
                        Id = "zqtiles",
                        Name = "Tiles",
                        First = new() { Name = "size", Values = [new("small", 1), new("large", 3)] },
                        Second = new() { Name = "colour", Values = [new("grey"), new("red", 0.5m)] },
                        Each = "first + second + length / width",
                    },
                    new Part.Rubric
                    {
                        Id = "zqrubric",
                        Name = "Talk",
                        Voice = RubricVoice.Peers,
                        Criteria =
                        [
                            new()
                            {
                                Id = "zqclear",
                                Name = "Clear",
                                Levels = [new("not yet", 0), new("clear", 2)],
                            },
                        ],
                    },
                    new Part.Budget
                    {
                        Id = "zqstore",
                        Name = "Store",
                        Funds = 20,
                        Money = "shells",
                        ReturnPercent = 50,
                        Prices = [Sample.Price("zqrod", each: 2, name: "rods")],
                        Curve = new Curve.Rate(0.5m),
                    },
                    new Part.Tally
                    {
                        Id = "zqtally",
                        Name = "Seen",
                        Counters =
                        [
                            Sample.Counter("zqhelp", "Helped", points: 1),
                            Sample.Counter("zqspill", "Spilled", points: 1, hurts: true),
                        ],
                    },
                ],
                TieBreaks = [Sample.TieBreak("Fewer sheets", "zqsheets + zqrelay.faults", Better.Less)],
                Awards =
                [
                    Sample.Award("zqslimmest", "Slimmest", "zqslim", better: Better.More),
                    Sample.Award("zqdriest", "Driest", "zqdry", better: Better.More),
                    Sample.Award("zqpoints", "Best store", "zqstore.points - zqstore.over", better: Better.More),
                    new()
                    {
                        Id = "zqfirst",
                        Name = "First lamp",
                        FirstTo = new("zqtasks", "zqlamp"),
                    },
                ],
            },
        };

    /// <summary>
    /// Two teams, as judges would write them down: one does well, the other spends and spills too much.
    /// </summary>
    public static (IReadOnlyList<Team> Teams, IReadOnlyList<Entry> Log) Play(CompiledEdition compiled)
    {
        var found = new ProblemCollector();
        IReadOnlyList<Team> teams =
        [
            Sample.Team(new("zqterns"), "Terns", members: 4),
            Sample.Team(new("zqknots"), "Knots", members: 3),
        ];
        var handles = TryHandles.Of(compiled);
        var log = teams
            .SelectMany(
                (team, at) =>
                    SampleResults
                        .Entries(
                            compiled,
                            new()
                            {
                                Name = team.Name,
                                Values = handles.ToDictionary(
                                    h => h.Id,
                                    h =>
                                        at == 0 ? h.High
                                        : h.Id == "zqheight" ? 8
                                        : h.Low + h.Step
                                ),
                                Missed = at == 0 ? [] : ["zqfloat"],
                            },
                            teams,
                            at
                        )
                        .Select(entry => Recorder.Understand(compiled, teams, entry, found))
            )
            .ToList();
        log.Add(
            new Entry.Purchased
            {
                Id = new(new Guid(99, 0, 0, new byte[8])),
                Team = new("zqknots"),
                Part = "zqstore",
                Item = "zqrod",
                Count = 12,
            }
        );
        log.Add(
            new Entry.Returned
            {
                Id = new(new Guid(98, 0, 0, new byte[8])),
                Team = new("zqknots"),
                Part = "zqstore",
                Item = "zqrod",
                Count = 1,
            }
        );
        log.Add(
            new Entry.RelayFaulted
            {
                Id = new(new Guid(97, 0, 0, new byte[8])),
                Team = new("zqknots"),
                Part = "zqrelay",
                Fault = "zqdrop",
                Count = 2,
            }
        );
        return found.Problems.Count == 0
            ? (teams, log)
            : throw new InvalidOperationException(string.Join("; ", found.Problems.Select(p => $"{p.At} {p.What}")));
    }

    private static Rule Rule(
        string id,
        string text,
        RuleCheck check,
        Consequence ifMissed,
        CheckTime when = CheckTime.BeforeTest,
        decimal bonus = 0
    ) =>
        new()
        {
            Id = id,
            Sort = RuleSort.Criterion,
            Text = text,
            Check = check,
            IfMissed = ifMissed,
            When = when,
            Bonus = bonus,
        };

    private static Part.Measured Measured(string id, string name, string value, Curve curve, Combine combine) =>
        new()
        {
            Id = id,
            Name = name,
            Value = value,
            Better = Better.More,
            Combine = combine,
            Curve = curve,
        };
}
