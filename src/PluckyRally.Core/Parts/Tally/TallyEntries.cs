using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(Tallied), "tallied")]
public abstract partial record Entry
{
    /// <summary>Something was counted.</summary>
    public sealed record Tallied : OfPart
    {
        /// <summary>The counter's id.</summary>
        public required string Counter { get; init; }

        /// <summary>How many, from 1.</summary>
        public int Count { get; init; } = 1;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Tally>(compiled, Part, found) is not { } part)
                return this;
            found.Unless(
                part.Counters.Any(c => c.Id == Counter),
                "/counter",
                "There is no such counter.",
                ProblemCollector.UseOneOf(part.Counters.Select(c => c.Name))
            );
            found.Unless(
                Count is >= 1 and <= 100_000,
                "/count",
                "The number is out of range.",
                "Use 1 or more; cross an entry out to undo it."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Tally>(compiled, this, part =>
                $"{part?.Counters.FirstOrDefault(c => c.Id == Counter)?.Name ?? Counter}, {Count}"
            );
    }
}
