using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>
/// Ways in which teachers score by hand, written down as data and worked out by hand here (common practice, no source).
/// </summary>
public sealed class OddIdeasTests
{
    [Fact]
    public void Distance_with_what_it_missed_the_line_by_taken_off()
    {
        var rally = new Happening(Sample.Brief([Length("far"), Length("off")], [Sample.Part("far - off")], 2), "A");
        rally.Counted("A", "3.10 m", "45");
        rally.Counted("A", "290", "12");
        rally.Standing("A").TotalText.ShouldBe("278.0");
    }

    [Fact]
    public void A_subtraction_can_go_below_zero()
    {
        var rally = new Happening(
            Sample.Brief([Sample.Number("hits"), Sample.Number("misses")], [Sample.Part("hits - 2 * misses")]),
            "A"
        );
        rally.Counted("A", "3", "4");
        rally.Standing("A").TotalText.ShouldBe("−5.0");
    }

    [Fact]
    public void Hits_out_of_ten()
    {
        var rally = new Happening(Sample.Simple(10, Combine.Successes), "A");
        for (var i = 0; i < 10; i++)
        {
            if (i % 3 == 0)
                rally.Failed("A");
            else
                rally.Counted("A", "1");
        }

        rally.Standing("A").Total.ShouldBe(6);
    }

    [Fact]
    public void The_tallest_with_fewer_sheets_deciding_a_tie_and_height_per_sheet_as_an_award()
    {
        var brief = Sample.Brief(
            [Sample.Height(), Sample.Count("sheets", "sheets", ReadOccasion.Once)],
            [Sample.Part("height")]
        );
        brief = brief with
        {
            Method = brief.Method with
            {
                TieBreaks = [Sample.TieBreak("Fewer sheets", "sheets", Better.Less)],
                Awards = [Sample.Award("thrift", "Thriftiest", "height / sheets")],
            },
        };
        var rally = new Happening(brief, "A", "B", "C");
        foreach (var (team, height, sheets) in new[] { ("A", "62", "9"), ("B", "62", "7"), ("C", "48", "4") })
        {
            rally.Counted(team, height);
            rally.Read(team, "sheets", sheets);
        }

        rally.Standings().Rows.Select(r => r.Name).ShouldBe(["B", "A", "C"]);
        rally.Standings().Awards[0].Says.ShouldBe("Thriftiest: C with 12.0 cm per sheet.");
    }

    [Fact]
    public void Least_force_with_faults_where_the_lowest_total_wins()
    {
        // 1.5 N and 5.25 N with two faults of 2 make 10.75.
        var brief = Sample.Brief(
            [
                Sample.Measure("lift", MeasureKind.Force, name: "Lift", unit: "N", step: 0.05m),
                Sample.Measure("pull", MeasureKind.Force, name: "Pull", unit: "N", step: 0.05m),
            ],
            [
                Sample.Part("lift + pull", better: Better.Less, failurePoints: 50),
                new Part.Tally
                {
                    Id = "faults",
                    Name = "Faults",
                    FailurePoints = 0,
                    Counters = [Sample.Counter("bend", "Bent back", points: 2, hurts: true)],
                },
            ]
        );
        brief = brief with { Method = brief.Method with { Wins = WinningDirection.Lowest, Precision = 0.01m } };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "1.5", "5.25");
        var bent = new Entry.Tallied
        {
            Id = rally.NextId(),
            Team = new("a"),
            Part = "faults",
            Counter = "bend",
            Count = 2,
        };
        var log = rally.Log.Append(rally.Offer(bent).OrThrow()).ToList();
        Sample.Came(rally.Compiled, rally.Teams, log).Standings.Rows[0].TotalText.ShouldBe("10.75");
    }

    [Fact]
    public void The_second_round_must_come_down_to_three_quarters_of_ones_own_first()
    {
        // 40 g cut to three quarters is 30 g.
        var rule = Sample.Limit("lighter", "mass", Comparison.AtMost, "", new Consequence.DoesNotPlace());
        rule = rule with { Check = (RuleCheck.Limit)rule.Check with { PercentOfLastRound = 75 } };
        var mass = Sample.Measure("mass", MeasureKind.Mass, name: "Mass", unit: "g", step: 1);
        var rally = new Happening(
            Sample.Brief([mass], [Sample.Part("mass", new Curve.Rate(-1, 100), Better.Less)], rules: [rule]),
            "A",
            "B"
        );
        foreach (var team in new[] { "A", "B" })
            rally.Counted(team, "40");
        rally.Round = 2;
        rally.Counted("A", "30");
        rally.Counted("B", "31");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
        rally.Standing("B").Status.ShouldBe(StandingStatus.DidNotPlace);
    }

    [Fact]
    public void Lightest_that_arrives_undamaged_with_levels_of_damage_as_a_gate()
    {
        var damage = new Measure
        {
            Id = "damage",
            Name = "Damage",
            Kind = MeasureKind.Level,
            Levels = ["whole", "cracked", "broken"],
            Taken = ReadOccasion.Once,
        };
        var mass = new Measure
        {
            Id = "mass",
            Name = "Mass",
            Kind = MeasureKind.Mass,
            Unit = "g",
            Step = 0.1m,
            Taken = ReadOccasion.Once,
        };
        var gate = Sample.Limit(
            "arrives",
            "damage",
            Comparison.AtMost,
            "cracked",
            new Consequence.FailurePoints("light"),
            CheckTime.AfterTest
        );
        var rally = new Happening(
            Sample.Brief(
                [damage, mass],
                [Sample.Part("mass", new Curve.Between(60, 20, 50), Better.Less, id: "light")],
                rules: [gate]
            ),
            "A",
            "B"
        );
        foreach (var (team, level) in new[] { ("A", "cracked"), ("B", "broken") })
        {
            rally.Read(team, "damage", level);
            rally.Read(team, "mass", "35");
        }

        rally.Standings().Rows.Select(r => (r.Name, r.TotalText)).ShouldBe([("A", "31.3"), ("B", "0.0")]);
    }

    [Fact]
    public void Sixty_centimetres_are_close_to_23_and_five_eighths_inches() =>
        ReadingFormat
            .Value(
                Sample.Parse("60 cm", Sample.Measure("l", MeasureKind.Length, unit: "in", step: 0.125m)).Value,
                Sample.Measure("l", MeasureKind.Length, unit: "in", step: 0.125m)
            )
            .ShouldBe("23 5/8 in");

    private static Measure Length(string id) => Sample.Height() with { Id = id, Name = id };
}
