using PluckyRally.Core.Expressions;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>
/// Takes out of a brief what is left out in it: a measure, a tie-break, an award or a target, and what falls with it.
/// </summary>
internal static class LeftOut
{
    /// <summary>
    /// The brief without what is left out. A tie-break, an award or a target that rests on what is left
    /// out is not used, with a warning; a rule or a part that does is a fault.
    /// </summary>
    public static (Brief Left, IReadOnlyList<Problem> Problems) Take(Brief brief)
    {
        var gone = brief
            .Measures.Where(m => m.Off)
            .Select(m => (m.Id, m.Name))
            .Concat(brief.Method.Parts.Where(p => p.Off).Select(p => (p.Id, p.Name)))
            .Concat(brief.Figures.Where(f => f.Off).Select(f => (f.Id, f.Name)))
            .ToList();
        var method = brief.Method;
        if (
            gone.Count == 0
            && method.TieBreaks.All(t => !t.Off)
            && method.Awards.All(a => !a.Off)
            && method.Targets.All(t => !t.Off)
        )
            return (brief, []);

        var problems = new List<Problem>();
        while (
            brief.Figures.FirstOrDefault(f =>
                gone.All(g => g.Id != f.Id) && !Stays(f.Name, $"/figures/{f.Id}/value", [f.Value])
            )
                is { } falls
        )
            gone.Add((falls.Id, falls.Name));
        foreach (var rule in brief.Rules.Where(r => !r.Off))
        {
            if (Rests(rule.Check.RestsOn) is { } name)
                problems.Add(
                    new(
                        $"/rules/{rule.Id}/check",
                        $"“{rule.Text}” looks at {name}, which is left out here.",
                        "Leave the rule out too, or bring back what it looks at."
                    )
                );
        }

        foreach (var part in method.Parts.Where(p => !p.Off))
        {
            if (Rests(part.RestsOn) is { } name)
                problems.Add(
                    new(
                        $"/method/parts/{part.Id}/value",
                        $"{part.Name} gives points for {name}, which is left out here.",
                        "Leave the part out too, or bring back what it is about."
                    )
                );
        }

        var left = brief with
        {
            Measures = [.. brief.Measures.Where(m => !m.Off)],
            Figures = [.. brief.Figures.Where(f => gone.All(g => g.Id != f.Id))],
            Method = method with
            {
                TieBreaks =
                [
                    .. method.TieBreaks.Where(
                        (t, i) => !t.Off && Stays(t.Name, $"/method/tieBreaks/{i}/value", [t.Value])
                    ),
                ],
                Targets =
                [
                    .. method.Targets.Where(t => !t.Off && Stays(t.Name, $"/method/targets/{t.Id}/value", [t.Value])),
                ],
                Awards =
                [
                    .. method.Awards.Where(a =>
                        !a.Off
                        && (
                            a.GivenBy is not null
                            || Stays(
                                a.Name,
                                $"/method/awards/{a.Id}/value",
                                a.FirstTo is { } first ? [$"{first.Part}.value"] : [a.Value]
                            )
                        )
                    ),
                ],
            },
        };
        return (left, problems);

        bool Stays(string what, string at, IReadOnlyList<string> expressions)
        {
            if (Rests(expressions) is not { } name)
                return true;
            problems.Add(
                new(
                    at,
                    $"“{what}” isn’t used here, because {name} is left out.",
                    "Leave it as it is, or let something else decide.",
                    Severity.Warning
                )
            );
            return false;
        }

        string? Rests(IReadOnlyList<string> expressions) =>
            expressions
                .Select(TermParser.Read)
                .Where(term => term.IsOk)
                .SelectMany(term => TermWords.Names(term.Value!))
                .Select(id =>
                    gone.FirstOrDefault(g => g.Id == id || id.StartsWith($"{g.Id}.", StringComparison.Ordinal))
                )
                .Where(g => g.Id is not null)
                .Select(g => g.Name.Length > 0 ? g.Name : g.Id)
                .FirstOrDefault();
    }
}
