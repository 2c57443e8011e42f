using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Teams;

/// <summary>The teams of a rally as its log leaves them, round by round.</summary>
internal sealed class Roster
{
    private readonly IReadOnlyList<Team> _begun;
    private readonly IReadOnlyList<Entry.OfTeams> _changes;
    private readonly Dictionary<StudentId, string> _names;

    private readonly IReadOnlyDictionary<EntryId, int> _at;

    /// <param name="rally">The rally with the teams that it was begun with.</param>
    /// <param name="entries">What stands of its log.</param>
    /// <param name="at">How many entries the log had before each of them.</param>
    public Roster(Rally rally, StandingLog entries, IReadOnlyDictionary<EntryId, int> at)
    {
        _begun = rally.Teams;
        _at = at;
        _changes = [.. entries.OfType<Entry.OfTeams>()];
        _names = rally
            .Teams.SelectMany(t => t.Students)
            .Select(p => new Student(p.Id, p.Name))
            .Concat(rally.Latecomers)
            .DistinctBy(p => p.Id)
            .ToDictionary(p => p.Id, p => p.Name);
    }

    /// <summary>So many rounds can have other teams than the round after.</summary>
    public int Rounds => _changes.Select(c => c.HoldsIn(c.Round + 1) ? c.Round : c.Round + 1).DefaultIfEmpty(0).Max();

    /// <summary>The teams in a round: what was said for an earlier one holds on.</summary>
    public IReadOnlyList<Team> In(int round) =>
        _changes
            .Where(c => c.HoldsIn(round))
            .OrderBy(c => c.Round)
            .Aggregate(_begun, (teams, change) => change.Apply(teams, this));

    /// <summary>Every team that there ever was, as it is called last.</summary>
    public IReadOnlyList<Team> All => In(int.MaxValue);

    /// <summary>How many entries the log had before this one.</summary>
    public int At(Entry.OfTeams entry) => _at[entry.Id];

    /// <summary>What a student is called who is in none of the teams.</summary>
    public string NameOf(StudentId student) => _names.GetValueOrDefault(student, "A student");

    /// <summary>
    /// The teams that entries may name: those that were there at first, and those that came later and were not struck
    /// out.
    /// </summary>
    public static IReadOnlyList<Team> Named(IReadOnlyList<Team> begun, IReadOnlyList<Entry> received)
    {
        if (!received.Any(e => e is Entry.TeamJoined))
            return begun;
        var ids = begun.Select(t => t.Id).ToHashSet();
        return
        [
            .. begun,
            .. StandingLog
                .Of(received)
                .OfType<Entry.TeamJoined>()
                .Where(j => ids.Add(j.Team))
                .Select(j => new Team { Id = j.Team, Name = j.Name }),
        ];
    }

    /// <summary>What keeps a team from having a pennant.</summary>
    public static void CheckPennant(int? pennant, string at, ProblemCollector found) =>
        found.Unless(
            pennant is null or (>= 0 and < Limits.Teams),
            $"{at}/pennant",
            "There is no such pennant.",
            $"Use 0 to {Limits.Teams - 1}."
        );

    /// <summary>What keeps a team from being called so.</summary>
    public static void CheckTeam(string name, string shortCode, int members, string at, ProblemCollector found)
    {
        found.Length(name, Limits.Name, $"{at}/name", "The team's name");
        found.Unless(
            shortCode.Length == 0 || (shortCode.Length <= 2 && shortCode.All(char.IsLetterOrDigit)),
            $"{at}/callSign",
            $"“{ProblemCollector.Short(shortCode)}” is not a short code.",
            "Use one or two letters or digits."
        );
        found.Unless(
            members is >= 0 and <= 1000,
            $"{at}/members",
            "The number of members is out of range.",
            "Use 0 where it is not known."
        );
    }

    /// <summary>What was drawn or dealt once is drawn again only with a reason.</summary>
    public static void CheckAgain(bool before, string reason, ProblemCollector found) =>
        found.Unless(
            !before || !string.IsNullOrWhiteSpace(reason),
            "/reason",
            "It was drawn before, and nothing says why it is drawn again.",
            "Write in a few words why."
        );

    /// <summary>Whether id, name and short code are free; what is empty is not looked at.</summary>
    public static void CheckFree(
        IReadOnlyList<Team> teams,
        TeamId id,
        string name,
        string shortCode,
        ProblemCollector found
    )
    {
        found.Unless(
            id == default || teams.All(t => t.Id != id),
            "/team",
            "There is a team of this id already.",
            "Give the team an id of its own."
        );
        found.Unless(
            name.Length == 0 || teams.All(t => !t.Name.Trim().Equals(name.Trim(), StringComparison.OrdinalIgnoreCase)),
            "/name",
            $"Another team is called “{ProblemCollector.Short(name)}”.",
            "Give each team its own name."
        );
        found.Unless(
            shortCode.Length == 0 || teams.All(t => !t.ShortCode.Equals(shortCode, StringComparison.OrdinalIgnoreCase)),
            "/callSign",
            $"Another team has the short code {ProblemCollector.Short(shortCode)}.",
            "Give each team its own."
        );
    }
}
