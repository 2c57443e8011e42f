using System.Globalization;

namespace PluckyRally.Core.Tests.Readings;

public sealed class UnitsTests
{
    public static TheoryData<string, string, decimal, bool> Factors()
    {
        var data = new TheoryData<string, string, decimal, bool>();
        foreach (
            var line in File.ReadLines(Path.Combine(AppContext.BaseDirectory, "references", "nist-sp811-factors.csv"))
                .Where(l => !l.StartsWith('#'))
        )
        {
            var cells = line.Split(',');
            data.Add(cells[0], cells[1], decimal.Parse(cells[2], CultureInfo.InvariantCulture), cells[3] == "yes");
        }

        return data;
    }

    [Theory]
    [MemberData(nameof(Factors))]
    public void Factors_are_those_of_NIST_SP_811(string from, string to, decimal factor, bool exact)
    {
        var (one, other) = (Units.Find(from)!, Units.Find(to)!);
        if (exact)
            one.To(other, 1).ShouldBe(factor);
        else
            one.To(other, 1).ShouldBe(factor, 1e-14m);
        other.To(one, factor).ShouldBe(1, 1e-13m);
    }

    // NIST SP 811, B.8: t/°C = (t/°F − 32)/1.8; 32 °F and 212 °F are the ice and steam points by common knowledge.
    [Theory]
    [InlineData(32, 0)]
    [InlineData(212, 100)]
    [InlineData(-40, -40)]
    public void Temperatures_convert_with_their_offset(decimal fahrenheit, decimal celsius)
    {
        Units.Find("°F")!.To(Units.Find("°C")!, fahrenheit).ShouldBe(celsius);
        Units.Find("°C")!.To(Units.Find("°F")!, celsius).ShouldBe(fahrenheit);
    }

    [Fact]
    public void Differences_of_temperature_convert_without_the_offset() =>
        Units.Find("°F")!.Scale(Units.Find("°C")!, 9).ShouldBe(5);

    [Theory]
    [InlineData("inches", "in")]
    [InlineData("\"", "in")]
    [InlineData("CM", "cm")]
    [InlineData("ML", "mL")]
    [InlineData("newtons", "N")]
    public void Writings_are_understood(string written, string symbol) => Units.Read(written)!.Symbol.ShouldBe(symbol);

    // Common practice, no source: what a metric classroom has on its rulers, scales and jugs.
    [Theory]
    [InlineData(MeasureKind.Length, "cm")]
    [InlineData(MeasureKind.Area, "cm²")]
    [InlineData(MeasureKind.Mass, "g")]
    [InlineData(MeasureKind.Force, "N")]
    [InlineData(MeasureKind.Volume, "mL")]
    [InlineData(MeasureKind.Duration, "s")]
    [InlineData(MeasureKind.Temperature, "°C")]
    [InlineData(MeasureKind.Angle, "°")]
    [InlineData(MeasureKind.Percent, "%")]
    [InlineData(MeasureKind.Count, "")]
    public void The_usual_unit_of_a_kind_is_one_of_its_units(MeasureKind kind, string unit)
    {
        Units.Usual(kind).ShouldBe(unit);
        if (unit.Length > 0)
            Units.For(kind).ShouldContain(unit);
    }

    [Theory]
    [InlineData("in", "inch", "inches")]
    [InlineData("ft", "foot", "feet")]
    [InlineData("yd", "yard", "yards")]
    [InlineData("s", "second", "seconds")]
    [InlineData("min", "minute", "minutes")]
    [InlineData("h", "hour", "hours")]
    [InlineData("lb", "pound", "pounds")]
    [InlineData("oz", "ounce", "ounces")]
    [InlineData("°", "degree", "degrees")]
    [InlineData("%", "percent", "percent")]
    [InlineData("cm", "cm", "cm")]
    public void A_unit_is_said_as_a_word_where_its_symbol_is_one(string unit, string one, string several)
    {
        Units.OneOf(unit).ShouldBe(one);
        Units.SeveralOf(unit).ShouldBe(several);
    }

    [Fact]
    public void Every_kind_that_needs_a_unit_has_some() =>
        Enum.GetValues<MeasureKind>().ShouldAllBe(k => !Units.NeedsUnit(k) || Units.For(k).Count > 0);
}
