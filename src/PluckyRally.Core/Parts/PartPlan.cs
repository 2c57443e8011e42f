using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Parts;

/// <summary>
/// A part made ready to be scored. Each case stands in the folder of its part (<c>Parts/Relay</c> and so on), beside
/// the entries that feed it. What it must do stands by concern in <c>Parts/Contracts</c>, and whoever asks for one
/// concern is given that contract.
/// </summary>
internal abstract partial record PartPlan
{
    private PartPlan() { }

    /// <summary>The part.</summary>
    public abstract Part Part { get; }

    /// <summary>What in it would go wrong in a class.</summary>
    public virtual IEnumerable<Snag> Snags(SnagContext scene) => [];

    /// <summary>Makes a part ready, or adds what is wrong with it.</summary>
    /// <param name="part">The part.</param>
    /// <param name="brief">The brief.</param>
    /// <param name="found">Collects what is wrong.</param>
    /// <param name="ready">What makes ready what only this sort of part has.</param>
    public static PartPlan? Make(
        Part part,
        Brief brief,
        ProblemCollector found,
        Func<Brief, ProblemCollector, PartPlan?> ready
    )
    {
        found.NotEmpty(
            part.Name,
            "/name",
            "The part has no name.",
            "Say what it gives points for, for example “Height”."
        );
        found.Length(part.Name, Limits.Name, "/name", "The name");
        found.Unless(
            part.Floor is null || part.Cap is null || part.Floor <= part.Cap,
            "/cap",
            "The most points are fewer than the fewest.",
            "Swap them."
        );
        found.Unless(part.Weight >= 0, "/weight", "The weight cannot be negative.", "Use 0 or more.");
        if (brief.Method.Wins == WinningDirection.Lowest && part.FailurePoints is null)
            found.Add(
                "/failurePoints",
                "Where the lowest total wins, a team without a success must get points.",
                "Write how many, more than any success would give."
            );
        var plan = ready(brief, found);
        return found.Problems.Count == 0 ? plan : null;
    }
}
