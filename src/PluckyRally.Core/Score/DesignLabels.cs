using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>What designs are like: conditions by name, as they were last noted.</summary>
internal static class DesignLabels
{
    private static readonly IReadOnlyDictionary<string, string> None = new Dictionary<string, string>();

    /// <summary>The labels of a design in a round; none where none were noted.</summary>
    public static IReadOnlyDictionary<string, string> Of(IEnumerable<Entry> ofTeam, string design) =>
        ofTeam.OfType<Entry.DesignNoted>().LastOrDefault(n => n.Design == design && n.Labels.Count > 0)?.Labels ?? None;

    /// <summary>The labels of a design as one reads them: "arm: long".</summary>
    public static IReadOnlyList<string> Lines(IEnumerable<Entry> ofTeam, string design) => Lines(Of(ofTeam, design));

    /// <summary>Labels in a line: "arm: long, cup: paper".</summary>
    public static string Say(IReadOnlyDictionary<string, string> labels) => string.Join(", ", Lines(labels));

    private static IReadOnlyList<string> Lines(IReadOnlyDictionary<string, string> labels) =>
        [.. labels.Select(l => $"{l.Key}: {l.Value}")];
}

/// <summary>What the class calls what designs are like, for whoever notes it of the next one.</summary>
/// <param name="Used">The labels used so far, in the order in which they came up.</param>
/// <param name="Before">The team's own of the round before, so that what did not change need not be typed; none in the
/// first.</param>
public sealed record LabelsSoFar(IReadOnlyList<LabelUsed> Used, IReadOnlyDictionary<string, string> Before)
{
    /// <summary>The labels used in a rally.</summary>
    public static LabelsSoFar Of(OpenedRally opened, TeamId team, int round)
    {
        var noted = opened.Stands.OfType<Entry.DesignNoted>().ToList();
        return new(
            [
                .. noted
                    .SelectMany(n => n.Labels)
                    .GroupBy(l => l.Key, StringComparer.OrdinalIgnoreCase)
                    .Select(g => new LabelUsed(
                        g.Key,
                        [.. g.Select(l => l.Value).Distinct(StringComparer.OrdinalIgnoreCase)]
                    )),
            ],
            noted.LastOrDefault(n => n.Team == team && n.Round == round - 1 && n.Labels.Count > 0)?.Labels
                ?? new Dictionary<string, string>()
        );
    }
}

/// <summary>A label, with the values that it has had.</summary>
/// <param name="Name">What it is of: "arm".</param>
/// <param name="Values">How it has been: "long", "short".</param>
public sealed record LabelUsed(string Name, IReadOnlyList<string> Values);
