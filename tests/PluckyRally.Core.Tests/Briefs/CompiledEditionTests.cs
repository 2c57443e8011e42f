using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Briefs;

public sealed class CompiledEditionTests
{
    [Fact]
    public void A_blank_brief_says_all_that_is_missing_at_once() =>
        Problems(new Brief()).ShouldBe(["/title", "/method/parts"], ignoreOrder: true);

    [Theory]
    [InlineData(MeasureKind.Length, "g", "/measures/height/unit")]
    [InlineData(MeasureKind.Length, "", "/measures/height/unit")]
    [InlineData(MeasureKind.Mass, "cm", "/measures/height/unit")]
    public void A_measure_needs_a_unit_of_its_kind(MeasureKind kind, string unit, string at) =>
        Problems(Sample.Simple() with { Measures = [Sample.Height() with { Kind = kind, Unit = unit }] })
            .ShouldContain(at);

    [Fact]
    public void A_limit_in_the_wrong_kind_of_unit_is_found_at_its_place()
    {
        var brief = Sample.Simple() with
        {
            Rules = [Sample.Limit("tall", "height", Comparison.AtLeast, "30 g", new Consequence.DoesNotPlace())],
        };
        var problem = CompiledEdition.For(new Edition { Brief = brief }).Problems.ShouldHaveSingleItem();
        problem.At.ShouldBe("/rules/tall/check/amount");
        problem.What.ShouldContain("g is a unit of mass");
    }

    [Fact]
    public void Names_that_are_too_long_are_found() =>
        Problems(Sample.Simple() with { Title = new string('x', 5000) }).ShouldBe(["/title"]);

    [Fact]
    public void Two_measures_cannot_share_an_id() =>
        Problems(Sample.Simple() with { Measures = [Sample.Height(), Sample.Height()] })
            .ShouldContain("/measures/height/id");

    [Fact]
    public void Where_the_lowest_total_wins_failure_points_must_be_written()
    {
        var brief = Sample.Simple(better: Better.Less, failureValue: 99);
        Problems(brief with { Method = brief.Method with { Wins = WinningDirection.Lowest } })
            .ShouldBe(["/method/parts/part/failurePoints"]);
    }

    [Fact]
    public void Where_less_is_better_a_failed_attempt_must_count_as_something() =>
        Problems(Sample.Simple(3, Combine.Mean, Better.Less)).ShouldBe(["/method/parts/part/failureValue"]);

    [Fact]
    public void Bands_must_rise() =>
        Problems(Sample.Simple(curve: new Curve.Bands([new(10, 1), new(10, 2)])))
            .ShouldBe(["/method/parts/part/curve/edges/1/from"]);

    [Fact]
    public void A_share_of_best_is_refused_where_less_is_better_and_values_can_be_negative() =>
        Problems(
                Sample.Brief(
                    [Sample.Number("drift", negative: true)],
                    [Sample.Part("drift", new Curve.ShareOfBest(10), Better.Less)]
                )
            )
            .ShouldBe(["/method/parts/part/curve"]);

    [Theory]
    [InlineData(0)]
    [InlineData(101)]
    [InlineData(-1)]
    public void Attempts_are_within_bounds(int attempts) =>
        Problems(Sample.Simple() with { Trials = new Trials { Attempts = attempts } })
            .ShouldContain("/trials/attempts");

    [Fact]
    public void A_rule_that_fails_an_attempt_must_be_checked_in_every_attempt() =>
        Problems(Sample.Simple() with { Rules = [Sample.Inspection("stand", new Consequence.AttemptDoesNotCount())] })
            .ShouldBe(["/rules/stand/when"]);

    private static IEnumerable<string> Problems(Brief brief) =>
        CompiledEdition.For(new Edition { Brief = brief }).Problems.Select(p => p.At);

    [Theory]
    [InlineData(60, 20, Better.Less, true)]
    [InlineData(60, 20, null, true)]
    [InlineData(60, 20, Better.More, false)]
    [InlineData(20, 20, Better.Less, false)]
    public void What_is_expected_may_run_downwards_where_less_is_better(
        int weakest,
        int best,
        Better? better,
        bool fine
    )
    {
        var brief = Sample.Simple() with
        {
            Measures = [Sample.Height() with { Better = better, Expected = new(weakest, best) }],
        };
        CompiledEdition
            .For(new Edition { Brief = brief })
            .Problems.Select(p => p.At)
            .ShouldBe(fine ? [] : ["/measures/height/expected/high"]);
    }
}
