using System.Text.RegularExpressions;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Where else a brief says the old name of something that has been renamed.</summary>
public static class NameChange
{
    /// <summary>
    /// Names of fewer letters are words of every text, so that nothing is proposed for them.
    /// </summary>
    private const int Shortest = 3;

    /// <summary>
    /// The change of every text and name that holds the old name, whole, as one or as several; null where none does, or
    /// where something else still has that name.
    /// </summary>
    /// <param name="brief">The brief, in which the thing has its new name.</param>
    /// <param name="was">What it was called.</param>
    /// <param name="now">What it is called.</param>
    public static Fix? Of(Brief brief, string was, string now)
    {
        (was, now) = (was.Trim(), now.Trim());
        if (was.Length < Shortest || now.Length == 0 || was == now)
            return null;
        var (one, several) = (English.One(was), English.Several(English.One(was)));
        var old = new Regex($@"\b(?:{Regex.Escape(several)}|{Regex.Escape(one)})\b", RegexOptions.IgnoreCase);
        string Renamed(string text) => old.Replace(text, found =>
            {
                var isOne = string.Equals(found.Value, one, StringComparison.OrdinalIgnoreCase) && one != several;
                var named =
                    isOne ? English.One(now)
                    : was == one ? English.Several(English.One(now))
                    : now;
                return char.IsUpper(found.Value[0]) ? SentenceCase.Beginning(named) : SentenceCase.Sentence(named);
            });
        if (Things(brief).Any(name => string.Equals(name, was, StringComparison.OrdinalIgnoreCase)))
            return null;
        var there = Texts(brief).Where(t => old.IsMatch(t.Text)).ToList();
        return there.Count == 0
            ? null
            : new(
                $"Use “{ProblemCollector.Short(now)}” there too",
                [.. there.Select(t => Change.Set(t.At, Renamed(t.Text)))],
                $"The old name “{ProblemCollector.Short(was)}” is still in "
                    + $"{English.List([.. there.Select(t => $"“{ProblemCollector.Short(t.Text)}”")])}"
            );
    }

    /// <summary>What else could be meant by the old name.</summary>
    private static IEnumerable<string> Things(Brief brief) =>
        [
            .. brief.Measures.Select(m => m.Name),
            .. brief.Figures.Select(f => f.Name),
            .. brief.Materials.Select(m => m.Name),
        ];

    private static IEnumerable<(string At, string Text)> Texts(Brief brief) =>
        [
            .. SnagContext.Of(brief).Texts,
            .. brief.Conditions.Select(c => ($"/conditions/{c.Id}/fixedAt", c.FixedAt)),
            .. brief.Measures.Select(m => ($"/measures/{m.Id}/how", m.How)),
            .. brief.Method.Parts.Select(p => ($"/method/parts/{p.Id}/name", p.Name)),
            .. brief.Method.TieBreaks.Select((t, i) => ($"/method/tieBreaks/{i}/name", t.Name)),
            .. brief.Method.Awards.Select(a => ($"/method/awards/{a.Id}/name", a.Name)),
            .. brief.Method.Targets.Select(t => ($"/method/targets/{t.Id}/name", t.Name)),
            ("/teacher/notes", brief.Teacher.Notes),
        ];
}
