using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Results;
using PluckyRally.Core.Run;
using PluckyRally.Core.Score;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Problems;
using PluckyRally.Web.Score;
using PluckyRally.Web.Wall;

namespace PluckyRally.Web.Run;

/// <summary>
/// Station Run: the clock of the lesson. Its times are the server's, whatever a device's own clock says.
/// </summary>
internal static class RunEndpoints
{
    public static void MapRun(this IEndpointRouteBuilder api)
    {
        var clock = api.MapGroup("/rallies/{id:guid}/clock").WithTags("Run");
        clock.MapGet("", Read).WithName("readClock");
        clock.MapPost("", Set).WithName("setClock").Accepts<ClockTouch>("application/json");
    }

    private static async Task<Results<Ok<ClockRead>, Missing, Refused>> Read(
        RallyId id,
        RallyLog log,
        TimeProvider time,
        CancellationToken stop,
        int round = 1
    )
    {
        if (await log.Open(id, stop) is not { } found)
            return new Missing("rally");
        return found.Opened.IsOk
            ? TypedResults.Ok(Of(found, await log.Together(id, stop), round, time))
            : new Refused(found.Opened.Problems);
    }

    private static async Task<Results<Ok<ClockRead>, Missing, Refused>> Set(
        RallyId id,
        SentJson sent,
        EntryIntake intake,
        RallyLog log,
        TimeProvider time,
        CancellationToken stop,
        int round = 1
    )
    {
        var request = DocumentReader.Request<ClockTouch>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var touch = request.Value.Value;
        if (await intake.Take(id, _ => Result<Entry>.Ok(touch.AsEntry(round)), stop) is not { } recorded)
            return new Missing("rally");
        if (!recorded.IsOk)
            return new Refused(recorded.Problems);
        return TypedResults.Ok(Of(recorded.Value.Rally, await log.Together(id, stop), round, time));
    }

    private static ClockRead Of(KeptRally rally, IReadOnlyList<KeptRally> together, int round, TimeProvider time)
    {
        var (opened, lesson) = (rally.Opened.OrThrow(), together.Opened());
        var clock = LessonClock.Of(lesson, round);
        return new(
            clock,
            lesson.Teams(round),
            LessonCuts.Offers(lesson, round),
            LogLine.OfLesson(opened, round),
            Rounds.IsClosed(opened.Stands, round),
            BoardChoice.All(opened.In(round).Compiled, RoundsStanding.IsChosen(opened)),
            BoardOnWall.PlacesOf(lesson.OnWall, clock.Wall),
            together.IdOf(lesson.OnWall),
            time.GetUtcNow()
        );
    }
}

/// <summary>What a touch on the remote does.</summary>
public enum ClockDoes
{
    /// <summary>Begins a phase; without one the lesson is over.</summary>
    Begin,

    /// <summary>Stops the clock.</summary>
    Pause,

    /// <summary>Lets it go on.</summary>
    Resume,

    /// <summary>Adds minutes.</summary>
    Add,

    /// <summary>Everybody has let go: counts the hold.</summary>
    LetGo,

    /// <summary>Cuts the attempts that each team makes.</summary>
    CutAttempts,

    /// <summary>Tests at more tables, or fewer.</summary>
    OpenPlaces,

    /// <summary>Chooses what the wall shows.</summary>
    Show,

    /// <summary>Begins the next turn of a phase that goes team by team.</summary>
    Turn,
}

/// <summary>A touch on the remote.</summary>
/// <param name="Does">What it does.</param>
/// <param name="Phase">For beginning: the phase's id; empty where the lesson is over. For places: the phase.</param>
/// <param name="Minutes">For adding: how many.</param>
/// <param name="Number">For attempts, places and the board: how many.</param>
/// <param name="Shows">For the wall: what it shows; for a question the number says which.</param>
public sealed record ClockTouch(
    ClockDoes Does,
    string Phase = "",
    decimal Minutes = 0,
    int Number = 0,
    WallShows Shows = WallShows.Clock
)
{
    /// <summary>For a turn: the teams that are on, by id.</summary>
    public IReadOnlyList<TeamId> Teams { get; init; } = [];

    /// <summary>For the wall: the picture that it shows, alone or beside a question.</summary>
    public PlotShown? Plot { get; init; }

    /// <summary>For the wall: what its board is of; empty for the totals.</summary>
    public string Of { get; init; } = "";

    /// <summary>For the wall: how it shows the gallery.</summary>
    public GalleryShown? Gallery { get; init; }

    /// <summary>For the wall: the rallies of the list over all.</summary>
    public Combined? OverAll { get; init; }

    internal Entry AsEntry(int round) =>
        Does switch
        {
            ClockDoes.Begin => new Entry.PhaseBegun
            {
                Id = default,
                Round = round,
                Phase = Phase,
            },
            ClockDoes.Pause => new Entry.ClockPaused { Id = default, Round = round },
            ClockDoes.Resume => new Entry.ClockResumed { Id = default, Round = round },
            ClockDoes.Add => new Entry.MinutesAdded
            {
                Id = default,
                Round = round,
                Minutes = Minutes,
            },
            ClockDoes.LetGo => new Entry.HoldBegun { Id = default, Round = round },
            ClockDoes.CutAttempts => new Entry.AttemptsCut
            {
                Id = default,
                Round = round,
                Attempts = Number,
            },
            ClockDoes.OpenPlaces => new Entry.PlacesOpened
            {
                Id = default,
                Round = round,
                Phase = Phase,
                Places = Number,
            },
            ClockDoes.Show => new Entry.WallSet
            {
                Id = default,
                Round = round,
                Shows = Shows,
                Revealed = Shows == WallShows.Question ? 0 : Number,
                Question = Shows == WallShows.Question ? Number : 0,
                Plot = Shows is WallShows.Plot or WallShows.Question ? Plot : null,
                Of = Shows == WallShows.Board ? Of : "",
                Gallery = Shows == WallShows.Gallery ? Gallery : null,
                OverAll = Shows == WallShows.OverAll ? OverAll : null,
            },
            ClockDoes.Turn => new Entry.TurnBegun
            {
                Id = default,
                Round = round,
                Phase = Phase,
                Teams = Teams,
            },
        };
}

/// <summary>The clock and the class, and what time it is at the server.</summary>
/// <param name="Clock">The clock.</param>
/// <param name="Teams">The teams of the lesson in the order in which they are tested.</param>
/// <param name="Cuts">What would save time.</param>
/// <param name="Log">What was done to the lesson, the newest first.</param>
/// <param name="Closed">Whether the round is closed.</param>
/// <param name="Boards">What can be revealed on the wall.</param>
/// <param name="Places">How many places the board that hangs there reveals; 0 where none does.</param>
/// <param name="OnWall">The rally whose board, picture or questions the wall shows.</param>
/// <param name="Now">The server's time.</param>
public sealed record ClockRead(
    LessonClock Clock,
    IReadOnlyList<TeamInLesson> Teams,
    IReadOnlyList<LessonCut> Cuts,
    IReadOnlyList<LogLine> Log,
    bool Closed,
    IReadOnlyList<BoardChoice> Boards,
    int Places,
    RallyId OnWall,
    DateTimeOffset Now
);
