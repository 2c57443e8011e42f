using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;

namespace PluckyRally.Core.Figures;

/// <summary>Something that is known of a part beside its value and its points.</summary>
/// <param name="Id">Its id behind the part's: <c>legs</c> of <c>run.legs</c>.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Step">How finely it is shown and compared.</param>
/// <param name="Better">Which way is better, where that is plain; null otherwise.</param>
internal sealed record PartFact(string Id, string Name, decimal Step = 1, Better? Better = null)
{
    /// <summary>How it is named and shown for a part.</summary>
    public Measure Of(Part part) => Figure.Exact($"{part.Id}.{Id}", $"{part.Name}, {Name}", Step);
}
