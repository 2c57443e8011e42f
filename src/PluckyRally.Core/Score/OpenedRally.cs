namespace PluckyRally.Core;

/// <summary>A rally that has been looked through: its edition can be run, and what is scored was understood.</summary>
/// <param name="Rally">The rally with the entries that are scored, readings worked out in the edition's units.</param>
/// <param name="Compiled">Its edition, made ready.</param>
public sealed record OpenedRally(Rally Rally, CompiledEdition Compiled)
{
    /// <summary>All entries as they were received, those that are set aside among them.</summary>
    public required IReadOnlyList<Entry> Received { get; init; }

    /// <summary>The edition as it was begun, before anything was cut in the lesson.</summary>
    public required CompiledEdition Begun { get; init; }

    /// <summary>The entries that are not scored.</summary>
    public required IReadOnlyList<SetAside> Aside { get; init; }

    /// <summary>What is wrong with the entries that are set aside and stand.</summary>
    public IReadOnlyList<Problem> Notes => [.. Aside.Where(a => !a.Struck).SelectMany(a => a.Problems)];

    /// <summary>How many rounds there are, the one that is being scored included.</summary>
    public int Rounds => Math.Max(1, Rally.Entries.Select(e => e.Round).DefaultIfEmpty(1).Max());

    /// <summary>Looks a rally through, or says everything that is wrong with it.</summary>
    public static Result<OpenedRally> Open(Rally rally)
    {
        var found = new ProblemCollector();
        found.NotEmpty(rally.Name, "/name", "The rally has no name.", "Give it one, for example the class.");
        found.Length(rally.Name, Limits.Name, "/name", "The name");
        found.Unless(rally.Edition.Brief.Tiers.Count == 0, "/edition/brief/tiers", "The edition has tiers of its own, so that it is open which one is run.", "Lay one over the brief, as ./rally edition does, and leave out the others.");
        CheckTeams(rally.Teams, found);
        found.Count(rally.Entries, Limits.Entries, "/entries", "entries");
        var compiled = CompiledEdition.For(rally.Edition);
        if (!compiled.IsOk) return Result<OpenedRally>.Refused([.. found.Problems, .. compiled.Problems.Select(p => p.Under("/edition/brief"))]);
        return found.Problems.Count > 0 ? Result<OpenedRally>.Refused(found.Problems) : Look(rally with { Edition = compiled.Value.Edition }, compiled.Value);
    }

    /// <summary>Looks through the entries of a rally whose edition has been made ready.</summary>
    private static Result<OpenedRally> Look(Rally rally, CompiledEdition begun)
    {
        var (entries, aside, received) = SetAside.Sort(begun, rally.Teams, rally.Entries);

        // What was recorded is understood by the edition as it was begun; what counts, by what is left of it.
        var cut = LessonCuts.Lay(begun.Edition, entries);
        var run = ReferenceEquals(cut, begun.Edition) ? Result<CompiledEdition>.Ok(begun) : CompiledEdition.For(cut);
        return run.IsOk
            ? Result<OpenedRally>.Ok(new(rally with { Entries = entries }, run.Value) { Begun = begun, Received = received, Aside = aside })
            : Result<OpenedRally>.Refused([.. run.Problems.Select(p => p.Under("/edition/brief"))]);
    }

    /// <summary>
    /// The rally with one more entry that was accepted. Only what can change other entries makes it necessary to look through all of
    /// them again.
    /// </summary>
    public Result<OpenedRally> With(Entry accepted)
    {
        if (Received.Count >= Limits.Entries) return Result<OpenedRally>.Refused(new Problem("", $"This rally has {Limits.Entries} entries, and no more fit.", "Begin another rally with the same teams."));
        IReadOnlyList<Entry> received = [.. Received, accepted];
        return accepted.ChangesOthers(Compiled.Brief.Trials)
            ? Look(Rally with { Entries = received }, Begun)
            : Result<OpenedRally>.Ok(this with { Rally = Rally with { Entries = [.. Rally.Entries, accepted] }, Received = received });
    }

    private static void CheckTeams(IReadOnlyList<Team> teams, ProblemCollector found)
    {
        found.Unless(teams.Count > 0, "/teams", "There are no teams yet.", "Type at least one team's name.");
        found.Count(teams, Limits.Teams, "/teams", "teams");
        var ids = new HashSet<string>(StringComparer.Ordinal);
        var names = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var signs = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < teams.Count; i++)
        {
            var team = teams[i];
            found.Unless(team.Id.Length is > 0 and <= 40 && ids.Add(team.Id), $"/teams/{i}/id", "The team's id is empty, too long or used twice.", "Give each team its own id of at most 40 characters.");
            found.NotEmpty(team.Name, $"/teams/{i}/name", "A team has no name.", "Type a name, or take the line out.");
            found.Length(team.Name, Limits.Name, $"/teams/{i}/name", "The team's name");
            found.Unless(names.Add(team.Name.Trim()), $"/teams/{i}/name", $"Two teams are called “{ProblemCollector.Short(team.Name)}”.", "Give each team its own name.");
            found.Unless(team.CallSign.Length == 0 || (team.CallSign.Length <= 2 && team.CallSign.All(char.IsLetterOrDigit)), $"/teams/{i}/callSign", $"“{ProblemCollector.Short(team.CallSign)}” is no call sign.", "Use one or two letters or digits.");
            found.Unless(team.CallSign.Length == 0 || signs.Add(team.CallSign), $"/teams/{i}/callSign", $"Two teams have the call sign {ProblemCollector.Short(team.CallSign)}.", "Give each team its own.");
            found.Unless(team.Members is >= 0 and <= 1000, $"/teams/{i}/members", "The number of members is out of range.", "Use 0 where it is not known.");
        }
    }
}
