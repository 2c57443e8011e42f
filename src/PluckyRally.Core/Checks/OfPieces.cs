using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Checks;

internal abstract partial record RulePlan
{
    /// <summary>
    /// A rule about the pieces of a part. Shares and ladders compare exactly, ratios at the declared decimals.
    /// </summary>
    /// <param name="Rule">The rule.</param>
    /// <param name="Part">The part with the pieces.</param>
    public abstract record OfPieces(Rule Rule, PartPlan.Pieces Part) : RulePlan(Rule)
    {
        public sealed override RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt) =>
            PiecesScore.Counted(Part.Definition, facts.Design) is { } counted
            && Look([.. counted.Pieces.Where(p => p.Count > 0)]) is { } found
                ? new(Rule, found.Met ? RuleState.Met : RuleState.Missed, attempt?.Number, false, found.Found)
                : new(Rule, RuleState.ToCheck, attempt?.Number);

        /// <summary>What was found of the pieces; null where that cannot be said yet.</summary>
        private protected abstract PiecesFound? Look(List<PieceGroup> pieces);

        private protected static decimal? Proportion(PieceGroup group, int decimals) =>
            group is { Length: { } length, Width: { } width } && width > 0
                ? Rounding.ToDecimals(length / width, decimals)
                : null;

        private protected static decimal? Dimension(PieceGroup group, PieceDimension dimension) =>
            dimension switch
            {
                PieceDimension.Length => group.Length,
                PieceDimension.Width => group.Width,
                PieceDimension.Area => group.Length * group.Width,
            };
    }

    /// <summary>How a rule about pieces came out.</summary>
    /// <param name="Met">Whether it was kept.</param>
    /// <param name="Found">What was found.</param>
    public sealed record PiecesFound(bool Met, RuleFound Found);
}
