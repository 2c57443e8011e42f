using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Tests.Statistics;

public sealed class SummaryTests
{
    private static readonly double[] Glides = [412, 388, 455, 430, 397, 441, 420, 436, 405, 428];

    [Fact]
    public void The_worked_example_of_ten_glides()
    {
        var summary = Of(Glides);
        summary.Mean.ShouldBe(421.2, 1e-12);
        summary.Median.ShouldBe(424);
        summary.Range.ShouldBe(67);
        summary.Modes.ShouldBeEmpty();
        summary.MeanAbsoluteDeviation.ShouldBe(16.8, 1e-12);
        summary.SampleDeviation!.Value.ShouldBe(20.8529, 5e-5);
        summary.PopulationDeviation.ShouldBe(19.7828, 5e-5);
        summary.Early.ShouldBeTrue();
        summary.ShapeCanBeJudged.ShouldBeTrue();
    }

    [Theory]
    [InlineData(QuartileMethod.HalvesWithoutMedian, 405, 436)]
    [InlineData(QuartileMethod.Inclusive, 406.75, 434.5)]
    [InlineData(QuartileMethod.Exclusive, 403, 437.25)]
    public void Quartiles_as_the_class_is_taught(QuartileMethod method, double lower, double upper)
    {
        var summary = Of(Glides, method);
        summary.LowerQuartile.ShouldBe(lower, 1e-12);
        summary.UpperQuartile.ShouldBe(upper, 1e-12);
        summary.InterquartileRange.ShouldBe(upper - lower, 1e-12);
    }

    [Fact]
    public void The_middle_of_an_odd_number_is_in_both_halves_or_in_neither()
    {
        Of([1, 2, 3, 4, 5]).LowerQuartile.ShouldBe(1.5);
        Of([1, 2, 3, 4, 5], QuartileMethod.HalvesWithMedian).LowerQuartile.ShouldBe(2);
    }

    [Fact]
    public void Every_mode_or_none()
    {
        Of([1, 2, 2, 3, 3]).Modes.ShouldBe([2, 3]);
        Of([1, 2, 3]).Modes.ShouldBeEmpty();
        Of([4, 4]).Modes.ShouldBeEmpty();
    }

    [Fact]
    public void Nothing_has_no_summary_and_one_reading_has_no_deviation_of_a_sample()
    {
        Summary.Of([]).ShouldBeNull();
        var one = Of([7]);
        one.SampleDeviation.ShouldBeNull();
        one.LowerQuartile.ShouldBe(7);
    }

    [Fact]
    public void Bounded_readings_stand_at_their_value_and_are_counted() =>
        Summary
            .Of([
                new BoundedValue(3),
                new BoundedValue(5, Bound.AtLeast),
                BoundedValue.None(new Absence.NotRead(Sample.Height())),
            ])!
            .ShouldSatisfyAllConditions(s => s.Count.ShouldBe(2), s => s.Bounded.ShouldBe(1), s => s.Mean.ShouldBe(4));

    // NIST Statistical Reference Datasets, univariate summary statistics; certified values from memory. Michelso's data
    // are those of R's datasets::morley, plus 299000, in thousands.
    [Fact]
    public void Michelson_comes_out_at_the_certified_values()
    {
        var summary = Of([
            .. ReferenceFile.Lines("r-morley.csv").Select(l => (ReferenceFile.Number(l[0]) + 299_000) / 1000),
        ]);
        summary.Count.ShouldBe(100);
        summary.Mean.ShouldBe(299.852400000000, 1e-11);
        summary.SampleDeviation!.Value.ShouldBe(0.0790105478190518, 1e-11);
    }

    [Theory]
    [InlineData(10_000_001, 10_000_003, 10_000_002, 0, 10_000_002, 1, 1e-9)]
    [InlineData(1.2, 1.1, 1.3, 500, 1.2, 0.1, 1e-13)]
    [InlineData(1_000_000.2, 1_000_000.1, 1_000_000.3, 500, 1_000_000.2, 0.1, 1e-8)]
    [InlineData(10_000_000.2, 10_000_000.1, 10_000_000.3, 500, 10_000_000.2, 0.1, 1e-7)]
    public void NumAcc1_to_4_come_out_at_the_certified_values(
        double first,
        double low,
        double high,
        int pairs,
        double mean,
        double deviation,
        double tolerance
    )
    {
        var values =
            pairs == 0
                ? [first, low, high]
                : Enumerable.Repeat(new[] { low, high }, pairs).SelectMany(p => p).Prepend(first).ToArray();
        var summary = Of(values);
        summary.Mean.ShouldBe(mean, tolerance);
        summary.SampleDeviation!.Value.ShouldBe(deviation, tolerance);
    }

    [Fact]
    public void Summaries_are_those_of_R()
    {
        var sets = QuantileSets();
        foreach (var line in ReferenceFile.Lines("r-summaries.csv"))
        {
            var summary = Of(sets[line[0]]);
            summary.Mean.ShouldBe(ReferenceFile.Number(line[1]), 1e-11, $"set {line[0]}");
            summary.Median.ShouldBe(ReferenceFile.Number(line[2]), 1e-11, $"set {line[0]}");
            summary.MeanAbsoluteDeviation.ShouldBe(ReferenceFile.Number(line[3]), 1e-11, $"set {line[0]}");
            if (line[4] != "NA")
                summary.SampleDeviation!.Value.ShouldBe(ReferenceFile.Number(line[4]), 1e-11, $"set {line[0]}");
        }
    }

    [Fact]
    public void Quantiles_of_all_nine_types_are_those_of_R()
    {
        var sets = QuantileSets();
        var checks = ReferenceFile.Lines("r-quantiles.csv").Where(l => l[0] != "set").ToList();
        checks.Count.ShouldBe(sets.Count * 9 * 7);
        foreach (var line in checks)
        {
            double[] sorted = [.. sets[line[0]].Order()];
            Quartiles
                .Quantile(sorted, ReferenceFile.Number(line[2]), int.Parse(line[1]))
                .ShouldBe(ReferenceFile.Number(line[3]), 1e-11, string.Join(",", line));
        }
    }

    private static Dictionary<string, double[]> QuantileSets() =>
        ReferenceFile
            .Lines("r-quantiles.csv")
            .Where(l => l[0] == "set")
            .ToDictionary(l => l[1], l => ReferenceFile.Numbers(l[2]));

    private static Summary Of(double[] values, QuartileMethod method = QuartileMethod.HalvesWithoutMedian) =>
        Summary.Of([.. values.Select(v => new BoundedValue((decimal)v))], method)!;
}
