using PluckyRally.Core.Words;

namespace PluckyRally.Core.Statistics;

/// <summary>Whether designs can be compared: only where one thing differs may a cause be claimed.</summary>
/// <param name="Differing">The labels that differ, with the value of each.</param>
/// <param name="MayClaimCause">Whether exactly one does.</param>
/// <param name="Says">The same as a sentence for the class.</param>
public sealed record FairTest(IReadOnlyList<FairTestDifference> Differing, bool MayClaimCause, string Says)
{
    /// <summary>Compares the conditions of designs; a label that not all of them have differs too.</summary>
    public static FairTest Compare(params IReadOnlyList<IReadOnlyDictionary<string, string>> designs)
    {
        var known = designs.Select(d => new Dictionary<string, string>(d, StringComparer.OrdinalIgnoreCase)).ToList();
        var differing = known
            .SelectMany(d => d.Keys)
            .Distinct(StringComparer.OrdinalIgnoreCase)
            .Order(StringComparer.OrdinalIgnoreCase)
            .Select(label => new FairTestDifference(label, [.. known.Select(d => d.GetValueOrDefault(label, ""))]))
            .Where(d => d.Values.Distinct(StringComparer.OrdinalIgnoreCase).Skip(1).Any())
            .ToList();
        return new(differing, differing.Count == 1, Sentence(differing, known.Any(d => d.Count > 0)));
    }

    private static string Sentence(List<FairTestDifference> differing, bool noted) =>
        differing.Count switch
        {
            0 when !noted =>
                "How the designs differ is not recorded. Record it at the pad to see whether the test was fair.",
            0 => "Nothing that is recorded differs, so any difference in the results is chance, or something "
                + "that nobody recorded.",
            1 => $"Only “{differing[0].Label}” differs: it may explain a difference in the results.",
            _ => SentenceCase.Beginning(English.List([.. differing.Select(d => SentenceCase.Sentence(d.Label))]))
                + " differ, so none of them alone can be named as the cause. Change one thing at a time.",
        };
}

/// <summary>A condition in which designs differ.</summary>
/// <param name="Label">The condition.</param>
/// <param name="Values">Its value in each; empty where it has none.</param>
public sealed record FairTestDifference(string Label, IReadOnlyList<string> Values);
