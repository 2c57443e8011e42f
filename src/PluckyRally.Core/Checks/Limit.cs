using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Limit), "limit")]
public abstract partial record RuleCheck
{
    /// <summary>A value against a limit.</summary>
    public sealed record Limit : RuleCheck
    {
        /// <summary>An expression over figures, usually one measure's id.</summary>
        public required string Value { get; init; }

        /// <summary>How it is compared.</summary>
        public required Comparison Comparison { get; init; }

        /// <summary>
        /// The limit, written as a reading would be: <c>30 cm</c>. A bare number is in the measure's unit.
        /// </summary>
        public string Amount { get; init; } = "";

        /// <summary>For <see cref="Comparison.Between"/>: the upper limit.</summary>
        public string Upper { get; init; } = "";

        /// <summary>The limit is so much for each member of the team.</summary>
        public bool PerMember { get; init; }

        /// <summary>
        /// The limit is this percentage of the team's own value in the round before, and <see cref="Amount"/> is not
        /// used.
        /// </summary>
        public decimal? PercentOfLastRound { get; init; }

        internal override IReadOnlyList<string> RestsOn => [Value];

        internal override bool HasAmount => true;

        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found)
        {
            var each = rule.When == CheckTime.EveryAttempt;
            var value = sources.Figures.Compile(
                Value,
                each ? Availability.InAttempt : Availability.WithResult,
                $"“{ProblemCollector.Short(rule.Text)}” is checked {(each ? "in every attempt" : "when they are made")}"
            );
            if (!value.IsOk)
            {
                found.AddAll("/check/value", value.Problems);
                return null;
            }

            if (PercentOfLastRound is { } percent)
            {
                found.Unless(
                    percent > 0,
                    "/check/percentOfLastRound",
                    "The percentage must be above zero.",
                    "Use for example 75."
                );
                found.Unless(
                    Comparison is not Comparison.Between,
                    "/check/comparison",
                    "A limit from the last round is one number.",
                    "Use at least or at most."
                );
                return new RulePlan.Limit(rule, this, value.Value, 0, 0);
            }

            var amount = value.Value.ReadAmount(Amount, "/check/amount", found);
            var upper = Comparison == Comparison.Between ? value.Value.ReadAmount(Upper, "/check/upper", found) : 0;
            if (amount is null || upper is null)
                return null;
            found.Unless(
                Comparison != Comparison.Between || amount < upper,
                "/check/upper",
                "The upper limit is not above the lower one.",
                "Swap them."
            );
            return new RulePlan.Limit(rule, this, value.Value, amount.Value, upper.Value);
        }
    }
}

/// <summary>How a value is compared with a limit.</summary>
public enum Comparison
{
    /// <summary>The limit or more.</summary>
    AtLeast,

    /// <summary>Above the limit.</summary>
    MoreThan,

    /// <summary>The limit or less.</summary>
    AtMost,

    /// <summary>Below the limit.</summary>
    LessThan,

    /// <summary>From the limit to the upper limit, both included.</summary>
    Between,

    /// <summary>The limit, no more and no less.</summary>
    Exactly,
}
