namespace PluckyRally.Core;

/// <summary>Something that tie-breaks and awards can look at.</summary>
/// <param name="Id">Its name in expressions.</param>
/// <param name="Name">What it is called.</param>
public sealed record Fact(string Id, string Name)
{
    /// <summary>The measures, the parts' points and values, and the total.</summary>
    public static IReadOnlyList<Fact> Of(Brief brief) => [.. FigureList.Names(brief).Select(m => new Fact(m.Id, m.Name.Length > 0 ? m.Name : m.Id))];
}
