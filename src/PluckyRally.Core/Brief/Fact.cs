namespace PluckyRally.Core;

/// <summary>Something that tie-breaks and awards can look at.</summary>
/// <param name="Id">Its name in expressions.</param>
/// <param name="Name">What it is called.</param>
public sealed record Fact(string Id, string Name)
{
    /// <summary>The measures, the parts' points and values, and the total.</summary>
    public static IReadOnlyList<Fact> Of(Brief brief) => [.. TieBreakPlan.Facts(brief).Select(m => new Fact(m.Id, Say(m, brief)))];

    private static string Say(Measure fact, Brief brief) => brief.Method.Parts.Any(p => p.Id == fact.Id) ? $"points for {fact.Name}" : fact.Name.Length > 0 ? fact.Name : fact.Id;
}
