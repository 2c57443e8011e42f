using System.Text.Json.Serialization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Ordering), "ordering")]
public abstract partial record Part
{
    /// <summary>Items put in order, against a key.</summary>
    public sealed record Ordering : Part
    {
        /// <summary>What is put in order.</summary>
        public IReadOnlyList<OrderItem> Items { get; init; } = [];

        /// <summary>Points for each pair in the right order.</summary>
        public decimal PerPair { get; init; }

        /// <summary>Points for each item in its right place.</summary>
        public decimal PerPlace { get; init; }

        /// <summary>What the first end of the order is called, such as "lightest"; may be empty.</summary>
        public string First { get; init; } = "";

        /// <summary>What the last end is called, such as "heaviest"; may be empty.</summary>
        public string Last { get; init; } = "";

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                TierField.Number("/perPair"),
                TierField.Number("/perPlace"),
                .. Items.Select(i => TierField.Number($"/items/{i.Id}/key")),
            ];

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) => PartPlan.Ordering.Make(this, found);

        /// <inheritdoc/>
        internal override AnswerRead? ReadAnswer(string text, ProblemCollector found) =>
            new(new Dictionary<string, string>(), OrderingAnswer.Read(this, text, found));

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [
                new("tau", "agreement with the key", 0.001m),
                new("pairs", "pairs the right way round"),
                new("inPlace", "in their place"),
                new("missing", "missing"),
            ];
    }
}
