using System.Text.Json.Serialization;

namespace PluckyRally.Core;

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

        /// <summary>Whether the expression is worked out per attempt and then combined, or over combined measures.</summary>
        public Work Work { get; init; }

        /// <summary>How attempts are combined.</summary>
        public Combine Combine { get; init; }

        /// <summary>For <see cref="Combine.BestMean"/>: the mean of so many.</summary>
        public int? BestOf { get; init; }

        /// <summary>What a failed attempt counts as, in the unit of the value; 0 where absent and more is better.</summary>
        public decimal? FailureValue { get; init; }

        /// <summary>How the value becomes points.</summary>
        public required Curve Curve { get; init; }

        /// <inheritdoc/>
        internal override PartPlan? Ready(Brief brief, Findings found) => PartPlan.Measured.Make(this, brief, found);

        /// <inheritdoc/>
        internal override IReadOnlyList<string> RestsOn => [Value];
    }
}

/// <summary>Where an expression is worked out.</summary>
public enum Work
{
    /// <summary>In each attempt; then the results are combined.</summary>
    EachAttempt,

    /// <summary>Once, over measures that are each combined first.</summary>
    Combined,
}

/// <summary>How several attempts become one value.</summary>
public enum Combine
{
    /// <summary>The best counted attempt.</summary>
    Best,

    /// <summary>The worst attempt, failed ones at the failure value.</summary>
    Worst,

    /// <summary>The mean of all attempts, failed ones at the failure value.</summary>
    Mean,

    /// <summary>The median of all attempts, failed ones at the failure value.</summary>
    Median,

    /// <summary>The sum of all attempts, failed ones at the failure value.</summary>
    Sum,

    /// <summary>The first attempt, at the failure value if it failed.</summary>
    First,

    /// <summary>The last attempt, at the failure value if it failed.</summary>
    Last,

    /// <summary>The mean of the best few counted attempts.</summary>
    BestMean,

    /// <summary>How many attempts were counted.</summary>
    Successes,

    /// <summary>The largest counted attempt less the smallest.</summary>
    Range,
}
