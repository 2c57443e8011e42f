using System.Diagnostics;

namespace PluckyRally.Core;

/// <summary>Says what an entry records, in a line that a judge reads at a glance.</summary>
public static class EntryWords
{
    /// <summary>One line: "Attempt 2: 227 cm", "“Floats free”: kept", "Void: the fan was off".</summary>
    /// <param name="playbook">The edition.</param>
    /// <param name="entry">The entry.</param>
    /// <param name="attempt">The attempt's number where the log gave it one.</param>
    public static string Say(Playbook playbook, Entry entry, int? attempt) => entry switch
    {
        Entry.RuleChecked check => $"“{playbook.Rules.FirstOrDefault(r => r.Rule.Id == check.Rule)?.Rule.Text ?? check.Rule}”: {(check.Met ? "kept" : "missed")}{(check.Attempt is { } number ? $" in attempt {number}" : "")}",
        Entry.MeasureRead read => Say(playbook, read.Reading),
        Entry.TrialRecorded trial => $"{Heading(trial, attempt)}: {What(playbook, trial)}",
        Entry.StruckOut strike => $"Struck out{(strike.Reason.Length > 0 ? $": {strike.Reason}" : "")}",
        _ => throw new UnreachableException(),
    };

    /// <summary>What a trial gave, without its number.</summary>
    public static string What(Playbook playbook, Entry.TrialRecorded trial)
    {
        var why = trial.Reason.Length > 0 ? $" ({trial.Reason})" : "";
        return trial.Outcome switch
        {
            TrialOutcome.Counted => Readings(playbook, trial),
            TrialOutcome.Failed => "failed" + why,
            TrialOutcome.Void => "void" + why,
            TrialOutcome.Waiting => "waiting to be looked at" + why,
            _ => throw new UnreachableException(),
        };
    }

    private static string Readings(Playbook playbook, Entry.TrialRecorded trial) => trial.Readings.Count == 0
        ? "counted"
        : string.Join(", ", trial.Readings.Select(r => trial.Readings.Count == 1 ? Value(playbook, r) : Say(playbook, r)));

    private static string Heading(Entry.TrialRecorded trial, int? attempt) => trial.Purpose switch
    {
        Purpose.Score => (trial.Attempt ?? attempt) is { } number ? $"Attempt {number}" : "Attempt",
        Purpose.Practice => "Practice",
        Purpose.Control => "Control",
        Purpose.Benchmark => "To beat",
        _ => throw new UnreachableException(),
    };

    private static string Say(Playbook playbook, Reading reading) =>
        $"{(playbook.Measures.TryGetValue(reading.Measure, out var measure) && measure.Name.Length > 0 ? measure.Name : reading.Measure)} {Value(playbook, reading)}";

    private static string Value(Playbook playbook, Reading reading) =>
        reading.Value is { } value && playbook.Measures.TryGetValue(reading.Measure, out var measure)
            ? ReadingFormat.Reading(value, reading.Bound, measure)
            : reading.Typed;
}
