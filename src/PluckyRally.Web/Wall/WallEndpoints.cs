using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Debriefs;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Core.Teams;
using PluckyRally.Core.Time;
using PluckyRally.Data.Photos;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Photos;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Run;
using PluckyRally.Web.Score;

namespace PluckyRally.Web.Wall;

/// <summary>The wall: what a class may see from its seats, and no more.</summary>
internal static class WallEndpoints
{
    public static void MapWall(this IEndpointRouteBuilder api)
    {
        var wall = api.MapGroup("/rallies/{id:guid}/wall").WithTags("Wall").For(Operation.SeeWall);
        wall.MapGet("", Open).WithName("openWall").AddEndpointFilter<StateTag>();
        wall.MapGet("/clock", Clock).WithName("readWallClock");
        wall.MapGet("/board", Board).WithName("openBoard").AddEndpointFilter<StateTag>();
        wall.MapGet("/plot", Picture).WithName("openPlotOnWall").AddEndpointFilter<StateTag>();
        wall.MapGet("/gallery", Side).WithName("openGalleryOnWall");
        wall.MapGet("/photos/{photo:guid}", Photo).WithName("showPhotoOnWall");
    }

    private static async Task<Results<Ok<RallyOnWall>, Missing, Refused>> Open(
        RallyId id,
        RallyLog log,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(RallyOnWall.Of(id, found.Opened.Value, await log.Together(id, stop), round))
            : new Refused(found.Opened.Problems);
    }

    private static Task<Results<Ok<ClockOnWall>, Missing, Refused>> Clock(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        TimeProvider time,
        CancellationToken stop,
        int round = 1,
        [FromHeader] int? announced = null
    ) =>
        log.Open(id, stop)
            .AsAnnounced(rounds, announced)
            .InRound(round, async (found, _) =>
            {
                var clock = await log.Together(id, stop) is { Count: > 1 } lesson
                    ? ClockOnWall.Of(lesson, round)
                    : rounds.Clock(found, round);
                return clock with { Now = time.GetUtcNow() };
            });

    private static Task<Results<Ok<BoardOnWall>, Missing, Refused>> Board(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1,
        [FromHeader] int? announced = null
    ) =>
        log.Open(id, stop)
            .AsAnnounced(rounds, announced)
            .InRound(round, (found, rally) =>
            {
                var shown = LessonClock.Of(rally, round).Wall;
                return Core.Results.Board.Of(rally, shown.Round, shown.Of) is { } board
                    ? BoardOnWall.Of(board, shown.Revealed)
                    : BoardOnWall.Of(rounds.Standings(found, shown.Round), shown.Revealed);
            });

    /// <summary>All that teams made, as the teacher chose to show it.</summary>
    private static Task<Results<Ok<GalleryOnWall>, Missing, Refused>> Side(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        PhotoAlbum album,
        CancellationToken stop,
        int round = 1,
        [FromHeader] int? announced = null
    ) =>
        log.Open(id, stop)
            .AsAnnounced(rounds, announced)
            .InRound(round, async (_, rally) =>
                LessonClock.Of(rally, round).Wall is { Shows: WallShows.Gallery, Gallery: { } chosen, Round: var of }
                    ? GalleryOnWall.Of(
                        Gallery.Of(rally, of, chosen.Figure),
                        chosen.Names,
                        (await album.Of(id, stop)).Where(p => p.Round == of).ToLookup(p => p.TeamId, p => p.Id)
                    )
                    : new([], [])
            );

    /// <summary>A photo of the gallery, while the wall shows it.</summary>
    private static async Task<Results<PhysicalFileHttpResult, Missing>> Photo(
        RallyId id,
        Guid photo,
        HttpContext context,
        RallyLog log,
        PhotoAlbum album,
        CancellationToken stop,
        int round = 1
    ) =>
        await log.Open(id, stop) is { Opened: { IsOk: true } opened }
        && LessonClock.Of(opened.Value, round).Wall.Shows == WallShows.Gallery
            ? await PhotoEndpoints.Show(id, photo, context, album, stop)
            : new Missing("photo");

    /// <summary>The picture that the teacher chose, and no other.</summary>
    private static Task<Results<Ok<PlotOnWall>, Missing, Refused>> Picture(
        RallyId id,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop,
        int round = 1,
        [FromHeader] int? announced = null
    ) =>
        log.Open(id, stop)
            .AsAnnounced(rounds, announced)
            .InRound(round, (_, rally) =>
            {
                var shown = LessonClock.Of(rally, round).Wall
                    is { Shows: WallShows.Plot or WallShows.Question, Plot: { } chosen, Round: var of }
                    ? chosen.Of(rally, of)
                    : null;
                return new PlotOnWall(shown is null ? null : shown with { Table = new([], []) });
            });
}

/// <summary>A picture on a wall; its table stays on the desk.</summary>
/// <param name="Plot">The picture; absent where nothing is known of it yet.</param>
public sealed record PlotOnWall(Plot? Plot);

/// <summary>All that teams made, on a wall.</summary>
/// <param name="Cards">The teams' work, the best first.</param>
/// <param name="Says">What the class saw, counted against the figure.</param>
public sealed record GalleryOnWall(IReadOnlyList<CardOnWall> Cards, IReadOnlyList<string> Says)
{
    internal static GalleryOnWall Of(Gallery gallery, bool names, ILookup<TeamId, Guid> photos) =>
        new(
            [
                .. gallery.Cards.Select(c => new CardOnWall(
                    names ? c.Team : default,
                    names ? c.Name : "",
                    c.Value,
                    c.Labels,
                    [.. c.Tags.Select(t => t.Word)],
                    photos[c.Team].Select(p => (Guid?)p).LastOrDefault()
                )),
            ],
            [.. gallery.Tags.Select(t => t.Says).Where(s => s.Length > 0)]
        );
}

/// <summary>What a team made, on a wall.</summary>
/// <param name="Team">The team's id; empty where names are not shown.</param>
/// <param name="Name">The team's name; empty where names are not shown.</param>
/// <param name="Value">The figure that it is in order by.</param>
/// <param name="Labels">How it is described.</param>
/// <param name="Tags">The tags of the class on it.</param>
/// <param name="Photo">Its last photo of the round; absent where there is none.</param>
public sealed record CardOnWall(
    TeamId Team,
    string Name,
    string Value,
    IReadOnlyList<string> Labels,
    IReadOnlyList<string> Tags,
    Guid? Photo
);

/// <summary>A rally as a wall shows it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Goal">What is to be built, in a sentence.</param>
/// <param name="IfLate">What being late costs.</param>
/// <param name="Teams">The teams; not who is in them.</param>
/// <param name="Criteria">What the design must do, as on the student sheet.</param>
/// <param name="Limits">The constraints of the student sheet.</param>
/// <param name="Cautions">The cautions of the student sheet.</param>
public sealed record RallyOnWall(
    RallyId Id,
    string Name,
    string Title,
    string Goal,
    string IfLate,
    IReadOnlyList<TeamNamed> Teams,
    IReadOnlyList<string> Criteria,
    IReadOnlyList<string> Limits,
    IReadOnlyList<string> Cautions
)
{
    /// <summary>The cards that were drawn in the round and hold in it, the last one first.</summary>
    public IReadOnlyList<DrawnOnWall> Drawn { get; init; } = [];

    /// <summary>Where it is run with others: the lesson of all tiers; absent where it is run alone.</summary>
    public LessonOnWall? Lesson { get; init; }

    internal static RallyOnWall Of(RallyId id, OpenedRally opened, IReadOnlyList<KeptRally> lesson, int round)
    {
        var run = opened.In(round);
        var brief = run.Compiled.Brief;
        var sheet = StudentSheet.Of(brief, run.Compiled);
        return new(
            id,
            opened.Rally.Name,
            brief.Title,
            brief.Goal,
            brief.Timing.IfLate,
            [.. run.Teams.Select(t => TeamNamed.Of(run, t))],
            sheet.Criteria,
            sheet.Constraints,
            sheet.Safety
        )
        {
            Lesson = lesson.Count > 1 ? LessonOnWall.Of(lesson, id, round) : null,
            Drawn =
            [
                .. from drawn in opened.Stands.In(round).OfType<Entry.CardDrawn>().Reverse()
                let deal = brief.Deals.FirstOrDefault(d => d.Id == drawn.Deal)
                let card = deal?.Cards.FirstOrDefault(c => c.Id == drawn.Card)
                where card is not null
                select new DrawnOnWall(drawn.Team, CardShown.Of(brief, deal, card)),
            ],
        };
    }
}

/// <summary>What a wall shows of a lesson of several tiers.</summary>
/// <param name="Name">What the class is called, without its tiers.</param>
/// <param name="Beside">The rallies that are run with it.</param>
/// <param name="Teams">The teams of all tiers.</param>
/// <param name="Criteria">What the design must do; what is one tier's alone says so.</param>
/// <param name="Limits">The constraints, likewise.</param>
/// <param name="Cautions">The cautions, likewise.</param>
public sealed record LessonOnWall(
    string Name,
    IReadOnlyList<RallyId> Beside,
    IReadOnlyList<TeamNamed> Teams,
    IReadOnlyList<string> Criteria,
    IReadOnlyList<string> Limits,
    IReadOnlyList<string> Cautions
)
{
    internal static LessonOnWall Of(IReadOnlyList<KeptRally> lesson, RallyId own, int round)
    {
        var opened = lesson.Opened();
        var runs = opened.Rallies.Select(r => r.In(round)).ToList();
        var sheets = runs.Select(r => (r.Compiled.Edition.Tier, Sheet: StudentSheet.Of(r.Compiled.Brief, r.Compiled)))
            .ToList();
        return new(
            opened.Name,
            [.. lesson.Select(r => r.Stored.Id).Where(id => id != own)],
            [.. runs.SelectMany(r => r.Teams.Select(t => TeamNamed.Of(r, t)))],
            TierLines.Of([.. sheets.Select(s => (s.Tier, s.Sheet.Criteria))]),
            TierLines.Of([.. sheets.Select(s => (s.Tier, s.Sheet.Constraints))]),
            TierLines.Of([.. sheets.Select(s => (s.Tier, s.Sheet.Safety))])
        );
    }
}

/// <summary>A card that was drawn, as the wall shows it.</summary>
/// <param name="Team">The team that holds it; empty where it is for all.</param>
/// <param name="Card">The card.</param>
public sealed record DrawnOnWall(TeamId Team, CardShown Card);

/// <summary>The clock as a wall shows it.</summary>
/// <param name="Clock">The clock.</param>
/// <param name="Teams">The teams in the order in which they are tested.</param>
/// <param name="Question">The question that the wall shows; absent where it shows none.</param>
/// <param name="Answers">What was answered to it, the newest first.</param>
/// <param name="Last">In the test: what was read last, the newest first.</param>
/// <param name="Places">How many places the board that hangs there reveals; 0 where none does.</param>
/// <param name="OnWall">The rally whose board, picture or question it is.</param>
/// <param name="Now">The server's time.</param>
public sealed record ClockOnWall(
    LessonClock Clock,
    IReadOnlyList<TeamOnWall> Teams,
    string? Question,
    IReadOnlyList<string> Answers,
    IReadOnlyList<string> Last,
    int Places,
    RallyId OnWall,
    DateTimeOffset Now
)
{
    /// <summary>More readings than these are old news.</summary>
    private const int Readings = 3;

    /// <summary>More answers than these would turn for too long.</summary>
    private const int Spoken = 12;

    internal static ClockOnWall Of(IReadOnlyList<KeptRally> together, int round)
    {
        var lesson = together.Opened();
        var (opened, clock) = (lesson.OnWall, LessonClock.Of(lesson, round));
        var questions = opened.In(clock.Wall.Round).Compiled.Brief.Teacher.Questions;
        return new(
            clock,
            [
                .. ClassState
                    .Of(lesson.Present(round), lesson.Stands, round)
                    .Select(t => new TeamOnWall(t.Team, t.Cleared is not null, t.Late is not null)),
            ],
            clock.Wall is { Shows: WallShows.Question, Question: var number }
            && number >= 1
            && number <= questions.Count
                ? questions[number - 1]
                : null,
            clock.Wall is { Shows: WallShows.Question, Question: var asked }
                ? [.. HeldAnswers.Shown(opened.Stands, clock.Wall.Round, asked).Take(Spoken)]
                : [],
            clock.Phase is { Kind: PhaseKind.Test } ? LogLine.LastTried(lesson, round, Readings) : [],
            BoardOnWall.PlacesOf(opened, clock.Wall),
            together.IdOf(opened),
            default
        );
    }
}

/// <summary>Where a team stands in the lesson.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Cleared">Whether its plan is approved.</param>
/// <param name="Late">Whether it came late.</param>
public sealed record TeamOnWall(TeamId Team, bool Cleared, bool Late);

/// <summary>The standings as far as they are revealed. Nothing in it depends on what is not.</summary>
/// <param name="Wins">Which total wins.</param>
/// <param name="WinsText">The same as a sentence for the class.</param>
/// <param name="Ranking">Whether teams have places; without, each stands by itself and nothing is revealed.</param>
/// <param name="Rows">The revealed places, from the last.</param>
/// <param name="References">What the whole class is compared with.</param>
public sealed record BoardOnWall(
    WinningDirection Wins,
    string WinsText,
    bool Ranking,
    IReadOnlyList<RowOnWall> Rows,
    IReadOnlyList<ReferenceOnWall> References
)
{
    /// <summary>What it is of; empty for the totals.</summary>
    public string Title { get; init; } = "";

    /// <summary>Whether it is of all rounds together, and not of one.</summary>
    public bool OverRounds { get; init; }

    /// <summary>How many places there are, revealed and not.</summary>
    public int Places { get; init; }

    /// <summary>How many teams have no place, as long as they are not named.</summary>
    public int WithoutPlace { get; init; }

    /// <summary>How many places a wall reveals: those of its board; 0 where no board hangs there.</summary>
    internal static int PlacesOf(OpenedRally opened, WallShown shown) =>
        shown.Shows != WallShows.Board
            ? 0
            : Core.Results.Board.Of(opened, shown.Round, shown.Of)?.Places
                ?? opened.Result(shown.Round).Standings.Places;

    internal static BoardOnWall Of(Board board, int revealed) =>
        new(
            board.Better == Better.More ? WinningDirection.Highest : WinningDirection.Lowest,
            board.WinsText,
            true,
            [
                .. board
                    .Revealed(revealed)
                    .Rows.Select(r => new RowOnWall(
                        r.Team,
                        r.Name,
                        r.Place is null ? StandingStatus.Unfinished : StandingStatus.Placed,
                        r.Place,
                        r.Value,
                        r.Text,
                        []
                    )),
            ],
            []
        )
        {
            Title = board.Title,
            OverRounds = board.OverRounds,
            Places = board.Places,
            WithoutPlace = revealed < board.Places ? board.Rows.Count - board.Places : 0,
        };

    internal static BoardOnWall Of(Standings standings, int revealed) =>
        new(
            standings.Wins,
            standings.WinsText,
            standings.Ranking,
            [
                .. (standings.Ranking ? standings.Revealed(revealed) : standings)
                    .Rows.Where(r => r.Status != StandingStatus.Away)
                    .Select(r => RowOnWall.Of(r, standings.Ranking)),
            ],
            [.. standings.References.Where(r => r.Reference.Of == default).Select(ReferenceOnWall.Of)]
        )
        {
            Places = standings.Places,
            WithoutPlace =
                standings.Ranking && revealed < standings.Places
                    ? standings.Rows.Count(r => r.Status != StandingStatus.Away) - standings.Places
                    : 0,
        };
}

/// <summary>Something that the class is compared with.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Purpose">Control, to beat, or by hand.</param>
/// <param name="Total">Its total; absent where it has none.</param>
/// <param name="Says">What it came to: its total, or its values.</param>
public sealed record ReferenceOnWall(string Name, Purpose Purpose, decimal? Total, string Says)
{
    internal static ReferenceOnWall Of(ReferenceStanding row) =>
        new(
            row.Reference.Name,
            row.Reference.Purpose,
            row.Total,
            row.TotalText.Length > 0
                ? row.TotalText
                : string.Join(", ", row.Parts.Where(p => p.ValueText.Length > 0).Select(p => $"{p.Name} {p.ValueText}"))
        );
}

/// <summary>A revealed place.</summary>
/// <param name="Team">The team's id.</param>
/// <param name="Name">The team's name.</param>
/// <param name="Status">Whether it has a place.</param>
/// <param name="Place">The place, from 1; absent where it has none.</param>
/// <param name="Total">The total; absent where it has none.</param>
/// <param name="TotalText">The total as it is shown.</param>
/// <param name="Met">Where teams have no places: what was met, a line each.</param>
public sealed record RowOnWall(
    TeamId Team,
    string Name,
    StandingStatus Status,
    int? Place,
    decimal? Total,
    string TotalText,
    IReadOnlyList<string> Met
)
{
    internal static RowOnWall Of(Standing row, bool ranking) =>
        ranking
            ? row.Status == StandingStatus.Placed
                ? new(row.Team, row.Name, row.Status, row.Place, row.Total, row.TotalText, [])
                : new(row.Team, row.Name, row.Status, null, null, "", [])
            : new(
                row.Team,
                row.Name,
                row.Status,
                null,
                null,
                "",
                [
                    .. row.Done is { } done ? [done.Length > 0 ? done : "to come"]
                    : row.Musts.Count > 0
                        ? [$"{row.Musts.Count(m => m.State == RuleState.Met)} of {row.Musts.Count} met"]
                    : Array.Empty<string>(),
                    .. row.Targets.Select(t =>
                        $"{t.Name}: {(t.Met switch { true => "reached", false => "not yet", null => "open" })}"
                    ),
                ]
            );
}
