using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Results;

/// <summary>One design with its points.</summary>
/// <param name="Assessment">What is known of it before any points.</param>
/// <param name="Parts">Its points part by part, in the method's order.</param>
/// <param name="Deductions">Points lost to missed rules.</param>
/// <param name="Bonuses">Rules that were met and give points, with the points at the shown precision.</param>
/// <param name="Sum">The sum before the method's floor; null while a part has no points.</param>
/// <param name="Total">The total with its bound; null while there is none.</param>
internal sealed record DesignResult(
    Assessment Assessment,
    IReadOnlyList<PartResult> Parts,
    IReadOnlyList<Deduction> Deductions,
    IReadOnlyList<(Rule Rule, decimal Points)> Bonuses,
    decimal? Sum,
    BoundedValue? Total
)
{
    /// <summary>
    /// Cards that the team holds and that give points, with the points at the shown precision: above 0 they help.
    /// </summary>
    public IReadOnlyList<(DealCard Card, decimal Points)> Cards { get; init; } = [];

    /// <summary>What is added beside the parts; above 0 it helps, whichever total wins.</summary>
    public decimal Beside => Bonuses.Sum(b => b.Points) + Cards.Sum(c => c.Points) - Deductions.Sum(d => d.Points);

    /// <summary>
    /// Why it has no place; null where it has one. A part that turned out to have no value can leave a team unfinished
    /// even where nothing is left to record.
    /// </summary>
    public NoPlace? Why { get; } =
        Assessment.Why
        ?? (
            Parts.FirstOrDefault(p => p.Points is null) is { } open
                ? new NoPlace.PartOpen(open.Plan.Part, open.Value.Value.Absent!)
                : null
        );

    /// <summary>Whether it stands in the order of places.</summary>
    public StandingStatus Status => Why?.Status ?? StandingStatus.Placed;

    /// <summary>What figures read, points and total included.</summary>
    public DesignFacts Facts => new(Assessment.Design, Assessment.Values, Parts, Total);
}
