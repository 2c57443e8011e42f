using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Day;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Results;
using PluckyRally.Data.Days;
using PluckyRally.Data.Rallies;
using PluckyRally.Web.Access;
using PluckyRally.Web.Live;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Day;

/// <summary>The board of a fair day: set by the teacher, seen by everybody.</summary>
internal static class DayBoardEndpoints
{
    public static void MapDayBoards(this IEndpointRouteBuilder api)
    {
        var board = api.MapGroup("/days/{id:guid}/board").WithTags("Day");
        board.MapGet("", See).WithName("seeDayBoard").For(Operation.SeeDay);
        board.MapPut("", Set).WithName("setDayBoard").Accepts<BoardOfDay>("application/json");
    }

    private static async Task<Results<NoContent, Missing, Refused>> Set(
        Guid id,
        SentJson sent,
        DayBook book,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<BoardOfDay>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        if (request.Value.Value.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        return await book.Set(id, request.Value.Value, stop) ? TypedResults.NoContent() : new Missing("day");
    }

    private static async Task<Results<Ok<DayBoard>, Missing>> See(
        Guid id,
        DayBook book,
        RallyLog log,
        RoundCache rounds,
        CancellationToken stop
    )
    {
        if (await book.Find(id, stop) is not { } kept)
            return new Missing("day");
        var (day, board) = (kept.Day, kept.Board);
        var found = await DayNow.Find(day, log, rounds, stop);
        return TypedResults.Ok(
            new DayBoard(
                day.Name,
                board.Shows,
                [
                    .. found.Select(r => new RallyOnBoard(
                        r.Opened.Rally.Name,
                        r.Title,
                        r.Slot.Where,
                        r.Slot.From,
                        r.Slot.To,
                        r.Sheets.Sheets.Count(s => s.Status != StandingStatus.Away),
                        r.Sheets.Unfinished,
                        TableNow.Of(r.Sheets, r.Slot.Tables)
                    )),
                ],
                board.Shows switch
                {
                    DayBoardShows.Everything => day.ListOnBoard ? DayNow.Lists(day.Combining, found, rounds) : [],
                    DayBoardShows.List => DayNow.Lists(day.Combining, found, rounds),
                    DayBoardShows.Reveal => DayNow.Lists(day.Combining, found, rounds, board.Revealed),
                    DayBoardShows.Class => DayNow.ByClass(day.Combining, found, rounds),
                    DayBoardShows.Tables or DayBoardShows.Awards => [],
                },
                board.Shows == DayBoardShows.Awards
                    ?
                    [
                        .. found.SelectMany(r =>
                            rounds
                                .Standings(r.Kept, r.Round)
                                .Awards.Where(a => a.Teams.Count > 0)
                                .Select(a => new AwardOnBoard(a.Name, r.Opened.Rally.Name, a.Says))
                        ),
                    ]
                    : []
            )
        );
    }
}

/// <summary>The board of a fair day.</summary>
/// <param name="Name">What the day is called.</param>
/// <param name="Shows">What it shows.</param>
/// <param name="Rallies">The rallies, in the order of the day.</param>
/// <param name="Lists">The lists that it shows, as far as they are revealed.</param>
/// <param name="Awards">The awards that it shows.</param>
public sealed record DayBoard(
    string Name,
    DayBoardShows Shows,
    IReadOnlyList<RallyOnBoard> Rallies,
    IReadOnlyList<ListOfDay> Lists,
    IReadOnlyList<AwardOnBoard> Awards
);

/// <summary>A rally on the board.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Title">The brief's title.</param>
/// <param name="Where">Where.</param>
/// <param name="From">When it begins; absent where that is open.</param>
/// <param name="To">When it ends; absent where that is open.</param>
/// <param name="Teams">Teams that take part.</param>
/// <param name="Left">Teams that are still to be tested.</param>
/// <param name="Tables">Who is at which table, and who comes next.</param>
public sealed record RallyOnBoard(
    string Name,
    string Title,
    string Where,
    TimeOnly? From,
    TimeOnly? To,
    int Teams,
    int Left,
    IReadOnlyList<TableNow> Tables
);

/// <summary>An award on the board.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Class">In which class.</param>
/// <param name="Says">Who has it, and for what.</param>
public sealed record AwardOnBoard(string Name, string Class, string Says);
