using PluckyRally.Core;
using PluckyRally.Data.Rallies;

namespace PluckyRally.Web.Tests.Score;

/// <summary>
/// What a device has in hand and what it must then show: a sheet, entries that it has recorded and the sheet has not
/// seen, and the sheet that the core makes of both.
/// </summary>
/// <param name="Called">What the case is about, or the seed that drew it.</param>
/// <param name="Trials">The brief's attempts.</param>
/// <param name="Sheet">The sheet before.</param>
/// <param name="Waiting">The entries.</param>
/// <param name="Then">The sheet with them.</param>
public sealed record FoldCase(
    string Called,
    Trials Trials,
    SheetOnWalk Sheet,
    IReadOnlyList<Entry> Waiting,
    SheetOnWalk Then
);

/// <summary>
/// Cases for the browser's fold: some that are told, others drawn by a seed, each accepted entry by entry as a judge
/// would record it.
/// </summary>
internal static class FoldCases
{
    private const string Terns = "terns";
    private static readonly IReadOnlyList<Team> Teams =
    [
        new()
        {
            Id = Terns,
            Name = "Terns",
            Members = 3,
        },
        new()
        {
            Id = "whelks",
            Name = "Whelks",
            Members = 3,
        },
    ];

    public static IEnumerable<FoldCase> All =>
        [
            Told("an attempt is made", before: [], Trial(1)),
            Told("a failed attempt asks for a fresh build", before: [Trial(1)], Trial(2, TrialOutcome.Failed)),
            Told("a fresh build was tried", before: [Trial(1, TrialOutcome.Failed)], Trial(2, revision: 2)),
            Told("a void attempt uses none up", before: [], Trial(null, TrialOutcome.Void)),
            Told("an attempt waits to be looked at", before: [], Trial(1, TrialOutcome.Waiting)),
            Told(
                "an attempt that waited is looked at",
                before: [Trial(1, TrialOutcome.Waiting, number: 900)],
                Trial(1),
                Strike(900)
            ),
            Told("a failed attempt is taken back", before: [Trial(1, TrialOutcome.Failed, number: 900)], Strike(900)),
            Told("what was recorded is undone before it is sent", before: [], Trial(1, number: 900), Strike(900)),
            Told("another design", before: [Trial(1)], Trial(1, design: "wide", number: 2)),
            Split("one judge reads a part of an attempt", before: [], PartOf(1, "height", leaves: "line")),
            Split(
                "another judge reads the rest of it",
                before: [PartOf(1, "height", leaves: "line")],
                PartOf(2, "line", leaves: "height"),
                Check("stands", true, attempt: 1)
            ),
            Split(
                "a part of an attempt is taken back",
                before: [PartOf(900, "height", leaves: "line"), PartOf(1, "line", leaves: "height")],
                Strike(900)
            ),
            Told(
                "another design has what is left of the team's attempts",
                Begin(Brief(3, fresh: false).For(team: true)),
                before: [Trial(1), Trial(2, number: 2)],
                [Trial(1, design: "wide", number: 3)]
            ),
            Told(
                "the first design is named",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Called = "narrow",
                    Team = Terns,
                }
            ),
            Told(
                "a design is changed, then what it is like is noted",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Changed = "a wider foot",
                    Also = "",
                    Team = Terns,
                },
                new Entry.DesignNoted
                {
                    Id = Id(2),
                    Labels = new Dictionary<string, string> { ["foot"] = "wide" },
                    Team = Terns,
                }
            ),
            Told(
                "a design is changed",
                before: [Trial(1)],
                new Entry.DesignNoted
                {
                    Id = Id(1),
                    Revision = 2,
                    Changed = "a wider foot",
                    Team = Terns,
                }
            ),
            Told("a must-have outside of attempts", before: [], Check("floats", true)),
            Told(
                "a must-have that two people see differently",
                before: [Check("floats", true, number: 21) with { By = "Aide" }],
                Check("floats", false)
            ),
            Told("a must-have is taken back", before: [Check("floats", false, number: 900)], Strike(900)),
            Told(
                "a must-have of an attempt before its reading",
                before: [],
                Check("stands", false, attempt: 1),
                Trial(1)
            ),
            Told("a must-have of an attempt after its reading", before: [Trial(1)], Check("stands", true, attempt: 1)),
            Told("a reading that is taken once", before: [], Once("24")),
            Told(
                "a reading is taken back to the one before",
                before: [Once("24"), Once("25", number: 900)],
                Strike(900)
            ),
            Told(
                "a task goes back to what it was",
                before: [Task("lamp", 1), Task("lamp", 3, number: 900)],
                Strike(900)
            ),
            Told("a counter is taken back", before: [Tally(2), Tally(5, number: 900)], Strike(900)),
            Told("a purchase is taken back", before: [Buy(3), Buy(1, number: 900)], Strike(900)),
            Told("a leg is taken back", before: [Leg(1, "12.5 s", number: 900)], Strike(900)),
            Told(
                "an order goes back to the one before",
                before: [Order("a", "b"), Order("b", "a") with { Id = Id(900) }],
                Strike(900)
            ),
            Told(
                "of two people's orders one is struck out",
                before: [Order("a", "b") with { By = "Aide" }, Order("b", "a") with { Id = Id(900) }],
                Strike(900)
            ),
            Told(
                "a plan is approved, and that is taken back",
                before: [new Entry.PlanCleared { Id = Id(900), Team = Terns }],
                Strike(900)
            ),
            Told(
                "a strike is taken back",
                before: [Tally(2), Tally(5, number: 900), Strike(900)],
                Strike(950, number: 951)
            ),
            Told(
                "a failed attempt comes back",
                before: [Trial(1), Trial(2, TrialOutcome.Failed, number: 900), Strike(900)],
                Strike(950, number: 951)
            ),
            Told("a team came late", before: [], new Entry.CameLate { Id = Id(1), Team = Terns }),
            .. Enumerable.Range(1, 60).Select(Drawn),
            Passed("passed or not: a failed attempt asks nothing", before: [Made(1)], Made(2, TrialOutcome.Failed)),
            Passed("passed or not: an attempt is looked at", before: [Made(1)], Check("stands", true, attempt: 1)),
            Passed(
                "passed or not: judges differ, and the must-haves are asked all the same",
                before: [Made(1) with { By = "Aide" }],
                Made(1, TrialOutcome.Failed) with
                {
                    Id = Id(900),
                    Again = true,
                }
            ),
            Passed(
                "passed or not: a failure is taken back",
                before: [Made(1, TrialOutcome.Failed) with { Id = Id(900) }],
                Strike(900),
                Made(1) with
                {
                    Id = Id(901),
                }
            ),
        ];

    /// <summary>The brief with attempts that are each design's, or the team's with all its designs.</summary>
    private static Brief For(this Brief brief, bool team) =>
        brief with
        {
            Trials = brief.Trials with { AttemptsFor = team ? AttemptsFor.Team : AttemptsFor.Design },
        };

    private static Brief Brief(int attempts, bool fresh) =>
        new()
        {
            Title = "Everything at once",
            Goal = "Build it.",
            Measures =
            [
                new()
                {
                    Id = "height",
                    Name = "Height",
                    Kind = MeasureKind.Length,
                    Unit = "cm",
                    Step = 1,
                },
                new()
                {
                    Id = "width",
                    Name = "Width",
                    Kind = MeasureKind.Length,
                    Unit = "cm",
                    Step = 1,
                    Taken = Taken.Once,
                },
            ],
            Trials = new() { Attempts = attempts, FreshBuildAfterFailure = fresh },
            Rules =
            [
                new()
                {
                    Id = "floats",
                    Sort = RuleSort.Criterion,
                    Text = "Floats free",
                    Check = new RuleCheck.Inspection(),
                    When = When.BeforeTest,
                    IfMissed = new Consequence.DoesNotPlace(),
                },
                new()
                {
                    Id = "stands",
                    Sort = RuleSort.Criterion,
                    Text = "Stands by itself",
                    Check = new RuleCheck.Inspection(),
                    When = When.EveryAttempt,
                    IfMissed = new Consequence.Deduct(2),
                },
                new()
                {
                    Id = "dry",
                    Sort = RuleSort.Criterion,
                    Text = "Stays dry",
                    Check = new RuleCheck.Inspection(),
                    When = When.EveryAttempt,
                    IfMissed = new Consequence.AttemptDoesNotCount(),
                },
            ],
            Method = new()
            {
                Parts =
                [
                    new Part.Measured
                    {
                        Id = "climb",
                        Name = "Climb",
                        Value = "height",
                        Better = Better.More,
                        Curve = new Curve.Rate(1),
                    },
                    new Part.Tasks
                    {
                        Id = "jobs",
                        Name = "Jobs",
                        TimePoints = new(300, 10, 1),
                        Items =
                        [
                            new()
                            {
                                Id = "lamp",
                                Name = "Lamp",
                                Points = 3,
                                Steps = 3,
                            },
                            new()
                            {
                                Id = "flag",
                                Name = "Flag",
                                Points = 2,
                            },
                        ],
                    },
                    new Part.Relay
                    {
                        Id = "run",
                        Name = "Run",
                        Legs = ["out", "home"],
                        Step = 0.1m,
                        PointsPerItem = 1,
                        Faults =
                        [
                            new()
                            {
                                Id = "drop",
                                Name = "Dropped",
                                Seconds = 5,
                            },
                        ],
                        Curve = new Curve.Between(120, 20, 30),
                    },
                    new Part.Bins
                    {
                        Id = "sort",
                        Name = "Sort",
                        Names = ["shell", "wood"],
                        Right = 1,
                        Items =
                        [
                            new()
                            {
                                Id = "a",
                                Name = "Whelk",
                                Bin = "shell",
                            },
                            new()
                            {
                                Id = "b",
                                Name = "Plank",
                                Bin = "wood",
                            },
                        ],
                    },
                    new Part.Ordering
                    {
                        Id = "mass",
                        Name = "By mass",
                        PerPair = 1,
                        Items =
                        [
                            new()
                            {
                                Id = "a",
                                Name = "Pebble",
                                Key = 1,
                            },
                            new()
                            {
                                Id = "b",
                                Name = "Boulder",
                                Key = 2,
                            },
                        ],
                    },
                    new Part.Pieces
                    {
                        Id = "tiles",
                        Name = "Tiles",
                        First = new() { Name = "size", Values = [new("small", 1), new("large", 3)] },
                        Second = new() { Name = "colour", Values = [] },
                        Each = "first",
                    },
                    new Part.Rubric
                    {
                        Id = "talk",
                        Name = "Talk",
                        Voice = RubricVoice.Peers,
                        Criteria =
                        [
                            new()
                            {
                                Id = "clear",
                                Name = "Clear",
                                Levels = [new("not yet", 0), new("clear", 2)],
                            },
                        ],
                    },
                    new Part.Budget
                    {
                        Id = "store",
                        Name = "Store",
                        Funds = 20,
                        Money = "shells",
                        Prices =
                        [
                            new()
                            {
                                Id = "rod",
                                Name = "rods",
                                Each = 2,
                            },
                        ],
                        Curve = new Curve.Rate(1),
                    },
                    new Part.Tally
                    {
                        Id = "seen",
                        Name = "Seen",
                        Counters =
                        [
                            new()
                            {
                                Id = "help",
                                Name = "Helped",
                                Points = 1,
                            },
                        ],
                    },
                ],
            },
        };

    private static FoldCase Told(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting) =>
        Told(called, Begin(3, fresh: true), before, waiting);

    /// <summary>A case of a brief that measures two things in an attempt.</summary>
    private static FoldCase Split(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting)
    {
        var brief = Brief(3, fresh: false);
        var line = brief.Measures[0] with { Id = "line", Name = "Off the line" };
        return Told(called, Begin(brief with { Measures = [.. brief.Measures, line] }), before, waiting);
    }

    /// <summary>What one judge reads of the first attempt.</summary>
    private static Entry.TrialRecorded PartOf(int number, string reads, string leaves) =>
        Trial(1, number: number) with
        {
            Readings = [new() { Measure = reads, Typed = "30 cm" }],
            Leaves = [leaves],
        };

    /// <summary>A case of a brief that measures nothing in an attempt.</summary>
    private static FoldCase Passed(string called, IReadOnlyList<Entry> before, params IReadOnlyList<Entry> waiting)
    {
        var brief = Brief(3, fresh: false);
        var only = brief with
        {
            Measures = [.. brief.Measures.Where(m => m.Taken == Taken.Once)],
            Method = brief.Method with { Parts = [.. brief.Method.Parts.Where(p => p is not Part.Measured)] },
        };
        return Told(called, Begin(only), before, waiting);
    }

    private static FoldCase Told(string called, Rally rally, IReadOnlyList<Entry> before, IReadOnlyList<Entry> waiting)
    {
        foreach (var entry in before)
            rally = With(rally, entry) ?? throw new InvalidOperationException($"{called}: {entry} is refused.");
        var sheet = Sheet(rally);
        foreach (var entry in waiting)
            rally = With(rally, entry) ?? throw new InvalidOperationException($"{called}: {entry} is refused.");
        return new(called, rally.Edition.Brief.Trials, sheet, rally.Entries.Skip(before.Count).ToList(), Sheet(rally));
    }

    /// <summary>
    /// What a judge might record, one after the other; the device has sent some of it, and the rest waits.
    /// </summary>
    private static FoldCase Drawn(int seed)
    {
        var random = new Random(seed);
        var rally = Begin(Brief(random.Next(1, 5), random.Next(2) == 0).For(seed % 3 == 0));
        var before = Grow(random, rally, random.Next(0, 14), 1);
        var then = Grow(random, before, random.Next(1, 9), 100);
        // What another entry set aside after it was taken is seen on the server alone.
        if (OpenedRally.Open(then).OrThrow().Aside.Count > 0)
            return Drawn(seed + 1000);
        return new(
            $"drawn by {seed}",
            rally.Edition.Brief.Trials,
            Sheet(before),
            then.Entries.Skip(before.Entries.Count).ToList(),
            Sheet(then)
        );
    }

    private static Rally Grow(Random random, Rally rally, int entries, int number)
    {
        for (var tries = 0; entries > 0 && tries < 200; tries++)
        {
            if (With(rally, Draw(random, rally, number)) is not { } more)
                continue;
            (rally, number, entries) = (more, number + 1, entries - 1);
        }

        return rally;
    }

    private static Entry Draw(Random random, Rally rally, int number) =>
        random.Next(17) switch
        {
            0 or 1 or 2 => Trial(
                random.Next(1, rally.Edition.Brief.Trials.Attempts + 1),
                (TrialOutcome)random.Next(4),
                random.Next(1, 4),
                random.Next(4) == 0 ? "wide" : "",
                number
            )
                is var trial
            && trial.Outcome == TrialOutcome.Void
                ? trial with
                {
                    Attempt = null,
                }
                : trial,
            3 => Check("floats", random.Next(2) == 0, number: number) with
            {
                By = random.Next(3) == 0 ? "Aide" : "Pell",
            },
            4 or 5 => Check(random.Next(2) == 0 ? "stands" : "dry", random.Next(2) == 0, random.Next(1, 4), number),
            6 => Once($"{random.Next(10, 60)}", number),
            7 => Task(random.Next(2) == 0 ? "lamp" : "flag", random.Next(0, 2), number),
            8 => Tally(random.Next(1, 6), number),
            9 => Buy(1, number),
            10 => new Entry.Returned
            {
                Id = Id(number),
                Part = "store",
                Item = "rod",
                Count = 1,
                Team = Terns,
                By = "Pell",
            },
            11 => Leg(random.Next(1, 3), $"{random.Next(10, 50)}.{random.Next(10)} s", number),
            12 => new Entry.RelayFaulted
            {
                Id = Id(number),
                Part = "run",
                Fault = "drop",
                Count = 1,
                Team = Terns,
                By = "Pell",
            },
            13 => random.Next(2) == 0 ? Order("b", "a") with { Id = Id(number) } : Sorted(random, number),
            14 => new Entry.PiecesCounted
            {
                Id = Id(number),
                Part = "tiles",
                Pieces = [new() { First = "small", Count = random.Next(1, 9) }],
                Team = Terns,
                By = "Pell",
            },
            15 => new Entry.LevelGiven
            {
                Id = Id(number),
                Part = "talk",
                Criterion = "clear",
                Level = random.Next(2),
                From = "whelks",
                Team = Terns,
                By = "Pell",
            },
            _ => rally.Entries.Count == 0
                ? Once("20", number)
                : Strike(rally.Entries[random.Next(rally.Entries.Count)].Id, number),
        };

    private static Entry.ItemsSorted Sorted(Random random, int number) =>
        new()
        {
            Id = Id(number),
            Part = "sort",
            Placed = new Dictionary<string, string> { ["a"] = random.Next(2) == 0 ? "shell" : "wood" },
            Team = Terns,
            By = "Pell",
        };

    private static Rally Begin(int attempts, bool fresh) => Begin(Brief(attempts, fresh));

    private static Rally Begin(Brief brief) =>
        new()
        {
            Name = "Drawn",
            Edition = new Edition { Brief = brief },
            Teams = Teams,
            Entries = [],
        };

    /// <summary>The rally with an entry; null where the core refuses it.</summary>
    private static Rally? With(Rally rally, Entry entry)
    {
        var signed = entry with
        {
            At = DateTimeOffset.UnixEpoch.AddSeconds(rally.Entries.Count),
            By = entry.By.Length > 0 ? entry.By : "Pell",
        };
        return Recorder.Accept(OpenedRally.Open(rally).OrThrow(), signed) is { IsOk: true } taken
            ? rally with
            {
                Entries = [.. rally.Entries, taken.Value],
            }
            : null;
    }

    private static SheetOnWalk Sheet(Rally rally)
    {
        var opened = OpenedRally.Open(rally).OrThrow();
        var sheet = TeamSheet.For(opened, Terns, 1) ?? throw new InvalidOperationException("There is no such team.");
        return SheetOnWalk.Of(
            sheet,
            opened,
            round: 1,
            held: 0,
            strikeOthers: false,
            new Caller(IsTeacher: false, "Pell", [], "")
        );
    }

    private static Guid Id(int number) => new(number, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1);

    private static Entry.TrialRecorded Trial(
        int? attempt,
        TrialOutcome outcome = TrialOutcome.Counted,
        int revision = 1,
        string design = "",
        int number = 0
    ) =>
        new()
        {
            Id = Id(number > 0 ? number : 1000 + (attempt ?? 0)),
            Attempt = attempt,
            Outcome = outcome,
            Revision = revision,
            Design = design,
            Reason = outcome == TrialOutcome.Void ? "the tester slipped" : "",
            Readings = outcome == TrialOutcome.Counted ? [new() { Measure = "height", Typed = "30 cm" }] : [],
            Team = Terns,
        };

    /// <summary>An attempt in which nothing is measured.</summary>
    private static Entry.TrialRecorded Made(int attempt, TrialOutcome outcome = TrialOutcome.Counted) =>
        Trial(attempt, outcome) with
        {
            Readings = [],
        };

    private static Entry.RuleChecked Check(string rule, bool met, int? attempt = null, int number = 20) =>
        new()
        {
            Id = Id(number),
            Rule = rule,
            Met = met,
            Attempt = attempt,
            Team = Terns,
        };

    private static Entry.MeasureRead Once(string typed, int number = 30) =>
        new()
        {
            Id = Id(number),
            Reading = new() { Measure = "width", Typed = $"{typed} cm" },
            Team = Terns,
        };

    private static Entry.TaskTicked Task(string task, int steps, int number = 40) =>
        new()
        {
            Id = Id(number),
            Part = "jobs",
            Task = task,
            Steps = steps,
            Team = Terns,
        };

    private static Entry.Tallied Tally(int count, int number = 50) =>
        new()
        {
            Id = Id(number),
            Part = "seen",
            Counter = "help",
            Count = count,
            Team = Terns,
        };

    private static Entry.Purchased Buy(int count, int number = 60) =>
        new()
        {
            Id = Id(number),
            Part = "store",
            Item = "rod",
            Count = count,
            Team = Terns,
        };

    private static Entry.LegTimed Leg(int leg, string typed, int number = 70) =>
        new()
        {
            Id = Id(number),
            Part = "run",
            Leg = leg,
            Time = new() { Measure = "run", Typed = typed },
            Team = Terns,
        };

    private static Entry.OrderGiven Order(params IReadOnlyList<string> sequence) =>
        new()
        {
            Id = Id(80),
            Part = "mass",
            Sequence = sequence,
            Team = Terns,
        };

    private static Entry.StruckOut Strike(int entry, int number = 950) => Strike(Id(entry), number);

    private static Entry.StruckOut Strike(Guid entry, int number) =>
        new()
        {
            Id = Id(number),
            Entry = entry,
            Reason = "undone",
            Team = Terns,
        };
}
