using System.Text.Json.Serialization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Bins), "bins")]
public abstract partial record Part
{
    /// <summary>Items sorted into bins, against a key.</summary>
    public sealed record Bins : Part
    {
        /// <summary>The bins' names.</summary>
        public IReadOnlyList<string> Names { get; init; } = [];

        /// <summary>What is sorted.</summary>
        public IReadOnlyList<BinItem> Items { get; init; } = [];

        /// <summary>Points for an item in its bin.</summary>
        public decimal Right { get; init; } = 1;

        /// <summary>Points for an item in another bin, usually 0 or below.</summary>
        public decimal Wrong { get; init; }

        /// <summary>Points for an item left out.</summary>
        public decimal Unsorted { get; init; }

        /// <summary>More points when every item is right.</summary>
        public decimal AllRightBonus { get; init; }

        /// <summary>
        /// Where time counts: seconds added for each wrong item. The value is then the time, and the curve gives the
        /// points.
        /// </summary>
        public decimal? SecondsPerWrong { get; init; }

        /// <summary>
        /// Where time counts: seconds added for each item left out; none where absent, and a snag says so.
        /// </summary>
        public decimal? SecondsPerLeft { get; init; }

        /// <summary>Where time counts: how it becomes points.</summary>
        public Curve? Curve { get; init; }

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [
                TierField.Number("/right"),
                TierField.Number("/wrong"),
                TierField.Number("/unsorted"),
                TierField.Number("/allRightBonus"),
                TierField.Number("/secondsPerWrong"),
                TierField.Number("/secondsPerLeft"),
                .. Items.Select(i => new TierField($"/items/{i.Id}/bin", "", TierFieldKind.Choice, Names)),
            ];

        /// <inheritdoc/>
        internal override Curve? PointsCurve => Curve;

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) =>
            PartPlan.Bins.Make(this, brief, found);

        /// <inheritdoc/>
        internal override AnswerRead? ReadAnswer(string text, ProblemCollector found) =>
            new(BinsAnswer.Read(this, text, found), []);

        /// <inheritdoc/>
        internal override IReadOnlyList<PartFact> Facts =>
            [
                new("right", "right"),
                new("wrong", "wrong"),
                new("left", "left out"),
                new("time", "time before seconds for faults", BinsScore.Step),
            ];
    }
}
