using PluckyRally.Core.Ids;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Tests.Score;

/// <summary>What a judge records in the cases, told or drawn.</summary>
internal static partial class FoldCases
{
    /// <summary>What one judge reads of the first attempt.</summary>
    private static Entry.TrialRecorded PartOf(int number, string reads, string leaves) =>
        Trial(1, number: number) with
        {
            Readings = [new() { Measure = reads, Typed = "30 cm" }],
            Leaves = [leaves],
        };

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
                Team = new(Terns),
                By = "Pell",
            },
            11 => Leg(random.Next(1, 3), $"{random.Next(10, 50)}.{random.Next(10)} s", number),
            12 => new Entry.RelayFaulted
            {
                Id = Id(number),
                Part = "run",
                Fault = "drop",
                Count = 1,
                Team = new(Terns),
                By = "Pell",
            },
            13 => random.Next(2) == 0 ? Order("b", "a") with { Id = Id(number) } : Sorted(random, number),
            14 => new Entry.PiecesCounted
            {
                Id = Id(number),
                Part = "tiles",
                Pieces = [new() { First = "small", Count = random.Next(1, 9) }],
                Team = new(Terns),
                By = "Pell",
            },
            15 => new Entry.LevelGiven
            {
                Id = Id(number),
                Part = "talk",
                Criterion = "clear",
                Level = random.Next(2),
                From = new("whelks"),
                Team = new(Terns),
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
            Team = new(Terns),
            By = "Pell",
        };

    private static EntryId Id(int number) => new(new Guid(number, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));

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
            Team = new(Terns),
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
            Team = new(Terns),
        };

    private static Entry.MeasureRead Once(string typed, int number = 30) =>
        new()
        {
            Id = Id(number),
            Reading = new() { Measure = "width", Typed = $"{typed} cm" },
            Team = new(Terns),
        };

    private static Entry.TaskTicked Task(string task, int steps, int number = 40) =>
        new()
        {
            Id = Id(number),
            Part = "jobs",
            Task = task,
            Steps = steps,
            Team = new(Terns),
        };

    private static Entry.Tallied Tally(int count, int number = 50) =>
        new()
        {
            Id = Id(number),
            Part = "seen",
            Counter = "help",
            Count = count,
            Team = new(Terns),
        };

    private static Entry.Purchased Buy(int count, int number = 60) =>
        new()
        {
            Id = Id(number),
            Part = "store",
            Item = "rod",
            Count = count,
            Team = new(Terns),
        };

    private static Entry.LegTimed Leg(int leg, string typed, int number = 70) =>
        new()
        {
            Id = Id(number),
            Part = "run",
            Leg = leg,
            Time = new() { Measure = "run", Typed = typed },
            Team = new(Terns),
        };

    private static Entry.OrderGiven Order(params IReadOnlyList<string> sequence) =>
        new()
        {
            Id = Id(80),
            Part = "mass",
            Sequence = sequence,
            Team = new(Terns),
        };

    private static Entry.StruckOut Strike(int entry, int number = 950) => Strike(Id(entry), number);

    private static Entry.StruckOut Strike(EntryId entry, int number) =>
        new()
        {
            Id = Id(number),
            Entry = entry,
            Reason = "undone",
            Team = new(Terns),
        };
}
