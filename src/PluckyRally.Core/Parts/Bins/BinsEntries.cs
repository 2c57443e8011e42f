using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(ItemsSorted), "itemsSorted")]
public abstract partial record Entry
{
    /// <summary>A team's whole answer; the last one stands.</summary>
    public sealed record ItemsSorted : OfPart
    {
        /// <summary>
        /// For each item that was sorted, by its id, the bin it was put in; items left out are not here.
        /// </summary>
        public required IReadOnlyDictionary<string, string> Placed { get; init; }

        /// <summary>
        /// The time it took: read where time gives points, and elsewhere where a watch ran, for tie-breaks and awards.
        /// </summary>
        public Reading? Time { get; init; }

        internal override string? Answers => "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Bins>(compiled, Part, found) is not { } part)
                return this;
            foreach (var (item, bin) in Placed)
            {
                found.Unless(
                    part.Items.Any(i => i.Id == item),
                    $"/placed/{ProblemCollector.Short(item)}",
                    "There is no such item.",
                    "Use the items of the brief."
                );
                found.Unless(
                    part.Names.Contains(bin),
                    $"/placed/{ProblemCollector.Short(item)}",
                    $"There is no bin “{ProblemCollector.Short(bin)}”.",
                    $"Use one of these: {string.Join(", ", part.Names)}."
                );
            }

            found.Unless(
                Time is not null || part.SecondsPerWrong is null,
                "/time",
                "Time counts here, and there is none.",
                "Read the stopwatch."
            );
            return Time is null ? this : this with { Time = PartEntries.Time(Time, part.Id, BinsScore.Step, found) };
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Bins>(compiled, this, _ => $"{English.Count(Placed.Count, "item")} sorted");
    }
}
