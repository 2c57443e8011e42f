using System.Text.Json.Serialization;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>What happens to a part that has no value, for example because it would mean dividing by zero.</summary>
public enum NoValue
{
    /// <summary>The part scores its “no success” points.</summary>
    FailurePoints,

    /// <summary>The team is unfinished.</summary>
    Unfinished,
}

/// <summary>One way of earning points. Each case stands in its own folder below <c>Parts</c>.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
public abstract partial record Part
{
    private Part() { }

    /// <summary>Names the part in rules and tie-breaks.</summary>
    public required string Id { get; init; }

    /// <summary>What it is called.</summary>
    public string Name { get; init; } = "";

    /// <summary>What its points are multiplied by.</summary>
    public decimal Weight { get; init; } = 1;

    /// <summary>The fewest points it gives, before the weight.</summary>
    public decimal? Floor { get; init; }

    /// <summary>The most points it gives, before the weight.</summary>
    public decimal? Cap { get; init; }

    /// <summary>
    /// What it gives where there was no success, before the weight; 0 where absent and the highest total wins.
    /// </summary>
    public decimal? FailurePoints { get; init; }

    /// <summary>What happens where it has no value.</summary>
    public NoValue NoValue { get; init; }

    /// <summary>Left out, so that a tier can bring it in (or the other way round).</summary>
    public bool Off { get; init; }

    /// <summary>Makes the part ready to be scored, or adds what is wrong with it.</summary>
    internal abstract PartPlan? Ready(Brief brief, ProblemCollector found);

    /// <summary>The expressions that it rests on.</summary>
    internal virtual IReadOnlyList<string> RestsOn => [];

    /// <summary>
    /// A team's answer as it was typed or pasted, or what is wrong with it; null where nothing is sorted here.
    /// </summary>
    internal virtual AnswerRead? ReadAnswer(string text, ProblemCollector found) => null;

    /// <summary>
    /// What in it a tier may have of its own, by its place within the part; its curve's numbers are added to these.
    /// </summary>
    internal virtual IEnumerable<TierField> Inner => [];

    /// <summary>The curve that its value goes through; null where it gives points by its own rule.</summary>
    internal virtual Curve? PointsCurve => null;

    /// <summary>What is known of it beside its points and its value.</summary>
    internal virtual IReadOnlyList<PartFact> Facts => [];
}
