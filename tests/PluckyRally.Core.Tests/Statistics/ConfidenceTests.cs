using System.Globalization;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Statistics;

public sealed class ConfidenceTests
{
    private static readonly Brief Means = Sample.Brief(
        [Sample.Height()],
        [Sample.Part("height", combine: Combine.Mean)],
        2
    );

    [Fact]
    public void Means_of_two_readings_half_a_step_apart()
    {
        // Readings of 1 cm step lie evenly within ±0.5 (JCGM 100:2008, 4.3.7). The difference of the sums of two
        // readings each is Irwin and Hall's sum of four uniforms; 40.5 stays ahead of 40.0 with the chance 23/24.
        var rally = new Happening(Means, "A", "B");
        rally.Counted("A", "40");
        rally.Counted("A", "41");
        rally.Counted("B", "40");
        rally.Counted("B", "40");
        var confidence = Of(rally, 20_000);
        confidence.Teams[0].Name.ShouldBe("A");
        confidence.Teams[0].Places[0].ShouldBe(23.0 / 24, 0.006);
        confidence.Teams.ShouldAllBe(t => Math.Abs(t.Places.Sum() - 1) < 1e-9);
        confidence.TooClose.ShouldBeFalse();
    }

    [Fact]
    public void Equal_readings_are_as_likely_either_way_and_too_close_to_call()
    {
        var rally = new Happening(Sample.Simple(), "A", "B");
        rally.Counted("A", "40");
        rally.Counted("B", "40");
        var confidence = Of(rally, 4000);
        confidence.Teams[0].Places[0].ShouldBe(0.5, 0.04);
        confidence.TooClose.ShouldBeTrue();
        confidence.Says.ShouldContain("Measure height again");
    }

    [Fact]
    public void Counts_are_exact_and_ties_split_the_place()
    {
        var rally = new Happening(Sample.Brief([Sample.Count("beads")], [Sample.Part("beads")]), "A", "B");
        rally.Counted("A", "40");
        rally.Counted("B", "40");
        Of(rally, 100).Teams[0].Places.ShouldBe([0.5, 0.5]);
    }

    [Fact]
    public void A_load_lies_between_the_last_one_held_and_the_next_one_tried()
    {
        // A held 100 and failed at 120; B held 110, exactly: A is ahead in half of all draws.
        var load = new Measure
        {
            Id = "load",
            Name = "Load",
            Kind = MeasureKind.Mass,
            Unit = "g",
            Step = 1,
            LoadTest = true,
        };
        var rally = new Happening(Sample.Brief([load], [Sample.Part("load")]), "A", "B");
        var entries = new[] { ("a", "100", 120m), ("b", "110", 110m) }.Select(e =>
            (Entry)
                new Entry.TrialRecorded
                {
                    Id = rally.NextId(),
                    Team = new(e.Item1),
                    Outcome = TrialOutcome.Counted,
                    Readings =
                    [
                        new Reading
                        {
                            Measure = "load",
                            Typed = e.Item2,
                            NextTried = e.Item3,
                        },
                    ],
                }
        );
        var opened = OpenedRally.Open(rally.Rally with { Entries = [.. entries] }).OrThrow();
        Confidence.Of(opened, 1, 4000).Teams.Single(t => t.Name == "A").Places[0].ShouldBe(0.5, 0.04);
    }

    [Fact]
    public void Gates_within_half_a_step_are_drawn_too()
    {
        // At 30 cm against a limit of at most 30 cm, half of all draws miss it.
        var brief = Sample.Simple() with
        {
            Rules = [Sample.Limit("low", "height", Comparison.AtMost, "30 cm", new Consequence.DoesNotPlace())],
        };
        var rally = new Happening(brief, "A", "B");
        rally.Counted("A", "30");
        rally.Counted("B", "20");
        Of(rally, 4000).Teams[0].Places[0].ShouldBe(0.5, 0.04);
    }

    [Fact]
    public void The_same_seed_gives_the_same_chances()
    {
        var rally = new Happening(Sample.Simple(), "A", "B");
        rally.Counted("A", "40");
        rally.Counted("B", "41");
        Of(rally, 500).Teams[0].Places.ShouldBe(Of(rally, 500).Teams[0].Places);
    }

    [Fact]
    public void One_team_alone_is_sure_of_its_place()
    {
        var rally = new Happening(Sample.Simple(), "A", "B");
        rally.Counted("A", "40");
        Of(rally, 10).Teams.ShouldHaveSingleItem().Places.ShouldBe([1]);
    }

    [Theory]
    [InlineData(Combine.Best, Better.More, false)]
    [InlineData(Combine.Mean, Better.More, false)]
    [InlineData(Combine.Median, Better.Less, false)]
    [InlineData(Combine.BestMean, Better.Less, false)]
    [InlineData(Combine.Best, Better.More, true)]
    [InlineData(Combine.Mean, Better.Less, true)]
    [InlineData(Combine.Successes, Better.More, true)]
    public void The_quick_way_gives_the_chances_of_the_whole_way(Combine combine, Better better, bool limited)
    {
        var brief = Sample.Brief(
            [
                Sample.Height(),
                Sample.Height(0.5m) with
                {
                    Id = "width",
                    Taken = ReadOccasion.Once,
                },
                Sample.Count("beads"),
            ],
            [
                Sample.Part("height / width", new Curve.Rate(10), better, combine, "ratio", failureValue: 3) with
                {
                    BestOf = 2,
                },
                Sample.Part("height", new Curve.Between(10, 90, 20), id: "height") with
                {
                    Weight = 2,
                    Cap = 14,
                },
                Sample.Part("beads", new Curve.Bands([new(3, 1), new(5, 4)]), combine: Combine.Sum, id: "beads"),
            ],
            3,
            [
                Sample.Inspection("float", new Consequence.Deduct(1)),
                .. limited
                    ? new[]
                    {
                        Sample.Limit(
                            "tall",
                            "height",
                            Comparison.AtLeast,
                            "50 cm",
                            new Consequence.AttemptDoesNotCount(),
                            CheckTime.EveryAttempt
                        ),
                    }
                    : [],
            ]
        );
        brief = brief with
        {
            Method = brief.Method with
            {
                Parts =
                [
                    .. brief.Method.Parts.Select(p =>
                        p.Id == "height" ? p with { Id = "tall" }
                        : p.Id == "beads" ? p with { Id = "load" }
                        : p
                    ),
                ],
            },
        };
        var rally = new Happening(brief, "A", "B", "C");
        foreach (var (team, i) in rally.Teams.Select((t, i) => (t.Name, i)))
        {
            rally.Counted(team, $"{50 + i}", "3");
            rally.Failed(team);
            rally.Counted(team, $"{51 - i}", "2");
            rally.Read(team, "width", $"{20 + (i * 0.5m)}");
            rally.Checked(team, "float", met: i != 1);
        }

        var opened = OpenedRally.Open(rally.Rally).OrThrow();
        var placed = opened.Result(1).Teams;
        var quick = Confidence.Count(
            QuickRedraw.For(opened.In(1).Compiled, placed, 7)!,
            3,
            4000,
            WinningDirection.Highest
        );
        var whole = Confidence.Count(
            new Redraw(opened.In(1), [.. placed.Select(p => p.Team.Id)], opened.Stands, 8),
            3,
            4000,
            WinningDirection.Highest
        );
        for (var team = 0; team < 3; team++)
        {
            for (var place = 0; place < 3; place++)
                quick[team][place].ShouldBe(whole[team][place], 0.05);
        }
    }

    [Fact]
    public void A_rule_that_a_draw_could_turn_is_scored_the_whole_way()
    {
        Quick("30").ShouldBeFalse();
        Quick("28").ShouldBeTrue();

        static bool Quick(string typed)
        {
            var rally = new Happening(
                Sample.Simple() with
                {
                    Rules = [Sample.Limit("low", "height", Comparison.AtMost, "30 cm", new Consequence.DoesNotPlace())],
                },
                "A",
                "B"
            );
            rally.Counted("A", typed);
            rally.Counted("B", "20");
            return QuickRedraw.For(rally.Compiled, Sample.Came(rally.Compiled, rally.Teams, rally.Log).Teams, 1)
                is not null;
        }
    }

    [Fact]
    public void An_attempt_that_a_draw_could_fail_can_turn_other_rules_and_is_then_scored_the_whole_way()
    {
        Quick("20").ShouldBeFalse();
        Quick("30").ShouldBeTrue();

        static bool Quick(string typed)
        {
            Rule[] rules =
            [
                Sample.Limit(
                    "each",
                    "height",
                    Comparison.AtLeast,
                    "20 cm",
                    new Consequence.AttemptDoesNotCount(),
                    CheckTime.EveryAttempt
                ),
                Sample.Limit(
                    "best",
                    "height",
                    Comparison.AtLeast,
                    "15 cm",
                    new Consequence.DoesNotPlace(),
                    CheckTime.AfterTest
                ),
            ];
            var rally = new Happening(Sample.Simple() with { Rules = rules }, "A", "B");
            rally.Counted("A", typed);
            rally.Counted("B", "40");
            return QuickRedraw.For(rally.Compiled, Sample.Came(rally.Compiled, rally.Teams, rally.Log).Teams, 1)
                is not null;
        }
    }

    private static Confidence Of(Happening rally, int draws) =>
        Confidence.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, draws);

    /// <summary>
    /// The pooled deviation against one worked out by hand: 10, 14 and 20, 22 give squares of 8 and 2 over two degrees
    /// of
    /// freedom, so the root of 5.
    /// </summary>
    [Fact]
    public void What_another_day_would_give_is_said_from_the_attempts_within_teams()
    {
        var rally = new Happening(Sample.Simple(2), "Terns", "Whelks");
        foreach (var (team, typed) in new[] { ("Terns", "10"), ("Terns", "14"), ("Whelks", "20"), ("Whelks", "22") })
            rally.Counted(team, typed);
        var placed = RoundResult.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1).Teams;
        AttemptSpread.Of(rally.Compiled, placed).Single().Deviation.ShouldBe(2.23607m, 0.00001m);
        Confidence
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, draws: 100)
            .AnotherDay[1]
            .ShouldStartWith("part: one team’s attempts differ by about 2.2 cm");
    }

    [Fact]
    public void With_one_attempt_each_it_is_not_known()
    {
        var rally = new Happening(Sample.Simple(), "Terns", "Whelks");
        rally.Counted("Terns", "10");
        rally.Counted("Whelks", "20");
        Confidence
            .Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, draws: 100)
            .AnotherDay.ShouldHaveSingleItem()
            .ShouldContain("is not known");
    }

    /// <summary>
    /// Means of two attempts each, of which the pooled deviation is s: the difference of another day lies normally
    /// about today's, with variance 2 s² (1/2 + 1/2). The normal distribution is MathNet's.
    /// </summary>
    [Theory]
    [InlineData("20", "22", 1.0)]
    [InlineData("14", "18", 1.0)]
    [InlineData("11", "15", 0.5)]
    public void Another_day_is_drawn_about_what_each_team_showed(string one, string other, double weight)
    {
        var simple = Sample.Simple(2);
        var part = (Part.Measured)simple.Method.Parts[0];
        var rally = new Happening(
            simple with
            {
                Method = simple.Method with
                {
                    Parts = [part with { Combine = Combine.Mean, Weight = (decimal)weight }],
                },
            },
            "Terns",
            "Whelks"
        );
        foreach (var (team, typed) in new[] { ("Terns", "10"), ("Terns", "14"), ("Whelks", one), ("Whelks", other) })
            rally.Counted(team, typed);
        var sure = Confidence.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1);
        var deviation = (double)
            AttemptSpread
                .Of(rally.Compiled, RoundResult.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1).Teams)
                .Single()
                .Deviation;
        var ahead =
            ((double.Parse(one, CultureInfo.InvariantCulture) + double.Parse(other, CultureInfo.InvariantCulture)) / 2)
            - 12;
        var expected = MathNet.Numerics.Distributions.Normal.CDF(0, deviation * Math.Sqrt(2), ahead);
        sure.OnAnotherDay.Single(t => t.Name == "Whelks").Places[0].ShouldBe(expected, 0.015);
        sure.AnotherDay[^1].ShouldStartWith("With attempts that differ so much, Whelks would come first on ");
    }

    /// <summary>The best of more attempts is more on another day too, though the means are the same.</summary>
    [Fact]
    public void Another_day_is_combined_in_the_parts_own_way()
    {
        var simple = Sample.Simple(4);
        var rally = new Happening(simple with { Trials = simple.Trials with { Minimum = 2 } }, "Terns", "Whelks");
        foreach (var typed in new[] { "10", "14", "10", "14" })
            rally.Counted("Terns", typed);
        foreach (var typed in new[] { "10", "14" })
            rally.Counted("Whelks", typed);
        var run = OpenedRally.Open(rally.Rally).OrThrow();
        var placed = RoundResult.Of(run, 1).Teams;
        var compiled = run.In(1).Compiled;
        var day = AnotherDay.For(compiled, placed, AttemptSpread.Of(compiled, placed), 1)!;
        Confidence.Count(day, 2, 10_000, WinningDirection.Highest)[0][0].ShouldBeInRange(0.58, 0.7);
    }

    [Fact]
    public void Where_points_come_by_place_another_day_is_not_drawn()
    {
        var simple = Sample.Simple(2);
        var rally = new Happening(
            simple with
            {
                Method = simple.Method with
                {
                    Parts = [((Part.Measured)simple.Method.Parts[0]) with { Curve = new Curve.Place([5, 3]) }],
                },
            },
            "Terns",
            "Whelks"
        );
        foreach (var (team, typed) in new[] { ("Terns", "10"), ("Terns", "14"), ("Whelks", "20"), ("Whelks", "22") })
            rally.Counted(team, typed);
        var sure = Confidence.Of(OpenedRally.Open(rally.Rally).OrThrow(), 1, draws: 100);
        sure.OnAnotherDay.ShouldBeEmpty();
        sure.AnotherDay[^1].ShouldContain("is not calculated here");
    }
}
