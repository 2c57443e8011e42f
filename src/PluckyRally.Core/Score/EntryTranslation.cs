using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

/// <summary>
/// Brings what was written by an earlier brief into the one that stands now: it means what it meant when it was
/// written.
/// </summary>
internal static class EntryTranslation
{
    /// <summary>An entry understood by the brief as it is now; where it no longer fits, that is collected.</summary>
    public static Entry Understand(
        CompiledEdition then,
        CompiledEdition now,
        KnownSubjects named,
        Entry entry,
        ProblemCollector found
    )
    {
        if (ReferenceEquals(then, now))
            return Recorder.Understand(now, named, entry, found);
        var typed = entry.ReadingsAt.Select(r => r.Reading.Typed).ToList();
        var places = entry.ReadingsAt.Select(r => r.At).ToList();
        var at = 0;
        var moved = entry.With(reading => Move(reading, then, now, places[at++], found));
        if (found.Problems.Count > 0)
            return entry;
        at = 0;
        return Recorder.Understand(now, named, moved, found).With(reading => reading with { Typed = typed[at++] });
    }

    /// <summary>A reading of a measure that had another unit says which it was.</summary>
    private static Reading Move(
        Reading reading,
        CompiledEdition then,
        CompiledEdition now,
        string at,
        ProblemCollector found
    )
    {
        if (
            !then.Measures.TryGetValue(reading.Measure, out var was)
            || !now.Measures.TryGetValue(reading.Measure, out var measure)
            || (was.Kind, was.Unit) == (measure.Kind, measure.Unit)
        )
            return reading;
        if (was.FixedUnit is null && measure.FixedUnit is null && was.Kind == measure.Kind)
            return reading;
        if (was.FixedUnit is not { } old || measure.FixedUnit?.Kind != old.Kind)
        {
            found.Add(
                at,
                $"{measure.Name} was read {In(was)} and is {In(measure)} now.",
                "Record it again if the reading is still wanted."
            );
            return reading;
        }

        var read = ReadingParser.Parse(reading.Typed, was);
        return read.IsOk
            ? reading with
            {
                Typed = $"{Numerals.Write(read.Value.Value + was.Tare)} {old.Symbol}",
                Bound = read.Value.Bound,
            }
            : reading;
    }

    private static string In(Measure measure) =>
        measure.Unit.Length > 0 ? $"in {Units.SeveralOf(measure.Unit)}" : "as a number";
}
