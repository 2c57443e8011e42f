namespace PluckyRally.Core;

/// <summary>What of the pupils' sheet is written from the rest of the brief, line by line.</summary>
/// <param name="Criteria">What the design must do.</param>
/// <param name="Constraints">What may be used, and how.</param>
/// <param name="Materials">The materials with their amounts.</param>
/// <param name="Test">How it is tested.</param>
/// <param name="Conditions">What is the same for everyone.</param>
/// <param name="Scoring">How it is scored: in the teacher's words where there are some.</param>
/// <param name="Time">The phases with their minutes.</param>
/// <param name="Words">The words of science.</param>
/// <param name="Safety">The cautions, who must be there, and the teacher's own words.</param>
public sealed record PupilSheet(
    IReadOnlyList<string> Criteria,
    IReadOnlyList<string> Constraints,
    IReadOnlyList<string> Materials,
    IReadOnlyList<string> Test,
    IReadOnlyList<string> Conditions,
    IReadOnlyList<string> Scoring,
    IReadOnlyList<string> Time,
    IReadOnlyList<string> Words,
    IReadOnlyList<string> Safety)
{
    /// <summary>The lines of a brief as one tier runs it.</summary>
    public static PupilSheet Of(Brief brief)
    {
        var compiled = CompiledEdition.For(new Edition { Brief = brief });
        return Of(brief, compiled.IsOk ? MethodWords.Say(compiled.Value) : []);
    }

    /// <summary>The same where it is known how the method reads.</summary>
    public static PupilSheet Of(Brief brief, IReadOnlyList<string> scoring)
    {
        var rules = brief.Rules.Where(r => r is { Off: false, Text.Length: > 0, OnlyFor.Length: 0 }).ToList();
        return new(
            [.. rules.Where(r => r.Sort == RuleSort.Criterion).Select(r => r.Text)],
            [.. rules.Where(r => r.Sort == RuleSort.Constraint).Select(r => r.Text)],
            [.. brief.Materials.Where(m => m is { Off: false, IsRig: false, Name.Length: > 0 }).Select(m => m.Says())],
            [.. TestLines(brief)],
            [.. brief.Conditions.Where(c => c.Text.Length > 0).Select(c => c.FixedAt.Length > 0 ? $"{c.Text}: {c.FixedAt}" : c.Text)],
            brief.ScoringWords.Trim().Length > 0 ? [.. brief.ScoringWords.Split('\n', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)] : scoring,
            [.. brief.Timing.Phases.Select(p => TimeLine(p, brief)), .. brief.Timing.IfLate.Length > 0 ? new[] { brief.Timing.IfLate } : []],
            [.. brief.Words.Where(w => w.Word.Length > 0).Select(w => w.Meaning.Length > 0 ? $"{w.Word}: {w.Meaning}" : w.Word)],
            [.. brief.Hazards.Select(h => Cautions.Of(h.Kind)).Select(c => $"{c.Name}: {c.Says} With: {Within.Sentence(c.Present)}"), .. brief.Safety.Length > 0 ? new[] { brief.Safety } : [], .. brief.Hazards.Count > 0 ? new[] { Cautions.SchoolFirst } : []]);
    }

    private static IEnumerable<string> TestLines(Brief brief)
    {
        if (brief.Trials.How.Length > 0) yield return brief.Trials.How;
        if (brief.Method.Parts.Any(p => p is Part.Measured)) yield return brief.Trials.Attempts == 1 ? "You have one attempt." : $"You have {brief.Trials.Attempts} attempts.";
        if (brief.Trials.HoldSeconds > 0) yield return $"Everybody lets go. It must stand by itself for {Numerals.Write(brief.Trials.HoldSeconds)} seconds before it is measured.";
        if (brief.Trials.OverWhen.Length > 0) yield return brief.Trials.OverWhen;
        if (brief.Trials.IfItFalls.Length > 0) yield return brief.Trials.IfItFalls;
        if (brief.Trials.FreshBuildAfterFailure) yield return "After a failed attempt, the next one is made with a fresh build.";
        foreach (var measure in brief.Measures.Where(m => !m.Off && m.How.Length > 0)) yield return $"{measure.Name}: {measure.How}{(measure.Unit.Length > 0 && Units.NeedsUnit(measure.Kind) ? $", to the nearest {ReadingFormat.Value(measure.Step, measure with { Weights = [] })}" : "")}";
    }

    private static string TimeLine(Phase phase, Brief brief)
    {
        var minutes = Minutes.Of(phase, brief.Timing.Teams, brief.Trials.Attempts);
        var name = phase.Note.Length > 0 ? $"{Minutes.Name(phase.Kind)} ({phase.Note})" : Minutes.Name(phase.Kind);
        return phase.Kind == PhaseKind.Homework ? name : $"{name}: {English.Count(Math.Round(minutes, 1), "minute")}";
    }
}
