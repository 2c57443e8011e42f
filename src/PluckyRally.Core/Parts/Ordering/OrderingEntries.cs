using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(OrderGiven), "orderGiven")]
public abstract partial record Entry
{
    /// <summary>A team's order; the last one stands.</summary>
    public sealed record OrderGiven : OfPart
    {
        /// <summary>
        /// The items' ids in the team's order, an empty text for a place that was left empty; items left out are not
        /// here.
        /// </summary>
        public required IReadOnlyList<string> Sequence { get; init; }

        internal override string? Answers => "";

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            if (PartEntries.Find<Part.Ordering>(compiled, Part, found) is not { } part)
                return this;
            found.Unless(
                Sequence.Count <= part.Items.Count,
                "/sequence",
                $"There are only {part.Items.Count} places.",
                "Give each item one."
            );
            for (var i = 0; i < Sequence.Count && i <= part.Items.Count; i++)
            {
                var item = Sequence[i];
                if (item.Length == 0)
                    continue;
                found.Unless(
                    part.Items.Any(k => k.Id == item),
                    $"/sequence/{i}",
                    "There is no such item.",
                    ProblemCollector.UseOneOf(part.Items.Select(k => k.Name))
                );
                found.Unless(
                    Sequence.Take(i).All(s => s != item),
                    $"/sequence/{i}",
                    $"“{ProblemCollector.Short(item)}” is listed twice.",
                    "Name each item once."
                );
            }

            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            PartEntries.Say<Part.Ordering>(compiled, this, part =>
                string.Join(
                    ", ",
                    Sequence.Select(id =>
                        id.Length == 0 ? "–" : part?.Items.FirstOrDefault(i => i.Id == id)?.Name ?? id
                    )
                )
            );
    }
}
