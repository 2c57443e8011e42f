using System.Text.Json;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// A unit is changed and the brief asks for the same: an inch is 2.54 cm (NIST Special Publication 811, appendix B).
/// </summary>
public sealed class UnitChangeTests
{
    private static readonly Brief InCentimetres = Sample.Brief(
        [Sample.Height() with { Expected = new(25, 110), FailureValue = 5, Benchmark = 76.2m }, Sample.Count("cards")],
        [
            Sample.Part("height", new Curve.Rate(1)) with
            {
                Id = "each",
                Name = "Each",
                FailureValue = 10,
            },
            Sample.Part("height", new Curve.Between(20, 100, 50)) with
            {
                Id = "between",
                Name = "Between",
            },
            Sample.Part("height / cards", new Curve.Rate(1)) with
            {
                Id = "ratio",
                Name = "Height for each card",
            },
        ]
    ) with
    {
        Rules =
        [
            Sample.Limit("tall", "height", Comparison.AtLeast, "30", new Consequence.DoesNotPlace()),
            Sample.Limit("low", "height", Comparison.AtMost, "1.2 m", new Consequence.DoesNotPlace()),
        ],
    };

    [Fact]
    public void Everything_in_the_old_unit_is_converted_and_said()
    {
        var change = UnitChange.Of(InCentimetres, "height", "in").ShouldNotBeNull();
        var brief = Changes.Apply(InCentimetres, change.Changes).OrThrow().Value;
        var height = brief.Measures[0];
        (height.Unit, height.Step, height.FailureValue, height.Benchmark).ShouldBe(("in", 0.5m, 2m, 30m));
        height.Expected.ShouldBe(new(10, 43.5m));
        brief
            .Method.Parts.OfType<Part.Measured>()
            .Select(p => p.Curve)
            .ShouldBe([new Curve.Rate(2.54m), new Curve.Between(7.87m, 39.4m, 50), new Curve.Rate(1)]);
        brief.Rules.Select(r => ((RuleCheck.Limit)r.Check).Amount).ShouldBe(["30 cm", "1.2 m"]);
        change.Label.ShouldStartWith(
            "Converted: the step is 0.5 in; teams will reach 10 to 43.5 in; your trial build reached 30 in; "
        );
        change.But.ShouldBe("Height for each card has numbers of it too: look at them.");
    }

    [Fact]
    public void What_only_its_author_can_convert_is_named()
    {
        var brief = InCentimetres with
        {
            Figures =
            [
                Sample.Figure("half", "Half the height", "height / 2"),
                Sample.Figure("quarter", "A quarter", "half / 2"),
            ],
            Method = InCentimetres.Method with
            {
                Parts = [Sample.Part("quarter", new Curve.Rate(1)) with { Id = "low", Name = "Low" }],
                Targets =
                [
                    new()
                    {
                        Id = "own",
                        Name = "Own mark",
                        Value = "height",
                        Amount = "40",
                    },
                ],
            },
            Tiers =
            [
                new Tier
                {
                    Id = "young",
                    Name = "Young",
                    Overrides = [new("/measures/height/step", JsonSerializer.SerializeToElement(5))],
                },
            ],
        };
        var change = UnitChange.Of(brief, "height", "in").ShouldNotBeNull();
        change.But.ShouldBe("Half the height, A quarter, Low and Young have numbers of it too: look at them.");
        change.Label.ShouldContain("Own mark stays at 40 cm");
        Changes.Apply(brief, change.Changes).OrThrow().Value.Method.Targets[0].Amount.ShouldBe("40 cm");
    }

    /// <summary>
    /// What is read to the same place of a ruler gives the same points, as far as three digits of the curve go.
    /// </summary>
    [Fact]
    public void Points_stay_the_same()
    {
        var inches = Changes
            .Apply(InCentimetres, UnitChange.Of(InCentimetres, "height", "in")!.Changes)
            .OrThrow()
            .Value;
        foreach (var typed in new[] { "20 in", "31.5 in" })
        foreach (var part in new[] { 0, 1 })
            Points(inches, typed, part)
                .ShouldBe(
                    Points(
                        InCentimetres with
                        {
                            Measures = [InCentimetres.Measures[0] with { Step = 0.01m }, InCentimetres.Measures[1]],
                        },
                        typed,
                        part
                    ),
                    0.3m
                );
    }

    /// <summary>
    /// Water freezes at 0 °C and 32 °F and boils at 100 °C and 212 °F (definition of the scales); five points of a
    /// curve stand at the same warmth.
    /// </summary>
    [Theory]
    [InlineData("0 °C", "32 °F")]
    [InlineData("100 °C", "212 °F")]
    public void Every_curve_gives_the_same_in_another_unit(string celsius, string fahrenheit)
    {
        Curve[] curves =
        [
            new Curve.Raw(),
            new Curve.Rate(2, 10),
            new Curve.Bands([new(0, 4), new(50, 8)], 1),
            new Curve.Between(0, 100, 9),
            new Curve.FullSteps(0, 5, 2),
            new Curve.Target(60, 90, 0.5m),
        ];
        foreach (var curve in curves)
        {
            var brief = Sample.Brief(
                [Sample.Measure("warm", MeasureKind.Temperature, name: "Warmth", unit: "°C", step: 0.1m)],
                [Sample.Part("warm", curve)]
            );
            var other = Changes.Apply(brief, UnitChange.Of(brief, "warm", "°F")!.Changes).OrThrow().Value;
            Given(other, "warm", fahrenheit).ShouldBe(Given(brief, "warm", celsius), 0.5m, curve.ToString());
        }
    }

    [Theory]
    [InlineData("height", "mm", 10)]
    [InlineData("height", "m", 0.01)]
    public void The_step_tells_as_much_as_before(string measure, string unit, decimal step) =>
        Changes
            .Apply(InCentimetres, UnitChange.Of(InCentimetres, measure, unit)!.Changes)
            .OrThrow()
            .Value.Measures[0]
            .Step.ShouldBe(step);

    [Theory]
    [InlineData("height", "g")]
    [InlineData("height", "shells")]
    [InlineData("cards", "cm")]
    [InlineData("nothing", "cm")]
    public void What_has_no_size_in_common_is_not_converted(string measure, string unit) =>
        UnitChange.Of(InCentimetres, measure, unit).ShouldBeNull();

    private static decimal Given(Brief brief, string measure, string typed)
    {
        var rally = new Happening(brief, "A");
        rally.Keep(
            new Entry.TrialRecorded
            {
                Id = rally.NextId(),
                Team = new("a"),
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = measure, Typed = typed }],
            }
        );
        return rally.Standing("A").Parts[0].Points!.Value;
    }

    private static decimal Points(Brief brief, string typed, int part)
    {
        var rally = new Happening(brief with { Rules = [] }, "A");
        rally.Keep(
            new Entry.TrialRecorded
            {
                Id = rally.NextId(),
                Team = new("a"),
                Outcome = TrialOutcome.Counted,
                Readings = [new() { Measure = "height", Typed = typed }, new() { Measure = "cards", Typed = "2" }],
            }
        );
        return rally.Standing("A").Parts[part].Points!.Value;
    }
}
