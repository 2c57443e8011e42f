using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// What a bound promises: whatever was really there, a team's true figures lie where their bounds say, with the outcome
/// of every rule taken as read. True readings are drawn, and of some of them only a bound is written down.
/// </summary>
public sealed class BoundsTests
{
    private static readonly string[] Values =
    [
        "height",
        "mass",
        "height / mass",
        "mass - height",
        "height * mass",
        "min(height, mass)",
        "max(height, 2 * mass)",
        "abs(height - 30)",
        "sqrt(height * mass)",
        "(height + sheets) / mass",
        "height ^ 2 / sheets",
        "mean(height, mass)",
        "floor(height / 3)",
        "round(mass)",
        "-height",
        "100 / (height - sheets)",
    ];

    [Fact]
    public void True_figures_lie_where_their_bounds_say()
    {
        var (compared, bounded, lost) = (0, 0, new List<string>());
        for (var seed = 1; seed <= Thorough.Times(1500); seed++)
        {
            var random = new Random(seed);
            var ready = CompiledEdition.For(new() { Brief = Brief(random) });
            if (!ready.IsOk)
                continue;
            var (read, really) = (new List<Entry>(), new List<Entry>());
            Play(random, ready.Value, read, really);
            var (asRead, asItWas) = (Result(ready.Value, read), Result(ready.Value, really));
            if (
                !asRead
                    .Assessment.Rules.Select(r => r.State)
                    .SequenceEqual(asItWas.Assessment.Rules.Select(r => r.State))
            )
                continue;

            // A part without a value gives points of its own; no bound speaks of that.
            if (!asRead.Parts.Select(r => r.State).SequenceEqual(asItWas.Parts.Select(r => r.State)))
                continue;
            foreach (var figure in ready.Value.Figures.All)
            {
                var (says, true_) = (figure.Of(asRead.Design.Facts), figure.Of(asItWas.Design.Facts));
                if (!says.HasValue || !true_.HasValue)
                    continue;
                compared++;
                if (says.Bound != Bound.Exact)
                    bounded++;
                var holds = says.Bound switch
                {
                    Bound.Exact => true_.Number == says.Number,
                    Bound.AtLeast => true_.Number >= says.Number,
                    Bound.AtMost => true_.Number <= says.Number,
                    Bound.Unclear => true,
                };
                if (!holds)
                    lost.Add($"seed {seed}, {figure.Id}: {says.Bound} {says.Number}, really {true_.Number}");
            }
        }

        string.Join('\n', lost.Take(20)).ShouldBeEmpty();
        (compared, bounded).ShouldSatisfyAllConditions(
            c => c.compared.ShouldBeGreaterThan(2500),
            c => c.bounded.ShouldBeGreaterThan(400)
        );
    }

    private static TeamResult Result(CompiledEdition compiled, IReadOnlyList<Entry> log) =>
        RoundResult
            .Of(RunRound.Alike(compiled, [Sample.Team(new("a"), "A", members: 4)], 1), StandingLog.Of(log))
            .Teams[0];

    private static void Play(Random random, CompiledEdition compiled, List<Entry> read, List<Entry> really)
    {
        var found = new ProblemCollector();
        var count = 0;
        for (var attempt = 1; attempt <= compiled.Brief.Trials.Attempts; attempt++)
        {
            var failed = random.Next(6) == 0;
            var readings = compiled
                .Brief.Measures.Where(m => m.Taken == ReadOccasion.EachAttempt)
                .Select(m => Drawn(random, m))
                .ToList();
            var id = new Guid(++count, 0, 0, new byte[8]);
            foreach (var (log, which) in new[] { (read, 0), (really, 1) })
                log.Add(
                    Understood(
                        new Entry.TrialRecorded
                        {
                            Id = new(id),
                            Team = new("a"),
                            Attempt = attempt,
                            Outcome = failed ? TrialOutcome.Failed : TrialOutcome.Counted,
                            Readings = failed ? [] : [.. readings.Select(r => which == 0 ? r.Read : r.Really)],
                        }
                    )
                );
        }

        foreach (var measure in compiled.Brief.Measures.Where(m => m.Taken == ReadOccasion.Once))
        {
            var drawn = Drawn(random, measure);
            var id = new Guid(++count, 0, 0, new byte[8]);
            read.Add(
                Understood(
                    new Entry.MeasureRead
                    {
                        Id = new(id),
                        Team = new("a"),
                        Reading = drawn.Read,
                    }
                )
            );
            really.Add(
                Understood(
                    new Entry.MeasureRead
                    {
                        Id = new(id),
                        Team = new("a"),
                        Reading = drawn.Really,
                    }
                )
            );
        }

        Entry Understood(Entry entry) =>
            Recorder.Understand(compiled, [Sample.Team(new("a"), "A", members: 4)], entry, found);
    }

    private static (Reading Read, Reading Really) Drawn(Random random, Measure measure)
    {
        var really = random.Next(5, 60);
        var written = random.Next(3) switch
        {
            0 => $"{random.Next(4, really + 1)}+",
            1 => $"{random.Next(really, 70)}-",
            _ => $"{really}",
        };
        if (random.Next(3) > 0)
            written = $"{really}";
        return (new() { Measure = measure.Id, Typed = written }, new() { Measure = measure.Id, Typed = $"{really}" });
    }

    private static Brief Brief(Random random)
    {
        var less = random.Next(2) == 0;
        return new()
        {
            Title = "Drawn",
            Measures =
            [
                new()
                {
                    Id = "height",
                    Name = "Height",
                    Kind = MeasureKind.Number,
                    Better = less ? Better.Less : Better.More,
                    Combine = random.Next(2) == 0 ? Way(random) : null,
                    BestOf = 1,
                    FailureValue = 70,
                },
                Sample.Measure("mass", MeasureKind.Number, name: "Mass", better: Better.More),
                Sample.Measure("sheets", MeasureKind.Number, name: "Sheets", taken: ReadOccasion.Once),
            ],
            Figures =
            [
                new()
                {
                    Id = "own",
                    Name = "Own",
                    Value = Values[random.Next(Values.Length)],
                    Better = Better.More,
                    Combine = Way(random),
                    BestOf = 1,
                    FailureValue = 2,
                },
                Sample.Figure("over", "Over", "own * 2 - height", work: Work.Combined),
            ],
            Rules =
            [
                new()
                {
                    Id = "light",
                    Sort = RuleSort.Constraint,
                    Text = "Light",
                    Check = new RuleCheck.Limit
                    {
                        Value = "mass",
                        Comparison = random.Next(2) == 0 ? Comparison.AtMost : Comparison.AtLeast,
                        Amount = "30",
                    },
                    IfMissed = new Consequence.Deduct(
                        0.5m,
                        random.Next(2) == 0 ? DeductPer.Unit : DeductPer.CompletedUnit,
                        3
                    ),
                    Bonus = random.Next(2),
                },
                new()
                {
                    Id = "range",
                    Sort = RuleSort.Constraint,
                    Text = "In range",
                    Check = new RuleCheck.Limit
                    {
                        Value = "height",
                        Comparison = Comparison.Between,
                        Amount = "15",
                        Upper = "45",
                    },
                    IfMissed = new Consequence.Deduct(1, DeductPer.Unit),
                },
            ],
            Trials = new() { Attempts = random.Next(1, 4) },
            Method = new()
            {
                Wins = random.Next(2) == 0 ? WinningDirection.Lowest : WinningDirection.Highest,
                Floor = random.Next(3) == 0 ? 0 : null,
                Parts =
                [
                    Part(random, "one"),
                    Part(random, "two"),
                    new Part.Measured
                    {
                        Id = "three",
                        Name = "three",
                        Value = "one.value + own",
                        Better = Better.More,
                        FailurePoints = 1,
                        Curve = Curve(random),
                    },
                ],
            },
        };
    }

    private static Part.Measured Part(Random random, string id) =>
        new()
        {
            Id = id,
            Name = id,
            Value = Values[random.Next(Values.Length)],
            Better = random.Next(2) == 0 ? Better.Less : Better.More,
            Work = random.Next(3) == 0 ? Work.Combined : Work.EachAttempt,
            Combine = Way(random),
            BestOf = 1,
            FailureValue = 3,
            FailurePoints = 2,
            Floor = random.Next(3) == 0 ? -5 : null,
            Cap = random.Next(3) == 0 ? 25 : null,
            Weight = random.Next(4) == 0 ? 0 : random.Next(1, 4) / 2m,
            Curve = Curve(random),
        };

    private static Combine Way(Random random) => (Combine)random.Next(Enum.GetValues<Combine>().Length);

    private static Curve Curve(Random random) =>
        random.Next(7) switch
        {
            0 => new Curve.Rate(random.Next(2) == 0 ? 0.3m : -0.3m, 4),
            1 => new Curve.Bands([new(10, 2), new(20, 5), new(30, 9)], 1),
            2 => new Curve.Between(60, 5, 20),
            3 => new Curve.Between(5, 60, 20),
            4 => new Curve.Target(25, 20, 0.5m),
            5 => new Curve.FullSteps(12, 4, 1.5m, random.Next(2) == 0),
            _ => new Curve.Rate(1),
        };
}
