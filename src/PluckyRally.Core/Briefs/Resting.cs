using PluckyRally.Core.Expressions;

namespace PluckyRally.Core.Briefs;

/// <summary>What of a brief would be left without its sense if something were taken out.</summary>
/// <param name="At">The place of what it rests on.</param>
/// <param name="Names">What rests on it, as it is called on screen.</param>
public sealed record Resting(string At, IReadOnlyList<string> Names)
{
    /// <summary>Every measure, figure and part on which something rests.</summary>
    public static IReadOnlyList<Resting> Of(Brief brief)
    {
        var looks = Looks(brief)
            .SelectMany(look => look.At.SelectMany(NamesIn).Select(name => (Name: name.Split('.')[0], look.Says)))
            .ToLookup(look => look.Name, look => look.Says);
        return
        [
            .. Places(brief)
                .Where(place => looks.Contains(place.Id))
                .Select(place => new Resting(place.At, [.. looks[place.Id].Distinct()])),
        ];
    }

    private static IEnumerable<(string Id, string At)> Places(Brief brief) =>
        [
            .. brief.Measures.Select(m => (m.Id, $"/measures/{m.Id}")),
            .. brief.Figures.Select(f => (f.Id, $"/figures/{f.Id}")),
            .. brief.Method.Parts.Select(p => (p.Id, $"/method/parts/{p.Id}")),
        ];

    private static IEnumerable<(string Says, IReadOnlyList<string> At)> Looks(Brief brief) =>
        [
            .. brief.Rules.Select(r => ($"the rule “{r.Text}”", r.Check.RestsOn)),
            .. brief.Figures.Select(f => ($"the figure {Called(f.Name)}", (IReadOnlyList<string>)[f.Value])),
            .. brief.Method.Parts.Select(p => ($"the points of {Called(p.Name)}", p.RestsOn)),
            .. brief.Method.TieBreaks.Select(t =>
                ($"the tie-break {Called(t.Name)}", (IReadOnlyList<string>)[t.Value])
            ),
            .. brief
                .Method.Awards.Where(a => a.GivenBy is null)
                .Select(a => ($"the award {Called(a.Name)}", (IReadOnlyList<string>)[a.FirstTo?.Part ?? a.Value])),
            .. brief.Method.Targets.Select(t => ($"the target {Called(t.Name)}", (IReadOnlyList<string>)[t.Value])),
            ("the stages of the build", [brief.Stages.Measure]),
        ];

    private static string Called(string name) => name.Trim().Length > 0 ? name.Trim() : "that has no name yet";

    private static IEnumerable<string> NamesIn(string text) =>
        TermParser.Read(text) is { IsOk: true, Value: var term } ? TermWords.Names(term) : [];
}
