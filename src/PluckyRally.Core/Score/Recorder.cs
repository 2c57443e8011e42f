namespace PluckyRally.Core;

/// <summary>Takes an entry into a rally's log: understands what was typed, or says what is wrong with it.</summary>
public static class Recorder
{
    /// <summary>
    /// The entry with every reading understood in the edition's units. What was typed is kept to the letter; a value that
    /// came with it is not trusted but worked out again.
    /// </summary>
    /// <param name="playbook">The edition.</param>
    /// <param name="teams">The rally's teams.</param>
    /// <param name="entry">As it came.</param>
    /// <param name="log">What is in the log already, for what depends on it: which entry is struck out, how many attempts are left.</param>
    public static Result<Entry> Accept(Playbook playbook, IReadOnlyList<Team> teams, Entry entry, IReadOnlyList<Entry> log) => Accept(playbook, teams, entry, log, log);

    /// <summary>The same for a rally that has been looked through; what is set aside in it can be struck out.</summary>
    public static Result<Entry> Accept(OpenedRally opened, Entry entry) => Accept(opened.Playbook, opened.Rally.Teams, entry, opened.Rally.Entries, opened.Received);

    private static Result<Entry> Accept(Playbook playbook, IReadOnlyList<Team> teams, Entry entry, IReadOnlyList<Entry> log, IReadOnlyList<Entry> received)
    {
        var found = new Findings();
        var taken = Understand(playbook, teams, entry, found);
        Rounds.CheckOpen(log, entry, found);
        Likely.Check(playbook, taken, found);
        switch (taken)
        {
            case Entry.StruckOut strike:
                found.Unless(received.Any(e => e.Id == strike.Entry), "/entry", "There is no such entry to strike out.", "Reload the page; it may have been struck out already.");
                break;
            case Entry.TrialRecorded { Purpose: Purpose.Score, Outcome: not TrialOutcome.Void } trial when found.Problems.Count == 0:
                LeftOver(playbook, trial, log, found);
                DesignEntries.CheckFreshBuild(playbook.Brief.Trials, trial, log, found);
                break;
            case Entry.RoundClosed closed when found.Problems.Count == 0:
                taken = closed with { Kept = ClosedRound.Of(playbook, teams, log, closed.Round) };
                break;
            case Entry.Returned returned when found.Problems.Count == 0:
                BudgetEntries.CheckAgainst(log, returned, found);
                break;
        }

        return found.Problems.Count > 0 ? Result<Entry>.Refused(found.Problems) : Result<Entry>.Ok(taken);
    }

    /// <summary>Reads what was typed and checks what the entry names, without looking at the log.</summary>
    internal static Entry Understand(Playbook playbook, IReadOnlyList<Team> teams, Entry entry, Findings found)
    {
        found.Unless(entry.Id != Guid.Empty, "/id", "The entry has no id.", "The device that writes an entry gives it an id.");
        found.Unless(entry.Round is >= 1 and <= Most.Rounds, "/round", "There is no such round.", $"Use 1 to {Most.Rounds}.");
        found.Length(entry.By, Most.Name, "/by", "The judge's name");
        var wholeClass = entry is Entry.StruckOut or Entry.NoteMade or Entry.InstrumentChecked or Entry.TrialRecorded { Purpose: not Purpose.Score } or Entry.TestOrderSet or Entry.RoundClosed or Entry.RoundReopened or IClockEntry;
        found.Unless(teams.Any(t => t.Id == entry.Team) || (wholeClass && entry.Team.Length == 0), "/team", "There is no such team in this rally.", "Choose one of the rally's teams.");
        switch (entry)
        {
            case Entry.RuleChecked check:
                var rule = playbook.Rules.FirstOrDefault(r => r.Rule.Id == check.Rule)?.Rule;
                found.Unless(rule is not null, "/rule", "There is no such rule in this brief.", "Choose one of the brief's criteria or constraints.");
                found.Unless(rule is null or { Check: RuleCheck.Inspection }, "/rule", "This rule is decided by a reading.", "Record the reading instead.");
                found.Unless(rule is null || rule.When == When.EveryAttempt == check.Attempt is not null, "/attempt", rule?.When == When.EveryAttempt ? "This rule is checked in every attempt." : "This rule is checked once.", rule?.When == When.EveryAttempt ? "Say which attempt it was." : "Leave the attempt out.");
                return check;
            case Entry.TrialRecorded trial:
                return Trial(playbook, trial, found);
            case Entry.MeasureRead read:
                var inner = new Findings("/reading");
                var reading = Understand(playbook, read.Reading, Taken.Once, inner);
                found.Under("", inner);
                return read with { Reading = reading };
            case Entry.StruckOut strike:
                found.Length(strike.Reason, Most.Text, "/reason", "The reason");
                return strike;
            case Entry.InstrumentChecked check:
                return InstrumentEntries.Understand(playbook, check, found);
            case Entry.DesignNoted noted:
                DesignEntries.Check(noted, found);
                return noted;
            case Entry.NoteMade note:
                found.Length(note.Text, Most.Text, "/text", "The note");
                found.NotEmpty(note.Text, "/text", "The note is empty.", "Write what you saw.");
                return note;
            case IClockEntry:
                ClockEntries.Check(playbook, entry, found);
                return entry;
            case Entry.TestOrderSet order:
                ClassState.Check(teams, order, found);
                return order;
            case Entry.PlanCleared or Entry.CameLate:
                return entry;
            case Entry.RoundClosed or Entry.RoundReopened:
                found.Unless(entry.Team.Length == 0, "/team", "A round is the whole class's.", "Leave the team out.");
                return entry;
            case Entry.KitCounted counted:
                KitEntries.Check(playbook, counted, found);
                return counted;
            case Entry.TaskTicked ticked:
                TasksEntries.Check(playbook, ticked, found);
                return ticked;
            case Entry.TasksTimed timed:
                return TasksEntries.Understand(playbook, timed, found);
            case Entry.LegTimed leg:
                return RelayEntries.Understand(playbook, leg, found);
            case Entry.RelayFaulted faulted:
                RelayEntries.Check(playbook, faulted, found);
                return faulted;
            case Entry.ItemsCarried carried:
                RelayEntries.Check(playbook, carried, found);
                return carried;
            case Entry.RelayStopped stopped:
                PartEntries.Find<Part.Relay>(playbook, stopped.Part, found);
                found.Length(stopped.Reason, Most.Text, "/reason", "The reason");
                return stopped;
            case Entry.ItemsSorted sorted:
                return BinsEntries.Understand(playbook, sorted, found);
            case Entry.OrderGiven given:
                OrderingEntries.Check(playbook, given, found);
                return given;
            case Entry.PiecesCounted pieces:
                PiecesEntries.Check(playbook, pieces, found);
                return pieces;
            case Entry.LevelGiven level:
                RubricEntries.Check(playbook, teams, level, found);
                return level;
            case Entry.Purchased purchased:
                BudgetEntries.Check(playbook, purchased.Part, purchased.Item, purchased.Count, found);
                return purchased;
            case Entry.Returned returned:
                BudgetEntries.Check(playbook, returned.Part, returned.Item, returned.Count, found);
                return returned;
            case Entry.Tallied tallied:
                TallyEntries.Check(playbook, tallied, found);
                return tallied;
            default:
                throw new System.Diagnostics.UnreachableException();
        }
    }

    private static Entry.TrialRecorded Trial(Playbook playbook, Entry.TrialRecorded trial, Findings found)
    {
        found.Length(trial.Design, Most.Name, "/design", "The design's name");
        found.Length(trial.Reason, Most.Text, "/reason", "The reason");
        found.Unless(trial.Revision is >= 1 and <= 1000, "/revision", "There is no such revision.", "Count from 1.");
        found.Unless(trial.Attempt is null || (trial.Attempt >= 1 && trial.Attempt <= playbook.Brief.Trials.Attempts), "/attempt", "There is no such attempt.", $"Use 1 to {playbook.Brief.Trials.Attempts}.");
        found.Unless(trial.Outcome != TrialOutcome.Void || !string.IsNullOrWhiteSpace(trial.Reason), "/reason", "A void trial needs a reason.", "Say what went wrong that was not the team's fault.");
        found.Count(trial.Readings, Most.Measures, "/readings", "readings");
        var readings = new List<Reading>();
        for (var i = 0; i < trial.Readings.Count; i++)
        {
            var inner = new Findings($"/readings/{i}");
            readings.Add(Understand(playbook, trial.Readings[i], Taken.EachAttempt, inner));
            found.Under("", inner);
        }

        if (trial.Outcome == TrialOutcome.Counted)
        {
            foreach (var measure in playbook.Brief.Measures.Where(m => m.Taken == Taken.EachAttempt && readings.All(r => r.Measure != m.Id)))
                found.Add($"/readings/{measure.Id}", $"{measure.Name} has no reading.", $"Type it, or mark the attempt failed or void. These would do: {string.Join(", ", ReadingForms.For(measure))}.");
        }

        return trial with { Readings = readings };
    }

    private static Reading Understand(Playbook playbook, Reading reading, Taken taken, Findings found)
    {
        if (ReadingEntries.Measure(playbook, reading, found) is not { } measure) return reading;
        found.Unless(measure.Taken == taken, "/measure", taken == Taken.Once ? $"{measure.Name} is read in every attempt." : $"{measure.Name} is read once.", taken == Taken.Once ? "Record it with the attempt." : "Record it by itself.");
        return ReadingEntries.Understand(reading, measure, found);
    }

    private static void LeftOver(Playbook playbook, Entry.TrialRecorded trial, IReadOnlyList<Entry> log, Findings found)
    {
        if (trial.Attempt is not null) return;
        var used = DesignRecord.Numbered([
            .. Log.Standing(log).OfType<Entry.TrialRecorded>()
                .Where(t => t.Purpose == Purpose.Score && t.Team == trial.Team && t.Round == trial.Round && t.Design == trial.Design && t.Id != trial.Id),
        ]).Count;
        var attempts = playbook.Brief.Trials.Attempts;
        found.Unless(used < attempts, "/attempt", attempts == 1 ? "The one attempt has been made." : $"All {attempts} attempts have been made.", "Strike one out first if it was recorded by mistake.");
    }
}
