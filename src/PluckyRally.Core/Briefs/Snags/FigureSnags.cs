using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>A measure that is named by itself, where nothing or too much says what its attempts come to.</summary>
internal static class FigureSnags
{
    public static IEnumerable<Snag> Find(SnagContext scene)
    {
        if (scene.Compiled is not { } compiled || scene.Brief.Trials.Attempts == 1)
            yield break;
        foreach (
            var measure in Named(compiled)
                .Where(m => m is { Taken: ReadOccasion.EachAttempt, Combine: null })
                .Distinct()
        )
        {
            var alone = compiled.Parts.OfType<PartPlan.Measured>().Where(p => p.Expression.Plain == measure).ToList();
            if (alone.Count == 0 && measure.Better is null)
            {
                var at = $"/measures/{measure.Id}/better";
                yield return new(
                    "better",
                    SnagWeight.Matters,
                    at,
                    $"The brief does not say whether more or less {measure.InSentence} is better; the largest is used.",
                    "A rule, a tie-break or an award looks at the best attempt.",
                    new("Less is better", [Change.Set(at, Better.Less)])
                );
                yield return new(
                    "better",
                    SnagWeight.Matters,
                    at,
                    $"The brief does not say whether more or less {measure.InSentence} is better; the largest is used.",
                    "A rule, a tie-break or an award looks at the best attempt.",
                    new("More is better", [Change.Set(at, Better.More)])
                );
            }

            var ways = alone.DistinctBy(p => p.Way).ToList();
            foreach (var part in ways.Count > 1 ? ways : [])
            {
                yield return new(
                    "way",
                    SnagWeight.Matters,
                    $"/measures/{measure.Id}/combine",
                    $"{ways[0].Part.Name} and {ways[1].Part.Name} combine the attempts at "
                        + $"{measure.InSentence} in different ways; where it is named by itself, "
                        + $"{ways[0].Part.Name} is followed.",
                    "A rule, a tie-break or an award names the measure without saying which.",
                    new($"As {part.Part.Name} does", Take($"/measures/{measure.Id}", part))
                );
            }
        }
    }

    private static IEnumerable<Measure> Named(CompiledEdition compiled) =>
        compiled
            .Rules.Where(r => r.Rule.When != CheckTime.EveryAttempt)
            .SelectMany(r => r.Measures)
            .Concat(compiled.TieBreaks.SelectMany(t => t.Value.Measures))
            .Concat(compiled.Awards.SelectMany(a => a.Value?.Measures ?? []))
            .Concat(compiled.Targets.SelectMany(t => t.Value.Measures));

    private static IReadOnlyList<Change> Take(string at, PartPlan.Measured part) =>
        [
            Change.Set($"{at}/combine", part.Definition.Combine),
            Change.Set($"{at}/better", part.Definition.Better),
            .. part.Definition.BestOf is { } best ? new[] { Change.Set($"{at}/bestOf", best) } : [],
            .. part.Definition.FailureValue is { } failed ? new[] { Change.Set($"{at}/failureValue", failed) } : [],
        ];
}
