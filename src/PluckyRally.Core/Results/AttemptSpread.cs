using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Results;

/// <summary>How far the attempts of one team lie apart in a part, over all teams that repeated theirs.</summary>
/// <param name="Plan">The part.</param>
/// <param name="Deviation">The pooled standard deviation within teams, in the unit of the part's value.</param>
internal sealed record AttemptSpread(PartPlan.Measured Plan, decimal Deviation)
{
    /// <summary>The deviation as it is shown: a digit more than the value.</summary>
    public string Say() => Plan.Expression.Show(new BoundedValue(Deviation), Plan.Decimals + 1);

    /// <summary>Fewer teams with two counting attempts say nothing of the others.</summary>
    private const int Teams = 2;

    /// <summary>
    /// The parts in which it is known. Squares of the distances from each team's own mean are added up and divided by
    /// the number of attempts less one for each team (the pooled variance of one-way analysis; NIST/SEMATECH e-Handbook
    /// of Statistical Methods, 7.4.3).
    /// </summary>
    public static IReadOnlyList<AttemptSpread> Of(CompiledEdition compiled, IReadOnlyList<TeamResult> teams) =>
        [
            .. compiled
                .Parts.Select((plan, at) => (plan, at))
                .Where(p => p.plan is PartPlan.Measured)
                .Select(p => Of((PartPlan.Measured)p.plan, [.. teams.Select(t => Counting(t.Parts[p.at]))]))
                .OfType<AttemptSpread>(),
        ];

    private static AttemptSpread? Of(PartPlan.Measured plan, IReadOnlyList<IReadOnlyList<decimal>> teams)
    {
        var repeated = teams.Where(t => t.Count >= 2).ToList();
        if (repeated.Count < Teams)
            return null;
        var squares = repeated.Sum(t =>
        {
            var mean = t.Average();
            return t.Sum(v => (double)((v - mean) * (v - mean)));
        });
        return new(plan, (decimal)Math.Sqrt(squares / repeated.Sum(t => t.Count - 1)));
    }

    /// <summary>The values of the attempts that count, as far as they are no bounds.</summary>
    public static IReadOnlyList<decimal> Counting(PartResult part) =>
        [
            .. part
                .Value.Attempts.Where(a =>
                    a.Outcome == TrialOutcome.Counted && a.Value is { HasValue: true, Bound: Bound.Exact }
                )
                .Select(a => a.Value.Number),
        ];
}
