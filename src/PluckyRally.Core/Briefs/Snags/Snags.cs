using System.Text.Json;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>Looks a brief through before a class does.</summary>
public static class Snags
{
    private static readonly IReadOnlyList<Func<SnagContext, IEnumerable<Snag>>> Checks =
    [
        StoppingSnags.Find,
        SafetySnags.Find,
        RuleSnags.Find,
        SaidSnags.Find,
        RepeatedNumberSnags.Find,
        TestSnags.Find,
        MaterialSnags.Find,
        ScoringSnags.Find,
        FigureSnags.Find,
        ReadingSnags.Find,
        TimeSnags.Find,
        SheetSnags.Find,
    ];

    /// <summary>
    /// Everything found in the brief and in each of its tiers, what stops first. What the teacher has decided to leave
    /// is not among it, unless it stops.
    /// </summary>
    public static IReadOnlyList<Snag> Of(Brief brief) => Look(brief).Found;

    /// <summary>The snags that the teacher has decided to leave.</summary>
    public static IReadOnlyList<Snag> Left(Brief brief) => Look(brief).Left;

    /// <summary>Both at once.</summary>
    public static (IReadOnlyList<Snag> Found, IReadOnlyList<Snag> Left) Look(Brief brief)
    {
        var left = brief.LeftSnags.Concat(LeftInTiers(brief)).ToHashSet();
        var all = All(brief).OrderBy(s => s.Weight).ToLookup(s => s.Weight != SnagWeight.Stops && left.Contains(s.Key));
        return ([.. all[false]], [.. all[true]]);
    }

    /// <summary>
    /// Everything that keeps a class from running the brief in this tier; the last look before a rally begins.
    /// </summary>
    public static IReadOnlyList<Problem> Stopping(Edition edition) =>
        [
            .. In(edition.Brief)
                .Where(s => s.Weight == SnagWeight.Stops)
                .Select(s => new Problem(s.At, s.What, s.Fix?.Label is { } label ? $"{label}." : s.Why)),
        ];

    /// <summary>What was left on a tier's own sheet, by the keys that it has in the whole brief.</summary>
    private static IEnumerable<string> LeftInTiers(Brief brief) =>
        from tier in brief.Tiers
        let own = tier.Overrides.LastOrDefault(o => o.At == "/leftSnags")
        where own is { Value.ValueKind: JsonValueKind.Array }
        from key in own.Value.EnumerateArray()
        select $"{key} {tier.Id}";

    private static List<Snag> All(Brief brief)
    {
        var found = In(brief).ToList();
        var known = found.Select(s => (s.Id, s.At)).ToHashSet();
        var scenes = new List<(Tier Tier, SnagContext SnagContext)>();
        foreach (var tier in brief.Tiers)
        {
            var edition = Editions.Resolve(brief, tier.Id);
            if (!edition.IsOk)
            {
                found.AddRange(
                    edition.Problems.Select(p => new Snag(
                        "tier",
                        SnagWeight.Stops,
                        p.At,
                        p.What,
                        p.Remedy,
                        Tier: tier.Id
                    ))
                );
                continue;
            }

            var scene = SnagContext.Of(edition.Value.Brief);
            scenes.Add((tier, scene));
            found.AddRange(In(scene).Where(s => !known.Contains((s.Id, s.At))).Select(s => InTier(s, tier)));
        }

        found.AddRange(TierSnags.Find(scenes));
        return found;
    }

    private static IEnumerable<Snag> In(Brief brief) => In(SnagContext.Of(brief));

    private static IEnumerable<Snag> In(SnagContext scene) => Checks.SelectMany(check => check(scene));

    /// <summary>What is found only in a tier is fixed only there; lists are the same in all tiers.</summary>
    private static Snag InTier(Snag snag, Tier tier) =>
        snag with
        {
            Tier = tier.Id,
            Fix = snag.Fix is { } fix
                ? fix with
                {
                    Changes = [.. fix.Changes.Select(c => c.Kind == ChangeKind.Set ? c with { Tier = tier.Id } : c)],
                }
                : null,
        };
}
