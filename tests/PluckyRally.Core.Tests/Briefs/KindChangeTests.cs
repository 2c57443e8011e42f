using PluckyRally.Core.Curves;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// A measure of another kind is read in the unit and as finely as is usual in the brief, and what was written for the
/// old kind is named. Quarters of an inch in grade 3: Common Core 3.MD.B.4, cited from memory.
/// </summary>
public sealed class KindChangeTests
{
    private static readonly Brief Inches = Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Customary);

    [Theory]
    [InlineData(MeasureKind.Mass, "oz", 0.1)]
    [InlineData(MeasureKind.Force, "ozf", 0.5)]
    [InlineData(MeasureKind.Volume, "fl oz", 1)]
    [InlineData(MeasureKind.Temperature, "°F", 1)]
    [InlineData(MeasureKind.Duration, "s", 0.1)]
    [InlineData(MeasureKind.Count, "", 1)]
    public void A_brief_in_inches_stays_with_customary_units(MeasureKind kind, string unit, decimal step)
    {
        var (measure, _) = Changed(Inches, kind);
        (measure.Kind, measure.Unit, measure.Step, measure.Expected).ShouldBe((kind, unit, step, null));
    }

    [Fact]
    public void Back_to_a_length_it_is_read_in_quarters_of_an_inch()
    {
        var (measure, _) = Changed(
            Inches with
            {
                Measures = [Inches.Measures[0] with { Kind = MeasureKind.Duration, Unit = "s", Step = 0.1m }],
            },
            MeasureKind.Length
        );
        (measure.Unit, measure.Step).ShouldBe(("in", 0.25m));
    }

    [Fact]
    public void A_metric_brief_stays_metric() =>
        Changed(Patterns.Begin(Pattern.Tallest, GradeBand.From3To5, UnitSystem.Metric), MeasureKind.Mass)
            .Measure.Unit.ShouldBe("g");

    [Fact]
    public void What_was_written_for_the_old_kind_is_named() =>
        Changed(Inches, MeasureKind.Duration)
            .Fix.But.ShouldBe(
                "Check the numbers here: what teams will reach and the points of Height. They were written for another "
                    + "kind of measure."
            );

    [Fact]
    public void The_same_kind_changes_nothing() => KindChange.Of(Inches, "height", MeasureKind.Length).ShouldBeNull();

    [Fact]
    public void Points_that_give_every_team_the_same_are_found()
    {
        var brief = Sample.Brief(
            [Sample.Height() with { Expected = new(2, 15) }],
            [Sample.Part("height", new Curve.Between(50, 90, 20))]
        );
        Snags
            .Of(brief)
            .Single(s => s.Id == "flat")
            .What.ShouldBe(
                "Every team would get 0 points for part: the scoring does not fit what teams will reach, 2 cm to 15 cm."
            );
    }

    [Theory]
    [InlineData(0.25, 0.1, true)]
    [InlineData(0.25, 0.25, false)]
    [InlineData(0.5, 0.1, false)]
    [InlineData(1, 1, false)]
    public void Quarters_that_are_shown_as_tenths_are_found(decimal step, decimal precision, bool found)
    {
        var brief = Sample.Brief([Sample.Height(step)], [Sample.Part("height", new Curve.Rate(1))]);
        brief = brief with { Method = brief.Method with { Precision = precision } };
        var snag = Snags.Of(brief).FirstOrDefault(s => s.Id == "shown");
        (snag is not null).ShouldBe(found);
        if (snag is not null)
            snag.Fix!.Label.ShouldBe("Show points to the nearest 0.01");
    }

    private static (Measure Measure, Fix Fix) Changed(Brief brief, MeasureKind kind)
    {
        var fix = KindChange.Of(brief, brief.Measures[0].Id, kind)!;
        // As it comes back from a browser.
        var changes = DocumentReader
            .Request<KeptChanges>(Json.Write(new KeptChanges(fix.Changes)))
            .OrThrow()
            .Value.Changes;
        return (Changes.Apply(brief, changes).OrThrow().Value.Measures[0], fix);
    }

    private sealed record KeptChanges(IReadOnlyList<Change> Changes);
}
