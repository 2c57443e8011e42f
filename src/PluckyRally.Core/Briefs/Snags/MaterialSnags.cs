using PluckyRally.Core.Checks;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Materials without a limit, or too few to reach what is asked.</summary>
internal static class MaterialSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        foreach (
            var material in scene.Materials.Where(m => m is { Category: Material.Joining, Amount: null, Price: null })
        )
        {
            // An amount in the name is asked about by itself.
            if (char.IsDigit(material.Name[0]))
                continue;
            var (amount, unit) =
                Units.Find(material.Unit) is { Kind: MeasureKind.Length } length
                    ? (Math.Round(Units.Find("cm")!.To(length, 60), 1), material.Unit)
                : material.Unit.Length > 0 ? (1m, material.Unit)
                : material.Name.Contains("tape", StringComparison.OrdinalIgnoreCase) ? (60m, "cm")
                : (10m, "");
            yield return new(
                "joining",
                SnagWeight.Matters,
                $"/materials/{material.Id}/amount",
                $"There is no limit to the {material.Name}.",
                "Without a limit, the fasteners hold up the build instead of the design.",
                new(
                    $"Give each team {Numerals.Write(amount)} {(unit.Length > 0 ? $"{unit} of " : "")}{material.Name}",
                    [
                        Change.Set($"/materials/{material.Id}/amount", amount),
                        Change.Set($"/materials/{material.Id}/unit", unit),
                    ]
                )
            );
        }

        if (scene.Brief.Money.Length == 0 && scene.Materials.FirstOrDefault(m => m.Price > 0) is { } priced)
            yield return new(
                "money",
                SnagWeight.Hint,
                "/money",
                $"The {priced.Name} cost {Numerals.Write(priced.Price!.Value)}, and the currency is missing.",
                "Bare numbers on a shopping list could be any currency."
            );

        foreach (var need in TestNeed.Of(scene.Brief, []))
        {
            if (need.Planned < need.AtOnce)
                yield return new(
                    "testTakes",
                    SnagWeight.Matters,
                    $"/materials/{need.Things[0]}/amount",
                    TestNeedWords.SayTooFew(need),
                    "A strong build would be stopped by an empty box, and its score would be too low."
                );
        }

        var stages = scene.Brief.Stages;
        if (stages.Stages.Count == 0)
            yield break;
        var outcome = StagePlanner.Build(stages, scene.Brief.Materials);
        if (outcome.Short is { } shortage)
        {
            yield return new(
                "stages",
                SnagWeight.Matters,
                $"/stages/stages/{shortage.Stage.Id}",
                $"The {shortage.Material.Name} run out at “{shortage.Stage.Name}”: "
                    + $"{Numerals.Write(shortage.Left)} left, {Numerals.Write(shortage.Needed)} needed.",
                "No team could finish, however well it builds.",
                new(
                    $"Give each team {Numerals.Write(shortage.Total)}",
                    [Change.Set($"/materials/{shortage.Material.Id}/amount", shortage.Total)],
                    RuleSnags.Allowing(scene, shortage.Material.Name, shortage.Total) is { } rule
                        ? $"“{rule.Text}” allows fewer; change it too."
                        : ""
                )
            );
            yield break;
        }

        var least = scene
            .Compiled?.Rules.OfType<RulePlan.Limit>()
            .FirstOrDefault(r =>
                r.Of?.Id == stages.Measure
                && r.Definition.Comparison
                    is Comparison.AtLeast
                        or Comparison.MoreThan
                        or Comparison.Exactly
                        or Comparison.Between
            );
        if (least?.Of is { } measure && outcome.Reached < least.Amount)
            yield return new(
                "stages",
                SnagWeight.Matters,
                "/stages",
                $"The stages come to {ReadingFormat.Value(outcome.Reached, measure)}, and “"
                    + $"{least.Rule.Text}” asks for {ReadingFormat.Value(least.Amount, measure)}.",
                "Either the materials cannot reach it, or a stage is missing from the plan."
            );
    }
}
