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
        Entry.InstrumentChecked check => $"Instrument check: {Value(playbook, check.Known)} shows as {Value(playbook, check.Shown)}",
        Entry.PhaseBegun { Phase.Length: 0 } => "The lesson is over",
        Entry.PhaseBegun begun => $"Begun: {(playbook.Brief.Timing.Phases.FirstOrDefault(p => p.Id == begun.Phase) is { } phase ? Minutes.Name(phase.Kind) : begun.Phase)}",
        Entry.ClockPaused => "The clock was stopped",
        Entry.ClockResumed => "The clock goes on",
        Entry.MinutesAdded added => $"{(added.Minutes > 0 ? "Added" : "Taken away")}: {(Math.Abs(added.Minutes) == 1 ? "1 minute" : $"{ReadingFormat.Number(Math.Abs(added.Minutes))} minutes")}",
        Entry.HoldBegun => "Everybody let go; the hold is counted",
        Entry.AttemptsCut cut => $"Cut to {Count(cut.Attempts, "attempt")}",
        Entry.PlacesOpened opened => $"Tested at {Count(opened.Places, "place")}",
        Entry.WallSet set => set.Shows == WallShows.Clock ? "The wall shows the clock" : $"The wall shows the board, {Count(set.Revealed, "place")} revealed",
        Entry.PlanCleared => "Plan approved",
        Entry.CameLate => "Late: had not let go when time was up",
        Entry.TestOrderSet => "The order of the test was set",
        Entry.RoundClosed closed => $"Round {closed.Round} closed",
        Entry.RoundReopened opened => $"Round {opened.Round} opened again",
        Entry.KitCounted counted => $"Kit counted {(counted.Way == KitWay.Out ? "out" : "back")}{(counted.SignedBy.Length > 0 ? $", signed {counted.SignedBy}" : "")}",
        Entry.NoteMade note => $"Note: {note.Text}",
        Entry.DesignNoted noted => $"Design{(noted.Design.Length > 0 ? $" “{noted.Design}”" : "")}, revision {noted.Revision}{(noted.Changed.Length > 0 ? $": {noted.Changed}" : "")}{(noted.Named ? ", the one that counts" : "")}",
        Entry.TaskTicked ticked => $"{Name(playbook, ticked)}: {Of<Part.Tasks>(playbook, ticked)?.Items.FirstOrDefault(i => i.Id == ticked.Task)?.Name ?? ticked.Task} {(ticked.Steps is { } steps ? steps == 0 ? "not done" : $"{steps} steps" : "done")}",
        Entry.TasksTimed timed => $"{Name(playbook, timed)}: {timed.Time.Typed}",
        Entry.LegTimed leg => $"{Name(playbook, leg)}: leg {leg.Leg}, {leg.Time.Typed}{By(leg.Time)}{(leg.Runner.Length > 0 ? $" ({leg.Runner})" : "")}",
        Entry.RelayFaulted faulted => $"{Name(playbook, faulted)}: {Of<Part.Relay>(playbook, faulted)?.Faults.FirstOrDefault(f => f.Id == faulted.Fault)?.Name ?? faulted.Fault}, {faulted.Count}",
        Entry.ItemsCarried carried => $"{Name(playbook, carried)}: {Count(carried.Count, "item")} brought over",
        Entry.RelayStopped stopped => $"{Name(playbook, stopped)}: stopped{(stopped.Reason.Length > 0 ? $" ({stopped.Reason})" : "")}",
        Entry.ItemsSorted sorted => $"{Name(playbook, sorted)}: {Count(sorted.Placed.Count, "item")} sorted",
        Entry.OrderGiven given => $"{Name(playbook, given)}: {string.Join(" ", given.Sequence)}",
        Entry.PiecesCounted pieces => $"{Name(playbook, pieces)}: {Count(pieces.Pieces.Sum(p => p.Count), "piece")}",
        Entry.LevelGiven level => $"{Name(playbook, level)}: {Level(playbook, level)}",
        Entry.Purchased purchased => $"{Name(playbook, purchased)}: bought {purchased.Count} {Of<Part.Budget>(playbook, purchased)?.Prices.FirstOrDefault(p => p.Id == purchased.Item)?.Name ?? purchased.Item}",
        Entry.Returned returned => $"{Name(playbook, returned)}: gave back {returned.Count} {Of<Part.Budget>(playbook, returned)?.Prices.FirstOrDefault(p => p.Id == returned.Item)?.Name ?? returned.Item}",
        Entry.Tallied tallied => $"{Name(playbook, tallied)}: {Of<Part.Tally>(playbook, tallied)?.Counters.FirstOrDefault(c => c.Id == tallied.Counter)?.Name ?? tallied.Counter}, {tallied.Count}",
        _ => throw new UnreachableException(),
    };

    private static string Count(int count, string one) => count == 1 ? $"1 {one}" : $"{count} {one}s";

    private static string Name(Playbook playbook, IPartEntry entry) => Of<Part>(playbook, entry)?.Name ?? entry.Part;

    private static T? Of<T>(Playbook playbook, IPartEntry entry)
        where T : Part => playbook.Parts.Select(p => p.Part).OfType<T>().FirstOrDefault(p => p.Id == entry.Part);

    private static string Level(Playbook playbook, Entry.LevelGiven given)
    {
        var criterion = Of<Part.Rubric>(playbook, given)?.Criteria.FirstOrDefault(c => c.Id == given.Criterion);
        return criterion is not null && given.Level < criterion.Levels.Count ? $"{criterion.Name} {criterion.Levels[given.Level].Name}" : $"{given.Criterion} {given.Level}";
    }

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
    };

    private static string Say(Playbook playbook, Reading reading) =>
        $"{(playbook.Measures.TryGetValue(reading.Measure, out var measure) && measure.Name.Length > 0 ? measure.Name : reading.Measure)} {Value(playbook, reading)}";

    private static string Value(Playbook playbook, Reading reading) =>
        reading.Value is { } value && playbook.Measures.TryGetValue(reading.Measure, out var measure)
            ? ReadingFormat.Reading(value, reading.Bound, measure) + By(reading)
            : reading.Typed;

    private static string By(Reading reading) => reading.Instrument.Length > 0 ? $" by the {Within.Sentence(reading.Instrument)}" : "";
}
