using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

public sealed class CombiningTests
{
    [Theory]
    [InlineData(Combine.Best, 30)]
    [InlineData(Combine.Worst, 0)]
    [InlineData(Combine.Mean, 15)]
    [InlineData(Combine.Median, 15)]
    [InlineData(Combine.Sum, 60)]
    [InlineData(Combine.First, 20)]
    [InlineData(Combine.Last, 30)]
    [InlineData(Combine.BestMean, 25)]
    [InlineData(Combine.Successes, 3)]
    public void Three_counted_and_one_failed(Combine combine, decimal total)
    {
        var brief = Sample.Simple(4, combine);
        brief = brief with
        {
            Method = brief.Method with
            {
                Parts =
                [
                    Sample.Part("height", combine: combine) with
                    {
                        BestOf = combine == Combine.BestMean ? 2 : null,
                    },
                ],
            },
        };
        var rally = new Happening(brief, "A");
        rally.Counted("A", "20");
        rally.Failed("A");
        rally.Counted("A", "10");
        rally.Counted("A", "30");
        rally.Standing("A").Total.ShouldBe(total);
    }

    [Fact]
    public void A_failed_attempt_counts_at_its_written_value_where_less_is_better()
    {
        var rally = new Happening(Sample.Simple(2, Combine.Mean, Better.Less, new Curve.Raw(), failureValue: 90), "A");
        rally.Counted("A", "30");
        rally.Failed("A");
        rally.Standing("A").Total.ShouldBe(60);
    }

    [Fact]
    public void Void_attempts_are_done_again()
    {
        var rally = new Happening(Sample.Simple(1), "A");
        rally.Void("A");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Counted("A", "20");
        rally.Standing("A").Total.ShouldBe(20);
    }

    [Fact]
    public void No_counted_attempt_gives_the_failure_points()
    {
        var rally = new Happening(Sample.Brief([Sample.Height()], [Sample.Part("height", failurePoints: 2)], 2), "A");
        rally.Failed("A");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Failed("A");
        rally
            .Standing("A")
            .ShouldSatisfyAllConditions(s => s.Status.ShouldBe(StandingStatus.Placed), s => s.Total.ShouldBe(2));
    }

    [Fact]
    public void Fewer_attempts_than_the_minimum_leave_the_team_unfinished()
    {
        var rally = new Happening(
            Sample.Simple(5) with
            {
                Trials = new Trials { Attempts = 5, Minimum = 2 },
            },
            "A"
        );
        rally.Counted("A", "20");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Unfinished);
        rally.Failed("A");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Placed);
    }

    [Fact]
    public void Fewer_counted_attempts_than_the_mean_of_the_best_needs_leave_the_team_unfinished()
    {
        var rally = new Happening(
            Sample.Brief([Sample.Height()], [Sample.Part("height", combine: Combine.BestMean) with { BestOf = 2 }], 3),
            "A"
        );
        rally.Counted("A", "20");
        rally.Failed("A");
        rally.Failed("A");
        rally.Standing("A").Status.ShouldBe(StandingStatus.Unfinished);
    }

    [Fact]
    public void A_trial_that_needs_a_decision_leaves_the_team_unfinished()
    {
        var rally = new Happening(Sample.Simple(1), "A");
        rally.Waiting("A", "20");
        rally.Standing("A").Reason.ShouldContain("needs a decision");
    }

    [Fact]
    public void The_same_attempt_read_twice_is_the_mean_of_its_readings()
    {
        var rally = new Happening(Sample.Simple(1), "A");
        rally.Trial("A", TrialOutcome.Counted, ["20"], attempt: 1);
        rally.Trial("A", TrialOutcome.Counted, ["23"], attempt: 1);
        rally.Standing("A").Total.ShouldBe(21.5m);
    }

    [Fact]
    public void Practice_control_and_benchmark_are_never_scored()
    {
        var rally = new Happening(Sample.Simple(1), "A");
        foreach (var purpose in new[] { Purpose.Practice, Purpose.Control, Purpose.Benchmark })
            rally.Trial("A", TrialOutcome.Counted, ["99"], purpose: purpose);
        rally.Counted("A", "20");
        rally.Standing("A").Total.ShouldBe(20);
    }

    [Theory]
    [InlineData(DesignChoice.Best, 30)]
    [InlineData(DesignChoice.Last, 10)]
    public void Which_design_counts_is_the_briefs_choice(DesignChoice choice, decimal total)
    {
        var rally = new Happening(Sample.Simple() with { Trials = new Trials { Designs = choice } }, "A");
        rally.Trial("A", TrialOutcome.Counted, ["30"], design: "short arm");
        rally.Trial("A", TrialOutcome.Counted, ["10"], design: "long arm");
        rally.Standing("A").Total.ShouldBe(total);
    }

    [Fact]
    public void At_least_travels_through_the_mean()
    {
        var rally = new Happening(Sample.Simple(2, Combine.Mean), "A");
        rally.Counted("A", "20");
        rally.Counted("A", "30+");
        rally.Standing("A").TotalText.ShouldBe("at least 25.0");
    }

    [Fact]
    public void A_bound_that_cannot_move_the_median_does_not_mark_it()
    {
        var rally = new Happening(Sample.Simple(3, Combine.Median), "A");
        rally.Counted("A", "20");
        rally.Counted("A", "10");
        rally.Counted("A", "30+");
        rally.Standing("A").TotalText.ShouldBe("20.0");
    }
}
