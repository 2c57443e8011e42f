using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Teams;

namespace PluckyRally.Core.Score;

/// <summary>A rally that has been looked through: its edition can be run, and what is scored was understood.</summary>
/// <param name="Rally">The rally with the entries that are scored, readings worked out in the units of the brief as it
/// is run.</param>
public sealed record OpenedRally(Rally Rally)
{
    /// <summary>All entries as they were received, those that are set aside among them.</summary>
    public required IReadOnlyList<Entry> Received { get; init; }

    /// <summary>
    /// The teams as the rally was begun with them; those of <see cref="Rally"/> are all that there ever were, as they
    /// are called now.
    /// </summary>
    public required IReadOnlyList<Team> Joined { get; init; }

    /// <summary>The edition as it was begun, before anything was changed or cut.</summary>
    public required CompiledEdition Begun { get; init; }

    /// <summary>What stands, readings worked out in the units of the brief as it is run.</summary>
    public required StandingLog Stands { get; init; }

    /// <summary>The entries that are not scored.</summary>
    public required IReadOnlyList<SetAside> Aside { get; init; }

    /// <summary>The rounds as far as they can differ from each other; those after them are as the last.</summary>
    public required IReadOnlyList<RunRound> Runs { get; init; }

    /// <summary>The brief as it was changed.</summary>
    internal ChangedEditions Editions => _editions ??= new(Begun, Received);

    private ChangedEditions? _editions;

    /// <summary>How many entries the log had before each of them, by their ids.</summary>
    internal IReadOnlyDictionary<EntryId, int> Places => _places ??= PlacesIn(Received);

    private IReadOnlyDictionary<EntryId, int>? _places;

    private static Dictionary<EntryId, int> PlacesIn(IReadOnlyList<Entry> received)
    {
        var places = new Dictionary<EntryId, int>(received.Count);
        foreach (var (at, entry) in received.Index())
            places.TryAdd(entry.Id, at);
        return places;
    }

    /// <summary>The brief of a round with its changes, before any cut in the lesson: what is changed further.</summary>
    public Brief BriefOf(int round) => Editions.Now(round).Edition.Brief;

    /// <summary>What was changed in all rounds, in the order in which it was.</summary>
    public IReadOnlyList<BriefChange> Changes() => [.. Stands.OfType<Entry.BriefMended>().Select(BriefChange.Of)];

    /// <summary>A round as it is run.</summary>
    /// <param name="round">Its number, from 1; one that there cannot be is taken for the nearest.</param>
    public RunRound In(int round)
    {
        var wanted = Math.Clamp(round, 1, Limits.Rounds);
        return wanted <= Runs.Count ? Runs[wanted - 1] : Runs[^1] with { Number = wanted, Before = In(wanted - 1) };
    }

    /// <summary>What a round came to.</summary>
    /// <param name="round">Its number, from 1; one that there cannot be is taken for the nearest.</param>
    public RoundResult Result(int round) => RoundResult.Of(this, round);

    /// <summary>What is wrong with the entries that are set aside and stand.</summary>
    public IReadOnlyList<Problem> Notes => [.. Aside.Where(a => !a.Struck).SelectMany(a => a.Problems)];

    /// <summary>The comparisons, in whichever round they were added.</summary>
    public IReadOnlyList<Reference> References => Runs[^1].References;

    /// <summary>What everything is called that has a sheet, by its id: teams and comparisons.</summary>
    public IReadOnlyDictionary<TeamId, string> NamesOnSheets =>
        Rally
            .Teams.Select(t => (t.Id, t.Name))
            .Concat(References.Select(r => (r.Id, r.Name)))
            .DistinctBy(n => n.Id)
            .ToDictionary(n => n.Id, n => n.Name);

    /// <summary>
    /// What somebody is called whom an entry names, also where the sheet was crossed out; the id where nobody said it.
    /// </summary>
    public string NameOf(Entry entry) =>
        entry.Team == default
            ? "The class"
            : NamesOnSheets.GetValueOrDefault(entry.Team)
                ?? Received.FirstOrDefault(e => e.Team == entry.Team && e.IntroducedName is not null)?.IntroducedName
                ?? entry.Team.Value;

    /// <summary>How many rounds there are, the one that is being scored included.</summary>
    public int Rounds => Math.Max(1, Stands.Select(e => e.Round).DefaultIfEmpty(1).Max());

    /// <summary>
    /// Whether the lesson has begun: a phase was started, or something was scored. Who is there, who does what and what
    /// was drawn only make it ready.
    /// </summary>
    public bool HasBegun => Stands.Any(e => e is Entry.PhaseBegun || e.BeginsRound);

    /// <summary>
    /// The round that runs: the last one that the clock was begun in, or in which two teams have done something. One
    /// straggler whose entry was moved out of a closed round does not begin the next.
    /// </summary>
    public int Running
    {
        get
        {
            var teams = Rally.Teams.Select(t => t.Id).ToHashSet();
            return Stands
                .Where(e => e is Entry.PhaseBegun || (e.BeginsRound && teams.Contains(e.Team)))
                .GroupBy(e => e.Round)
                .Where(round =>
                    round.Any(e => e is Entry.PhaseBegun)
                    || round.Select(e => e.Team).Distinct().Count() >= Math.Min(2, In(round.Key).Present.Count)
                )
                .Select(round => round.Key)
                .DefaultIfEmpty(1)
                .Max();
        }
    }

    /// <summary>Looks a rally through, or says everything that is wrong with it.</summary>
    public static Result<OpenedRally> Open(Rally rally)
    {
        var found = new ProblemCollector();
        found.NotEmpty(rally.Name, "/name", "The rally has no name.", "Give it one, for example the class.");
        found.Length(rally.Name, Limits.Name, "/name", "The name");
        found.Unless(
            rally.Edition.Brief.Tiers.Count == 0,
            "/edition/brief/tiers",
            "The edition has tiers of its own, so that it is open which one is run.",
            "Lay one over the brief, as ./rally edition does, and leave out the others."
        );
        CheckTeams(rally.Teams, found);
        found.Count(rally.Entries, Limits.Entries, "/entries", "entries");
        var compiled = CompiledEdition.For(rally.Edition);
        if (!compiled.IsOk)
            return Result<OpenedRally>.Refused([
                .. found.Problems,
                .. compiled.Problems.Select(p => p.Under("/edition/brief")),
            ]);
        return found.Problems.Count > 0
            ? Result<OpenedRally>.Refused(found.Problems)
            : Look(rally with { Edition = compiled.Value.Edition }, compiled.Value);
    }

    /// <summary>Looks through the entries of a rally whose edition has been made ready.</summary>
    private static Result<OpenedRally> Look(Rally rally, CompiledEdition begun)
    {
        // What was recorded is understood by the edition before any cut; what counts, by what is left of it.
        var editions = new ChangedEditions(begun, rally.Entries);
        var (entries, aside, received) = SetAside.Sort(
            editions,
            KnownSubjects.Of(rally.Teams, rally.Entries),
            rally.Entries
        );
        var stands = StandingLog.Of(entries);
        var places = PlacesIn(rally.Entries);
        var roster = new Roster(rally, stands, places);
        var references = stands.OfType<Entry.ReferenceAdded>().ToList();
        var standing = stands.Where(e => e.ChangesEdition).ToLookup(e => e.Round);
        var differing = new[]
        {
            editions.Rounds,
            roster.Rounds,
            references.Select(r => r.Round).DefaultIfEmpty(0).Max(),
            standing.Select(g => g.Key).DefaultIfEmpty(0).Max() + 1,
        }.Max();
        var runs = new List<RunRound>();
        for (var round = 1; round <= differing; round++)
        {
            var changed = editions.Now(round);
            var cut = LessonCuts.Lay(changed.Edition, standing[round]);
            var run = ReferenceEquals(cut, changed.Edition)
                ? Result<CompiledEdition>.Ok(changed)
                : CompiledEdition.For(cut);
            if (!run.IsOk)
                return Result<OpenedRally>.Refused([.. run.Problems.Select(p => p.Under("/edition/brief"))]);
            runs.Add(
                new(round, run.Value, roster.In(round), runs.LastOrDefault())
                {
                    BriefChanges = editions.ChangesIn(round),
                    References = Reference.In(references, round),
                }
            );
        }

        var forbidden = Charges.Forbidden(stands, places, runs).ToList();
        if (forbidden.Count > 0)
        {
            var gone = forbidden.Select(f => f.Entry.Id).ToHashSet();
            (stands, entries) = (
                stands.Where(e => !gone.Contains(e.Id)),
                [.. entries.Where(e => !gone.Contains(e.Id))]
            );
            aside = SetAside.With(aside, forbidden);
        }

        return Result<OpenedRally>.Ok(
            new(rally with { Teams = roster.All, Entries = entries })
            {
                Joined = rally.Teams,
                Begun = begun,
                Received = received,
                Stands = Charges.Lay(stands, places, runs, editions),
                Aside = aside,
                Runs = runs,
                _editions = editions,
            }
        );
    }

    /// <summary>
    /// The rally with one more entry that was accepted. Only what can change other entries, or was written by an
    /// earlier brief, makes it necessary to look through all of them again.
    /// </summary>
    public Result<OpenedRally> With(Entry accepted)
    {
        if (Received.Count >= Limits.Entries)
            return Result<OpenedRally>.Refused(
                new Problem(
                    "",
                    $"This rally has {Limits.Entries} entries, and no more fit.",
                    "Start another rally with the same teams."
                )
            );
        IReadOnlyList<Entry> received = [.. Received, accepted];
        return
            accepted.ChangesOthers(In(accepted.Round).Compiled.Brief.Trials)
            || !ReferenceEquals(Editions.When(accepted, Received.Count), Editions.Now(accepted.Round))
            ? Look(Rally with { Teams = Joined, Entries = received }, Begun)
            : Result<OpenedRally>.Ok(
                this with
                {
                    Rally = Rally with { Entries = [.. Rally.Entries, accepted] },
                    Received = received,
                    Stands = accepted is Entry.Purchased bought
                        ? Charges.Lay(Stands, bought, Places, In(accepted.Round), Editions)
                        : Stands.With(accepted),
                    _places = null,
                }
            );
    }

    private static void CheckTeams(IReadOnlyList<Team> teams, ProblemCollector found)
    {
        found.Unless(teams.Count > 0, "/teams", "There are no teams yet.", "Type at least one team's name.");
        found.Count(teams, Limits.Teams, "/teams", "teams");
        var ids = new HashSet<TeamId>();
        var names = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var signs = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        for (var i = 0; i < teams.Count; i++)
        {
            var team = teams[i];
            found.Unless(
                team.Id.Value.Length is > 0 and <= 40 && ids.Add(team.Id),
                $"/teams/{i}/id",
                "The team's id is empty, too long or used twice.",
                "Give each team its own id of at most 40 characters."
            );
            found.NotEmpty(team.Name, $"/teams/{i}/name", "A team has no name.", "Type a name, or take the line out.");
            Roster.CheckTeam(team.Name, team.ShortCode, team.Members, $"/teams/{i}", found);
            Roster.CheckPennant(team.Pennant, $"/teams/{i}", found);
            found.Unless(
                names.Add(team.Name.Trim()),
                $"/teams/{i}/name",
                $"Two teams are called “{ProblemCollector.Short(team.Name)}”.",
                "Give each team its own name."
            );
            found.Unless(
                team.ShortCode.Length == 0 || signs.Add(team.ShortCode),
                $"/teams/{i}/callSign",
                $"Two teams have the short code {ProblemCollector.Short(team.ShortCode)}.",
                "Give each team its own."
            );
        }
    }
}
