using PluckyRally.Core.Briefs;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>Says what made the biggest point gaps, and what made none.</summary>
internal static class DecidedWords
{
    /// <summary>
    /// How far each part parted the teams that place, what made no difference, and what went wrong most; a sentence
    /// each.
    /// </summary>
    public static IReadOnlyList<string> Say(CompiledEdition compiled, IReadOnlyList<TeamResult> results)
    {
        var present = results.Where(r => r.Status != StandingStatus.Away).ToList();
        return
        [
            .. Parted(compiled, present),
            .. Missed(compiled, present),
            .. compiled.Parts.SelectMany(p => p.Found(results)),
        ];
    }

    /// <summary>A task that nobody did.</summary>
    public static string Nobody(string task) => $"Nobody did “{task}”.";

    private static IEnumerable<string> Parted(CompiledEdition compiled, List<TeamResult> present)
    {
        var placed = present.Where(r => r.Status == StandingStatus.Placed).ToList();
        if (placed.Count < 2 || compiled.Parts.Count < 2)
            yield break;
        var apart = compiled
            .Parts.Select((p, at) => (p.Part.Name, Points: placed.Select(r => r.Parts[at].Points ?? 0).ToList()))
            .Select(p => (p.Name, p.Points, By: p.Points.Max() - p.Points.Min()))
            .ToList();
        var parting = apart.Where(p => p.By > 0).OrderByDescending(p => p.By).ToList();
        if (parting.Count > 0)
            yield return "Biggest point gaps between teams: "
                + $"{string.Join(", ", parting.Select(p => $"{p.Name} {Show(p.By)}"))}.";
        foreach (var same in apart.Where(p => p.By == 0))
            yield return $"{same.Name} made no difference: {Show(same.Points[0])} for every team.";

        string Show(decimal points) => ReadingFormat.Points(points, compiled.Brief.Method.Precision);
    }

    /// <summary>The must-haves that most teams missed, all that tie.</summary>
    private static IEnumerable<string> Missed(CompiledEdition compiled, List<TeamResult> present)
    {
        var missed = compiled
            .Rules.Where(r => !r.Rule.IsBonus)
            .Select(r =>
                (
                    r.Rule.Text,
                    Teams: present.Count(t =>
                        t.Assessment.Rules.Any(o => o.Rule.Id == r.Rule.Id && o.State == RuleState.Missed)
                    ),
                    Of: present.Count(t => r.IsFor(t.Team))
                )
            )
            .Where(r => r.Teams > 0)
            .ToList();
        if (missed.Count == 0)
            yield break;
        var most = missed.Max(m => m.Teams);
        foreach (var rule in missed.Where(m => m.Teams == most))
            yield return $"{(most > 1 ? "Missed most" : "Missed")}: “{rule.Text}”, by {rule.Teams} of "
                + $"{English.Count(rule.Of, "team")}.";
    }
}
