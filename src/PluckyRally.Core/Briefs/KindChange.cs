using PluckyRally.Core.Checks;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>What changes in a brief with the kind of one of its measures.</summary>
public static class KindChange
{
    /// <summary>What a scale in words begins with; the teacher writes others.</summary>
    private static readonly IReadOnlyList<string> TwoWords = ["low", "high"];

    /// <summary>
    /// The changes: the unit and the step that are usual for the kind in this brief, and nothing that only the old kind
    /// has. What was written in numbers of the old kind is named, for the teacher to look at. Null where there is no
    /// such measure, or it is of that kind already.
    /// </summary>
    /// <param name="brief">The brief.</param>
    /// <param name="measure">The measure's id.</param>
    /// <param name="kind">The new kind.</param>
    public static Fix? Of(Brief brief, string measure, MeasureKind kind)
    {
        if (brief.Measures.FirstOrDefault(m => m.Id == measure) is not { } found || found.Kind == kind)
            return null;
        var at = $"/measures/{measure}";
        var (unit, step) = UsualMeasure.Of(brief, kind);
        return new(
            unit.Length > 0 ? $"{found.Name} is read in {unit}, to the nearest {Numerals.Write(step)}." : "",
            [
                Change.Set($"{at}/kind", kind),
                Change.Set($"{at}/unit", unit),
                Change.Set($"{at}/step", step),
                Change.Set($"{at}/levels", kind == MeasureKind.Level ? TwoWords : []),
                Change.Set($"{at}/weights", kind == MeasureKind.Mass ? found.Weights : []),
                Change.Set($"{at}/tare", 0),
                Change.Set<LaidOut?>($"{at}/laidOut", null),
                Change.Set<Expected?>($"{at}/expected", null),
                Change.Set<decimal?>($"{at}/benchmark", null),
                Change.Set<decimal?>($"{at}/failureValue", null),
            ],
            Written(brief, found)
        );
    }

    /// <summary>What has numbers of the old kind.</summary>
    private static string Written(Brief brief, Measure measure)
    {
        List<string> written =
        [
            .. measure.Expected is null ? [] : new[] { "what teams will reach" },
            .. brief
                .Method.Parts.OfType<Part.Measured>()
                .Where(p => p.Value.Trim() == measure.Id && !p.Curve.IsValueItself && p.Curve.ByPlace is null)
                .Select(p => $"the points of {p.Name}"),
            .. brief
                .Rules.Where(r => r.Check is RuleCheck.Limit limit && limit.Value.Trim() == measure.Id)
                .Select(r => $"“{r.Text}”"),
            .. brief.Method.Targets.Where(t => t.Value.Trim() == measure.Id).Select(t => $"the target {t.Name}"),
        ];
        return written.Count == 0
            ? ""
            : $"Check the numbers here: {English.List(written)}. {(written.Count == 1 ? "It was" : "They were")} "
                + "written for another kind of measure.";
    }
}
