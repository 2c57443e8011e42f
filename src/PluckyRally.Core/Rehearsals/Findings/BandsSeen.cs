using PluckyRally.Core.Curves;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Results;

namespace PluckyRally.Core.Rehearsals;

/// <summary>Which bands of points teams come into, and which nobody ever reaches.</summary>
internal sealed class BandsSeen(IReadOnlyList<PartPlan> plans)
{
    /// <summary>Names the finding of a part's bands.</summary>
    public static string Of(string part) => $"bands:{part}";

    /// <summary>A band that fewer reach is never earned (common practice, no source).</summary>
    private const decimal Never = 1;

    private readonly (int At, PartPlan Plan, Curve.Bands Bands, int[] Counts, List<decimal> Values)[] _parts =
    [
        .. plans
            .Select((p, i) => (i, p, p.Curve as Curve.Bands))
            .Where(p => p.Item3 is not null)
            .Select(p => (p.i, p.p, p.Item3!, new int[p.Item3!.Edges.Count + 1], new List<decimal>())),
    ];

    public void See(PlayedClass played)
    {
        foreach (var (at, _, bands, counts, values) in _parts)
        {
            foreach (var result in played.Results)
            {
                if (result.Parts[at] is not { State: PartState.Scored, Value.Value: { HasValue: true } value })
                    continue;
                counts[bands.Edges.Count(e => e.From <= value.Number)]++;
                values.Add(value.Number);
            }
        }
    }

    public IEnumerable<RehearsalFinding> Findings()
    {
        foreach (var (_, plan, bands, counts, values) in _parts)
        {
            var all = counts.Sum();
            if (all == 0)
                continue;
            List<(string Name, decimal Share)> named =
            [
                (RehearsalWords.Below(plan, bands.Edges[0].From), Share.Of(counts[0], all)),
                .. bands.Edges.Select(
                    (e, i) =>
                        (
                            RehearsalWords.Band(
                                plan,
                                e.From,
                                i + 1 < bands.Edges.Count ? bands.Edges[i + 1].From : null
                            ),
                            Share.Of(counts[i + 1], all)
                        )
                ),
            ];

            // What stands below the first edge is no band that somebody wrote.
            var never = named.Skip(1).Where(n => n.Share < Never).ToList();
            yield return new(
                Of(plan.Part.Id),
                never.Count > 0 ? FindingWeight.Wrong : FindingWeight.Fine,
                never.Count > 0
                    ? RehearsalWords.NeverEarned(plan.Part.Name, [.. never.Select(n => n.Name)])
                    : RehearsalWords.AllEarned(plan.Part.Name),
                Share.Of(never.Count, bands.Edges.Count),
                RehearsalWords.InBands(plan.Part.Name),
                [.. named.Select(n => new RehearsalBar(n.Name, n.Share, never.Contains(n)))]
            )
            {
                Helps = RehearsalHelp.ForBands(plan, bands, values),
                Comes = share => RehearsalWords.BandsUnearned(plan.Part.Name, share),
            };
        }
    }
}
