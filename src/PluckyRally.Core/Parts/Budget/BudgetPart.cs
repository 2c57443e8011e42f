using System.Text.Json.Serialization;

namespace PluckyRally.Core;

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

/// <summary>What a budget is worth points for.</summary>
public enum BudgetValue
{
    /// <summary>What is left; more is better.</summary>
    Left,

    /// <summary>What was spent; less is better.</summary>
    Spent,
}

/// <summary>Something that can be bought.</summary>
public sealed record Price
{
    /// <summary>Names the item in entries.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called, where it is no material; a material is called as it is on the sheet.</summary>
    public string Name { get; init; } = "";

    /// <summary>What one costs, 0 or more.</summary>
    public decimal Each { get; init; }

    /// <summary>The id of the material that it is; empty for what is none: advice, a minute.</summary>
    public string Material { get; init; } = "";

    /// <summary>How much of the material one is, in its unit; above 0.</summary>
    public decimal Amount { get; init; } = 1;

    /// <summary>The material that it is; null where it is none.</summary>
    internal Material? Of(Brief brief) =>
        Material.Length > 0 ? brief.Materials.FirstOrDefault(m => m.Id == Material) : null;

    /// <summary>"straws"; where one is so much of it, "10 cm of tape".</summary>
    internal string Called(Material of) =>
        Amount == 1 && of.Unit.Length == 0 ? of.Name
        : of.Name.Length == 0 ? ""
        : Core.Material.So(Amount, of.Unit, of.Name);
}
