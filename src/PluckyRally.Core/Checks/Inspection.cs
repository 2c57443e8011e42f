using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Checks;

[JsonDerivedType(typeof(Inspection), "inspection")]
public abstract partial record RuleCheck
{
    /// <summary>Somebody looks: met or missed.</summary>
    public sealed record Inspection : RuleCheck
    {
        internal override RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found) =>
            new RulePlan.Inspection(rule);
    }
}

internal abstract partial record RulePlan
{
    /// <summary>A rule that somebody looks at.</summary>
    public sealed record Inspection(Rule Rule) : RulePlan(Rule)
    {
        public override RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt)
        {
            var looked = facts.Design.Check(Rule.Id, attempt?.Number);
            return new(Rule, State(looked, asked: attempt is null || Rule.IsAsked), attempt?.Number)
            {
                Disputed = looked == Looked.Differently,
            };
        }

        /// <summary>How it came out; where nobody is asked, counting the attempt says that it was met.</summary>
        public static RuleState State(Looked looked, bool asked) =>
            looked switch
            {
                Looked.Met => RuleState.Met,
                Looked.Missed => RuleState.Missed,
                Looked.Differently => RuleState.ToCheck,
                Looked.NotYet => asked ? RuleState.ToCheck : RuleState.Met,
            };
    }
}
