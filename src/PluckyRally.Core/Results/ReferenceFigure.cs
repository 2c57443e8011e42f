using PluckyRally.Core.Figures;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>A figure of something that teams are compared with.</summary>
/// <param name="Figure">The figure's id.</param>
/// <param name="Reference">What they are compared with.</param>
/// <param name="Value">Its value as a team's would be; the mean of the trials where it has no sheet of its own.</param>
internal sealed record ReferenceFigure(string Figure, Reference Reference, decimal Value)
{
    /// <summary>Every figure that is known, points and totals aside.</summary>
    internal static IReadOnlyList<ReferenceFigure> Of(RoundResult round)
    {
        var (run, entries) = (round.Run, round.Log);
        var record = TeamRecord.Of([new Team { Id = default, Name = "" }], entries, run.Number)[0].Designs[0];
        return
        [
            .. from marked in MarkedTrials.Of(entries, run.Number)
            from figure in run.Compiled.Figures.All.Where(f =>
                f
                    is Figure.OfMeasure { Measure.Taken: ReadOccasion.EachAttempt }
                        or Figure.OfName { Definition.Work: Work.EachAttempt }
            )
            let values = marked
                .Trials.Select((trial, i) => figure.InAttempt(record, new Attempt(i + 1, [trial])))
                .Where(v => v.HasValue)
                .Select(v => v.Number)
                .ToList()
            where values.Count > 0
            select new ReferenceFigure(figure.Id, marked.Reference, values.Average()),
            .. from came in round.References
            from figure in came.Run.Compiled.Figures.All.Where(f =>
                f is not Figures.Figure.OfTeam && f.Known < Availability.WithPoints
            )
            let value = figure.Of(came.Result.Design.Facts)
            where value.HasValue
            select new ReferenceFigure(figure.Id, came.Reference, value.Number),
        ];
    }
}

/// <summary>How a team's figure stands to something that it is compared with.</summary>
/// <param name="Figure">The figure's id.</param>
/// <param name="Purpose">Control, to beat, or by hand.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Reference">Its value.</param>
/// <param name="Times">How many times as much the team has; absent where that says nothing, as of levels.</param>
public sealed record AgainstReference(string Figure, Purpose Purpose, string Name, decimal Reference, decimal? Times);
