using PluckyRally.Core.Ids;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;

namespace PluckyRally.Core.Score;

/// <summary>
/// The sheets of all teams in a round, without their logs. When the log has grown, only what that touched is worked out
/// anew.
/// </summary>
public sealed class RoundSheets
{
    /// <summary>From so many teams on it is quicker to work out all of them.</summary>
    private const int Several = 8;

    private readonly Dictionary<TeamId, TeamSheet> _byTeam;

    private RoundSheets(
        OpenedRally opened,
        int round,
        LastTouched touched,
        IReadOnlyList<TeamSheet> sheets,
        IReadOnlyList<TeamSheet> references
    )
    {
        (Opened, Round, Touched, Sheets, References) = (opened, round, touched, sheets, references);
        _byTeam = All.ToDictionary(s => s.Team);
    }

    /// <summary>The rally that they are of.</summary>
    public OpenedRally Opened { get; }

    /// <summary>The round, from 1.</summary>
    public int Round { get; }

    /// <summary>
    /// The sheets in the order in which teams are tested. One that nothing has touched says as of how many entries it
    /// was worked out, and is still right.
    /// </summary>
    public IReadOnlyList<TeamSheet> Sheets { get; }

    /// <summary>The sheets of the comparisons.</summary>
    public IReadOnlyList<TeamSheet> References { get; }

    /// <summary>The sheets of the teams, then those of the comparisons.</summary>
    public IEnumerable<TeamSheet> All => Sheets.Concat(References);

    /// <summary>When each of them last changed.</summary>
    public LastTouched Touched { get; }

    /// <summary>How many entries the log had.</summary>
    public int AsOf => Opened.Received.Count;

    /// <summary>The round as it is run.</summary>
    private RunRound Run => Opened.In(Round);

    /// <summary>Whether the points of every team can change with every entry.</summary>
    public bool PointsHangOnOthers => Run.Compiled.ComparesTeams || Run.Compiled.RewardsFirst;

    /// <summary>
    /// The sheet that is opened where none was chosen: of the first team in the order that has not finished, or else of
    /// the first; null without a team.
    /// </summary>
    public TeamSheet? Due =>
        Sheets.FirstOrDefault(s => s.Status == StandingStatus.Unfinished) ?? (Sheets is [var first, ..] ? first : null);

    /// <summary>How many teams have not finished.</summary>
    public int Unfinished => Sheets.Count(s => s.Status == StandingStatus.Unfinished);

    /// <summary>How many attempts teams could still make that have finished already.</summary>
    public int AttemptsOpen =>
        Run.Compiled.TakesAttempts
            ? Sheets
                .Where(s => s is { Status: StandingStatus.Placed, Closed: false })
                .Sum(s => s.Designs.Where(d => d.Counts).Sum(d => d.Open.Count))
            : 0;

    /// <summary>The sheet of a team or of a comparison; null where there is none of this id.</summary>
    public TeamSheet? For(TeamId team) => _byTeam.GetValueOrDefault(team);

    /// <summary>Works out all sheets of a round.</summary>
    /// <param name="opened">The rally.</param>
    /// <param name="round">The round, from 1.</param>
    public static RoundSheets Of(OpenedRally opened, int round) =>
        new(opened, round, LastTouched.Of(opened), TeamSheet.Of(opened, round), TeamSheet.OfReferences(opened, round));

    /// <summary>The sheets of the same rally later.</summary>
    /// <param name="now">The rally with what was recorded since.</param>
    /// <param name="points">
    /// Whether points are to be right too. Where a curve compares teams, those of every team can change with every
    /// entry, and all sheets are worked out; what a judge sees does not hang on them.
    /// </param>
    public RoundSheets With(OpenedRally now, bool points)
    {
        if (now.Received.Count == AsOf && ReferenceEquals(now, Opened))
            return this;
        var run = now.In(Round);
        if (
            !ReferenceEquals(run.Compiled, Run.Compiled)
            || !ReferenceEquals(run.Teams, Run.Teams)
            || !run.References.SequenceEqual(Run.References)
            || now.Received.Count < AsOf
            || run.Compiled.RewardsFirst
            || (points && run.Compiled.ComparesTeams)
        )
            return Of(now, Round);
        var touched = LastTouched.Of(now);
        var fresh = run.Teams.Where(t => touched.Team(t.Id) > AsOf).ToList();
        if (fresh.Count > Math.Max(Several, run.Teams.Count / 4))
            return Of(now, Round);
        var sheets = fresh.ToDictionary(t => t.Id, t => TeamSheet.Alone(now, t, Round));
        var grown = new RoundSheets(
            now,
            Round,
            touched,
            [
                .. ClassState
                    .Of(run.Teams, now.Stands, Round)
                    .Select(t => sheets.GetValueOrDefault(t.Team) ?? _byTeam[t.Team]),
            ],
            [
                .. run.References.Select(r =>
                    touched.Team(r.Id) > AsOf ? TeamSheet.Alone(now, r.AsTeam, Round) : _byTeam[r.Id]
                ),
            ]
        );
        return run.Compiled.ChoosesByOthers && grown.Sheets.Any(s => s.Designs.Count > 1) ? Of(now, Round) : grown;
    }
}
