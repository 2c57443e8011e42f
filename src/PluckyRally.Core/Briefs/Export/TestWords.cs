using PluckyRally.Core.Figures;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Briefs;

/// <summary>Says to students how their designs are tested.</summary>
internal static class TestWords
{
    /// <summary>The test, a sentence for each thing that a student should know before building.</summary>
    /// <param name="brief">The brief as one tier runs it.</param>
    /// <param name="ready">The same made ready, where it can be.</param>
    public static IEnumerable<string> Say(Brief brief, CompiledEdition? ready)
    {
        var trials = brief.Trials;
        if (trials.How.Length > 0)
            yield return trials.How;
        foreach (var runs in Runs(brief))
            yield return runs;
        if (trials.HoldSeconds > 0)
            yield return "Everybody lets go. It must stand by itself for "
                + $"{English.Count(trials.HoldSeconds, "second")} before it is measured.";
        if (trials.OverWhen.Length > 0)
            yield return Over(trials.OverWhen);
        if (trials.IfItFalls.Length > 0)
            yield return trials.IfItFalls;
        if (ready is not null && Failed(ready) is { } failed)
            yield return failed;
        if (trials.FreshBuildAfterFailure)
            yield return "After a failed attempt, the next one is made with a fresh build.";
        foreach (var measure in brief.Measures.Where(m => !m.Off && m.How.Length > 0))
            yield return $"{measure.Name}: {measure.How}"
                + (
                    measure.Unit.Length > 0 && Units.NeedsUnit(measure.Kind)
                        ? $", to the nearest {ReadingFormat.Value(measure.Step, measure with { Weights = [] })}"
                        : ""
                );
    }

    /// <summary>How many attempts and runs there are, and how many of them must be made.</summary>
    private static IEnumerable<string> Runs(Brief brief)
    {
        var (attempts, parts) = (brief.Trials.Attempts, brief.Method.Parts.Where(p => !p.Off).ToList());
        if (
            parts.Any(p => p is Part.Measured)
            && brief.Measures.Any(m => m is { Off: false, Taken: ReadOccasion.EachAttempt })
        )
            yield return attempts == 1
                ? "You have one attempt."
                : $"You have {attempts} attempts"
                    + (brief.Trials.AttemptsFor == AttemptsFor.Team ? ", with all your designs together." : ".")
                    + (brief.Trials.Needed < attempts ? $" At least {brief.Trials.Needed} of them must be made." : "");
        if (parts.Any(p => p is Part.Relay))
            yield return "Your team has one run.";
    }

    /// <summary>When an attempt is over, as a whole sentence, also where only the moment was written down.</summary>
    private static string Over(string words)
    {
        if (
            words.Contains(" over", StringComparison.OrdinalIgnoreCase)
            || words.Contains(" count", StringComparison.OrdinalIgnoreCase)
            || words.StartsWith("If ", StringComparison.OrdinalIgnoreCase)
        )
            return words;
        var moment = SentenceCase.Sentence(words.Trim().TrimEnd('.'));
        var when = Moments.Any(m => moment.StartsWith(m, StringComparison.Ordinal)) ? "" : "when ";
        return $"An attempt is over {when}{moment}.";
    }

    /// <summary>Words with which a moment begins that need no "when" before them.</summary>
    private static readonly string[] Moments = ["when ", "as soon as ", "once ", "after ", "at ", "on "];

    /// <summary>What a failed attempt counts, part by part where parts differ; null where it never matters.</summary>
    private static string? Failed(CompiledEdition ready)
    {
        var parts = ready
            .Parts.OfType<PartPlan.Measured>()
            .Where(p =>
                p.Definition.Work == Work.EachAttempt && p.Measures.Any(m => m.Taken == ReadOccasion.EachAttempt)
            )
            .ToList();
        if (parts.Count == 0)
            return null;
        var says = parts
            .Select(p => p.Way.TakesFailed ? $"counts as {p.ShowStated(p.Way.FailureValue)}" : "does not count")
            .ToList();
        return says.Distinct().Count() == 1
            ? $"A failed attempt {says[0]}."
            : "A failed attempt: for "
                + $"{string.Join("; for ", parts.Select((p, i) => $"“{p.Part.Name}” it {says[i]}"))}.";
    }
}
