namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// What grades do, compared with the Common Core State Standards for Mathematics and the NGSS; codes and contents from
/// memory.
/// </summary>
public sealed class GradeBandTests
{
    /// <summary>
    /// 3.MD.4: rulers marked with halves and fourths of an inch; before that, whole units (1.MD.2, 2.MD.1).
    /// </summary>
    [Theory]
    [InlineData(GradeBand.KTo2, "in", 1)]
    [InlineData(GradeBand.From3To5, "in", 0.25)]
    [InlineData(GradeBand.KTo2, "cm", 1)]
    [InlineData(GradeBand.From3To5, "cm", 1)]
    [InlineData(GradeBand.From6To8, "cm", 0.5)]
    [InlineData(GradeBand.From9To12, "cm", 0.1)]
    public void How_finely_a_length_is_read(GradeBand band, string unit, decimal step) =>
        GradeBands.LengthStep(band, unit).ShouldBe(step);

    /// <summary>
    /// 4.MD.4 line plots; 6.SP.5 median, mean, mean absolute deviation and box plots; HSS-ID.4 standard deviation;
    /// 8.SP.1 scatter plots.
    /// </summary>
    [Theory]
    [InlineData(SummaryKind.LinePlot, GradeBand.From3To5)]
    [InlineData(SummaryKind.Median, GradeBand.From6To8)]
    [InlineData(SummaryKind.Mean, GradeBand.From6To8)]
    [InlineData(SummaryKind.BoxPlot, GradeBand.From6To8)]
    [InlineData(SummaryKind.MeanAbsoluteDeviation, GradeBand.From6To8)]
    [InlineData(SummaryKind.StandardDeviation, GradeBand.From9To12)]
    public void A_summary_comes_with_the_grades_that_learn_it_and_not_before(SummaryKind kind, GradeBand first)
    {
        GradeBands.Summaries(first).ShouldContain(kind);
        foreach (var younger in GradeBands.All.Where(b => b < first))
            GradeBands.Summaries(younger).ShouldNotContain(kind);
    }

    /// <summary>
    /// Three expectations for each of K–2 and 3–5, four for middle and for high school (NGSS, engineering design).
    /// </summary>
    [Theory]
    [InlineData(GradeBand.KTo2, "K-2-ETS1", 3)]
    [InlineData(GradeBand.From3To5, "3-5-ETS1", 3)]
    [InlineData(GradeBand.From6To8, "MS-ETS1", 4)]
    [InlineData(GradeBand.From9To12, "HS-ETS1", 4)]
    public void Standards_of_engineering_design(GradeBand band, string stem, int count) =>
        Standards
            .All.Where(s => s.Grades == band)
            .Select(s => s.Code)
            .ShouldBe(Enumerable.Range(1, count).Select(i => $"{stem}-{i}"));

    [Fact]
    public void Every_hazard_has_one_caution() =>
        Cautions.All.Select(c => c.Kind).ShouldBe(Enum.GetValues<HazardKind>());

    [Theory]
    [InlineData("The story of a village by the sea, and of a boat.")]
    [InlineData("Fold it, lay it flat, and wait.")]
    [InlineData("The mill race is long.")]
    [InlineData("Drop by after school.")]
    public void Plain_words_are_no_hazard(string text) => Cautions.In(text).ShouldBeEmpty();
}
