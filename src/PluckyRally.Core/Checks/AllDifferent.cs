using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(AllDifferent), "allDifferent")]
public abstract partial record RuleCheck
{
    /// <summary>No two groups may have pieces of the same proportion.</summary>
    public sealed record AllDifferent : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label whose groups must differ.</summary>
        public PieceSide Label { get; init; }

        /// <summary>Decimals at which ratios are compared, 0 to 6.</summary>
        public int Decimals { get; init; } = 2;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found) =>
            sources.Part<PartPlan.Pieces>(Part, "pieces", found) is { } pieces
                ? new RulePlan.AllDifferent(rule, this, pieces)
                : null;
    }
}

internal abstract partial record RulePlan
{
    /// <inheritdoc cref="RuleCheck.AllDifferent"/>
    public sealed record AllDifferent(Rule Rule, RuleCheck.AllDifferent Definition, PartPlan.Pieces Part)
        : OfPieces(Rule, Part)
    {
        public override bool NeedsSizeOf(PartPlan.Pieces part) => part == Part;

        private protected override PiecesFound? Look(List<PieceGroup> pieces)
        {
            if (pieces.Count == 0 || pieces.Any(p => Proportion(p, Definition.Decimals) is null))
                return null;
            var shared = pieces
                .GroupBy(p => Proportion(p, Definition.Decimals)!.Value)
                .FirstOrDefault(g => g.Select(p => p.Label(Definition.Label)).Distinct().Count() > 1);
            return new(
                shared is null,
                new RuleFound.OfProportions(
                    Definition,
                    shared?.Key,
                    shared is null ? [] : [.. shared.Select(p => p.Label(Definition.Label)).Distinct()]
                )
            );
        }
    }
}
