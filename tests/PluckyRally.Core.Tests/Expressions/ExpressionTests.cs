using CsCheck;
using PluckyRally.Core.Expressions;

namespace PluckyRally.Core.Tests.Expressions;

public sealed class ExpressionTests
{
    private static readonly Measure[] Measures =
    [
        Sample.Measure("height", MeasureKind.Length, name: "Height", unit: "cm", step: 1),
        Sample.Measure("width", MeasureKind.Length, name: "Width", unit: "m", step: 0.01m),
        Sample.Measure("mass", MeasureKind.Mass, name: "Mass", unit: "g", step: 0.1m),
        Sample.Measure("straws", MeasureKind.Count, name: "Straws", unit: "straw"),
        Sample.Measure("plain", MeasureKind.Number, name: "Plain"),
    ];

    [Theory]
    [InlineData("-2^2", -4)]
    [InlineData("(-2)^2", 4)]
    [InlineData("2^-1", 0.5)]
    [InlineData("2^3^2", 512)]
    [InlineData("1 + 2 * 3", 7)]
    [InlineData("(1 + 2) * 3", 9)]
    [InlineData("8 / 4 / 2", 1)]
    [InlineData("10 - 4 - 3", 3)]
    [InlineData("5%", 0.05)]
    [InlineData("200 * 5%", 10)]
    [InlineData("min(3, 1, 2)", 1)]
    [InlineData("max(3, 1, 2)", 3)]
    [InlineData("mean(1, 2, 6)", 3)]
    [InlineData("sum(1, 2, 6)", 9)]
    [InlineData("abs(-3)", 3)]
    [InlineData("round(2.5)", 3)]
    [InlineData("round(-2.5)", -3)]
    [InlineData("round(1.045, 2)", 1.05)]
    [InlineData("floor(2.9)", 2)]
    [InlineData("ceil(2.1)", 3)]
    [InlineData("sqrt(16)", 4)]
    [InlineData("3 × 4 ÷ 2 − 1", 5)]
    public void Arithmetic_follows_the_usual_rules(string text, decimal value) => Run(text).Number.ShouldBe(value);

    [Theory]
    [InlineData("height + width", 250, "cm")]
    [InlineData("width + height", 2.5, "m")]
    [InlineData("height / width", 0.25, "")]
    [InlineData("height * height", 2500, "cm²")]
    [InlineData("sqrt(height * height)", 50, "cm")]
    [InlineData("height / straws", 10, "cm per straw")]
    [InlineData("max(height, width)", 200, "cm")]
    [InlineData("height - 5", 45, "cm")]
    public void Units_are_kept(string text, decimal value, string unit)
    {
        var expression = Compiler.Compile(text, Measures).OrThrow();
        expression.Run(Values(expression)).Number.ShouldBe(value);
        expression.Unit.ShouldBe(unit);
    }

    [Theory]
    [InlineData("height + mass", "g cannot be added to cm")]
    [InlineData("max(height, mass)", "g cannot be put into one max with cm")]
    [InlineData("heigth", "This looks at something that is not in the brief.")]
    [InlineData("log(height)", "There is no function “log”")]
    [InlineData("sqrt(height)", "has no unit")]
    [InlineData("height^0.5", "whole number")]
    [InlineData("2^height", "exponent cannot have a unit")]
    [InlineData("height +", "stops making sense")]
    [InlineData("height height", "stops making sense at character 8")]
    [InlineData("", "no expression")]
    [InlineData("abs(1, 2)", "takes one value")]
    public void What_makes_no_sense_is_refused_when_it_is_written(string text, string what) =>
        Compiler.Compile(text, Measures).Problems[0].What.ShouldContain(what);

    [Fact]
    public void Dividing_by_zero_gives_no_value_and_says_why()
    {
        var expression = Compiler.Compile("height / straws", Measures).OrThrow();
        expression.Run([new BoundedValue(50), new BoundedValue(0)]).Absent.ShouldBe(new Absence.DividedByZero());
    }

    [Theory]
    [InlineData("10^30")]
    [InlineData("plain^64")]
    public void Numbers_that_are_too_large_give_no_value(string text)
    {
        var expression = Compiler.Compile(text, Measures).OrThrow();
        expression.Run(Values(expression, 1_000_000)).HasValue.ShouldBeFalse();
    }

    [Theory]
    [InlineData("plain + 1", Bound.AtLeast)]
    [InlineData("-plain", Bound.AtMost)]
    [InlineData("1 / plain", Bound.AtMost)]
    [InlineData("plain * 0", Bound.Exact)]
    [InlineData("max(plain, 1000000)", Bound.AtLeast)]
    [InlineData("min(plain, 1)", Bound.Exact)]
    [InlineData("plain - plain", Bound.Unclear)]
    public void At_least_travels_through_arithmetic(string text, Bound bound)
    {
        var expression = Compiler.Compile(text, Measures).OrThrow();
        expression.Run([new BoundedValue(50, Bound.AtLeast)]).Bound.ShouldBe(bound);
    }

    [Fact]
    public void The_numbers_are_put_in_as_one_would_write_them()
    {
        var expression = Compiler.Compile("2*(height + width)/straws", Measures).OrThrow();
        expression.Working(Values(expression)).ShouldBe("2 × (50 cm + 2.00 m) ÷ 5 straw");
    }

    [Fact]
    public void Ten_thousand_brackets_are_refused_by_a_stated_limit()
    {
        TermParser
            .Read(new string('(', 10_000) + "1" + new string(')', 10_000))
            .Problems[0]
            .What.ShouldContain($"{TermParser.MaxLength} characters");
        TermParser
            .Read(new string('(', 190) + "1" + new string(')', 190))
            .Problems[0]
            .What.ShouldContain($"{TermParser.MaxDepth} deep");
        TermParser.Read(new string('-', 300) + "1").Problems[0].What.ShouldContain($"{TermParser.MaxDepth} deep");
    }

    [Fact]
    public void No_string_makes_it_throw()
    {
        Gen.String.Sample(text => Whatever(text));
        Gen.String[Gen.Char["0123456789.+-*/^()%, heigtmasxnqr"], 0, 60].Sample(text => Whatever(text));
    }

    private static void Whatever(string text)
    {
        if (Compiler.Compile(text, Measures) is { IsOk: true, Value: var expression })
            expression.Run(Values(expression));
    }

    private static BoundedValue Run(string text) => Compiler.Compile(text, Measures).OrThrow().Run([]);

    private static BoundedValue[] Values(Expression expression, decimal plain = 7) =>
        [
            .. expression.Measures.Select(m => new BoundedValue(
                m.Id switch
                {
                    "height" => 50,
                    "width" => 2,
                    "mass" => 12.5m,
                    "straws" => 5,
                    _ => plain,
                }
            )),
        ];
}
