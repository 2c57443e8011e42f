using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(InstrumentChecked), "instrumentChecked")]
public abstract partial record Entry
{
    /// <summary>An instrument was compared with something known. The check is kept, and changes no reading.</summary>
    public sealed record InstrumentChecked : Entry
    {
        /// <summary>What the known object has, as a judge types it.</summary>
        public required Reading Known { get; init; }

        /// <summary>What the instrument showed of it.</summary>
        public required Reading Shown { get; init; }

        internal override bool IsTeachers => false;

        internal override bool MayBeOfClass => true;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            found.Unless(
                Known.Measure == Shown.Measure,
                "/shown/measure",
                "Both readings must be of one measure.",
                "Name the same measure twice."
            );
            return this with
            {
                Known = Read(compiled, Known, "/known", found),
                Shown = Read(compiled, Shown, "/shown", found),
            };
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"Instrument check: {ReadingEntries.SayValue(compiled, Known)} shows as "
            + $"{ReadingEntries.SayValue(compiled, Shown)}";

        private static Reading Read(CompiledEdition compiled, Reading reading, string at, ProblemCollector found)
        {
            var inner = new ProblemCollector(at);

            // A known object has no container.
            var understood = ReadingEntries.Measure(compiled, reading, inner) is { } measure
                ? ReadingEntries.Understand(reading, measure with { Tare = 0 }, inner)
                : reading;
            found.Under("", inner);
            return understood;
        }
    }
}
