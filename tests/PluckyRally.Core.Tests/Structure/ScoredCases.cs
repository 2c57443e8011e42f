using PluckyRally.Core.Documents;
using PluckyRally.Core.Results;
using PluckyRally.Core.Tests.Results;

namespace PluckyRally.Core.Tests.Structure;

/// <summary>
/// The cases of closed unions that are met where rallies are really scored: the demo's, those that are kept of earlier
/// versions, those that were worked out by hand, and one of every kind.
/// </summary>
internal static class ScoredCases
{
    private static readonly Lazy<HashSet<Type>> Met = new(Score);

    /// <summary>Whether a case led to points, to a rule's outcome, or to its consequence.</summary>
    public static bool Has(Type kind) => Met.Value.Contains(kind);

    private static HashSet<Type> Score()
    {
        var met = new HashSet<Type>();
        foreach (var folder in new[] { "demo", Path.Combine("tests", "formats") })
        foreach (
            var file in Directory.EnumerateFiles(
                Path.Combine(ProjectFolder.Root, folder),
                "*.rally.json",
                SearchOption.AllDirectories
            )
        )
            if (
                DocumentReader.Rally(File.ReadAllText(file)) is { IsOk: true } read
                && OpenedRally.Open(read.Value.Value) is { IsOk: true } opened
            )
            {
                var rally = opened.Value;
                for (var round = 1; round <= rally.Rounds; round++)
                    Add(met, rally.Result(round).Teams);
            }

        var compiled = Sample.Ready(EveryKind.Brief());
        var (teams, log) = EveryKind.Play(compiled);
        Add(met, Sample.Came(compiled, teams, log).Teams);
        return met;
    }

    private static void Add(HashSet<Type> met, IReadOnlyList<TeamResult> results)
    {
        foreach (var part in results.SelectMany(r => r.Parts))
        {
            if (part.Points is not null)
                met.UnionWith([part.Plan.Part.GetType(), part.Plan.Curve.GetType()]);
        }

        foreach (var outcome in results.SelectMany(r => r.Assessment.Rules))
        {
            if (outcome.State is RuleState.Met or RuleState.Missed)
                met.Add(outcome.Rule.Check.GetType());
            if (outcome.State is RuleState.Missed)
                met.Add(outcome.Rule.IfMissed.GetType());
        }
    }
}
