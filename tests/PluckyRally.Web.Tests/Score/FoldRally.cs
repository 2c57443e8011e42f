using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Web.Access;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Tests.Score;

/// <summary>The rally that the cases are of, and its sheet.</summary>
internal static partial class FoldCases
{
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
                    Taken = ReadOccasion.Once,
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
                    When = CheckTime.BeforeTest,
                    IfMissed = new Consequence.DoesNotPlace(),
                },
                new()
                {
                    Id = "stands",
                    Sort = RuleSort.Criterion,
                    Text = "Stands by itself",
                    Check = new RuleCheck.Inspection(),
                    When = CheckTime.EveryAttempt,
                    IfMissed = new Consequence.Deduct(2),
                },
                new()
                {
                    Id = "dry",
                    Sort = RuleSort.Criterion,
                    Text = "Stays dry",
                    Check = new RuleCheck.Inspection(),
                    When = CheckTime.EveryAttempt,
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

    private static JudgeSheetView Sheet(Rally rally)
    {
        var opened = OpenedRally.Open(rally).OrThrow();
        var sheet = TeamSheet.For(opened, new(Terns), 1)
            ?? throw new InvalidOperationException("There is no such team.");
        return JudgeSheetView.Of(
            sheet,
            opened,
            round: 1,
            held: 0,
            strikeOthers: false,
            new Caller(IsTeacher: false, "Pell", [], "")
        );
    }
}
