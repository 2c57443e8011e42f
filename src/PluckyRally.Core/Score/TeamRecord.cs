using PluckyRally.Core.Briefs;
using PluckyRally.Core.Ids;

namespace PluckyRally.Core.Score;

/// <summary>What was recorded for one team in one round, struck entries left out.</summary>
public sealed class TeamRecord
{
    private TeamRecord(
        Team team,
        IReadOnlyList<Entry> entries,
        IReadOnlyList<Entry> round,
        IReadOnlyDictionary<TeamId, string> names
    )
    {
        Names = names;
        Team = team;
        Entries = entries;
        Round = round;
        Checks = [.. entries.OfType<Entry.RuleChecked>()];
        Once = [.. entries.OfType<Entry.MeasureRead>()];
        OfParts = entries.OfType<Entry.OfPart>().ToLookup(e => e.Part);
        var trials = entries
            .OfType<Entry.TrialRecorded>()
            .Where(t => t.Purpose == Purpose.Score)
            .ToLookup(t => t.Design);
        _tried = [.. entries.Select(e => e.ShowsDesign).OfType<string>()];
        Designs =
            _tried.Count == 0
                ? [new("", this, [])]
                : [.. _tried.Distinct().Select(design => new DesignRecord(design, this, [.. trials[design]]))];
        NamedDesign = entries.OfType<Entry.DesignNoted>().LastOrDefault(d => d.Named)?.Design;
        LastDesign = _tried.Count == 0 ? "" : _tried[^1];
    }

    private readonly List<string> _tried;

    /// <summary>How much had been recorded of designs when one was tried last.</summary>
    internal int LastTrialOf(string design) => _tried.LastIndexOf(design) + 1;

    /// <summary>The attempts of all designs that were recorded first, at most so many.</summary>
    internal IReadOnlyList<Attempt> FirstAttempts(int most)
    {
        var at = Entries.Index().ToDictionary(e => e.Item.Id, e => e.Index);
        return [.. Designs.SelectMany(d => d.Attempts).OrderBy(a => at[a.Trials[0].Id]).Take(most)];
    }

    /// <summary>
    /// How many attempts are used up: of all designs where they are the team's, else of the design that has most.
    /// </summary>
    internal int Used(Trials trials) =>
        trials.AttemptsFor == AttemptsFor.Team
            ? Designs.Sum(d => d.Attempts.Count)
            : Designs.Max(d => d.Attempts.Count);

    /// <summary>What a design is called: its name, or what it was called since.</summary>
    internal string Called(string design) =>
        Entries.OfType<Entry.DesignNoted>().LastOrDefault(n => n.Design == design && n.Called.Length > 0)?.Called
        ?? design;

    /// <summary>The team.</summary>
    public Team Team { get; }

    /// <summary>Every entry of the team in the round.</summary>
    public IReadOnlyList<Entry> Entries { get; }

    /// <summary>The designs that were tried; one nameless one where nothing was.</summary>
    public IReadOnlyList<DesignRecord> Designs { get; }

    /// <summary>The design that was tried last.</summary>
    public string LastDesign { get; }

    /// <summary>The design that the team names; null where it has not said.</summary>
    public string? NamedDesign { get; }

    /// <summary>What all teams are called, by id.</summary>
    internal IReadOnlyDictionary<TeamId, string> Names { get; }

    /// <summary>Whether the round is closed, so that nothing more can come.</summary>
    internal bool RoundIsClosed { get; private init; }

    /// <summary>Every entry of every team in the round, for what depends on who was first.</summary>
    internal IReadOnlyList<Entry> Round { get; }

    internal IReadOnlyList<Entry.RuleChecked> Checks { get; }

    internal IReadOnlyList<Entry.MeasureRead> Once { get; }

    /// <summary>The entries of parts, by the part's id.</summary>
    internal ILookup<string, Entry.OfPart> OfParts { get; }

    /// <summary>The records of all teams in a round, in the order of the teams.</summary>
    public static IReadOnlyList<TeamRecord> Of(IReadOnlyList<Team> teams, StandingLog entries, int round)
    {
        var standing = entries.In(round);
        var byTeam = standing.ToLookup(e => e.Team);

        // Who was first is asked among the teams: a comparison takes nobody's place.
        var ids = teams.Select(t => t.Id).ToHashSet();
        if (byTeam.Any(of => of.Key != default && !ids.Contains(of.Key)))
            standing = standing.Where(e => e.Team == default || ids.Contains(e.Team));
        var names = teams.ToDictionary(t => t.Id, t => t.Name);
        var closed = Rounds.IsClosed(entries, round);
        return
        [
            .. teams.Select(team => new TeamRecord(team, [.. byTeam[team.Id]], standing, names)
            {
                RoundIsClosed = closed,
            }),
        ];
    }
}
