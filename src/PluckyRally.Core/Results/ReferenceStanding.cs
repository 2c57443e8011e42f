using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>What something that teams are compared with came to: a line beside theirs, without a place.</summary>
/// <param name="Reference">What it is; one that has no sheet, and is only made of trials that are marked so, has no
/// id.</param>
/// <param name="Round">The round in which it was recorded: this one, or the last before in which it was.</param>
/// <param name="Parts">What it came to in each part; without points where they are made by comparing teams.</param>
/// <param name="Total">Its total; absent where not every part has points.</param>
/// <param name="TotalText">The total as it is shown.</param>
/// <param name="Reason">What is still to be recorded, or was missed; empty where it is complete.</param>
/// <param name="Musts">How each of its rules came out.</param>
public sealed record ReferenceStanding(
    Reference Reference,
    int Round,
    IReadOnlyList<PartScore> Parts,
    decimal? Total,
    string TotalText,
    string Reason,
    IReadOnlyList<MustShown> Musts
)
{
    /// <summary>The comparisons of a round.</summary>
    internal static IReadOnlyList<ReferenceStanding> Of(RoundResult round) =>
        [
            .. round.References.Select(Of),
            .. MarkedTrials
                .Of(round.Log, round.Run.Number)
                .Select(trials => Of(round.Run.Compiled, round.Run.Number, trials)),
        ];

    private static ReferenceStanding Of(ReferenceResult came)
    {
        var (compiled, result) = (came.Run.Compiled, came.Result);
        var total = result.OwnsTotal ? result.Total : null;
        return new(
            came.Reference,
            came.Run.Number,
            [
                .. result.Parts.Select(p =>
                    result.Owns(p.Plan)
                        ? PartScore.Of(compiled, p)
                        : PartScore.Of(compiled, p) with
                        {
                            Points = null,
                            PointsText = "",
                        }
                ),
            ],
            total,
            total is { } points
                ? ReadingFormat.WithBound(ReadingFormat.Points(points, compiled.Brief.Method.Precision), result.Bound)
                : "",
            result.Reason,
            [
                .. compiled
                    .Rules.Where(r => !r.Rule.IsBonus && r.IsFor(result.Team))
                    .Select(r => MustShown.Of(r.Rule, result.Assessment.Rules)),
            ]
        );
    }

    /// <summary>Trials that are marked as a control or as to beat: the mean of each measured part.</summary>
    private static ReferenceStanding Of(CompiledEdition compiled, int round, MarkedTrials marked)
    {
        var parts = new List<PartScore>();
        foreach (var plan in compiled.Parts.OfType<PartPlan.Measured>())
        {
            var values = marked
                .Trials.Select(t => new Attempt(1, [t]))
                .Select(a => plan.Expression.Run([.. plan.Measures.Select(a.Read)]))
                .Where(v => v.HasValue)
                .Select(v => v.Number)
                .ToList();
            if (values.Count == 0)
                continue;
            var mean = values.Sum() / values.Count;
            parts.Add(
                new()
                {
                    Part = plan.Definition.Id,
                    Name = plan.Definition.Name,
                    State = PartState.Scored,
                    Value = mean,
                    ValueText = plan.Expression.Show(
                        new BoundedValue(mean),
                        values.Count > 1 ? plan.Expression.Decimals + 1 : null
                    ),
                }
            );
        }

        return new(marked.Reference, round, parts, null, "", "", []);
    }

    /// <summary>
    /// How a team's value in a part stands to these: to its own of a purpose where it has one, else to the class's.
    /// </summary>
    internal static IReadOnlyList<string> Against(
        IReadOnlyList<ReferenceStanding> references,
        TeamId team,
        string part,
        decimal value
    )
    {
        var lines = references
            .Where(r => r.Reference.IsFor(team))
            .Select(r => (r.Reference, r.Parts.FirstOrDefault(p => p.Part == part)?.Value))
            .Where(l => l.Value > 0 && value > 0)
            .ToList();
        return
        [
            .. lines
                .Where(l =>
                    l.Reference.Of == team
                    || lines.All(o => o.Reference.Purpose != l.Reference.Purpose || o.Reference.Of != team)
                )
                .Select(l => ReferenceWords.Times(l.Reference, value / l.Value!.Value)),
        ];
    }
}
