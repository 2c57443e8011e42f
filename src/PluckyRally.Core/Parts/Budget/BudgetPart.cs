using System.Text.Json.Serialization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Budget), "budget")]
public abstract partial record Part
{
    /// <summary>Materials bought from a budget.</summary>
    public sealed record Budget : Part
    {
        /// <summary>What can be bought.</summary>
        public IReadOnlyList<Price> Prices { get; init; } = [];

        /// <summary>What a team has to spend, 0 or more.</summary>
        public decimal Funds { get; init; }

        /// <summary>The currency's sign or the token's name.</summary>
        public string Money { get; init; } = "";

        /// <summary>The share of its price that a returned item gives back, in percent.</summary>
        public decimal ReturnPercent { get; init; } = 100;

        /// <summary>What the curve looks at.</summary>
        public BudgetValue Value { get; init; }

        /// <summary>How it becomes points.</summary>
        public required Curve Curve { get; init; }

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                TierField.Number("/funds"),
                TierField.Number("/returnPercent"),
                .. Prices.Select(p => TierField.Number($"/prices/{p.Id}/each")),
            ];

        /// <summary>
        /// The same with a name for each thing that is sold: what is a material is called as the material is.
        /// </summary>
        public Budget Named(Brief brief) =>
            this with
            {
                Prices = [.. Prices.Select(p => p.Of(brief) is { } of ? p with { Name = p.Called(of) } : p)],
            };

        /// <inheritdoc/>
        internal override Curve? PointsCurve => Curve;

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) =>
            PartPlan.Budget.Make(this, brief, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [new("spent", "spent", 0.01m), new("left", "left", 0.01m), new("over", "overspent", 0.01m)];
    }
}
