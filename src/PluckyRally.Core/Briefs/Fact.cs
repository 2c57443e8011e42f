using PluckyRally.Core.Figures;

namespace PluckyRally.Core.Briefs;

/// <summary>A figure as it is chosen: by its name, in a list in groups.</summary>
/// <param name="Id">Its name in expressions; no screen shows it.</param>
/// <param name="Name">What it is called; no two of a brief are called alike.</param>
/// <param name="Group">The group that it is listed in: what is measured, what is worked out, a part's name, the
/// team.</param>
public sealed record Fact(string Id, string Name, string Group)
{
    /// <summary>The measures, the figures with a name, what is known of each part, and of the team.</summary>
    public static IReadOnlyList<Fact> Of(Brief brief)
    {
        var taken = new Dictionary<string, int>(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. Listed(brief)
                .Select(fact =>
                    (taken[fact.Name] = taken.GetValueOrDefault(fact.Name) + 1) is > 1 and var nth
                        ? fact with
                        {
                            Name = $"{fact.Name} ({nth})",
                        }
                        : fact
                ),
        ];
    }

    private static IEnumerable<Fact> Listed(Brief brief) =>
        [
            .. brief
                .Measures.Where(m => !m.Off)
                .Select((m, i) => new Fact(m.Id, Called(m.Name, "measure", i), "What is measured")),
            .. brief
                .Figures.Where(f => !f.Off)
                .Select((f, i) => new Fact(f.Id, Called(f.Name, "figure", i), "What is worked out")),
            .. brief
                .Method.Parts.Where(p => !p.Off)
                .SelectMany((p, i) => OfPart(p, Called(p.Name, "part", i), brief.Method)),
            .. Figure
                .TeamFacts(brief)
                .Select(fact => Figure.Team(fact, brief.Method))
                .Select(shown => new Fact(shown.Id, shown.Name, "The team")),
        ];

    private static IEnumerable<Fact> OfPart(Part part, string name, Method method) =>
        [
            new(Figure.Points(part, method, weighted: true).Id, $"{name}: points", name),
            new(Figure.ValueOf(part, Figure.Points(part, method, weighted: true)).Id, $"{name}: value", name),
            new(Figure.Points(part, method, weighted: false).Id, $"{name}: points before the weight", name),
            .. part.Facts.Select(f => new Fact(f.Of(part).Id, $"{name}: {f.Name}", name)),
        ];

    /// <summary>What something is called, also while it has no name yet.</summary>
    private static string Called(string name, string what, int at) =>
        name.Trim().Length > 0 ? name.Trim() : $"{what} {at + 1} without a name";
}
