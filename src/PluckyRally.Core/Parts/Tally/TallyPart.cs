using System.Text.Json.Serialization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Tally), "tally")]
public abstract partial record Part
{
    /// <summary>Things counted while walking past, helping or hurting.</summary>
    public sealed record Tally : Part
    {
        /// <summary>What is counted.</summary>
        public IReadOnlyList<Counter> Counters { get; init; } = [];

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [.. Counters.Select(c => TierField.Number($"/counters/{c.Id}/points"))];

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) =>
            PartPlan.Tally.Make(this, brief, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [.. Counters.Select(c => new PartFact($"counters.{c.Id}", c.Name))];
    }
}
