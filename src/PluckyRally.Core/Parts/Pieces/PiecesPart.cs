using System.Text.Json.Serialization;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Pieces), "pieces")]
public abstract partial record Part
{
    /// <summary>Pieces with two labels, size and color say, counted and perhaps measured.</summary>
    public sealed record Pieces : Part
    {
        /// <summary>The first label, its values from small to large.</summary>
        public PieceLabel First { get; init; } = new();

        /// <summary>The second label.</summary>
        public PieceLabel Second { get; init; } = new();

        /// <summary>
        /// Points for one piece: an expression over <c>first</c> and <c>second</c> (the points of its labels),
        /// <c>length</c> and <c>width</c>.
        /// </summary>
        public string Each { get; init; } = "first + second";

        /// <summary>The unit of length and width.</summary>
        public string Unit { get; init; } = "cm";

        /// <summary>How finely they are measured, in the unit; above 0.</summary>
        public decimal Step { get; init; } = 1;

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                .. First.Values.Select((_, i) => TierField.Number($"/first/values/{i}/points")),
                .. Second.Values.Select((_, i) => TierField.Number($"/second/values/{i}/points")),
            ];

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) => PartPlan.Pieces.Make(this, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [new("count", "pieces"), .. OfLabel("first", First), .. OfLabel("second", Second)];

        private static IEnumerable<PartFact> OfLabel(string side, PieceLabel label) =>
            label.Values.SelectMany(v =>
                new PartFact[]
                {
                    new($"{side}.{Named(v.Name)}.count", $"pieces that are {v.Name}"),
                    new($"{side}.{Named(v.Name)}.points", $"points for pieces that are {v.Name}", 0.001m),
                    new($"{side}.{Named(v.Name)}.share", $"percent of pieces that are {v.Name}", 0.1m),
                }
            );

        /// <summary>
        /// A label's value as it stands in an expression: letters and digits, anything else an underscore.
        /// </summary>
        private static string Named(string value) =>
            string.Concat(value.Select(c => char.IsAsciiLetterOrDigit(c) ? c : '_'));
    }
}
