using System.Text.Json.Serialization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Relay), "relay")]
public abstract partial record Part
{
    /// <summary>Legs in order, a runner each, timed, with faults that cost seconds.</summary>
    public sealed record Relay : Part
    {
        /// <summary>What the legs are called, in order.</summary>
        public IReadOnlyList<string> Legs { get; init; } = [];

        /// <summary>What can go wrong, and what it costs.</summary>
        public IReadOnlyList<RelayFault> Faults { get; init; } = [];

        /// <summary>How finely times are read, in seconds; above 0.</summary>
        public decimal Step { get; init; } = 0.1m;

        /// <summary>
        /// Points for each item carried over, added after the curve's points; 0 where nothing is carried.
        /// </summary>
        public decimal PointsPerItem { get; init; }

        /// <summary>How the net time in seconds becomes points.</summary>
        public required Curve Curve { get; init; }

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                TierField.List("/legs"),
                TierField.Number("/step"),
                TierField.Number("/pointsPerItem"),
                .. Faults.Select(f => TierField.Number($"/faults/{f.Id}/seconds")),
            ];

        /// <inheritdoc/>
        internal override Curve? PointsCurve => Curve;

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) =>
            PartPlan.Relay.Make(this, brief, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [
                new("legs", "legs done"),
                new("items", "things brought over"),
                new("time", "time before faults", Step),
                new("faultSeconds", "seconds for faults", 0.001m),
                new("faults", "faults"),
                .. Faults.Select(f => new PartFact($"faults.{f.Id}", $"{f.Name} (faults)")),
            ];
    }
}
