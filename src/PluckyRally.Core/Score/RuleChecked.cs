using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Checks;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

[JsonDerivedType(typeof(RuleChecked), "ruleChecked")]
public abstract partial record Entry
{
    /// <summary>A rule was looked at.</summary>
    public sealed record RuleChecked : Entry
    {
        /// <summary>The rule's id.</summary>
        public required string Rule { get; init; }

        /// <summary>Whether it was met.</summary>
        public required bool Met { get; init; }

        /// <summary>For a rule checked in every attempt: which.</summary>
        public int? Attempt { get; init; }

        /// <summary>The design; empty for all of the team's designs.</summary>
        public string Design { get; init; } = "";

        internal override bool IsTeachers => false;

        internal override Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, ProblemCollector found)
        {
            var rule = compiled.Rules.FirstOrDefault(r => r.Rule.Id == Rule)?.Rule;
            var each = rule?.When == CheckTime.EveryAttempt;
            found.Unless(
                rule is not null,
                "/rule",
                "There is no such rule in this brief.",
                "Choose one of the brief's criteria or constraints."
            );
            found.Unless(
                rule is null or { Check: RuleCheck.Inspection or RuleCheck.Limit { PercentOfLastRound: not null } },
                "/rule",
                "This rule is decided by a reading.",
                "Record the reading instead."
            );
            found.Unless(
                rule is null || each == Attempt is not null,
                "/attempt",
                each ? "This rule is checked in every attempt." : "This rule is checked once.",
                each ? "Say which attempt it was." : "Leave the attempt out."
            );
            return this;
        }

        internal override string Say(CompiledEdition compiled, int? attempt) =>
            $"“{compiled.Rules.FirstOrDefault(r => r.Rule.Id == Rule)?.Rule.Text ?? Rule}”: "
            + $"{(Met ? "met" : "missed")}{(Attempt is { } number ? $" in attempt {number}" : "")}";
    }
}
