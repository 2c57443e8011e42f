using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Score;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Results;

/// <summary>
/// What designs are compared by: a label, a team's own designs, what was seen of them, or the rounds.
/// </summary>
/// <param name="Id">Its id, such as "label:arm".</param>
/// <param name="Name">What it is called.</param>
/// <param name="Groups">The groups, at least two.</param>
internal sealed record Grouping(string Id, string Name, IReadOnlyList<DesignGroup> Groups)
{
    /// <summary>Whether it was only seen, and not tried: then nothing of it can be named as a cause.</summary>
    public bool OnlySeen { get; init; }

    /// <summary>Whether the groups have no order of their own; then the smallest values stand first.</summary>
    public bool HasNoOrder { get; init; }

    /// <summary>Whether a design stands by itself in its group, so that its attempts are what is compared.</summary>
    public bool OfAttempts { get; init; }

    /// <summary>Everything that the designs of a round can be compared by.</summary>
    public static IReadOnlyList<Grouping> All(PlotScene scene)
    {
        var designs = scene
            .Teams.SelectMany(t => t.Designs)
            .Where(d => d.Status != StandingStatus.Away)
            .Select(d => (Design: d, Labels: DesignLabels.Of(d.Design.Team.Entries, d.Design.Name)))
            .ToList();
        return [.. ByLabel(designs), .. ByTag(scene), .. ByRound(scene), .. ByDesign(scene)];
    }

    private static IEnumerable<Grouping> ByLabel(
        IReadOnlyList<(Assessment Design, IReadOnlyDictionary<string, string> Labels)> designs
    )
    {
        foreach (
            var label in designs
                .SelectMany(d => d.Labels.Select(l => (l.Key, l.Value, d.Design)))
                .GroupBy(l => l.Key, StringComparer.OrdinalIgnoreCase)
        )
        {
            var groups = label
                .GroupBy(l => l.Value, StringComparer.OrdinalIgnoreCase)
                .Select(g => new DesignGroup(g.Key, ComparedWords.With(label.Key, g.Key), [.. g.Select(l => l.Design)]))
                .ToList();
            if (groups.Count > 1)
                yield return new($"label:{label.Key}", SentenceCase.Beginning(label.Key), groups) { HasNoOrder = true };
        }
    }

    private static IEnumerable<Grouping> ByTag(PlotScene scene)
    {
        foreach (var tag in Tags.Of(scene.Entries, scene.Run.Number))
        {
            var (with, without) = (
                scene.Teams.Where(t => tag.Has(t.Team.Id)).ToList(),
                scene.Teams.Where(t => !tag.Has(t.Team.Id)).ToList()
            );
            if (with.Count > 0 && without.Count > 0)
                yield return new(
                    $"tag:{tag.Word}",
                    ComparedWords.Tag(tag.Word),
                    [
                        new(
                            ComparedWords.With(tag.Word),
                            ComparedWords.With(tag.Word),
                            [.. with.Select(t => t.Assessment)]
                        ),
                        new(
                            ComparedWords.Without(tag.Word),
                            ComparedWords.Without(tag.Word),
                            [.. without.Select(t => t.Assessment)]
                        ),
                    ]
                )
                {
                    OnlySeen = true,
                };
        }
    }

    private static IEnumerable<Grouping> ByRound(PlotScene scene)
    {
        var (now, before) = (scene.Teams.Select(t => t.Assessment).ToList(), scene.Earlier);
        if (before.Count > 0)
            yield return new(
                "rounds",
                ComparedWords.Rounds,
                [
                    DesignGroup.Called(ComparedWords.Round(scene.Run.Number - 1), before),
                    DesignGroup.Called(ComparedWords.Round(scene.Run.Number), now),
                ]
            );
    }

    private static IEnumerable<Grouping> ByDesign(PlotScene scene) =>
        from team in scene.Teams
        let tried = team.Designs.Where(d => d.Design.Attempts.Count > 0).ToList()
        where tried.Count > 1
        select new Grouping(
            $"team:{team.Team.Id}",
            ComparedWords.DesignsOf(team.Team),
            [.. tried.Select(d => DesignGroup.Called(ComparedWords.Design(d.Design.Team.Called(d.Design.Name)), [d]))]
        )
        {
            OfAttempts = true,
        };
}

/// <summary>Designs that are alike in what they are compared by.</summary>
/// <param name="Name">What they are alike in.</param>
/// <param name="Whose">The same behind "a value": "with arm long", "of round 1".</param>
/// <param name="Designs">The designs.</param>
internal sealed record DesignGroup(string Name, string Whose, IReadOnlyList<Assessment> Designs)
{
    /// <summary>A group that has a name of its own.</summary>
    public static DesignGroup Called(string name, IReadOnlyList<Assessment> designs) =>
        new(name, ComparedWords.Of(name), designs);

    /// <summary>The labels of the group: a label's value, or where its designs differ how often each stands.</summary>
    public IReadOnlyDictionary<string, string> Labels
    {
        get
        {
            var each = Designs.Select(d => DesignLabels.Of(d.Design.Team.Entries, d.Design.Name)).ToList();
            return each.SelectMany(l => l.Keys)
                .Distinct(StringComparer.OrdinalIgnoreCase)
                .ToDictionary(
                    label => label,
                    label =>
                        ComparedWords.Values([
                            .. each.Select(l =>
                                l.FirstOrDefault(v => v.Key.Equals(label, StringComparison.OrdinalIgnoreCase)).Value
                                ?? ""
                            ),
                        ]),
                    StringComparer.OrdinalIgnoreCase
                );
        }
    }
}
