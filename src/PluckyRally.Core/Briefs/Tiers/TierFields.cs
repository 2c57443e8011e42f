using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Files;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>The places of a brief that a teacher changes from grade to grade.</summary>
internal static class TierFields
{
    private static readonly IReadOnlyList<string> Bands = [.. GradeBands.All.Select(Json.Word)];

    public static IReadOnlyList<TierField> Of(Brief brief, JsonNode root)
    {
        TierField Field(string at, TierFieldKind kind, IReadOnlyList<string>? words = null) =>
            new(at, PathWords.Of(root, at), kind, words ?? []);
        return
        [
            Field("/grades", TierFieldKind.Choice, Bands),
            Field("/goal", TierFieldKind.Text),
            Field("/story", TierFieldKind.Text),
            .. brief.Rules.SelectMany(r => OfRule(r, Field)),
            .. brief.Materials.SelectMany(m =>
                new[]
                {
                    Field($"/materials/{m.Id}/amount", TierFieldKind.Number),
                    Field($"/materials/{m.Id}/unit", TierFieldKind.Text),
                    Field($"/materials/{m.Id}/note", TierFieldKind.Text),
                    Field($"/materials/{m.Id}/off", TierFieldKind.YesNo),
                }
            ),
            .. brief.Timing.Phases.Select(p => Field($"/timing/phases/{p.Id}/minutes", TierFieldKind.Number)),
            Field("/timing/lesson", TierFieldKind.Number),
            Field("/timing/lessons", TierFieldKind.Number),
            Field("/trials/attempts", TierFieldKind.Number),
            Field("/trials/minimum", TierFieldKind.Number),
            Field("/trials/holdSeconds", TierFieldKind.Number),
            Field("/trials/freshBuildAfterFailure", TierFieldKind.YesNo),
            Field("/trials/how", TierFieldKind.Text),
            .. brief.Conditions.Select(c => Field($"/conditions/{c.Id}/fixedAt", TierFieldKind.Text)),
            .. brief.Measures.SelectMany(m => OfMeasure(m, Field)),
            .. brief.Figures.Select(f => Field($"/figures/{f.Id}/off", TierFieldKind.YesNo)),
            .. brief.Method.Parts.SelectMany(p => OfPart(p, Field)),
            .. brief.Method.TieBreaks.Select((_, i) => Field($"/method/tieBreaks/{i}/off", TierFieldKind.YesNo)),
            .. brief.Method.Awards.Select(a => Field($"/method/awards/{a.Id}/off", TierFieldKind.YesNo)),
            .. brief.Method.Targets.SelectMany(t =>
                new[]
                {
                    Field($"/method/targets/{t.Id}/amount", TierFieldKind.Text),
                    Field($"/method/targets/{t.Id}/off", TierFieldKind.YesNo),
                }
            ),
            Field("/method/precision", TierFieldKind.Number),
            Field("/method/ranking", TierFieldKind.YesNo),
        ];
    }

    /// <summary>
    /// A change as it is made where a tier is looked at: for the tier, where it can have its own; else for the brief.
    /// </summary>
    public static Change Within(Brief brief, string tier, Change change) =>
        tier.Length > 0
        && change.Kind == ChangeKind.Set
        && (
            Of(brief, JsonSerializer.SerializeToNode(brief, Json.Options)!).Any(f => f.At == change.At)
            || brief.Tiers.Any(t => t.Id == tier && t.HasItemOver(change.At))
        )
            ? change with
            {
                Tier = tier,
            }
            : change;

    private static IEnumerable<TierField> OfRule(
        Rule rule,
        Func<string, TierFieldKind, IReadOnlyList<string>?, TierField> field
    )
    {
        var at = $"/rules/{rule.Id}";
        if (rule.Check is RuleCheck.Limit { PercentOfLastRound: null } limit)
        {
            yield return field($"{at}/check/amount", TierFieldKind.Text, null);
            yield return field(
                $"{at}/check/comparison",
                TierFieldKind.Choice,
                [.. Enum.GetValues<Comparison>().Select(Json.Word)]
            );
            if (limit.Comparison == Comparison.Between)
                yield return field($"{at}/check/upper", TierFieldKind.Text, null);
        }

        yield return field($"{at}/text", TierFieldKind.Text, null);
        if (rule.IfMissed is Consequence.Deduct)
            yield return field($"{at}/ifMissed/points", TierFieldKind.Number, null);
        yield return field($"{at}/off", TierFieldKind.YesNo, null);
    }

    private static IEnumerable<TierField> OfMeasure(
        Measure measure,
        Func<string, TierFieldKind, IReadOnlyList<string>?, TierField> field
    )
    {
        var at = $"/measures/{measure.Id}";
        if (Units.NeedsUnit(measure.Kind))
            yield return field($"{at}/unit", TierFieldKind.Choice, Units.For(measure.Kind));
        yield return field($"{at}/step", TierFieldKind.Number, null);
        yield return field($"{at}/taken", TierFieldKind.Choice, [.. Enum.GetValues<ReadOccasion>().Select(Json.Word)]);
        if (measure.Kind == MeasureKind.Level)
            yield return field($"{at}/levels", TierFieldKind.List, null);
        yield return field($"{at}/how", TierFieldKind.Text, null);
        yield return field($"{at}/off", TierFieldKind.YesNo, null);
        if (measure.Kind is not (MeasureKind.YesNo or MeasureKind.Level))
            yield return field($"{at}/benchmark", TierFieldKind.Number, null);
        if (measure.Expected is null)
            yield break;
        yield return field($"{at}/expected/low", TierFieldKind.Number, null);
        yield return field($"{at}/expected/high", TierFieldKind.Number, null);
    }

    private static IEnumerable<TierField> OfPart(
        Part part,
        Func<string, TierFieldKind, IReadOnlyList<string>?, TierField> field
    )
    {
        var at = $"/method/parts/{part.Id}";
        yield return field($"{at}/off", TierFieldKind.YesNo, null);
        yield return field($"{at}/weight", TierFieldKind.Number, null);
        foreach (var limit in new[] { "floor", "cap", "failurePoints" })
            yield return field($"{at}/{limit}", TierFieldKind.Number, null);
        foreach (var inner in part.Inner)
            yield return field(at + inner.At, inner.Kind, inner.Words);
        foreach (var list in part.PointsCurve?.Lists ?? [])
            yield return field($"{at}/curve/{list}", TierFieldKind.List, null);
        foreach (var number in part.PointsCurve?.Numbers ?? [])
            yield return field($"{at}/curve/{number}", TierFieldKind.Number, null);
    }
}
