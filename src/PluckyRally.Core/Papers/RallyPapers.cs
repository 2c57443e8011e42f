using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Score;

namespace PluckyRally.Core.Papers;

/// <summary>What can be printed of a rally's round beside what the stations have.</summary>
/// <param name="Brief">What comes of the brief as it is run.</param>
/// <param name="Standings">The standings, the whole way of every team written out.</param>
/// <param name="Certificates">One a team that takes part.</param>
/// <param name="Home">The note home of each team.</param>
public sealed record RallyPapers(
    BriefPapers Brief,
    Standings Standings,
    IReadOnlyList<Certificate> Certificates,
    IReadOnlyList<NoteHome> Home
)
{
    /// <summary>The standing over the rounds; absent where there is none.</summary>
    public RoundsStanding? Rounds { get; init; }

    /// <summary>At how many tables its teams are tested on its fair day; 1 where it is on none.</summary>
    public int Tables { get; init; } = 1;

    /// <summary>The papers of a round.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round.</param>
    /// <param name="standings">Its standings.</param>
    /// <param name="day">What its certificates say on a fair day; absent on any other.</param>
    public static RallyPapers Of(OpenedRally opened, int round, Standings standings, PlacesOfDay? day = null)
    {
        var run = opened.In(round);
        var certificates = Certificate.All(
            run,
            standings,
            day ?? new(PartPlace.All(opened.Result(round))),
            ofDay: day is not null
        );
        return new(BriefPapers.Of(run.Compiled), standings, certificates, NoteHome.All(run, standings, certificates))
        {
            Rounds = RoundsStanding.Of(opened) is { Over: not null } together ? together : null,
        };
    }
}

/// <summary>What a team takes home on the wall.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Members">Who is in it.</param>
/// <param name="Place">Its place in words; empty where it has none, or nobody is ranked.</param>
/// <param name="Awards">The awards that it won, by name.</param>
/// <param name="Best">What it did best, in a sentence; empty while nothing is recorded of it.</param>
public sealed record Certificate(
    TeamId Team,
    string Name,
    IReadOnlyList<string> Members,
    string Place,
    IReadOnlyList<string> Awards,
    string Best
)
{
    internal static IReadOnlyList<Certificate> All(RunRound run, Standings standings, PlacesOfDay places, bool ofDay) =>
        [
            .. from team in run.Present
            join row in standings.Rows on team.Id equals row.Team
            select new Certificate(
                team.Id,
                team.Name,
                [.. team.Students.Select(p => p.Name)],
                ofDay ? places.Places.GetValueOrDefault(team.Id, "") : PlaceIn(standings, row),
                [.. standings.Awards.Where(a => a.Teams.Contains(team.Id)).Select(a => a.Name)],
                AtItsBest(row, places)
            ),
        ];

    private static string PlaceIn(Standings standings, Standing row) =>
        standings is { Ranking: true, Provisional: false } && row is { Status: StandingStatus.Placed, Place: { } place }
            ? PaperWords.PlaceWon(
                place,
                standings.Rows.Count(r => r.Place == place) > 1,
                standings.Rows.Count(r => r.Status == StandingStatus.Placed)
            )
            : "";

    /// <summary>
    /// Where a team stood highest: the part with the best place among the teams that place. In the lower half of every
    /// part, or without a place, what it gained since the round before, else what it reached: a certificate says what
    /// somebody did.
    /// </summary>
    private static string AtItsBest(Standing row, PlacesOfDay of)
    {
        var places = of.Parts;
        var scored = row
            .Parts.Where(p => p is { State: PartState.Scored, ValueText.Length: > 0 } && p.Points is not null)
            .ToList();
        if (scored.Count == 0)
            return row.Musts.Count > 0 && row.Musts.All(m => m.State is RuleState.Met or RuleState.NotChecked)
                ? PaperWords.AllMet(row.Musts.Count)
                : "";
        var best = scored.MinBy(p => places.GetValueOrDefault((row.Team, p.Part))?.Place ?? int.MaxValue)!;
        if (places.GetValueOrDefault((row.Team, best.Part)) is { Of: > 1 } place && place.Place * 2 <= place.Of + 1)
            return PaperWords.Among(PaperWords.BestAt(best.Name, best.ValueText, place), of.Among);
        return scored.Find(p => SinceWords.IsBetter(p.SinceLastRound)) is { } gained
            ? PaperWords.Gained(gained.Name, gained.SinceLastRound)
            : PaperWords.Reached(best.Name, best.ValueText);
    }
}

/// <summary>A note for the people at home. It names no child but the one who takes it.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="For">The students in it, a note each; none where they are not known.</param>
/// <param name="Did">What was done.</param>
/// <param name="Found">What the class found out.</param>
/// <param name="Own">What the team reached; empty where nothing is recorded.</param>
public sealed record NoteHome(
    TeamId Team,
    string Name,
    IReadOnlyList<string> For,
    IReadOnlyList<string> Did,
    IReadOnlyList<string> Found,
    string Own
)
{
    /// <summary>A note is a few lines.</summary>
    private const int MostFindings = 3;

    internal static IReadOnlyList<NoteHome> All(
        RunRound run,
        Standings standings,
        IReadOnlyList<Certificate> certificates
    )
    {
        var brief = run.Compiled.Brief;
        var names = run.Teams.SelectMany(t => t.Students).Select(p => p.Name).ToList();

        // What the class found is for every home: a sentence with a student's name in it stays in school.
        var found = standings
            .Findings.Where(f => !names.Any(n => f.Contains(n, StringComparison.OrdinalIgnoreCase)))
            .Take(MostFindings)
            .ToList();
        return
        [
            .. certificates.Select(c => new NoteHome(
                c.Team,
                c.Name,
                c.Members,
                [.. new[] { brief.Goal, brief.Question }.Where(t => t.Length > 0)],
                found,
                c.Best
            )),
        ];
    }
}
