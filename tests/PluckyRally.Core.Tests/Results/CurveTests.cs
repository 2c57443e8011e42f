using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Results;

/// <summary>The curves with the examples of the method's description, as a whole rally works them out.</summary>
public sealed class CurveTests
{
    [Theory]
    [InlineData("43", 86)]
    [InlineData("60", 100)]
    public void Rate_with_a_cap(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.Rate(2)) with { Cap = 100 }, typed).ShouldBe(points);

    [Fact]
    public void Rate_with_a_start_and_a_floor() =>
        Points(Sample.Part("v", new Curve.Rate(-3, 10)) with { Floor = 0 }, "5").ShouldBe(0);

    [Theory]
    [InlineData("20", 8)]
    [InlineData("19.9", 5)]
    [InlineData("10", 5)]
    [InlineData("9.9", 0)]
    public void Bands_include_their_lower_edge(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.Bands([new(10, 5), new(20, 8)])), typed).ShouldBe(points);

    [Theory]
    [InlineData("35", 31.25)]
    [InlineData("60", 0)]
    [InlineData("70", 0)]
    [InlineData("20", 50)]
    [InlineData("5", 50)]
    public void Between_is_a_straight_line_and_stops_at_its_ends(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.Between(60, 20, 50), Better.Less), typed, precision: 0.01m).ShouldBe(points);

    [Theory]
    [InlineData("20", 0)]
    [InlineData("24.9", 0)]
    [InlineData("25", 2)]
    [InlineData("34.9", 4)]
    [InlineData("3", 0)]
    public void Full_steps_count_when_they_are_completed(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.FullSteps(20, 5, 2)), typed).ShouldBe(points);

    [Theory]
    [InlineData("20", 0)]
    [InlineData("15.1", 0)]
    [InlineData("15", 2)]
    [InlineData("0", 8)]
    public void Full_steps_can_go_down(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.FullSteps(20, 5, 2, Down: true), Better.Less), typed).ShouldBe(points);

    [Theory]
    [InlineData("27+", false, Bound.AtLeast)]
    [InlineData("12+", false, Bound.AtLeast)]
    [InlineData("12-", false, Bound.Exact)]
    [InlineData("12+", true, Bound.AtMost)]
    [InlineData("27+", true, Bound.Exact)]
    public void A_bound_travels_through_full_steps_and_stops_where_there_are_none(string typed, bool down, Bound bound)
    {
        var rally = new Happening(Sample.Simple(curve: new Curve.FullSteps(20, 5, 2, down)), "A");
        rally.Counted("A", typed);
        rally.Standing("A").Bound.ShouldBe(bound);
    }

    [Fact]
    public void Full_steps_say_how_many_and_a_step_of_nothing_is_refused()
    {
        var rally = new Happening(Sample.Simple(curve: new Curve.FullSteps(20, 5, 1)), "A");
        rally.Counted("A", "33");
        rally.Standing("A").Why.ShouldContain(s => s.Sentence == "2 full steps of 5 cm above 20 cm: 2 × 1 = 2.");
        MethodWords.Say(rally.Compiled)[0].ShouldContain("1 point for each full 5 cm above 20 cm");
        CompiledEdition
            .For(new Edition { Brief = Sample.Simple(curve: new Curve.FullSteps(20, 0, 1)) })
            .Problems.ShouldHaveSingleItem()
            .At.ShouldBe("/method/parts/part/curve/each");
    }

    [Theory]
    [InlineData("2.6", 16)]
    [InlineData("3.0", 20)]
    [InlineData("3.4", 16)]
    [InlineData("9.0", 0)]
    public void Target_counts_what_it_is_off(string typed, decimal points) =>
        Points(Sample.Part("v", new Curve.Target(3, 20, 10)), typed).ShouldBe(points);

    [Fact]
    public void Raw_is_the_value_itself() => Points(Sample.Part("v"), "12.3").ShouldBe(12.3m);

    [Theory]
    [InlineData(PlaceTies.BetterPlace, 10, 10, 6, 0)]
    [InlineData(PlaceTies.ShareMean, 9, 9, 6, 0)]
    public void Places_share_by_the_briefs_choice(
        PlaceTies ties,
        decimal first,
        decimal second,
        decimal third,
        decimal fourth
    ) =>
        PointsOf(Sample.Part("v", new Curve.Place([10, 8, 6], ties)), "5", "5", "4", "3")
            .ShouldBe([first, second, third, fourth]);

    [Fact]
    public void Places_tie_at_the_shown_precision_of_a_mean()
    {
        // Means of 10.25 and 10.34 are both shown as 10.3 where readings have no decimals.
        var rally = new Happening(
            Sample.Brief([Sample.Number("v")], [Sample.Part("v", new Curve.Place([10, 8]), combine: Combine.Mean)], 3),
            "A",
            "B"
        );
        foreach (var typed in new[] { "10", "10", "11" })
            rally.Counted("A", typed);
        foreach (var typed in new[] { "11", "10", "10" })
            rally.Counted("B", typed);
        rally.Standings().Rows.Select(r => r.Total).ShouldBe([10, 10]);
    }

    [Fact]
    public void A_share_of_the_best_where_less_is_better() =>
        PointsOf(Sample.Part("v", new Curve.ShareOfBest(100), Better.Less), "24", "40").ShouldBe([100, 60]);

    [Fact]
    public void Those_at_zero_take_all_where_the_best_is_zero() =>
        PointsOf(Sample.Part("v", new Curve.ShareOfBest(100), Better.Less), "0", "0", "7").ShouldBe([100, 100, 0]);

    [Fact]
    public void A_share_of_the_best_where_more_is_better_never_goes_below_zero() =>
        PointsOf(Sample.Part("v", new Curve.ShareOfBest(100)), "50", "25", "-5").ShouldBe([100, 50, 0]);

    [Fact]
    public void No_share_where_the_best_is_not_above_zero() =>
        PointsOf(Sample.Part("v", new Curve.ShareOfBest(100)), "-1", "-5").ShouldBe([0, 0]);

    /// <summary>
    /// Points for the best that are taken off would put the best team last; a brief that asks for it is told so while
    /// it is written.
    /// </summary>
    [Fact]
    public void A_share_of_fewer_than_no_points_is_refused_and_looked_at_without_stumbling()
    {
        var brief = Sample.Brief(
            [Sample.Height()],
            [
                Sample.Part("height", new Curve.ShareOfBest(-1)),
                Sample.Part("height", new Curve.Rate(1)) with
                {
                    Id = "other",
                },
            ]
        );
        CompiledEdition
            .For(new Edition { Brief = brief })
            .Problems.ShouldContain(p => p.At.EndsWith("/curve/points", StringComparison.Ordinal));
        Snags.Of(brief).ShouldContain(s => s.At.EndsWith("/curve/points", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("50", "36", Better.Less, 28)]
    [InlineData("50", "60", Better.Less, -20)]
    [InlineData("50", "60", Better.More, 20)]
    public void Improvement_is_by_percent_of_the_round_before(string before, string now, Better better, decimal points)
    {
        var rally = new Happening(
            Sample.Brief([Sample.Number("v")], [Sample.Part("v", new Curve.Improvement(1), better)]),
            "A"
        );
        rally.Counted("A", before);
        rally.Round = 2;
        rally.Counted("A", now);
        rally.Standing("A").Total.ShouldBe(points);
    }

    [Fact]
    public void Improvement_on_nothing_or_on_zero_has_no_value_and_says_why()
    {
        var rally = new Happening(
            Sample.Brief([Sample.Number("v")], [Sample.Part("v", new Curve.Improvement(1), failurePoints: 3)]),
            "A"
        );
        rally.Counted("A", "0");
        rally
            .Standing("A")
            .ShouldSatisfyAllConditions(
                s => s.Total.ShouldBe(3),
                s => s.Why.ShouldContain(w => w.Sentence.Contains("no earlier round", StringComparison.Ordinal))
            );
        rally.Round = 2;
        rally.Counted("A", "5");
        rally
            .Standing("A")
            .Why.ShouldContain(w => w.Sentence.Contains("earlier value is zero", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("5+", 10, Bound.AtLeast)]
    [InlineData("50+", 40, Bound.Exact)]
    [InlineData("5-", 10, Bound.AtMost)]
    public void A_bound_stops_where_the_points_are_capped(string typed, decimal points, Bound bound)
    {
        var rally = new Happening(
            Sample.Brief([Sample.Number("v")], [Sample.Part("v", new Curve.Rate(2)) with { Cap = 40 }]),
            "A"
        );
        rally.Counted("A", typed);
        rally.Standing("A").ShouldSatisfyAllConditions(s => s.Total.ShouldBe(points), s => s.Bound.ShouldBe(bound));
    }

    private static decimal? Points(Part part, string typed, decimal precision = 0.1m)
    {
        var brief = Sample.Brief([Sample.Number("v", 0.1m)], [part]);
        var rally = new Happening(brief with { Method = brief.Method with { Precision = precision } }, "A");
        rally.Counted("A", typed);
        return rally.Standing("A").Total;
    }

    private static IEnumerable<decimal?> PointsOf(Part part, params string[] typed)
    {
        var rally = new Happening(
            Sample.Brief([Sample.Number("v", negative: typed.Any(t => t.StartsWith('-')))], [part]),
            [.. typed.Select((_, i) => $"{(char)('A' + i)}")]
        );
        for (var i = 0; i < typed.Length; i++)
            rally.Counted($"{(char)('A' + i)}", typed[i]);
        return [.. rally.Standings().Rows.OrderBy(r => r.Name).Select(r => r.Total)];
    }
}
