using System.Text.Json;
using System.Text.Json.Nodes;
using PluckyRally.Core.Files;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Briefs;

/// <summary>Lays a tier over its brief.</summary>
public static class Editions
{
    /// <summary>The brief as a tier runs it; without a tier, the base. Errors name the tier and the field.</summary>
    public static Result<Edition> Resolve(Brief brief, string tier = "")
    {
        if (tier.Length == 0)
            return Result<Edition>.Ok(new() { Brief = brief with { Tiers = [] } });
        var chosen = brief.Tiers.FirstOrDefault(t => t.Id == tier);
        if (chosen is null)
            return Result<Edition>.Refused(
                new Problem(
                    "/tier",
                    $"This brief has no tier “{tier}”.",
                    $"Choose one of these: {string.Join(", ", brief.Tiers.Select(t => t.Id))}."
                )
            );

        var node = JsonSerializer.SerializeToNode(brief with { Tiers = [] }, Json.Options)!;
        var problems = new List<Problem>();
        for (var i = 0; i < chosen.Overrides.Count; i++)
        {
            var at = chosen.Overrides[i].At;
            if (BriefChanges.Put(node, chosen.Overrides[i]))
                continue;
            var nearest = KnownPaths.Nearest(node, typeof(Brief), at);
            problems.Add(
                new(
                    $"/tiers/{tier}/overrides/{i}/at",
                    $"In {Name(chosen)}: there is no {ProblemCollector.Short(at)} in the brief.",
                    nearest.Length > 0 && BriefChanges.MayDiffer(nearest)
                        ? $"The nearest place is {nearest}."
                        : "Name a place of the brief, items by their id, for example /measures/height/unit."
                )
            );
        }

        if (problems.Count > 0)
            return Result<Edition>.Refused(problems);
        var read = Read(node);
        return read.IsOk
            ? Result<Edition>.Ok(new() { Brief = read.Value, Tier = Name(chosen) })
            : Result<Edition>.Refused([.. read.Problems.Select(p => InTier(chosen, p))]);
    }

    /// <summary>
    /// A brief of a document in which values were laid over others, or every value that does not fit.
    /// </summary>
    internal static Result<Brief> Read(JsonNode node)
    {
        try
        {
            return Result<Brief>.Ok(node.Deserialize<Brief>(Json.Options)!);
        }
        catch (JsonException)
        {
            // Only now is it worth the time to find every value that does not fit, each with its place.
        }

        var read = Brief.Read(node.ToJsonString());
        return read.IsOk ? Result<Brief>.Ok(read.Value.Value) : Result<Brief>.Refused(read.Problems);
    }

    /// <summary>
    /// A problem of a brief as a tier runs it, at its place in the brief itself: the override that brought it, or where
    /// it is for all.
    /// </summary>
    public static Problem InTier(Tier tier, Problem problem)
    {
        var by = tier
            .Overrides.ToList()
            .FindLastIndex(o => problem.At == o.At || problem.At.StartsWith($"{o.At}/", StringComparison.Ordinal));
        return problem with
        {
            At = by < 0 ? problem.At : $"/tiers/{tier.Id}/overrides/{by}/value",
            What = $"In {Name(tier)}: {problem.What}",
        };
    }

    private static string Name(Tier tier) => tier.Name.Length > 0 ? tier.Name : tier.Id;
}
