using CsCheck;

namespace PluckyRally.Core.Tests.Readings;

public sealed class ReadingFormatTests
{
    private static readonly Measure[] Measures =
    [
        Sample.Height(),
        Sample.Height(0.5m),
        Sample.Measure("span", MeasureKind.Length, unit: "in", step: 0.25m),
        Sample.Measure("span", MeasureKind.Length, unit: "ft", step: 0.0625m),
        Sample.Measure("time", MeasureKind.Duration, unit: "s", step: 0.1m),
        Sample.Measure("time", MeasureKind.Duration, unit: "min", step: 1),
        Sample.Measure("mass", MeasureKind.Mass, unit: "g", step: 0.1m),
        Sample.Measure("beads", MeasureKind.Count, unit: "beads"),
        Sample.Measure("cost", MeasureKind.Money, unit: "$", step: 0.01m),
        Sample.Measure("share", MeasureKind.Percent, unit: "%", step: 1),
        Sample.Measure("drift", MeasureKind.Number, step: 0.01m, negative: true),
    ];

    [Theory]
    [InlineData(0, 227, "227 cm")]
    [InlineData(1, 227.5, "227.5 cm")]
    [InlineData(2, 17.75, "17 3/4 in")]
    [InlineData(2, 0.5, "1/2 in")]
    [InlineData(2, 18, "18 in")]
    [InlineData(3, 6.125, "6 1/8 ft")]
    [InlineData(4, 95.4, "1:35.4")]
    [InlineData(4, 59.9, "59.9 s")]
    [InlineData(4, 3723, "1:02:03.0")]
    [InlineData(6, 37, "37.0 g")]
    [InlineData(8, 4.5, "$4.50")]
    [InlineData(9, 45, "45%")]
    [InlineData(10, -3, "−3.00")]
    public void Values_are_shown_as_the_class_reads_them(int measure, decimal value, string shown) =>
        ReadingFormat.Value(value, Measures[measure]).ShouldBe(shown);

    [Fact]
    public void A_bound_is_said_before_the_value() =>
        ReadingFormat.Reading(50, Bound.AtLeast, Sample.Height()).ShouldBe("at least 50 cm");

    [Fact]
    public void What_is_shown_is_read_back_as_the_same_value() =>
        Gen.Select(Gen.Int[0, Measures.Length - 1], Gen.Int[-20000, 20000])
            .Sample(
                (at, steps) =>
                {
                    var measure = Measures[at];
                    var value = measure.Step * (measure.Negative ? steps : Math.Abs(steps));
                    Sample.Parse(ReadingFormat.Value(value, measure), measure).Value.ShouldBe(value);
                }
            );

    [Theory]
    [InlineData(0.5, 1, 1)]
    [InlineData(-0.5, 1, -1)]
    [InlineData(0.25, 0.5, 0.5)]
    [InlineData(16.04, 0.1, 16.0)]
    [InlineData(31.25, 0.1, 31.3)]
    [InlineData(7, 5, 5)]
    [InlineData(-0.04, 0.1, 0)]
    public void Rounding_goes_half_away_from_zero(decimal value, decimal step, decimal rounded) =>
        Rounding.ToStep(value, step).ShouldBe(rounded);

    [Fact]
    public void A_value_that_rounds_to_zero_has_no_sign() =>
        ReadingFormat.Fixed(Rounding.ToStep(-0.04m, 0.1m), 1).ShouldBe("0.0");

    [Theory]
    [InlineData(5, 0)]
    [InlineData(0.1, 1)]
    [InlineData(0.25, 2)]
    public void Steps_show_so_many_decimals(decimal step, int decimals) => Rounding.Decimals(step).ShouldBe(decimals);
}
