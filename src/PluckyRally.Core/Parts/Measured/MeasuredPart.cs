using System.Text.Json.Serialization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Expressions;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Briefs;

[JsonDerivedType(typeof(Measured), "measured")]
public abstract partial record Part
{
    /// <summary>Points for something measured.</summary>
    public sealed record Measured : Part
    {
        /// <summary>An expression over the brief's measures, often one measure's id.</summary>
        public required string Value { get; init; }

        /// <summary>Which direction of the value is better.</summary>
        public required Better Better { get; init; }

        /// <summary>
        /// Whether the expression is worked out per attempt and then combined, or over combined measures.
        /// </summary>
        public Work Work { get; init; }

        /// <summary>How attempts are combined.</summary>
        public Combine Combine { get; init; }

        /// <summary>For <see cref="Combine.BestMean"/>: the mean of so many.</summary>
        public int? BestOf { get; init; }

        /// <summary>
        /// What a failed attempt counts as, in the unit of the value; 0 where absent and more is better.
        /// </summary>
        public decimal? FailureValue { get; init; }

        /// <summary>How the value becomes points.</summary>
        public required Curve Curve { get; init; }

        /// <inheritdoc/>
        internal override IEnumerable<TierField> Inner =>
            [TierField.OneOf<Combine>("/combine"), TierField.Number("/bestOf"), TierField.Number("/failureValue")];

        /// <inheritdoc/>
        internal override Curve? PointsCurve => Curve;

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, ProblemCollector found) =>
            PartPlan.Measured.Make(About(brief), brief, found);

        /// <summary>
        /// The part with what the figure says that it is about, where it names one that is calculated in each attempt.
        /// One that is worked out once over others has one value wherever it is read.
        /// </summary>
        internal Measured About(Brief brief) =>
            brief.Figures.FirstOrDefault(f => f.Id == Value.Trim()) is not { Work: Work.EachAttempt } figure
                ? this
                : this with
                {
                    Value = figure.Value,
                    Work = figure.Work,
                    Combine = figure.Combine,
                    BestOf = figure.BestOf,
                    Better = figure.Better ?? Better,
                    FailureValue = figure.FailureValue,
                };

        /// <summary>Whether it is about more than readings, so that it is made ready after what it names.</summary>
        internal bool IsOverFigures(Brief brief)
        {
            var term = TermParser.Read(About(brief).Value);
            return term.IsOk
                && TermWords.Names(term.Value).Any(name => name.Contains('.') || brief.Figures.Any(f => f.Id == name));
        }

        /// <inheritdoc/>
        internal override IReadOnlyList<string> RestsOn => [Value];
    }
}
