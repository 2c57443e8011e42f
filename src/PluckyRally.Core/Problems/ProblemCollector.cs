using System.Text.RegularExpressions;

namespace PluckyRally.Core.Problems;

/// <summary>Collects what is wrong with a document, each with its place.</summary>
internal sealed class ProblemCollector(string at = "")
{
    private readonly List<Problem> _problems = [];

    public IReadOnlyList<Problem> Problems => _problems;

    public void Add(string place, string what, string remedy) => _problems.Add(new(at + place, what, remedy));

    public void AddAll(IEnumerable<Problem> problems) => _problems.AddRange(problems.Select(p => p.Under(at)));

    public void AddAll(string place, IEnumerable<Problem> problems) =>
        _problems.AddRange(problems.Select(p => p with { At = at + place }));

    /// <summary>Takes over what was found below a place.</summary>
    public void Under(string place, ProblemCollector inner) =>
        _problems.AddRange(inner.Problems.Select(p => p.Under(at + place)));

    public void Unless(bool holds, string place, string what, string remedy)
    {
        if (!holds)
            Add(place, what, remedy);
    }

    public void NotEmpty(string text, string place, string what, string remedy) =>
        Unless(!string.IsNullOrWhiteSpace(text), place, what, remedy);

    public void Length(string text, int most, string place, string what)
    {
        if (text.Length > most)
            Add(place, $"{what} is {text.Length} characters long.", $"Shorten it to {most}.");
    }

    public void Count<T>(IReadOnlyList<T> items, int most, string place, string what)
    {
        if (items.Count > most)
            Add(place, $"There are {items.Count} {what}.", $"Keep to {most}.");
    }

    /// <summary>Ids must be usable as names in expressions, and each used once.</summary>
    public void Ids(IEnumerable<string> ids, string place, string what)
    {
        var seen = new HashSet<string>(StringComparer.Ordinal);
        foreach (var id in ids)
        {
            Unless(
                IdForm.IsMatch(id),
                $"{place}/{id}/id",
                $"“{Short(id)}” cannot be the id of a {what}.",
                "Start with a letter; use letters, digits and underscores, at most 40."
            );
            Unless(
                seen.Add(id),
                $"{place}/{id}/id",
                $"Two {what}s have the id “{Short(id)}”.",
                "Give each its own id."
            );
        }
    }

    /// <summary>The remedy where something that is not there was named: what is there, by its names.</summary>
    public static string UseOneOf(IEnumerable<string> names) =>
        $"Use one of these: {string.Join(", ", names.Where(n => n.Length > 0))}.";

    public static string Short(string text) => text.Length > 40 ? text[..40] + "…" : text;

    private static readonly Regex IdForm = new("^[A-Za-z][A-Za-z0-9_]{0,39}$");
}
