namespace PluckyRally.Core.Tests.Readings;

public sealed class MeasurePadTests
{
    [Theory]
    [InlineData(0.5, "1/2")]
    [InlineData(0.25, "1/4 1/2 3/4")]
    [InlineData(0.125, "1/8 1/4 3/8 1/2 5/8 3/4 7/8")]
    public void A_ruler_in_inches_has_the_fractions_of_its_step_in_lowest_terms(double step, string fractions)
    {
        var pad = MeasurePad.For(Sample.Height((decimal)step) with { Unit = "in" });
        string.Join(' ', pad.Fractions).ShouldBe(fractions);
        foreach (var fraction in pad.Fractions)
            Sample
                .Parse($"17 {fraction}", Sample.Height((decimal)step) with { Unit = "in" })
                .Value.ShouldBeInRange(17, 18, "what a key types is understood");
    }

    [Fact]
    public void Centimetres_have_no_fractions() => MeasurePad.For(Sample.Height(0.5m)).Fractions.ShouldBeEmpty();

    [Fact]
    public void The_pad_fits_the_measure()
    {
        MeasurePad.For(Sample.Height()).Kind.ShouldBe(PadKind.Number);
        MeasurePad
            .For(Sample.Number("sail") with { Kind = MeasureKind.Area, Unit = "cm²" })
            .Shapes.Select(s => s.Name)
            .ShouldBe(["rectangle", "square", "triangle", "trapezoid", "circle", "cylinder side"]);
        MeasurePad.For(Sample.Count("beads")).Kind.ShouldBe(PadKind.Count);
        MeasurePad.For(Sample.Number("n") with { Kind = MeasureKind.YesNo }).Kind.ShouldBe(PadKind.Words);
        MeasurePad
            .For(Sample.Number("n") with { Kind = MeasureKind.Level, Levels = ["low", "high"] })
            .Kind.ShouldBe(PadKind.Words);
        MeasurePad
            .For(Sample.Number("t") with { Kind = MeasureKind.Duration, Unit = "s" })
            .Kind.ShouldBe(PadKind.Watch);
    }

    [Fact]
    public void Weights_follow_the_loading_plan_of_what_is_expected()
    {
        // 600 g at the most, of 2.5 g each: 240 pieces. Rolls of 50 below 60 %: two of them; then steps of 5 %, 12
        // pieces.
        var pad = MeasurePad.For(
            Sample.Number("load") with
            {
                Kind = MeasureKind.Mass,
                Unit = "g",
                Weights =
                [
                    new()
                    {
                        Name = "washer",
                        Grams = 2.5m,
                        Roll = 50,
                    },
                ],
                Expected = new(100, 600),
            }
        );
        pad.Kind.ShouldBe(PadKind.Weights);
        pad.Placements.Take(4).ShouldBe([50, 100, 112, 124]);
        pad.Placements[^1].ShouldBeGreaterThanOrEqualTo(240);
    }

    [Fact]
    public void Weights_in_kilograms_are_counted_in_the_same_pieces()
    {
        var grams = Sample.Number("load") with
        {
            Kind = MeasureKind.Mass,
            Unit = "g",
            Weights = [new() { Name = "washer", Grams = 2.5m }],
            Expected = new(100, 600),
        };
        MeasurePad
            .For(grams with { Unit = "kg", Expected = new(0.1m, 0.6m) })
            .Placements.ShouldBe(MeasurePad.For(grams).Placements);
    }
}
