namespace PluckyRally.Core;

/// <summary>Takes an entry into a rally's log: understands what was typed, or says what is wrong with it.</summary>
public static class Recorder
{
    /// <summary>
    /// The entry with every reading understood in the edition's units. What was typed is kept to the letter; a value that
    /// came with it is not trusted but worked out again.
    /// </summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="teams">The rally's teams.</param>
    /// <param name="entry">As it came.</param>
    /// <param name="log">What is in the log already, for what depends on it: which entry is struck out, how many attempts are left.</param>
    public static Result<Entry> Accept(CompiledEdition compiled, IReadOnlyList<Team> teams, Entry entry, IReadOnlyList<Entry> log) => Accept(new LogToJoin(compiled, teams, log, log), entry);

    /// <summary>The same for a rally that has been looked through; what is set aside in it can be struck out.</summary>
    public static Result<Entry> Accept(OpenedRally opened, Entry entry) => Accept(new LogToJoin(opened.Compiled, opened.Rally.Teams, opened.Rally.Entries, opened.Received), entry);

    private static Result<Entry> Accept(LogToJoin log, Entry entry)
    {
        var found = new ProblemCollector();
        var understood = Understand(log.Compiled, log.Teams, entry, found);
        Rounds.CheckOpen(log.Entries, entry, found);
        Likely.Check(log.Compiled, understood, found);
        var taken = understood.Join(log, found);
        return found.Problems.Count > 0 ? Result<Entry>.Refused(found.Problems) : Result<Entry>.Ok(taken);
    }

    /// <summary>Reads what was typed and checks what the entry names, without looking at the log.</summary>
    internal static Entry Understand(CompiledEdition compiled, IReadOnlyList<Team> teams, Entry entry, ProblemCollector found)
    {
        found.Unless(entry.Id != Guid.Empty, "/id", "The entry has no id.", "The device that writes an entry gives it an id.");
        found.Unless(entry.Round is >= 1 and <= Limits.Rounds, "/round", "There is no such round.", $"Use 1 to {Limits.Rounds}.");
        found.Length(entry.By, Limits.Name, "/by", "The judge's name");
        found.Unless(teams.Any(t => t.Id == entry.Team) || (entry.MayBeOfClass && entry.Team.Length == 0), "/team", "There is no such team in this rally.", "Choose one of the rally's teams.");
        if (entry is Entry.OfPart or Entry.MeasureRead) found.Length(entry.ShowsDesign ?? "", Limits.Name, "/design", "The design's name");
        return entry.Understand(compiled, teams, found);
    }
}
