using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Tests.Formats;

/// <summary>
/// Small rallies drawn by a seed: a brief with a few of everything that is tried in attempts, and what judges might
/// record of it.
/// </summary>
internal static class RandomRally
{
    private static readonly string[] Teams = ["Terns", "Whelks", "Crabs", "Gulls"];

    /// <summary>A rally that today's program opens; null where the seed drew one that it refuses.</summary>
    public static Rally? Draw(int seed)
    {
        var random = new Random(seed);
        var edition = new Edition { Brief = Brief(random) };
        if (!CompiledEdition.For(edition).IsOk)
            return null;
        var teams = Teams
            .Take(random.Next(2, 5))
            .Select(name => Sample.Team(new(name.ToLowerInvariant()), name, members: random.Next(2, 5)))
            .ToList();
        var compiled = CompiledEdition.For(edition).OrThrow();
        var log = new List<Entry>();
        for (var round = 1; round <= (random.Next(4) == 0 ? 2 : 1); round++)
        {
            foreach (var team in teams)
                Play(random, compiled, teams, team, round, log);
        }

        var rally = new Rally
        {
            Name = $"Drawn by {seed}",
            Edition = edition,
            Teams = teams,
            Entries = log,
        };
        return OpenedRally.Open(rally).IsOk ? rally : null;
    }

    private static Brief Brief(Random random)
    {
        var less = random.Next(2) == 0;
        var attempts = random.Next(1, 4);
        var measures = new List<Measure>
        {
            new()
            {
                Id = "height",
                Name = "Height",
                Kind = MeasureKind.Length,
                Unit = "cm",
                Step = random.Next(2) == 0 ? 1 : 0.5m,
                Better =
                    random.Next(2) == 0
                        ? less
                            ? Better.Less
                            : Better.More
                        : null,
                FailureValue = random.Next(2) == 0 ? 90 : null,
            },
        };
        if (random.Next(2) == 0)
            measures.Add(
                new()
                {
                    Id = "sheets",
                    Name = "Sheets",
                    Kind = MeasureKind.Count,
                    Taken = random.Next(2) == 0 ? ReadOccasion.Once : ReadOccasion.EachAttempt,
                    Better = Better.Less,
                }
            );
        var value = measures.Count > 1 && random.Next(2) == 0 ? "height / sheets" : "height";
        var parts = new List<Part> { Measured(random, "climb", value, less) };
        if (random.Next(3) == 0)
            parts.Add(Measured(random, "second", "height", random.Next(2) == 0));
        if (random.Next(3) == 0)
            parts.Add(
                new Part.Tasks
                {
                    Id = "jobs",
                    Name = "Jobs",
                    Items = [Sample.Task("a", "Flag", points: 3), Sample.Task("b", "Rope", points: 4, steps: 2)],
                }
            );
        if (random.Next(3) == 0)
            parts.Add(
                new Part.Tally
                {
                    Id = "hits",
                    Name = "Hits",
                    Counters =
                    [
                        Sample.Counter("ring", "Ring", points: 2),
                        Sample.Counter("miss", "Miss", points: 1, hurts: true),
                    ],
                }
            );
        return new()
        {
            Title = "Drawn",
            Measures = measures,
            Rules = [.. Enumerable.Range(0, random.Next(3)).Select(i => Rule(random, i))],
            Trials = new()
            {
                Attempts = attempts,
                Minimum = random.Next(2) == 0 ? random.Next(1, attempts + 1) : null,
                FreshBuildAfterFailure = random.Next(6) == 0,
            },
            Method = new()
            {
                Parts = parts,
                Wins = random.Next(3) == 0 ? WinningDirection.Lowest : WinningDirection.Highest,
                TieBreaks =
                    random.Next(2) == 0 ? [Sample.TieBreak("height", "height", less ? Better.Less : Better.More)] : [],
                Awards = random.Next(2) == 0 ? [Sample.Award("tallest", "Tallest", "height", better: Better.More)] : [],
            },
        };
    }

    private static Part.Measured Measured(Random random, string id, string value, bool less)
    {
        var combine = random.Next(9) switch
        {
            0 => Combine.Mean,
            1 => Combine.Median,
            2 => Combine.Sum,
            3 => Combine.Last,
            4 => Combine.Worst,
            5 => Combine.First,
            _ => Combine.Best,
        };
        return new()
        {
            Id = id,
            Name = id,
            Value = value,
            Better = less ? Better.Less : Better.More,
            Work = random.Next(4) == 0 ? Work.Combined : Work.EachAttempt,
            Combine = combine,
            FailureValue = 80,
            FailurePoints = random.Next(2) == 0 ? 0 : 5,
            Weight = random.Next(4) == 0 ? 2 : 1,
            Curve = random.Next(7) switch
            {
                0 => new Curve.Place([10, 7, 4]),
                1 => new Curve.ShareOfBest(50),
                2 => new Curve.Target(40, 30, 1),
                3 => new Curve.Between(less ? 90 : 10, less ? 10 : 90, 40),
                4 => new Curve.Bands([new(20, 5), new(50, 9)]),
                _ => new Curve.Rate(less ? -1 : 1, less ? 100 : 0),
            },
        };
    }

    private static Rule Rule(Random random, int number)
    {
        var when =
            random.Next(3) == 0 ? CheckTime.EveryAttempt
            : random.Next(2) == 0 ? CheckTime.BeforeTest
            : CheckTime.AfterTest;
        Consequence miss = random.Next(5) switch
        {
            0 => new Consequence.DoesNotPlace(),
            1 when when == CheckTime.EveryAttempt => new Consequence.AttemptDoesNotCount(),
            2 => new Consequence.FailurePoints("climb"),
            3 => new Consequence.Deduct(3),
            _ => new Consequence.NoteOnly(),
        };
        return new()
        {
            Id = $"rule{number}",
            Sort = RuleSort.Criterion,
            Text = $"Keeps rule {number}",
            When = when,
            IfMissed = miss,
            Bonus = random.Next(5) == 0 ? 2 : 0,
            Check =
                random.Next(2) == 0
                    ? new RuleCheck.Inspection()
                    : new RuleCheck.Limit
                    {
                        Value = "height",
                        Comparison = random.Next(2) == 0 ? Comparison.AtLeast : Comparison.AtMost,
                        Amount = $"{random.Next(20, 60)} cm",
                    },
        };
    }

    private static void Play(
        Random random,
        CompiledEdition compiled,
        List<Team> teams,
        Team team,
        int round,
        List<Entry> log
    )
    {
        var brief = compiled.Brief;
        void Offer(Entry entry)
        {
            if (Recorder.Accept(compiled, teams, entry, log) is { IsOk: true } taken)
                log.Add(taken.Value);
        }

        EntryId Next() => new(new Guid(log.Count + 1, (short)round, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 1));
        var at = DateTimeOffset.UnixEpoch.AddSeconds(log.Count);
        foreach (
            var rule in brief.Rules.Where(r =>
                r is { Check: RuleCheck.Inspection } && r.When != CheckTime.EveryAttempt && random.Next(5) > 0
            )
        )
            Offer(
                new Entry.RuleChecked
                {
                    Id = Next(),
                    At = at,
                    By = "Pell",
                    Team = team.Id,
                    Round = round,
                    Rule = rule.Id,
                    Met = random.Next(5) > 0,
                }
            );
        if (brief.Measures.Any(m => m is { Id: "sheets", Taken: ReadOccasion.Once }) && random.Next(6) > 0)
            Offer(
                new Entry.MeasureRead
                {
                    Id = Next(),
                    At = at,
                    By = "Pell",
                    Team = team.Id,
                    Round = round,
                    Reading = new() { Measure = "sheets", Typed = $"{random.Next(1, 9)}" },
                }
            );
        var revision = 1;
        for (var attempt = 1; attempt <= brief.Trials.Attempts && random.Next(7) > 0; attempt++)
        {
            var outcome = random.Next(8) switch
            {
                0 => TrialOutcome.Failed,
                1 => TrialOutcome.Void,
                2 when random.Next(3) == 0 => TrialOutcome.Waiting,
                _ => TrialOutcome.Counted,
            };
            foreach (
                var rule in brief.Rules.Where(r =>
                    r is { Check: RuleCheck.Inspection, When: CheckTime.EveryAttempt } && random.Next(3) > 0
                )
            )
                Offer(
                    new Entry.RuleChecked
                    {
                        Id = Next(),
                        At = at,
                        By = "Pell",
                        Team = team.Id,
                        Round = round,
                        Rule = rule.Id,
                        Attempt = attempt,
                        Met = random.Next(4) > 0,
                    }
                );
            Offer(
                new Entry.TrialRecorded
                {
                    Id = Next(),
                    At = at,
                    By = "Pell",
                    Team = team.Id,
                    Round = round,
                    Attempt = outcome == TrialOutcome.Void ? null : attempt,
                    Revision = revision,
                    Outcome = outcome,
                    Reason = outcome == TrialOutcome.Void ? "the tester slipped" : "",
                    Readings =
                        outcome == TrialOutcome.Counted
                            ?
                            [
                                .. brief
                                    .Measures.Where(m => m.Taken == ReadOccasion.EachAttempt)
                                    .Select(m => new Reading
                                    {
                                        Measure = m.Id,
                                        Typed =
                                            m.Id == "sheets"
                                                ? $"{random.Next(1, 9)}"
                                                : $"{random.Next(10, 95)}{(random.Next(9) == 0 ? "+" : "")}",
                                    }),
                            ]
                            : [],
                }
            );
            if (outcome == TrialOutcome.Failed && brief.Trials.FreshBuildAfterFailure)
                revision++;
            if (random.Next(12) == 0 && log.Count > 0)
                Offer(
                    new Entry.StruckOut
                    {
                        Id = Next(),
                        At = at,
                        By = "Pell",
                        Team = team.Id,
                        Round = round,
                        Entry = log[^1].Id,
                    }
                );
        }

        foreach (var part in brief.Method.Parts)
        {
            if (part is Part.Tasks && random.Next(5) > 0)
                Offer(
                    new Entry.TaskTicked
                    {
                        Id = Next(),
                        At = at,
                        By = "Pell",
                        Team = team.Id,
                        Round = round,
                        Part = part.Id,
                        Task = random.Next(2) == 0 ? "a" : "b",
                    }
                );
            if (part is Part.Tally)
                Offer(
                    new Entry.Tallied
                    {
                        Id = Next(),
                        At = at,
                        By = "Pell",
                        Team = team.Id,
                        Round = round,
                        Part = part.Id,
                        Counter = random.Next(2) == 0 ? "ring" : "miss",
                        Count = random.Next(1, 5),
                    }
                );
        }
    }
}
