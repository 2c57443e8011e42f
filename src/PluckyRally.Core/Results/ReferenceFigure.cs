namespace PluckyRally.Core;

/// <summary>A figure of the control or the benchmark: the mean of its trials, for the class or for one team.</summary>
/// <param name="Figure">The figure's id: a measure's or that of a figure with a name.</param>
/// <param name="Purpose">Control or benchmark.</param>
/// <param name="Team">The team's id; empty for the whole class.</param>
/// <param name="Value">The mean.</param>
public sealed record ReferenceFigure(string Figure, Purpose Purpose, string Team, decimal Value)
{
    /// <summary>Every figure that is known in an attempt, for each control and benchmark that was tried.</summary>
    internal static IReadOnlyList<ReferenceFigure> Of(CompiledEdition compiled, IReadOnlyList<Entry> entries, int round)
    {
        var record = TeamRecord.Of([new Team { Id = "", Name = "" }], entries, round)[0].Designs[0];
        return
        [
            .. from trials in ReferenceLines.Trials(entries, round)
               from figure in compiled.Figures.All.Where(f => f is Figure.OfMeasure { Measure.Taken: Taken.EachAttempt } or Figure.OfName { Definition.Work: Work.EachAttempt })
               let values = trials.Select((trial, i) => figure.InAttempt(record, new Attempt(i + 1, [trial]))).Where(v => v.HasValue).Select(v => v.Number).ToList()
               where values.Count > 0
               select new ReferenceFigure(figure.Id, trials.Key.Purpose, trials.Key.Team, values.Average()),
        ];
    }
}

/// <summary>How a team's figure stands to a reference.</summary>
/// <param name="Figure">The figure's id.</param>
/// <param name="Purpose">Control or benchmark.</param>
/// <param name="Reference">The reference's value: the team's own where it has one, else the class's.</param>
/// <param name="Times">How many times as much the team has.</param>
public sealed record AgainstReference(string Figure, Purpose Purpose, decimal Reference, decimal Times);
