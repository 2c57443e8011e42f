using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Checks;

/// <summary>A rule made ready to be checked. Each case stands beside the check that makes it.</summary>
/// <param name="Rule">The rule.</param>
internal abstract partial record RulePlan(Rule Rule)
{
    /// <summary>
    /// Whether the rule holds for a team: for all, for those with a card, or for this one by name or id.
    /// </summary>
    public bool IsFor(Team team) =>
        Rule.OnlyFor.Length == 0
        || Rule.OnlyFor == team.Name
        || Rule.OnlyFor == team.Id.Value
        || team.Has(Rule.OnlyFor);

    /// <summary>Whether its miss makes an attempt not count.</summary>
    public bool FailsAttempts => Rule is { When: CheckTime.EveryAttempt, IfMissed: Consequence.AttemptDoesNotCount };

    /// <summary>Whether it looks at the round before, so that it begins with the second one.</summary>
    public virtual bool BeginsLater => false;

    /// <summary>The measures that it looks at.</summary>
    public virtual IEnumerable<Measure> Measures => [];

    /// <summary>How it comes out for a design, or in one of its attempts.</summary>
    /// <param name="facts">What is known of the design.</param>
    /// <param name="before">What is known of the design that was the team's result in the round before; null where
    /// there is none.</param>
    /// <param name="attempt">The attempt, for a rule checked in every one.</param>
    public abstract RuleOutcome Check(DesignFacts facts, DesignFacts? before, Attempt? attempt);

    /// <summary>
    /// Whether readings drawn again within their steps could bring it out another way, or change what missing it costs.
    /// </summary>
    public virtual bool CouldDiffer(RuleOutcome outcome) => false;

    /// <summary>An amount of what is compared with its limit.</summary>
    public virtual string SayAmount(decimal amount) => Numerals.Write(amount);

    /// <summary>Whether pieces of a part must be measured for it.</summary>
    public virtual bool NeedsSizeOf(PartPlan.Pieces part) => false;

    /// <summary>Whether a team that meets it has more than none of a measure.</summary>
    public virtual bool KeepsAboveZero(Measure measure) => false;

    /// <summary>Makes a rule ready, or adds what is wrong with it.</summary>
    public static RulePlan? Make(Rule rule, RuleSources sources, ProblemCollector found)
    {
        found.NotEmpty(rule.Text, "/text", "The rule says nothing yet.", "Write it as students should read it.");
        found.Length(rule.Text, Limits.Text, "/text", "The rule");
        found.Unless(
            rule.Bonus >= 0,
            "/bonus",
            "A bonus cannot be negative.",
            "Write it as a number above zero, or use a deduction."
        );
        rule.IfMissed.Check(rule, sources.Brief, found);
        var plan = rule.Check.Ready(rule, sources, found);
        return found.Problems.Count == 0 ? plan : null;
    }
}
