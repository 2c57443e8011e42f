using PluckyRally.Core.Curves;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Tests.Readings;

/// <summary>
/// Areas of shapes, against the formulas of school geometry (common practice, no source; π as in ISO 80000-2).
/// </summary>
public sealed class ShapesTests
{
    private static readonly Measure Sail = Sample.Measure(
        "sail",
        MeasureKind.Area,
        name: "Sail",
        unit: "cm²",
        step: 0.01m
    );

    [Theory]
    [InlineData("rectangle 12 x 6", 72)]
    [InlineData("Rectangle 12×6", 72)]
    [InlineData("square 5", 25)]
    [InlineData("triangle 4 by 3", 6)]
    [InlineData("trapezoid 4 x 6 x 3", 15)]
    [InlineData("circle 10", 78.54)]
    [InlineData("cylinder side 7 x 10", 219.91)]
    [InlineData("rectangle 12 x 6 + triangle 4 x 3", 78)]
    [InlineData("rectangle 10 x 10 - circle 2", 96.86)]
    [InlineData("rectangle 7 1/2 x 2", 15)]
    [InlineData("rectangle 10 mm x 2 cm", 2)]
    [InlineData("72", 72)]
    [InlineData("72 cm2", 72)]
    [InlineData("0.5 m²", 5000)]
    public void Are_added_up(string typed, decimal area) =>
        ReadingParser.Parse(typed, Sail).OrThrow().ShouldBe(new(area, Bound.Exact));

    [Theory]
    [InlineData("rectangle 12", "A rectangle takes 2 lengths: its length and its width.")]
    [InlineData("hexagon 3 x 4", "“hexagon” is none of the shapes")]
    [InlineData("rectangle 3 x 4 + 5 x 6", "“+ 5 x 6” is none of the shapes")]
    [InlineData("rectangle 3 x four", "In the rectangle")]
    [InlineData("rectangle 1 x 1 - rectangle 2 x 2", "cannot be below zero")]
    [InlineData("72 apples", "is not a unit")]
    public void Are_refused_with_what_is_wrong(string typed, string says)
    {
        var problem = ReadingParser.Parse(typed, Sail).Problems.ShouldHaveSingleItem();
        problem.What.ShouldContain(says);
        problem.Remedy.ShouldContain("rectangle 12 x 6 + triangle 4 x 3");
    }

    [Fact]
    public void Are_shown_one_by_one_in_the_reasons()
    {
        var rally = new Happening(Sample.Brief([Sail], [Sample.Part("sail", new Curve.Rate(1))]), "A");
        rally.Keep(
            new Entry.TrialRecorded
            {
                Id = rally.NextId(),
                Team = new("a"),
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "sail", Typed = "rectangle 12 x 6 + circle 10 - triangle 4 x 3" }],
            }
        );
        rally
            .Standing("A")
            .Why.Single(w => w.Kind == TraceKind.Attempt)
            .Sentence.ShouldBe(
                "Attempt 1: 144.54 cm². Sail: rectangle 12 × 6 = 72 cm², circle π × (10 ÷ 2)² = 78.54 cm², "
                    + "triangle taken off: 4 × 3 ÷ 2 = 6 cm²."
            );
    }
}
