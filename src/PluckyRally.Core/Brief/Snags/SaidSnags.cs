namespace PluckyRally.Core;

/// <summary>
/// What stands in words and could be a rule: a limit that is only looked at, an amount in a material's name. One touch
/// makes it one.
/// </summary>
internal static class SaidSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene) => Limits(scene).Concat(Amounts(scene));

    private static IEnumerable<Snag> Limits(SnagContext scene)
    {
        foreach (var rule in scene.Rules.Where(r => r.Check is RuleCheck.Inspection))
        {
            if (BriefReader.LimitIn(rule.Text) is not { } limit)
                continue;
            var draft = new PieceDraft(scene.Brief, [limit]);
            yield return new(
                "saysALimit",
                SnagWeight.Hint,
                $"/rules/{rule.Id}/text",
                $"“{rule.Text}” names a limit that is only looked at.",
                "A reading decides it by a number, and students see by how much.",
                new(
                    limit.Says().TrimEnd('.'),
                    [
                        .. draft.With(limit.Measure),
                        Change.Set($"/rules/{rule.Id}/check", limit.Check(scene.Brief)),
                        Change.Set($"/rules/{rule.Id}/when", limit.When),
                    ]
                )
            );
        }
    }

    private static IEnumerable<Snag> Amounts(SnagContext scene)
    {
        foreach (var material in scene.Materials.Where(m => m.Amount is null or 1 && m.Unit.Length == 0))
        {
            if (
                material.Name.Length == 0
                || !(char.IsDigit(material.Name[0]) || material.Name.StartsWith("a ", StringComparison.Ordinal))
                || BriefReader.MaterialsIn(material.Name) is not [_, ..] readings
                || readings.MaxBy(r => r.Amount) is not { Amount: { } amount } said
            )
                continue;
            var clear = readings.Count == 1;
            yield return new(
                "saysAnAmount",
                clear ? SnagWeight.Hint : SnagWeight.Matters,
                $"/materials/{material.Id}/name",
                clear
                    ? $"The name “{material.Name}” holds an amount."
                    : $"“{material.Name}” does not say how many a team gets.",
                "As an amount it is added up for the class and the shopping list.",
                new(
                    $"Make it {Material.So(amount, said.Unit, said.Name)}",
                    [
                        Change.Set($"/materials/{material.Id}/amount", amount),
                        Change.Set($"/materials/{material.Id}/unit", said.Unit),
                        Change.Set($"/materials/{material.Id}/name", said.Name),
                    ]
                )
            );
        }
    }
}
