using PluckyRally.Core.Checks;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Tiers that nobody can tell apart, or that ask less of older students than of younger ones.</summary>
internal static class TierSnags
{
    public static IEnumerable<Snag> Find(IReadOnlyList<(Tier Tier, SnagContext SnagContext)> all) =>
        SameName([.. all.Select(t => t.Tier)]).Concat(Easier(all));

    private static IEnumerable<Snag> SameName(IReadOnlyList<Tier> tiers)
    {
        foreach (var tier in tiers.Where((t, i) => tiers.Take(i).Any(other => Name(other).Trim() == Name(t).Trim())))
            yield return new(
                "sameName",
                SnagWeight.Stops,
                $"/tiers/{tier.Id}/name",
                $"Two tiers are called “{Name(tier)}”.",
                "Nobody could tell which one a rally runs. Give each a name of its own.",
                Tier: tier.Id
            );
    }

    private static IEnumerable<Snag> Easier(IReadOnlyList<(Tier Tier, SnagContext SnagContext)> all)
    {
        var tiers = all.Where(t => t.SnagContext.Brief.Grades != GradeBand.Unsaid)
            .OrderBy(t => t.SnagContext.Brief.Grades)
            .ToList();
        for (var i = 1; i < tiers.Count; i++)
        {
            var (younger, older) = (tiers[i - 1], tiers[i]);
            if (younger.SnagContext.Brief.Grades == older.SnagContext.Brief.Grades)
                continue;
            foreach (var (at, what, value) in Easier(younger.SnagContext, older.SnagContext))
            {
                yield return new(
                    "easier",
                    SnagWeight.Matters,
                    at,
                    $"{Name(older.Tier)} is easier than {Name(younger.Tier)}: {what}.",
                    "Older students would notice, and the two cannot be compared.",
                    value is null ? null : new($"As in {Name(younger.Tier)}", [value with { Tier = older.Tier.Id }]),
                    older.Tier.Id
                );
            }
        }
    }

    private static IEnumerable<(string At, string What, Change? AsYounger)> Easier(
        SnagContext youngerScene,
        SnagContext olderScene
    )
    {
        var (young, old) = (Plans(youngerScene), Plans(olderScene));
        var (younger, older) = (youngerScene.Brief, olderScene.Brief);
        foreach (var rule in younger.Rules.Where(r => !r.Off))
        {
            if (older.Rules.FirstOrDefault(r => r.Id == rule.Id) is { Off: true })
                yield return (
                    $"/rules/{rule.Id}/off",
                    $"it leaves out “{rule.Text}”",
                    Change.Set($"/rules/{rule.Id}/off", false)
                );
            if (
                !young.TryGetValue(rule.Id, out var was)
                || !old.TryGetValue(rule.Id, out var now)
                || was.Comparison != now.Comparison
            )
                continue;
            var less = was.Comparison is Comparison.AtLeast or Comparison.MoreThan
                ? now.Size < was.Size
                : was.Comparison is Comparison.AtMost or Comparison.LessThan && now.Size > was.Size;
            if (less)
                yield return (
                    $"/rules/{rule.Id}/check/amount",
                    $"{now.Amount} instead of {was.Amount} in “{rule.Text}”",
                    Change.Set($"/rules/{rule.Id}/check/amount", was.Amount)
                );
        }

        foreach (var material in younger.Materials.Where(m => m is { Off: false, IsRig: false, Amount: not null }))
        {
            if (
                older.Materials.FirstOrDefault(m => m.Id == material.Id) is { Off: false, Amount: { } more }
                && more > material.Amount
            )
                yield return (
                    $"/materials/{material.Id}/amount",
                    $"{Numerals.Write(more)} {material.Name} instead of {Numerals.Write(material.Amount.Value)}",
                    Change.Set($"/materials/{material.Id}/amount", material.Amount.Value)
                );
        }

        foreach (var phase in younger.Timing.Phases.Where(p => p.Kind == PhaseKind.Build))
        {
            if (older.Timing.Phases.FirstOrDefault(p => p.Id == phase.Id) is { } later && later.Minutes > phase.Minutes)
                yield return (
                    $"/timing/phases/{phase.Id}/minutes",
                    $"{Numerals.Write(later.Minutes)} minutes to build instead of {Numerals.Write(phase.Minutes)}",
                    Change.Set($"/timing/phases/{phase.Id}/minutes", phase.Minutes)
                );
        }
    }

    /// <summary>The limits of a brief, by rule, with sizes that can be compared over units.</summary>
    private static Dictionary<string, (Comparison Comparison, string Amount, decimal Size)> Plans(SnagContext scene) =>
        (scene.Compiled?.Rules ?? [])
            .OfType<RulePlan.Limit>()
            .Where(r => !r.IsDerived)
            .ToDictionary(r => r.Rule.Id, r => (r.Definition.Comparison, r.Definition.Amount, Size(r)));

    private static decimal Size(RulePlan.Limit plan) =>
        plan.Of?.FixedUnit is { } unit ? plan.Amount * unit.Factor / unit.Divisor : plan.Amount;

    private static string Name(Tier tier) => tier.Name.Length > 0 ? tier.Name : tier.Id;
}
