using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;
using PluckyRally.Core.Statistics;

namespace PluckyRally.Core.Results;

/// <summary>What a summary has one value of.</summary>
public enum SummaryOver
{
    /// <summary>Each attempt that counts.</summary>
    Attempts,

    /// <summary>Each design.</summary>
    Designs,

    /// <summary>Each team, with the design that stands for it.</summary>
    Teams,
}

/// <summary>The values of one figure in a round, over all teams, summed up.</summary>
/// <param name="Measure">The figure's id: a measure's, or what is known of a part or the team.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="Over">What there is one value of.</param>
/// <param name="Summary">The summary; absent where there is no value.</param>
public sealed record MeasureSummary(string Measure, string Name, string Unit, SummaryOver Over, Summary? Summary);

/// <summary>Sums up what a round brought, with quartiles as the brief's class is taught them.</summary>
public static class MeasureSummaries
{
    /// <summary>A summary for each measure: over attempts, or over designs where it is measured once.</summary>
    public static IReadOnlyList<MeasureSummary> Of(OpenedRally opened, int round) =>
        [
            .. opened
                .In(round)
                .Compiled.Brief.Measures.Select(m =>
                    Of(opened, round, m.Id, m.Taken == ReadOccasion.Once ? SummaryOver.Designs : SummaryOver.Attempts)!
                ),
        ];

    /// <summary>The summary of a figure; null where there is no such figure, or none in an attempt.</summary>
    public static MeasureSummary? Of(OpenedRally opened, int round, string figure, SummaryOver over)
    {
        var came = opened.Result(round);
        var compiled = came.Run.Compiled;
        if (compiled.Figures.All.FirstOrDefault(f => f.Id == figure) is not { } named)
            return null;
        if (over == SummaryOver.Attempts && named is not Figure.OfMeasure { Measure.Taken: ReadOccasion.EachAttempt })
            return null;
        var values = over switch
        {
            SummaryOver.Attempts => came.Designs.SelectMany(d =>
                d.Design.Attempts.Where(a => a.Outcome == TrialOutcome.Counted).Select(a => a.Read(named.Shown))
            ),
            SummaryOver.Designs => came.Designs.Select(named.Of),
            SummaryOver.Teams => came.Teams.Select(r => named.Of(r.Design.Facts)),
        };
        return new(named.Id, named.Name, named.Shown.Unit, over, Summary.Of([.. values], compiled.Brief.Quartiles));
    }
}
