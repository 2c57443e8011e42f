using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(MeasureRead), "measureRead")]
public abstract partial record Entry
{
    /// <summary>A measure that is taken once was read.</summary>
    public sealed record MeasureRead : Entry
    {
        /// <summary>The design; empty for all of the team's designs.</summary>
        public string Design { get; init; } = "";

        /// <summary>What was read.</summary>
        public required Reading Reading { get; init; }

        internal override bool IsTeachers => false;

        internal override string? ShowsDesign => Design.Length > 0 ? Design : null;

        internal override Entry Understand(
            CompiledEdition compiled,
            IReadOnlyList<Team> teams,
            ProblemCollector found
        ) => this with { Reading = ReadingEntries.Understand(compiled, Reading, ReadOccasion.Once, "/reading", found) };

        internal override IEnumerable<(string At, Reading Reading)> ReadingsAt => [("/reading", Reading)];

        internal override Entry With(Func<Reading, Reading> change) => this with { Reading = change(Reading) };

        internal override string Say(CompiledEdition compiled, int? attempt) => ReadingEntries.Say(compiled, Reading);
    }
}

/// <summary>Understands the readings that entries bring, and says them.</summary>
internal static class ReadingEntries
{
    /// <summary>The measure that a reading names, or a problem.</summary>
    public static Measure? Measure(CompiledEdition compiled, Reading reading, ProblemCollector found)
    {
        if (compiled.Measures.TryGetValue(reading.Measure, out var measure))
            return measure;
        found.Add(
            "/measure",
            "There is no such measure in this brief.",
            ProblemCollector.UseOneOf(compiled.Brief.Measures.Select(m => m.Name))
        );
        return null;
    }

    /// <summary>
    /// The reading with its value worked out from what was typed. A bound can also be said beside the number; a value
    /// that came with it is not trusted.
    /// </summary>
    public static Reading Understand(Reading reading, Measure measure, ProblemCollector found)
    {
        var parsed = ReadingParser.Parse(reading.Typed, measure);
        if (parsed.IsOk)
            return reading with
            {
                Value = parsed.Value.Value,
                Bound =
                    parsed.Value.Bound == Bound.Exact && (reading.Bound is Bound.AtLeast or Bound.AtMost)
                        ? reading.Bound
                        : parsed.Value.Bound,
            };
        found.AddAll("/typed", parsed.Problems);
        return reading;
    }

    /// <summary>
    /// The same for a reading of a measure that is taken once or in each attempt; what is wrong stands at its place.
    /// </summary>
    public static Reading Understand(
        CompiledEdition compiled,
        Reading reading,
        ReadOccasion taken,
        string at,
        ProblemCollector found
    )
    {
        var inner = new ProblemCollector(at);
        var understood = reading;
        if (Measure(compiled, reading, inner) is { } measure)
        {
            var once = taken == ReadOccasion.Once;
            inner.Unless(
                measure.Taken == taken,
                "/measure",
                once ? $"{measure.Name} is measured in every attempt." : $"{measure.Name} is measured once.",
                once ? "Record it with the attempt." : "Record it by itself."
            );
            understood = Understand(reading, measure, inner);
        }

        found.Under("", inner);
        return understood;
    }

    /// <summary>A reading with its measure's name.</summary>
    public static string Say(CompiledEdition compiled, Reading reading) =>
        (
            compiled.Measures.TryGetValue(reading.Measure, out var measure) && measure.Name.Length > 0
                ? measure.Name
                : reading.Measure
        ) + $" {SayValue(compiled, reading)}";

    /// <summary>What was read, and by which instrument.</summary>
    public static string SayValue(CompiledEdition compiled, Reading reading) =>
        reading.Value is { } value && compiled.Measures.TryGetValue(reading.Measure, out var measure)
            ? ReadingFormat.Reading(value, reading.Bound, measure)
                + By(reading)
                + (Shapes.Say(reading, measure) is { Length: > 0 } shapes ? $" ({shapes})" : "")
            : reading.Typed;

    /// <summary>The instrument that a reading came from, where it came from one.</summary>
    public static string By(Reading reading) =>
        reading.Instrument.Length > 0 ? $" by the {SentenceCase.Sentence(reading.Instrument)}" : "";
}
