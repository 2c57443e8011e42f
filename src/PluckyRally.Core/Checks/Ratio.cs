using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Ratio), "ratio")]
public abstract partial record RuleCheck
{
    /// <summary>The length of every piece in proportion to its width.</summary>
    public sealed record Ratio : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The smallest ratio; none where absent.</summary>
        public decimal? AtLeast { get; init; }

        /// <summary>The largest ratio; none where absent.</summary>
        public decimal? AtMost { get; init; }

        /// <summary>Decimals at which ratios are compared, 0 to 6.</summary>
        public int Decimals { get; init; } = 2;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found) =>
            sources.Part<PartPlan.Pieces>(Part, "pieces", found) is { } pieces
                ? new RulePlan.Ratio(rule, this, pieces)
                : null;
    }
}

internal abstract partial record RulePlan
{
    /// <inheritdoc cref="RuleCheck.Ratio"/>
    public sealed record Ratio(Rule Rule, RuleCheck.Ratio Definition, PartPlan.Pieces Part) : OfPieces(Rule, Part)
    {
        public override bool NeedsSizeOf(PartPlan.Pieces part) => part == Part;

        private protected override PiecesFound? Look(List<PieceGroup> pieces)
        {
            var ratios = pieces.Select(p => Proportion(p, Definition.Decimals)).ToList();
            if (ratios.Count == 0 || ratios.Any(r => r is null))
                return null;
            var off = ratios.FirstOrDefault(r => r < Definition.AtLeast || r > Definition.AtMost);
            return new(off is null, new RuleFound.OfRatio(Definition, off ?? ratios[0]!.Value));
        }
    }
}
