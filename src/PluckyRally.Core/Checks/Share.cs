using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Share), "share")]
public abstract partial record RuleCheck
{
    /// <summary>A group's part of the whole, against a target.</summary>
    public sealed record Share : RuleCheck
    {
        /// <summary>The part with the pieces.</summary>
        public required string Part { get; init; }

        /// <summary>The label by which they are grouped.</summary>
        public PieceSide Label { get; init; }

        /// <summary>The group: a value of that label.</summary>
        public required string Group { get; init; }

        /// <summary>Of the number of pieces, or of their points.</summary>
        public ShareOf Of { get; init; }

        /// <summary>The target, in percent.</summary>
        public required decimal Percent { get; init; }

        /// <summary>How far off it may be, in percentage points, included.</summary>
        public decimal Tolerance { get; init; }

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found)
        {
            if (sources.Part<PartPlan.Pieces>(Part, "pieces", found) is not { } pieces)
                return null;
            var values = (Label == PieceSide.First ? pieces.Definition.First : pieces.Definition.Second).Values;
            found.Unless(
                values.Any(v => v.Name == Group),
                "/check/group",
                $"There is no group “{ProblemCollector.Short(Group)}”.",
                $"Use one of these: {string.Join(", ", values.Select(v => v.Name))}."
            );
            found.Unless(
                Percent is >= 0 and <= 100,
                "/check/percent",
                "A share is from 0 to 100 percent.",
                "Write for example 25."
            );
            found.Unless(Tolerance >= 0, "/check/tolerance", "A tolerance cannot be below zero.", "Use 0 for exactly.");
            return new RulePlan.Share(rule, this, pieces);
        }
    }
}

internal abstract partial record RulePlan
{
    /// <inheritdoc cref="RuleCheck.Share"/>
    public sealed record Share(Rule Rule, RuleCheck.Share Definition, PartPlan.Pieces Part) : OfPieces(Rule, Part)
    {
        private protected override PiecesFound? Look(List<PieceGroup> pieces)
        {
            decimal Size(PieceGroup group) =>
                group.Count
                * (
                    Definition.Of == ShareOf.Count ? 1
                    : PiecesScore.Points(Part, group) is { HasValue: true } each ? each.Number
                    : 0
                );
            var whole = pieces.Sum(Size);
            if (whole == 0)
                return null;
            var percent = 100 * pieces.Where(p => p.Label(Definition.Label) == Definition.Group).Sum(Size) / whole;
            return new(
                Math.Abs(percent - Definition.Percent) <= Definition.Tolerance,
                new RuleFound.OfShare(Definition, percent)
            );
        }
    }
}
