using CsCheck;

namespace PluckyRally.Core.Tests.Readings;

public sealed class ReadingParserTests
{
    private static readonly Measure Centimetres = Sample.Height();
    private static readonly Measure Feet = Sample.Measure(
        "span",
        MeasureKind.Length,
        name: "Span",
        unit: "ft",
        step: 0.125m
    );
    private static readonly Measure Inches = Sample.Measure(
        "span",
        MeasureKind.Length,
        name: "Span",
        unit: "in",
        step: 0.25m
    );
    private static readonly Measure Seconds = Sample.Measure(
        "time",
        MeasureKind.Duration,
        name: "Time",
        unit: "s",
        step: 0.1m
    );
    private static readonly Measure Grams = Sample.Measure(
        "mass",
        MeasureKind.Mass,
        name: "Mass",
        unit: "g",
        step: 0.1m
    );

    [Theory]
    [InlineData("184", 184)]
    [InlineData(" 184 cm ", 184)]
    [InlineData("1.84 m", 184)]
    [InlineData("1,84 m", 184)]
    [InlineData("1840mm", 184)]
    [InlineData("183.5", 184)]
    [InlineData("183.4", 183)]
    [InlineData("½ m", 50)]
    public void Lengths_in_whole_centimetres(string typed, decimal value) =>
        Sample.Parse(typed, Centimetres).ShouldBe(new ParsedReading(value, Bound.Exact));

    [Theory]
    [InlineData("6 3/4 ft", 6.75)]
    [InlineData("6¾ ft", 6.75)]
    [InlineData("1/2 ft", 0.5)]
    [InlineData("½ ft", 0.5)]
    [InlineData("6' 3\"", 6.25)]
    [InlineData("6' 1 1/2\"", 6.125)]
    [InlineData("6 ft 3 in", 6.25)]
    public void Feet_and_inches(string typed, decimal value) => Sample.Parse(typed, Feet).Value.ShouldBe(value);

    [Theory]
    [InlineData("17 3/4 in", 17.75)]
    [InlineData("45 cm", 17.75)]
    [InlineData("17.8", 17.75)]
    [InlineData("17.875", 18)]
    public void Inches_go_to_the_nearest_quarter(string typed, decimal value) =>
        Sample.Parse(typed, Inches).Value.ShouldBe(value);

    [Theory]
    [InlineData("95 s", 95)]
    [InlineData("1:35", 95)]
    [InlineData("1:35.4", 95.4)]
    [InlineData("1:02:03", 3723)]
    [InlineData("0:04.9", 4.9)]
    [InlineData("9.95 min", 597)]
    [InlineData("95", 95)]
    public void Times(string typed, decimal seconds) => Sample.Parse(typed, Seconds).Value.ShouldBe(seconds);

    [Theory]
    [InlineData("50+", Bound.AtLeast)]
    [InlineData("50+ cm", Bound.AtLeast)]
    [InlineData("50 cm+", Bound.AtLeast)]
    [InlineData("50-", Bound.AtMost)]
    [InlineData("50 cm -", Bound.AtMost)]
    public void Bounds(string typed, Bound bound) =>
        Sample.Parse(typed, Centimetres).ShouldBe(new ParsedReading(50, bound));

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData("tall")]
    [InlineData("1,840")]
    [InlineData("1,840 m")]
    [InlineData("1.2.3")]
    [InlineData("12 g")]
    [InlineData("3/0")]
    [InlineData("-3")]
    [InlineData("1e5")]
    [InlineData("NaN")]
    [InlineData("∞")]
    [InlineData("99999999999999999999999999999999")]
    [InlineData("<script>alert(1)</script>")]
    [InlineData("🙂")]
    [InlineData("١٢")]
    public void What_is_unclear_is_refused_with_forms_that_would_do(string typed)
    {
        var refused = ReadingParser.Parse(typed, Centimetres);
        refused.IsOk.ShouldBeFalse();
        refused.Problems[0].Remedy.ShouldContain("184 cm");
    }

    [Theory]
    [InlineData("1:75")]
    [InlineData("1:5")]
    [InlineData("1:02:99")]
    [InlineData("12:60:00")]
    public void Clocks_that_show_no_time_are_refused(string typed) =>
        ReadingParser.Parse(typed, Seconds).IsOk.ShouldBeFalse();

    [Fact]
    public void Below_zero_is_allowed_only_where_the_brief_says_so()
    {
        Sample.Parse("-3", Sample.Number("drift", negative: true)).Value.ShouldBe(-3);
        Sample.Parse("−3", Sample.Number("drift", negative: true)).Value.ShouldBe(-3);
        ReadingParser.Parse("-3", Sample.Number("drift")).IsOk.ShouldBeFalse();
    }

    [Fact]
    public void The_container_is_taken_off()
    {
        var tared = Grams with { Tare = 12.4m };
        Sample.Parse("87.4", tared).Value.ShouldBe(75);
        ReadingParser.Parse("10", tared).Problems[0].What.ShouldContain("container");
    }

    [Fact]
    public void Counts_are_whole() =>
        ReadingParser.Parse("2.5", Sample.Count("beads")).Problems[0].What.ShouldContain("whole");

    [Fact]
    public void Levels_are_the_briefs_own_words()
    {
        var damage = new Measure
        {
            Id = "damage",
            Name = "Damage",
            Kind = MeasureKind.Level,
            Levels = ["whole", "cracked", "broken"],
        };
        Sample.Parse("Cracked", damage).Value.ShouldBe(1);
        ReadingParser.Parse("dented", damage).Problems[0].Remedy.ShouldContain("whole, cracked, broken");
    }

    // Mass of each coin: United States Mint, coin specifications (cent 2.500 g since 1982, nickel 5.000 g, dime 2.268
    // g, quarter 5.670 g).
    [Theory]
    [InlineData("150 cents", 375.0)]
    [InlineData("10 quarters", 56.70)]
    [InlineData("2 nickels + 3 dimes", 16.804)]
    [InlineData("375 g", 375)]
    public void Coins_weigh_what_the_Mint_says(string typed, decimal grams) =>
        Sample.Parse(typed, Coins).Value.ShouldBe(grams);

    [Fact]
    public void Ten_quarters_are_two_ounces() =>
        Rounding
            .ToDecimals(Units.Find("g")!.To(Units.Find("oz")!, Sample.Parse("10 quarters", Coins).Value), 2)
            .ShouldBe(2.00m);

    [Theory]
    [InlineData("12")]
    [InlineData("12 shells")]
    [InlineData("12 shell")]
    [InlineData("54 cm")]
    [InlineData("0.54 m")]
    public void Lengths_can_be_laid_out_in_things_of_known_size(string typed) =>
        Sample.Parse(typed, Shells(4.5m)).Value.ShouldBe(12);

    [Fact]
    public void Things_of_unknown_size_are_only_counted()
    {
        Sample.Parse("12 shells", Shells(null)).Value.ShouldBe(12);
        ReadingParser.Parse("54 cm", Shells(null)).Problems[0].What.ShouldContain("whose size is not stated");
        ReadingFormat.Value(12, Shells(null)).ShouldBe("12 shells");
    }

    [Theory]
    [InlineData("1.5 m²", 15_000)]
    [InlineData("1.5 m2", 15_000)]
    [InlineData("640 cm²", 640)]
    public void Areas(string typed, decimal value) =>
        Sample
            .Parse(typed, Sample.Measure("sail", MeasureKind.Area, name: "Sail", unit: "cm²", step: 10))
            .Value.ShouldBe(value);

    [Theory]
    [InlineData("68 °F", 20)]
    [InlineData("20 C", 20)]
    [InlineData("-4", -4)]
    public void Temperatures(string typed, decimal value) =>
        Sample
            .Parse(typed, Sample.Measure("ice", MeasureKind.Temperature, name: "Ice", unit: "°C", step: 0.5m))
            .Value.ShouldBe(value);

    [Theory]
    [InlineData("$4.50", 4.5)]
    [InlineData("4,50", 4.5)]
    [InlineData("4.50 $", 4.5)]
    public void Money(string typed, decimal value) =>
        Sample
            .Parse(typed, Sample.Measure("cost", MeasureKind.Money, name: "Cost", unit: "$", step: 0.01m))
            .Value.ShouldBe(value);

    [Fact]
    public void A_bare_number_is_in_the_unit_that_the_field_shows_and_weights_are_weights_only_when_they_say_so()
    {
        Sample.Parse("12", Coins).Value.ShouldBe(12);
        Sample.Parse("12", Coins with { Weights = [Coins.Weights[0]] }).Value.ShouldBe(12);
        Sample.Parse("0.012", Coins with { Unit = "kg" }).Value.ShouldBe(0.012m);
        Sample.Parse("12 cents", Coins).Value.ShouldBe(30);
    }

    [Fact]
    public void The_mass_of_a_container_is_taken_off_what_was_weighed_and_never_off_counted_pieces()
    {
        var cup = Coins with { Tare = 4 };
        Sample.Parse("12 cents", cup).Value.ShouldBe(30);
        Sample.Parse("34 g", cup).Value.ShouldBe(30);
        Sample.Parse("34", cup).Value.ShouldBe(30);
        Sample.Parse("2 cents + 29 g", cup).Value.ShouldBe(30);
    }

    [Theory]
    [InlineData("2 rolls + 7", 267.5)]
    [InlineData("2 rolls + 7 cents", 267.5)]
    [InlineData("1 roll + 1 nickel", 130)]
    [InlineData("2 cent rolls", 250)]
    [InlineData("2 rolls of cents + 10 g", 260)]
    public void Rolls_and_loose_pieces_together_make_a_count(string typed, double grams) =>
        Sample
            .Parse(typed, Coins with { Weights = [Coins.Weights[0] with { Roll = 50 }, Coins.Weights[1]] })
            .Value.ShouldBe((decimal)grams);

    [Theory]
    [InlineData("2 rolls of dimes", "does not say of what the rolls are")]
    [InlineData("1.5 rolls", "whole pieces")]
    [InlineData("3 shells", "“shells” is none of the weights of this test.")]
    public void Rolls_that_are_not_there_are_refused(string typed, string what) =>
        ReadingParser
            .Parse(typed, Coins with { Weights = [Coins.Weights[0] with { Roll = 50 }, Coins.Weights[1]] })
            .Problems[0]
            .What.ShouldContain(what);

    [Fact]
    public void A_calibrated_weight_has_the_mass_of_the_heap_divided_by_its_count()
    {
        var bead = new Weight { Name = "bead", Calibration = new Calibration(40, 18.6m, 0.1m) };
        bead.GramsEach.ShouldBe(0.465m);

        // JCGM 100:2008, 4.3.7: a reading of step d has the standard uncertainty d/√12.
        bead.Uncertainty(20).ShouldBe(20 * 0.1 / Math.Sqrt(12) / 40, 1e-15);
    }

    [Fact]
    public void No_string_makes_the_parser_throw() =>
        Gen.String.Sample(typed =>
        {
            foreach (var measure in new[] { Centimetres, Feet, Seconds, Grams, Coins })
                ReadingParser.Parse(typed, measure).ShouldNotBeNull();
        });

    [Fact]
    public void No_string_of_the_signs_of_readings_makes_the_parser_throw() =>
        Gen.String[Gen.Char["0123456789.,:+-/'\" cmftings½"], 0, 20]
            .Sample(typed =>
            {
                foreach (var measure in new[] { Centimetres, Feet, Inches, Seconds, Coins })
                    ReadingParser.Parse(typed, measure).ShouldNotBeNull();
            });

    private static Measure Shells(decimal? centimetres) =>
        new()
        {
            Id = "long",
            Name = "Long",
            Kind = MeasureKind.Length,
            Unit = "shells",
            LaidOut = new LaidOut("shells", centimetres),
        };

    private static Measure Coins =>
        Grams with
        {
            Weights =
            [
                new Weight { Name = "cent", Grams = 2.5m },
                new Weight { Name = "nickel", Grams = 5m },
                new Weight { Name = "dime", Grams = 2.268m },
                new Weight { Name = "quarter", Grams = 5.67m },
            ],
        };

    [Theory]
    [InlineData("150+37", 187, Bound.Exact)]
    [InlineData("3 rolls + 37", 187, Bound.Exact)]
    [InlineData("37 + 3 rolls", 187, Bound.Exact)]
    [InlineData("3 rolls of pennies", 150, Bound.Exact)]
    [InlineData("2 rolls + 7+", 107, Bound.AtLeast)]
    [InlineData("12 pennies + 1", 13, Bound.Exact)]
    public void A_count_is_read_as_it_is_said(string typed, int count, Bound bound) =>
        ReadingParser.Parse(typed, Pennies).OrThrow().ShouldBe(new ParsedReading(count, bound));

    [Theory]
    [InlineData("3 rolls of beads")]
    [InlineData("1/3 rolls + 1")]
    [InlineData("3 + + 4")]
    [InlineData("3 boxes")]
    public void What_is_no_sum_of_whole_numbers_is_refused(string typed) =>
        ReadingParser.Parse(typed, Pennies).IsOk.ShouldBeFalse();

    private static readonly Measure Pennies = new()
    {
        Id = "load",
        Name = "Load",
        Kind = MeasureKind.Count,
        Unit = "pennies",
        Roll = 50,
    };
}
