using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Benchmarks;

/// <summary>
/// A rally of a size, with readings from a seed: two rules, some attempts that miss one, some readings that are bounds,
/// some strikes.
/// </summary>
internal static class Sizes
{
    /// <summary>The shortest first measure of an attempt that counts.</summary>
    public const decimal Least = 60;

    public static OpenedRally Make(int teams, int parts, int attempts)
    {
        var random = new Random(4711);
        var brief = new Brief
        {
            Title = "Benchmark",
            Measures =
            [
                .. Enumerable
                    .Range(0, parts)
                    .Select(i => new Measure
                    {
                        Id = $"m{i}",
                        Name = $"Measure {i}",
                        Kind = MeasureKind.Length,
                        Unit = "cm",
                        Step = 0.5m,
                    }),
            ],
            Rules =
            [
                new Rule
                {
                    Id = "least",
                    Sort = RuleSort.Criterion,
                    Text = $"Goes at least {Least} cm",
                    When = CheckTime.EveryAttempt,
                    Check = new RuleCheck.Limit
                    {
                        Value = "m0",
                        Comparison = Comparison.AtLeast,
                        Amount = $"{Least} cm",
                    },
                    IfMissed = new Consequence.AttemptDoesNotCount(),
                },
                new Rule
                {
                    Id = "stands",
                    Sort = RuleSort.Criterion,
                    Text = "Stands by itself",
                    Check = new RuleCheck.Inspection(),
                    IfMissed = new Consequence.DoesNotPlace(),
                },
            ],
            Trials = new Trials { Attempts = attempts },
            Method = new Method
            {
                Parts =
                [
                    .. Enumerable
                        .Range(0, parts)
                        .Select(i => new Part.Measured
                        {
                            Id = $"p{i}",
                            Name = $"Part {i}",
                            Value = $"m{i}",
                            Better = Better.More,
                            Curve = new Curve.Rate(0.2m),
                        }),
                ],
            },
        };
        var list = Enumerable.Range(1, teams).Select(i => new Team { Id = new($"t{i}"), Name = $"Team {i}" }).ToList();
        var count = 0;
        var entries = new List<Entry>();
        foreach (var team in list)
        {
            entries.Add(
                new Entry.RuleChecked
                {
                    Id = Next(),
                    Team = team.Id,
                    Rule = "stands",
                    Met = random.Next(20) > 0,
                }
            );
            for (var attempt = 0; attempt < attempts; attempt++)
            {
                if (random.Next(20) == 0)
                {
                    var slip = Trial(team);
                    entries.AddRange([
                        slip,
                        new Entry.StruckOut
                        {
                            Id = Next(),
                            Entry = slip.Id,
                            Reason = "the wrong team",
                        },
                    ]);
                }

                entries.Add(Trial(team));
            }
        }

        return OpenedRally
            .Open(
                new Rally
                {
                    Name = "Benchmark",
                    Edition = new Edition { Brief = brief },
                    Teams = list,
                    Entries = entries,
                }
            )
            .OrThrow();

        EntryId Next() => new(new Guid(++count, 0, 0x7000, 0x80, 0, 0, 0, 0, 0, 0, 3));

        Entry.TrialRecorded Trial(Team team) =>
            new()
            {
                Id = Next(),
                Team = team.Id,
                Outcome = TrialOutcome.Counted,
                Readings =
                [
                    .. brief.Measures.Select(m => new Reading
                    {
                        Measure = m.Id,
                        Typed = $"{random.Next(100, 400) / 2m}{(random.Next(20) == 0 ? "+" : "")}",
                    }),
                ],
            };
    }
}
