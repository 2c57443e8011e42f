using PluckyRally.Core.Curves;
using PluckyRally.Core.Tests.Formats;

namespace PluckyRally.Core.Tests.Results;

/// <summary>Which design stands for a team, and what its others would have given.</summary>
public sealed class BestDesignTests
{
    private const string Small = "small";
    private const string Large = "large";

    [Theory]
    [InlineData(Better.More)]
    [InlineData(Better.Less)]
    public void One_part_that_compares_alone_always_takes_its_best_design(Better better)
    {
        for (var seed = 1; seed <= 60; seed++)
        {
            var random = new Random(seed);
            Curve curve = random.Next(2) == 0 ? new Curve.Place([10, 7, 4]) : new Curve.ShareOfBest(50);
            var rally = new Happening(Sample.Simple(better: better, curve: curve), "A", "B", "C");
            var best = new Dictionary<string, decimal>();
            foreach (var team in new[] { "A", "B", "C" })
            {
                var values = Enumerable.Range(0, random.Next(1, 4)).Select(_ => (decimal)random.Next(10, 30)).ToList();
                for (var i = 0; i < values.Count; i++)
                    rally.Trial(team, TrialOutcome.Counted, [$"{values[i]}"], design: $"design {i}");
                best[team] = better == Better.More ? values.Max() : values.Min();
            }

            foreach (var row in rally.Standings().Rows)
                row.Parts[0].Value.ShouldBe(best[row.Name], $"seed {seed}, {row.Name}");
        }
    }

    [Fact]
    public void No_team_competes_with_itself()
    {
        var rally = new Happening(Sample.Simple(curve: new Curve.Place([10, 8])), "A", "B");
        foreach (var height in new[] { "30", "29", "28" })
            rally.Trial("A", TrialOutcome.Counted, [height], design: height);
        rally.Counted("B", "10");
        rally.Standings().Rows.Select(r => r.Total).ShouldBe([10, 8]);
    }

    /// <summary>
    /// The small one is higher and uses up more sheets; the total over both parts decides, not the first part. Points
    /// by place for height: 10, 4; two for each sheet spared of ten.
    /// </summary>
    [Fact]
    public void The_best_total_decides_with_every_design_compared_with_the_others_best()
    {
        var rally = new Happening(Sheets(DesignChoice.Best), "A", "B");
        rally.Trial("A", TrialOutcome.Counted, ["40", "9"], design: Small);
        rally.Trial("A", TrialOutcome.Counted, ["20", "2"], design: Large);
        rally.Counted("B", "30", "8");
        rally.Standings().Rows.Select(r => (r.Name, r.Total)).ShouldBe([("A", 20m), ("B", 14m)]);
        rally.Standing("A").Why.ShouldContain(s => s.Sentence == "The design that counts is “large”, the best one.");
    }

    [Fact]
    public void A_design_that_is_named_outweighs_the_choice_and_the_reasons_say_what_another_would_have_given()
    {
        var rally = new Happening(Sheets(DesignChoice.Best), "A", "B");
        rally.Trial("A", TrialOutcome.Counted, ["40", "9"], design: Small);
        rally.Trial("A", TrialOutcome.Counted, ["20", "2"], design: Large);
        rally.Counted("B", "30", "8");
        rally.Keep(
            new Entry.DesignNoted
            {
                Id = rally.NextId(),
                Team = new("a"),
                Design = Small,
                Named = true,
            }
        );
        rally.Standing("A").Total.ShouldBe(12);
        rally
            .Standing("A")
            .Why.ShouldContain(s =>
                s.Sentence == "The design that counts is “small”, because it was named. “large” would have given 20.0."
            );
    }

    [Fact]
    public void The_last_design_says_what_an_earlier_one_would_have_given()
    {
        var rally = new Happening(Sample.Simple() with { Trials = new() { Designs = DesignChoice.Last } }, "A");
        rally.Counted("A", "30");
        rally.Trial("A", TrialOutcome.Counted, ["10"], design: "second");
        rally
            .Standing("A")
            .Why.ShouldContain(s =>
                s.Sentence
                == "The design that counts is “second”, the last one. The first design would have given 30.0."
            );
    }

    [Fact]
    public void Of_designs_with_the_same_total_the_tie_break_then_the_later_one_stands()
    {
        var brief = Sheets(DesignChoice.Best) with
        {
            Method = Sheets(DesignChoice.Best).Method with
            {
                Parts = [Sample.Part("height", new Curve.Rate(1))],
                TieBreaks = [Sample.TieBreak("fewer sheets", "sheets", Better.Less)],
            },
        };
        var rally = new Happening(brief, "A", "B");
        rally.Trial("A", TrialOutcome.Counted, ["30", "2"], design: Small);
        rally.Trial("A", TrialOutcome.Counted, ["30", "5"], design: Large);
        rally.Trial("B", TrialOutcome.Counted, ["30", "3"], design: Small);
        rally.Trial("B", TrialOutcome.Counted, ["30", "3"], design: Large);
        Counts(rally, "A").ShouldBe(Small);
        Counts(rally, "B").ShouldBe(Large);
    }

    [Fact]
    public void A_design_that_has_not_finished_does_not_stand_for_one_that_has_nor_sets_the_best()
    {
        var rally = new Happening(Sample.Simple(2, curve: new Curve.ShareOfBest(100)), "A", "B");
        foreach (var height in new[] { "20", "10" })
            rally.Trial("A", TrialOutcome.Counted, [height], design: Small);
        rally.Trial("A", TrialOutcome.Counted, ["80"], design: Large);
        foreach (var height in new[] { "40", "30" })
            rally.Counted("B", height);
        rally.Standings().Rows.Select(r => (r.Name, r.Total)).ShouldBe([("B", 100m), ("A", 50m)]);
    }

    /// <summary>
    /// The order of teams, and of designs that nothing but being later parts, changes nobody's points or place.
    /// </summary>
    [Fact]
    public void Permuting_teams_and_designs_changes_nothing()
    {
        var many = 0;
        for (var seed = 1; seed <= 400; seed++)
        {
            if (RandomRally.Draw(seed) is not { } drawn)
                continue;
            var random = new Random(seed);
            var designs = drawn
                .Entries.OfType<Entry.TrialRecorded>()
                .ToDictionary(t => t.Id, _ => $"design {random.Next(3)}");
            IReadOnlyList<Entry> entries =
            [
                .. drawn.Entries.Select(e =>
                    e is Entry.TrialRecorded trial ? trial with { Design = designs[e.Id] } : e
                ),
            ];
            many += drawn.Teams.Count(t =>
                entries
                    .OfType<Entry.TrialRecorded>()
                    .Where(e => e.Team == t.Id && e.Outcome == TrialOutcome.Counted)
                    .Select(e => e.Design)
                    .Distinct()
                    .Count() > 1
            );
            var rally = drawn with { Entries = entries };
            if (OpenedRally.Open(rally) is not { IsOk: true, Value: { } opened })
                continue;

            // A strike must stay behind what it strikes; everything else may come in any order, attempts by number.
            IReadOnlyList<Entry> shuffled =
            [
                .. entries.Where(e => e is not Entry.StruckOut).OrderBy(_ => random.Next()),
                .. entries.Where(e => e is Entry.StruckOut),
            ];
            var other = OpenedRally
                .Open(rally with { Entries = shuffled, Teams = [.. rally.Teams.Reverse()] })
                .OrThrow();
            for (var round = 1; round <= opened.Rounds; round++)
                Rows(other, round).ShouldBe(Rows(opened, round), $"seed {seed}, round {round}");
        }

        many.ShouldBeGreaterThan(100);
    }

    private static string Rows(OpenedRally opened, int round) =>
        string.Join(
            "\n",
            opened
                .Result(round)
                .Standings.Rows.OrderBy(r => r.Team.Value, StringComparer.Ordinal)
                .Select(r =>
                    $"{r.Name} {r.Status} {r.PlaceText} {r.TotalText} "
                    + $"{string.Join(" ", r.Parts.Select(p => p.PointsText))}"
                )
        );

    private static string Counts(Happening rally, string team) =>
        TeamSheet
            .For(OpenedRally.Open(rally.Rally).OrThrow(), new(team.ToLowerInvariant()), 1)!
            .Designs.Single(d => d.Counts)
            .Name;

    private static Brief Sheets(DesignChoice choice) =>
        Sample.Brief(
            [Sample.Height(), Sample.Count("sheets")],
            [
                Sample.Part("height", new Curve.Place([10, 4])),
                Sample.Part("sheets", new Curve.Rate(-2, 20), Better.Less, id: "spared"),
            ]
        ) with
        {
            Trials = new() { Designs = choice },
        };
}
