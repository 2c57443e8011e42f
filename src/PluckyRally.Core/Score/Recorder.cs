using PluckyRally.Core.Briefs;
using PluckyRally.Core.Problems;

namespace PluckyRally.Core.Score;

/// <summary>Takes an entry into a rally's log: understands what was typed, or says what is wrong with it.</summary>
public static class Recorder
{
    /// <summary>
    /// The entry with every reading understood in the edition's units. What was typed is kept to the letter; a value
    /// that came with it is not trusted but worked out again.
    /// </summary>
    /// <param name="compiled">The edition.</param>
    /// <param name="teams">The rally's teams.</param>
    /// <param name="entry">As it came.</param>
    /// <param name="log">What is in the log already, for what depends on it: which entry is crossed out, how many
    /// attempts are left.</param>
    public static Result<Entry> Accept(
        CompiledEdition compiled,
        IReadOnlyList<Team> teams,
        Entry entry,
        IReadOnlyList<Entry> log
    )
    {
        var found = new ProblemCollector();
        return Accept(
            new LogToJoin(RunRound.Alike(compiled, teams, Math.Max(1, entry.Round)), StandingLog.Of(log), log),
            Understand(compiled, KnownSubjects.Of(teams, log), entry, found),
            found
        );
    }

    /// <summary>
    /// The same for a rally that has been looked through; what is set aside in it can be crossed out. What fitted the
    /// brief that its device had, and no longer fits, is taken in too, and set aside.
    /// </summary>
    public static Result<Entry> Accept(OpenedRally opened, Entry entry)
    {
        var run = opened.In(entry.Round);
        var (then, changed) = (opened.Editions.When(entry, opened.Received.Count), opened.Editions.Now(entry.Round));
        var (found, named) = (new ProblemCollector(), KnownSubjects.Of(opened));
        var understood = EntryTranslation.Understand(
            ReferenceEquals(then, changed) ? run.Compiled : then,
            run.Compiled,
            named,
            entry,
            found
        );
        if (found.Problems.Count > 0 && !ReferenceEquals(then, changed))
        {
            var before = new ProblemCollector();
            var kept = Understand(then, named, entry, before);
            if (before.Problems.Count == 0)
                return Result<Entry>.Ok(kept);
        }

        return Accept(new LogToJoin(run, opened.Stands, opened.Received), understood, found);
    }

    private static Result<Entry> Accept(LogToJoin log, Entry understood, ProblemCollector found)
    {
        Rounds.CheckOpen(log.Stands, understood, found);
        Likely.Check(log.Compiled, understood, found);
        var taken = understood.Join(log, found);
        return found.Problems.Count > 0 ? Result<Entry>.Refused(found.Problems) : Result<Entry>.Ok(taken);
    }

    /// <summary>The same for teams alone.</summary>
    internal static Entry Understand(
        CompiledEdition compiled,
        IReadOnlyList<Team> teams,
        Entry entry,
        ProblemCollector found
    ) => Understand(compiled, KnownSubjects.Of(teams, []), entry, found);

    /// <summary>Reads what was typed and checks what the entry names, without looking at the log.</summary>
    internal static Entry Understand(CompiledEdition compiled, KnownSubjects named, Entry entry, ProblemCollector found)
    {
        found.Unless(
            entry.Id != default,
            "/id",
            "The entry has no id.",
            "The device that writes an entry gives it an id."
        );
        found.Unless(
            entry.Round is >= 1 and <= Limits.Rounds,
            "/round",
            "There is no such round.",
            $"Use 1 to {Limits.Rounds}."
        );
        found.Length(entry.By, Limits.Name, "/by", "The judge's name");
        named.Check(entry, found);
        if (entry is Entry.OfPart or Entry.MeasureRead)
            found.Length(entry.ShowsDesign ?? "", Limits.Name, "/design", "The design's name");
        return entry.Understand(compiled, named.Teams, found);
    }
}
