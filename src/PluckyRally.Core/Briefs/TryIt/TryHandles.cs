using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

/// <summary>What of a pretend team can be moved.</summary>
internal static class TryHandles
{
    public static IReadOnlyList<TryHandle> Of(CompiledEdition compiled) =>
        [.. compiled.Brief.Measures.Select(OfMeasure), .. compiled.Rehearsed.SelectMany(p => p.Handles)];

    public static TryHandle OfMeasure(Measure measure)
    {
        var range = Plausible.OrGuess(measure);
        IReadOnlyList<string> words =
            measure.Kind == MeasureKind.YesNo ? ["no", "yes"]
            : measure.Kind == MeasureKind.Level ? measure.Levels
            : [];
        return new(
            measure.Id,
            measure.Name,
            measure.Unit,
            range.Low,
            range.High,
            words.Count > 0 ? 1 : measure.Step,
            words
        )
        {
            LessIsBetter = measure.Better == Better.Less,
        };
    }
}
