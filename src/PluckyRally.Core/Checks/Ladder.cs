using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Ladder), "ladder")]
public abstract partial record RuleCheck
{
    /// <summary>The smallest piece of each size against the largest of the size before.</summary>
    public sealed record Ladder : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label whose values go from small to large.</summary>
        public PieceSide Label { get; init; }

        /// <summary>What is compared.</summary>
        public PieceDimension Dimension { get; init; }

        /// <summary>How many times as large each must be at least; with 1 it must be larger.</summary>
        public decimal Times { get; init; } = 1;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found) =>
            sources.Part<PartPlan.Pieces>(Part, "pieces", found) is { } pieces
                ? new RulePlan.Ladder(rule, this, pieces)
                : null;
    }
}

internal abstract partial record RulePlan
{
    /// <inheritdoc cref="RuleCheck.Ladder"/>
    public sealed record Ladder(Rule Rule, RuleCheck.Ladder Definition, PartPlan.Pieces Part) : OfPieces(Rule, Part)
    {
        public override bool NeedsSizeOf(PartPlan.Pieces part) => part == Part;

        private protected override PiecesFound? Look(List<PieceGroup> pieces)
        {
            var order = (Definition.Label == PieceSide.First ? Part.Definition.First : Part.Definition.Second)
                .Values.Select(v => v.Name)
                .ToList();
            var steps = order
                .Select(name =>
                    (
                        Name: name,
                        Sizes: pieces
                            .Where(p => p.Label(Definition.Label) == name)
                            .Select(p => Dimension(p, Definition.Dimension))
                            .ToList()
                    )
                )
                .Where(s => s.Sizes.Count > 0)
                .ToList();
            if (steps.Any(s => s.Sizes.Any(v => v is null)))
                return null;
            for (var i = 1; i < steps.Count; i++)
            {
                var (least, most) = (steps[i].Sizes.Min()!.Value, steps[i - 1].Sizes.Max()!.Value);
                if (Definition.Times == 1 ? least > most : least >= most * Definition.Times)
                    continue;
                return new(
                    false,
                    new RuleFound.OfLadder(Definition, steps.Count, new(steps[i].Name, least, steps[i - 1].Name, most))
                );
            }

            return new(true, new RuleFound.OfLadder(Definition, steps.Count));
        }
    }
}
