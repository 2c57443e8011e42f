namespace PluckyRally.Core;

/// <summary>Whether two designs can be compared: only where one thing differs may a cause be claimed.</summary>
/// <param name="Differing">The labels that differ, with both values.</param>
/// <param name="MayClaimCause">Whether exactly one does.</param>
/// <param name="Says">The same as a sentence for the class.</param>
public sealed record FairTest(IReadOnlyList<FairTestDifference> Differing, bool MayClaimCause, string Says)
{
    /// <summary>Compares the conditions of two designs; a label that only one of them has differs too.</summary>
    public static FairTest Compare(IReadOnlyDictionary<string, string> one, IReadOnlyDictionary<string, string> other)
    {
        var differing = one.Keys.Union(other.Keys)
            .Order(StringComparer.Ordinal)
            .Select(label => new FairTestDifference(label, one.GetValueOrDefault(label, ""), other.GetValueOrDefault(label, "")))
            .Where(d => !d.One.Equals(d.Other, StringComparison.OrdinalIgnoreCase))
            .ToList();
        return new(differing, differing.Count == 1, Sentence(differing));
    }

    private static string Sentence(List<FairTestDifference> differing) => differing.Count switch
    {
        0 => "Nothing differs, so any difference in the results is chance.",
        1 => $"Only the {differing[0].Label} differs: a difference in the results may come from it.",
        _ => $"{string.Join(", ", differing.Take(differing.Count - 1).Select(d => d.Label))} and {differing[^1].Label} differ, so no one of them can be named as the cause. Change one thing at a time.",
    };
}

/// <summary>A condition in which two designs differ.</summary>
/// <param name="Label">The condition.</param>
/// <param name="One">Its value in the first; empty where it has none.</param>
/// <param name="Other">Its value in the second; empty where it has none.</param>
public sealed record FairTestDifference(string Label, string One, string Other);
