using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

/// <summary>
/// Asks about readings that are far from what teams will probably reach; a misread unit or a slipped digit looks so.
/// </summary>
internal static class Likely
{
    /// <summary>Problems at <c>…/sure</c> for every unlikely reading that nobody has confirmed.</summary>
    public static void Check(CompiledEdition compiled, Entry entry, ProblemCollector found)
    {
        foreach (var (at, reading) in entry.ReadingsAt)
            Check(compiled, reading, $"{at}/sure", found);
    }

    /// <summary>
    /// As far again outside the expected range as the range is wide is still believed (our own number).
    /// </summary>
    private static void Check(CompiledEdition compiled, Reading reading, string at, ProblemCollector found)
    {
        if (
            reading is not { Sure: false, Value: { } value }
            || !compiled.Measures.TryGetValue(reading.Measure, out var measure)
            || measure.Expected is not { } expected
        )
            return;
        var span = expected.Largest - expected.Smallest;
        found.Unless(
            value >= expected.Smallest - span && value <= expected.Largest + span,
            at,
            $"Really? {ReadingFormat.Reading(value, reading.Bound, measure)} is far from what was expected, "
                + $"{ReadingFormat.Reading(expected.Smallest, Bound.Exact, measure)} to "
                + $"{ReadingFormat.Reading(expected.Largest, Bound.Exact, measure)}.",
            "Look again at the number and its unit. If it is right, say so."
        );
    }
}
