using System.Text.Json.Serialization;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Checks;

/// <summary>How a rule is checked. Each case stands in a file of its own, with all that it does.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
public abstract partial record RuleCheck
{
    private RuleCheck() { }

    /// <summary>Makes a rule ready that is checked this way, or adds what is wrong with the check.</summary>
    internal abstract RulePlan? Ready(Rule rule, RuleSources sources, ProblemCollector found);

    /// <summary>The expressions that it rests on.</summary>
    internal virtual IReadOnlyList<string> RestsOn => [];

    /// <summary>Whether a rule can be missed by so much, and not only missed.</summary>
    internal virtual bool HasAmount => false;
}

/// <summary>What rules are made ready from.</summary>
/// <param name="Brief">The brief.</param>
/// <param name="Figures">Everything that can be named.</param>
/// <param name="Parts">The parts that are ready.</param>
internal sealed record RuleSources(Brief Brief, FigureList Figures, IReadOnlyList<PartPlan> Parts)
{
    /// <summary>
    /// The part that a check names; null, with a problem, where there is none of that sort, and null where that part is
    /// not ready.
    /// </summary>
    public T? Part<T>(string id, string sort, ProblemCollector found)
        where T : PartPlan
    {
        var part = Parts.FirstOrDefault(p => p.Part.Id == id);
        if (part is T ready)
            return ready;
        var broken = part is null && Brief.Method.Parts.Any(p => p.Id == id && !p.Off);
        found.Unless(
            broken,
            "/check/part",
            $"The part with {sort} that this rule looks at is not in the method.",
            "Name one of the method's parts."
        );
        return null;
    }
}
